/** Geometry of the circle of the year: 0 is new year's day, at the top; it runs clockwise. */

export const SIZE = 440
const MIDDLE = SIZE / 2
/** The inner ring, the distance from ring to ring, and where the months stand. */
const INNER = 56
export const RING = 14
export const ringRadius = (ring: number): number => INNER + ring * RING

const round = (value: number): number => Math.round(value * 100) / 100

/** A point at a share of the year, so far from the middle. */
export function pointAt(share: number, radius: number): { x: number; y: number } {
  const turn = 2 * Math.PI * share
  return { x: round(MIDDLE + radius * Math.sin(turn)), y: round(MIDDLE - radius * Math.cos(turn)) }
}

/**
 * The path of an arc, clockwise; in the lower half the other way, so that words along it stand upright.
 * @param from share of the year @param length share of the year that it lasts, below 1
 */
export function arcPath(radius: number, from: number, length: number, upright = false): string {
  const start = pointAt(from, radius)
  const end = pointAt(from + length, radius)
  const large = length > 0.5 ? 1 : 0
  const middle = (from + length / 2) % 1
  const isLower = upright && middle > 0.25 && middle < 0.75
  return isLower
    ? `M${end.x},${end.y}A${radius},${radius} 0 ${large} 0 ${start.x},${start.y}`
    : `M${start.x},${start.y}A${radius},${radius} 0 ${large} 1 ${end.x},${end.y}`
}

/** The twelve months: where each begins, and where its letter stands. */
const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]
export const months = DAYS.map((days, i) => {
  const before = DAYS.slice(0, i).reduce((sum, own) => sum + own, 0)
  return { letter: 'JFMAMJJASOND'.charAt(i), from: before / 365, middle: (before + days / 2) / 365 }
})
