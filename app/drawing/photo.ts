import type { Picture } from '../../core/inspection'

/** The longer side of a picture that is measured, and of one that is kept, px. */
const MEASURED_PX = 1400
const KEPT_PX = 360

/** A picture drawn smaller, its longer side so many px at most. @throws when the file is no picture */
async function drawn(file: Blob, mostPx: number): Promise<HTMLCanvasElement> {
  const bitmap = await createImageBitmap(file)
  const shrink = Math.min(1, mostPx / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(bitmap.width * shrink))
  canvas.height = Math.max(1, Math.round(bitmap.height * shrink))
  const context = canvas.getContext('2d', { colorSpace: 'srgb', willReadFrequently: true })
  if (!context) throw new Error('no canvas')
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return canvas
}

/** The pixels of a picture, in sRGB. */
export async function picturePixels(file: Blob): Promise<Picture & { readonly canvas: HTMLCanvasElement }> {
  const canvas = await drawn(file, MEASURED_PX)
  const context = canvas.getContext('2d')
  if (!context) throw new Error('no canvas')
  const { width, height, data } = context.getImageData(0, 0, canvas.width, canvas.height)
  return { width, height, data, canvas }
}

/** A picture small enough to keep with a record, as a data address. */
export async function smallPhoto(file: Blob): Promise<string> {
  return (await drawn(file, KEPT_PX)).toDataURL('image/jpeg', 0.82)
}
