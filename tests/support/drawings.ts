import { lineSize, sitterOf, type Line, type DrawingSubject } from '../../core/commissions'
import { drawingPlant, type PlantDrawing } from '../../core/drawing'
import type { DressKind, Habitus } from '../../core/growth'
import { paintPlant, paletteOf, type Raster } from '../../core/painting'
import type { Look, Species } from '../../core/plants'
import { commission, line } from './workshop'

/** Grows and dresses a plant in one go. */
export function drawPlant(plant: Habitus, dress: DressKind, seed: number): PlantDrawing {
  const work = drawingPlant(plant, dress, seed)
  for (;;) {
    const next = work.next()
    if (next.done) return next.value
  }
}

/** Grows and dresses what a line's plant is drawn from. */
export const drawSitter = ({ habitus, dress, seed }: DrawingSubject): PlantDrawing =>
  drawPlant(habitus, dress, seed)

/** What one piece of a species is drawn from, in the usual commission. */
export function sitterFor(row: Species, over: Partial<Line> = {}): DrawingSubject {
  const own = line({ speciesId: row.id, ...over })
  return sitterOf(own, row, lineSize(own, commission(), row), row.seeThrough)
}

/** A plant painted so high, its foot in the middle of the lowest row; and px to a mm. */
export function painted(
  sitter: DrawingSubject,
  look: Look,
  { heightPx, bare = false }: { heightPx: number; bare?: boolean },
): Raster & { readonly pxPerMm: number; readonly groundY: number } {
  const { heightMm, crownWidthMm, row } = sitter.habitus
  const pxPerMm = heightPx / Math.max(heightMm, (row?.lengthMm ?? crownWidthMm) * 0.8)
  const width = Math.ceil((row?.lengthMm ?? crownWidthMm) * pxPerMm * 1.5) + 20
  const height = Math.ceil(heightMm * pxPerMm * 1.05) + 6
  const raster = { width, height, pixels: new Uint32Array(width * height) }
  const at = { x: width / 2, groundY: height - 2, pxPerMm }
  paintPlant(raster, drawSitter(sitter), paletteOf(look), at, bare)
  return { ...raster, pxPerMm, groundY: at.groundY }
}

/** Every nth number of an array, from an offset. */
export const every = (numbers: ArrayLike<number>, stride: number, offset: number): number[] =>
  Array.from({ length: numbers.length / stride }, (_, i) => numbers[i * stride + offset] ?? NaN)
