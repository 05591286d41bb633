import {
  decide,
  foldRun,
  planFrom,
  type Batch,
  type BatchAction,
  type Run,
  type RunEvent,
} from '../../core/batches'
import { makeUp, step, type PlantJob, type PlantMethod, type Step, type StepDraft } from '../../core/makeup'
import {
  benchOf,
  ScheduleSearch,
  wallAt,
  type Bench,
  type BenchBatch,
  type BenchOrder,
  type Laid,
  type Problem,
  type TimeRecord,
} from '../../core/schedule'

export const ZONE = 'Europe/Vienna'
/** A Friday, five in the afternoon on the wall. */
export const FRIDAY = Date.parse('2026-11-27T16:00:00.000Z')
const row = { changedAt: '2026-11-01T00:00:00.000Z' }

/** Evenings from Monday to Friday, seven to half past nine, and Saturdays from ten to four, for everybody. */
export const evenings: readonly TimeRecord[] = [
  ...[1, 2, 3, 4, 5].map((weekday): TimeRecord => ({
    ...row,
    id: `w${weekday}`,
    kind: 'weekly',
    weekday,
    from: '19:00',
    to: '21:30',
    people: [],
  })),
  { ...row, id: 'sat', kind: 'weekly', weekday: 6, from: '10:00', to: '16:00', people: [] },
]

/** A batch of steps as a test writes them. */
export function batchOf(name: string, pieces: number, drafts: readonly Draft[]): Batch {
  const steps: Step[] = drafts.map((draft) => step({ text: '', ...draft } as StepDraft))
  return {
    id: name.replaceAll(/[^A-Za-z0-9]/g, '-'),
    name,
    methodId: 'sprig-tree',
    makes: { kind: 'pieces' },
    pieces,
    madeAt: '2026-11-20T10:00:00.000Z',
    plan: { expectedGood: pieces, handsMin: 10, elapsedMin: 10, amounts: [], yields: [], steps },
  }
}

/** A batch of a way of making's own example. @param started pieces, where others than it asks for */
export function exampleBatch(method: PlantMethod, job: PlantJob, name: string, started?: number): Batch {
  const up = makeUp({
    job,
    method,
    states: [],
    dryingFactor: 1,
    ...(started === undefined ? {} : { started }),
  })
  return {
    ...planFrom(up, undefined, name),
    id: name.replaceAll(/[^A-Za-z0-9]/g, '-'),
    madeAt: '2026-11-20T10:00:00.000Z',
  }
}

/** A run of deeds at moments. */
export function runOf(batch: Batch, deeds: readonly (readonly [at: string, deed: BatchAction])[] = []): Run {
  const events: RunEvent[] = []
  deeds.forEach(([at, deed], i) => {
    const written = decide(batch, foldRun(batch, events), deed, at, `e${i}`)
    if (written.kind === 'none') throw new Error(written.because)
    events.push(written.value)
  })
  return foldRun(batch, events)
}

export const planned = (batch: Batch, more: Partial<BenchBatch> = {}): BenchBatch => ({
  batch,
  run: runOf(batch),
  ...more,
})

/** An order for laying with usual evenings and one person, changed where a test says so. */
export const orderOf = (batches: readonly BenchBatch[], more: Partial<BenchOrder> = {}): BenchOrder => ({
  nowMs: FRIDAY,
  time: { people: [{ id: 'ada', name: 'Ada' }], times: evenings, zone: ZONE },
  batches,
  register: new Map(),
  sun: { latitudeDeg: 48.2, longitudeDeg: 16.4 },
  lamp: false,
  boringMin: 60,
  reserveDays: 0,
  ...more,
})

/** An order as a short search lays it. */
export function laid(order: BenchOrder): { bench: Bench; plan: Laid } {
  const bench = benchOf(order)
  const search = new ScheduleSearch(bench.problem, 1)
  search.run(30)
  return { bench, plan: search.best.plan }
}

const DAYS = ['', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']
/** "Fri 19:00" of each work, in the order of the bench; "–" where it has no place. */
export const when = ({ bench, plan }: { bench: Bench; plan: Laid }): string[] =>
  plan.placed.map((spot) => {
    if (!spot) return '–'
    const { weekday, time } = wallAt(bench.originMs + spot.start * 60_000, ZONE)
    return `${DAYS[weekday]} ${time}`
  })

/** A step as a test writes it. */
export type Draft = Omit<StepDraft, 'text'>
export const hands = (onceMin: number, eachMin: number) =>
  ({ onceSec: onceMin * 60, eachSec: eachMin * 60, origin: 'memory' }) as const
export const dry = (leastMin: number, mostMin?: number) =>
  ({
    leastMin,
    kind: 'open film',
    what: 'Dry',
    origin: 'memory',
    ...(mostMin === undefined ? {} : { mostMin }),
  }) as const
/** Soaked, a night of drying, painted. */
export const two: readonly Draft[] = [
  { id: 'soak', title: 'Soak', hands: hands(3, 1), wait: dry(600) },
  { id: 'paint', title: 'Paint', hands: hands(1, 1) },
]

/** One pair of hands, two hours on each of two evenings, and what there is to do. */
export const twoEvenings = (works: Problem['works'], jobs: Problem['jobs']): Problem => ({
  workers: [
    {
      id: 'ada',
      open: [
        { from: 0, to: 120 },
        { from: 24 * 60, to: 24 * 60 + 120 },
      ],
    },
  ],
  slots: [],
  holders: [],
  holds: [],
  horizon: 5 * 24 * 60,
  jobs,
  works,
})
