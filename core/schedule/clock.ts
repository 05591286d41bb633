import { TZDate } from '@date-fns/tz'

const MS_PER_MIN = 60_000
const MS_PER_HOUR = 60 * MS_PER_MIN

/** Whether the name of a time zone is one that is known: "Europe/Vienna", "UTC". */
export function isZone(zone: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone !== ''
  } catch {
    return false
  }
}

/**
 * The moment at which a clock on the wall of a zone shows a time on a date, ms since 1970. A time that a clock change
 * skips is read with the offset before it, one that comes twice is the first (RFC 5545, 3.3.5).
 * @param date YYYY-MM-DD @param time HH:MM, 24:00 for the end of the day
 */
export function momentAt(date: string, time: string, zone: string): number {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number)
  const [hours = 0, minutes = 0] = time.split(':').map(Number)
  const found = new TZDate(year, month - 1, day, hours, minutes, zone).getTime()
  // Clocks that have been put back show the same time twice: the first, by the offset of a few hours before.
  const putBack = offsetMin(found - 3 * MS_PER_HOUR, zone) - offsetMin(found, zone)
  const earlier = found - putBack * MS_PER_MIN
  return putBack > 0 && sameWall(earlier, found, zone) ? earlier : found
}

/** Minutes that a zone's clocks are ahead of UTC at a moment. */
const offsetMin = (ms: number, zone: string): number => -new TZDate(ms, zone).getTimezoneOffset()

function sameWall(a: number, b: number, zone: string): boolean {
  const [one, other] = [wallAt(a, zone), wallAt(b, zone)]
  return one.date === other.date && one.time === other.time
}

/** What a clock and a calendar on the wall show at a moment. */
export interface Wall {
  /** YYYY-MM-DD. */
  readonly date: string
  /** HH:MM. */
  readonly time: string
  /** 1 for Monday to 7 for Sunday. */
  readonly weekday: number
}

const two = (value: number): string => String(value).padStart(2, '0')

export function wallAt(ms: number, zone: string): Wall {
  const at = new TZDate(ms, zone)
  return {
    date: `${String(at.getFullYear()).padStart(4, '0')}-${two(at.getMonth() + 1)}-${two(at.getDate())}`,
    time: `${two(at.getHours())}:${two(at.getMinutes())}`,
    weekday: at.getDay() === 0 ? 7 : at.getDay(),
  }
}

/** 1 for Monday to 7 for Sunday, of a date. */
export const weekdayOf = (date: string): number => new Date(`${date}T00:00:00Z`).getUTCDay() || 7

/** How a zone's clocks stand to UTC in winter and summer: the least of the year's offsets, in hours. */
export function standardOffsetHours(zone: string, year: number): number {
  const offsets = [0, 6].map((month) => offsetMin(Date.UTC(year, month, 15), zone))
  return Math.min(...offsets) / 60
}

/** Whole minutes from an origin; rounded up, so that nothing is laid before it can be. */
export const minutesFrom = (originMs: number, ms: number): number => Math.ceil((ms - originMs) / MS_PER_MIN)
/** The moment of a minute from an origin. */
export const msOf = (originMs: number, minute: number): number => originMs + minute * MS_PER_MIN
