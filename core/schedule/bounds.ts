import { endOf } from './cost'
import { SerialScheme } from './lay'
import type { Problem } from './model'
import { firstOpen, minutesIn, type TimeSpan } from './stretches'

/** What no plan can beat. */
export interface Bounds {
  /** Minutes late, all jobs together. */
  readonly late: number
  /** The minute that the last work ends. */
  readonly end: number
  /** By job, the minute it ends if it had the workshop to itself; undefined where it finds no place even so. */
  readonly alone: readonly (number | undefined)[]
}

/**
 * Bounds from below: each job with the workshop to itself (its critical path through the calendars), and the time of
 * each worker that their works must find (their load between the earliest they can begin and what must follow). They
 * hold for plans in which all is placed.
 */
export function lowerBoundsOf(problem: Problem): Bounds {
  const alone = problem.jobs.map((_, job) => endAlone(problem, job))
  const lateOf = (end: number | undefined, due: number | undefined): number =>
    end === undefined || due === undefined ? 0 : Math.max(0, end - due)
  const lateAlone = alone.reduce<number>((sum, end, job) => sum + lateOf(end, problem.jobs[job]?.due), 0)
  const end = Math.max(
    0,
    ...alone.map((own) => own ?? 0),
    ...problem.workers.map((_, w) => loadEnd(problem, w)),
  )
  const possible = { ...problem, jobs: problem.jobs.filter((_, job) => alone[job] !== undefined) }
  return { late: Math.max(lateAlone, latenessByLoad(possible)), end, alone }
}

/** A job by itself: nothing but its own waits and the calendars, nothing of other jobs that it awaits. */
function endAlone(problem: Problem, job: number): number | undefined {
  const own = problem.jobs[job]
  if (!own) return undefined
  const layer = new SerialScheme({
    ...problem,
    works: problem.works.map((work) =>
      work.job === job
        ? { ...work, after: work.after.filter((lag) => problem.works[lag.work]?.job === job) }
        : work,
    ),
    holds: problem.holds.filter(({ to }) => own.works.includes(to)),
  })
  const laid = layer.lay(Array.from({ length: layer.unitsOfJob[job]?.length ?? 0 }, () => job))
  return own.works.length === 0 ? 0 : endOf(problem, job, laid)
}

/** Works that only one worker can do, with what must come before each and after it. */
interface HeadBodyTail {
  readonly head: number
  readonly minutes: number
  readonly tail: number
}

/** What must follow each work at least, in minutes, were nobody else about. */
export function tailsOf({ jobs, works }: Problem): number[] {
  const tails = works.map(() => 0)
  for (const job of jobs) {
    const last = job.works.at(-1)
    if (last !== undefined) tails[last] = job.rest ?? 0
    for (const work of job.works.toReversed()) {
      const own = works[work]
      for (const lag of own?.after ?? [])
        tails[lag.work] = Math.max(tails[lag.work] ?? 0, lag.least + (own?.minutes ?? 0) + (tails[work] ?? 0))
    }
  }
  return tails
}

/** How early each work can begin at best. */
function headsOf({ jobs, works }: Problem): number[] {
  const heads = works.map(() => 0)
  for (const job of jobs)
    for (const work of job.works) {
      const { notBefore = 0, after = [] } = works[work] ?? {}
      const ready = after.map((lag) => (heads[lag.work] ?? 0) + (works[lag.work]?.minutes ?? 0) + lag.least)
      heads[work] = Math.max(notBefore, ...ready)
    }
  return heads
}

function onlyFor(problem: Problem, worker: number): HeadBodyTail[] {
  const heads = headsOf(problem)
  const tails = tailsOf(problem)
  return problem.works.flatMap(({ who, minutes }, work) =>
    who.length === 1 && who[0] === worker
      ? [{ head: heads[work] ?? 0, minutes, tail: tails[work] ?? 0 }]
      : [],
  )
}

/** The earliest end that a worker's own load allows: all of it done within their hours, by preemption even. */
function loadEnd(problem: Problem, worker: number): number {
  const works = onlyFor(problem, worker)
  if (works.length === 0) return 0
  const open = problem.workers[worker]?.open ?? []
  const heads = [...new Set(works.map(({ head }) => head))]
  return Math.max(
    ...heads.map((head) => {
      const set = works.filter((own) => own.head >= head)
      const minutes = set.reduce((sum, own) => sum + own.minutes, 0)
      return momentAfter(open, head, minutes) + Math.min(...set.map(({ tail }) => tail))
    }),
  )
}

/** The moment by which so many open minutes have passed; Infinity where there are fewer. */
export function momentAfter(open: readonly TimeSpan[], from: number, minutes: number): number {
  let left = minutes
  for (let i = firstOpen(open, from); i < open.length; i += 1) {
    const stretch = open[i]
    if (!stretch) break
    const begin = Math.max(stretch.from, from)
    if (stretch.to - begin >= left) return begin + left
    left -= stretch.to - begin
  }
  return Infinity
}

/**
 * Lateness that the hours alone enforce: all that is due by a day, against all minutes that all workers have until
 * then. What does not fit in ends after it; the least that some job is late by is when its rest could be done.
 */
function latenessByLoad({ jobs, works, workers }: Problem): number {
  const dues = [...new Set(jobs.flatMap(({ due }) => (due === undefined ? [] : [due])))]
  const hours = workers.map(({ open }) => open)
  const total = (until: number): number => hours.reduce((sum, open) => sum + minutesIn(open, 0, until), 0)
  return Math.max(
    0,
    ...dues.map((due) => {
      const wanted = jobs
        .filter((job) => (job.due ?? Infinity) <= due)
        .flatMap((job) => job.works)
        .reduce((sum, work) => sum + (works[work]?.minutes ?? 0), 0)
      if (wanted <= total(due)) return 0
      const ends = hours.flatMap((open) => open.map(({ to }) => to)).filter((to) => to > due)
      // The first moment at which all hands together could have done it.
      const by = ends.sort((a, b) => a - b).find((to) => total(to) >= wanted)
      const before = by === undefined ? due : Math.max(due, by - (total(by) - wanted))
      return Math.max(0, before - due)
    }),
  )
}
