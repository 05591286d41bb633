import { decodeChannel, encodeChannel } from '../colour'
import type { PlantDrawing } from '../drawing'
import { Of } from './fragments'
import { SAMPLES } from './layers'
import { bareOf, PaletteSlot, type Palette } from './palette'
import type { Plate } from './plate'
import { keptPlate, makePlate, reachOf, workAtPlate } from './plates'
import type { RasterPlace, Raster } from './raster'

/** What stands lower than this share of its height has died back, or been cleared, and is not there. */
const LEAST_HEIGHT = 0.02

/** Whether any of a plant can lie within a picture on a day. */
function isSeen({ width }: Raster, drawing: PlantDrawing, palette: Palette, at: RasterPlace): boolean {
  const { wide } = reachOf(drawing, at)
  return palette.height >= LEAST_HEIGHT && at.x + wide >= 0 && at.x - wide <= width
}

/** Whether a plant can be painted at once, without a plate being made first. */
export const isPlated = (raster: Raster, drawing: PlantDrawing, palette: Palette, at: RasterPlace): boolean =>
  !isSeen(raster, drawing, palette, at) || keptPlate(raster, drawing, palette, at) !== undefined

/**
 * Works at what painting a plant needs, for as long as there is time.
 * @param isOver asked every few ms whether there is no more time
 * @returns whether it can be painted at once
 */
export const readied = (
  raster: Raster,
  drawing: PlantDrawing,
  palette: Palette,
  at: RasterPlace,
  isOver: () => boolean,
): boolean =>
  isPlated(raster, drawing, palette, at) || workAtPlate(raster, drawing, palette, at, isOver) !== undefined

/**
 * Paints one plant over what is there. The first time at a size its plate is made; after that each day costs a
 * look at its pixels.
 * @param bare without leaves, flowers and fruit
 */
export function paintPlant(
  raster: Raster,
  drawing: PlantDrawing,
  palette: Palette,
  at: RasterPlace,
  bare = false,
): void {
  if (!isSeen(raster, drawing, palette, at)) return
  const plate = keptPlate(raster, drawing, palette, at) ?? makePlate(raster, drawing, palette, at)
  // From above nothing is lower.
  const upPxPerMm = at.pxPerMm * (at.view === 'top' ? 1 : palette.height)
  const foot = { x: Math.round(at.x), y: Math.round(at.groundY) }
  develop(raster, plate, bare ? bareOf(palette) : palette, foot, upPxPerMm / plate.upPxPerMm)
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
            slot = PaletteSlot.wood + ((fragment >>> 16) & 255)
          } else if (of === Of.leaf) {
            if ((fragment & 255) < bloom) slot = PaletteSlot.flower + tone
            else if (((fragment >>> 8) & 255) > leaf) continue
            else slot = (leafAt[(fragment >>> 16) & 255] ?? 0) + tone
          } else if (of === Of.blade) {
            if (((fragment >>> 8) & 255) > blade) continue
            slot = (leafAt[(fragment >>> 16) & 255] ?? 0) + tone
          } else {
            if (((fragment >>> 8) & 255) > (of === Of.fruit ? fruit : flower)) continue
            slot =
              (of === Of.fruit ? PaletteSlot.fruit : of === Of.eye ? PaletteSlot.eye : PaletteSlot.flower) +
              tone
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
