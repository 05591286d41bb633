import type { YearSpan } from '../../../core/harvest'

/** A stretch of a ribbon from new year's day to the year's end: where it begins and how long it is, %. */
export interface Stretch {
  readonly left: number
  readonly width: number
}

const YEAR = 365
/** A stretch of days on a ribbon: one that goes over the new year is in two. */
export function stretches({ day, days }: YearSpan): Stretch[] {
  const from = day - 1
  const end = from + Math.min(days, YEAR)
  const spans = end <= YEAR ? [[from, end] as const] : [[from, YEAR] as const, [0, end - YEAR] as const]
  return spans.map(([left, right]) => ({ left: (100 * left) / YEAR, width: (100 * (right - left)) / YEAR }))
}
/** What lies between a sowing and the cut. */
export const growing = (sowing: YearSpan, cut: YearSpan): YearSpan => ({
  day: sowing.day,
  days: (cut.day - sowing.day + YEAR) % YEAR,
})

/** The twelve months: where each begins, %. */
const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]
export const months = DAYS.map((_, i) => ({
  letter: 'JFMAMJJASOND'.charAt(i),
  left: (100 * DAYS.slice(0, i).reduce((sum, own) => sum + own, 0)) / YEAR,
}))
