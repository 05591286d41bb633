import { SerialScheme } from './lay'
import type { ActivitySlot, Lag, Plan, Problem } from './model'
import { firstOpen, overlap, without, type TimeSpan } from './stretches'

/** Why a work lies no earlier. */
export interface Held {
  readonly work: number
  readonly by: 'wait' | 'before' | 'no session' | 'hours' | 'hands' | 'holder' | 'pinned' | 'air'
  /** Minutes lost to it. */
  readonly minutes: number
  /** Of hands, holders and what another batch must have done before: the work that is in the way. */
  readonly other?: number
  readonly holder?: number
}

/**
 * What holds a job up in a plan, gap by gap: between the end of one work and the start of the next lies its wait, then
 * what other batches must have done first, then time without a session that it would fit into, then hands or holders
 * that others have.
 */
export function heldUp(problem: Problem, job: number, { placed }: Pick<Plan, 'placed'>): Held[] {
  const held: Held[] = []
  let freeFrom = 0
  for (const work of problem.jobs[job]?.works ?? []) {
    const own = problem.works[work]
    const spot = placed[work]
    if (!own || !spot) continue
    const endOf = (lag: Lag): number => (placed[lag.work]?.end ?? 0) + lag.least
    const isOwn = (lag: Lag): boolean => problem.works[lag.work]?.job === job
    const dry = own.after.filter(isOwn).reduce((at, lag) => Math.max(at, endOf(lag)), freeFrom)
    if (dry > freeFrom) held.push({ work, by: 'wait', minutes: dry - freeFrom })
    const others = own.after.filter((lag) => !isOwn(lag) && endOf(lag) > dry)
    const [last] = others.sort((a, b) => endOf(b) - endOf(a))
    const ready = last ? endOf(last) : dry
    if (last) held.push({ work, by: 'before', minutes: ready - dry, other: last.work })
    const pinnedFrom = Math.max(ready, own.notBefore ?? 0)
    if (pinnedFrom > ready) held.push({ work, by: 'pinned', minutes: pinnedFrom - ready })
    const alone = firstFit(problem, work, pinnedFrom)
    if (alone > pinnedFrom)
      held.push({
        work,
        by: own.slot === undefined ? 'no session' : 'hours',
        minutes: Math.min(alone, spot.start) - pinnedFrom,
      })
    if (spot.start > alone)
      held.push({ work, minutes: spot.start - alone, ...inTheWay(problem, work, placed, alone) })
    freeFrom = spot.end
  }
  return held.filter(({ minutes }) => minutes > 0)
}

/** Whether some jobs want more hands than all sessions together have: no plan can lay them. */
export function wantsMoreThanAll({ jobs, works, workers }: Problem, some: readonly number[]): boolean {
  const wanted = some
    .flatMap((job) => jobs[job]?.works ?? [])
    .reduce((sum, work) => sum + (works[work]?.minutes ?? 0), 0)
  const there = workers.flatMap(({ open }) => open).reduce((sum, { from, to }) => sum + to - from, 0)
  return wanted > there
}

/** The first moment at which a work would fit if nobody did anything else. */
function firstFit(problem: Problem, work: number, from: number): number {
  const own = problem.works[work]
  if (!own) return from
  return Math.min(
    ...own.who.map((worker) => {
      const open = problem.workers[worker]?.open ?? []
      const both = own.slot === undefined ? open : overlap(open, problem.slots[own.slot] ?? [])
      for (let i = firstOpen(both, from); i < both.length; i += 1) {
        const stretch = both[i]
        if (stretch && stretch.to - Math.max(stretch.from, from) >= own.minutes)
          return Math.max(stretch.from, from)
      }
      return Infinity
    }),
  )
}

/** What is in the way of a work from a moment on: a full holder, busy hands, else what is in the air. */
function inTheWay(
  problem: Problem,
  work: number,
  placed: readonly (ActivitySlot | undefined)[],
  from: number,
): Pick<Held, 'by' | 'other' | 'holder'> {
  const own = problem.works[work]
  const spot = placed[work]
  if (!own || !spot) return { by: 'hands' }
  const filled = problem.holds.find((hold) => hold.from === work)
  if (filled) {
    const others = problem.holds.filter((hold) => hold.holder === filled.holder && hold !== filled)
    const full = others.find((hold) => {
      const end = placed[hold.to]
      return end && (hold.until === 'start' ? end.start : end.end) <= spot.start && end.end > from
    })
    if (full) return { by: 'holder', holder: filled.holder, other: full.to }
  }
  const before = placed.map((other) => (other && other.start < spot.start ? other : undefined))
  const isFree = own.who.some((worker) => freeBefore(problem, work, worker, before, from, spot.start))
  if (isFree) return { by: 'air' }
  const busy = before.flatMap((other, i) =>
    other && i !== work && own.who.includes(other.worker) && other.end > from ? [i] : [],
  )
  const last = busy.sort((a, b) => (placed[b]?.end ?? 0) - (placed[a]?.end ?? 0))[0]
  return last === undefined ? { by: 'hands' } : { by: 'hands', other: last }
}

/** Whether someone would have had time for a work before it lies, beside what they do. */
function freeBefore(
  problem: Problem,
  work: number,
  worker: number,
  placed: readonly (ActivitySlot | undefined)[],
  from: number,
  until: number,
): boolean {
  const own = problem.works[work]
  if (!own) return false
  const open = problem.workers[worker]?.open ?? []
  const both = own.slot === undefined ? open : overlap(open, problem.slots[own.slot] ?? [])
  const busy = placed.flatMap((other, i) =>
    other && i !== work && other.worker === worker ? [{ from: other.start, to: other.end }] : [],
  )
  return without(both, busy).some((stretch) => {
    const start = Math.max(stretch.from, from)
    return start < until && stretch.to - start >= own.minutes
  })
}

/** What a session more would gain a job: the minutes that it ends earlier. */
export interface Gain {
  readonly from: number
  readonly to: number
  readonly minutes: number
}

/**
 * Of some stretches of time that might be added to everybody's hours, the one that ends a job earliest; undefined where
 * none does. Laid in the same order as the plan.
 */
export function bestExtra(
  problem: Problem,
  job: number,
  order: readonly number[],
  extras: readonly TimeSpan[],
): Gain | undefined {
  const endWith = (own: Problem): number => {
    const { placed } = new SerialScheme(own).lay(order)
    const works = own.jobs[job]?.works ?? []
    return works.every((work) => placed[work])
      ? Math.max(...works.map((work) => placed[work]?.end ?? 0))
      : Infinity
  }
  const now = endWith(problem)
  let best: Gain | undefined
  for (const { from, to } of extras) {
    const workers = problem.workers.map((worker) => ({
      ...worker,
      open: [...worker.open, { from, to }].sort((a, b) => a.from - b.from),
    }))
    const end = endWith({ ...problem, workers })
    const minutes = now === Infinity && end < Infinity ? Infinity : now - end
    if (minutes > (best?.minutes ?? 0)) best = { from, to, minutes }
  }
  return best
}
