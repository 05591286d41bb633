<script setup lang="ts">
import { personPaths } from '../../drawing/person-outline'
import { formatRatio, standardScaleOf, standardScales } from '~~/core/units'

/** The standard scales as people of 1.75 m at their true relative sizes. */
const props = defineProps<{ ratio: number }>()
const emit = defineEmits<{ pick: [ratio: number] }>()

const PERSON_MM = 1750
const HEIGHT = 92
const scales = [...standardScales].sort((a, b) => a.ratio - b.ratio)
const largest = PERSON_MM / Math.min(...scales.map(({ ratio }) => ratio))
const personPx = (ratio: number): number => (PERSON_MM / ratio / largest) * (HEIGHT - 6)
const path = personPaths.map((points) => `M${points.map(([x, y]) => `${x},${-y}`).join('L')}Z`).join('')
const here = computed(() => standardScaleOf(props.ratio))
/** Where a typed ratio stands between the rungs. */
const between = computed(() => (here.value ? undefined : props.ratio))
</script>

<template>
  <div
    class="grid grid-cols-[repeat(auto-fit,minmax(64px,1fr))] items-end"
    role="group"
    aria-label="Standard scales"
  >
    <button
      v-for="scale in scales"
      :key="scale.ratio"
      type="button"
      class="rung flex flex-col items-center pt-0.5 pb-1 border-b-3 border-b-transparent min-w-0 text-soft"
      :class="{ here: scale === here }"
      :aria-pressed="scale === here"
      :title="scale.source"
      @click="emit('pick', scale.ratio)"
    >
      <svg
        :height="personPx(scale.ratio) + 6"
        width="100%"
        :viewBox="`-26 ${-personPx(scale.ratio) - 5} 52 ${personPx(scale.ratio) + 6}`"
        aria-hidden="true"
      >
        <g :transform="`scale(${personPx(scale.ratio)})`">
          <path :d="path" />
          <circle cx="0" cy="-0.925" r="0.068" />
        </g>
      </svg>
      <span class="text-[13px] font-semibold tabular-nums text-ink">{{ formatRatio(scale.ratio) }}</span>
      <span class="text-[12px] leading-[14px] text-center min-h-7.25">{{ scale.name }}</span>
    </button>
    <p v-if="between !== undefined" class="col-span-full text-[13px] text-soft">
      Yours, {{ formatRatio(between) }}: a person is {{ (PERSON_MM / between).toFixed(1) }} mm tall.
    </p>
  </div>
</template>

<style scoped>
.rung svg {
  fill: var(--color-edge);
  border-bottom: 1px solid var(--color-line);
}
.rung:hover svg {
  fill: var(--color-ink);
}
.here {
  border-bottom-color: var(--color-moss);
  color: var(--color-ink);
}
.here svg {
  fill: var(--color-moss);
}
</style>
