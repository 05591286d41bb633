import type { Zone } from '../commissions'
import type { BoardPlace } from './geometry'
import type { Bed, Board, Rows } from './board'

/** Depth that a zone's plot begins at, as a share of the board's. */
const BEGINS: Record<Zone, number> = { front: 0, middle: 0.32, back: 0.64 }
/** Rows stop short of the next plot by this share of their distance. */
const HEADLAND = 0.5
/** A plot of few plants is about so many times as wide as it is deep. From memory. */
const WIDER = 1.8

/** A plot's part of the board's width, as shares: plots in one zone lie side by side. */
export interface PlotSlot {
  readonly from: number
  readonly to: number
}

/** The slots of all beds that stand in rows. */
export function slotsOf(beds: readonly Bed[]): Map<string, PlotSlot> {
  const inRows = beds.filter(({ rows }) => rows !== undefined)
  return new Map(
    inRows.map((bed) => {
      const beside = inRows.filter(({ zone }) => zone === bed.zone)
      const at = beside.indexOf(bed)
      return [bed.lineId, { from: at / beside.length, to: (at + 1) / beside.length }]
    }),
  )
}

/**
 * Places of a plot, row after row from its zone's front to the back, then what is left of the board before it:
 * fields and vineyards run along the front, orchards stand on their grid. Common practice.
 */
export function* plotPlaces(board: Board, bed: Bed, rows: Rows, slot: PlotSlot): Generator<BoardPlace> {
  // Crowns don't hang over the board's edge.
  const edge = Math.max(board.edgeMm, bed.crownsMm.reduce((most, crown) => Math.max(most, crown), 0) / 2)
  const width = board.widthMm * (board.plantedShare ?? 1) - 2 * edge
  const room = Math.max(1, width * (slot.to - slot.from) - rows.apartMm * HEADLAND)
  const wanted = Math.ceil(Math.sqrt((bed.crownsMm.length * rows.apartMm * WIDER) / rows.inRowMm))
  const columns = Math.max(1, Math.min(Math.floor(room / rows.inRowMm) + 1, wanted))
  const left = edge + width * slot.from + (room - (columns - 1) * rows.inRowMm) / 2
  const deep = Math.max(0, board.depthMm - 2 * edge)
  const count = Math.max(1, Math.floor(deep / rows.apartMm) + 1)
  const first = Math.min(count - 1, Math.floor((BEGINS[bed.zone] * deep) / rows.apartMm))
  for (let i = 0; i < count; i += 1) {
    const row = i < count - first ? first + i : count - 1 - i
    for (let column = 0; column < columns; column += 1)
      yield { x: left + column * rows.inRowMm, y: edge + Math.min(deep, row * rows.apartMm) }
  }
}
