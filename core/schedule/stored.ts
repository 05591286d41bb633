import { counted } from '../units'
import type { Bench } from './bench'
import type { BenchWork } from './bench-jobs'
import { breaksOf } from './check-plan'
import { msOf } from './clock'
import type { ActivitySlot, Plan } from './model'
import type { LaidWork, Laying } from './records'
import { ALONE } from './sessions'

/**
 * Where works lie by what has been stored, in minutes of the problem; below 0 where that has passed. What lay with
 * someone who is not there any more lies with the one who is, if there is but one; so does what a maker laid for
 * themselves before they were named.
 */
export function placedOf(
  { originMs, problem, works }: Bench,
  layings: ReadonlyMap<string, Pick<Laying, 'works'>>,
): (ActivitySlot | undefined)[] {
  const workerOf = new Map(problem.workers.map(({ id }, worker) => [id, worker]))
  const standsIn = (person: string): number | undefined =>
    problem.workers.length === 1 || person === ALONE.id ? 0 : undefined
  return works.map(({ batchId, step, partsAfter }, work) => {
    const laid = layings.get(batchId)?.works.find((own) => own.step === step.id && own.part === partsAfter)
    const worker = laid && (workerOf.get(laid.person) ?? standsIn(laid.person))
    if (!laid || worker === undefined) return undefined
    const start = Math.round((Date.parse(laid.start) - originMs) / 60_000)
    return { worker, start, end: start + (problem.works[work]?.minutes ?? 0) }
  })
}

/** How a batch is laid by a plan, as it is stored; works without a place are left out. */
export function laidWorks(
  { originMs, problem, works }: Bench,
  { placed }: Pick<Plan, 'placed'>,
  batchId: string,
): LaidWork[] {
  const iso = (minute: number): string => new Date(msOf(originMs, minute)).toISOString()
  return works.flatMap((own, work): LaidWork[] => {
    const spot = placed[work]
    const person = spot && problem.workers[spot.worker]?.id
    if (own.batchId !== batchId || !spot || person === undefined) return []
    return [
      {
        step: own.step.id,
        part: own.partsAfter,
        person,
        start: iso(spot.start),
        end: iso(spot.end),
        ...(own.pinned ? { pinned: true } : {}),
      },
    ]
  })
}

/** How a stored plan stands now. */
export interface Standing {
  /** Works that were to be done by now and are not. */
  readonly missed: readonly number[]
  /** Works that have no place in it, as of a batch that is new. */
  readonly unlaid: readonly number[]
  /** What it breaks: sessions that are gone, holders that are fewer. */
  readonly broken: readonly { readonly work: number; readonly because: string }[]
}

export const holdsGood = ({ missed, unlaid, broken }: Standing): boolean =>
  missed.length + unlaid.length + broken.length === 0

/**
 * How a stored plan stands against the bench as it is now.
 * @param placed as {@link placedOf} has it
 */
export function standingOf({ problem }: Bench, placed: readonly (ActivitySlot | undefined)[]): Standing {
  const missed = placed.flatMap((spot, work) => (spot && spot.end <= 0 ? [work] : []))
  // What was to begin by now may be under way: it is not nagged about before its time is over.
  const begun = new Set(placed.flatMap((spot, work) => (spot && spot.start < 0 ? [work] : [])))
  const unlaid = problem.works.flatMap((_, work) => (placed[work] ? [] : [work]))
  const broken = breaksOf(problem, { placed }).filter(({ work }) => !begun.has(work))
  return { missed, unlaid, broken }
}

/** A work that lies elsewhere than before; without a moment it lies nowhere. */
export interface Move {
  readonly work: BenchWork
  readonly fromMs?: number
  readonly toMs?: number
}

/** What another plan would change. @param before @param after by work */
export function movesBetween(
  { originMs, problem, works }: Bench,
  before: readonly (ActivitySlot | undefined)[],
  after: readonly (ActivitySlot | undefined)[],
): Move[] {
  return problem.works.flatMap((_, i): Move[] => {
    const [was, is, work] = [before[i], after[i], works[i]]
    if (!work || (was?.start === is?.start && was?.worker === is?.worker)) return []
    return [
      {
        work,
        ...(was ? { fromMs: msOf(originMs, was.start) } : {}),
        ...(is ? { toMs: msOf(originMs, is.start) } : {}),
      },
    ]
  })
}

/** What is wrong with a plan, in a sentence; empty where nothing is. */
export function standingWords({ missed, unlaid, broken }: Standing): string {
  const words = [
    ...(missed.length > 0 ? [`${counted(missed.length, 'step')} not done when laid`] : []),
    ...(unlaid.length > 0 ? [`${counted(unlaid.length, 'step')} not laid yet`] : []),
    ...(broken.length > 0 ? [`${counted(broken.length, 'thing')} that can’t be any more`] : []),
  ]
  return words.join(', ')
}
