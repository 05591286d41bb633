<script setup lang="ts">
import { ChevronRight } from '@lucide/vue'
import { formatMinutes } from '~~/core/units'
import { LEFT, NAMES, type Row, type Zoom } from '../../composables/stack-layout'

/** The evenings themselves: dates at the left, and a strip for each pair of hands as long as they are there. */
defineProps<{
  rows: readonly Row[]
  zoom: Zoom
  stripPx: number
  /** The wall's words for a minute. */
  clock: (minute: number) => string
  /** Names of people, where there are several. */
  personOf?: (worker: number) => string
  /** The strip that something is held over, and whether it may not be laid there. */
  over: string
  refused: boolean
}>()
const px = (value: number): string => `${value}px`
</script>

<template>
  <div
    v-for="row in rows"
    :key="row.sitting.from"
    class="row"
    :class="{ small: zoom === 'season' }"
    :style="{ top: px(row.y), height: px(row.height), width: px(LEFT - 8) }"
  >
    <p class="date font-semibold whitespace-nowrap">{{ formatWeekday(row.sitting.date) }}</p>
    <p v-if="zoom !== 'season'" class="text-[12px] text-soft tabular-nums whitespace-nowrap">
      {{ clock(row.sitting.from) }}–{{ clock(row.sitting.to)
      }}<template v-if="row.sitting.busyMin > 0"> · {{ formatMinutes(row.sitting.busyMin) }}</template>
    </p>
  </div>
  <template v-for="row in rows" :key="row.sitting.from">
    <template v-for="strip in row.strips" :key="strip.worker">
      <div
        v-for="box in strip.open"
        :key="box.x"
        class="strip"
        :class="{ over: over.startsWith(`${row.sitting.from}|${strip.worker}|`), refused }"
        :style="{ left: px(box.x), top: px(box.y), width: px(box.width), height: px(box.height) }"
      >
        <span
          v-if="zoom !== 'season' && box.freeTo !== undefined"
          class="absolute right-1.5 top-1/2 [transform:translateY(-50%)] text-[12px] text-soft"
          >free to {{ clock(box.freeTo) }} <ChevronRight class="inline size-3.5" aria-hidden="true"
        /></span>
      </div>
      <p
        v-if="personOf"
        class="absolute overflow-hidden text-ellipsis whitespace-nowrap pr-1.5 text-[12px] text-soft"
        :style="{ left: px(LEFT), top: px(strip.y), width: px(NAMES), lineHeight: px(stripPx) }"
      >
        {{ personOf(strip.worker) }}
      </p>
    </template>
  </template>
</template>

<style scoped>
.row {
  position: absolute;
  left: 0;
  text-align: right;
  line-height: 1.2;
}
.small .date {
  font-size: 12px;
  font-weight: 450;
}
.strip {
  position: absolute;
  background: var(--color-bench);
  border-radius: 2px;
}
.strip.over {
  background: var(--color-moss-pale);
  outline: 2px solid var(--color-moss);
}
.strip.over.refused {
  background: var(--color-hip-pale);
  outline: 2px dashed var(--color-hip);
}
</style>
