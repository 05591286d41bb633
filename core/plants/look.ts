import { mix, tonesOf, type Tones } from '../colour/srgb'
import type { MonthLook, Species } from './types'

/** How a plant looks on a day. */
export interface Look {
  /** Share of the full foliage, 0–1. */
  readonly leaf: number
  readonly tones: Tones
  readonly words: string
}

const MS_PER_DAY = 86_400_000

/** Day of the year, 1 to 366, of a date such as "2026-10-04". @throws RangeError for anything else */
export function dayOfYear(date: string): number {
  const ms = Date.parse(`${date}T00:00:00Z`)
  if (!/^\d{4}-\d{2}-\d{2}$/.test(date) || Number.isNaN(ms)) throw new RangeError(`date is ${date}; it must be YYYY-MM-DD`)
  return Math.round((ms - Date.UTC(Number(date.slice(0, 4)), 0, 1)) / MS_PER_DAY) + 1
}

/** The date that lies `days` after a date, both as YYYY-MM-DD; the year turns over. */
export function addDays(date: string, days: number): string {
  return new Date(Date.parse(`${date}T00:00:00Z`) + days * MS_PER_DAY).toISOString().slice(0, 10)
}

/** The same year's date of a day of the year, 1 to 366, as YYYY-MM-DD. */
export function dateOfDay(year: number, day: number): string {
  return new Date(Date.UTC(year, 0, 1) + (day - 1) * MS_PER_DAY).toISOString().slice(0, 10)
}

/**
 * The look of a species on a date: the monthly looks, joined smoothly from the middle of one month to the middle of the next,
 * over the year's end too. Colours are mixed in linear light.
 */
export function lookOn(species: Species, date: string): Look {
  const month = Number(date.slice(5, 7)) - 1
  const lengthDays = new Date(Date.UTC(Number(date.slice(0, 4)), month + 1, 0)).getUTCDate()
  const within = (dayOfYear(date) - dayOfYear(`${date.slice(0, 7)}-01`) + 0.5) / lengthDays - 0.5
  const here = monthAt(species, month)
  const other = monthAt(species, month + (within < 0 ? -1 : 1))
  const share = Math.abs(within)
  return {
    leaf: here.leaf * (1 - share) + other.leaf * share,
    tones: tonesOf(mix(here.colour, other.colour, share)),
    words: here.words,
  }
}

function monthAt(species: Species, month: number): MonthLook {
  const look = species.months[(month + 12) % 12]
  if (!look) throw new RangeError(`species ${species.id} has no look for month ${month + 1}`)
  return look
}
