import { dateOfDay, dayOfMonthDay, daysFrom, dayOfYear, isTropical, localDay, type Place } from '../plants'
import { addDays } from '../units'

/** Days in which something can be gathered or sown, ISO, ends included. */
export interface Window {
  readonly from: string
  readonly to: string
}

/** A stretch of the reference year, as "MM-DD". */
interface Season {
  readonly from: string
  readonly to: string
}

/** A stretch of the year at a place: the day of the year that it begins, from 0 on, and how many days it lasts. */
export interface YearSpan {
  readonly day: number
  readonly days: number
}

/**
 * A season of the reference year as it falls at a place, moved as spring and autumn are there; undefined near
 * the equator, where rain and drought rule. Source: the shifts of `core/plants/season-shift.ts`.
 */
export function stretchAt(season: Season, place: Place): YearSpan | undefined {
  if (isTropical(place)) return undefined
  const from = localDay(dayOfMonthDay(season.from), place)
  const to = localDay(dayOfMonthDay(season.to), place)
  return { day: Math.round(from), days: Math.round(daysFrom(from, to)) }
}

/**
 * The next windows of a season at a place, from the one that is open or comes first.
 * @param today ISO @param count how many
 */
export function windowsFrom(season: Season, place: Place, today: string, count = 2): Window[] {
  const stretch = stretchAt(season, place)
  if (!stretch) return []
  const year = Number(today.slice(0, 4))
  return Array.from({ length: count + 2 }, (_, i) => {
    const from = dateOfDay(year - 1 + i, stretch.day)
    return { from, to: addDays(from, stretch.days) }
  })
    .filter(({ to }) => to >= today)
    .slice(0, count)
}

/** Whether a window is open on a day. */
export const isOpenOn = ({ from, to }: Window, day: string): boolean => from <= day && day <= to

/** Where a date stands in the circle of the year, 0 up to 1. */
export const yearShare = (date: string): number => ((dayOfYear(date) - 1) % 365) / 365
