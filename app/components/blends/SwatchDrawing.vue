<script setup lang="ts">
import { paintSwatch, sitesOn, grainsToCover, type Mixture } from '~~/core/blends'
import type { Sealing } from '~~/core/colour'
import { inTurn, outOfTurn } from '../../drawing/in-turn'

/** A swatch of a mix: its grains at true size on this screen, or so many times larger, dry or sealed. */
const props = withDefaults(
  defineProps<{
    mixture: Mixture
    width: number
    height: number
    sealing?: Sealing
    times?: number
    label?: string
  }>(),
  { times: 1, label: '' },
)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
/** A px of the page is 1/96 inch. */
const PX_PER_MM = 96 / 25.4
const pxPerMm = computed(() => PX_PER_MM * props.times)
const raster = useRaster(
  canvas,
  toRef(() => props.width),
  toRef(() => props.height),
)
const swatch = computed(() => ({
  widthMm: props.width / pxPerMm.value,
  heightMm: props.height / pxPerMm.value,
}))
/** Grains stay where they lie while parts are changed by hand: places are made anew only for another size of grain. */
const most = computed(() => {
  const { widthMm, heightMm } = swatch.value
  // In steps, so that a part more or less moves nothing.
  return 2 ** Math.ceil(Math.log2(Math.max(8, grainsToCover(props.mixture, widthMm, heightMm))))
})
const sites = computed(() => sitesOn(swatch.value.widthMm, swatch.value.heightMm, most.value))

function paint(): void {
  raster.paint((pixels, k) => {
    paintSwatch(pixels, props.mixture, sites.value, pxPerMm.value * k, props.sealing)
  })
}
/** A page has many swatches: each is painted when there is time for it. */
const paintInTurn = (): void => {
  inTurn(paint)
}
watch(
  [() => props.mixture, () => props.sealing, swatch, most, raster.scale, () => props.width],
  paintInTurn,
  {
    flush: 'post',
  },
)
onMounted(paintInTurn)
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
