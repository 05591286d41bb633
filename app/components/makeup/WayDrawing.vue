<script setup lang="ts">
import { tonesOf } from '~~/core/colour'
import type { Rendering } from '~~/core/renderings'
import { paintPlant, paletteOf, readied } from '~~/core/painting'
import type { Look } from '~~/core/plants'
import { inTurn, outOfTurn } from '../../drawing/in-turn'
import { arrived, drawingAsked, drawingOf } from '../../drawing/studio'
import type { Plant } from '../../stores/plant'
import { partsOf } from '../../stores/line-up'

/**
 * A plant of a line in small, on the skeleton that it is drawn with: as it grew, or as a way of making shows it; in the
 * leaves of the day, or all of it in one colour.
 */
const props = withDefaults(
  defineProps<{
    plant: Plant
    rendering?: Rendering
    bare?: boolean
    colour?: string
    label?: string
    width: number
    height: number
  }>(),
  { bare: false, label: '' },
)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const ground = computed(() => Math.min(10, props.height / 8))

const raster = useRaster(
  canvas,
  toRef(() => props.width),
  toRef(() => props.height),
)
const inOne = (look: Look): Look => {
  if (props.colour === undefined) return look
  const tones = tonesOf(props.colour)
  return { ...look, tones, leaves: [{ tones, share: 1, outer: 1 }] }
}
function paint(isOver: () => boolean): boolean {
  const { size } = props.plant
  const drawn = partsOf(props.plant).flatMap((part) => {
    const drawing = drawingAsked(part.sitter, props.rendering)
    return drawing ? [{ ...part, drawing }] : []
  })
  const reachMm = drawn.map(({ drawing, offsetMm }) => 2 * Math.abs(offsetMm) + drawing.widthMm)
  const wideMm = Math.max(size.crownWidthMm, ...reachMm)
  const pxPerMm = Math.min(
    (props.height - ground.value - 6) / (size.heightMm * 1.04),
    (props.width - 6) / (wideMm * 1.08),
  )
  let isDone = true
  raster.paint((pixels, k) => {
    for (const { drawing, of, offsetMm } of drawn) {
      const palette = paletteOf(inOne(of.look))
      const at = {
        x: (props.width / 2 + offsetMm * pxPerMm) * k,
        groundY: (props.height - ground.value) * k,
        pxPerMm: pxPerMm * k,
      }
      if (readied(pixels, drawing, palette, at, isOver)) paintPlant(pixels, drawing, palette, at, props.bare)
      else isDone = false
    }
  })
  return isDone
}
/** What there is to draw of it: others' drawings that arrive change nothing. */
const there = computed(() => partsOf(props.plant).map(({ sitter }) => drawingOf(sitter, props.rendering)))
const soon = (): void => {
  inTurn(paint)
}
watch(
  [() => props.plant, () => props.bare, () => props.rendering, () => props.colour, raster.scale, there],
  soon,
  {
    flush: 'post',
  },
)
watch(arrived, () => {
  if (there.value.includes(undefined)) soon()
})
onMounted(soon)
onBeforeUnmount(() => {
  outOfTurn(paint)
})
</script>

<template>
  <canvas
    ref="canvas"
    class="block"
    :style="{ width: `${width}px`, height: `${height}px` }"
    :role="label ? 'img' : undefined"
    :aria-label="label || undefined"
    :aria-hidden="label ? undefined : 'true'"
  />
</template>
