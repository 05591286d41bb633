import PDFDocument from 'pdfkit'
import { twistList, wirePlan, type WirePlan } from '../../core/armature'
import { contextFrom, jobOf, partNoun, type MakeUp, type Use } from '../../core/makeup'
import {
  amountWithNoun,
  drawnParts,
  individualSizes,
  linePiece,
  sitterOf,
  type LinePiece,
} from '../../core/commissions'
import { measuredWords, packShareWords, wholeEachWords, type Material } from '../../core/stock'
import { plantMethodById, workedOutWith } from '../../core/methods'
import { speciesById } from '../../core/plants'
import { drawWithin, skeletonWithin } from '../print/budget'
import {
  counted,
  formatMinutes,
  formatQuantity,
  formatRatio,
  none,
  ok,
  type Reading,
  type StockUnit,
} from '../../core/units'
import type { CardOrder } from './order'
import { drawAt, widthOf } from './drawing'
import type { Painted } from './plant'
import { HEADING, MARGIN, NAME, NOTE, rule, TITLE, type Sheet } from './sheet'
import { printSteps } from './steps'
import type { Faces } from '../print/faces'
import { penFor, type Ink } from '../print/pen'
import { isolated } from '../print/text'
import { collect, INK, mm, SOFT } from '../print/paper'

/** What the drawing may take beside the amounts, mm; larger ones get a page of their own. */
const COLUMN_MM = { width: 74, height: 104 }

/**
 * Prints a batch card: the line at 1:1 where it fits, a check bar, amounts, mixtures, steps with boxes, cautions.
 * @returns the bytes of a PDF; or why not
 */
export async function printCard(sent: CardOrder, faces: Faces): Promise<Reading<Buffer>> {
  const order = withNamesApart(sent)
  const { members } = pieceOfCard(order)
  const { size } = members[0]
  const worked = cardEstimate(order)
  if (!worked) return none(`${order.line.methodId} does not make this line.`)
  const { up, wire } = worked
  if (up.missing.length > 0)
    return none(`No material for: ${up.missing.map(({ slot }) => slot.label.toLowerCase()).join(', ')}.`)
  const drawn = drawnParts(order.line, members).map(({ sitter: part, of, offsetMm }) => ({
    drawing: drawWithin(part, () => performance.now()),
    look: of.look,
    offsetMm,
  }))
  const plants = drawn.flatMap(({ drawing, ...rest }): Painted[] => (drawing ? [{ ...rest, drawing }] : []))
  if (plants.length < drawn.length)
    return none('This plant takes too long to draw. Is its crown far wider or narrower than plants are?')

  const pdf = new PDFDocument({
    size: order.paper === 'A4' ? 'A4' : 'LETTER',
    margin: MARGIN,
    font: '',
    info: { Title: `Batch card: ${sent.line.name}`, Creator: 'Hardy Thicket' },
  })
  const bytes = collect(pdf)
  const sheet: Sheet = {
    pdf,
    pen: penFor(pdf, faces),
    width: pdf.page.width - 2 * MARGIN,
    height: pdf.page.height - 2 * MARGIN,
  }

  const besides = size.heightMm <= COLUMN_MM.height && widthOf(plants) <= COLUMN_MM.width
  const columnWidth = besides ? sheet.width - mm(COLUMN_MM.width) - mm(6) : sheet.width
  head(sheet, order, members, up)
  const top = pdf.y
  amounts(sheet, up, columnWidth)
  cuts(sheet, up, columnWidth)
  if (besides) {
    const below = pdf.y
    drawAt(sheet, plants, { left: MARGIN + columnWidth + mm(6), top, width: mm(COLUMN_MM.width) }, order)
    pdf.y = Math.max(below, top + mm(size.heightMm + 24))
  }
  printSteps(sheet, up)
  if (wire) twisting(sheet, wire)
  if (!besides) {
    pdf.addPage()
    drawAt(sheet, plants, { left: MARGIN, top: MARGIN, width: sheet.width }, order)
  }
  pdf.end()
  return ok(await bytes)
}

const pieceOfCard = (order: CardOrder): LinePiece =>
  linePiece(
    order.line,
    order.commission,
    (id) => speciesById(id, order.ownSpecies),
    order.commission.dateDepicted,
  )

/** The batch of a card as it was worked out on the screen; undefined where the way does not make it. */
export function cardEstimate(order: CardOrder): { up: MakeUp; wire?: WirePlan } | undefined {
  const { piece, members } = pieceOfCard(order)
  const { species, size } = members[0]
  const method = plantMethodById(order.line.methodId)
  const job = jobOf(order.line, piece)
  if (!method?.kinds.includes(job.kind)) return undefined
  const sitter = sitterOf(order.line, species, size, piece.seeThrough)
  let wire: WirePlan | undefined
  const up = workedOutWith(
    {
      ...contextFrom(order.context, order.materials),
      job,
      method,
      started: order.started,
      ...(order.line.choices === undefined ? {} : { choices: order.line.choices }),
      ...(order.line.materials === undefined ? {} : { materials: order.line.materials }),
      sizes: (pieces) => individualSizes(size, pieces, order.line.id),
      ...(order.pads === undefined ? {} : { pads: order.pads }),
    },
    (wanted) => {
      const skeleton = skeletonWithin(sitter, () => performance.now())
      if (skeleton) wire = wirePlan(skeleton, wanted)
      return wire
    },
  )
  return wire ? { up, wire } : { up }
}

/** The maker's own names, set apart from the words that they come to stand among. */
function withNamesApart(order: CardOrder): CardOrder {
  const apart = <T extends { readonly name: string }>(row: T): T => ({ ...row, name: isolated(row.name) })
  const { ownSpecies } = order
  return {
    ...order,
    workshop: isolated(order.workshop),
    commission: apart(order.commission),
    line: apart(order.line),
    materials: order.materials.map(apart),
    ownSpecies: ownSpecies.map((row) => ({ ...row, common: isolated(row.common) })),
  }
}

function head({ pdf, pen, width }: Sheet, order: CardOrder, members: LinePiece['members'], up: MakeUp): void {
  const { commission, line } = order
  pen.write(TITLE, line.name, MARGIN, MARGIN, { width: width * 0.62, oneLine: true })
  const under = pdf.y
  pen.write(
    { style: 'botanical', size: 13, colour: SOFT },
    members.map((one) => one.species.botanical).join(', '),
    MARGIN + width * 0.62,
    MARGIN + 7,
    { width: width * 0.38, align: 'right' },
  )
  const ink: Ink = { style: 'text', size: 10, colour: SOFT }
  pen.write(
    ink,
    `${commission.name} · ${formatRatio(commission.ratio)} · ${commission.dateDepicted} · ${order.workshop}`,
    MARGIN,
    Math.max(under, pdf.y) + 2,
    { width },
  )
  pen.write(
    ink,
    `${up.method.name}: start ${startWords(up, order.started)} for ${amountWithNoun(line.amount)} · ${formatMinutes(up.handsMin.value)} of hands, ${up.unsure ? `${up.unsure} to foretell the end` : `${formatMinutes(up.elapsedMin.value)} from start to end`}`,
    MARGIN,
    pdf.y,
    { width },
  )
  pdf.y += 6
  rule(pdf, width, INK)
  pdf.y += 6
}

/** What is taken of one material for one purpose, however many coats it goes on in: one row of the card. */
function takings(all: readonly Use[]): { material: Material; label: string; uses: [Use, ...Use[]] }[] {
  const rows = new Map<string, { material: Material; label: string; uses: [Use, ...Use[]] }>()
  for (const use of all) {
    if (!use.material) continue
    const key = `${use.slot}|${use.material.id}`
    const row = rows.get(key)
    if (row) row.uses.push(use)
    else rows.set(key, { material: use.material, label: use.label, uses: [use] })
  }
  return [...rows.values()].map((row) =>
    row.uses.length === 1 ? row : { ...row, label: `${row.label} and ${row.uses.length - 1} more` },
  )
}

function amounts({ pdf, pen }: Sheet, up: MakeUp, width: number): void {
  const row = (name: string, note: string, value: string): void => {
    const y = pdf.y + 2.5
    pen.write(NAME, value, MARGIN + width * 0.68, y, { width: width * 0.32, align: 'right' })
    pen.write(NAME, name, MARGIN, y, { width: width * 0.66 })
    if (note !== '') pen.write(NOTE, note, MARGIN, pdf.y, { width })
    pdf.y += 2.5
    rule(pdf, width)
  }
  pen.write(HEADING, 'Amounts', MARGIN, pdf.y)
  for (const { material, label, uses } of takings(up.uses)) {
    const [{ perPiece, total, dispensed: lies }] = uses
    const sum = (of: (use: Use) => number): number => uses.reduce((all, use) => all + of(use), 0)
    const each = { ...perPiece, value: sum((use) => use.perPiece.value) }
    const onTray = Math.max(...uses.map((use) => use.dispensed?.value ?? 0))
    const tray = lies === undefined ? '' : `, ${measuredWords(onTray, material.unit, material)} on the tray`
    const all = { ...total, value: sum((use) => use.total.value) }
    const share = packShareWords(all.value, material)
    const one =
      each.unit === 'piece' ? wholeEachWords(each.value) : formatQuantity(each.value, each.unit as StockUnit)
    row(
      material.name,
      `${label}: ${one} each${tray}${share === '' ? '' : `; ${share}`}`,
      measuredWords(all.value, material.unit, material),
    )
  }
  for (const pour of up.pours) {
    pen.write(HEADING, pour.title, MARGIN, pdf.y + 8, { width })
    for (const { label, figure } of pour.lines) row(label, '', formatQuantity(figure.value, 'ml'))
  }
  pdf.y += 8
}

/** What is cut before it is made, in columns: gauges and lengths, dowels by number. */
function cuts({ pdf, pen, height }: Sheet, up: MakeUp, width: number): void {
  if (up.cuts.length === 0) return
  const columns = up.cuts.length > 8 ? 3 : 1
  const rows = Math.ceil(up.cuts.length / columns)
  const ink: Ink = { style: 'text', size: 9.2, colour: INK }
  const line = pen.heightOf(ink, 'Cut', width) + 1
  const heading = 24
  if (pdf.y + heading + rows * line > MARGIN + height) {
    pdf.addPage()
    pdf.y = MARGIN
  }
  pen.write(HEADING, 'Cut', MARGIN, pdf.y)
  const top = pdf.y
  up.cuts.forEach(({ count, what, lengthMm }, i) => {
    const [column, row] = [Math.floor(i / rows), i % rows]
    pen.write(
      ink,
      `${count} × ${Math.round(lengthMm)} mm, ${what}`,
      MARGIN + (column * width) / columns,
      top + row * line,
      { width: width / columns - 6, oneLine: true },
    )
  })
  pdf.y = top + rows * line + 8
}

/** The order of twisting, in small type and columns: it goes beside the wire sheet. */
function twisting({ pdf, pen, width, height }: Sheet, wire: WirePlan): void {
  const words = twistList(wire.order).map((text, i) => `${i + 1} ${text}`)
  const ink: Ink = { style: 'text', size: 7.6, colour: INK }
  const columns = 3
  const room = width / columns - 6
  const line = pen.heightOf(ink, 'twist', room) + 0.4
  if (pdf.y + 40 > MARGIN + height) {
    pdf.addPage()
    pdf.y = MARGIN
  }
  pen.write(HEADING, 'Order of twisting', MARGIN, pdf.y + 6)
  let top = pdf.y + 2
  for (let from = 0; from < words.length;) {
    const free = Math.max(1, Math.floor((MARGIN + height - top) / line))
    const rows = Math.min(free, Math.ceil((words.length - from) / columns))
    words.slice(from, from + rows * columns).forEach((text, i) => {
      pen.write(ink, text, MARGIN + (Math.floor(i / rows) * width) / columns, top + (i % rows) * line, {
        width: room,
        oneLine: true,
      })
    })
    from += rows * columns
    pdf.y = top + rows * line
    if (from >= words.length) break
    pdf.addPage()
    top = MARGIN
  }
}

/** How many to start: patches and stretches by their name, pieces by their number alone. */
function startWords({ share }: MakeUp, started: number): string {
  const part = partNoun(share)
  return part === 'piece' ? String(started) : counted(started, part, `${part}es`)
}
