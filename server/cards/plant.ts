import type PDFDocument from 'pdfkit'
import { PNG } from 'pngjs'
import { sidewaysReach, type PlantDrawing } from '../../core/drawing'
import { paintPlant, paletteOf, type Raster } from '../../core/painting'
import type { Look } from '../../core/plants'

/** Pixels to an inch on paper: finer than a leaf at the usual scales. */
const DPI = 150
const POINTS_TO_AN_INCH = 72
/** A picture is painted in bands of so many pixels, so that a large one takes no more room than a small one. */
const BAND_PX = 400_000
/** Room around the plant, px. */
const AROUND = 3

/**
 * Paints a plant on a day into a PDF, as the screen shows it.
 * @param at its foot, pt, and the pt that a mm of it takes
 */
export function paintInto(
  pdf: InstanceType<typeof PDFDocument>,
  drawing: PlantDrawing,
  look: Look,
  at: { x: number; y: number; scale: number },
): void {
  const pxPerPt = DPI / POINTS_TO_AN_INCH
  const pxPerMm = at.scale * pxPerPt
  const { left, right } = sidewaysReach(drawing)
  const foot = Math.ceil(left * pxPerMm * 1.04) + AROUND
  const width = foot + Math.ceil(right * pxPerMm * 1.04) + AROUND
  const palette = paletteOf(look)
  const height = Math.ceil(drawing.heightMm * palette.height * pxPerMm * 1.04) + AROUND
  const picture = new PNG({ width, height })
  const rows = Math.max(16, Math.floor(BAND_PX / width))
  for (let top = 0; top < height; top += rows) {
    const band: Raster = {
      width,
      height: Math.min(rows, height - top),
      pixels: new Uint32Array(width * Math.min(rows, height - top)),
    }
    paintPlant(band, drawing, palette, { x: foot, groundY: height - AROUND - top, pxPerMm })
    Buffer.from(band.pixels.buffer).copy(picture.data, top * width * 4)
  }
  const bytes = PNG.sync.write(picture, {
    colorType: 2,
    inputHasAlpha: true,
    bgColor: { red: 255, green: 255, blue: 255 },
  })
  pdf.image(bytes, at.x - foot / pxPerPt, at.y - (height - AROUND) / pxPerPt, {
    width: width / pxPerPt,
    height: height / pxPerPt,
  })
}
