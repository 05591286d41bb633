import {
  step,
  type Job,
  type Option,
  type Pour,
  type Profile,
  type PlantJob,
  type PlantMethod,
  type Slot,
  type Step,
  type StockMethod,
  type Task,
  type Use,
  type Estimate,
} from '../../makeup'
import { type Coefficient } from '../../quantities'
import { PlantMaking } from './bench'
import { listed, type Listed } from './listed'
import { Making, type Operation, type Taken } from './making'

/** A way's own numbers; what of its pieces won't do is among them. */
export type Figures = Readonly<Record<string, Coefficient>> & { readonly spoilage: Coefficient }

type Choose = (optionId: string) => string

/** A way of making plants: what it is, what it takes, and what hands do in their order. */
export interface WayTable extends Pick<
  PlantMethod,
  'makes' | 'suits' | 'parts' | 'setsInPlace' | 'reuses' | 'floors' | 'planner' | 'bound' | 'examples'
> {
  /** What it makes; absent: single pieces. */
  readonly kinds?: PlantMethod['kinds']
  readonly profile: Omit<Profile, 'seasons'>
  /** When it looks right. */
  readonly seasons: string
  readonly figures: Figures
  readonly options?: readonly Option[]
  readonly materials: (job: PlantJob, choice: Choose) => Listed<Slot>
  readonly operations: (on: PlantMaking) => Listed<Operation>
}

/** A way of making as the rest of the app knows it. */
export const way = (
  id: string,
  name: string,
  { profile: own, seasons, figures, options = [], materials, operations, ...of }: WayTable,
): PlantMethod => ({
  id,
  name,
  kinds: ['pieces'],
  ...of,
  profile: { ...own, seasons },
  coefficients: Object.values(figures),
  options,
  spoilage: figures.spoilage,
  slots: (job, choice) => listed(materials(job, choice)),
  work: (task) => workOf(operations(new PlantMaking(task))),
})

type StockJob = Extract<Job, { kind: 'stock' }>
/** Stock that is being made. */
export type StockMaking = Making<Task & { readonly job: StockJob }>

/** A way of making stock. */
export interface StockWay extends Pick<
  StockMethod,
  'id' | 'name' | 'makes' | 'product' | 'also' | 'examples'
> {
  readonly figures: Figures
  readonly options?: readonly Option[]
  readonly materials: Listed<Slot>
  readonly operations: (on: StockMaking) => Listed<Operation>
}

export const stockWay = ({ figures, options = [], materials, operations, ...of }: StockWay): StockMethod => ({
  ...of,
  kinds: ['stock'],
  coefficients: Object.values(figures),
  options,
  spoilage: figures.spoilage,
  slots: () => listed(materials),
  work: (task) => workOf(operations(new Making(task))),
})

/** All that operations come to, in their order. */
function workOf(operations: Listed<Operation>): Estimate {
  const all = listed(operations)
  const took = new Map(all.map(({ step: { id }, takes }) => [id, takes]))
  return {
    uses: all.flatMap(({ step: { id }, takes }) => takes.map((one): Use => ({ ...one, step: id }))),
    pours: all.flatMap(({ pours }): readonly Pour[] => pours),
    cuts: all.flatMap(({ cuts }) => cuts),
    yields: all.flatMap(({ yields }) => yields),
    steps: all.map(({ step: draft, takes, vacuums }) =>
      step({
        ...draft,
        materialIds: materialsOf(takes),
        ...(vacuums === undefined ? {} : { back: backOf(took.get(vacuums) ?? []) }),
      }),
    ),
  }
}

/** Ids of the materials that are taken, each once. */
const materialsOf = (takes: readonly Taken[]): string[] => [
  ...new Set(takes.flatMap(({ material }) => (material ? [material.id] : []))),
]

/** What comes back of each fibre that was thrown, as a share of what lay on the tray. */
const backOf = (takes: readonly Taken[]): NonNullable<Step['back']> =>
  takes.flatMap(({ material, total, dispensed }) =>
    material?.of.stuff === 'fibre' && dispensed && dispensed.value > total.value
      ? [{ materialId: material.id, share: 1 - total.value / dispensed.value }]
      : [],
  )

/** Something that makers do in more than one way; the first choice is the usual one. */
export const option = (
  id: string,
  name: string,
  ...choices: readonly (readonly [id: string, name: string, words: string])[]
): Option => ({
  id,
  name,
  choices: choices.map(([own, called, words]) => ({ id: own, name: called, words })),
})

/** What kind of a way it is, for laying ways side by side. @param sizeMm heights that it suits, mm at the model */
export const profile = (
  sizeMm: Profile['sizeMm'],
  shows: Profile['shows'],
  effort: Profile['effort'],
  handling: Profile['handling'],
  together: Profile['together'],
  rendering: Profile['rendering'],
): Omit<Profile, 'seasons'> => ({ sizeMm, shows, effort, handling, together, rendering })
