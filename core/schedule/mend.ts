import { breaksOf } from './check-plan'
import { compareCost, costOf, type Cost } from './cost'
import { SerialScheme } from './lay'
import type { Laid } from './serial-laying'
import type { ActivitySlot, Problem } from './model'
import { orderOfPlan } from './search'

/** A plan that stays as near as it can to one that was made before. */
export interface Mended {
  readonly plan: Laid
  readonly cost: Cost
  /** Places of works that lie elsewhere than they did; those that were not laid before are not among them. */
  readonly moved: readonly number[]
}

/**
 * Lays what no longer holds anew and leaves the rest where it is: works keep their person, and do not begin before they
 * did. Of a few orders the one that makes least late that was not, then moves least. Only where something would find no
 * place is all the rest moved for it too.
 * @param before by work, where it lay; undefined where it did not
 * @param first the job that goes before the others where they want one evening: one that has been moved by hand
 */
export function mend(
  problem: Problem,
  before: readonly (ActivitySlot | undefined)[],
  first?: number,
): Mended {
  const layer = new SerialScheme(problem)
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
  const isFirst = (unit: number): boolean => first !== undefined && layer.units[unit]?.job === first
  const orders = [
    ...(first === undefined
      ? []
      : [orderBy((unit) => (isFirst(unit) ? 0 : 1 + Math.min(startOf(unit), 1e6)))]),
    orderBy((unit) => (holds(layer.units[unit]?.job ?? -1) ? 0 : 1e7) + Math.min(startOf(unit), 1e6)),
    orderBy((unit) => Math.min(startOf(unit), 1e6)),
    orderBy((unit) => dueOf(unit) + Math.min(startOf(unit), 1e6) / 1e6),
  ]
  const prefers = kept.map((spot) => spot?.worker)
  const wasLate = costOf(problem, { placed: problem.works.map((_, work) => before[work]) }).late
  const laidBy = (own: ReadonlyMap<number, number>): Mended =>
    orders
      .map((order): Mended => {
        const plan = layer.lay(order, own, prefers)
        return { plan, cost: costOf(problem, plan), moved: movedBetween(before, plan.placed) }
      })
      .reduce((a, b) => (betterMended(b, a, wasLate) ? b : a))
  const gentle = laidBy(putOff)
  if (gentle.cost.unplaced === 0) return gentle
  const free = laidBy(new Map())
  return free.cost.unplaced < gentle.cost.unplaced ? free : gentle
}

/**
 * What is to be done until a moment, as early as it can be now and in the order that it was laid in: what took longer
 * pushes the rest on, what went quicker lets it begin. What lies later stays.
 * @param until minute of the problem
 */
export function pulledUp(
  problem: Problem,
  placed: readonly (ActivitySlot | undefined)[],
  until: number,
): Laid {
  const layer = new SerialScheme(problem)
  const later = new Map(
    placed.flatMap((spot, work): [number, number][] =>
      spot && spot.start >= until ? [[work, spot.start]] : [],
    ),
  )
  const prefers = placed.map((spot) => spot?.worker)
  return layer.lay(orderOfPlan(problem, { placed }), later, prefers)
}

/** Days of lateness that were not there before, begun ones whole: for an hour nothing else is moved. */
const newlyLate = ({ cost }: Mended, wasLate: number): number =>
  Math.ceil(Math.max(0, cost.late - wasLate) / (24 * 60))

function betterMended(a: Mended, b: Mended, wasLate: number): boolean {
  if (a.cost.unplaced !== b.cost.unplaced) return a.cost.unplaced < b.cost.unplaced
  const late = newlyLate(a, wasLate) - newlyLate(b, wasLate)
  if (late !== 0) return late < 0
  if (a.moved.length !== b.moved.length) return a.moved.length < b.moved.length
  return compareCost(a.cost, b.cost) < 0
}

/** Where works lay before and still may: what breaks something is taken up. */
function keptOf(
  problem: Problem,
  before: readonly (ActivitySlot | undefined)[],
): (ActivitySlot | undefined)[] {
  const placed = problem.works.map((_, work) => before[work])
  const broken = new Set(breaksOf(problem, { placed }).map(({ work }) => work))
  return placed.map((spot, work) => (broken.has(work) ? undefined : spot))
}

/** Places of works that lay somewhere before and lie elsewhere now, or nowhere. */
export function movedBetween(
  before: readonly (ActivitySlot | undefined)[],
  after: readonly (ActivitySlot | undefined)[],
): number[] {
  return before.flatMap((was, work) => {
    const is = after[work]
    return was && (!is || is.start !== was.start || is.worker !== was.worker) ? [work] : []
  })
}
