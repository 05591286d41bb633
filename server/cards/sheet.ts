import type { Ink, Pen } from '../print/pen'
import { INK, mm, RULE, SOFT, type Pdf } from '../print/paper'

export const MARGIN = mm(14)
export const TITLE: Ink = { style: 'title', size: 20, colour: INK }
export const HEADING: Ink = { style: 'title', size: 12, colour: INK }
export const NOTE: Ink = { style: 'text', size: 8.5, colour: SOFT }
export const NAME: Ink = { style: 'bold', size: 10, colour: INK }

/** A card’s page, and what it is written with; pt. */
export interface Sheet {
  readonly pdf: Pdf
  readonly pen: Pen
  readonly width: number
  readonly height: number
}

/** A line across the page, where the pen stands. */
export function rule(pdf: Pdf, width: number, colour = RULE): void {
  pdf
    .moveTo(MARGIN, pdf.y)
    .lineTo(MARGIN + width, pdf.y)
    .lineWidth(0.7)
    .strokeColor(colour)
    .stroke()
}
