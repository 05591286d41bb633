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
  const data = new Uint8ClampedArray(width * height * 4)
  const order = Array.from({ length: field.count }, (_, i) => i).sort(
    (a, b) => (field.at[b * FIELD_STRIDE + 1] ?? 0) - (field.at[a * FIELD_STRIDE + 1] ?? 0),
  )
  const rgb = colours.map(bytesOf)
  for (const i of order) {
    const o = i * FIELD_STRIDE
    const [x0 = 0, y0 = 0, x1 = 0, , up = 0, wide = 0] = field.at.subarray(o, o + FIELD_STRIDE)
    const depth = DEEP + (1 - DEEP) * (1 - Math.min(1, Math.max(0, y0 / depthMm)))
    stroke(data, width, height, {
      x0: x0 * pixelsPerMm,
      y0: height,
      x1: x1 * pixelsPerMm,
      y1: height - up * pixelsPerMm,
      wide: wide * pixelsPerMm,
      rgb: rgb[field.kind[i] ?? 0] ?? [0, 0, 0],
      from: depth * FOOT,
      to: depth,
    })
  }
  return { width, height, data }
}

/** The same stand from above, over its soil: what ends highest lies on top. */
export function paintFromAbove(
  { field, colours, pixelsPerMm, width, height }: View,
  soil: string,
): FieldPicture {
  const data = new Uint8ClampedArray(width * height * 4)
  const [r, g, b] = bytesOf(soil)
  for (let i = 0; i < data.length; i += 4) data.set([r, g, b, 255], i)
  const order = Array.from({ length: field.count }, (_, i) => i).sort(
    (p, q) => (field.at[p * FIELD_STRIDE + 4] ?? 0) - (field.at[q * FIELD_STRIDE + 4] ?? 0),
  )
  const rgb = colours.map(bytesOf)
  for (const i of order) {
    const o = i * FIELD_STRIDE
    const [x0 = 0, y0 = 0, x1 = 0, y1 = 0, , wide = 0] = field.at.subarray(o, o + FIELD_STRIDE)
    stroke(data, width, height, {
      x0: x0 * pixelsPerMm,
      y0: height - y0 * pixelsPerMm,
      x1: x1 * pixelsPerMm,
      y1: height - y1 * pixelsPerMm,
      wide: wide * pixelsPerMm,
      rgb: rgb[field.kind[i] ?? 0] ?? [0, 0, 0],
      from: FOOT,
      to: 1,
    })
  }
  return { width, height, data }
}

interface Stroke {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
  /** Width in pixels. */
  readonly wide: number
  readonly rgb: readonly [number, number, number]
  /** Brightness at the foot and at the tip. */
  readonly from: number
  readonly to: number
}

/** One straight fibre, a pixel at a time along its longer way. */
function stroke(data: Uint8ClampedArray, width: number, height: number, s: Stroke): void {
  const dx = s.x1 - s.x0
  const dy = s.y1 - s.y0
  const steps = Math.max(1, Math.ceil(Math.max(Math.abs(dx), Math.abs(dy))))
  const whole = Math.max(1, Math.round(s.wide))
  const through = Math.min(1, Math.max(0.25, s.wide))
  const level = Math.abs(dx) > Math.abs(dy)
  const [r, g, b] = s.rgb
  for (let i = 0; i <= steps; i += 1) {
    const t = i / steps
    const bright = s.from + (s.to - s.from) * t
    const x = Math.floor(s.x0 + dx * t)
    const y = Math.floor(s.y0 + dy * t)
    for (let k = 0; k < whole; k += 1) {
      const px = level ? x : x + k
      const py = level ? y + k : y
      if (px < 0 || py < 0 || px >= width || py >= height) continue
      const o = (py * width + px) * 4
      const a = (data[o + 3] ?? 0) / 255
      const keep = a * (1 - through)
      const alpha = through + keep
      data[o] = (r * bright * through + (data[o] ?? 0) * keep) / alpha
      data[o + 1] = (g * bright * through + (data[o + 1] ?? 0) * keep) / alpha
      data[o + 2] = (b * bright * through + (data[o + 2] ?? 0) * keep) / alpha
      data[o + 3] = alpha * 255
    }
  }
}
