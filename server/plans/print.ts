import PDFDocument from 'pdfkit'
import { cautionFootnote, cautions } from '../../core/safety'
import { counted, formatQuantity, none, ok, type Reading } from '../../core/units'
import {
  bedName,
  keepOutPath,
  LABEL_MM,
  sheetsOf,
  spotLabels,
  spotName,
  type PlanSheet,
} from '../../core/planting'
import type { PlacedLabel } from '../../core/templates'
import { CHECK_BAR_MM, checkBar, collect, INK, mm, RULE, SOFT, WARNING, type Pdf } from '../print/paper'
import type { Faces } from '../print/faces'
import { penFor, type Pen } from '../print/pen'
import type { PlanOrder } from './order'

const MARGIN_MM = 12
/** Above and below the drawing, mm: the heading, and the bar that proves the print true. */
const HEAD_MM = 9
const FOOT_MM = 12
const CROSS_MM = 2
const MOST_SHEETS = 120

interface Paper {
  readonly pdf: Pdf
  readonly pen: Pen
}

/**
 * Sheets of a drilling template at 1:1: numbered crosses on the board's outline, keep-outs, and a bar on each
 * sheet; a legend at the end.
 */
export async function printPlan(order: PlanOrder, faces: Faces): Promise<Reading<Buffer>> {
  const pdf = new PDFDocument({
    size: order.paper === 'A4' ? 'A4' : 'LETTER',
    margin: 0,
    font: '',
    autoFirstPage: false,
    info: { Title: `Planting plan: ${order.title}`, Creator: 'Hardy Thicket' },
  })
  const pen = penFor(pdf, faces)
  const bytes = collect(pdf)
  const page = order.paper === 'A4' ? { width: 210, height: 297 } : { width: 215.9, height: 279.4 }
  const sheets = sheetsOf(
    { board: order.board, spots: order.spots },
    page.width - 2 * MARGIN_MM,
    page.height - 2 * MARGIN_MM - HEAD_MM - FOOT_MM,
  )
  if (sheets.length > MOST_SHEETS)
    return none(
      `At 1:1 this board takes ${sheets.length} sheets; the most is ${MOST_SHEETS}. Plan it in parts.`,
    )
  const columns = Math.max(...sheets.map(({ column }) => column))
  const rows = Math.max(...sheets.map(({ row }) => row))
  const labels = spotLabels(order)
  for (const sheet of sheets) drawSheet({ pdf, pen }, sheet, order, labels, { columns, rows })
  legend({ pdf, pen }, order, sheets.length)
  pdf.end()
  return ok(await bytes)
}

function drawSheet(
  { pdf, pen }: Paper,
  sheet: PlanSheet,
  order: PlanOrder,
  labels: readonly PlacedLabel[],
  all: { columns: number; rows: number },
): void {
  pdf.addPage()
  const left = mm(MARGIN_MM)
  const top = mm(MARGIN_MM + HEAD_MM)
  pen.write({ style: 'title', size: 12, colour: INK }, order.title, left, mm(MARGIN_MM) - 2, {
    width: mm(100),
    oneLine: true,
  })
  pen.write(
    { style: 'text', size: 9, colour: SOFT },
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
    const pale = keepOut.water ? '#CFE0E8' : '#E4DDC8'
    if (keepOut.kind === 'line')
      pdf.lineWidth(Math.max(0.3, keepOut.widthMm)).lineJoin('round').strokeColor(pale).stroke()
    else pdf.fill(pale)
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
  const name = (text: string, { x, y }: { x: number; y: number }): void => {
    if (x < sheet.x || x > sheet.x + sheet.widthMm || y < sheet.y || y > sheet.y + sheet.depthMm) return
    pen.write(
      { style: 'bold', size: 6.5, colour: INK },
      text,
      left + mm(x - sheet.x + 0.7),
      top + mm(sheet.y + sheet.depthMm - y) - 8,
    )
  }
  for (const hedge of order.hedges) {
    for (const mark of hedge.marks) name(`${hedge.code}${mark.number}`, mark)
    for (const gate of hedge.gates) name(`gap ${formatQuantity(gate.widthMm, 'mm')}`, gate)
  }
  for (const patch of order.patches)
    name(`${patch.code}, ${formatQuantity(patch.areaCm2, 'cm2')}`, patch.middle)
  for (const border of order.borders) name(bedName(border), frontOf(border.points))
  const size = mm(LABEL_MM)
  order.spots.forEach((spot, i) => {
    if (!sheet.spots.includes(spot)) return
    const placed = labels[i]
    if (!placed) return
    const [x, y] = [
      left + mm(placed.at[0] - sheet.x),
      top + mm(sheet.y + sheet.depthMm - (depth - placed.at[1])),
    ]
    if (placed.leads)
      pdf
        .moveTo(left + mm(spot.x - sheet.x), top + mm(sheet.y + sheet.depthMm - spot.y))
        .lineTo(x, y)
        .lineWidth(0.3)
        .strokeColor(SOFT)
        .stroke()
    pen.write({ style: 'bold', size, colour: INK }, spotName(spot), x, y - size)
  })
  pdf.lineWidth(0.5).strokeColor(RULE).rect(left, top, mm(sheet.widthMm), mm(sheet.depthMm)).stroke()
  checkBar(pdf, left, pdf.page.height - mm(MARGIN_MM) - 12)
  pen.write(
    { style: 'text', size: 8.5, colour: SOFT },
    `This bar must measure ${CHECK_BAR_MM} mm. Print at 100 %. Sheets overlap; lay the crosses onto each other.`,
    left + mm(CHECK_BAR_MM + 6),
    pdf.page.height - mm(MARGIN_MM) - 18,
  )
}

/** The foremost corner of a bed: its name stands where nothing is planted. */
const frontOf = (points: PlanOrder['borders'][number]['points']): { x: number; y: number } => {
  const [x = 0, y = 0] = points.reduce((front, other) => (other[1] < front[1] ? other : front))
  return { x, y: y - 2.4 }
}

/** Beds as earth, hedges as bands with their marks, grass as outlines; in mm of the board. */
function drawRuns(pdf: Pdf, { hedges, patches, borders, board }: PlanOrder): void {
  const path = (points: readonly (readonly [number, number])[]): string =>
    `M${points.map(([x, y]) => `${x} ${board.depthMm - y}`).join('L')}`
  for (const border of borders)
    pdf
      .path(`${path(border.points)}Z`)
      .lineWidth(0.3)
      .fillAndStroke('#EFE9DF', '#6B5A43')
  for (const patch of patches)
    pdf
      .path(`${path(patch.points)}Z`)
      .lineWidth(0.25)
      .dash(2, { space: 1.5 })
      .strokeColor(SOFT)
      .stroke()
      .undash()
  for (const hedge of hedges) {
    for (const stretch of hedge.stretches)
      pdf
        .path(path(stretch))
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

function legend({ pdf, pen }: Paper, order: PlanOrder, sheets: number): void {
  pdf.addPage()
  const left = mm(MARGIN_MM + 4)
  const width = pdf.page.width - 2 * left
  pen.write({ style: 'title', size: 16, colour: INK }, order.title, left, left, { width })
  pen.write(
    { style: 'text', size: 10, colour: SOFT },
    `${order.scale} · board ${Math.round(order.board.widthMm)} × ${Math.round(order.board.depthMm)} mm · ${counted(order.spots.length, 'piece')} on ${counted(sheets, 'sheet')} at 1:1. The front edge is at the foot of the first row. Numbers are those of the pieces in their line.`,
    left,
    pdf.y,
    { width },
  )
  pen.write(
    { style: 'bold', size: 10, colour: WARNING },
    `${cautions.drilling.title}. ${cautions.drilling.text} ${cautionFootnote}`,
    left,
    pdf.y,
    { width },
  )
  pdf.y += 8
  for (const { code, name, amount } of order.legend) {
    if (pdf.y > pdf.page.height - left - 14) {
      pdf.addPage()
      pdf.y = left
    }
    const y = pdf.y
    pen.write({ style: 'text', size: 10, colour: INK }, amount, left, y, { width, align: 'right' })
    pen.write({ style: 'bold', size: 10, colour: INK }, code, left, y)
    pen.write({ style: 'text', size: 10, colour: INK }, name, left + 34, y, {
      width: width * 0.7 - 34,
      oneLine: true,
    })
    pdf.y += 3
  }
}
