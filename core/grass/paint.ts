import { fromHex, encodeChannel } from '../colour'
import { FIELD_STRIDE, type FibreField } from './field'

/** A picture in RGBA, row by row from the top left. */
export interface FieldPicture {
  readonly width: number
  readonly height: number
  readonly data: Uint8ClampedArray<ArrayBuffer>
}

interface View {
  readonly field: FibreField
  /** Colours by kind of fibre. */
  readonly colours: readonly string[]
  readonly pixelsPerMm: number
  readonly width: number
  readonly height: number
}

const bytesOf = (hex: string): [number, number, number] => {
  const [r, g, b] = fromHex(hex)
  return [encodeChannel(r) * 255, encodeChannel(g) * 255, encodeChannel(b) * 255]
}

/** What lies deeper in the strip is a little darker, and so is the foot of each fibre. From memory. */
const DEEP = 0.72
const FOOT = 0.62

/**
 * A section through the sward from the front: what stands deeper first. The ground is the lower edge of the
 * picture. Fibres thinner than a pixel let a share of it through.
 * @param depthMm of the strip
 */
export function paintSection(
  { field, colours, pixelsPerMm, width, height }: View,
  depthMm: number,
): FieldPicture {
  const picture = blank(width, height)
  const { at } = field
  const rgb = colours.map(bytesOf)
  for (const i of inOrder(field, 1, depthMm)) {
    const o = i * FIELD_STRIDE
    const depth = DEEP + (1 - DEEP) * (1 - Math.min(1, Math.max(0, (at[o + 1] ?? 0) / depthMm)))
    stroke(
      picture,
      (at[o] ?? 0) * pixelsPerMm,
      height - (at[o + 6] ?? 0) * pixelsPerMm,
      (at[o + 2] ?? 0) * pixelsPerMm,
      height - (at[o + 4] ?? 0) * pixelsPerMm,
      (at[o + 5] ?? 0) * pixelsPerMm,
      rgb[field.kind[i] ?? 0] ?? BLACK,
      depth * FOOT,
      depth,
    )
  }
  return picture
}

/** The same stand from above, over its soil: what ends highest lies on top. */
export function paintFromAbove(
  { field, colours, pixelsPerMm, width, height }: View,
  soil: string,
): FieldPicture {
  const picture = blank(width, height)
  const [r, g, b] = bytesOf(soil)
  for (let i = 0; i < picture.data.length; i += 4) picture.data.set([r, g, b, 255], i)
  const { at } = field
  const rgb = colours.map(bytesOf)
  let highest = 0
  for (let o = 4; o < at.length; o += FIELD_STRIDE) highest = Math.max(highest, at[o] ?? 0)
  const order = inOrder(field, 4, highest).reverse()
  for (const i of order) {
    const o = i * FIELD_STRIDE
    stroke(
      picture,
      (at[o] ?? 0) * pixelsPerMm,
      height - (at[o + 1] ?? 0) * pixelsPerMm,
      (at[o + 2] ?? 0) * pixelsPerMm,
      height - (at[o + 3] ?? 0) * pixelsPerMm,
      (at[o + 5] ?? 0) * pixelsPerMm,
      rgb[field.kind[i] ?? 0] ?? BLACK,
      FOOT,
      1,
    )
  }
  return picture
}

const BLACK = [0, 0, 0] as const
const blank = (width: number, height: number): FieldPicture => ({
  width,
  height,
  data: new Uint8ClampedArray(width * height * 4),
})

/** Levels that fibres are told apart by, in depth or height: finer than an eye sees. */
const LEVELS = 512

/** Places of fibres by one of their numbers, the largest first, in levels up to a most. */
function inOrder({ at, count }: FibreField, number: number, most: number): Uint32Array {
  const levelOf = (i: number): number =>
    Math.min(
      LEVELS - 1,
      Math.max(0, Math.floor((1 - (at[i * FIELD_STRIDE + number] ?? 0) / Math.max(1e-9, most)) * LEVELS)),
    )
  const starts = new Uint32Array(LEVELS + 1)
  for (let i = 0; i < count; i += 1) {
    const level = levelOf(i)
    starts[level + 1] = (starts[level + 1] ?? 0) + 1
  }
  for (let level = 0; level < LEVELS; level += 1)
    starts[level + 1] = (starts[level + 1] ?? 0) + (starts[level] ?? 0)
  const order = new Uint32Array(count)
  for (let i = 0; i < count; i += 1) {
    const level = levelOf(i)
    const place = starts[level] ?? 0
    order[place] = i
    starts[level] = place + 1
  }
  return order
}

/**
 * One straight fibre, a pixel at a time along its longer way; thinner than a pixel, it lets a share through.
 * @param wide in pixels @param from, to brightness at the foot and at the tip
 */
function stroke(
  { data, width, height }: FieldPicture,
  x0: number,
  y0: number,
  x1: number,
  y1: number,
  wide: number,
  rgb: readonly [number, number, number],
  from: number,
  to: number,
): void {
  const dx = x1 - x0
  const dy = y1 - y0
  const steps = Math.max(1, Math.ceil(Math.max(Math.abs(dx), Math.abs(dy))))
  const whole = Math.max(1, Math.round(wide))
  const through = Math.min(1, Math.max(0.25, wide))
  const level = Math.abs(dx) > Math.abs(dy)
  const [r, g, b] = rgb
  for (let i = 0; i <= steps; i += 1) {
    const t = i / steps
    const bright = (from + (to - from) * t) * through
    const x = Math.floor(x0 + dx * t)
    const y = Math.floor(y0 + dy * t)
    for (let k = 0; k < whole; k += 1) {
      const px = level ? x : x + k
      const py = level ? y + k : y
      if (px < 0 || py < 0 || px >= width || py >= height) continue
      const o = (py * width + px) * 4
      const keep = ((data[o + 3] ?? 0) / 255) * (1 - through)
      const alpha = through + keep
      data[o] = (r * bright + (data[o] ?? 0) * keep) / alpha
      data[o + 1] = (g * bright + (data[o + 1] ?? 0) * keep) / alpha
      data[o + 2] = (b * bright + (data[o + 2] ?? 0) * keep) / alpha
      data[o + 3] = alpha * 255
    }
  }
}
