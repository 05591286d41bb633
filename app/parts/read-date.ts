import type { Chrono } from 'chrono-node'
import { none, ok, type Reading } from '../../core/units'

/** What understands written days: British order first, then what only American order makes sense of. */
export type Languages = readonly Chrono[]

/** It is large, and few days are typed: fetched when a field of days is entered. */
export async function loadLanguages(): Promise<Languages> {
  const { GB, casual } = await import('chrono-node/en')
  return [GB, casual]
}

/** How a day that is written in few words is meant: which day stands for "today", and whether it lies behind. */
export interface DateReading {
  /** The day that is reckoned from, YYYY-MM-DD. */
  readonly from: string
  /** What was bought or sold lies behind; what is planned lies ahead. */
  readonly past?: boolean
}

const iso = (date: Date): string =>
  `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`
const BACK = /\b(last|ago|yesterday)\b/i
const ALLOWED = 'allowed are days such as 12 Dec, 12/12/2027, Sat, in 3 weeks'

/**
 * A day as people type it: "12 Dec", "Sat", "in 3 weeks", "2026-12-12". Day before month, as the field shows it. What
 * is not a whole day, such as "December", is asked back.
 * @param name of the field, for what is said of a text that is no day
 * @param languages none: only YYYY-MM-DD is read
 * @returns YYYY-MM-DD
 */
export function readDate(
  name: string,
  text: string,
  { from, past = false }: DateReading,
  languages: Languages,
): Reading<string> {
  const typed = text.trim()
  const refused = none(`${name}: read “${typed}”; ${ALLOWED}.`)
  if (/^\d{4}-\d{2}-\d{2}$/.test(typed)) {
    const date = new Date(`${typed}T12:00:00`)
    return !Number.isNaN(date.getTime()) && iso(date) === typed ? ok(typed) : refused
  }
  const reference = new Date(`${from}T12:00:00`)
  for (const language of languages) {
    const [found] = language.parse(typed, reference, { forwardDate: !past && !BACK.test(typed) })
    if (!found || found.text.length !== typed.length || found.end) continue
    if (found.start.isCertain('day') || found.start.isCertain('weekday')) return ok(iso(found.start.date()))
  }
  return refused
}
