import { breaksOf } from './check-plan'
import { compareCost, costOf, type Cost } from './cost'
import { Layer, type Laid } from './lay'
import type { Placed, Problem } from './model'

/** A plan that stays as near as it can to one that was made before. */
export interface Mended {
  readonly plan: Laid
  readonly cost: Cost
  /** Places of works that lie elsewhere than they did; those that were not laid before are not among them. */
  readonly moved: readonly number[]
}

/**
 * Lays what no longer holds anew and leaves the rest where it is: works keep their person, and do not begin before they
 * did. Of a few orders the one that is least late, then moves least.
 * @param before by work, where it lay; undefined where it did not
 */
export function mend(problem: Problem, before: readonly (Placed | undefined)[]): Mended {
  const layer = new Layer(problem)
  const kept = keptOf(problem, before)
  const putOff = new Map<number, number>()
  kept.forEach((spot, work) => {
    if (spot) putOff.set(work, spot.start)
  })
  const holds = (job: number): boolean => problem.jobs[job]?.works.every((work) => kept[work]) ?? false
  const startOf = (unit: number): number => {
    const works = layer.units[unit]?.works ?? []
    const [first = -1] = works
    return kept[first]?.start ?? before[first]?.start ?? Infinity
  }
  const units = layer.units.map((_, unit) => unit)
  const orderBy = (key: (unit: number) => number): number[] => {
    // Within a job units keep their order: a later one is never laid before an earlier one.
    const keys = units.map(key)
    layer.unitsOfJob.forEach((own) => {
      own.forEach((unit, i) => {
        const previous = own[i - 1]
        if (previous !== undefined) keys[unit] = Math.max(keys[unit] ?? 0, keys[previous] ?? 0)
      })
    })
    return [...units]
      .sort((a, b) => (keys[a] === keys[b] ? a - b : (keys[a] ?? 0) - (keys[b] ?? 0)))
      .map((unit) => layer.units[unit]?.job ?? 0)
  }
  const dueOf = (unit: number): number => problem.jobs[layer.units[unit]?.job ?? -1]?.due ?? 1e9
  const orders = [
    orderBy((unit) => (holds(layer.units[unit]?.job ?? -1) ? 0 : 1e7) + Math.min(startOf(unit), 1e6)),
    orderBy((unit) => Math.min(startOf(unit), 1e6)),
    orderBy((unit) => dueOf(unit) + Math.min(startOf(unit), 1e6) / 1e6),
  ]
  const prefers = kept.map((spot) => spot?.worker)
  const tried = orders.flatMap((order) =>
    [putOff, new Map<number, number>()].map((own): Mended => {
      const plan = layer.lay(order, own, prefers)
      return { plan, cost: costOf(problem, plan), moved: movedBetween(before, plan.placed) }
    }),
  )
  return tried.reduce((a, b) => (betterMended(b, a) ? b : a))
}

function betterMended(a: Mended, b: Mended): boolean {
  if (a.cost.unplaced !== b.cost.unplaced) return a.cost.unplaced < b.cost.unplaced
  if (a.cost.late !== b.cost.late) return a.cost.late < b.cost.late
  if (a.moved.length !== b.moved.length) return a.moved.length < b.moved.length
  return compareCost(a.cost, b.cost) < 0
}

/** Where works lay before and still may: what breaks something is taken up. */
function keptOf(problem: Problem, before: readonly (Placed | undefined)[]): (Placed | undefined)[] {
  const placed = problem.works.map((_, work) => before[work])
  const broken = new Set(breaksOf(problem, { placed }).map(({ work }) => work))
  return placed.map((spot, work) => (broken.has(work) ? undefined : spot))
}

/** Places of works that lay somewhere before and lie elsewhere now, or nowhere. */
export function movedBetween(
  before: readonly (Placed | undefined)[],
  after: readonly (Placed | undefined)[],
): number[] {
  return before.flatMap((was, work) => {
    const is = after[work]
    return was && (!is || is.start !== was.start || is.worker !== was.worker) ? [work] : []
  })
}
