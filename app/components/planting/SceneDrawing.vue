<script setup lang="ts">
import { Minus, Plus } from '@lucide/vue'
import { until, useDevicePixelRatio } from '@vueuse/core'
import { projection, viewingEye, within, type Eye, type PlantingPlan } from '~~/core/planting'
import { toModelMm } from '~~/core/units'
import { fileNameOf, save } from '../../composables/save'
import { paintBoard } from '../../drawing/board'
import { paintStanding } from '../../drawing/scene'
import { standingOn } from '../../drawing/standing'
import { arrived } from '../../drawing/studio'

/**
 * The planting plan as it will be seen: in true perspective from the viewing point, on the day of the season
 * band. Drag, pinch, wheel or arrow keys go around it.
 */
const props = defineProps<{ plan: PlantingPlan }>()
const commission = useCommission()
const notices = useNotices()
const { model } = useFormat()
const box = useTemplateRef<HTMLElement>('box')
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const width = useWidth(box)
const { pixelRatio } = useDevicePixelRatio()

const HEIGHT = 440
const PERSON_MM = 1750
/** Width of a picture that is kept, px. */
const KEPT_PX = 2400
const home = computed(() => viewingEye(props.plan.board, commission.current?.viewingMm ?? 700))
const moved = ref<Eye>()
const eye = computed(() => moved.value ?? home.value)
const plants = computed(() => new Map(commission.plants.map((plant) => [plant.line.id, plant])))
const standing = computed(() => standingOn(props.plan, plants.value))
const tallestMm = computed(() =>
  standing.value.reduce((most, { plant, share }) => Math.max(most, plant.size.heightMm * share), 1),
)
const personMm = computed(() => toModelMm(PERSON_MM, commission.current?.ratio ?? 1))
const person = computed(() => ({
  x: props.plan.board.widthMm * 0.44,
  y: props.plan.board.depthMm * 0.05,
  z: 0,
  heightMm: personMm.value,
}))

/** Paints the scene into a context of its own size; how many plants are still to come. */
function paintInto(target: HTMLCanvasElement, widthPx: number, heightPx: number, fine: number): number {
  const context = target.getContext('2d')
  if (!context || widthPx < 2) return 0
  const [columns, rows] = [Math.round(widthPx * fine), Math.round(heightPx * fine)]
  if (target.width !== columns || target.height !== rows)
    Object.assign(target, { width: columns, height: rows })
  context.setTransform(fine, 0, 0, fine, 0, 0)
  context.imageSmoothingQuality = 'high'
  const sky = context.createLinearGradient(0, 0, 0, heightPx)
  sky.addColorStop(0, '#dfe8ec')
  sky.addColorStop(0.75, '#f4f5f0')
  context.fillStyle = sky
  context.fillRect(0, 0, widthPx, heightPx)
  const project = projection(
    { board: props.plan.board, tallestMm: tallestMm.value, widthPx, heightPx },
    eye.value,
    home.value,
  )
  paintBoard(context, props.plan, plants.value, project)
  return paintStanding(context, standing.value, project, {
    elevationDeg: eye.value.elevationDeg,
    person: person.value,
    fine,
  })
}
let frame = 0
/** Plants that are still to come. */
const waiting = ref(1)
function paint(): void {
  frame = 0
  if (canvas.value)
    waiting.value = paintInto(canvas.value, width.value, HEIGHT, Math.min(2, pixelRatio.value))
}
function schedule(): void {
  if (frame === 0) frame = requestAnimationFrame(paint)
}
watch([standing, eye, width, arrived, pixelRatio], schedule, { flush: 'post' })
onMounted(schedule)
onBeforeUnmount(() => cancelAnimationFrame(frame))

const turn = (change: Partial<Eye>): void => {
  moved.value = within(props.plan.board, { ...eye.value, ...change })
}
/** Degrees to a px of dragging. */
const DRAG = 0.35
const fingers = new Map<number, { x: number; y: number }>()
function down(event: PointerEvent): void {
  fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
}
function move(event: PointerEvent): void {
  const last = fingers.get(event.pointerId)
  if (!last) return
  const now = { x: event.clientX, y: event.clientY }
  const other = [...fingers].find(([id]) => id !== event.pointerId)?.[1]
  fingers.set(event.pointerId, now)
  if (other) {
    const apart = (at: { x: number; y: number }): number =>
      Math.max(10, Math.hypot(at.x - other.x, at.y - other.y))
    turn({ distanceMm: (eye.value.distanceMm * apart(last)) / apart(now) })
  } else
    turn({
      azimuthDeg: eye.value.azimuthDeg - (now.x - last.x) * DRAG,
      elevationDeg: eye.value.elevationDeg + (now.y - last.y) * DRAG,
    })
}
const up = (event: PointerEvent): void => {
  fingers.delete(event.pointerId)
}
const nearer = (by: number): void => {
  turn({ distanceMm: eye.value.distanceMm / by })
}
const STEP_DEG = 6
function press(event: KeyboardEvent): void {
  const { azimuthDeg, elevationDeg } = eye.value
  const keys: Record<string, () => void> = {
    ArrowLeft: () => turn({ azimuthDeg: azimuthDeg - STEP_DEG }),
    ArrowRight: () => turn({ azimuthDeg: azimuthDeg + STEP_DEG }),
    ArrowUp: () => turn({ elevationDeg: elevationDeg + STEP_DEG }),
    ArrowDown: () => turn({ elevationDeg: elevationDeg - STEP_DEG }),
    '+': () => nearer(1.15),
    '=': () => nearer(1.15),
    '-': () => nearer(1 / 1.15),
    '0': () => (moved.value = undefined),
  }
  const act = keys[event.key]
  if (!act) return
  event.preventDefault()
  event.stopPropagation()
  act()
}

const words = computed(() => {
  const { azimuthDeg, elevationDeg, distanceMm } = eye.value
  const side = Math.round(azimuthDeg)
  return `${side === 0 ? 'from the front' : `${Math.abs(side)}° to the ${side > 0 ? 'right' : 'left'}`}, ${Math.round(elevationDeg)}° above, ${model(distanceMm)} from the board’s middle`
})
const saving = ref(false)
async function keep(): Promise<void> {
  saving.value = true
  try {
    const picture = document.createElement('canvas')
    const fine = KEPT_PX / Math.max(1, width.value)
    // Whoever has not been grown and painted at this size comes first.
    while (paintInto(picture, width.value, HEIGHT, fine) > 0)
      await until(arrived).changed({ timeout: 60_000, throwOnTimeout: true })
    const blob = await new Promise<Blob | null>((resolve) => {
      picture.toBlob(resolve, 'image/png')
    })
    if (blob) save(blob, `${fileNameOf(commission.current?.name ?? 'scene')}-scene.png`)
  } catch (error) {
    notices.fault(`The picture was not made: ${error instanceof Error ? error.message : String(error)}`)
  } finally {
    saving.value = false
  }
}
</script>

<template>
  <div>
    <div
      ref="box"
      class="scene relative cursor-grab touch-none overflow-hidden border-b border-b-line"
      tabindex="0"
      role="application"
      :aria-label="`The board as it will be seen, ${words}. Arrows go around it, plus and minus nearer and further, 0 back to the viewing point.`"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
      @wheel.prevent="nearer($event.deltaY < 0 ? 1.08 : 1 / 1.08)"
      @keydown="press"
    >
      <canvas ref="canvas" :aria-busy="waiting > 0" :style="{ width: `${width}px`, height: `${HEIGHT}px` }" />
    </div>
    <div class="flex flex-wrap items-center gap-2 px-5 py-2 text-sm">
      <span class="text-soft" role="status">Seen {{ words }}</span>
      <span class="flex-1" />
      <button type="button" class="button button-small" aria-label="Nearer" @click="nearer(1.15)">
        <Plus class="size-4" aria-hidden="true" />
      </button>
      <button type="button" class="button button-small" aria-label="Further" @click="nearer(1 / 1.15)">
        <Minus class="size-4" aria-hidden="true" />
      </button>
      <button type="button" class="button button-small" :disabled="!moved" @click="moved = undefined">
        Viewing point
      </button>
      <button type="button" class="button button-small" :disabled="saving" @click="keep">
        {{ saving ? 'Painting…' : 'Save as PNG' }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.scene:active {
  cursor: grabbing;
}
</style>
