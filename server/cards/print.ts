import PDFDocument from 'pdfkit'
import { amountWords, jobOf, makeUp, pieceOf, stepHandsMin, type MakeUp } from '../../core/makeup'
import { plantMethodById } from '../../core/methods'
import { cautionFootnote, cautionOf } from '../../core/safety'
import { speciesById, type Look, type Species } from '../../core/plants'
import { amountWithNoun, sitterOf } from '../../core/commissions'
import { drawWithin } from '../print/budget'
import type { PlantDrawing } from '../../core/drawing'
import { stockStates } from '../../core/stock'
import {
  formatMinutes,
  formatModelLength,
  formatQuantity,
  formatRatio,
  formatRealLength,
  none,
  ok,
  type Reading,
} from '../../core/units'
import type { CardOrder } from './order'
import { strokePlant } from './plant'
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

const MARGIN = mm(14)
/** What the drawing may take beside the amounts, mm; larger ones get a page of their own. */
const COLUMN_MM = { width: 74, height: 104 }

interface Sheet {
  readonly pdf: Pdf
  readonly width: number
  readonly height: number
}

/**
 * Prints a batch card: the line at 1:1 where it fits, a check bar, amounts, mixtures, steps with boxes, cautions.
 * @returns the bytes of a PDF; or why not
 */
export async function printCard(order: CardOrder, fonts: CardFonts): Promise<Reading<Buffer>> {
  const species = speciesById(order.line.speciesId, order.ownSpecies ? [order.ownSpecies] : [])
  const { piece, size, look } = pieceOf(order.line, order.commission, species, order.commission.dateDepicted)
  const states = stockStates(order.materials, [], new Map())
  const method = plantMethodById(order.line.methodId)
  const job = jobOf(order.line, piece)
  if (!method?.kinds.includes(job.kind)) return none(`${order.line.methodId} does not make this line.`)
  const up = makeUp({
    job,
    method,
    started: order.started,
    ...(order.line.choices === undefined ? {} : { choices: order.line.choices }),
    ...(order.line.materials === undefined ? {} : { materials: order.line.materials }),
    own: new Map(order.coefficients.map(({ id, value }) => [id, value])),
    states,
    dryingFactor: order.dryingFactor,
  })
  if (up.missing.length > 0)
    return none(`No material for: ${up.missing.map(({ slot }) => slot.label.toLowerCase()).join(', ')}.`)
  const drawing = drawWithin(sitterOf(order.line, species, size, piece.seeThrough), () => performance.now())
  if (!drawing)
    return none('This plant takes too long to draw. Is its crown far wider or narrower than plants are?')

  const pdf = new PDFDocument({
    size: order.paper === 'A4' ? 'A4' : 'LETTER',
    margin: MARGIN,
    font: fonts.text as unknown as string,
    info: { Title: `Batch card: ${order.line.name}`, Creator: 'Hardy Thicket' },
  })
  registerFonts(pdf, fonts)
  const bytes = collect(pdf)
  const sheet: Sheet = { pdf, width: pdf.page.width - 2 * MARGIN, height: pdf.page.height - 2 * MARGIN }

  const besides = size.heightMm <= COLUMN_MM.height && size.crownWidthMm <= COLUMN_MM.width
  const columnWidth = besides ? sheet.width - mm(COLUMN_MM.width) - mm(6) : sheet.width
  head(sheet, order, species, up)
  const top = pdf.y
  amounts(sheet, up, columnWidth)
  if (besides) {
    const below = pdf.y
    drawAt(
      sheet,
      drawing,
      look,
      { left: MARGIN + columnWidth + mm(6), top, width: mm(COLUMN_MM.width) },
      order,
    )
    pdf.y = Math.max(below, top + mm(size.heightMm + 24))
  }
  steps(sheet, up)
  if (!besides) {
    pdf.addPage()
    drawAt(sheet, drawing, look, { left: MARGIN, top: MARGIN, width: sheet.width }, order)
  }
  pdf.end()
  return ok(await bytes)
}

function head({ pdf, width }: Sheet, order: CardOrder, species: Species, up: MakeUp): void {
  const { commission, line } = order
  pdf
    .font('title')
    .fontSize(20)
    .fillColor(INK)
    .text(line.name, MARGIN, MARGIN, { width: width * 0.62, ellipsis: true, height: 26 })
  const under = pdf.y
  pdf
    .font('botanical')
    .fontSize(13)
    .fillColor(SOFT)
    .text(species.botanical, MARGIN + width * 0.62, MARGIN + 7, { width: width * 0.38, align: 'right' })
  pdf.y = under + 2
  pdf
    .font('text')
    .fontSize(10)
    .fillColor(SOFT)
    .text(
      `${commission.name} · ${formatRatio(commission.ratio)} · ${commission.dateDepicted} · ${order.workshop}`,
      MARGIN,
      pdf.y,
      { width },
    )
    .text(
      `${up.method.name}: start ${order.started} for ${amountWithNoun(line.amount)} · ${formatMinutes(up.handsMin.value)} of hands, ${formatMinutes(up.elapsedMin.value)} from start to end`,
      { width },
    )
  pdf.moveDown(0.5)
  rule(pdf, width, INK)
  pdf.moveDown(0.5)
}

function rule(pdf: Pdf, width: number, colour = RULE): void {
  pdf
    .moveTo(MARGIN, pdf.y)
    .lineTo(MARGIN + width, pdf.y)
    .lineWidth(0.7)
    .strokeColor(colour)
    .stroke()
}

function amounts({ pdf }: Sheet, up: MakeUp, width: number): void {
  const row = (name: string, note: string, value: string): void => {
    const y = pdf.y + 2.5
    pdf
      .font('bold')
      .fontSize(10)
      .fillColor(INK)
      .text(name, MARGIN, y, { width: width * 0.68, lineBreak: true })
    const after = pdf.y
    pdf.text(value, MARGIN + width * 0.68, y, { width: width * 0.32, align: 'right' })
    pdf.y = after
    if (note !== '') pdf.font('text').fontSize(8.5).fillColor(SOFT).text(note, MARGIN, pdf.y, { width })
    pdf.y += 2.5
    rule(pdf, width)
  }
  pdf.font('title').fontSize(12).fillColor(INK).text('Amounts', MARGIN, pdf.y)
  for (const use of up.uses) {
    if (!use.material) continue
    const tray = use.lies === undefined ? '' : `, ${amountWords(use.lies)} on the tray`
    row(use.material.name, `${use.label}: ${amountWords(use.perPiece)} each${tray}`, amountWords(use.total))
  }
  for (const pour of up.pours) {
    pdf.moveDown(0.6).font('title').fontSize(12).fillColor(INK).text(pour.title, MARGIN, pdf.y, { width })
    for (const { label, figure } of pour.lines) row(label, '', formatQuantity(figure.value, 'ml'))
  }
  pdf.moveDown(0.6)
}

function steps({ pdf, width, height }: Sheet, up: MakeUp): void {
  pdf.font('title').fontSize(12).fillColor(INK).text('Steps', MARGIN, pdf.y)
  pdf.font('text').fontSize(8.5).fillColor(SOFT).text(cautionFootnote, MARGIN, pdf.y, { width })
  const box = mm(4)
  up.steps.forEach((step, i) => {
    const mind = step.cautions.map((id) => `${cautionOf(id).title}: ${cautionOf(id).text}`)
    const text = [
      step.text,
      ...(step.atOnce && step.atOnce.count < up.started.value
        ? [`At most ${step.atOnce.count} at once. ${step.atOnce.what}`]
        : []),
      ...(step.within ? [step.within.what] : []),
      ...(step.apart
        ? [`Not within ${formatMinutes(step.apart.airMin)} of ${step.apart.from.join(', ')}.`]
        : []),
      ...(step.wait
        ? [
            `Then wait ${formatMinutes(step.wait.leastMin)}${step.wait.mostMin === undefined ? '' : `, ${formatMinutes(step.wait.mostMin)} at most`}: ${step.wait.what.toLowerCase()}.`,
          ]
        : []),
      ...(step.passes ? [`Passes: ${step.passes}`] : []),
    ].join(' ')
    pdf.font('text').fontSize(9.2)
    const needed =
      18 +
      pdf.heightOfString(text, { width: width - mm(9) }) +
      mind.reduce((sum, line) => sum + pdf.heightOfString(line, { width: width - mm(9) }), 0)
    if (pdf.y + needed > MARGIN + height) pdf.addPage()
    const y = pdf.y + 4
    pdf.rect(MARGIN, y, box, box).lineWidth(0.9).strokeColor(INK).stroke()
    pdf
      .font('bold')
      .fontSize(10.5)
      .fillColor(INK)
      .text(`${i + 1}  ${step.title}`, MARGIN + mm(7), y, { width: width - mm(40) })
    const under = pdf.y
    pdf
      .font('text')
      .fontSize(9)
      .fillColor(SOFT)
      .text(formatMinutes(stepHandsMin(step, up.started.value)), MARGIN + width - mm(32), y, {
        width: mm(32),
        align: 'right',
      })
    pdf
      .font('text')
      .fontSize(9.2)
      .fillColor(INK)
      .text(text, MARGIN + mm(7), under, { width: width - mm(9) })
    for (const line of mind)
      pdf
        .font('bold')
        .fontSize(8.4)
        .fillColor('#8A5A08')
        .text(line, MARGIN + mm(7), pdf.y + 1, { width: width - mm(9) })
    pdf.y += 3
    rule(pdf, width)
  })
}

/** Draws the plant at 1:1 where it fits the room, else at a half, a quarter…, and says which. */
function drawAt(
  sheet: Sheet,
  drawing: PlantDrawing,
  look: Look,
  room: { left: number; top: number; width: number },
  order: CardOrder,
): void {
  const { pdf } = sheet
  const free = MARGIN + sheet.height - room.top - mm(26)
  let parts = 1
  while (mm(drawing.heightMm) / parts > free || mm(drawing.widthMm) / parts > room.width) parts *= 2
  const scale = mm(1) / parts
  const ground = room.top + mm(4) + drawing.heightMm * scale
  const middle = room.left + room.width / 2
  strokePlant(pdf, drawing, look, { x: middle, y: ground, scale })
  pdf
    .lineCap('butt')
    .moveTo(room.left, ground)
    .lineTo(room.left + room.width, ground)
    .lineWidth(0.8)
    .strokeColor(INK)
    .stroke()
  const size = `${formatModelLength(drawing.heightMm, order.units)} (${formatRealLength(drawing.heightMm * order.commission.ratio, order.units)} at ${formatRatio(order.commission.ratio)})`
  pdf
    .font('bold')
    .fontSize(9.5)
    .fillColor(INK)
    .text(
      parts === 1
        ? `True size, 1:1. ${size}`
        : `Too large for this paper: drawn at 1:${parts} of the model. ${size}`,
      room.left,
      ground + 5,
      { width: room.width, align: 'center' },
    )
  const y = pdf.y + 12
  const left = middle - mm(CHECK_BAR_MM) / 2
  checkBar(pdf, left, y)
  pdf
    .font('text')
    .fontSize(8.5)
    .fillColor(SOFT)
    .text(`This bar must measure ${CHECK_BAR_MM} mm. Print at 100 %.`, room.left, y + 3, {
      width: room.width,
      align: 'center',
    })
}
