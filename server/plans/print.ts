import PDFDocument from 'pdfkit'
import { cautionFootnote, cautions } from '../../core/safety'
import { counted, formatQuantity } from '../../core/units'
import { keepOutPath, sheetsOf, spotName, type PlanSheet } from '../../core/planting'
import {
  CHECK_BAR_MM,
  checkBar,
  collect,
  INK,
  mm,
  registerFonts,
  RULE,
  SOFT,
  type CardFonts,
  type Pdf,
} from '../print/paper'
import type { PlanOrder } from './order'

const MARGIN_MM = 12
/** Above and below the drawing, mm: the heading, and the bar that proves the print true. */
const HEAD_MM = 9
const FOOT_MM = 12
const CROSS_MM = 2
const MOST_SHEETS = 120

/** Sheets of a drilling template at 1:1: numbered crosses on the board's outline, keep-outs, and a bar on each sheet; a legend at the end. */
export async function printPlan(order: PlanOrder, fonts: CardFonts): Promise<Buffer | string> {
  const pdf = new PDFDocument({
    size: order.paper === 'A4' ? 'A4' : 'LETTER',
    margin: 0,
    font: fonts.text as unknown as string,
    autoFirstPage: false,
    info: { Title: `Planting plan: ${order.title}`, Creator: 'Hardy Thicket' },
  })
  registerFonts(pdf, fonts)
  const bytes = collect(pdf)
  const page = order.paper === 'A4' ? { width: 210, height: 297 } : { width: 215.9, height: 279.4 }
  const sheets = sheetsOf(
    { board: order.board, spots: order.spots },
    page.width - 2 * MARGIN_MM,
    page.height - 2 * MARGIN_MM - HEAD_MM - FOOT_MM,
  )
  if (sheets.length > MOST_SHEETS)
    return `At 1:1 this board takes ${sheets.length} sheets; the most is ${MOST_SHEETS}. Plan it in parts.`
  const columns = Math.max(...sheets.map(({ column }) => column))
  const rows = Math.max(...sheets.map(({ row }) => row))
  for (const sheet of sheets) drawSheet(pdf, sheet, order, { columns, rows })
  legend(pdf, order, sheets.length)
  pdf.end()
  return bytes
}

function drawSheet(
  pdf: Pdf,
  sheet: PlanSheet,
  order: PlanOrder,
  all: { columns: number; rows: number },
): void {
  pdf.addPage()
  const left = mm(MARGIN_MM)
  const top = mm(MARGIN_MM + HEAD_MM)
  pdf
    .font('title')
    .fontSize(12)
    .fillColor(INK)
    .text(order.title, left, mm(MARGIN_MM) - 2, {
      width: mm(110),
      height: 16,
      ellipsis: true,
      lineBreak: false,
    })
  pdf
    .font('text')
    .fontSize(9)
    .fillColor(SOFT)
    .text(
      `Sheet ${sheet.column} of ${all.columns} from the left, ${sheet.row} of ${all.rows} from the front · ${order.scale}`,
      left,
      mm(MARGIN_MM),
      { width: pdf.page.width - 2 * left, align: 'right' },
    )
  pdf.save()
  pdf.rect(left, top, mm(sheet.widthMm), mm(sheet.depthMm)).clip()
  // Millimetres of the board, y to the back: turned over so that the front edge lies at the bottom.
  const depth = order.board.depthMm
  pdf
    .translate(left, top)
    .scale(mm(1))
    .translate(-sheet.x, -(depth - sheet.y - sheet.depthMm))
  pdf.save()
  pdf.rect(0, 0, order.board.widthMm, depth).clip()
  for (const keepOut of order.board.keepOuts) {
    pdf.path(keepOutPath(keepOut, depth))
    if (keepOut.kind === 'line')
      pdf.lineWidth(Math.max(0.3, keepOut.widthMm)).lineJoin('round').strokeColor('#E4DDC8').stroke()
    else pdf.fill('#E4DDC8')
  }
  drawRuns(pdf, order)
  pdf.restore()
  pdf.lineWidth(0.3).strokeColor(INK).rect(0, 0, order.board.widthMm, depth).stroke()
  for (const spot of sheet.spots)
    pdf
      .lineWidth(0.1)
      .strokeColor(RULE)
      .circle(spot.x, depth - spot.y, Math.max(0.3, spot.crownMm / 2))
      .stroke()
  for (const spot of sheet.spots)
    pdf
      .lineWidth(0.15)
      .strokeColor(INK)
      .moveTo(spot.x - CROSS_MM, depth - spot.y)
      .lineTo(spot.x + CROSS_MM, depth - spot.y)
      .moveTo(spot.x, depth - spot.y - CROSS_MM)
      .lineTo(spot.x, depth - spot.y + CROSS_MM)
      .stroke()
  pdf.restore()
  pdf.font('bold').fontSize(6.5).fillColor(INK)
  const name = (text: string, { x, y }: { x: number; y: number }): void => {
    if (x < sheet.x || x > sheet.x + sheet.widthMm || y < sheet.y || y > sheet.y + sheet.depthMm) return
    pdf.text(text, left + mm(x - sheet.x + 0.7), top + mm(sheet.y + sheet.depthMm - y) - 8, {
      lineBreak: false,
    })
  }
  for (const hedge of order.hedges) for (const mark of hedge.marks) name(`${hedge.code}${mark.number}`, mark)
  for (const patch of order.patches)
    name(`${patch.code}, ${formatQuantity(patch.areaCm2, 'cm2')}`, patch.middle)
  for (const spot of sheet.spots)
    pdf.text(
      spotName(spot),
      left + mm(spot.x - sheet.x + 0.7),
      top + mm(sheet.y + sheet.depthMm - spot.y) - 8,
      { lineBreak: false },
    )
  pdf.lineWidth(0.5).strokeColor(RULE).rect(left, top, mm(sheet.widthMm), mm(sheet.depthMm)).stroke()
  checkBar(pdf, left, pdf.page.height - mm(MARGIN_MM) - 12)
  pdf
    .font('text')
    .fontSize(8.5)
    .fillColor(SOFT)
    .text(
      `This bar must measure ${CHECK_BAR_MM} mm. Print at 100 %. Sheets overlap; lay the crosses onto each other.`,
      left + mm(CHECK_BAR_MM + 6),
      pdf.page.height - mm(MARGIN_MM) - 18,
      { lineBreak: false },
    )
}

/** Hedges as bands with their marks, grass as outlines; in mm of the board. */
function drawRuns(pdf: Pdf, { hedges, patches, board }: PlanOrder): void {
  const path = (points: readonly (readonly [number, number])[]): string =>
    `M${points.map(([x, y]) => `${x} ${board.depthMm - y}`).join('L')}`
  for (const patch of patches)
    pdf
      .path(`${path(patch.points)}Z`)
      .lineWidth(0.25)
      .dash(2, { space: 1.5 })
      .strokeColor(SOFT)
      .stroke()
      .undash()
  for (const hedge of hedges) {
    pdf
      .path(path(hedge.points))
      .lineJoin('round')
      .lineWidth(Math.max(0.3, hedge.widthMm))
      .strokeColor('#DDE6DA')
      .stroke()
    pdf.path(path(hedge.points)).lineWidth(0.15).strokeColor(INK).stroke()
    for (const mark of hedge.marks)
      pdf
        .moveTo(mark.x, board.depthMm - mark.y - CROSS_MM)
        .lineTo(mark.x, board.depthMm - mark.y + CROSS_MM)
        .stroke()
  }
}

function legend(pdf: Pdf, order: PlanOrder, sheets: number): void {
  pdf.addPage()
  const left = mm(MARGIN_MM + 4)
  pdf.font('title').fontSize(16).fillColor(INK).text(order.title, left, left)
  pdf
    .font('text')
    .fontSize(10)
    .fillColor(SOFT)
    .text(
      `${order.scale} · board ${Math.round(order.board.widthMm)} × ${Math.round(order.board.depthMm)} mm · ${counted(order.spots.length, 'piece')} on ${counted(sheets, 'sheet')} at 1:1. The front edge is at the foot of the first row. Numbers are those of the pieces in their line.`,
      { width: pdf.page.width - 2 * left },
    )
  pdf
    .font('bold')
    .fontSize(10)
    .fillColor('#8A5A08')
    .text(`${cautions.drilling.title}. ${cautions.drilling.text} ${cautionFootnote}`, {
      width: pdf.page.width - 2 * left,
    })
  pdf.moveDown(0.6)
  for (const { code, name, amount } of order.legend) {
    if (pdf.y > pdf.page.height - left - 14) {
      pdf.addPage()
      pdf.y = left
    }
    const y = pdf.y
    pdf.font('bold').fontSize(10).fillColor(INK).text(code, left, y, { lineBreak: false })
    pdf.font('text').text(name, left + 34, y, { lineBreak: false })
    pdf.text(amount, left, y, {
      width: pdf.page.width - 2 * left,
      align: 'right',
    })
    pdf.y = y + 16
  }
}
