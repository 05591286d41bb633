<script setup lang="ts">
import { toRealMm } from '~~/core/units'
import type { LineUp, Stand as StandOf } from '../../drawing/line-up'
import { seenX } from '../../drawing/sight'
import type { Subject } from '../../stores/line-up'
import type { GridLine } from './grid'

type Stand = StandOf<Subject>

/** What stands before the plants: the ground, the numbers on both sides, names, and the height of the plant in hand. */
const props = defineProps<{
  layout: LineUp<Subject>
  grid: readonly GridLine[]
  measured: readonly Stand[]
  chosen: Stand | undefined
  ratio: number
  width: number
  height: number
  pxPerMm: number
  groundOf: (lift: number) => number
}>()
const view = useLineUp()
const { model, real } = useFormat()

const ground = computed(() => props.groundOf(0))
const labels = computed(() => props.grid.filter(({ labelled }) => labelled))
const topOf = ({ plant, lift }: Stand): number => props.groundOf(lift) - plant.heightMm * props.pxPerMm
const left = (stand: Stand): number => seenX(view.sight, stand.left)
const right = (stand: Stand): number => seenX(view.sight, stand.right)
/** Looked at from near, a label that has gone to the side goes out of sight with its plant. */
const inSight = (x: number): boolean => {
  const at = seenX(view.sight, x)
  return view.sight.zoom === 1 || (at > 46 && at < props.width - 58)
}
/** The plate with the height lies over the plant where there is room for it, else beside the top of its line. */
function plateAt(stand: Stand): string {
  const above = topOf(stand) - 40
  const over = above > 2 && above < props.height - 60
  const x = over ? (left(stand) + right(stand)) / 2 - 37 : right(stand) + 10
  const y = over ? above : Math.min(props.height - 60, Math.max(24, above + 44))
  return `translate(${Math.max(48, Math.min(props.width - 134, x))} ${y})`
}
</script>

<template>
  <svg class="absolute inset-0" :width="width" :height="height" aria-hidden="true">
    <line
      v-for="lift in layout.shelves"
      :key="lift"
      x1="46"
      :x2="width - 58"
      :y1="groundOf(lift)"
      :y2="groundOf(lift)"
      class="stroke-earth stroke-[1.5px] [stroke-linecap:round]"
    />
    <rect x="0" y="0" width="44" :height="height" class="fill-paper" />
    <rect :x="Math.max(0, width - 56)" y="0" width="56" :height="height" class="fill-paper" />
    <template v-for="{ mm, y: at } in labels" :key="`t${at}`">
      <text x="38" :y="at + 4" text-anchor="end">{{ mm === 0 ? '0 mm' : mm }}</text>
      <text :x="width - 52" :y="at + 4">{{ mm === 0 ? 'real' : real(toRealMm(mm, ratio)) }}</text>
    </template>
    <g v-for="stand in measured" :key="`m${stand.plant.id}`">
      <path
        class="fill-none stroke-moss stroke-[1.5px]"
        :d="`M${left(stand)} ${topOf(stand)}H${right(stand) + 10}M${right(stand) + 6} ${topOf(stand)}V${groundOf(stand.lift)}`"
      />
      <g :transform="plateAt(stand)">
        <rect width="74" height="36" rx="3" class="fill-white stroke-moss" />
        <text x="37" y="15" text-anchor="middle" class="strong">
          {{ model(stand.plant.heightMm) }}
        </text>
        <text x="37" y="30" text-anchor="middle">
          {{ view.mode === 'seen' ? 'as seen' : real(toRealMm(stand.plant.heightMm, ratio)) }}
        </text>
      </g>
    </g>
    <template v-for="stand in layout.stands" :key="stand.plant.id">
      <text
        v-if="inSight(stand.labelX)"
        :x="seenX(view.sight, stand.labelX)"
        :y="groundOf(stand.lift) + 18 + 15 * stand.row"
        text-anchor="middle"
        class="label"
        :class="{ chosen: stand === chosen }"
      >
        {{ stand.label }}
      </text>
    </template>
    <text
      v-if="inSight(layout.personX)"
      :x="seenX(view.sight, layout.personX)"
      :y="ground + 18 + 15 * layout.personRow"
      text-anchor="middle"
      class="label"
    >
      Person
    </text>
  </svg>
</template>

<style scoped>
text {
  font-size: 12px;
  fill: var(--color-soft);
  font-variant-numeric: tabular-nums;
}
.label {
  font-size: 13px;
  fill: var(--color-ink);
  font-weight: 550;
  paint-order: stroke;
  stroke: var(--color-paper);
  stroke-width: 3px;
}
.strong {
  font-size: 14px;
  font-weight: 700;
  fill: var(--color-moss);
}
.label.chosen {
  fill: var(--color-moss);
  font-weight: 700;
}
</style>
