import * as Comlink from 'comlink'
import {
  benchOf,
  bestExtra,
  boundsOf,
  dragTo,
  heldUp,
  mend,
  orderOfPlan,
  placedOf,
  promiseOf,
  Search,
  standingOf,
  type Bench,
  type BenchOrder,
  type Bounds,
  type Cost,
  type Dragged,
  type Held,
  type Gain,
  type Laying,
  type Mended,
  type Placed,
  type Promised,
  type PromiseOrder,
  type Standing,
  type Stretch,
  type Target,
} from '../../core/schedule'

/** What the page draws: the bench as it is, and how what was kept stands against it. */
export interface Opened {
  readonly bench: Bench
  readonly stored: readonly (Placed | undefined)[]
  readonly standing: Standing
}

/** The best plan of a search so far. */
export interface Found {
  readonly placed: readonly (Placed | undefined)[]
  readonly unplaced: ReadonlyMap<number, string>
  readonly cost: Cost
}

/** Rounds between two looks at the clock: a few hundredths of a second. */
const ROUNDS = 20

let bench: Bench | undefined
let search: Search | undefined

function here(): Bench {
  if (!bench) throw new Error('Nothing has been opened to lay.')
  return bench
}
const found = (of: Search): Found => ({
  placed: of.best.plan.placed,
  unplaced: of.best.plan.unplaced,
  cost: of.best.cost,
})

/** Lays batches away from the page. What is opened stays: a drag does not send the workshop again. */
const layer = {
  open(order: BenchOrder, layings: ReadonlyMap<string, Pick<Laying, 'works'>>): Opened {
    bench = benchOf(order)
    search = undefined
    const stored = placedOf(bench, layings)
    return { bench, stored, standing: standingOf(bench, stored) }
  },
  bounds: (): Bounds => boundsOf(here().problem),
  mend: (before: readonly (Placed | undefined)[]): Mended => mend(here().problem, before),
  /** The first proposal of a search, by rules. */
  begin(seed: number): Found {
    search = new Search(here().problem, seed)
    return found(search)
  },
  /** Goes on searching for so long. */
  improve(forMs: number): Found {
    if (!search) throw new Error('No search has been begun.')
    const until = performance.now() + forMs
    while (performance.now() < until) search.run(ROUNDS)
    return found(search)
  },
  drag: (placed: readonly (Placed | undefined)[], work: number, target: Target, whole: boolean): Dragged =>
    dragTo(here(), placed, work, target, whole),
  held: (job: number, placed: readonly (Placed | undefined)[]): Held[] =>
    heldUp(here().problem, job, { placed }),
  promise: (
    job: number,
    asked: Omit<PromiseOrder, 'order'>,
    placed: readonly (Placed | undefined)[],
  ): Promised => promiseOf(here().problem, job, { ...asked, order: orderOf(placed) }),
  gain: (
    job: number,
    placed: readonly (Placed | undefined)[],
    extras: readonly Stretch[],
  ): Gain | undefined => bestExtra(here().problem, job, orderOf(placed), extras),
}

const orderOf = (placed: readonly (Placed | undefined)[]): readonly number[] =>
  orderOfPlan(here().problem, { placed })
export type CalendarLayer = typeof layer
Comlink.expose(layer)
