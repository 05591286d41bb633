/** Puts a picture on a canvas, which takes its size; nothing of what was on it is left. */
export function putOn(canvas: HTMLCanvasElement, image: ImageData): CanvasRenderingContext2D | undefined {
  const { width, height } = image
  if (canvas.width !== width || canvas.height !== height) Object.assign(canvas, { width, height })
  const context = canvas.getContext('2d', { willReadFrequently: true })
  context?.putImageData(image, 0, 0)
  return context ?? undefined
}

/** A canvas of its own, not on the page. @param pixels RGBA, not premultiplied, a row after the other */
export function canvasOf(
  pixels: Uint8ClampedArray<ArrayBuffer>,
  width: number,
  height: number,
): HTMLCanvasElement {
  const canvas = document.createElement('canvas')
  putOn(canvas, new ImageData(pixels, width, height))
  return canvas
}
