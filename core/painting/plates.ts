import type { PlantDrawing } from '../drawing'
import type { Palette } from './palette'
import { platingOf, type Plate } from './plate'
import type { PlateSize } from './pieces'
import type { RasterPlace, Raster } from './raster'

/** A plant of more pixels than this is made a plate of only as far as it is seen. */
const LARGEST_PX = 1_100_000
/** Sizes and sides of one plant that are kept. */
const KEPT = 8
/** Copies of one plant in one picture whose parts are kept, seen from near. */
const KEPT_PARTS = 4

const wholes = new WeakMap<PlantDrawing, Map<string, Plate>>()

/** A plant as far as it is seen in a picture, from near. */
interface Part {
  readonly key: string
  readonly size: string
  readonly x: number
  readonly y: number
  readonly plate: Plate
}
/** By the picture's buffer: another picture of the same plant sees another part of it. */
const parts = new WeakMap<ArrayBufferLike, WeakMap<PlantDrawing, Part[]>>()

/** Side and size; the height of the day comes last, as another one will do while the day is sought. */
const sizeOf = ({ pxPerMm, view = 'front' }: RasterPlace): string => `${view} ${pxPerMm.toFixed(4)} `
const keyOf = (at: RasterPlace, { height }: Palette): string =>
  `${sizeOf(at)}${at.view === 'top' ? 1 : height}`
const partKeyOf = ({ width, height }: Raster, at: RasterPlace, palette: Palette): string =>
  `${keyOf(at, palette)} ${Math.round(at.x)} ${Math.round(at.groundY)} ${width} ${height}`

/** Half the width and the height that a plant can take, px, with all that sways beyond its outline. */
export function reachOf(
  drawing: PlantDrawing,
  { pxPerMm, view }: RasterPlace,
): { wide: number; high: number } {
  const wide = Math.max(drawing.widthMm * 1.4, drawing.heightMm * 0.5) * pxPerMm
  const high = (view === 'top' ? drawing.widthMm * 1.4 : drawing.heightMm * 1.1) * pxPerMm
  return { wide, high }
}

function isNear(drawing: PlantDrawing, at: RasterPlace): boolean {
  const { wide, high } = reachOf(drawing, at)
  return wide * high > LARGEST_PX
}

/** The plate that a plant can be painted with at once; on the move one of another height or part will do. */
export function keptPlate(
  raster: Raster,
  drawing: PlantDrawing,
  palette: Palette,
  at: RasterPlace,
): Plate | undefined {
  if (isNear(drawing, at)) return keptPart(raster, drawing, palette, at)
  const kept = wholes.get(drawing)
  const key = keyOf(at, palette)
  const plate = kept?.get(key)
  if (!kept || !plate) return raster.coarse && kept ? anotherHeight(kept, at) : undefined
  // What was used last goes last.
  kept.delete(key)
  kept.set(key, plate)
  return plate
}

/** How the plate of a plant is made as it stands in a picture, and how it is kept. */
interface Order {
  readonly key: string
  readonly size: PlateSize
  keep(plate: Plate): void
}
function orderOf(raster: Raster, drawing: PlantDrawing, palette: Palette, at: RasterPlace): Order {
  const { pxPerMm, view = 'front' } = at
  const upPxPerMm = pxPerMm * (view === 'top' ? 1 : palette.height)
  if (isNear(drawing, at)) {
    const [x, y] = [Math.round(at.x), Math.round(at.groundY)]
    const part = { left: -x, top: -y, right: raster.width - x, bottom: raster.height - y }
    const coarse = raster.coarse ?? false
    const key = coarse ? '' : partKeyOf(raster, at, palette)
    return {
      key: `part ${partKeyOf(raster, at, palette)} ${String(coarse)}`,
      size: { view, pxPerMm, upPxPerMm, part, coarse },
      keep: (plate) => {
        keepPart(raster, drawing, { key, size: sizeOf(at), x, y, plate })
      },
    }
  }
  const key = keyOf(at, palette)
  return {
    key,
    size: { view, pxPerMm, upPxPerMm },
    keep: (plate) => {
      const kept = wholes.get(drawing) ?? new Map<string, Plate>()
      wholes.set(drawing, kept)
      kept.set(key, plate)
      const oldest = kept.keys().next().value
      if (kept.size > KEPT && oldest !== undefined) kept.delete(oldest)
    },
  }
}

/** Plates that are being made; of each drawing the one that was wanted last. */
const begun = new WeakMap<PlantDrawing, { readonly key: string; readonly plating: Generator<void, Plate> }>()

/**
 * Works at the plate of a plant as it stands in a picture, and keeps it when it is there. What was begun is gone on
 * with, for as long as the same is wanted.
 * @param isOver asked every few ms whether there is no more time
 * @returns the plate; undefined when it is not there yet
 */
export function workAtPlate(
  raster: Raster,
  drawing: PlantDrawing,
  palette: Palette,
  at: RasterPlace,
  isOver: () => boolean,
): Plate | undefined {
  const order = orderOf(raster, drawing, palette, at)
  const before = begun.get(drawing)
  const work =
    before?.key === order.key ? before : { key: order.key, plating: platingOf(drawing, order.size) }
  begun.set(drawing, work)
  for (;;) {
    const next = work.plating.next()
    if (next.done) {
      begun.delete(drawing)
      order.keep(next.value)
      return next.value
    }
    if (isOver()) return undefined
  }
}

/** Makes a plate for a plant as it stands in a picture, and keeps it. */
export const makePlate = (
  raster: Raster,
  drawing: PlantDrawing,
  palette: Palette,
  at: RasterPlace,
): Plate => {
  const plate = workAtPlate(raster, drawing, palette, at, () => false)
  if (!plate) throw new Error('a plate that nobody hurries is made whole')
  return plate
}

/** A plate of the same size that is taller or lower, to be stretched while something moves. */
function anotherHeight(kept: ReadonlyMap<string, Plate>, at: RasterPlace): Plate | undefined {
  const size = sizeOf(at)
  for (const [key, plate] of kept) if (key.startsWith(size)) return plate
  return undefined
}

/** The part that is seen; on the move the nearest one that was seen is pushed along, and at rest it is made anew. */
function keptPart(
  raster: Raster,
  drawing: PlantDrawing,
  palette: Palette,
  at: RasterPlace,
): Plate | undefined {
  const seen = parts.get(raster.pixels.buffer)?.get(drawing) ?? []
  const key = partKeyOf(raster, at, palette)
  const same = seen.find((part) => part.key === key)
  if (same || !raster.coarse) return same?.plate
  const size = sizeOf(at)
  const away = ({ x, y }: Part): number => Math.hypot(x - at.x, y - at.groundY)
  return seen.filter((part) => part.size === size).sort((a, b) => away(a) - away(b))[0]?.plate
}

function keepPart({ pixels }: Raster, drawing: PlantDrawing, part: Part): void {
  const ofPicture = parts.get(pixels.buffer) ?? new WeakMap<PlantDrawing, Part[]>()
  parts.set(pixels.buffer, ofPicture)
  const others = (ofPicture.get(drawing) ?? []).filter(({ size }) => size === part.size)
  ofPicture.set(drawing, [part, ...others].slice(0, KEPT_PARTS))
}
