import {
  dateOfDay,
  dayOfMonthDay,
  daysFrom,
  dayOfYear,
  isTropical,
  localDay,
  REFERENCE_PLACE,
  wetMiddle,
  YEAR_DAYS,
  type Place,
} from '../plants'
import { addDays } from '../units'

/** Days in which something can be gathered or sown, ISO, ends included. */
export interface Window {
  readonly from: string
  readonly to: string
}

/** What bounds a time of the year besides warmth: see {@link spansAt}. */
export type SeasonBound = 'dries standing' | 'dug' | 'damp' | 'sown'

/** A stretch of the reference year, as "MM-DD", ends included. */
interface Season {
  readonly from: string
  readonly to: string
  readonly bound?: SeasonBound
}

/** A stretch of the year at a place: the day of the year that it begins, from 0 on, and how many days it lasts. */
export interface YearSpan {
  readonly day: number
  readonly days: number
}

/** Below this latitude summers are dry, above the other no longer. Common practice as to 38° N and 35° S. */
const DRY_SUMMERS = [40, 45] as const
/** What dries standing is ripe so many days sooner where summers are dry. Common practice. */
const RIPER_DAYS = 35
const drought = ({ latitudeDeg }: Place): number =>
  Math.min(1, Math.max(0, (DRY_SUMMERS[1] - Math.abs(latitudeDeg)) / (DRY_SUMMERS[1] - DRY_SUMMERS[0])))

/** Middle of the time in which the ground is frozen, day of the northern year. From memory. */
const FROZEN_MIDDLE = 20
/** From 52° on it freezes for more than days; at 60°, from 1 November, for 80 days either side. Common practice. */
const FREEZES_FROM = 52
const FROZEN_PER_DEGREE = 10
const MOST_FROZEN = 110
/** Days of frozen ground, of a place; a hundred metres up count as a degree. */
function frozenAt(place: Place): YearSpan | undefined {
  const degrees = Math.abs(place.latitudeDeg) + (place.altitudeM - REFERENCE_PLACE.altitudeM) / 100
  const half = Math.min(MOST_FROZEN, FROZEN_PER_DEGREE * (degrees - FREEZES_FROM))
  if (half < 1) return undefined
  const south = place.latitudeDeg < 0 ? YEAR_DAYS / 2 : 0
  return { day: daysFrom(0, Math.round(FROZEN_MIDDLE + south - half)), days: Math.round(2 * half) }
}

/** What is left of a stretch, without the days of another. */
function without({ day, days }: YearSpan, taken: YearSpan): YearSpan[] {
  const left: YearSpan[] = []
  const from = daysFrom(day, taken.day)
  let at = 0
  for (const start of [from - YEAR_DAYS, from]) {
    const end = start + taken.days
    if (end < at || start > days) continue
    if (start - 1 > at) left.push({ day: daysFrom(0, day + at), days: start - 1 - at })
    at = Math.max(at, end + 1)
  }
  if (at < days) left.push({ day: daysFrom(0, day + at), days: days - at })
  return left
}

/** The shortest time that is worth a row, days. Our estimate. */
const LEAST_DAYS = 7

/** Half of a time of the tropical year, days: as long as it is plainly dry, or wet. From memory. */
const RAIN_HALF = 75

/**
 * A season of the reference year as it falls at a place, moved as spring and autumn are there; mostly one stretch.
 * What dries standing is ripe sooner where summers are dry; what is dug is not taken from frozen ground, which may
 * part its season in two. In the tropics the rains rule: all is gathered in the dry time but what wants damp, and
 * sown as the rains begin. Source of the shifts: `core/plants/season-shift.ts`.
 */
export function spansAt(season: Season, place: Place): YearSpan[] {
  const { bound } = season
  if (isTropical(place)) {
    const wet = wetMiddle(place)
    const begins =
      bound === 'sown' ? wet - 90 : bound === 'damp' ? wet - RAIN_HALF : wet + YEAR_DAYS / 2 - RAIN_HALF
    return [{ day: Math.round(daysFrom(0, begins)), days: bound === 'sown' ? 45 : 2 * RAIN_HALF }]
  }
  const sooner = bound === 'dries standing' ? RIPER_DAYS * drought(place) : 0
  const from = localDay(dayOfMonthDay(season.from), place) - sooner
  const to = localDay(dayOfMonthDay(season.to), place)
  const whole = { day: Math.round(daysFrom(0, from)), days: Math.round(daysFrom(from, to)) }
  const frozen = bound === 'dug' ? frozenAt(place) : undefined
  // A few days between frosts are no time to go out.
  return frozen ? without(whole, frozen).filter(({ days }) => days >= LEAST_DAYS) : [whole]
}

/**
 * The next windows of a season at a place, from the one that is open or comes first.
 * @param today ISO @param count how many
 */
export function windowsFrom(season: Season, place: Place, today: string, count = 2): Window[] {
  const spans = spansAt(season, place)
  const year = Number(today.slice(0, 4))
  return Array.from({ length: count + 2 }, (_, i) =>
    spans.map(({ day, days }) => {
      const from = dateOfDay(year - 1 + i, day)
      return { from, to: addDays(from, days) }
    }),
  )
    .flat()
    .filter(({ to }) => to >= today)
    .sort((a, b) => (a.from < b.from ? -1 : 1))
    .slice(0, count)
}

/** Whether a window is open on a day. */
export const isOpenOn = ({ from, to }: Window, day: string): boolean => from <= day && day <= to

/** Where a date stands in the circle of the year, 0 up to 1. */
export const yearShare = (date: string): number => ((dayOfYear(date) - 1) % 365) / 365
