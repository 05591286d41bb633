<script setup lang="ts">
import type { Ahead } from '~~/core/stock'

/**
 * A material's shelf as a line of steps: what there is on each day, moss above nothing, hip below; a mark where
 * something comes, a ring where it runs out.
 */
const props = defineProps<{ ahead: Ahead; from: string; to: string; label: string }>()
const HEIGHT = 40
const PAD = 4
const { at } = useDayScale(
  () => props.from,
  () => props.to,
)
const x = (on: string | undefined): number => (on === undefined ? 100 : at(on))

const levels = computed(() => [props.ahead.now, ...props.ahead.days.map(({ after }) => after), 0])
const top = computed(() => Math.max(...levels.value))
const bottom = computed(() => Math.min(...levels.value))
const y = (level: number): number =>
  PAD + ((HEIGHT - 2 * PAD) * (top.value - level)) / Math.max(1e-9, top.value - bottom.value)

/** Steps from day to day: each level holds until something changes it. */
const steps = computed(() => {
  let level = props.ahead.now
  let since = 0
  const list: { from: number; to: number; level: number }[] = []
  for (const day of props.ahead.days) {
    const place = x(day.on)
    list.push({ from: since, to: place, level })
    level = day.after
    since = place
  }
  list.push({ from: since, to: 100, level })
  return list.filter(({ from, to }) => to > from)
})
const line = computed(() =>
  steps.value
    .map(({ from, to, level }, i) => `${i ? 'L' : 'M'}${from},${y(level)}L${to},${y(level)}`)
    .join(''),
)
const arrivals = computed(() =>
  props.ahead.days
    .filter(({ what }) => what !== 'wanted' && what !== 'spoils')
    .map(({ on, after }) => ({ x: x(on), y: y(after) })),
)
const spoils = computed(() => props.ahead.days.filter(({ what }) => what === 'spoils').map(({ on }) => x(on)))
const out = computed(() => props.ahead.runsOut && { x: x(props.ahead.runsOut.on) })
</script>

<template>
  <svg
    class="block w-full"
    :height="HEIGHT"
    :viewBox="`0 0 100 ${HEIGHT}`"
    preserveAspectRatio="none"
    role="img"
    :aria-label="label"
  >
    <rect
      v-for="(step, i) in steps"
      :key="i"
      :x="step.from"
      :width="step.to - step.from"
      :y="Math.min(y(step.level), y(0))"
      :height="Math.abs(y(step.level) - y(0))"
      :class="step.level < 0 ? 'below' : 'above'"
    />
    <line
      x1="0"
      x2="100"
      :y1="y(0)"
      :y2="y(0)"
      class="stroke-soft stroke-1 [vector-effect:non-scaling-stroke]"
    />
    <path :d="line" class="fill-none stroke-ink stroke-[1.5px] [vector-effect:non-scaling-stroke]" />
    <line
      v-for="(mark, i) in arrivals"
      :key="`a${i}`"
      :x1="mark.x"
      :x2="mark.x"
      :y1="mark.y"
      :y2="HEIGHT"
      class="stroke-rain stroke-3 [vector-effect:non-scaling-stroke]"
    />
    <line
      v-for="(place, i) in spoils"
      :key="`s${i}`"
      :x1="place"
      :x2="place"
      y1="0"
      :y2="HEIGHT"
      class="stroke-larch stroke-2 [stroke-dasharray:3_3] [vector-effect:non-scaling-stroke]"
    />
    <line
      v-if="out"
      :x1="out.x"
      :x2="out.x"
      y1="0"
      :y2="HEIGHT"
      class="stroke-hip stroke-2 [vector-effect:non-scaling-stroke]"
    />
  </svg>
</template>

<style scoped>
.above {
  fill: var(--color-moss-pale);
}
.below {
  fill: var(--color-hip-pale);
}
</style>
