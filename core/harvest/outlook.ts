import type { Ahead } from '../stock'
import { addDays } from '../units'
import type { Gathering } from './gathering'
import { isOpenOn, windowsFrom, type Window } from './windows'
import type { Place } from '../plants'

/** What gathering something at its next time would be for. Quantities in the material's unit. */
export interface Outlook {
  readonly gathering: Gathering
  /** The time that is open or comes next, and the one after it. */
  readonly window?: Window
  readonly then?: Window
  readonly isOpen: boolean
  readonly there: number
  /** What planned work takes within a year; of it, what is wanted before anything gathered could be dry. */
  readonly wanted: number
  readonly tooSoon: number
  /** Whose work that is, the first that wants it first. */
  readonly who: readonly string[]
  /** On its way already: orders, harvests that are meant to be, batches that make it. */
  readonly coming: number
  /** What was taken of it in the year up to now. */
  readonly taken: number
  /** What the next time should bring, so that it lasts until the one after. */
  readonly bring: number
  readonly because: 'planned work' | 'last year' | 'enough'
}

/** A shelf on which nothing is known of a material. */
const NOTHING: Pick<Ahead, 'now' | 'days'> = { now: 0, days: [] }

/**
 * What to gather next, held against what planned work takes within a year and against what the last year took: the
 * larger of the two is what the shelf should hold.
 * @param ahead of its material, where anything is known of it
 * @param taken of its material in the year up to today
 */
export function outlookOf(
  gathering: Gathering,
  place: Place,
  today: string,
  ahead: Pick<Ahead, 'now' | 'days'> = NOTHING,
  taken = 0,
): Outlook {
  const [window, then] = windowsFrom(gathering, place, today)
  const inAYear = addDays(today, 365)
  const wants = ahead.days.filter(({ what, on }) => what === 'wanted' && (on === undefined || on <= inAYear))
  const sum = (days: Ahead['days']): number => days.reduce((all, { change }) => all + Math.abs(change), 0)
  const wanted = sum(wants)
  const first = window && firstDry(gathering, window, today)
  const coming = sum(ahead.days.filter(({ what }) => what !== 'wanted' && what !== 'spoils'))
  const there = Math.max(0, ahead.now)
  // What is lacking sooner, no harvest can bring any more.
  const soon = ahead.days.filter(({ on }) => first !== undefined && on !== undefined && on < first)
  const tooSoon = Math.max(0, ...soon.map(({ after }) => -after))
  const byPlan = wanted - tooSoon - there - coming
  const byHabit = taken - Math.max(0, there + coming - wanted)
  const bring = Math.max(0, byPlan, byHabit)
  return {
    gathering,
    ...(window ? { window } : {}),
    ...(then ? { then } : {}),
    isOpen: window !== undefined && isOpenOn(window, today),
    there,
    wanted,
    tooSoon,
    who: [...new Set(wants.map(({ who }) => who))],
    coming,
    taken,
    bring: Math.max(0, Math.ceil(bring - 1e-9)),
    because: bring <= 0 ? 'enough' : byPlan >= byHabit ? 'planned work' : 'last year',
  }
}

/** The first day that something gathered in a window, from today on, is dry. */
const firstDry = ({ dryDays }: Gathering, { from }: Window, today: string): string =>
  addDays(from < today ? today : from, dryDays)
