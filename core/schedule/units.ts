import type { Hold, Problem } from './model'

/**
 * Works that are laid in one go: a follower that may come only so long after, and what lies between filling a
 * holder and freeing it. Other works of the job are units of one.
 */
export interface Unit {
  readonly job: number
  /** Places of its works, in order. */
  readonly works: readonly number[]
}

/** Holders that all works together can't fill limit nothing. */
export function scarceHolds(problem: Pick<Problem, 'holders' | 'holds'>): Hold[] {
  const wanted = problem.holders.map(() => 0)
  for (const { holder, amount } of problem.holds) wanted[holder] = (wanted[holder] ?? 0) + amount
  return problem.holds.filter(
    ({ holder }) => (wanted[holder] ?? 0) > (problem.holders[holder]?.capacity ?? Infinity) + 1e-9,
  )
}

/** A problem's units, job by job, each in the order of its works. */
export function unitsOf(problem: Problem, scarce: readonly Hold[]): Unit[] {
  const place = new Map<number, number>()
  for (const job of problem.jobs) job.works.forEach((work, i) => place.set(work, i))
  const units: Unit[] = []
  problem.jobs.forEach((job, at) => {
    // Bonds from one work to the next: true where they are laid in one go.
    const bonds = job.works.map(() => false)
    const bond = (from: number, to: number): void => {
      for (let i = place.get(from) ?? 0; i < (place.get(to) ?? 0); i += 1) bonds[i] = true
    }
    for (const work of job.works)
      for (const lag of problem.works[work]?.after ?? []) if (lag.most !== undefined) bond(lag.work, work)
    for (const hold of scarce)
      if (job.works.includes(hold.to)) bond(hold.from ?? job.works[0] ?? hold.to, hold.to)
    let own: number[] = []
    job.works.forEach((work, i) => {
      own.push(work)
      if (bonds[i] && i < job.works.length - 1) return
      units.push({ job: at, works: own })
      own = []
    })
  })
  return units
}
