import { SerialLaying, type Laid, type Prefers } from './serial-laying'
import type { Hold, Problem } from './model'
import { openTimes, type OpenOf } from './timeline'
import { scarceHolds, unitsOf, type Unit } from './units'

const NOT_PUT_OFF: ReadonlyMap<number, number> = new Map()

/**
 * A problem made ready to be laid again and again, by a serial generation scheme: units one after another, each as
 * early as it fits beside those before it. Kolisch and Hartmann (1999) describe the scheme for projects without
 * calendars.
 */
export class SerialScheme {
  readonly units: readonly Unit[]
  /** By job: the places of its units, in order. */
  readonly unitsOfJob: readonly (readonly number[])[]
  private readonly holdsTo: readonly (readonly Hold[])[]
  private readonly startsFull: ReadonlySet<number>
  private readonly openOf: OpenOf
  /** By unit: units of other jobs that must be laid before it, by their job and their place in it. */
  private readonly awaited: readonly (readonly JobUnit[])[]

  constructor(readonly problem: Problem) {
    const scarce = scarceHolds(problem)
    this.units = unitsOf(problem, scarce)
    const ofJob: number[][] = problem.jobs.map(() => [])
    this.units.forEach(({ job }, i) => ofJob[job]?.push(i))
    this.unitsOfJob = ofJob
    this.holdsTo = problem.works.map((_, work) => scarce.filter(({ to }) => to === work))
    this.startsFull = new Set(
      scarce.flatMap(({ from, to }) => (from === undefined ? [problem.works[to]?.job ?? -1] : [])),
    )
    this.openOf = openTimes(problem)
    this.awaited = awaitedBy(problem, this.units, ofJob)
  }

  /**
   * Lays all units.
   * @param order places of jobs, each as often as it has units: its first mention lays its first unit. What stands in
   *   holders now is laid before all others: nothing can be planned past it. What a unit awaits of another job is laid
   *   before it, wherever the order mentions it.
   * @param putOff by work, the minute before which it does not begin: a holder that is filled later is free meanwhile
   * @param prefers by work, who does it where others could begin no earlier
   */
  lay(
    order: readonly number[],
    putOff: ReadonlyMap<number, number> = NOT_PUT_OFF,
    prefers: Prefers = [],
  ): Laid {
    const laying = new SerialLaying(this.problem, this.units, this.holdsTo, this.openOf, putOff, prefers)
    const next = this.problem.jobs.map(() => 0)
    const mentioned = this.problem.jobs.map(() => 0)
    /** Lays the units of a job up to one of them, and before each what it awaits. */
    const layUpTo = (job: number, nth: number): void => {
      while ((next[job] ?? 0) <= nth) {
        const unit = this.unitsOfJob[job]?.[next[job] ?? 0]
        next[job] = (next[job] ?? 0) + 1
        if (unit === undefined) return
        for (const other of this.awaited[unit] ?? []) layUpTo(other.job, other.nth)
        laying.layUnit(unit)
      }
    }
    const layNext = (job: number): void => {
      const nth = mentioned[job] ?? 0
      mentioned[job] = nth + 1
      layUpTo(job, nth)
    }
    const laidFirst = new Set<number>()
    for (const job of order)
      if (this.startsFull.has(job) && !laidFirst.has(job)) {
        laidFirst.add(job)
        layNext(job)
      }
    for (const job of order)
      if (laidFirst.has(job)) laidFirst.delete(job)
      else layNext(job)
    return laying.laid()
  }
}

interface JobUnit {
  readonly job: number
  readonly nth: number
}

/** By unit, the units of other jobs that works of it come after. */
function awaitedBy(
  { works }: Problem,
  units: readonly Unit[],
  unitsOfJob: readonly (readonly number[])[],
): JobUnit[][] {
  const unitOf = new Map(
    unitsOfJob.flatMap((own, job) =>
      own.flatMap((unit, nth) => {
        const place: JobUnit = { job, nth }
        return (units[unit]?.works ?? []).map((work) => [work, place] as const)
      }),
    ),
  )
  return units.map(({ job, works: own }) => [
    ...new Set(
      own
        .flatMap((place) => works[place]?.after ?? [])
        .flatMap(({ work }) => (works[work]?.job === job ? [] : (unitOf.get(work) ?? []))),
    ),
  ])
}
