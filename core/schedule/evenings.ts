import type { Bench } from './bench'
import { isOutdoors } from './bench-jobs'
import { tailsOf } from './bounds'
import { endOf } from './cost'
import { msOf, wallAt } from './clock'
import { tooFew } from './holder-use'
import { COMES_AFTER } from './serial-laying'
import type { Hold, ActivitySlot, Plan, Problem } from './model'

type Placements = Plan['placed']

/** One person's time within a sitting, and what is laid into it: minutes of the problem. */
export interface Strip {
  readonly worker: number
  readonly open: readonly { readonly from: number; readonly to: number }[]
  /** Places of works, in order of time. */
  readonly works: readonly number[]
}

/** Sessions that overlap: an evening, a Saturday; a strip for each person there. */
export interface Sitting {
  /** The day that it begins on. */
  readonly date: string
  readonly from: number
  readonly to: number
  readonly strips: readonly Strip[]
  /** Minutes that hands are there, and that they are busy. */
  readonly openMin: number
  readonly busyMin: number
}

/** All sittings in order, with what a plan lays into them. */
export function sittingsOf({ problem, originMs }: Bench, placed: Placements, zone: string): Sitting[] {
  const all = problem.workers
    .flatMap(({ open }, worker) => open.map((stretch) => ({ ...stretch, worker })))
    .sort((a, b) => a.from - b.from)
  const groups: (typeof all)[] = []
  let end = -Infinity
  for (const stretch of all) {
    if (stretch.from >= end) groups.push([])
    groups.at(-1)?.push(stretch)
    end = Math.max(end, stretch.to)
  }
  const byStart = placed
    .flatMap((spot, work) => (spot ? [{ ...spot, work }] : []))
    .sort((a, b) => a.start - b.start)
  return groups.map((group): Sitting => {
    const from = Math.min(...group.map((own) => own.from))
    const to = Math.max(...group.map((own) => own.to))
    const within = byStart.filter(({ start }) => start >= from && start < to)
    const strips = problem.workers.flatMap((_, worker): Strip[] => {
      const open = group.filter((own) => own.worker === worker)
      const works = within.filter((own) => own.worker === worker)
      return open.length > 0 ? [{ worker, open, works: works.map(({ work }) => work) }] : []
    })
    return {
      date: wallAt(msOf(originMs, from), zone).date,
      from,
      to,
      strips,
      openMin: group.reduce((sum, own) => sum + own.to - own.from, 0),
      busyMin: within.reduce((sum, { start, end: until }) => sum + until - start, 0),
    }
  })
}

/** A wait between two works: it runs down from one evening to the next. */
export interface Thread {
  readonly from: number
  readonly to: number
  /** The minute from which the later one can begin; and by which it must have ended, where the wait has a most. */
  readonly readyAt: number
  readonly closesAt?: number
}

/** Waits of a plan, of works that both have a place: where there is something to wait for. */
export function threadsOf({ problem }: Pick<Bench, 'problem'>, placed: Placements): Thread[] {
  return problem.works.flatMap(({ after }, to) =>
    after.flatMap(({ work: from, least, most }): Thread[] => {
      const [before, later] = [placed[from], placed[to]]
      if (!before || !later || (least === 0 && later.start - before.end < 1)) return []
      return [
        {
          from,
          to,
          readyAt: before.end + least,
          ...(most === undefined ? {} : { closesAt: before.end + most }),
        },
      ]
    }),
  )
}

/** How a job stands by a plan. */
export interface JobStanding {
  /** The minute it ends; undefined where something of it has no place. */
  readonly end: number | undefined
  /** Minutes after its promise, and whether it eats into the reserve before it. */
  readonly lateMin: number
  readonly inReserve: boolean
  /** Minutes that it could end later without eating into the reserve; Infinity where nothing is promised. */
  readonly slackMin: number
}

/** @param reserveMin minutes between what a job is laid against and its promise */
export function jobStandings(
  { problem }: Pick<Bench, 'problem'>,
  placed: Placements,
  reserveMin: number,
): JobStanding[] {
  return problem.jobs.map(({ due }, job) => {
    const end = endOf(problem, job, { placed })
    const after = end === undefined || due === undefined ? 0 : Math.max(0, end - due)
    return {
      end,
      lateMin: Math.max(0, after - reserveMin),
      inReserve: after > 0 && after <= reserveMin,
      slackMin: due === undefined ? Infinity : Math.max(0, due - (end ?? due)),
    }
  })
}

/** What is to be seen of a work at a glance. */
export type WorkState = 'late' | 'closing' | 'tight' | 'loose'

/** A day or less before its window closes, or before its promise, is near. */
const NEAR_MIN = 24 * 60

/**
 * Whether works are late, about to close, tight or loose: how long each could end later before its promise is missed,
 * were hands free.
 */
export function workStates({ problem }: Pick<Bench, 'problem'>, placed: Placements): WorkState[] {
  const tails = tailsOf(problem)
  return problem.works.map((work, i): WorkState => {
    const spot: ActivitySlot | undefined = placed[i]
    const due = problem.jobs[work.job]?.due ?? Infinity
    if (!spot) return 'late'
    const slack = due - spot.end - (tails[i] ?? 0)
    if (slack < 0) return 'late'
    if (work.after.some(({ most }) => most !== undefined) || (work.dueBy ?? Infinity) < NEAR_MIN)
      return 'closing'
    return slack < NEAR_MIN ? 'tight' : 'loose'
  })
}

const longestSession = ({ workers }: Problem): number =>
  Math.max(0, ...workers.flatMap(({ open }) => open.map(({ from, to }) => to - from)))

/** The holders of which a work wants more than there are. */
const holdsTooMany = ({ holds, holders }: Problem, work: number): Hold | undefined =>
  holds.find(({ holder, amount, from }) => from === work && amount > (holders[holder]?.capacity ?? Infinity))

/** Whether a work finds no place because its batch is too large: for the longest session, or for its holders. */
export const isTooLarge = ({ problem }: Pick<Bench, 'problem'>, work: number): boolean =>
  (problem.works[work]?.minutes ?? 0) > longestSession(problem) || holdsTooMany(problem, work) !== undefined

/**
 * Why a work has no place, for a person: what binds it, rather than what the search met.
 * @param why by the plan @param wall a minute of the problem in words
 */
export function unplacedWords(
  { problem, works }: Bench,
  work: number,
  why: string,
  wall: (minute: number) => string,
): string {
  const own = problem.works[work]
  const details = works[work]
  if (!own || !details) return why
  const longest = longestSession(problem)
  if (longest === 0) return 'there are no sessions'
  if (why === COMES_AFTER) return why
  if (own.minutes > longest)
    return `it takes ${own.minutes} min in one go; the longest session has ${longest}`
  if (isOutdoors(own)) return 'no session falls into hours outdoors that are dry and still: say which'
  if (own.slot !== undefined) return 'no session by daylight is long enough for it'
  const full = holdsTooMany(problem, work)
  if (full) {
    const { id = '', capacity = 0 } = problem.holders[full.holder] ?? {}
    const pieces = works
      .filter(({ batchId, stepIndex }) => batchId === details.batchId && stepIndex === details.stepIndex)
      .reduce((sum, part) => sum + part.pieces, 0)
    const each = details.step.holders.find(({ what }) => what === id)?.each ?? full.amount / pieces
    const most = Math.floor(capacity / each + 1e-9)
    return `${tooFew(full.amount, id, capacity)}: ${most} of its ${pieces} pieces at once at most`
  }
  if (details.pinned) return 'it no longer fits on the day that it is pinned to'
  if (own.dueBy !== undefined)
    return `it is open until ${wall(own.dueBy)} only, and no session is free before`
  return why
}
