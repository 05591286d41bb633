import {
  benchOf,
  bestExtra,
  COMES_AFTER,
  lowerBoundsOf,
  dragTo,
  endOf,
  heldUp,
  mend,
  minutesFrom,
  orderOfPlan,
  placedOf,
  promiseOf,
  pulledUp,
  ScheduleSearch,
  standingOf,
  usualSpread,
  wantsMoreThanAll,
  type Bench,
  type BenchOrder,
  type Bounds,
  type Cost,
  type Dragged,
  type Held,
  type Gain,
  type Laying,
  type Mended,
  type ActivitySlot,
  type Plan,
  type Promised,
  type Spread,
  type Standing,
  type TimeSpan,
  type Target,
  type YieldOf,
} from '../../core/schedule'

/** What the page draws: the bench as it is, and how what was kept stands against it. */
export interface Opened {
  readonly bench: Bench
  readonly stored: readonly (ActivitySlot | undefined)[]
  readonly standing: Standing
}

/** The best plan of a search so far. */
export interface Found {
  readonly placed: readonly (ActivitySlot | undefined)[]
  readonly unplaced: ReadonlyMap<number, string>
  readonly cost: Cost
}

/** A question about batches that are not there yet. */
export interface Question {
  readonly batchIds: readonly string[]
  /** How far things come out otherwise; absent: only the plan is asked for. */
  readonly spread?: Spread
  readonly yields?: Omit<YieldOf, 'hands'>
  /** Evenings that might be added, ms since 1970. */
  readonly extras?: readonly TimeSpan[]
}
export interface Answer {
  readonly bench: Bench
  readonly plan: Pick<Plan, 'placed' | 'unplaced'>
  /** When they are all done by the plan, a minute of the bench; undefined where something of them has no place. */
  readonly planEnd: number | undefined
  /** The job that ends last. */
  readonly job: number
  readonly lost?: readonly [work: number, why: string]
  readonly promised?: Promised
  readonly held?: readonly Held[]
  readonly gain?: Gain
}
/** Runs of a promise; of a plan so large that they take long, as many as can be made while a maker waits. */
const PROMISE_RUNS = 300
const RUNS_AT_ONCE = 30
const LONG_MS = 4_000

/** Rounds between two looks at the clock: a few hundredths of a second. */
const ROUNDS = 20

let bench: Bench | undefined
let search: ScheduleSearch | undefined

function here(): Bench {
  if (!bench) throw new Error('Nothing has been opened to lay.')
  return bench
}
const found = (of: ScheduleSearch): Found => ({
  placed: of.best.plan.placed,
  unplaced: of.best.plan.unplaced,
  cost: of.best.cost,
})

/** Runs a promise in lots, each by a seed of its own, until there are enough or it has taken long. */
function manyRuns(lot: (runs: number, seed: number) => Promised): Promised {
  const until = performance.now() + LONG_MS
  const lots: Promised[] = []
  do lots.push(lot(RUNS_AT_ONCE, lots.length + 1))
  while (lots.length * RUNS_AT_ONCE < PROMISE_RUNS && performance.now() < until)
  return {
    ends: lots.flatMap(({ ends }) => ends).sort((a, b) => a - b),
    short: lots.reduce((sum, { short }) => sum + short, 0) / lots.length,
  }
}

/** What is answered where all sessions together are too few. */
function nowhere(asked: Bench, job: number): Answer {
  const [first = 0] = asked.problem.jobs[job]?.works ?? []
  const plan = { placed: asked.problem.works.map(() => undefined), unplaced: new Map<number, string>() }
  const because = 'it takes more hands than all sessions of half a year have'
  return { bench: asked, plan, planEnd: undefined, job, lost: [first, because] }
}

/** Lays batches away from the page. What is opened stays: a drag does not send the workshop again. */
export const service = {
  open(order: BenchOrder, layings: ReadonlyMap<string, Pick<Laying, 'works'>>): Opened {
    bench = benchOf(order)
    search = undefined
    const stored = placedOf(bench, layings)
    return { bench, stored, standing: standingOf(bench, stored) }
  },
  bounds: (): Bounds => lowerBoundsOf(here().problem),
  mend: (before: readonly (ActivitySlot | undefined)[]): Mended => mend(here().problem, before),
  /** What is left of the session that runs, by the clock as it is now; undefined where none runs. */
  live(placed: readonly (ActivitySlot | undefined)[]): readonly (ActivitySlot | undefined)[] | undefined {
    const { problem } = here()
    const ends = problem.workers.flatMap(({ open }) =>
      open.filter(({ from }) => from <= 0).map(({ to }) => to),
    )
    return ends.length > 0 ? pulledUp(problem, placed, Math.max(...ends)).placed : undefined
  },
  /** The first proposal of a search, by rules. */
  begin(seed: number): Found {
    search = new ScheduleSearch(here().problem, seed)
    return found(search)
  },
  /** Goes on searching for so long. */
  improve(forMs: number): Found {
    if (!search) throw new Error('No search has been begun.')
    const until = performance.now() + forMs
    while (performance.now() < until) search.run(ROUNDS)
    return found(search)
  },
  drag: (
    placed: readonly (ActivitySlot | undefined)[],
    work: number,
    target: Target,
    whole: boolean,
  ): Dragged => dragTo(here(), placed, work, target, whole),
  /** What would come of further batches beside those that are laid: when they are done, and what stands in the way. */
  ask(order: BenchOrder, layings: ReadonlyMap<string, Pick<Laying, 'works'>>, question: Question): Answer {
    const asked = benchOf(order)
    const { problem } = asked
    const jobs = problem.jobs.flatMap(({ works }, job) =>
      works.some((work) => question.batchIds.includes(asked.works[work]?.batchId ?? '')) ? [job] : [],
    )
    if (wantsMoreThanAll(problem, jobs)) return nowhere(asked, jobs[0] ?? 0)
    const { plan } = mend(problem, placedOf(asked, layings))
    const ends = jobs.map((job) => endOf(problem, job, plan))
    const without = [...plan.unplaced].filter(([work]) => jobs.includes(problem.works[work]?.job ?? -1))
    // What is the matter comes before what merely follows from it.
    const lost = without.find(([, why]) => why !== COMES_AFTER) ?? without[0]
    const planEnd = ends.some((end) => end === undefined)
      ? undefined
      : Math.max(...ends.map((end) => end ?? 0))
    const last = jobs[ends.indexOf(planEnd)] ?? jobs.at(-1) ?? 0
    const laidOrder = orderOfPlan(problem, plan)
    const answer = { bench: asked, plan, planEnd, job: last, ...(lost ? { lost } : {}) }
    if (!question.spread || planEnd === undefined) return answer
    // What is spoilt is made again after the last job that makes pieces, not after one that plants them.
    const plants = new Set(
      order.batches.flatMap(({ batch }) => (batch.makes.kind === 'planted' ? [batch.id] : [])),
    )
    const isMaker = (job: number): boolean =>
      !plants.has(asked.works[problem.jobs[job]?.works[0] ?? -1]?.batchId ?? '')
    const maker = isMaker(last) ? last : (jobs.findLast(isMaker) ?? last)
    const hands = (problem.jobs[maker]?.works ?? []).map((work) => {
      const { onceSec = 0, eachSec = 0 } = asked.works[work]?.step.hands ?? {}
      return { onceMin: onceSec / 60, eachMin: eachSec / 60 }
    })
    const promised = manyRuns((runs, seed) =>
      promiseOf(problem, jobs, {
        order: laidOrder,
        spread: question.spread ?? usualSpread,
        runs,
        seed,
        ...(question.yields ? { yieldOf: { ...question.yields, job: maker, hands } } : {}),
      }),
    )
    const extras = (question.extras ?? [])
      .map(({ from, to }) => ({
        from: minutesFrom(asked.originMs, from),
        to: minutesFrom(asked.originMs, to),
      }))
      .filter(({ from }) => from >= 0 && from < planEnd)
    const gain = bestExtra(problem, last, laidOrder, extras)
    return { ...answer, promised, held: heldUp(problem, last, plan), ...(gain ? { gain } : {}) }
  },
}
