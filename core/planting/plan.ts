import type { KeepOut, Zone } from '../commissions'
import { requireRange, seededRandom, seedOf, type Random } from '../units'
import { SpotGrid } from './spot-grid'
import type { Layer } from './suggest'

/** A line to be planted: its pieces in the order of their numbers. */
export interface Bed {
  readonly lineId: string
  /** Letter of the line on the plan. */
  readonly code: string
  readonly layer: Layer
  readonly zone: Zone
  /** Crown width of each piece, mm; the first is number 1. */
  readonly crownsMm: readonly number[]
  /** Thickness of the stem at the ground, mm: what must not stand in another's way. */
  readonly stemMm: number
  /** Sizes of its groups; the pieces are dealt out to them in order. */
  readonly groups: readonly number[]
  /** How much closer than crown to crown its pieces stand, 1 for touching crowns. */
  readonly closeness: number
  /** Whether the members of a group stand in a row, as in a hedge or an avenue. */
  readonly inRow: boolean
}

export interface Board {
  readonly widthMm: number
  readonly depthMm: number
  /** Kept clear along the edges, mm. */
  readonly edgeMm: number
  readonly keepOuts: readonly KeepOut[]
}

/** Where a piece stands: mm from the board's front left corner, to the right and to the back. */
export interface Spot {
  readonly lineId: string
  readonly code: string
  /** The piece's number in its line and batch, from 1. */
  readonly number: number
  readonly layer: Layer
  readonly x: number
  readonly y: number
  readonly crownMm: number
  /** Half of the distance that it keeps to its like, mm. */
  readonly ownMm: number
  readonly stemMm: number
}

export interface PlantingPlan {
  readonly board: Board
  readonly spots: readonly Spot[]
  /** Pieces that found no room, by line. */
  readonly left: readonly { readonly lineId: string; readonly code: string; readonly pieces: number }[]
}

/** Letter of a line: A to Z, then AA. */
export const codeOf = (place: number): string =>
  place < 26 ? String.fromCharCode(65 + place) : `${codeOf(Math.floor(place / 26) - 1)}${codeOf(place % 26)}`

/** A group member is looked for so many times near its group, then in its zone, then anywhere. */
const TRIES = { group: 50, row: 16, zone: 160, board: 160 }
/** How far a row strays from its line from piece to piece, rad. */
const WAVER = 0.16
const CANDIDATES = 14

/**
 * The distance that two pieces keep, mm: like from like by both their own halves; what grows on the ground may stand under a crown, but not in a stem.
 */
export function spacingOf(
  a: Pick<Spot, 'layer' | 'ownMm' | 'stemMm'>,
  b: Pick<Spot, 'layer' | 'ownMm' | 'stemMm'>,
): number {
  const [aGround, bGround] = [a.layer === 'ground', b.layer === 'ground']
  if (aGround === bGround) return a.ownMm + b.ownMm
  return aGround ? a.ownMm * 0.5 + b.stemMm / 2 : b.ownMm * 0.5 + a.stemMm / 2
}

/**
 * Places each piece by Poisson-disc sampling with a radius of its own: darts are thrown around its group, and one that comes too near to a piece, an
 * edge or a keep-out is thrown again. Source: variable-radius dart throwing after Bridson 2007. Rows choose first, since they need room on end; then the largest kinds.
 * @param seed the same seed gives the same plan
 * @throws RangeError when the board is not above 0 mm
 */
export function planPlanting(board: Board, beds: readonly Bed[], seed: string): PlantingPlan {
  requireRange('board width', board.widthMm, 'mm', { above: 0 })
  requireRange('board depth', board.depthMm, 'mm', { above: 0 })
  const field = new Field(board, beds)
  const inTurn = [...beds].sort(
    (a, b) =>
      Number(rowOf(b)) - Number(rowOf(a)) ||
      Math.max(0, ...b.crownsMm) - Math.max(0, ...a.crownsMm) ||
      a.code.localeCompare(b.code),
  )
  const left: { lineId: string; code: string; pieces: number }[] = []
  for (const bed of inTurn) {
    const random = seededRandom(seedOf(`${seed}|${bed.lineId}`))
    const missed = plantBed(field, bed, random)
    if (missed > 0) left.push({ lineId: bed.lineId, code: bed.code, pieces: missed })
  }
  return {
    board,
    spots: [...field.spots].sort(
      (a, b) => a.code.length - b.code.length || a.code.localeCompare(b.code) || a.number - b.number,
    ),
    left,
  }
}

/** A few in a row find room among others; a hedge or an avenue does not. */
const rowOf = ({ inRow, groups }: Bed): boolean => inRow && Math.max(...groups) >= 5

function plantBed(field: Field, bed: Bed, random: Random): number {
  let number = 0
  let missed = 0
  for (const size of bed.groups) {
    let members: Spot[] = []
    let heading = 0
    for (let i = 0; i < size && number < bed.crownsMm.length; i += 1) {
      number += 1
      const crownMm = bed.crownsMm[number - 1] ?? 0
      const piece = {
        lineId: bed.lineId,
        code: bed.code,
        number,
        layer: bed.layer,
        crownMm,
        stemMm: bed.stemMm,
        ownMm: Math.max(0.5, (crownMm / 2) * bed.closeness),
      }
      const inLine = bed.inRow ? field.inLine(piece, members, heading, random) : undefined
      const joined = bed.inRow ? inLine?.place : field.beside(piece, members, bed.zone, random)
      const place = joined ?? field.centre(piece, bed.zone, random)
      if (!place) {
        missed += 1
        continue
      }
      const spot = { ...piece, ...place }
      field.add(spot)
      // A row that can go on at neither end goes on elsewhere, as a new one.
      if (!joined && bed.inRow) {
        members = []
        heading = field.headingAt(place)
      }
      if (inLine?.first) members.unshift(spot)
      else members.push(spot)
    }
  }
  return missed + Math.max(0, bed.crownsMm.length - number)
}

type Piece = Omit<Spot, 'x' | 'y'>
interface Place {
  readonly x: number
  readonly y: number
}
const bands: Record<Zone, readonly [number, number]> = {
  front: [0, 0.36],
  middle: [0.3, 0.7],
  back: [0.64, 1],
}

/** The board with what stands on it. */
class Field {
  readonly spots: Spot[] = []
  private readonly woody: SpotGrid
  private readonly ground: SpotGrid

  constructor(
    private readonly board: Board,
    beds: readonly Bed[],
  ) {
    const widest = (layer: (of: Layer) => boolean): number =>
      Math.max(
        1,
        ...beds
          .filter((bed) => layer(bed.layer))
          .map((bed) => Math.max(bed.stemMm, ...bed.crownsMm) * Math.max(1, bed.closeness)),
      )
    this.woody = new SpotGrid(widest((layer) => layer !== 'ground'))
    this.ground = new SpotGrid(widest((layer) => layer === 'ground'))
  }

  add(spot: Spot): void {
    this.spots.push(spot)
    ;(spot.layer === 'ground' ? this.ground : this.woody).add(spot)
  }

  /** A free place for the first of a group: of some, the one furthest from its like. */
  centre(piece: Piece, zone: Zone, random: Random): Place | undefined {
    let best: { place: Place; room: number } | undefined
    let found = 0
    for (let i = 0; i < TRIES.zone + TRIES.board && found < CANDIDATES; i += 1) {
      const [from, to] = i < TRIES.zone ? bands[zone] : [0, 1]
      if (i >= TRIES.zone && best) break
      const place = {
        x: random() * this.board.widthMm,
        y: (from + (to - from) * random()) * this.board.depthMm,
      }
      if (!this.free(piece, place)) continue
      found += 1
      const room = this.spots.reduce(
        (nearest, spot) =>
          spot.lineId === piece.lineId
            ? Math.min(nearest, Math.hypot(spot.x - place.x, spot.y - place.y))
            : nearest,
        Infinity,
      )
      if (!best || room > best.room) best = { place, room }
    }
    return best?.place
  }

  /** A free place beside one of a group's members, one to two spacings away. */
  beside(piece: Piece, members: readonly Spot[], zone: Zone, random: Random): Place | undefined {
    const [from, to] = bands[zone]
    for (let i = 0; i < TRIES.group; i += 1) {
      const near = members[Math.floor(random() * members.length)]
      if (!near) return undefined
      const angle = random() * 2 * Math.PI
      const out = spacingOf(piece, near) * Math.sqrt(1 + 3 * random())
      const place = { x: near.x + Math.cos(angle) * out, y: near.y + Math.sin(angle) * out }
      // A group keeps to its zone, unless there is no room for it there.
      const share = place.y / this.board.depthMm
      if (i < TRIES.group * 0.7 && (share < from || share > to)) continue
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
  ): { readonly place: Place; readonly first: boolean } | undefined {
    for (let i = 0; i < TRIES.row; i += 1) {
      const first = i % 2 === 1
      const end = first ? members[0] : members[members.length - 1]
      if (!end) return undefined
      const angle = heading + (first ? Math.PI : 0) + (random() - 0.5) * WAVER
      const out = spacingOf(piece, end) * (1 + 0.05 * random())
      const place = { x: end.x + Math.cos(angle) * out, y: end.y + Math.sin(angle) * out }
      if (this.free(piece, place)) return { place, first }
    }
    return undefined
  }

  /** Which way a row runs: along the nearest track, path or shape that is not too far away; else along the front. */
  headingAt(at: Place): number {
    let nearest: { distance: number; heading: number } | undefined
    for (const [a, b] of this.board.keepOuts.flatMap(segmentsOf)) {
      const distance = toSegment(at, a, b)
      if (distance < this.board.depthMm * 0.3 && (!nearest || distance < nearest.distance))
        nearest = { distance, heading: Math.atan2(b[1] - a[1], b[0] - a[0]) }
    }
    return nearest?.heading ?? 0
  }

  private free(piece: Piece, { x, y }: Place): boolean {
    const { widthMm, depthMm, edgeMm, keepOuts } = this.board
    const edge = Math.max(edgeMm, edgeDistance(piece, this.board))
    if (x < edge || y < edge || x > widthMm - edge || y > depthMm - edge) return false
    if (keepOuts.some((keepOut) => clearanceOf(keepOut, { x, y }) < keepOutDistance(piece))) return false
    return [this.woody, this.ground].every((grid) =>
      grid.every(
        { x, y },
        piece.ownMm + grid.reach,
        (other) => Math.hypot(other.x - x, other.y - y) >= spacingOf(piece, other),
      ),
    )
  }
}

/** How far a piece's middle keeps from the board's edge, mm: half its crown, so that it does not hang over; less where the board is too small for that. */
export const edgeDistance = (
  piece: Pick<Spot, 'crownMm' | 'stemMm'>,
  board: Pick<Board, 'widthMm' | 'depthMm'>,
): number =>
  Math.max(piece.stemMm / 2, Math.min(piece.crownMm * 0.5, 0.2 * Math.min(board.widthMm, board.depthMm)))

/** How far a piece's middle keeps from a keep-out, mm: half its crown for what overhangs. */
export const keepOutDistance = (piece: Pick<Spot, 'crownMm' | 'stemMm'>): number =>
  Math.max(piece.stemMm / 2 + 1, piece.crownMm * 0.3)

/** Distance from a place to a keep-out's border, mm; below 0 inside it. */
export function clearanceOf(keepOut: KeepOut, at: Place): number {
  const { kind, widthMm, points } = keepOut
  const distance = segmentsOf(keepOut).reduce(
    (nearest, [a, b]) => Math.min(nearest, toSegment(at, a, b)),
    Infinity,
  )
  if (kind === 'line') return distance - widthMm / 2
  return isInside(points, at) ? -distance : distance
}

type Corner = KeepOut['points'][number]
const segmentsOf = ({ kind, points }: KeepOut): (readonly [Corner, Corner])[] =>
  kind === 'shape'
    ? points.map((point, i) => [point, points[(i + 1) % points.length] ?? point] as const)
    : points.slice(1).map((point, i) => [points[i] ?? point, point] as const)

function toSegment(
  { x, y }: Place,
  [ax, ay]: readonly [number, number],
  [bx, by]: readonly [number, number],
): number {
  const [dx, dy] = [bx - ax, by - ay]
  const square = dx * dx + dy * dy
  const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square))
  return Math.hypot(x - ax - dx * t, y - ay - dy * t)
}

/** Even-odd rule. */
function isInside(points: KeepOut['points'], { x, y }: Place): boolean {
  let inside = false
  points.forEach(([ax, ay], i) => {
    const [bx, by] = points[(i + points.length - 1) % points.length] ?? [ax, ay]
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside
  })
  return inside
}
