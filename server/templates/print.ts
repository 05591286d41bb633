import PDFDocument from 'pdfkit'
import { tilesOf, type Shape, type Template, type TemplateLayer, type PageTile } from '../../core/templates'
import { none, ok, type Reading } from '../../core/units'
import type { Faces } from '../print/faces'
import { CHECK_BAR_MM, checkBar, collect, INK, mm, RULE, SOFT, type Pdf } from '../print/paper'
import { penFor, type Ink, type Pen } from '../print/pen'
import { isolated } from '../print/text'
import type { TemplateOrder } from './order'

const MARGIN_MM = 11
/** Above and below the drawing, mm: title and note, and the bar that proves the print true. */
const HEAD_MM = 14
const FOOT_MM = 11
const MOST_PAGES = 80

const COLOURS: Record<TemplateLayer, string> = { cut: '#A52F3D', fold: '#6C8F9C', label: INK }
const NOTE: Ink = { style: 'text', size: 8.5, colour: SOFT }

interface Paper {
  readonly pdf: Pdf
  readonly pen: Pen
  /** Begins a page of the order's paper. */
  readonly turn: (layout: 'portrait' | 'landscape') => void
}

/**
 * Prints templates at 1:1 on as many pages as each takes, joined by marks where one is larger than the paper; a
 * list of what is done follows at the end, in columns.
 * @returns the bytes of a PDF; or why not
 */
export async function printTemplates(order: TemplateOrder, faces: Faces): Promise<Reading<Buffer>> {
  const paper = order.paper === 'A4' ? { width: 210, height: 297 } : { width: 215.9, height: 279.4 }
  const room = {
    widthMm: paper.width - 2 * MARGIN_MM,
    heightMm: paper.height - 2 * MARGIN_MM - HEAD_MM - FOOT_MM,
  }
  const sheets = order.templates.map((template) => {
    const turned = isBetterTurned(template, room)
    const page = turned
      ? { widthMm: paper.height - 2 * MARGIN_MM, heightMm: paper.width - 2 * MARGIN_MM - HEAD_MM - FOOT_MM }
      : room
    return { template, turned, tiles: tilesOf(template, page) }
  })
  const pages = sheets.reduce((sum, { tiles }) => sum + tiles.length, 0)
  if (pages > MOST_PAGES)
    return none(
      `At 1:1 this takes ${pages} pages; the most is ${MOST_PAGES}. Print it in parts, or take the SVG.`,
    )
  const pdf = new PDFDocument({
    size: order.paper === 'A4' ? 'A4' : 'LETTER',
    // Words at the foot must not turn the page by themselves.
    margin: 0,
    font: '',
    autoFirstPage: false,
    info: { Title: order.title, Creator: 'Hardy Thicket' },
  })
  const pen = penFor(pdf, faces)
  const bytes = collect(pdf)
  // A page takes nothing over from the document: all is said of each.
  const turn = (layout: 'portrait' | 'landscape'): void => {
    pdf.addPage({ size: order.paper === 'A4' ? 'A4' : 'LETTER', margin: 0, layout })
  }
  for (const { template, turned, tiles } of sheets)
    for (const tile of tiles) drawTile({ pdf, pen, turn }, template, tile, tiles, turned)
  if (order.list.length > 0) list({ pdf, pen, turn }, order)
  pdf.end()
  return ok(await bytes)
}

/** Whether a template takes fewer pages on paper that lies. */
function isBetterTurned(template: Template, room: { widthMm: number; heightMm: number }): boolean {
  const lying = { widthMm: room.heightMm + HEAD_MM + FOOT_MM, heightMm: room.widthMm - HEAD_MM - FOOT_MM }
  return tilesOf(template, lying).length < tilesOf(template, room).length
}

function drawTile(
  { pdf, pen, turn }: Paper,
  template: Template,
  tile: PageTile,
  tiles: readonly PageTile[],
  turned: boolean,
): void {
  turn(turned ? 'landscape' : 'portrait')
  const [left, top] = [mm(MARGIN_MM), mm(MARGIN_MM + HEAD_MM)]
  const width = pdf.page.width - 2 * left
  const columns = Math.max(...tiles.map(({ column }) => column))
  const rows = Math.max(...tiles.map(({ row }) => row))
  const place =
    tiles.length === 1
      ? '1:1'
      : `1:1 · ${columns > 1 ? `${tile.column} of ${columns} from the left` : ''}${columns > 1 && rows > 1 ? ', ' : ''}${rows > 1 ? `${tile.row} of ${rows} from the top` : ''}`
  pen.write({ style: 'title', size: 12, colour: INK }, isolated(template.title), left, mm(MARGIN_MM) - 3, {
    width: width - mm(60),
    oneLine: true,
  })
  pen.write({ style: 'text', size: 9, colour: SOFT }, place, left, mm(MARGIN_MM), { width, align: 'right' })
  pen.write(NOTE, template.note, left, mm(MARGIN_MM) + 14, { width })
  pdf.save()
  pdf.rect(left, top, mm(tile.widthMm), mm(tile.heightMm)).clip()
  pdf.translate(left, top).scale(mm(1)).translate(-tile.x, -tile.y)
  for (const shape of template.shapes) if (touches(shape, tile)) drawLines(pdf, shape)
  pdf.restore()
  for (const shape of template.shapes) {
    if (shape.kind !== 'text') continue
    const [x, y] = [shape.at[0] - tile.x, shape.at[1] - tile.y]
    if (x < 0 || y < 0 || x > tile.widthMm || y > tile.heightMm) continue
    const size = mm(shape.sizeMm)
    const box = mm(60)
    const from = left + mm(x) - (shape.align === 'middle' ? box / 2 : 0)
    pen.write(
      { style: 'text', size, colour: COLOURS[shape.layer] },
      shape.text,
      from,
      top + mm(y) - size * 0.95,
      { width: box, align: shape.align === 'middle' ? 'center' : 'left', oneLine: true },
    )
  }
  joins(pdf, tile, { columns, rows }, left, top)
  const foot = pdf.page.height - mm(MARGIN_MM) - 8
  checkBar(pdf, left, foot)
  pen.write(
    NOTE,
    `This bar must measure ${CHECK_BAR_MM} mm. Print at 100 %.${tiles.length > 1 ? ' Lay the crosses onto each other.' : ''}`,
    left + mm(CHECK_BAR_MM + 5),
    foot - 7,
    { width: width - mm(CHECK_BAR_MM + 5), oneLine: true },
  )
}

/** Whether a shape may show on a page: most of a large drawing lies on others. */
function touches(shape: Shape, { x, y, widthMm, heightMm }: PageTile): boolean {
  if (shape.kind === 'text') return false
  const points = shape.kind === 'circle' ? [shape.at] : shape.points
  const around = shape.kind === 'circle' ? shape.radiusMm + 1 : (shape.widthMm ?? 0) / 2 + 1
  let [left, right, top, foot] = [Infinity, -Infinity, Infinity, -Infinity]
  for (const [px, py] of points) {
    left = Math.min(left, px)
    right = Math.max(right, px)
    top = Math.min(top, py)
    foot = Math.max(foot, py)
  }
  return (
    right + around >= x && left - around <= x + widthMm && foot + around >= y && top - around <= y + heightMm
  )
}

function drawLines(pdf: Pdf, shape: Shape): void {
  const colour = COLOURS[shape.layer]
  if (shape.kind === 'text') return
  if (shape.kind === 'circle') {
    pdf.circle(shape.at[0], shape.at[1], shape.radiusMm).lineWidth(0.15)
    if (shape.layer === 'fold') pdf.dash(1, { space: 1 })
    pdf.strokeColor(colour).stroke().undash()
    return
  }
  // What is thick lies under figures.
  const thick = (shape.widthMm ?? 0) > 0.9
  const path = `M${shape.points.map(([x, y]) => `${x} ${y}`).join('L')}${shape.closed ? 'Z' : ''}`
  pdf
    .path(path)
    .lineCap('round')
    .lineJoin('round')
    .lineWidth(shape.widthMm ?? 0.2)
    .strokeColor(colour)
  if (thick) pdf.strokeOpacity(0.45).stroke().strokeOpacity(1)
  else pdf.stroke()
}

/** Crosses in the corners of what a page shares with its neighbours. */
function joins(
  pdf: Pdf,
  tile: PageTile,
  { columns, rows }: { readonly columns: number; readonly rows: number },
  left: number,
  top: number,
): void {
  const cross = (x: number, y: number): void => {
    if (x < 0 || y < 0 || x > tile.widthMm || y > tile.heightMm) return
    const [px, py] = [left + mm(x), top + mm(y)]
    pdf
      .lineWidth(0.5)
      .strokeColor(INK)
      .moveTo(px - 6, py)
      .lineTo(px + 6, py)
      .moveTo(px, py - 6)
      .lineTo(px, py + 6)
      .stroke()
  }
  const HALF = 4
  const xs = [...(tile.column > 1 ? [HALF] : []), ...(tile.column < columns ? [tile.widthMm - HALF] : [])]
  const ys = [...(tile.row > 1 ? [HALF] : []), ...(tile.row < rows ? [tile.heightMm - HALF] : [])]
  const inner = (size: number): number[] => [size * 0.2, size * 0.8]
  for (const x of xs) for (const y of inner(tile.heightMm)) cross(x, y)
  for (const y of ys) for (const x of inner(tile.widthMm)) cross(x, y)
  if (xs.length + ys.length > 0)
    pdf.lineWidth(0.4).strokeColor(RULE).rect(left, top, mm(tile.widthMm), mm(tile.heightMm)).stroke()
}

/** A numbered list in columns of one height: no page and no column is left nearly empty. */
function list({ pdf, pen, turn }: Paper, order: TemplateOrder): void {
  turn('portrait')
  const left = mm(MARGIN_MM)
  const gap = mm(5)
  const columns = 3
  const width = (pdf.page.width - 2 * left - gap * (columns - 1)) / columns
  const ink: Ink = { style: 'text', size: 8.5, colour: INK }
  pen.write({ style: 'title', size: 13, colour: INK }, isolated(order.listTitle), left, left, {
    width: pdf.page.width - 2 * left,
  })
  const texts = order.list.map((words, i) => `${i + 1}  ${words}`)
  const heights = texts.map((text) => pen.heightOf(ink, text, width) + 1.5)
  const room = pdf.page.height - 2 * left - 24
  const total = heights.reduce((sum, height) => sum + height, 0)
  const pages = Math.max(1, Math.ceil(total / (room * columns * 0.97)))
  const column = Math.min(room, total / (pages * columns) + Math.max(0, ...heights))
  const top = left + 24
  let at = 0
  let y = 0
  texts.forEach((text, i) => {
    const height = heights[i] ?? 0
    if (y > 0 && y + height > column) {
      at += 1
      y = 0
      if (at % columns === 0) turn('portrait')
    }
    pen.write(ink, text, left + (at % columns) * (width + gap), top + y, { width })
    y += height
  })
}
