import type { KeepOut, Zone } from '../commissions'
import type { Random } from '../units'
import { along, clearanceOf, lengthOf, segmentsOf, toLine, toSegment, type BoardPlace } from './geometry'
import type { Bed, Board, Placing, Spot } from './board'
import type { Hedge } from './runs'
import { NearestGrid, SpotGrid } from './spot-grid'

type Piece = Omit<Spot, 'x' | 'y'> & Placing

/** A group member is looked for so many times near its group, then in its zone, then anywhere. */
const TRIES = { group: 40, row: 16, zone: 120, board: 120 }
/** Where that many pieces of a kind have found no room one after the other, the others of it are looked for less. */
const HOPELESS_AFTER = 4
const HOPELESS_TRIES = 6
/** How far a row strays from its line from piece to piece, rad. */
const WAVER = 0.16
const CANDIDATES = 14

/** Shares of two crowns that a shrub keeps from a tree's stem where it stands under the tree. From memory. */
const UNDER = { shrub: 0.8, tree: 0.3 }

/**
 * The distance that two pieces keep, mm: like from like by both their own halves; a shrub may stand under a
 * tree's edge, and what grows on the ground under any crown, but not in a stem.
 */
export function fieldSpacing(
  a: Pick<Spot, 'layer' | 'ownMm' | 'stemMm'>,
  b: Pick<Spot, 'layer' | 'ownMm' | 'stemMm'>,
): number {
  if (a.layer === b.layer) return a.ownMm + b.ownMm
  if (a.layer === 'ground') return a.ownMm * 0.5 + b.stemMm / 2
  if (b.layer === 'ground') return b.ownMm * 0.5 + a.stemMm / 2
  const [tree, shrub] = a.layer === 'tree' ? [a, b] : [b, a]
  return shrub.ownMm * UNDER.shrub + Math.max(tree.ownMm * UNDER.tree, tree.stemMm / 2)
}

const bands: Record<Zone, readonly [number, number]> = {
  front: [0, 0.36],
  middle: [0.3, 0.7],
  back: [0.64, 1],
}

/** The row before a backdrop stands in this band. From memory. */
const BEFORE_BACKDROP: readonly [number, number] = [0.82, 1]
const bandOf = ({ beforeBackdrop }: Placing, zone: Zone): readonly [number, number] =>
  beforeBackdrop ? BEFORE_BACKDROP : bands[zone]
/** What grows at the water stands within so much of its edge, beside the room that it takes, mm. From memory. */
const WATER_BAND_MM = 25
/** Hands reach over a track less far than over the front edge. From memory. */
const OVER_TRACK = 0.5
/** A board is no deeper than it is: more of it is not kept out of reach. */
const MOST_OUT_OF_REACH = 0.4

/** The board with what stands on it. */
export class Field {
  readonly spots: Spot[] = []
  private readonly grid: SpotGrid
  private readonly byLine = new Map<string, NearestGrid>()
  /** Pieces in a row that found no room, and the smallest of them, by line. */
  private readonly missed = new Map<string, { count: number; leastMm: number }>()

  constructor(
    private readonly board: Board,
    beds: readonly Bed[],
    private readonly hedges: readonly Hedge[],
  ) {
    const largest = beds.reduce(
      (most, bed) =>
        bed.crownsMm.reduce(
          (wide, crown) => Math.max(wide, (crown / 2) * bed.closeness, bed.stemMm / 2),
          most,
        ),
      1,
    )
    this.grid = new SpotGrid(largest)
  }

  add(spot: Spot): void {
    this.spots.push(spot)
    this.grid.add(spot)
    const own = this.byLine.get(spot.lineId) ?? new NearestGrid(this.board.widthMm, this.board.depthMm)
    own.add(spot)
    this.byLine.set(spot.lineId, own)
  }

  /** A free place for the first of a group: of some, the one furthest from its like. */
  centre(piece: Piece, zone: Zone, random: Random): BoardPlace | undefined {
    const missed = this.missed.get(piece.lineId)
    const hopeless =
      missed !== undefined && missed.count >= HOPELESS_AFTER && piece.ownMm >= missed.leastMm * 0.98
    const inZone = hopeless ? HOPELESS_TRIES : TRIES.zone
    const all = hopeless ? HOPELESS_TRIES * 2 : TRIES.zone + TRIES.board
    const own = this.byLine.get(piece.lineId)
    const atWater = piece.waterside ? this.atWater(piece, random) : undefined
    if (atWater) return atWater
    const width = this.board.widthMm * (this.board.plantedShare ?? 1)
    let best: { place: BoardPlace; room: number } | undefined
    let found = 0
    for (let i = 0; i < all && found < CANDIDATES; i += 1) {
      const [from, to] = i < inZone ? bandOf(piece, zone) : [0, 1]
      if (i >= inZone && best) break
      const place = { x: random() * width, y: (from + (to - from) * random()) * this.board.depthMm }
      if (!this.free(piece, place)) continue
      found += 1
      const room = own?.squareTo(place) ?? Infinity
      if (!best || room > best.room) best = { place, room }
    }
    if (best) this.missed.delete(piece.lineId)
    else
      this.missed.set(piece.lineId, {
        count: (missed?.count ?? 0) + 1,
        leastMm: Math.min(missed?.leastMm ?? Infinity, piece.ownMm),
      })
    return best?.place
  }

  /** A free place at the edge of some water, far from its like; undefined where there is no water, or no room. */
  private atWater(piece: Piece, random: Random): BoardPlace | undefined {
    const waters = this.board.keepOuts.filter(({ water }) => water)
    const own = this.byLine.get(piece.lineId)
    let best: { place: BoardPlace; room: number } | undefined
    for (let i = 0; i < TRIES.zone && waters.length > 0; i += 1) {
      const water = waters[Math.floor(random() * waters.length)]
      if (!water) break
      const [first] = water.points
      const edge = water.kind === 'shape' && first ? [...water.points, first] : water.points
      const at = along(edge, random() * lengthOf(edge))
      const out = water.widthMm / 2 + keepOutDistance(piece, water) + WATER_BAND_MM * random()
      const angle = 2 * Math.PI * random()
      const place = { x: at.x + Math.cos(angle) * out, y: at.y + Math.sin(angle) * out }
      if (!this.free(piece, place)) continue
      const room = own?.squareTo(place) ?? Infinity
      if (!best || room > best.room) best = { place, room }
    }
    return best?.place
  }

  /** A free place beside one of a group's members, one to two spacings away. */
  beside(piece: Piece, members: readonly Spot[], zone: Zone, random: Random): BoardPlace | undefined {
    const [from, to] = bandOf(piece, zone)
    for (let i = 0; i < TRIES.group; i += 1) {
      const near = members[Math.floor(random() * members.length)]
      if (!near) return undefined
      const angle = random() * 2 * Math.PI
      const out = fieldSpacing(piece, near) * Math.sqrt(1 + 3 * random())
      const place = { x: near.x + Math.cos(angle) * out, y: near.y + Math.sin(angle) * out }
      // A group keeps to its zone, unless there is no room for it there.
      const share = place.y / this.board.depthMm
      const strays = !piece.waterside && (share < from || share > to)
      if (i < TRIES.group * 0.7 && strays) continue
      if (this.free(piece, place)) return place
    }
    return undefined
  }

  /** A free place at one of the ends of a row, crown to crown. */
  inLine(
    piece: Piece,
    members: readonly Spot[],
    heading: number,
    random: Random,
  ): { readonly place: BoardPlace; readonly first: boolean } | undefined {
    for (let i = 0; i < TRIES.row; i += 1) {
      const first = i % 2 === 1
      const end = first ? members[0] : members[members.length - 1]
      if (!end) return undefined
      const angle = heading + (first ? Math.PI : 0) + (random() - 0.5) * WAVER
      const out = fieldSpacing(piece, end) * (1 + 0.05 * random())
      const place = { x: end.x + Math.cos(angle) * out, y: end.y + Math.sin(angle) * out }
      if (this.free(piece, place)) return { place, first }
    }
    return undefined
  }

  /**
   * Which way a row runs: along the nearest hedge, track, path or shape that is not too far away; else along
   * the front.
   */
  headingAt(at: BoardPlace): number {
    let nearest: { distance: number; heading: number } | undefined
    const lines = [
      ...this.board.keepOuts.map(({ points, kind }) => segmentsOf(points, kind === 'shape')),
      ...this.hedges.map(({ points }) => segmentsOf(points, false)),
    ]
    for (const [a, b] of lines.flat()) {
      const distance = toSegment(at, a, b)
      if (distance < this.board.depthMm * 0.3 && (!nearest || distance < nearest.distance))
        nearest = { distance, heading: Math.atan2(b[1] - a[1], b[0] - a[0]) }
    }
    return nearest?.heading ?? 0
  }

  /** Whether a piece has room at a place. */
  free(piece: Piece, place: BoardPlace): boolean {
    const { widthMm, depthMm, edgeMm, keepOuts, plantedShare } = this.board
    const { x, y } = place
    const edge = Math.max(edgeMm, edgeDistance(piece, this.board))
    if (x < edge || y < edge || x > widthMm - edge || y > depthMm - edge) return false
    const reach = Math.min(piece.outOfReachMm ?? 0, depthMm * MOST_OUT_OF_REACH)
    if (y < reach) return false
    if (plantedShare !== undefined && x > widthMm * plantedShare) return false
    const clear = this.grid.every(
      place,
      piece.ownMm,
      (other) => (other.x - x) ** 2 + (other.y - y) ** 2 >= fieldSpacing(piece, other) ** 2,
    )
    if (!clear) return false
    const keeps = (keepOut: KeepOut): number =>
      keepOut.kind === 'line' && !keepOut.water
        ? Math.max(keepOutDistance(piece, keepOut), reach * OVER_TRACK)
        : keepOutDistance(piece, keepOut)
    if (keepOuts.some((keepOut) => clearanceOf(keepOut, place) < keeps(keepOut))) return false
    return this.hedges.every(
      ({ points, widthMm: wide }) => toLine(points, place) >= wide / 2 + hedgeDistance(piece),
    )
  }
}

/** Trees stand in a hedge or beside it, shrubs and grass beside it. */
const hedgeDistance = (piece: Piece): number =>
  piece.layer === 'tree' ? piece.stemMm / 2 : piece.layer === 'shrub' ? piece.ownMm * 0.6 : piece.ownMm * 0.2

/**
 * How far a piece's middle keeps from the board's edge, mm: half its crown, so that it does not hang over;
 * less where the board is too small for that.
 */
export const edgeDistance = (
  piece: Pick<Spot, 'crownMm' | 'stemMm'>,
  board: Pick<Board, 'widthMm' | 'depthMm'>,
): number =>
  Math.max(piece.stemMm / 2, Math.min(piece.crownMm * 0.5, 0.2 * Math.min(board.widthMm, board.depthMm)))

/** How far a piece's middle keeps from a keep-out, mm: half its crown, less what may reach over it. */
export const keepOutDistance = (
  piece: Pick<Spot, 'crownMm' | 'stemMm'>,
  { overhangMm = 0 }: Pick<KeepOut, 'overhangMm'>,
): number => Math.max(piece.stemMm / 2 + 1, piece.crownMm / 2 - overhangMm)
