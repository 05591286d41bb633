import type PDFDocument from 'pdfkit'
import type { Look } from '../../core/plants'
import { strokesOf, type PlantDrawing } from '../../core/drawing'

/** Draws a plant on a day into a PDF. @param at its foot, pt, and the pt that a mm of it takes */
export function strokePlant(
  pdf: InstanceType<typeof PDFDocument>,
  drawing: PlantDrawing,
  look: Look,
  at: { x: number; y: number; scale: number },
): void {
  pdf.lineCap('round')
  for (const { colour, widthMm, x1, y1, x2, y2 } of strokesOf(drawing, look)) {
    const point = x1 === x2 && y1 === y2
    if (point)
      pdf
        .circle(at.x + x1 * at.scale, at.y - y1 * at.scale, Math.max(0.25, (widthMm / 2) * at.scale))
        .fill(colour)
    else
      pdf
        .moveTo(at.x + x1 * at.scale, at.y - y1 * at.scale)
        .lineTo(at.x + x2 * at.scale, at.y - y2 * at.scale)
        .lineWidth(Math.max(0.2, widthMm * at.scale))
        .strokeColor(colour)
        .stroke()
  }
}
