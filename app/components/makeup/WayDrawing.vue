<script setup lang="ts">
import { tonesOf } from '~~/core/colour'
import type { Rendering } from '~~/core/renderings'
import type { Look } from '~~/core/plants'
import { drawingOf } from '../../drawing/studio'
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

const inOne = (look: Look): Look => {
  if (props.colour === undefined) return look
  const tones = tonesOf(props.colour)
  return { ...look, tones, leaves: [{ tones, share: 1, outer: 1 }] }
}
const { isWhole } = usePlantsPicture(
  canvas,
  toRef(() => props.width),
  toRef(() => props.height),
  () => {
    const { size } = props.plant
    const parts = partsOf(props.plant)
    const reachMm = parts.map(({ sitter, offsetMm }) => {
      const drawing = drawingOf(sitter, props.rendering)
      return drawing ? 2 * Math.abs(offsetMm) + drawing.widthMm : 0
    })
    const wideMm = Math.max(size.crownWidthMm, ...reachMm)
    const pxPerMm = Math.min(
      (props.height - ground.value - 6) / (size.heightMm * 1.04),
      (props.width - 6) / (wideMm * 1.08),
    )
    return {
      places: parts.map(({ sitter, of, offsetMm }) => ({
        sitter,
        ...(props.rendering && { rendering: props.rendering }),
        look: inOne(of.look),
        x: props.width / 2 + offsetMm * pxPerMm,
        groundY: props.height - ground.value,
        pxPerMm,
        bare: props.bare,
      })),
    }
  },
)
</script>

<template>
  <canvas
    ref="canvas"
    class="block"
    :style="{ width: `${width}px`, height: `${height}px` }"
    :aria-busy="!isWhole"
    :role="label ? 'img' : undefined"
    :aria-label="label || undefined"
    :aria-hidden="label ? undefined : 'true'"
  />
</template>
