import { counted } from '../units'
import type { Bench } from './bench'
import type { Plan, Problem } from './model'

type Placements = Plan['placed']

/** A work of a sitting as it comes. */
export interface Turn {
  readonly work: number
  readonly start: number
  readonly end: number
  readonly worker: number
  /** It follows another within a window: by then it must be done. */
  readonly closesAt?: number
}

/** What is done in a stretch of time, in the order of the clock. @param from @param to minutes of the problem */
export function turnsBetween(
  { problem }: Pick<Bench, 'problem'>,
  placed: Placements,
  from: number,
  to: number,
): Turn[] {
  return placed
    .flatMap((spot, work): Turn[] => {
      if (!spot || spot.end <= from || spot.start >= to) return []
      const own = problem.works[work]
      const window = own?.after.find(({ most }) => most !== undefined)
      const before = window && placed[window.work]
      const closesAt = before && window.most !== undefined ? before.end + window.most : own?.dueBy
      return [{ work, ...spot, ...(closesAt === undefined ? {} : { closesAt }) }]
    })
    .sort((a, b) => a.start - b.start || a.worker - b.worker)
}

/** Tools and holders to lay out for some works, each once, holders with how many. */
export function toLayOut({ works }: Pick<Bench, 'works'>, turns: readonly Pick<Turn, 'work'>[]): string[] {
  const tools = new Set<string>()
  const holders = new Map<string, number>()
  for (const { work } of turns) {
    const own = works[work]
    if (!own) continue
    for (const tool of own.step.tools) tools.add(tool)
    for (const { what, each } of own.step.holders)
      holders.set(what, (holders.get(what) ?? 0) + Math.ceil(each * own.pieces - 1e-9))
  }
  return [...tools].sort().concat([...holders].map(([what, count]) => counted(count, what)))
}

/** What dries at a moment, or until when. */
export interface DryingBatch {
  readonly batchId: string
  readonly what: string
  readonly until: number
}

/** Waits that run at or after a moment, of works that are done in a plan before another: soonest over first. */
export function dryingFrom(
  { works }: Pick<Bench, 'works'>,
  placed: Placements,
  from: number,
  to: number,
): DryingBatch[] {
  return works
    .flatMap((own, work): DryingBatch[] => {
      const spot = placed[work]
      if (!spot || own.waitMin <= 0 || spot.start < from || spot.start >= to) return []
      const until = spot.end + Math.ceil(own.waitMin)
      return [{ batchId: own.batchId, what: own.step.wait?.what ?? '', until }]
    })
    .sort((a, b) => a.until - b.until)
}

/** What can be done whole within a while from now. */
export interface Fitting {
  readonly work: number
  readonly minutes: number
  /** What dries once it is done, minutes: the longer, the more is gained by doing it now. */
  readonly starts: number
}

/**
 * Works that can begin now and are over in so many minutes, each with what must follow it within that time: those that
 * matter most first, by promise, then by the wait that they start.
 * @param nowMin minute of the problem @param spareMin minutes that there are
 */
export function fitsWhole(
  { problem, works }: Pick<Bench, 'problem' | 'works'>,
  placed: Placements,
  nowMin: number,
  spareMin: number,
): Fitting[] {
  const ready = problem.works.flatMap((own, work): Fitting[] => {
    const isFirst = own.after.every((lag) => problem.works[lag.work]?.job !== own.job)
    if (!isFirst || (own.notBefore ?? 0) > nowMin || !hasHolders(problem, work)) return []
    const hours = own.slot === undefined ? [] : (problem.slots[own.slot] ?? [])
    const until = hours.find(({ from, to }) => from <= nowMin && nowMin < to)?.to
    if (own.slot !== undefined && (until ?? 0) < nowMin + own.minutes) return []
    // What must be followed up within a window wants room for the follower too.
    let minutes = own.minutes
    let last = work
    for (;;) {
      const next = problem.works.findIndex(({ after }) =>
        after.some((lag) => lag.work === last && lag.most !== undefined && lag.most < 24 * 60),
      )
      const follower = problem.works[next]
      if (!follower) break
      minutes += Math.max(0, ...follower.after.map(({ least }) => least)) + follower.minutes
      last = next
    }
    if (minutes > spareMin || (own.dueBy ?? Infinity) < nowMin + minutes) return []
    return [{ work, minutes, starts: works[work]?.waitMin ?? 0 }]
  })
  const due = ({ work }: Fitting): number => problem.jobs[problem.works[work]?.job ?? -1]?.due ?? Infinity
  const laidAt = ({ work }: Fitting): number => placed[work]?.start ?? Infinity
  return ready.sort((a, b) => compare(due(a), due(b)) || b.starts - a.starts || compare(laidAt(a), laidAt(b)))
}

/** Whether the holders that a work fills are free beside what stands in them now. */
function hasHolders({ holds, holders }: Problem, work: number): boolean {
  return holds
    .filter(({ from }) => from === work)
    .every(({ holder, amount }) => {
      const standing = holds.filter((hold) => hold.from === undefined && hold.holder === holder)
      const taken = standing.reduce((sum, hold) => sum + hold.amount, 0)
      return taken + amount <= (holders[holder]?.capacity ?? Infinity)
    })
}

const compare = (a: number, b: number): number => (a === b ? 0 : a < b ? -1 : 1)
