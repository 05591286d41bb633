import bwipjs from 'bwip-js/node'
import PDFDocument from 'pdfkit'
import { ok, type Reading } from '../../core/units'
import { collect, INK, mm, RULE, SOFT, type Pdf } from '../print/paper'
import type { Faces } from '../print/faces'
import { penFor, type Pen } from '../print/pen'
import type { LabelsOrder } from './order'

/** A label, mm; cut along the hairlines, or printed on a plain sticky sheet. */
const LABEL = { width: 62, height: 34 } as const
const PAD_MM = 2.5
const CODE_MM = 20
const BAR_MM = 3
const MARGIN_MM = 10

/** A QR code as squares: how many to a side, and which are dark, row by row. */
export interface Code {
  readonly side: number
  readonly dark: readonly boolean[]
}

/** The squares of a text's code. @throws RangeError where the text is too long for one */
export function codeOf(text: string): Code {
  const [drawn] = bwipjs.raw({ bcid: 'qrcode', text })
  if (!drawn || !('pixs' in drawn)) throw new RangeError(`code is ${text}; it must fit into a QR code`)
  return { side: drawn.pixx, dark: Array.from(drawn.pixs, (value) => value === 1) }
}

/** Draws a code, runs of dark squares as one. */
function drawCode(pdf: Pdf, { side, dark }: Code, left: number, top: number, width: number): void {
  const module = width / side
  for (let row = 0; row < side; row += 1)
    for (let from = 0; from < side; from += 1) {
      if (!dark[row * side + from]) continue
      let to = from
      while (to + 1 < side && dark[row * side + to + 1]) to += 1
      pdf.rect(left + from * module, top + row * module, (to - from + 1) * module, module)
      from = to
    }
  pdf.fill(INK)
}

/** Sheets of jar labels, row by row. */
export async function printLabels(order: LabelsOrder, faces: Faces): Promise<Reading<Buffer>> {
  const page = order.paper === 'A4' ? { width: 210, height: 297 } : { width: 215.9, height: 279.4 }
  const columns = Math.floor((page.width - 2 * MARGIN_MM) / LABEL.width)
  const rows = Math.floor((page.height - 2 * MARGIN_MM) / LABEL.height)
  const pdf = new PDFDocument({
    size: order.paper === 'A4' ? 'A4' : 'LETTER',
    margin: 0,
    font: '',
    autoFirstPage: false,
    info: { Title: 'Jar labels', Creator: 'Hardy Thicket' },
  })
  const pen = penFor(pdf, faces)
  const bytes = collect(pdf)
  for (const [i, label] of order.labels.entries()) {
    const place = i % (columns * rows)
    if (place === 0) pdf.addPage()
    drawLabel(
      pdf,
      pen,
      label,
      mm(MARGIN_MM + (place % columns) * LABEL.width),
      mm(MARGIN_MM + Math.floor(place / columns) * LABEL.height),
    )
  }
  pdf.end()
  return ok(await bytes)
}

function drawLabel(
  pdf: Pdf,
  pen: Pen,
  { title, lines, code, colour }: LabelsOrder['labels'][number],
  left: number,
  top: number,
): void {
  pdf.lineWidth(0.4).strokeColor(RULE).rect(left, top, mm(LABEL.width), mm(LABEL.height)).stroke()
  drawCode(pdf, codeOf(code), left + mm(PAD_MM), top + mm(PAD_MM), mm(CODE_MM))
  pen.write(
    { style: 'text', size: 6, colour: SOFT },
    code,
    left + mm(PAD_MM),
    top + mm(PAD_MM + CODE_MM + 1.2),
    { width: mm(LABEL.width - 2 * PAD_MM), oneLine: true },
  )
  const textLeft = left + mm(PAD_MM + CODE_MM + 2.5)
  const width = mm(LABEL.width - CODE_MM - 2 * PAD_MM - 2.5)
  const name = { style: 'bold', size: 9.5, colour: INK } as const
  // A long name takes two lines, and no more.
  const two = pen.heightOf(name, title, width) > 26
  pen.write(two ? { ...name, size: 8 } : name, title, textLeft, top + mm(PAD_MM), { width, oneLine: two })
  for (const line of lines)
    pen.write({ style: 'text', size: 7, colour: INK }, line, textLeft, pdf.y + 1, { width, oneLine: true })
  if (colour)
    pdf
      .rect(
        left + mm(PAD_MM),
        top + mm(LABEL.height - BAR_MM - 1.5),
        mm(LABEL.width - 2 * PAD_MM),
        mm(BAR_MM),
      )
      .fill(colour)
}
