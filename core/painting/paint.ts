import { decodeChannel, encodeChannel } from '../colour'
import type { PlantDrawing } from '../drawing'
import type { View } from '../growth'
import { Of } from './fragments'
import { SAMPLES } from './layers'
import { bareOf, Slot, type Palette } from './palette'
import { plateOf, type Plate } from './plate'

/** A picture as little-endian RGBA pixels, not premultiplied. */
export interface Raster {
  readonly width: number
  readonly height: number
  readonly pixels: Uint32Array
  /** While something moves: half of the samples are looked at. */
  readonly coarse?: boolean
}

/** Where a plant stands in a raster. */
export interface At {
  readonly x: number
  readonly groundY: number
  readonly pxPerMm: number
  readonly view?: View
}

/** A plant of more pixels than this is made a plate of only as far as it is seen. */
const LARGEST_PX = 1_100_000
/** What stands lower than this share of its height has died back, or been cleared, and is not there. */
const LEAST_HEIGHT = 0.02
/** Sizes and sides of one plant that are kept. */
const KEPT = 8
const plates = new WeakMap<PlantDrawing, Map<string, Plate>>()

/** The part of a plant that was last looked at from near. */
const parts = new WeakMap<PlantDrawing, { key: string; size: string; plate: Plate }>()

/** Whether a plant can be painted at once, without its plate being made first. */
export const isPlated = (drawing: PlantDrawing, palette: Palette, at: At): boolean =>
  plates.get(drawing)?.has(keyOf(at, palette)) ?? false

/** Side and size; the height of the day comes last, as another one will do while the day is sought. */
const sizeOf = ({ pxPerMm, view = 'front' }: At): string => `${view} ${pxPerMm.toFixed(4)} `
const keyOf = (at: At, { height }: Palette): string => `${sizeOf(at)}${at.view === 'top' ? 1 : height}`

/**
 * Paints one plant over what is there. The first time at a size its plate is made; after that each day costs a
 * look at its pixels.
 * @param bare without leaves, flowers and fruit
 */
export function paintPlant(
  raster: Raster,
  drawing: PlantDrawing,
  palette: Palette,
  at: At,
  bare = false,
): void {
  const { pxPerMm, view = 'front' } = at
  if (palette.height < LEAST_HEIGHT) return
  // From above nothing is lower.
  const upPxPerMm = pxPerMm * (view === 'top' ? 1 : palette.height)
  const foot = { x: Math.round(at.x), y: Math.round(at.groundY) }
  const colours = bare ? bareOf(palette) : palette
  const wide = Math.max(drawing.widthMm * 1.4, drawing.heightMm * 0.5) * pxPerMm
  const high = (view === 'top' ? drawing.widthMm * 1.4 : drawing.heightMm * 1.1) * pxPerMm
  if (foot.x + wide < 0 || foot.x - wide > raster.width) return
  if (wide * high > LARGEST_PX) {
    const part = {
      left: -foot.x,
      top: -foot.y,
      right: raster.width - foot.x,
      bottom: raster.height - foot.y,
    }
    const key = `${keyOf(at, palette)} ${foot.x} ${foot.y} ${raster.width} ${raster.height}`
    const last = parts.get(drawing)
    // On the move what is there already is pushed along; at rest the rest of it is made.
    const usable = last && (last.key === key || (raster.coarse && last.size === sizeOf(at)))
    const coarse = raster.coarse ?? false
    const plate = usable ? last.plate : plateOf(drawing, { view, pxPerMm, upPxPerMm, part, coarse })
    if (!usable) parts.set(drawing, { key: coarse ? '' : key, size: sizeOf(at), plate })
    develop(raster, plate, colours, foot, upPxPerMm / plate.upPxPerMm)
    return
  }
  const kept = plates.get(drawing) ?? new Map<string, Plate>()
  plates.set(drawing, kept)
  const key = keyOf(at, palette)
  const plate =
    kept.get(key) ??
    (raster.coarse ? anotherHeight(kept, at) : undefined) ??
    plateOf(drawing, { view, pxPerMm, upPxPerMm })
  const stretch = upPxPerMm / plate.upPxPerMm
  if (stretch === 1 || !raster.coarse) {
    kept.delete(key)
    kept.set(key, plate)
    const oldest = kept.keys().next().value
    if (kept.size > KEPT && oldest !== undefined) kept.delete(oldest)
  }
  develop(raster, plate, colours, foot, stretch)
}

/** A plate of the same size that is taller or lower, to be stretched while something moves. */
function anotherHeight(kept: ReadonlyMap<string, Plate>, at: At): Plate | undefined {
  const size = sizeOf(at)
  for (const [key, plate] of kept) if (key.startsWith(size)) return plate
  return undefined
}

const LINEAR = Float32Array.from({ length: 256 }, (_, byte) => decodeChannel(byte / 255))
const STEPS = 4096
const ENCODED = Uint8Array.from({ length: STEPS + 1 }, (_, i) => Math.round(encodeChannel(i / STEPS) * 255))

/** Lays a plate into a raster on a day: the nearest thing that hangs or stands, sample by sample. */
function develop(
  { width, height, pixels, coarse }: Raster,
  plate: Plate,
  palette: Palette,
  foot: { readonly x: number; readonly y: number },
  stretch: number,
): void {
  const { start, fragments } = plate
  const { light, leafAt, leaf, blade, flower, fruit, bloom } = palette
  const [left, top] = [foot.x + plate.left, foot.y + Math.floor(plate.top * stretch)]
  const tall = Math.ceil(plate.height * stretch)
  const [fromX, toX] = [Math.max(0, -left), Math.min(plate.width, width - left)]
  const [fromY, toY] = [Math.max(0, -top), Math.min(tall, height - top)]
  const step = coarse ? 2 : 1
  for (let py = fromY; py < toY; py += 1) {
    const row = Math.min(plate.height - 1, Math.floor(py / stretch)) * plate.width
    for (let px = fromX; px < toX; px += 1) {
      const first = (row + px) * SAMPLES
      if (start[first] === start[first + SAMPLES]) continue
      let red = 0
      let green = 0
      let blue = 0
      let hits = 0
      for (let s = 0; s < SAMPLES; s += step) {
        const sample = first + s
        const end = start[sample + 1] ?? 0
        for (let f = start[sample] ?? 0; f < end; f += 1) {
          const fragment = fragments[f] ?? 0
          const of = fragment >>> 29
          const tone = (fragment >>> 24) & 31
          let slot: number
          if (of === Of.wood) {
            const hiddenFrom = (fragment >>> 8) & 255
            if (hiddenFrom > 0 && leaf >= hiddenFrom) continue
            slot = Slot.wood + ((fragment >>> 16) & 255)
          } else if (of === Of.leaf) {
            if ((fragment & 255) < bloom) slot = Slot.flower + tone
            else if (((fragment >>> 8) & 255) > leaf) continue
            else slot = (leafAt[(fragment >>> 16) & 255] ?? 0) + tone
          } else if (of === Of.blade) {
            if (((fragment >>> 8) & 255) > blade) continue
            slot = (leafAt[(fragment >>> 16) & 255] ?? 0) + tone
          } else {
            if (((fragment >>> 8) & 255) > (of === Of.fruit ? fruit : flower)) continue
            slot = (of === Of.fruit ? Slot.fruit : of === Of.eye ? Slot.eye : Slot.flower) + tone
          }
          const at = slot * 3
          red += light[at] ?? 0
          green += light[at + 1] ?? 0
          blue += light[at + 2] ?? 0
          hits += 1
          break
        }
      }
      if (hits === 0) continue
      const at = (top + py) * width + left + px
      pixels[at] = laidOver(red / hits, green / hits, blue / hits, (hits * step) / SAMPLES, pixels[at] ?? 0)
    }
  }
}

/** A colour in linear light over a pixel, covering so much of it. */
function laidOver(red: number, green: number, blue: number, covers: number, under: number): number {
  const below = (under >>> 24) / 255
  if (covers >= 1 || below === 0)
    return (
      ((Math.round(covers * 255) << 24) | (byteOf(blue) << 16) | (byteOf(green) << 8) | byteOf(red)) >>> 0
    )
  const alpha = covers + below * (1 - covers)
  const k = covers / alpha
  const mixed = (own: number, byte: number): number => byteOf(own * k + (LINEAR[byte] ?? 0) * (1 - k))
  return (
    ((Math.round(alpha * 255) << 24) |
      (mixed(blue, (under >>> 16) & 255) << 16) |
      (mixed(green, (under >>> 8) & 255) << 8) |
      mixed(red, under & 255)) >>>
    0
  )
}

const byteOf = (linear: number): number => ENCODED[Math.min(STEPS, Math.round(linear * STEPS))] ?? 0
