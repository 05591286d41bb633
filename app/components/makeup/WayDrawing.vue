<script setup lang="ts">
import type { Manner } from '~~/core/manners'
import { paintPlant, paletteOf } from '~~/core/painting'
import { arrived, drawingAsked } from '../../drawing/studio'
import type { Plant } from '../../stores/commission'
import { partsOf } from '../../stores/line-up'

/** The piece as a way of making shows it, on the skeleton that it is drawn with. */
const props = defineProps<{ plant: Plant; manner: Manner; bare: boolean; width: number; height: number }>()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const GROUND = 10

const raster = useRaster(
  canvas,
  toRef(() => props.width),
  toRef(() => props.height),
)
function paint(): void {
  const { size } = props.plant
  const drawn = partsOf(props.plant).flatMap((part) => {
    const drawing = drawingAsked(part.sitter, props.manner)
    return drawing ? [{ ...part, drawing }] : []
  })
  const reachMm = drawn.map(({ drawing, offsetMm }) => 2 * Math.abs(offsetMm) + drawing.widthMm)
  const wideMm = Math.max(size.crownWidthMm, ...reachMm)
  const pxPerMm = Math.min(
    (props.height - GROUND - 6) / (size.heightMm * 1.04),
    (props.width - 6) / (wideMm * 1.08),
  )
  raster.paint((pixels, k) => {
    for (const { drawing, of, offsetMm } of drawn)
      paintPlant(
        pixels,
        drawing,
        paletteOf(of.look),
        {
          x: (props.width / 2 + offsetMm * pxPerMm) * k,
          groundY: (props.height - GROUND) * k,
          pxPerMm: pxPerMm * k,
        },
        props.bare,
      )
  })
}
watch([() => props.plant, () => props.bare, () => props.manner, raster.scale, arrived], paint, {
  flush: 'post',
})
onMounted(paint)
</script>

<template>
  <canvas
    ref="canvas"
    class="block"
    :style="{ width: `${width}px`, height: `${height}px` }"
    aria-hidden="true"
  />
</template>
