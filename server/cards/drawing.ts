import { formatModelLength, formatRatio, formatRealLength } from '../../core/units'
import { CHECK_BAR_MM, checkBar, INK, mm } from '../print/paper'
import type { CardOrder } from './order'
import { paintInto, type Painted } from './plant'
import { MARGIN, NOTE, type Sheet } from './sheet'

/** How wide plants are that stand together, mm. */
export const widthOf = (plants: readonly Painted[]): number =>
  plants.length === 1
    ? (plants[0]?.drawing.widthMm ?? 0)
    : Math.max(...plants.map(({ drawing, offsetMm }) => 2 * Math.abs(offsetMm) + drawing.widthMm))

/** Draws the plant at 1:1 where it fits the room, else at a half, a quarter…, and says which. */
export function drawAt(
  sheet: Sheet,
  plants: readonly Painted[],
  room: { left: number; top: number; width: number },
  order: CardOrder,
): void {
  const { pdf, pen } = sheet
  const free = MARGIN + sheet.height - room.top - mm(26)
  const heightMm = Math.max(...plants.map(({ drawing }) => drawing.heightMm))
  let parts = 1
  while (mm(heightMm) / parts > free || mm(widthOf(plants)) / parts > room.width) parts *= 2
  const scale = mm(1) / parts
  const ground = room.top + mm(4) + heightMm * scale
  const middle = room.left + room.width / 2
  paintInto(pdf, plants, { x: middle, y: ground, scale })
  pdf
    .lineCap('butt')
    .moveTo(room.left, ground)
    .lineTo(room.left + room.width, ground)
    .lineWidth(0.8)
    .strokeColor(INK)
    .stroke()
  const size = `${formatModelLength(heightMm, order.units)} (${formatRealLength(heightMm * order.commission.ratio, order.units)} at ${formatRatio(order.commission.ratio)})`
  pen.write(
    { style: 'bold', size: 9.5, colour: INK },
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
  pen.write(NOTE, `This bar must measure ${CHECK_BAR_MM} mm. Print at 100 %.`, room.left, y + 3, {
    width: room.width,
    align: 'center',
  })
}
