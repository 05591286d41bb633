import { useDevicePixelRatio } from '@vueuse/core'
import type { Raster } from '~~/core/painting'

/** Paintings that follow each other faster than this are of something that moves: they are made coarser, to keep up. */
const HURRY_MS = 260
/** A picture that has come to rest for so long is painted finely. */
const REST_MS = 280

/**
 * A canvas as a buffer of pixels to paint plants into, as fine as the screen. Lengths given to painters are
 * in px of the page times `scale`.
 */
export function useRaster(
  canvas: Readonly<Ref<HTMLCanvasElement | null>>,
  width: Ref<number>,
  height: Ref<number>,
) {
  const { pixelRatio } = useDevicePixelRatio()
  const fine = computed(() => Math.min(3, Math.max(1, pixelRatio.value)))
  let image: ImageData | undefined
  let last = -Infinity
  let coarseNow = false
  let rest: ReturnType<typeof setTimeout> | undefined
  /** @param kept whether what was painted before is there still: only what is new is to be added */
  type Work = (raster: Raster, scale: number, kept: boolean) => void
  type After = (context: CanvasRenderingContext2D) => void

  /**
   * Paints a picture: the buffer is empty, and what was painted is shown at the end.
   * @param goesOn the same picture again, with what there was no time for: nothing moves
   */
  function paint(work: Work, after?: After, goesOn = false): void {
    const now = performance.now()
    const hurried = goesOn ? coarseNow : now - last < HURRY_MS
    last = now
    clearTimeout(rest)
    if (hurried)
      rest = setTimeout(() => {
        render(false, work, after, false)
      }, REST_MS)
    render(hurried, work, after, goesOn && !hurried)
  }
  function render(coarse: boolean, work: Work, after: After | undefined, goesOn: boolean): void {
    coarseNow = coarse
    const scale = fine.value
    const element = canvas.value
    const context = element?.getContext('2d', { willReadFrequently: true })
    if (!element || !context || width.value === 0) return
    const [columns, rows] = [
      Math.max(1, Math.round(width.value * scale)),
      Math.max(1, Math.round(height.value * scale)),
    ]
    if (element.width !== columns || element.height !== rows)
      Object.assign(element, { width: columns, height: rows })
    const kept = goesOn && image?.width === columns && image.height === rows
    if (image?.width !== columns || image.height !== rows) image = new ImageData(columns, rows)
    const pixels = new Uint32Array(image.data.buffer)
    if (!kept) pixels.fill(0)
    work({ width: columns, height: rows, pixels, coarse }, scale, kept)
    context.putImageData(image, 0, 0)
    if (!after) return
    context.setTransform(scale, 0, 0, scale, 0, 0)
    after(context)
    context.setTransform(1, 0, 0, 1, 0, 0)
  }
  onBeforeUnmount(() => {
    clearTimeout(rest)
  })
  return { scale: fine, paint }
}
