import { useDevicePixelRatio } from '@vueuse/core'
import type { Raster } from '~~/core/painting'
import { putOn } from '../drawing/put-on'

/** Px of a raster to one of the page: as fine as the screen. */
export function useFineness(): ComputedRef<number> {
  const { pixelRatio } = useDevicePixelRatio()
  return computed(() => Math.min(3, Math.max(1, pixelRatio.value)))
}

/**
 * A canvas as a buffer of pixels to paint into, as fine as the screen. Lengths given to painters are in px of the page
 * times `scale`.
 */
export function useRaster(
  canvas: Readonly<Ref<HTMLCanvasElement | null>>,
  width: Readonly<Ref<number>>,
  height: Readonly<Ref<number>>,
) {
  const scale = useFineness()
  /** Paints a picture: the buffer is empty, and what was painted is shown at the end. */
  function paint(work: (raster: Raster, scale: number) => void): void {
    if (!canvas.value || width.value === 0) return
    const size = {
      width: Math.max(1, Math.round(width.value * scale.value)),
      height: Math.max(1, Math.round(height.value * scale.value)),
    }
    const image = new ImageData(size.width, size.height)
    work({ ...size, pixels: new Uint32Array(image.data.buffer) }, scale.value)
    putOn(canvas.value, image)
  }
  return { scale, paint }
}
