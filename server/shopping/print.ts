import PDFDocument from 'pdfkit'
import { ok, type Reading } from '../../core/units'
import type { Faces } from '../print/faces'
import { collect, INK, mm, RULE, SOFT } from '../print/paper'
import { penFor } from '../print/pen'
import type { ShoppingOrder } from './order'

const MARGIN_MM = 18
const ROW_MM = 7
const BOX_MM = 3.6
/** Where packs, names and prices stand, mm from the left margin; a price stands to the right. */
const COLUMNS = { packs: 7, name: 48, price: 28 } as const

/** A shopping list: a block for each supplier, a box to tick for each line. */
export async function printShopping(order: ShoppingOrder, faces: Faces): Promise<Reading<Buffer>> {
  const pdf = new PDFDocument({
    size: order.paper === 'A4' ? 'A4' : 'LETTER',
    margin: mm(MARGIN_MM),
    font: '',
    info: { Title: order.title, Creator: 'Hardy Thicket' },
  })
  const pen = penFor(pdf, faces)
  const bytes = collect(pdf)
  const left = mm(MARGIN_MM)
  const width = pdf.page.width - 2 * left
  const room = (height: number): void => {
    if (pdf.y + height > pdf.page.maxY()) {
      pdf.addPage()
      pdf.y = mm(MARGIN_MM)
    }
  }
  pen.write({ style: 'title', size: 18, colour: INK }, order.title, left, mm(MARGIN_MM), { width })
  for (const { supplier, terms, lines } of order.parcels) {
    room(mm(4 * ROW_MM))
    pen.write({ style: 'title', size: 13, colour: INK }, supplier, left, pdf.y + mm(6), { width })
    pen.write({ style: 'text', size: 9, colour: SOFT }, terms, left, pdf.y + 1, { width })
    pdf.y += mm(2)
    for (const { packs, name, article, price } of lines) {
      room(mm(ROW_MM))
      const top = pdf.y
      pdf
        .lineWidth(0.8)
        .strokeColor(INK)
        .rect(left, top + 1, mm(BOX_MM), mm(BOX_MM))
        .stroke()
      const ink = { style: 'text', size: 10, colour: INK } as const
      const nameWidth = width - mm(COLUMNS.name + COLUMNS.price)
      pen.write({ ...ink, style: 'bold' }, packs, left + mm(COLUMNS.packs), top, {
        width: mm(COLUMNS.name - COLUMNS.packs - 2),
        oneLine: true,
      })
      pen.write(ink, article === undefined ? name : `${name} (${article})`, left + mm(COLUMNS.name), top, {
        width: nameWidth,
        oneLine: true,
      })
      pen.write(ink, price, left + width - mm(COLUMNS.price), top, {
        width: mm(COLUMNS.price),
        align: 'right',
        oneLine: true,
      })
      pdf
        .lineWidth(0.4)
        .strokeColor(RULE)
        .moveTo(left, top + mm(ROW_MM) - 3)
        .lineTo(left + width, top + mm(ROW_MM) - 3)
        .stroke()
      pdf.y = top + mm(ROW_MM)
    }
  }
  room(mm(ROW_MM))
  pen.write({ style: 'bold', size: 11, colour: INK }, `All of it ${order.total}`, left, pdf.y + mm(3), {
    width,
    align: 'right',
  })
  pdf.end()
  return ok(await bytes)
}
