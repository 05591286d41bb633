<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { toModelMm, toRealMm } from '~~/core/units'
import {
  gridSteps,
  keptInSight,
  layOut,
  seenX,
  WHOLE,
  zoomAbout,
  type Stand as StandOf,
} from '../../drawing/line-up'
import { paletteOf } from '../../drawing/palette'
import { paintPerson } from '../../drawing/person'
import { paintPlant } from '../../drawing/raster'
import { arrived, drawingOf } from '../../drawing/studio'
import { sitterAt, type Subject } from '../../stores/line-up'

type Stand = StandOf<Subject>

/** All lines side by side at true model size on a mm grid, with a person of 1.75 m; real lengths on the other side. */
const commission = useCommission()
const view = useLineUp()
const { model, real } = useFormat()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)

const HEIGHT = 376
const GROUND = 318
const PERSON_MM = 1750
const ratio = computed(() => commission.current?.ratio ?? 1)
const personMm = computed(() => toModelMm(PERSON_MM, ratio.value))
const room = computed(() => ({
  widthPx: width.value,
  groundPx: GROUND,
  topPx: 24,
  leftPx: 46,
  rightPx: 58,
  shelfPx: 24,
}))
const layout = computed(() => layOut(view.subjects, personMm.value, room.value, view.mostShelves))
const sight = computed(() => view.sight)
const ground = computed(() => GROUND + sight.value.panY)
const pxPerMm = computed(() => layout.value.pxPerMm * sight.value.zoom)
const chosen = computed(() =>
  view.pieces
    ? undefined
    : layout.value.stands.find(({ plant }) => plant.id === commission.selected?.line.id),
)
const measured = computed(() => (view.against ? layout.value.stands : chosen.value ? [chosen.value] : []))

const raster = useRaster(canvas, width, ref(HEIGHT))
let frame = 0
function paint(): void {
  frame = 0
  raster.paint(
    (pixels, k) => {
      for (const { plant, xs, lift } of layout.value.stands)
        xs.forEach((x, i) => {
          const drawing = drawingOf(sitterAt(plant, i))
          if (drawing)
            paintPlant(pixels, drawing, paletteOf(plant.plant.look), {
              x: seenX(sight.value, x) * k,
              groundY: groundOf(lift) * k,
              pxPerMm: pxPerMm.value * plant.shrink * k,
            })
        })
    },
    (context) => {
      paintPerson(
        context,
        seenX(sight.value, layout.value.personX),
        ground.value,
        personMm.value * pxPerMm.value,
      )
    },
  )
}
function schedule(): void {
  if (frame === 0) frame = requestAnimationFrame(paint)
}
watch([() => view.subjects, layout, sight, arrived, raster.scale], schedule, { flush: 'post' })
onMounted(schedule)
onBeforeUnmount(() => cancelAnimationFrame(frame))

const groundOf = (lift: number): number => ground.value - lift * sight.value.zoom
const y = (mm: number, lift = 0): number => groundOf(lift) - mm * pxPerMm.value
const steps = computed(() => gridSteps(pxPerMm.value))
/** Lines of the grid: over the whole drawing, or on each shelf as high as its plants. */
const grid = computed(() =>
  layout.value.shelves.flatMap((lift) => {
    const { step, labelled } = steps.value
    const from =
      layout.value.shelves.length > 1
        ? 0
        : Math.max(0, Math.ceil((ground.value - HEIGHT) / pxPerMm.value / step))
    const to = Math.floor(
      (layout.value.shelves.length > 1 ? layout.value.topMm : (ground.value - 18) / pxPerMm.value) / step,
    )
    return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => {
      const mm = (from + i) * step
      return { mm, y: y(mm, lift), labelled: Math.abs(mm / labelled - Math.round(mm / labelled)) < 1e-6 }
    })
  }),
)
const labels = computed(() => grid.value.filter(({ labelled }) => labelled))
const show = (mm: number): string => String(Math.round(mm * 10) / 10)
const left = (stand: Stand): number => seenX(sight.value, stand.left)
const right = (stand: Stand): number => seenX(sight.value, stand.right)
/** Looked at from near, a label that has gone to the side goes out of sight with its plant. */
const inSight = (x: number): boolean =>
  sight.value.zoom === 1 || (seenX(sight.value, x) > 46 && seenX(sight.value, x) < width.value - 58)
const top = (stand: Stand): number => Math.min(groundOf(stand.lift) - 30, y(stand.plant.heightMm, stand.lift))
/** The plate with the height lies over the plant where there is room for it, else beside the top of its line. */
const plateAt = (stand: Stand): string => {
  const above = y(stand.plant.heightMm) - 40
  const over = above > 2 && above < HEIGHT - 60
  const x = over ? (left(stand) + right(stand)) / 2 - 37 : right(stand) + 10
  return `translate(${Math.max(48, Math.min(width.value - 134, x))} ${over ? above : Math.min(HEIGHT - 60, Math.max(24, above + 44))})`
}
const words = ({ plant }: Stand): string =>
  view.pieces
    ? `Piece ${plant.label}: ${model(plant.trueHeightMm)} at the model`
    : `${plant.label}, ${model(plant.trueHeightMm)} at the model, ${real(toRealMm(plant.trueHeightMm, ratio.value))} real, ${plant.amount.replace('×', '')}${plant.plant.line.amount.kind === 'pieces' ? ' pieces' : ''}`

// Nearer and further by wheel, pinch and keys; moved by dragging. A drag is not a click.
let held: { id: number; x: number; y: number; sight: typeof WHOLE; moved: boolean } | undefined
function look(next: typeof WHOLE): void {
  view.sight = next.zoom === 1 ? WHOLE : keptInSight(next, room.value, GROUND)
}
const placeOf = (event: PointerEvent | WheelEvent): { x: number; y: number } => {
  const bounds = box.value?.getBoundingClientRect()
  return { x: event.clientX - (bounds?.left ?? 0), y: event.clientY - (bounds?.top ?? 0) }
}
function wheel(event: WheelEvent): void {
  if (!event.ctrlKey && !event.metaKey && sight.value.zoom === 1 && event.deltaY > 0) return
  event.preventDefault()
  look(
    zoomAbout(
      sight.value,
      Math.exp(-event.deltaY * (event.deltaMode === 1 ? 0.05 : 0.0016)),
      placeOf(event),
      GROUND,
    ),
  )
}
const touches = new Map<number, { x: number; y: number }>()
function down(event: PointerEvent): void {
  touches.set(event.pointerId, placeOf(event))
  held = { id: event.pointerId, ...placeOf(event), sight: sight.value, moved: false }
}
const pointer = ref<{ x: number; y: number }>()
function move(event: PointerEvent): void {
  const at = placeOf(event)
  pointer.value = at
  const before = touches.get(event.pointerId)
  if (before && touches.size === 2) {
    const other = [...touches].find(([id]) => id !== event.pointerId)?.[1]
    if (other)
      look(
        zoomAbout(
          sight.value,
          Math.hypot(at.x - other.x, at.y - other.y) /
            Math.max(1, Math.hypot(before.x - other.x, before.y - other.y)),
          { x: (at.x + other.x) / 2, y: (at.y + other.y) / 2 },
          GROUND,
        ),
      )
    if (held) held.moved = true
  } else if (held && held.id === event.pointerId && sight.value.zoom > 1) {
    if (Math.hypot(at.x - held.x, at.y - held.y) > 4) {
      held.moved = true
      box.value?.setPointerCapture(event.pointerId)
    }
    if (held.moved)
      look({ ...held.sight, panX: held.sight.panX + at.x - held.x, panY: held.sight.panY + at.y - held.y })
  }
  if (before) touches.set(event.pointerId, at)
}
let dragged = false
function up(event: PointerEvent): void {
  dragged = held?.moved ?? false
  touches.delete(event.pointerId)
  held = undefined
}
function choose(stand: Stand): void {
  if (dragged) {
    dragged = false
    return
  }
  commission.chooseLine(stand.plant.plant.line.id)
}
function press(event: KeyboardEvent): void {
  const middle = { x: width.value / 2, y: HEIGHT / 2 }
  const deeds: Record<string, () => void> = {
    '+': () => look(zoomAbout(sight.value, 1.4, middle, GROUND)),
    '=': () => look(zoomAbout(sight.value, 1.4, middle, GROUND)),
    '-': () => look(zoomAbout(sight.value, 1 / 1.4, middle, GROUND)),
    '0': () => look(WHOLE),
    ArrowLeft: () => look({ ...sight.value, panX: sight.value.panX + 60 }),
    ArrowRight: () => look({ ...sight.value, panX: sight.value.panX - 60 }),
    ArrowUp: () => look({ ...sight.value, panY: sight.value.panY + 60 }),
    ArrowDown: () => look({ ...sight.value, panY: sight.value.panY - 60 }),
  }
  const deed = deeds[event.key]
  if (!deed || event.ctrlKey || event.metaKey || event.altKey) return
  event.preventDefault()
  event.stopPropagation()
  deed()
}
function reveal(): void {
  const stand = chosen.value
  return stand && sight.value.zoom > 1
    ? look({ ...sight.value, panX: width.value / 2 - ((stand.left + stand.right) / 2) * sight.value.zoom })
    : undefined
}
watch(() => commission.selected?.line.id, reveal)
defineExpose({
  zoomIn: () => look(zoomAbout(sight.value, 1.6, anchor(), GROUND)),
  zoomOut: () => look(zoomAbout(sight.value, 1 / 1.6, anchor(), GROUND)),
  layout,
  room,
})
/** Buttons magnify about the foot of the plant in hand. */
function anchor(): { x: number; y: number } {
  return {
    x: chosen.value ? seenX(sight.value, (chosen.value.left + chosen.value.right) / 2) : width.value / 2,
    y: Math.min(ground.value, HEIGHT - 40),
  }
}
</script>

<template>
  <div
    ref="box"
    class="drawing"
    :class="{ near: sight.zoom > 1 }"
    :style="{ height: `${HEIGHT}px` }"
    tabindex="0"
    role="group"
    aria-label="Plants side by side. Plus and minus look nearer and further, arrows move, 0 shows all."
    @wheel="wheel"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
    @pointerleave="pointer = undefined"
    @keydown="press"
  >
    <svg class="layer" :width="width" :height="HEIGHT" aria-hidden="true">
      <defs>
        <linearGradient id="soil" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stop-color="#8d8f74" stop-opacity="0.34" />
          <stop offset="1" stop-color="#8d8f74" stop-opacity="0" />
        </linearGradient>
      </defs>
      <line
        v-for="line in grid"
        :key="line.y"
        :x1="46"
        :x2="width - 58"
        :y1="line.y"
        :y2="line.y"
        :class="line.labelled ? 'major' : 'minor'"
      />
      <rect
        v-for="lift in layout.shelves"
        :key="lift"
        x="46"
        :width="Math.max(0, width - 104)"
        :y="groundOf(lift)"
        height="20"
        fill="url(#soil)"
      />
      <ellipse
        v-for="stand in layout.stands"
        :key="stand.plant.id"
        class="shadow"
        :cx="(left(stand) + right(stand)) / 2 + 4"
        :cy="groundOf(stand.lift) + 2"
        :rx="Math.max(6, stand.plant.crownWidthMm * pxPerMm * 0.42)"
        ry="4"
      />
    </svg>
    <canvas
      ref="canvas"
      class="layer"
      :style="{ width: `${width}px`, height: `${HEIGHT}px` }"
      aria-hidden="true"
    />
    <svg class="layer" :width="width" :height="HEIGHT" aria-hidden="true">
      <line
        v-for="lift in layout.shelves"
        :key="lift"
        x1="46"
        :x2="width - 58"
        :y1="groundOf(lift)"
        :y2="groundOf(lift)"
        class="ground"
      />
      <rect x="0" y="0" width="44" :height="HEIGHT" class="margin" />
      <rect :x="Math.max(0, width - 56)" y="0" width="56" :height="HEIGHT" class="margin" />
      <template v-for="{ mm, y: at } in labels" :key="`t${at}`">
        <text x="38" :y="at + 4" text-anchor="end">{{ mm === 0 ? '0 mm' : show(mm) }}</text>
        <text :x="width - 52" :y="at + 4">{{ mm === 0 ? 'real' : real(toRealMm(mm, ratio)) }}</text>
      </template>
      <g v-for="stand in measured" :key="`m${stand.plant.id}`">
        <path
          class="measure"
          :d="`M${left(stand)} ${y(stand.plant.heightMm)}H${right(stand) + 10}M${right(stand) + 6} ${y(stand.plant.heightMm)}V${ground}`"
        />
        <g :transform="plateAt(stand)">
          <rect width="74" height="36" rx="3" class="plate" />
          <text x="37" y="15" text-anchor="middle" class="strong">{{ model(stand.plant.heightMm) }}</text>
          <text x="37" y="30" text-anchor="middle">
            {{ view.mode === 'seen' ? 'as seen' : real(toRealMm(stand.plant.heightMm, ratio)) }}
          </text>
        </g>
      </g>
      <template v-for="stand in layout.stands" :key="stand.plant.id">
        <text
          v-if="inSight(stand.labelX)"
          :x="seenX(sight, stand.labelX)"
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
        :x="seenX(sight, layout.personX)"
        :y="ground + 18 + 15 * layout.personRow"
        text-anchor="middle"
        class="label"
      >
        Person
      </text>
    </svg>
    <button
      v-for="stand in layout.stands"
      :key="stand.plant.id"
      type="button"
      class="hit"
      :aria-label="words(stand)"
      :aria-pressed="stand === chosen"
      :style="{
        left: `${left(stand)}px`,
        width: `${Math.max(24, right(stand) - left(stand))}px`,
        top: `${top(stand)}px`,
        height: `${groundOf(stand.lift) + (layout.shelves.length > 1 ? 22 : 36) - top(stand)}px`,
      }"
      @click="choose(stand)"
    />
    <LineupLens
      v-if="view.lens && width > 0"
      :layout="layout"
      :at="pointer"
      :ground="ground"
      :width="width"
      :person-mm="personMm"
    />
    <slot />
  </div>
</template>

<style scoped>
.drawing {
  position: relative;
  flex: none;
  overflow: hidden;
  touch-action: pan-y;
}
.drawing.near {
  cursor: grab;
  touch-action: none;
}
.drawing.near:active {
  cursor: grabbing;
}
.layer {
  position: absolute;
  inset: 0;
}
.minor {
  stroke: #e3e8e0;
}
.major {
  stroke: #cfd7cd;
}
.margin {
  fill: var(--color-paper);
}
.ground {
  stroke: #5d5f48;
  stroke-width: 1.5;
  stroke-linecap: round;
}
.shadow {
  fill: #4b4d38;
  opacity: 0.16;
}
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
.label.chosen {
  fill: var(--color-moss);
  font-weight: 700;
}
.measure {
  fill: none;
  stroke: var(--color-moss);
  stroke-width: 1.5;
}
.plate {
  fill: #fff;
  stroke: var(--color-moss);
}
.strong {
  font-size: 14px;
  font-weight: 700;
  fill: var(--color-moss);
}
.hit {
  position: absolute;
  background: transparent;
  border-radius: 3px;
}
.hit:hover {
  background: rgb(47 106 69 / 0.05);
}
.near .hit {
  cursor: inherit;
}
</style>
