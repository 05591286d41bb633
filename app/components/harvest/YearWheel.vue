<script setup lang="ts">
import { yearShare, type YearSpan } from '~~/core/harvest'
import { arcPath, months, pointAt, RING, ringRadius, SIZE } from './wheel'

/**
 * The year as a wheel: a ring for all that can be gathered, with the weeks in which it can; dashed from sowing to the
 * cut; a mark where planned work will want of it; the hand is today.
 */
const props = defineProps<{
  rings: readonly {
    readonly id: string
    readonly name: string
    readonly stretch?: YearSpan
    readonly sowing?: YearSpan
    readonly isOpen: boolean
    /** Days, ISO, that planned work wants of it, and whether it is lacking then. */
    readonly wants: readonly { readonly on: string; readonly lacking: boolean }[]
  }[]
  today: string
}>()
const chosen = defineModel<string>('chosen')

const outer = computed(() => ringRadius(props.rings.length) + 4)
const arcs = computed(() =>
  props.rings.map(({ id, name, stretch, sowing, isOpen, wants }, i) => {
    const radius = ringRadius(i)
    const arc = (of: YearSpan | undefined, upright = false): string =>
      of ? arcPath(radius, (of.day - 1) / 365, of.days / 365, upright) : ''
    // From sowing to the cut.
    const grows =
      sowing && stretch ? { day: sowing.day, days: (stretch.day - sowing.day + 365) % 365 } : undefined
    return {
      id,
      name,
      isOpen,
      path: arc(stretch),
      words: arc(stretch, true),
      growing: arc(grows),
      wants: wants.map(({ on, lacking }) => ({ ...pointAt(yearShare(on), radius), lacking, on })),
    }
  }),
)
const hand = computed(() => {
  const share = yearShare(props.today)
  return { from: pointAt(share, 34), to: pointAt(share, outer.value + 4), share }
})
const said = computed(() =>
  props.rings
    .filter(({ isOpen }) => isOpen)
    .map(({ name }) => name.toLowerCase())
    .join(', '),
)
</script>

<template>
  <svg
    class="wheel"
    :viewBox="`0 0 ${SIZE} ${SIZE}`"
    role="img"
    :aria-label="`The year: what can be gathered when. Now: ${said === '' ? 'nothing' : said}.`"
  >
    <defs>
      <path v-for="arc in arcs" :id="`ring-${arc.id}`" :key="arc.id" :d="arc.words" />
    </defs>
    <g class="months" aria-hidden="true">
      <template v-for="month in months" :key="month.from">
        <line
          :x1="pointAt(month.from, 52).x"
          :y1="pointAt(month.from, 52).y"
          :x2="pointAt(month.from, outer).x"
          :y2="pointAt(month.from, outer).y"
        />
        <text :x="pointAt(month.middle, outer + 11).x" :y="pointAt(month.middle, outer + 11).y + 4">
          {{ month.letter }}
        </text>
      </template>
    </g>
    <g v-for="arc in arcs" :key="arc.id" class="ring" @click="chosen = arc.id">
      <circle
        :cx="SIZE / 2"
        :cy="SIZE / 2"
        :r="ringRadius(arcs.indexOf(arc))"
        class="track"
        :stroke-width="RING - 2"
        :class="{ on: chosen === arc.id }"
      />
      <path v-if="arc.growing" :d="arc.growing" class="growing" />
      <path
        v-if="arc.path"
        :d="arc.path"
        class="arc"
        :class="{ open: arc.isOpen }"
        :stroke-width="RING - 3"
      />
      <text v-if="arc.words" class="name" :class="{ open: arc.isOpen }" dy="3.8" aria-hidden="true">
        <textPath :href="`#ring-${arc.id}`" startOffset="50%">{{ arc.name }}</textPath>
      </text>
      <path
        v-for="(want, i) in arc.wants"
        :key="i"
        class="want"
        :class="{ lacking: want.lacking }"
        :d="`M${want.x - 4},${want.y - 4}h8l-4,7z`"
      >
        <title>{{ arc.name }} wanted {{ formatDate(want.on) }}</title>
      </path>
    </g>
    <line class="hand" :x1="hand.from.x" :y1="hand.from.y" :x2="hand.to.x" :y2="hand.to.y" />
    <text class="today" :x="SIZE / 2" :y="SIZE / 2 + 4">{{ formatDay(today) }}</text>
  </svg>
</template>

<style scoped>
.wheel {
  width: 100%;
  max-width: 440px;
  display: block;
}
.months line {
  stroke: var(--color-line);
  stroke-width: 1;
}
.months text {
  text-anchor: middle;
  font-size: 12px;
  fill: var(--color-soft);
}
.ring {
  cursor: pointer;
}
.track {
  fill: none;
  stroke: transparent;
}
.track.on {
  stroke: var(--color-bench);
}
.arc {
  fill: none;
  stroke: var(--color-line);
}
.arc.open {
  stroke: var(--color-moss);
}
.growing {
  fill: none;
  stroke: var(--color-moss);
  stroke-width: 1.5;
  stroke-dasharray: 2 4;
}
.name {
  font-size: 11px;
  text-anchor: middle;
  fill: var(--color-ink);
  pointer-events: none;
}
.name.open {
  fill: var(--color-white);
  font-weight: 600;
}
.want {
  fill: var(--color-larch);
  stroke: var(--color-paper);
  stroke-width: 1;
}
.want.lacking {
  fill: var(--color-hip);
}
.hand {
  stroke: var(--color-ink);
  stroke-width: 2;
}
.today {
  text-anchor: middle;
  font-size: 12px;
  font-weight: 600;
}
</style>
