<script setup lang="ts">
import type { KeepOut } from '~~/core/commissions'
import { sitterOf } from '~~/core/commissions'
import { keepOutPath, spotName, type Corner, type PlantingPlan, type Spot } from '~~/core/planting'
import { namesApart } from '~~/core/templates'
import { formatQuantity } from '~~/core/units'
import { paintOutline } from '../../drawing/painter'

/**
 * The board from above, its front edge at the foot: every piece where it stands, what is kept clear, and a
 * new keep-out while it is drawn.
 */
const props = defineProps<{ plan: PlantingPlan; numbers: boolean; drawing: KeepOut | undefined }>()
const emit = defineEmits<{ point: [x: number, y: number]; finish: [] }>()
const commission = useCommission()
const { model } = useFormat()
const box = useTemplateRef<HTMLElement>('box')
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const width = useWidth(box)

const MOST_HEIGHT = 430
const PAD = 14
const scale = computed(() =>
  Math.max(
    0.02,
    Math.min((width.value - 2 * PAD) / props.plan.board.widthMm, MOST_HEIGHT / props.plan.board.depthMm),
  ),
)
const boardPx = computed(() => ({
  w: props.plan.board.widthMm * scale.value,
  h: props.plan.board.depthMm * scale.value,
}))
const height = computed(() => boardPx.value.h + 2 * PAD)
const left = computed(() => (width.value - boardPx.value.w) / 2)
const px = (x: number): number => left.value + x * scale.value
const py = (y: number): number => PAD + boardPx.value.h - y * scale.value

const plants = computed(() => new Map(commission.plants.map((plant) => [plant.line.id, plant])))
/** Sizes are told apart in steps of an eighth: pieces of one size are painted from one plate. */
const stepped = (share: number): number => Math.max(1, Math.round(share * 8)) / 8

/** Each piece from above, the low ones first; a disc stands in until the plant is grown. */
const { isWhole } = usePlantsPicture(canvas, width, height, () => ({
  places: props.plan.spots
    .flatMap((spot) => {
      const plant = plants.value.get(spot.lineId)
      return plant ? [{ spot, plant }] : []
    })
    .sort((a, b) => a.plant.size.heightMm - b.plant.size.heightMm)
    .map(({ spot, plant }) => ({
      sitter: sitterOf(plant.line, plant.species, plant.size, plant.piece.seeThrough),
      look: plant.look,
      x: px(spot.x),
      groundY: py(spot.y),
      pxPerMm: scale.value * stepped(spot.crownMm / Math.max(0.1, plant.size.crownWidthMm)),
      view: 'top' as const,
    })),
  over: (context, waiting) => {
    for (const place of waiting) paintOutline(context, place)
  },
}))

function click(event: MouseEvent): void {
  const bounds = box.value?.getBoundingClientRect()
  if (!props.drawing || !bounds) return
  emit(
    'point',
    (event.clientX - bounds.left - left.value) / scale.value,
    (PAD + boardPx.value.h - (event.clientY - bounds.top)) / scale.value,
  )
}
const NUMBER_HEIGHT = 10
const numberPx = (spot: Spot): number => spotName(spot).length * 6.2
/** A number stands to the right of its cross; at the board's right edge to the left of it. */
const numberX = (spot: Spot): number =>
  px(spot.x) + 4 + numberPx(spot) > left.value + boardPx.value.w
    ? px(spot.x) - 4 - numberPx(spot)
    : px(spot.x) + 4
/** Numbers that don't lie over each other; those of trees and shrubs are set first. The pointer tells the rest. */
const shownNumbers = computed(() =>
  namesApart(
    [...props.plan.spots]
      .sort((a, b) => b.crownMm - a.crownMm)
      .map((spot) => ({ name: spotName(spot), x: numberX(spot), y: py(spot.y) - 2, width: numberPx(spot) })),
    NUMBER_HEIGHT,
  ),
)
const pathOf = (points: readonly Corner[]): string =>
  `M${points.map(([x, y]) => `${x} ${props.plan.board.depthMm - y}`).join('L')}`
const colourOf = (lineId: string): string => plants.value.get(lineId)?.look.overall ?? token('soft')
const transform = computed(() => `translate(${left.value} ${PAD}) scale(${scale.value})`)
const hovered = ref<string>()
const told = computed(() => {
  const spot = props.plan.spots.find((at) => spotName(at) === hovered.value)
  const plant = spot && plants.value.get(spot.lineId)
  return spot && plant
    ? {
        x: px(spot.x),
        y: py(spot.y),
        text: `${spotName(spot)} ${plant.line.name}, crown ${model(spot.crownMm)}; ${model(spot.x)} from the left, ${model(spot.y)} from the front`,
      }
    : undefined
})
</script>

<template>
  <div
    ref="box"
    class="plan relative"
    :class="{ drawing }"
    :style="{ height: `${height}px` }"
    @click="click"
    @dblclick="emit('finish')"
  >
    <svg class="absolute inset-0" :width="width" :height="height" aria-hidden="true">
      <g :transform="transform">
        <rect
          :width="plan.board.widthMm"
          :height="plan.board.depthMm"
          class="board fill-wood stroke-wood-line stroke-1 [vector-effect:non-scaling-stroke]"
        />
        <rect
          v-if="commission.current?.backdrop"
          :width="plan.board.widthMm"
          :y="-6 / scale"
          :height="6 / scale"
          :fill="commission.current.backdrop"
        />
        <svg :width="plan.board.widthMm" :height="plan.board.depthMm">
          <path
            v-for="keepOut in plan.board.keepOuts"
            :key="keepOut.id"
            :d="keepOutPath(keepOut, plan.board.depthMm)"
            :class="[keepOut.kind, { water: keepOut.water }]"
            :style="keepOut.kind === 'line' ? { strokeWidth: `${Math.max(1, keepOut.widthMm)}px` } : {}"
          />
          <path
            v-for="(border, i) in plan.borders"
            :key="`bed ${i}`"
            :d="`${pathOf(border.points)}Z`"
            class="bed fill-wood-line [fill-opacity:0.55]"
          />
          <path
            v-for="patch in plan.patches"
            :key="patch.code"
            :d="`${pathOf(patch.points)}Z`"
            :fill="colourOf(patch.lineId)"
            fill-opacity="0.55"
          />
          <path
            v-for="hedge in plan.hedges"
            :key="hedge.code"
            :d="hedge.stretches.map((points) => pathOf(points)).join('')"
            fill="none"
            :stroke="colourOf(hedge.lineId)"
            :stroke-width="hedge.widthMm"
            stroke-linejoin="round"
          />
        </svg>
      </g>
    </svg>
    <canvas
      ref="canvas"
      class="absolute inset-0"
      :style="{ width: `${width}px`, height: `${height}px` }"
      role="img"
      :aria-busy="!isWhole"
      :aria-label="`Planting plan from above: ${plan.spots.length} pieces on ${model(plan.board.widthMm)} by ${model(plan.board.depthMm)}`"
    />
    <svg class="absolute inset-0" :width="width" :height="height" aria-hidden="true">
      <g
        v-for="spot in plan.spots"
        :key="spotName(spot)"
        class="spot"
        @pointerenter="hovered = spotName(spot)"
        @pointerleave="hovered = undefined"
      >
        <circle
          :cx="px(spot.x)"
          :cy="py(spot.y)"
          :r="Math.max(5, (spot.crownMm / 2) * scale * 0.6)"
          fill="transparent"
        />
        <path :d="`M${px(spot.x) - 3} ${py(spot.y)}h6M${px(spot.x)} ${py(spot.y) - 3}v6`" />
        <text v-if="numbers && shownNumbers.has(spotName(spot))" :x="numberX(spot)" :y="py(spot.y) - 2">
          {{ spotName(spot) }}
        </text>
      </g>
      <template v-if="numbers">
        <g v-for="hedge in plan.hedges" :key="hedge.code" class="spot">
          <text
            v-for="gate in hedge.gates"
            :key="`${gate.x} ${gate.y}`"
            :x="px(gate.x)"
            :y="py(gate.y) + 14"
            text-anchor="middle"
          >
            gap {{ formatQuantity(gate.widthMm, 'mm') }}
          </text>
          <g v-for="mark in hedge.marks" :key="mark.number">
            <circle :cx="px(mark.x)" :cy="py(mark.y)" r="1.5" />
            <text :x="px(mark.x) + 3" :y="py(mark.y) - 3">{{ hedge.code }}{{ mark.number }}</text>
          </g>
        </g>
        <g class="spot">
          <text
            v-for="patch in plan.patches"
            :key="patch.code"
            :x="px(patch.middle.x)"
            :y="py(patch.middle.y)"
          >
            {{ patch.code }}, {{ formatQuantity(patch.areaCm2, 'cm2') }}
          </text>
        </g>
      </template>
      <g v-if="drawing" :transform="transform">
        <path
          v-if="drawing.points.length > 0"
          :d="keepOutPath(drawing, plan.board.depthMm)"
          class="fill-none stroke-rain [stroke-opacity:0.55] [stroke-linejoin:round]"
          :style="{ strokeWidth: `${drawing.kind === 'line' ? Math.max(2, drawing.widthMm) : 2 / scale}px` }"
        />
        <circle
          v-for="([x, y], i) in drawing.points"
          :key="i"
          :cx="x"
          :cy="plan.board.depthMm - y"
          :r="4 / scale"
          class="fill-white stroke-rain stroke-[1.5px] [vector-effect:non-scaling-stroke]"
        />
      </g>
      <text :x="left + 4" :y="PAD + boardPx.h + 12" class="text-[12px] fill-soft">front edge</text>
      <text
        :x="left + boardPx.w - 4"
        :y="PAD + boardPx.h + 12"
        text-anchor="end"
        class="text-[12px] fill-soft"
      >
        {{ model(plan.board.widthMm) }} × {{ model(plan.board.depthMm) }}
      </text>
    </svg>
    <p
      v-if="told"
      class="absolute py-0.75 px-2 border border-soft rounded-md bg-white text-[13px] pointer-events-none whitespace-nowrap"
      :style="{ left: `${Math.min(width - 300, told.x + 10)}px`, top: `${Math.max(4, told.y - 34)}px` }"
    >
      {{ told.text }}
    </p>
  </div>
</template>

<style scoped>
.plan.drawing {
  cursor: crosshair;
}
.line {
  fill: none;
  stroke: var(--color-wood-edge);
  stroke-linejoin: round;
}
.shape {
  fill: var(--color-wood-edge);
}
.line.water {
  stroke: var(--color-water);
}
.shape.water {
  fill: var(--color-water);
}
.spot path {
  stroke: var(--color-ink);
  stroke-width: 1;
}
.spot text {
  font-size: 10px;
  font-weight: 650;
  fill: var(--color-ink);
  paint-order: stroke;
  stroke: var(--color-white);
  stroke-width: 2.5px;
}
</style>
