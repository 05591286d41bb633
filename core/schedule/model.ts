import type { TimeSpan } from './stretches'

/**
 * What is to be laid, and the time that there is: a resource-constrained project with time lags, calendars and
 * cumulative resources. Times are whole minutes from an origin of the caller's. Job shops are a special case: a
 * machine is a worker who is always there.
 */
export interface Problem {
  readonly workers: readonly Worker[]
  /** Further calendars that some works need open besides a worker's own: outdoors, daylight. */
  readonly slots: readonly (readonly TimeSpan[])[]
  readonly holders: readonly HolderStock[]
  readonly jobs: readonly BatchActivities[]
  readonly works: readonly Activity[]
  readonly holds: readonly Hold[]
  /** No work ends after it. */
  readonly horizon: number
}

/** Who does one thing at a time. */
export interface Worker {
  readonly id: string
  /** When they are at the bench: in order, without overlaps; a work lies within one of them. */
  readonly open: readonly TimeSpan[]
}

/** So many pegs, clamps, places. */
export interface HolderStock {
  readonly id: string
  readonly capacity: number
}

/** A batch: its works in order. */
export interface BatchActivities {
  readonly id: string
  /** The minute that it is promised for; absent: whenever. */
  readonly due?: number
  /** Places of its works in the problem, each after those before it in this list. */
  readonly works: readonly number[]
  /** Minutes that it still dries once its last work has ended; absent: none. */
  readonly rest?: number
}

/** Hands at one thing without a break. */
export interface Activity {
  readonly id: string
  readonly job: number
  readonly minutes: number
  /** Places of those who can do it; one of them does. */
  readonly who: readonly number[]
  /** Place of the calendar that must be open as well. */
  readonly slot?: number
  /**
   * What must have ended: how long before at least, and, of the same job, at most until this one has ended. What
   * another job must have done first has no most.
   */
  readonly after: readonly Lag[]
  readonly notBefore?: number
  /** It must have ended by then. */
  readonly dueBy?: number
  /** What is set up for it, as a booth and a colour of paint; two of one kit in a row want one setting up. */
  readonly kits?: readonly string[]
  /** What it leaves in the air; and what must have aired away before it begins. */
  readonly gives?: readonly string[]
  readonly apart?: { readonly from: readonly string[]; readonly minutes: number }
}

export interface Lag {
  readonly work: number
  readonly least: number
  readonly most?: number
  /** What finds no place is not waited for: an order that is better kept, and can be done without. */
  readonly soft?: boolean
}

/** What stands in holders from one work on until another frees them. */
export interface Hold {
  readonly holder: number
  readonly amount: number
  /** The work that fills them; absent: they are full already. */
  readonly from?: number
  /** The work that frees them, and whether when it begins or when it has ended. */
  readonly to: number
  readonly until: 'start' | 'end'
}

/** Where a work lies. */
export interface ActivitySlot {
  readonly worker: number
  readonly start: number
  readonly end: number
}

/** A plan: for each work of the problem where it lies; undefined where it found no place. */
export interface Plan {
  readonly placed: readonly (ActivitySlot | undefined)[]
  /** Why a work found no place, by the work's place in the problem. */
  readonly unplaced: ReadonlyMap<number, string>
}

/** Two of one family of work must not touch in the air: whether one gives what the other stands apart from. */
export const disturbs = (giver: Pick<Activity, 'gives'>, other: Pick<Activity, 'apart'>): boolean =>
  other.apart !== undefined && (giver.gives?.some((air) => other.apart?.from.includes(air)) ?? false)
