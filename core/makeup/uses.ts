import { flockMass, lostInTheFall, thrown } from '../coverage'
import {
  fact,
  figure,
  ONE,
  product,
  property,
  quotient,
  roundedUp,
  type Expression,
  type Figure,
  type Leaf,
} from '../quantities'
import { formatQuantity, type StockUnit } from '../units'
import type { Coefficient } from './coefficients'
import type { PlantTask, Task, Use } from './method'
import { shared } from './shared'
import { unitOf } from './wishes'

/** What a slot uses at a step. */
export interface UseDraft {
  readonly slot: string
  readonly step: string
  readonly label: string
  /** For one piece, in the unit that the slot's material is counted in. */
  readonly each: Expression
  /** For the batch; absent: the amount for one × pieces started. */
  readonly total?: Expression
  /** What must lie on the tray for the batch. */
  readonly lies?: Expression
  readonly once?: boolean
  /** What is gone in the end, where the rest stands in a tub for the next batch; absent: all of it. */
  readonly leaves?: number
}

export const startedOf = ({ started }: Pick<Task, 'started'>): Leaf => fact('pieces started', started, '')

/** What is planted: only what is good. */
const plantedOf = ({ good }: Pick<Task, 'good'>): Leaf =>
  fact('good pieces', good, '', 'memory', 'judged before they are planted')

/** A use of the one material that fills a slot; or of none, where it is open. */
export function use(task: Task, { each, total, lies, ...draft }: UseDraft): Use {
  const { slot, parts } = task.fill(draft.slot)
  const unit = parts[0]?.material.unit ?? unitOf(slot.wish)
  return {
    ...draft,
    perPiece: figure(each, unit),
    total: figure(total ?? product(each, startedOf(task)), unit),
    ...(lies === undefined ? {} : { lies: figure(lies, unit) }),
    ...(parts[0] === undefined ? {} : { material: parts[0].material }),
  }
}

/** A use that is worked out for the whole batch, and shared out to its pieces. */
export const batchUse = (
  task: Task,
  { total, ...draft }: Omit<UseDraft, 'each' | 'once'> & { total: Expression },
): Use => use(task, { ...draft, once: true, total, each: quotient(total, startedOf(task)) })

/**
 * A use in whole pieces of all materials that fill a slot: for the batch what one takes × pieces started, rounded up,
 * shared out among them, no piece lost.
 */
export function piecesUse(task: Task, draft: Omit<UseDraft, 'total'>): Use[] {
  const { parts } = task.fill(draft.slot)
  const total = roundedUp(product(draft.each, startedOf(task)))
  if (parts.length < 2) return [use(task, { ...draft, total })]
  const wished = parts.map(({ share }) => total.value * share)
  const counts = wished.map(Math.floor)
  const byRest = wished
    .map((wish, i) => ({ i, rest: wish - Math.floor(wish) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i)
  const left = Math.round(total.value - counts.reduce((sum, count) => sum + count, 0))
  for (const { i } of byRest.slice(0, left)) counts[i] = (counts[i] ?? 0) + 1
  return parts.flatMap(({ material }, i): Use[] => {
    const count = counts[i] ?? 0
    if (count === 0) return []
    const part = quotient(fact('taken from this heap', count, '', 'formula', material.name), total)
    const { each, slot, step, label } = draft
    return [
      {
        slot,
        step,
        label,
        material,
        perPiece: figure(product(each, part), 'piece'),
        total: figure(fact('taken from this heap', count, 'piece', 'formula', material.name), 'piece'),
      },
    ]
  })
}

/** As much for each good piece as a coefficient says: glue of what is planted. @param times more of it */
export function plantUse(
  task: Task,
  draft: Pick<UseDraft, 'slot' | 'step' | 'label'>,
  of: Coefficient,
  times: Expression,
): Use {
  const each = product(times, task.input(of))
  return use(task, { ...draft, each, total: product(each, plantedOf(task)) })
}

/** Height and trunk of a piece, mm. */
export const heightOf = ({ piece }: Pick<PlantTask, 'piece'>): Leaf => fact('height', piece.heightMm, 'mm')
export const trunkOf = ({ piece }: Pick<PlantTask, 'piece'>): Leaf => fact('trunk', piece.trunkMm, 'mm')

/** The crown from the side, cm². */
export const crownOf = ({ piece }: PlantTask): Leaf =>
  fact(
    'crown from the side',
    piece.sideAreaCm2,
    'cm²',
    'formula',
    'the outline of the crown form, integrated',
  )

/** The piece from above, cm². */
export const aboveOf = ({ piece }: PlantTask): Leaf =>
  fact('crown from above', piece.topAreaCm2, 'cm²', 'formula', 'π/4 · crown width²')

/** The room that one piece takes, cm³. */
export const volumeOf = ({ piece }: PlantTask): Leaf =>
  fact('volume of one', piece.volumeCm3, 'cm³', 'formula', '2/3 · area from above · height')

/** How much is seen through its crown in full leaf. */
export const seeThroughOf = ({ piece }: Pick<PlantTask, 'piece'>): Leaf =>
  fact('see-through in full leaf', piece.seeThrough, '', piece.seeThroughOrigin)

/** What share of its foliage it has on the day. */
export const leafOf = ({ piece }: Pick<PlantTask, 'piece'>): Leaf =>
  fact('foliage on the day', piece.leaf, '', 'memory')

/** Crown from the side × coat: what is sprayed or brushed on. @param coat ml for each cm² */
export const coatUse = (
  task: PlantTask,
  draft: Pick<UseDraft, 'slot' | 'step' | 'label'>,
  coat: Coefficient,
  share?: Expression,
): Use =>
  use(task, {
    ...draft,
    each: product(crownOf(task), ...(share ? [share] : []), task.input(coat)),
  })

/** As much for each piece as a coefficient says. @param times more of it, as for a larger piece */
export const fixedUse = (
  task: Task,
  draft: Pick<UseDraft, 'slot' | 'step' | 'label'>,
  of: Coefficient,
  times: Expression = ONE,
): Use => use(task, { ...draft, each: times === ONE ? task.input(of) : product(times, task.input(of)) })

interface FlockCoat {
  readonly slot: string
  readonly step: string
  readonly label: string
  /** Area that the flock covers, cm². */
  readonly area: Expression
  /** See-through of the coat in full leaf, and the share of the foliage on the day. */
  readonly seeThrough: Expression
  readonly leaf: Expression
  /** Share of the foliage that this coat makes up, 0–1. */
  readonly share: Expression
  readonly sticks: Coefficient
}

/** Flock for a crown by the see-through law, on the day's share of the foliage, with what is lost in the fall. */
export function flockUse(task: Task, coat: FlockCoat): Use {
  const filled = task.fill(coat.slot)
  const foam = filled.parts[0]?.material
  const { wish } = filled.slot
  const wished = wish.stuff === 'foam' ? wish.grainMm : 0.5
  const grainMm = foam?.of.stuff === 'foam' ? foam.of.grainMm : wished
  const density =
    foam?.densityGPerMl === undefined
      ? task.input(shared.foamDensity)
      : property('density of a grain', foam.densityGPerMl, 'g/ml', 'memory', foam.name)
  const stuck = product(
    flockMass(
      coat.seeThrough,
      property('grain', grainMm, 'mm', 'memory', foam?.name ?? 'as wished'),
      density,
    ),
    coat.area,
    coat.leaf,
    coat.share,
  )
  const sticks = task.input(coat.sticks)
  return use(task, {
    slot: coat.slot,
    step: coat.step,
    label: coat.label,
    each: product(stuck, lostInTheFall(sticks, task.input(shared.reclaimed))),
    lies: product(thrown(stuck, sticks), startedOf(task)),
  })
}

/** Ids of the materials that are used at a step, each once. */
export const materialsAt = (uses: readonly Use[], step: string): string[] => [
  ...new Set(uses.flatMap((one) => (one.step === step && one.material ? [one.material.id] : []))),
]

/** An amount of a use, for reading. */
export const amountWords = ({ value, unit }: Figure): string => formatQuantity(value, unit as StockUnit)
