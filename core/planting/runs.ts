import type { Zone } from '../commissions'
import { isInGap, runsBetween, type Gap, type HedgeTree } from '../hedges'
import { along, areaOf, between, lengthOf, middleOf, type Corner, type BoardPlace } from './geometry'
import type { Board } from './board'

/** A hedge to be laid: its length on the board, its width, and where its maker drew it. */
export interface HedgeBed {
  readonly lineId: string
  readonly code: string
  readonly zone: Zone
  readonly widthMm: number
  readonly lengthMm: number
  readonly gaps?: readonly Gap[]
  /** Trees that stand in it: of which line, and where along it, mm. */
  readonly trees?: readonly Pick<HedgeTree, 'lineId' | 'atMm'>[]
  readonly drawn?: readonly Corner[]
}

/** A hedge on the plan: its middle line, what grows along it, and numbered marks. */
export interface Hedge {
  readonly lineId: string
  readonly code: string
  readonly widthMm: number
  /** What the line wants, and what is drawn, mm. */
  readonly wantedMm: number
  readonly lengthMm: number
  readonly points: readonly Corner[]
  /** What grows between gates and gaps, each as a line of its own. */
  readonly stretches: readonly (readonly Corner[])[]
  /** Gates and gaps: their middles and widths, mm. */
  readonly gates: readonly (BoardPlace & { readonly widthMm: number })[]
  /** Marks at every {@link HEDGE_MARK_MM}, from 1. */
  readonly marks: readonly (BoardPlace & { readonly number: number })[]
}

/** Grass to be laid by area. */
export interface PatchBed {
  readonly lineId: string
  readonly code: string
  readonly zone: Zone
  readonly areaCm2: number
  readonly drawn?: readonly Corner[]
}

export interface Patch {
  readonly lineId: string
  readonly code: string
  readonly wantedCm2: number
  readonly areaCm2: number
  readonly points: readonly Corner[]
  readonly middle: BoardPlace
}

/** A hedge is made and set in lengths: a mark at each. From memory. */
export const HEDGE_MARK_MM = 100
/** Where something lies that nobody has drawn yet, as a share of the board's depth. */
const DEPTH: Record<Zone, number> = { front: 0.16, middle: 0.5, back: 0.86 }

/**
 * Lays hedges where they are drawn; else straight across their zone, as far as the board goes, the rest of it
 * in further rows behind.
 */
export function laidHedges(board: Board, beds: readonly HedgeBed[]): Hedge[] {
  return beds.map((bed): Hedge => {
    const points = bed.drawn ?? acrossZone(board, bed)
    const lengthMm = lengthOf(points)
    const count = Math.max(1, Math.ceil(lengthMm / HEDGE_MARK_MM - 1e-9))
    const gaps = (bed.gaps ?? []).filter(({ atMm }) => atMm < lengthMm)
    return {
      lineId: bed.lineId,
      code: bed.code,
      widthMm: bed.widthMm,
      wantedMm: bed.lengthMm,
      lengthMm,
      points,
      stretches: runsBetween(lengthMm, gaps).map(({ fromMm, toMm }) => between(points, fromMm, toMm)),
      gates: gaps.map(({ atMm, widthMm }) => {
        const wide = Math.min(widthMm, lengthMm - atMm)
        return { ...along(points, atMm + wide / 2), widthMm: wide }
      }),
      marks: Array.from({ length: Math.min(400, count) }, (_, i) => ({
        alongMm: Math.min(lengthMm, (i + 0.5) * HEDGE_MARK_MM),
        number: i + 1,
      })).flatMap(({ alongMm, number }) =>
        isInGap(alongMm, gaps) ? [] : [{ ...along(points, alongMm), number }],
      ),
    }
  })
}

function acrossZone(board: Board, { zone, lengthMm, widthMm }: HedgeBed): Corner[] {
  const inset = board.edgeMm + widthMm / 2
  const room = Math.max(1, board.widthMm * (board.plantedShare ?? 1) - 2 * inset)
  const y = Math.min(board.depthMm - inset, Math.max(inset, board.depthMm * DEPTH[zone]))
  const length = Math.min(room, lengthMm)
  const from = inset + (room - length) / 2
  return [
    [from, y],
    [from + length, y],
  ]
}

/** Places of the trees that stand in hedges, by their line, in the order of hedges and along them. */
export function placesInHedges(
  beds: readonly HedgeBed[],
  hedges: readonly Pick<Hedge, 'lineId' | 'points' | 'lengthMm'>[],
): ReadonlyMap<string, readonly BoardPlace[]> {
  const places = new Map<string, BoardPlace[]>()
  for (const { lineId: hedgeId, trees = [] } of beds) {
    const hedge = hedges.find(({ lineId }) => lineId === hedgeId)
    if (!hedge) continue
    for (const { lineId, atMm } of trees) {
      // One that stands beyond what is laid here stands nowhere in particular.
      if (atMm > hedge.lengthMm) continue
      const { x, y } = along(hedge.points, atMm)
      const own = places.get(lineId)
      if (own) own.push({ x, y })
      else places.set(lineId, [{ x, y }])
    }
  }
  return places
}

/** Lays grass where it is drawn; else as a rectangle of its area in its zone, cut at the board's edges. */
export function laidPatches(board: Board, beds: readonly PatchBed[]): Patch[] {
  return beds.map((bed): Patch => {
    const points = bed.drawn && bed.drawn.length >= 3 ? bed.drawn : rectangleIn(board, bed)
    return {
      lineId: bed.lineId,
      code: bed.code,
      wantedCm2: bed.areaCm2,
      areaCm2: areaOf(points) / 100,
      points,
      middle: middleOf(points),
    }
  })
}

function rectangleIn(board: Board, { zone, areaCm2 }: PatchBed): Corner[] {
  const [w, d] = [
    board.widthMm * (board.plantedShare ?? 1) - 2 * board.edgeMm,
    board.depthMm - 2 * board.edgeMm,
  ]
  const wide = Math.min(w, Math.sqrt(areaCm2 * 100 * (w / d)))
  const deep = Math.min(d, (areaCm2 * 100) / wide)
  const x = board.edgeMm + (w - wide) / 2
  const y = board.edgeMm + (d - deep) * DEPTH[zone]
  return [
    [x, y],
    [x + wide, y],
    [x + wide, y + deep],
    [x, y + deep],
  ]
}
