<script setup lang="ts">
import { toModelMm, toRealMm } from '~~/core/units'
import { layOut, type Stand as StandOf } from '../../drawing/line-up'
import { paintOutline } from '../../drawing/painter'
import { paintPerson } from '../../drawing/person'
import { movedTo, seenX } from '../../drawing/sight'
import { drawnAt, type Subject } from '../../stores/line-up'
import { gridLines } from './grid'

type Stand = StandOf<Subject>

/** All lines side by side at true model size on a mm grid, with a person of 1.75 m; real lengths on the other side. */
const commission = useCommission()
const view = useLineUp()
const { model, real } = useFormat()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const box = useTemplateRef<HTMLElement>('box')
const width = useWidth(box)

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
const groundOf = (lift: number): number => ground.value - lift * sight.value.zoom
const shell = useShell()
// The rule below is held against what is drawn to scale.
watchEffect(() => {
  shell.pxPerMm = view.mode === 'true' && pxPerMm.value > 0 ? pxPerMm.value : undefined
})
onBeforeUnmount(() => {
  shell.pxPerMm = undefined
})
const chosen = computed(() =>
  view.pieces
    ? undefined
    : layout.value.stands.find(({ plant }) => plant.id === commission.selected?.line.id),
)
const measured = computed(() => (view.against ? layout.value.stands : chosen.value ? [chosen.value] : []))

/** The sight that the picture was painted at; on the way to another it is pushed and stretched. */
const paintedAt = shallowRef(sight.value)
const { isWhole } = usePlantsPicture(canvas, width, ref(HEIGHT), () => {
  const [from, scale] = [sight.value, pxPerMm.value]
  const [personX, groundY, person] = [seenX(from, layout.value.personX), ground.value, personMm.value]
  return {
    places: layout.value.stands.flatMap(({ plant, xs, lift }) =>
      xs.flatMap((x, i) =>
        drawnAt(plant, i).map(({ sitter, look, offsetMm }) => ({
          sitter,
          look,
          x: seenX(from, x) + offsetMm * scale * plant.shrink,
          groundY: groundOf(lift),
          pxPerMm: scale * plant.shrink,
        })),
      ),
    ),
    over: (context, waiting) => {
      paintedAt.value = from
      for (const place of waiting) paintOutline(context, place)
      paintPerson(context, personX, groundY, person * scale)
    },
  }
})
const moved = computed(() => movedTo(paintedAt.value, sight.value, GROUND))
const grid = computed(() =>
  gridLines(layout.value.shelves, pxPerMm.value, groundOf, HEIGHT, layout.value.topMm),
)
const left = (stand: Stand): number => seenX(sight.value, stand.left)
const right = (stand: Stand): number => seenX(sight.value, stand.right)
const top = ({ plant, lift }: Stand): number =>
  Math.min(groundOf(lift) - 30, groundOf(lift) - plant.heightMm * pxPerMm.value)
const words = ({ plant }: Stand): string =>
  view.pieces
    ? `Piece ${plant.label}: ${model(plant.trueHeightMm)} at the model`
    : `${plant.label}, ${model(plant.trueHeightMm)} at the model, ${real(toRealMm(plant.trueHeightMm, ratio.value))} real, ${plant.amount.replace('×', '')}${plant.plant.line.amount.kind === 'pieces' ? ' pieces' : ''}`

const { nearer, moveBy, press } = useSight(box, room)
const pointer = ref<{ x: number; y: number }>()
function follow(event: PointerEvent): void {
  const bounds = box.value?.getBoundingClientRect()
  pointer.value = { x: event.clientX - (bounds?.left ?? 0), y: event.clientY - (bounds?.top ?? 0) }
}
/** The line in hand is brought to the middle, where it is looked at from near. */
watch(
  () => commission.selected?.line.id,
  () => {
    const stand = chosen.value
    if (stand && sight.value.zoom > 1) moveBy(width.value / 2 - (left(stand) + right(stand)) / 2, 0)
  },
)
defineExpose({
  zoomIn: () => {
    nearer(1.6, anchor())
  },
  zoomOut: () => {
    nearer(1 / 1.6, anchor())
  },
})
/** Buttons magnify about the foot of the plant in hand. */
function anchor(): { x: number; y: number } {
  return {
    x: chosen.value ? (left(chosen.value) + right(chosen.value)) / 2 : width.value / 2,
    y: Math.min(ground.value, HEIGHT - 40),
  }
}
</script>

<template>
  <div
    ref="box"
    class="drawing relative flex-none overflow-hidden touch-pan-y"
    :class="{ near: sight.zoom > 1 }"
    :style="{ height: `${HEIGHT}px` }"
    tabindex="0"
    role="group"
    aria-label="Plants side by side. Plus and minus look nearer and further, arrows move, 0 shows all."
    @pointermove="follow"
    @pointerleave="pointer = undefined"
    @keydown="press"
  >
    <LineupGround
      :layout="layout"
      :grid="grid"
      :width="width"
      :height="HEIGHT"
      :px-per-mm="pxPerMm"
      :ground-of="groundOf"
    />
    <canvas
      ref="canvas"
      class="absolute inset-0"
      :aria-busy="!isWhole"
      :style="{ width: `${width}px`, height: `${HEIGHT}px`, transform: moved, transformOrigin: '0 0' }"
      aria-hidden="true"
    />
    <LineupMarks
      :layout="layout"
      :grid="grid"
      :measured="measured"
      :chosen="chosen"
      :ratio="ratio"
      :width="width"
      :height="HEIGHT"
      :px-per-mm="pxPerMm"
      :ground-of="groundOf"
    />
    <button
      v-for="stand in layout.stands"
      :key="stand.plant.id"
      type="button"
      class="hit absolute bg-transparent rounded-sm"
      :aria-label="words(stand)"
      :aria-pressed="stand === chosen"
      :style="{
        left: `${left(stand)}px`,
        width: `${Math.max(24, right(stand) - left(stand))}px`,
        top: `${top(stand)}px`,
        height: `${groundOf(stand.lift) + (layout.shelves.length > 1 ? 22 : 36) - top(stand)}px`,
      }"
      @click="commission.chooseLine(stand.plant.plant.line.id)"
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
.drawing.near {
  cursor: grab;
  touch-action: none;
}
.drawing.near:active {
  cursor: grabbing;
}
.hit:hover {
  background: rgb(47 106 69 / 0.05);
}
.near .hit {
  cursor: inherit;
}
</style>
