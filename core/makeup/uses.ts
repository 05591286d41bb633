import { massPerArea, sprinkle } from '../coverage'
import { formatQuantity, figure, input, type Figure, type NumberInput, type StockUnit } from '../units'
import type { Coefficient } from './coefficients'
import type { PlantTask, Task, Use } from './method'
import { shared } from './shared'

/** What a slot uses at a step. The unit of the figure for one is the material's. */
export interface UseDraft {
  readonly slot: string
  readonly step: string
  readonly label: string
  readonly perPiece: Figure
  /** Absent: the amount for one × pieces started. */
  readonly total?: Figure
  readonly lies?: Figure
  readonly once?: boolean
  /** What is gone in the end, where the rest stands in a tub for the next batch; absent: all of it. */
  readonly leaves?: number
}

/** Amount for one × pieces started. */
export const timesStarted = (perPiece: Figure, started: number): Figure =>
  figure(perPiece.value * started, perPiece.unit, 'amount for one × pieces started', [
    input('amount for one', perPiece.value, perPiece.unit, perPiece.origin),
    input('pieces started', started, '', 'formula'),
  ])

/** A use of the one material that fills a slot; or of none, where it is open. */
export function use(task: Task, draft: UseDraft): Use {
  const [part] = task.fill(draft.slot).parts
  return {
    ...draft,
    total: draft.total ?? timesStarted(draft.perPiece, task.started),
    ...(part === undefined ? {} : { material: part.material }),
  }
}

/**
 * A use in whole pieces of all materials that fill a slot: the total is shared out among them, no piece lost.
 * @param draft its total is a whole number
 */
export function piecesUse(task: Task, draft: UseDraft & { readonly total: Figure }): Use[] {
  const { parts } = task.fill(draft.slot)
  if (parts.length < 2) return [use(task, draft)]
  const wished = parts.map(({ share }) => draft.total.value * share)
  const counts = wished.map(Math.floor)
  const byRest = wished
    .map((wish, i) => ({ i, rest: wish - Math.floor(wish) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i)
  const left = Math.round(draft.total.value - counts.reduce((sum, count) => sum + count, 0))
  for (const { i } of byRest.slice(0, left)) counts[i] = (counts[i] ?? 0) + 1
  return parts.flatMap(({ material }, i): Use[] => {
    const count = counts[i] ?? 0
    if (count === 0) return []
    const share = input('share of the heap', count / draft.total.value, '', 'formula', material.name)
    return [
      {
        ...draft,
        material,
        perPiece: figure(draft.perPiece.value * share.value, 'piece', 'amount for one × share of the heap', [
          input('amount for one', draft.perPiece.value, 'piece', draft.perPiece.origin),
          share,
        ]),
        total: figure(count, 'piece', 'amount for the batch × share of the heap, whole pieces', [
          input('amount for the batch', draft.total.value, 'piece', draft.total.origin),
          share,
        ]),
      },
    ]
  })
}

/** Crown from the side × coat: what is sprayed or brushed on. @param coat ml for each cm² */
export function coatUse(
  task: PlantTask,
  draft: Pick<UseDraft, 'slot' | 'step' | 'label'>,
  coat: Coefficient,
  share?: NumberInput,
): Use {
  const of = share ? [crownInput(task), share, task.input(coat)] : [crownInput(task), task.input(coat)]
  return use(task, {
    ...draft,
    perPiece: figure(
      task.piece.sideAreaCm2 * task.value(coat) * (share?.value ?? 1),
      'ml',
      share ? `crown from the side × ${share.name} × coat` : 'crown from the side × coat',
      of,
    ),
  })
}

export const crownInput = ({ piece }: PlantTask): NumberInput =>
  input(
    'crown from the side',
    piece.sideAreaCm2,
    'cm²',
    'formula',
    'the outline of the crown form, integrated',
  )

/** As much for each piece as a coefficient says, in its own unit. @param times more of it, as for a larger piece */
export function fixedUse(
  task: Task,
  draft: Pick<UseDraft, 'slot' | 'step' | 'label'>,
  of: Coefficient,
  times?: NumberInput,
): Use {
  const unit = of.unit.split('/')[0] ?? ''
  return use(task, {
    ...draft,
    perPiece: times
      ? figure(task.value(of) * times.value, unit, `${times.name} × ${of.name}`, [times, task.input(of)])
      : figure(task.value(of), unit, of.name, [task.input(of)]),
  })
}

interface FlockCoat {
  readonly slot: string
  readonly step: string
  readonly label: string
  /** Area that the flock covers, cm². */
  readonly area: NumberInput
  /** See-through of the coat in full leaf, and the share of the foliage on the day. */
  readonly seeThrough: NumberInput
  readonly leaf: number
  /** Share of the foliage that this coat makes up, 0–1. */
  readonly share: NumberInput
  readonly sticks: Coefficient
}

/**
 * Flock for a crown by the see-through law: −ln(g) · (2/3) · d · ρ · area, on the day's share of the foliage,
 * with what falls and does not come back.
 */
export function flockUse(task: Task, coat: FlockCoat): Use {
  const filled = task.fill(coat.slot)
  const material = filled.parts[0]?.material
  const { wish } = filled.slot
  const wished = wish.stuff === 'foam' ? wish.grainMm : 0.5
  const grainMm = material?.of.stuff === 'foam' ? material.of.grainMm : wished
  const density =
    material?.densityGPerMl === undefined
      ? task.input(shared.foamDensity)
      : input('ρ, density of a grain', material.densityGPerMl, 'g/ml', 'memory', material.name)
  const stuck =
    massPerArea(coat.seeThrough.value, grainMm, density.value) *
    coat.area.value *
    coat.leaf *
    coat.share.value
  const reclaimed = task.input(shared.reclaimed)
  const each = sprinkle(stuck, task.value(coat.sticks), reclaimed.value)
  const fall = [task.input(coat.sticks), reclaimed]
  return use(task, {
    slot: coat.slot,
    step: coat.step,
    label: coat.label,
    perPiece: figure(
      each.leavesStockG,
      'g',
      '−ln(g) · (2/3) · d · ρ · area · foliage · share, plus what is lost in the fall',
      [
        coat.area,
        coat.seeThrough,
        input('foliage on the day', coat.leaf, '', 'memory'),
        input('d, grain', grainMm, 'mm', 'memory', material?.name ?? 'as wished'),
        density,
        coat.share,
        ...fall,
      ],
      'formula',
      'Beer–Lambert canopy law (Monsi & Saeki 1953)',
    ),
    lies: figure(each.thrownG * task.started, 'g', 'stuck ÷ sticking share × pieces started', [
      input('stuck on one', stuck, 'g', 'formula'),
      ...fall,
      input('pieces started', task.started, '', 'formula'),
    ]),
  })
}

/** Ids of the materials that are used at a step, each once. */
export const materialsAt = (uses: readonly Use[], step: string): string[] => [
  ...new Set(uses.flatMap((one) => (one.step === step && one.material ? [one.material.id] : []))),
]

/** An amount of a use, for reading. */
export const amountWords = ({ value, unit }: Figure): string => formatQuantity(value, unit as StockUnit)
