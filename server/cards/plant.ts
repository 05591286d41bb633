import type PDFDocument from 'pdfkit'
import { PNG } from 'pngjs'
import { sidewaysReach, type PlantDrawing } from '../../core/drawing'
import { paintPlant, paletteOf, type Raster } from '../../core/painting'
import type { Look } from '../../core/plants'

/** Pixels to an inch on paper: finer than a leaf at the usual scales. */
const DPI = 150
const POINTS_TO_AN_INCH = 72
/** Pixels that a picture takes at the most: a plant that fills the page is drawn somewhat coarser, and as quickly. */
const MOST_PX = 400_000
/** A picture is painted in bands of so many pixels, so that a large one takes no more room than a small one. */
const BAND_PX = 200_000
/** Room around the plant, px. */
const AROUND = 3

/** One of the plants that are painted together, and how far to the right of the middle it stands, mm. */
export interface Painted {
  readonly drawing: PlantDrawing
  readonly look: Look
  readonly offsetMm: number
}

/** How far plants that stand together reach to either side of their middle, and up, mm. */
export function reachOf(plants: readonly Painted[]): { left: number; right: number; heightMm: number } {
  const sides = plants.map(({ drawing, offsetMm }) => {
    const { left, right } = sidewaysReach(drawing)
    return { left: left - offsetMm, right: right + offsetMm }
  })
  return {
    left: Math.max(...sides.map(({ left }) => left)),
    right: Math.max(...sides.map(({ right }) => right)),
    heightMm: Math.max(...plants.map(({ drawing, look }) => drawing.heightMm * paletteOf(look).height)),
  }
}

/**
 * Paints plants on a day into a PDF, as the screen shows them: one, or the kinds of a mixed line.
 * @param at their middle on the ground, pt, and the pt that a mm takes
 */
export function paintInto(
  pdf: InstanceType<typeof PDFDocument>,
  plants: readonly Painted[],
  at: { x: number; y: number; scale: number },
): void {
  const { left, right, heightMm } = reachOf(plants)
  const areaIn2 = ((left + right) * heightMm * at.scale ** 2) / POINTS_TO_AN_INCH ** 2
  const pxPerPt = Math.min(DPI, Math.sqrt(MOST_PX / Math.max(areaIn2, 1e-9))) / POINTS_TO_AN_INCH
  const pxPerMm = at.scale * pxPerPt
  const foot = Math.ceil(left * pxPerMm * 1.04) + AROUND
  const width = foot + Math.ceil(right * pxPerMm * 1.04) + AROUND
  const height = Math.ceil(heightMm * pxPerMm * 1.04) + AROUND
  const picture = new PNG({ width, height })
  const rows = Math.max(16, Math.floor(BAND_PX / width))
  for (let top = 0; top < height; top += rows) {
    const band: Raster = {
      width,
      height: Math.min(rows, height - top),
      pixels: new Uint32Array(width * Math.min(rows, height - top)),
    }
    for (const { drawing, look, offsetMm } of plants)
      paintPlant(band, drawing, paletteOf(look), {
        x: foot + offsetMm * pxPerMm,
        groundY: height - AROUND - top,
        pxPerMm,
      })
    Buffer.from(band.pixels.buffer).copy(picture.data, top * width * 4)
  }
  const bytes = PNG.sync.write(picture, {
    colorType: 2,
    inputHasAlpha: true,
    filterType: 4,
    bgColor: { red: 255, green: 255, blue: 255 },
  })
  pdf.image(bytes, at.x - foot / pxPerPt, at.y - (height - AROUND) / pxPerPt, {
    width: width / pxPerPt,
    height: height / pxPerPt,
  })
}
