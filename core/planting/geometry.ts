import type { KeepOut } from '../commissions'

/** A place on the board, mm from its front left corner: to the right and to the back. */
export interface BoardPlace {
  readonly x: number
  readonly y: number
}

export type Corner = readonly [x: number, y: number]

/** Segments of a line, or of a closed shape. */
export const segmentsOf = (points: readonly Corner[], closed: boolean): (readonly [Corner, Corner])[] =>
  closed
    ? points.map((point, i) => [point, points[(i + 1) % points.length] ?? point] as const)
    : points.slice(1).map((point, i) => [points[i] ?? point, point] as const)

/** Distance from a place to a segment, mm. */
export function toSegment({ x, y }: BoardPlace, [ax, ay]: Corner, [bx, by]: Corner): number {
  const [dx, dy] = [bx - ax, by - ay]
  const square = dx * dx + dy * dy
  const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square))
  return Math.hypot(x - ax - dx * t, y - ay - dy * t)
}

/** Distance from a place to a line of points, mm. */
export const toLine = (points: readonly Corner[], at: BoardPlace): number =>
  segmentsOf(points, false).reduce((nearest, [a, b]) => Math.min(nearest, toSegment(at, a, b)), Infinity)

/** Whether a place lies in a shape. Even-odd rule. */
export function isInside(points: readonly Corner[], { x, y }: BoardPlace): boolean {
  let inside = false
  points.forEach(([ax, ay], i) => {
    const [bx, by] = points[(i + points.length - 1) % points.length] ?? [ax, ay]
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside
  })
  return inside
}

/** Length of a line of points, mm. */
export const lengthOf = (points: readonly Corner[]): number =>
  segmentsOf(points, false).reduce((sum, [[ax, ay], [bx, by]]) => sum + Math.hypot(bx - ax, by - ay), 0)

/** Area of a shape, mm². Source: the shoelace formula. */
export const areaOf = (points: readonly Corner[]): number =>
  Math.abs(segmentsOf(points, true).reduce((sum, [[ax, ay], [bx, by]]) => sum + ax * by - bx * ay, 0)) / 2

/** The place so far along a line of points, mm; its end beyond its length. */
export function along(points: readonly Corner[], mm: number): BoardPlace {
  let left = mm
  for (const [[ax, ay], [bx, by]] of segmentsOf(points, false)) {
    const length = Math.hypot(bx - ax, by - ay)
    if (left <= length && length > 0)
      return { x: ax + ((bx - ax) * left) / length, y: ay + ((by - ay) * left) / length }
    left -= length
  }
  const [x, y] = points.at(-1) ?? [0, 0]
  return { x, y }
}

/** The part of a line between two distances along it, mm: its ends and the corners between them. */
export function between(points: readonly Corner[], fromMm: number, toMm: number): Corner[] {
  const at = (mm: number): Corner => {
    const { x, y } = along(points, mm)
    return [x, y]
  }
  let walked = 0
  const corners: Corner[] = []
  for (const [[ax, ay], [bx, by]] of segmentsOf(points, false)) {
    walked += Math.hypot(bx - ax, by - ay)
    if (walked > fromMm && walked < toMm) corners.push([bx, by])
  }
  return [at(fromMm), ...corners, at(toMm)]
}

/** Middle of a shape's corners. */
export function middleOf(points: readonly Corner[]): BoardPlace {
  const n = Math.max(1, points.length)
  return {
    x: points.reduce((sum, [x]) => sum + x, 0) / n,
    y: points.reduce((sum, [, y]) => sum + y, 0) / n,
  }
}

/** Distance from a place to a keep-out's border, mm; below 0 inside it. */
export function clearanceOf({ kind, widthMm, points }: KeepOut, at: BoardPlace): number {
  const distance = segmentsOf(points, kind === 'shape').reduce(
    (nearest, [a, b]) => Math.min(nearest, toSegment(at, a, b)),
    Infinity,
  )
  if (kind === 'line') return distance - widthMm / 2
  return isInside(points, at) ? -distance : distance
}
