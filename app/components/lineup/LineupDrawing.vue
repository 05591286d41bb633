<script setup lang="ts">
import { useDevicePixelRatio, useElementSize } from '@vueuse/core'
import type { PlantDrawing } from '~~/core/skeleton'
import { toModelMm, toRealMm } from '~~/core/units'
import { drawingOf, knownDrawing, paintPerson, paintPlant } from '../../drawing/paint'
import { layOut, type Stand as StandOf } from '../../drawing/line-up'
import type { Plant } from '../../stores/commission'

type Stand = StandOf<Plant>

/** All lines side by side at true model size on a mm grid, with a person of 1.75 m; real lengths on the other side. */
const commission = useCommission()
const { model, real } = useFormat()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
const { pixelRatio } = useDevicePixelRatio()

const HEIGHT = 380
const GROUND = 328
const PERSON_MM = 1750
const ratio = computed(() => commission.current?.ratio ?? 1)
const personMm = computed(() => toModelMm(PERSON_MM, ratio.value))
const layout = computed(() => layOut(commission.plants, personMm.value, { widthPx: width.value, groundPx: GROUND, topPx: 20, leftPx: 46, rightPx: 58 }))
const selected = computed(() => layout.value.stands.find(({ plant }) => plant.line.id === commission.selected?.line.id))

let frame = 0
/** Plants that are not grown yet; they are added one a frame, so that the page answers meanwhile. */
let toGrow: Stand[] = []

function brush(): CanvasRenderingContext2D | undefined {
  const context = canvas.value?.getContext('2d', { willReadFrequently: true }) ?? undefined
  context?.setTransform(pixelRatio.value, 0, 0, pixelRatio.value, 0, 0)
  return context
}
function paintStand(context: CanvasRenderingContext2D, { plant, xs }: Stand, drawing: PlantDrawing): void {
  for (const x of xs) paintPlant(context, drawing, plant.look, plant.species.bark, { x, groundY: GROUND, pxPerMm: layout.value.pxPerMm })
}
/** Paints what is grown already, and leaves the rest to the coming frames. */
function paint(): void {
  frame = 0
  const context = brush()
  if (!context || width.value === 0) return
  context.clearRect(0, 0, width.value, HEIGHT)
  toGrow = []
  for (const stand of layout.value.stands) {
    const { line, species, size, piece } = stand.plant
    const drawing = knownDrawing(line.id, species, size, piece.seeThrough)
    if (drawing) paintStand(context, stand, drawing)
    else toGrow.push(stand)
  }
  paintPerson(context, layout.value.personX, GROUND, personMm.value * layout.value.pxPerMm)
  if (toGrow.length > 0) frame = requestAnimationFrame(growOne)
}
function growOne(): void {
  frame = 0
  const context = brush()
  const stand = toGrow.shift()
  if (!context || !stand) return
  const { line, species, size, piece } = stand.plant
  paintStand(context, stand, drawingOf(line.id, species, size, piece.seeThrough))
  if (toGrow.length > 0) frame = requestAnimationFrame(growOne)
}
function schedule(): void {
  cancelAnimationFrame(frame)
  frame = requestAnimationFrame(paint)
}
watch([() => commission.plants, layout, pixelRatio], schedule, { flush: 'post' })
onMounted(schedule)
onBeforeUnmount(() => cancelAnimationFrame(frame))

const y = (mm: number): number => GROUND - mm * layout.value.pxPerMm
const gridStep = computed(() => [1, 2, 5, 10, 20, 50, 100].find((step) => step * layout.value.pxPerMm >= 12) ?? 200)
const labelStep = computed(() => gridStep.value * 5)
const grid = computed(() => Array.from({ length: Math.floor(layout.value.topMm / gridStep.value) + 1 }, (_, i) => i * gridStep.value))
const isLabelled = (mm: number): boolean => Math.abs(mm / labelStep.value - Math.round(mm / labelStep.value)) < 1e-9
const labels = computed(() => grid.value.filter(isLabelled))
const words = ({ plant }: Stand): string => `${plant.line.name}, ${model(plant.size.heightMm)} at the model, ${real(toRealMm(plant.size.heightMm, ratio.value))} real, ${plant.line.pieces} pieces`
</script>

<template>
  <div ref="box" class="drawing" :style="{ height: `${HEIGHT}px` }">
    <svg class="layer" :width="width" :height="HEIGHT" aria-hidden="true">
      <line v-for="mm in grid" :key="mm" :x1="46" :x2="width - 58" :y1="y(mm)" :y2="y(mm)" :class="isLabelled(mm) ? 'major' : 'minor'" />
      <template v-for="mm in labels" :key="`t${mm}`">
        <text x="38" :y="y(mm) + 4" text-anchor="end">{{ mm === 0 ? '0 mm' : mm }}</text>
        <text :x="width - 52" :y="y(mm) + 4">{{ mm === 0 ? 'real' : real(toRealMm(mm, ratio)) }}</text>
      </template>
    </svg>
    <canvas ref="canvas" class="layer" :width="width * pixelRatio" :height="HEIGHT * pixelRatio" :style="{ width: `${width}px`, height: `${HEIGHT}px` }" aria-hidden="true" />
    <svg class="layer" :width="width" :height="HEIGHT" aria-hidden="true">
      <line x1="46" :x2="width - 58" :y1="GROUND" :y2="GROUND" class="ground" />
      <template v-if="selected">
        <path class="measure" :d="`M${selected.left} ${y(selected.plant.size.heightMm)}H${selected.right + 10}M${selected.right + 6} ${y(selected.plant.size.heightMm)}V${GROUND}`" />
        <g :transform="`translate(${Math.min(width - 116, selected.right + 10)} ${Math.max(24, (y(selected.plant.size.heightMm) + GROUND) / 2 - 18)})`">
          <rect width="74" height="36" rx="3" class="plate" />
          <text x="37" y="15" text-anchor="middle" class="strong">{{ model(selected.plant.size.heightMm) }}</text>
          <text x="37" y="30" text-anchor="middle">{{ real(toRealMm(selected.plant.size.heightMm, ratio)) }}</text>
        </g>
      </template>
      <template v-for="stand in layout.stands" :key="stand.plant.line.id">
        <text :x="stand.labelX" :y="GROUND + 18 + 15 * stand.row" text-anchor="middle" class="label" :class="{ chosen: stand === selected }">{{ stand.label }}</text>
      </template>
      <text :x="layout.personX" :y="GROUND + 18 + 15 * layout.personRow" text-anchor="middle" class="label">Person</text>
    </svg>
    <button v-for="stand in layout.stands" :key="stand.plant.line.id" type="button" class="hit" :aria-label="words(stand)" :aria-pressed="stand === selected" :style="{ left: `${stand.left}px`, width: `${Math.max(24, stand.right - stand.left)}px`, top: `${Math.min(GROUND - 30, y(stand.plant.size.heightMm))}px`, height: `${GROUND + 36 - Math.min(GROUND - 30, y(stand.plant.size.heightMm))}px` }" @click="commission.chooseLine(stand.plant.line.id)" />
  </div>
</template>

<style scoped>
.drawing { position: relative; flex: none; overflow: hidden; }
.layer { position: absolute; inset: 0; }
.minor { stroke: #e3e8e0; }
.major { stroke: #cfd7cd; }
.ground { stroke: #3b463f; stroke-width: 2; }
text { font-size: 12px; fill: var(--color-soft); font-variant-numeric: tabular-nums; }
.label { font-size: 13px; fill: var(--color-ink); font-weight: 550; }
.label.chosen { fill: var(--color-moss); font-weight: 700; }
.measure { fill: none; stroke: var(--color-moss); stroke-width: 1.5; }
.plate { fill: #fff; stroke: var(--color-moss); }
.strong { font-size: 14px; font-weight: 700; fill: var(--color-moss); }
.hit { position: absolute; background: transparent; border-radius: 3px; }
.hit:hover { background: rgb(47 106 69 / 0.07); }
</style>
