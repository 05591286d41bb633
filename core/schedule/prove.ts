import { tailsOf } from './bounds'
import type { Problem } from './model'
import { firstOpen, type TimeSpan } from './stretches'

/** Whether a plan can end before a given minute. */
export type Proof =
  | { readonly kind: 'none earlier' }
  | { readonly kind: 'earlier'; readonly end: number }
  | { readonly kind: 'not told'; readonly because: string }

interface Body {
  readonly head: number
  readonly minutes: number
  readonly tail: number
}

/**
 * Whether anything ends before a minute, by branch and bound over active plans (Giffler and Thompson 1960) with the
 * preemptive one-machine bound (Jackson's rule, Carlier 1982). It can tell of problems in which each work is one
 * worker's and nothing else binds: no holders, windows, airs, further calendars, nothing of another job.
 * @param before no plan is looked for that ends at or after it
 * @param mostNodes how long it looks
 */
export function proveEnd(problem: Problem, before: number, mostNodes: number): Proof {
  const plain =
    problem.holds.length === 0 &&
    problem.jobs.every(({ rest = 0 }) => rest === 0) &&
    problem.works.every(
      ({ job, who, slot, after, apart, dueBy }) =>
        who.length === 1 &&
        slot === undefined &&
        apart === undefined &&
        dueBy === undefined &&
        after.every(({ work, most }) => most === undefined && problem.works[work]?.job === job),
    )
  if (!plain) return { kind: 'not told', because: 'more binds it than hands and order' }
  return new Proving(problem, before, mostNodes).answer()
}

class Proving {
  private readonly tails: readonly number[]
  private readonly ends: number[]
  private readonly done: number[]
  private readonly freeFrom: number[]
  private readonly worksOf: readonly (readonly number[])[]
  private nodes = 0
  private found: number | undefined

  constructor(
    private readonly problem: Problem,
    private before: number,
    private readonly mostNodes: number,
  ) {
    this.tails = tailsOf(problem)
    this.ends = problem.works.map(() => 0)
    this.done = problem.jobs.map(() => 0)
    this.freeFrom = problem.workers.map(() => 0)
    this.worksOf = problem.workers.map((_, worker) =>
      problem.works.flatMap(({ who }, work) => (who[0] === worker ? [work] : [])),
    )
  }

  answer(): Proof {
    this.branch()
    if (this.nodes > this.mostNodes) return { kind: 'not told', because: 'it would take too long' }
    return this.found === undefined ? { kind: 'none earlier' } : { kind: 'earlier', end: this.found }
  }

  private branch(): void {
    this.nodes += 1
    if (this.nodes > this.mostNodes) return
    const starts = this.earliestStarts()
    if (!starts || this.bound(starts) >= this.before) return
    // The work that could end first of those that are next in their jobs: on its worker, one of them comes now.
    const next = this.problem.jobs.flatMap(({ works }, job) => works[this.done[job] ?? 0] ?? [])
    if (next.length === 0) {
      this.found = Math.max(...this.ends)
      this.before = this.found
      return
    }
    const endIf = (work: number): number => (starts[work] ?? 0) + (this.problem.works[work]?.minutes ?? 0)
    const first = next.reduce((a, b) => (endIf(b) < endIf(a) ? b : a))
    const worker = this.problem.works[first]?.who[0] ?? 0
    const rivals = next
      .filter((work) => this.problem.works[work]?.who[0] === worker && (starts[work] ?? 0) < endIf(first))
      .sort((a, b) => (this.tails[b] ?? 0) - (this.tails[a] ?? 0))
    for (const work of rivals) {
      const job = this.problem.works[work]?.job ?? 0
      const wasFree = this.freeFrom[worker] ?? 0
      this.ends[work] = endIf(work)
      this.freeFrom[worker] = endIf(work)
      this.done[job] = (this.done[job] ?? 0) + 1
      this.branch()
      this.done[job] = (this.done[job] ?? 0) - 1
      this.freeFrom[worker] = wasFree
      this.ends[work] = 0
    }
  }

  /** How early each work that is left can begin; undefined where one finds no time any more. */
  private earliestStarts(): number[] | undefined {
    const { works, jobs, workers, horizon } = this.problem
    const starts = works.map(() => 0)
    const ends = [...this.ends]
    for (const [job, { works: own }] of jobs.entries())
      for (let i = this.done[job] ?? 0; i < own.length; i += 1) {
        const at = own[i] ?? 0
        const work = works[at]
        if (!work) continue
        const worker = work.who[0] ?? 0
        let ready = Math.max(work.notBefore ?? 0, this.freeFrom[worker] ?? 0)
        for (const lag of work.after) ready = Math.max(ready, (ends[lag.work] ?? 0) + lag.least)
        const start = within(workers[worker]?.open ?? [], ready, work.minutes)
        if (start + work.minutes > horizon) return undefined
        starts[at] = start
        ends[at] = start + work.minutes
      }
    return starts
  }

  private bound(starts: readonly number[]): number {
    let most = Math.max(0, ...this.ends)
    this.worksOf.forEach((own, worker) => {
      const left = own.flatMap((work): Body[] => {
        const { job = 0, minutes = 0 } = this.problem.works[work] ?? {}
        const place = this.problem.jobs[job]?.works.indexOf(work) ?? 0
        if (place < (this.done[job] ?? 0)) return []
        return [{ head: starts[work] ?? 0, minutes, tail: this.tails[work] ?? 0 }]
      })
      if (left.length > 0)
        most = Math.max(most, preemptiveEnd(left, this.problem.workers[worker]?.open ?? []))
    })
    return most
  }
}

/** The first moment from which so many minutes lie in one stretch; Infinity where none is long enough. */
function within(open: readonly TimeSpan[], from: number, minutes: number): number {
  for (let i = firstOpen(open, from); i < open.length; i += 1) {
    const stretch = open[i]
    if (stretch && stretch.to - Math.max(stretch.from, from) >= minutes) return Math.max(stretch.from, from)
  }
  return Infinity
}

/** When all would have ended if work could be broken off at any minute: of those at hand, the longest tail first. */
function preemptiveEnd(bodies: readonly Body[], open: readonly TimeSpan[]): number {
  const left = bodies.map(({ minutes }) => minutes)
  let end = 0
  let at = Math.min(...bodies.map(({ head }) => head))
  for (let i = firstOpen(open, at); i < open.length; i += 1) {
    const stretch = open[i]
    if (!stretch) break
    at = Math.max(at, stretch.from)
    while (at < stretch.to) {
      let best = -1
      let nextHead = Infinity
      bodies.forEach(({ head, tail }, j) => {
        if ((left[j] ?? 0) <= 0) return
        if (head > at) nextHead = Math.min(nextHead, head)
        else if (best < 0 || tail > (bodies[best]?.tail ?? 0)) best = j
      })
      if (best < 0 && nextHead === Infinity) return end
      if (best < 0) {
        at = Math.min(nextHead, stretch.to)
        continue
      }
      const run = Math.min(left[best] ?? 0, nextHead - at, stretch.to - at)
      left[best] = (left[best] ?? 0) - run
      at += run
      if ((left[best] ?? 0) <= 0) end = Math.max(end, at + (bodies[best]?.tail ?? 0))
    }
  }
  return left.some((minutes) => minutes > 0) ? Infinity : end
}
