<script setup lang="ts">
import type { LineUp } from '../../drawing/line-up'
import { paintPerson } from '../../drawing/person'
import { seenX } from '../../drawing/sight'
import { drawnAt, type Subject } from '../../stores/line-up'

/**
 * A lens over the line-up: five times nearer, for what is small. It follows the pointer; without one it lies
 * over the plant in hand.
 */
const props = defineProps<{
  layout: LineUp<Subject>
  at: { x: number; y: number } | undefined
  ground: number
  width: number
  personMm: number
}>()
const commission = useCommission()
const view = useLineUp()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')

const SIDE = 230
const NEARER = 5
/** How far below the middle of the lens the ground lies when it looks at what is small, px of the drawing. */
const FOOT_BELOW = 11
const centre = computed(() => {
  const { at } = props
  if (at) {
    // What is small stands on the ground: near it, the lens shows the ground and what stands there.
    const feet = props.layout.shelves
      .map((lift) => props.ground - lift * view.sight.zoom)
      .find((y) => Math.abs(y - at.y) < SIDE / NEARER)
    return feet === undefined ? at : { x: at.x, y: feet - FOOT_BELOW }
  }
  const stand =
    props.layout.stands.find(({ plant }) => plant.id === commission.selected?.line.id) ??
    props.layout.stands[0]
  return {
    x: stand ? seenX(view.sight, (stand.left + stand.right) / 2) : props.width / 2,
    y: props.ground - FOOT_BELOW,
  }
})
/** The lens lies beside the place that it shows, where there is room. */
const place = computed(() => ({
  left: centre.value.x > props.width - SIDE - 90 ? centre.value.x - SIDE - 24 : centre.value.x + 24,
  top: Math.max(6, Math.min(376 - SIDE - 30, centre.value.y - SIDE / 2)),
}))

const { isWhole } = usePlantsPicture(canvas, ref(SIDE), ref(SIDE), () => {
  const centreX = centre.value.x
  const x = (at: number): number => (seenX(view.sight, at) - centreX) * NEARER + SIDE / 2
  const groundY = (props.ground - centre.value.y) * NEARER + SIDE / 2
  const pxPerMm = props.layout.pxPerMm * view.sight.zoom * NEARER
  const footY = (lift: number): number => groundY - lift * view.sight.zoom * NEARER
  const personX = x(props.layout.personX)
  const feet = props.layout.shelves.map(footY)
  const { personMm } = props
  return {
    places: props.layout.stands.flatMap(({ plant, xs, lift }) =>
      xs.flatMap((at, i) => {
        const reach = plant.crownWidthMm * pxPerMm
        if (x(at) < -reach || x(at) > SIDE + reach) return []
        return drawnAt(plant, i).map(({ sitter, look, offsetMm }) => ({
          sitter,
          look,
          x: x(at) + offsetMm * pxPerMm * plant.shrink,
          groundY: footY(lift),
          pxPerMm: pxPerMm * plant.shrink,
        }))
      }),
    ),
    over: (context) => {
      paintPerson(context, personX, groundY, personMm * pxPerMm)
      context.fillStyle = token('earth')
      for (const y of feet) context.fillRect(0, y, SIDE, 1.5)
    },
  }
})
</script>

<template>
  <div
    class="absolute pointer-events-none border-3 border-wood-edge rounded-full overflow-hidden bg-paper z-3"
    :style="{ left: `${place.left}px`, top: `${place.top}px`, width: `${SIDE}px`, height: `${SIDE}px` }"
    role="img"
    aria-label="Lens, five times nearer"
  >
    <canvas ref="canvas" :aria-busy="!isWhole" :style="{ width: `${SIDE}px`, height: `${SIDE}px` }" />
    <span class="absolute left-0 right-0 bottom-2.5 text-center text-[12px] text-wood-line"
      >×{{ NEARER }}</span
    >
  </div>
</template>
