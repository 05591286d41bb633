import type { TemplatePoint, Shape, Template } from '../templates'
import { counted, plainNumber } from '../units'
import { runsBetween, type Gap } from './gaps'
import type { HedgeTree } from './trees'
import type { TwigHole } from './twigs'

export interface HoleSheetOrder {
  readonly title: string
  readonly lengthMm: number
  readonly widthMm: number
  readonly holeMm: number
  readonly gaps: readonly Gap[]
  readonly trees?: readonly Pick<HedgeTree, 'atMm' | 'clearMm'>[]
  readonly holes: readonly TwigHole[]
}

const MARK_MM = 100
const MARGIN = 8
const TYPE = 2.6

/** Holes along a hedge at 1:1: laid on the bank and drilled through; marks at each 100 mm, gates left open. */
export function holeSheet(order: HoleSheetOrder): Template {
  const { title, lengthMm, widthMm, holeMm, gaps, trees = [], holes } = order
  const height = widthMm + 2 * MARGIN + 10
  const middle = MARGIN + widthMm / 2
  const x = (mm: number): number => MARGIN + mm
  const box = (from: number, to: number): TemplatePoint[] => [
    [x(from), middle - widthMm / 2],
    [x(to), middle - widthMm / 2],
    [x(to), middle + widthMm / 2],
    [x(from), middle + widthMm / 2],
  ]
  const shapes: Shape[] = runsBetween(lengthMm, gaps).map(({ fromMm, toMm }) => ({
    kind: 'path',
    layer: 'label',
    closed: true,
    widthMm: 0.25,
    points: box(fromMm, toMm),
  }))
  for (const { alongMm, acrossMm } of holes)
    shapes.push({ kind: 'circle', layer: 'cut', at: [x(alongMm), middle + acrossMm], radiusMm: holeMm / 2 })
  for (const { atMm, clearMm } of trees)
    shapes.push({ kind: 'circle', layer: 'fold', at: [x(atMm), middle], radiusMm: clearMm / 2 })
  for (let at = 0; at <= lengthMm + 1e-9; at += MARK_MM)
    shapes.push(
      {
        kind: 'path',
        layer: 'fold',
        points: [
          [x(at), middle + widthMm / 2],
          [x(at), middle + widthMm / 2 + 3],
        ],
      },
      {
        kind: 'text',
        layer: 'label',
        at: [x(at), middle + widthMm / 2 + 3 + TYPE],
        text: String(at),
        sizeMm: TYPE,
        align: 'middle',
      },
    )
  for (const { atMm, widthMm: wide } of gaps)
    if (atMm < lengthMm)
      shapes.push({
        kind: 'text',
        layer: 'label',
        at: [x(Math.min(lengthMm, atMm + wide / 2)), middle],
        text: 'gap',
        sizeMm: TYPE,
        align: 'middle',
      })
  return {
    title,
    note: `${counted(holes.length, 'hole')} of ${plainNumber(holeMm, 1)} mm. Figures are mm along the hedge; standing trees first, then the row.`,
    widthMm: lengthMm + 2 * MARGIN,
    heightMm: height,
    shapes,
  }
}
