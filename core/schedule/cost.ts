import type { Plan, Problem } from './model'
import { firstOpen } from './stretches'

/** How good a plan is: compared from the first field on; less is better. */
export interface Cost {
  /** Works that found no place. */
  readonly unplaced: number
  /** Minutes that jobs end after their promise, all together. */
  readonly late: number
  /** How often something is set up. */
  readonly setUps: number
  /** The minute that the last work ends. */
  readonly end: number
  /** Ends of all jobs, summed; with {@link PASS_ON_MIN} for each time that one passes from one person to another. */
  readonly ends: number
}

/** What it is worth that whoever begins a batch goes on with it: telling how far it is takes as long; a default. */
const PASS_ON_MIN = 15

const fields = ['unplaced', 'late', 'setUps', 'end', 'ends'] as const

/** Negative where a is better than b. */
export function compareCost(a: Cost, b: Cost): number {
  for (const field of fields) if (a[field] !== b[field]) return a[field] - b[field]
  return 0
}

/** The minute that a job has ended and is dry; undefined where one of its works found no place, or it has none. */
export function endOf(problem: Problem, job: number, { placed }: Pick<Plan, 'placed'>): number | undefined {
  let end: number | undefined
  for (const work of problem.jobs[job]?.works ?? []) {
    const spot = placed[work]
    if (!spot) return undefined
    end = Math.max(end ?? 0, spot.end)
  }
  return end === undefined ? undefined : end + (problem.jobs[job]?.rest ?? 0)
}

export function costOf(problem: Problem, plan: Pick<Plan, 'placed'>): Cost {
  let [late, end, ends] = [0, 0, 0]
  problem.jobs.forEach(({ due }, job) => {
    const done = endOf(problem, job, plan)
    if (done === undefined) return
    if (due !== undefined) late += Math.max(0, done - due)
    end = Math.max(end, done)
    ends += done
  })
  const unplaced = plan.placed.filter((spot) => !spot).length
  ends += PASS_ON_MIN * passedOn(problem, plan)
  return { unplaced, late, setUps: setUpsOf(problem, plan), end, ends }
}

/** How often a job passes from one person to another. */
function passedOn({ works }: Problem, { placed }: Pick<Plan, 'placed'>): number {
  let count = 0
  works.forEach(({ job, after }, i) => {
    const worker = placed[i]?.worker
    for (const { work } of after) {
      const before = placed[work]?.worker
      if (works[work]?.job === job && before !== undefined && worker !== undefined && before !== worker)
        count += 1
    }
  })
  return count
}

/** How often something is set up: within one stretch of a worker's time, works of one kit in a row want it once. */
export function setUpsOf(problem: Problem, { placed }: Pick<Plan, 'placed'>): number {
  const byWorker = problem.workers.map((): { start: number; kits: readonly string[] }[] => [])
  problem.works.forEach(({ kits }, i) => {
    const spot = placed[i]
    if (kits && kits.length > 0 && spot) byWorker[spot.worker]?.push({ start: spot.start, kits })
  })
  let count = 0
  byWorker.forEach((kitted, worker) => {
    const open = problem.workers[worker]?.open ?? []
    let last: { stretch: number; kits: readonly string[] } | undefined
    for (const { start, kits } of kitted.sort((a, b) => a.start - b.start)) {
      const stretch = firstOpen(open, start)
      const there = last?.stretch === stretch ? last.kits : []
      count += kits.filter((kit) => !there.includes(kit)).length
      last = { stretch, kits }
    }
  })
  return count
}
