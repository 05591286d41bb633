import { polygonHull } from 'd3-polygon'
import type { Zone } from '../commissions'
import { areaOf, middleOf, type Corner, type BoardPlace } from './geometry'
import type { Bed, Board } from './board'

/** A garden bed: earth with several kinds in it, the tall ones behind the low ones. */
export interface Border {
  /** Letters of the lines that stand in it, the tallest first. */
  readonly codes: readonly string[]
  readonly points: readonly Corner[]
  readonly areaCm2: number
  readonly middle: BoardPlace
}

/** A piece of a bed, before it has a place: which of the lines of the border it is of, and its half distance, mm. */
export interface BorderMember {
  readonly bed: Bed
  /** Its number in its line, from 1. */
  readonly number: number
  readonly halfMm: number
  /** 0 for the tallest kinds, which stand behind. */
  readonly rank: number
}

/** A border is about so many times as long as it is deep. From memory. */
const LONGER = 5
/** Lines that are at least so tall by the tallest of their rank stand side by side with it. */
const SAME_RANK = 0.7
/** Lengths of a border that are tried, from the longest. */
const LENGTHS = 24
/** Earth shows around what stands in it, by the half distance of its outermost pieces. */
const MARGIN = 0.35
/** Neighbours stand apart by this much more than they must, so that rounding never makes them touch. */
const SLACK = 1.002

/**
 * The pieces of a border in the order in which they are set, from the back to the front: kinds of one height
 * take turns, group by group; lower ones come after them.
 */
export function borderMembersOf(
  beds: readonly Bed[],
  halfOf: (bed: Bed, crownMm: number) => number,
): BorderMember[] {
  const tallest = [...beds].sort(
    (a, b) => (b.inBedMm ?? 0) - (a.inBedMm ?? 0) || a.code.localeCompare(b.code),
  )
  const ranks: Bed[][] = []
  for (const bed of tallest) {
    const rank = ranks.at(-1)
    if (rank && (bed.inBedMm ?? 0) >= SAME_RANK * (rank[0]?.inBedMm ?? 0)) rank.push(bed)
    else ranks.push([bed])
  }
  return ranks.flatMap((rank, at) => {
    const next = new Map(rank.map((bed) => [bed, 0]))
    const members: BorderMember[] = []
    for (let turn = 0; rank.some(({ groups }) => turn < groups.length); turn += 1)
      for (const bed of rank) {
        const from = next.get(bed) ?? 0
        const to = Math.min(bed.crownsMm.length, from + (bed.groups[turn] ?? 0))
        for (let i = from; i < to; i += 1)
          members.push({ bed, number: i + 1, halfMm: halfOf(bed, bed.crownsMm[i] ?? 0), rank: at })
        next.set(bed, to)
      }
    return members
  })
}

/** Members of each row of a border no longer than so much: each rank begins a row of its own. */
function rowsIn(members: readonly BorderMember[], lengthMm: number): BorderMember[][] {
  const rows: BorderMember[][] = []
  let [long, rank] = [Infinity, -1]
  for (const member of members) {
    const wide = 2 * member.halfMm * SLACK
    if (member.rank !== rank || long + wide > lengthMm) {
      rows.push([])
      long = 0
      rank = member.rank
    }
    rows.at(-1)?.push(member)
    long += wide
  }
  return rows
}

const rowLength = (row: readonly BorderMember[]): number =>
  row.reduce((sum, { halfMm }) => sum + 2 * halfMm * SLACK, 0)
const rowDepth = (row: readonly BorderMember[]): number =>
  row.reduce((most, { halfMm }) => Math.max(most, 2 * halfMm * SLACK), 0)

/** A layout of a border about its own middle: x to the right, y to the back, mm. */
export interface Layout {
  readonly places: readonly BoardPlace[]
  readonly lengthMm: number
  readonly depthMm: number
}

/** Members in rows that together are about five times as long as they are deep, and no longer than the board. */
export function layoutOf(members: readonly BorderMember[], longestMm: number): Layout {
  const widest = rowDepth(members)
  const longest = Math.max(widest, Math.min(longestMm, rowLength(members)))
  const tried = Array.from({ length: LENGTHS }, (_, i) => {
    const rows = rowsIn(members, widest + (longest - widest) * (1 - i / LENGTHS))
    const lengthMm = Math.max(...rows.map(rowLength))
    const depthMm = rows.reduce((sum, row) => sum + rowDepth(row), 0)
    return { rows, lengthMm, depthMm, off: Math.abs(Math.log(lengthMm / depthMm / LONGER)) }
  })
  const { rows, lengthMm, depthMm } = tried.reduce((least, other) => (other.off < least.off ? other : least))
  let back = depthMm / 2
  const places = rows.flatMap((row) => {
    const y = back - rowDepth(row) / 2
    back -= rowDepth(row)
    let left = -rowLength(row) / 2
    return row.map(({ halfMm }): BoardPlace => {
      left += halfMm * SLACK
      const place = { x: left, y }
      left += halfMm * SLACK
      return place
    })
  })
  return { places, lengthMm, depthMm }
}

/** Where a border's middle may lie, as shares of what is left of the board beside it: the first is the usual one. */
const ACROSS = [0.5, 0.28, 0.72, 0.1, 0.9, 0, 1]
const BACK: Record<Zone, readonly number[]> = {
  front: [0.06, 0.14, 0.24, 0.34],
  middle: [0.5, 0.42, 0.58, 0.34, 0.66],
  back: [0.94, 0.86, 0.76, 0.66],
}

/** Middles that a border can have on a board, the likeliest first. */
export function* middlesOn(board: Board, zone: Zone, { lengthMm, depthMm }: Layout): Generator<BoardPlace> {
  const width = board.widthMm * (board.plantedShare ?? 1)
  const [roomX, roomY] = [
    Math.max(0, width - 2 * board.edgeMm - lengthMm),
    Math.max(0, board.depthMm - 2 * board.edgeMm - depthMm),
  ]
  for (const back of BACK[zone])
    for (const across of ACROSS)
      yield {
        x: board.edgeMm + lengthMm / 2 + across * roomX,
        y: board.edgeMm + depthMm / 2 + back * roomY,
      }
}

/** Corners of the bed's edge about one plant. */
const CORNERS = 12

/** The bed around what stands in it: a hull about all of it, with earth to be seen at its edge. */
export function borderAround(
  spots: readonly { readonly x: number; readonly y: number; readonly ownMm: number; readonly code: string }[],
): Border {
  const around = spots.flatMap(({ x, y, ownMm }) =>
    Array.from({ length: CORNERS }, (_, i): [number, number] => {
      const angle = (i / CORNERS) * 2 * Math.PI
      const r = ownMm * (1 + MARGIN)
      return [x + r * Math.cos(angle), y + r * Math.sin(angle)]
    }),
  )
  const points: readonly Corner[] = polygonHull(around) ?? []
  return {
    codes: [...new Set(spots.map(({ code }) => code))],
    points,
    areaCm2: areaOf(points) / 100,
    middle: middleOf(points),
  }
}
