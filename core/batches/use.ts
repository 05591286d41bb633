import { partNoun } from '../makeup'
import { mergedNeeds, type Claim, type Need } from '../stock'
import { sizeOfAmount, type Amount } from '../commissions'
import type { Run } from './machine'
import type { Batch } from './records'

/** What a batch takes of a material: planned, measured where it was, and what will be drawn. In the material's unit. */
export interface PlannedUse {
  readonly materialId: string
  readonly label: string
  readonly planned: number
  readonly measured?: number
  readonly proposed: number
}

/**
 * What to draw for a batch as it stands: what was measured; else what was planned, for the share of the
 * pieces that reached the step that uses it.
 */
export function proposedUse(batch: Batch, run: Run): PlannedUse[] {
  const uses = new Map<string, { label: string; planned: number; reached: number }>()
  for (const amount of batch.plan.amounts) {
    const known = uses.get(amount.materialId)
    uses.set(amount.materialId, {
      label: known ? `${known.label}, ${amount.label}` : amount.label,
      planned: (known?.planned ?? 0) + amount.quantity,
      reached: (known?.reached ?? 0) + amount.quantity * shareReached(batch, run, amount),
    })
  }
  for (const materialId of run.state.measured.keys())
    if (!uses.has(materialId)) uses.set(materialId, { label: 'Besides the plan', planned: 0, reached: 0 })
  return [...uses].map(([materialId, { label, planned, reached }]) => {
    const measured = run.state.measured.get(materialId)
    return {
      materialId,
      label,
      planned,
      ...(measured === undefined ? {} : { measured }),
      proposed: measured ?? reached,
    }
  })
}

/** The share of the pieces that reached a material's step; all of it where it was poured for the batch and any did. */
function shareReached(batch: Batch, { state }: Run, amount: Batch['plan']['amounts'][number]): number {
  if (!state.begun) return 0
  const at = batch.plan.steps.findIndex((step) =>
    amount.step === undefined ? step.materialIds.includes(amount.materialId) : step.id === amount.step,
  )
  // A material that no step names was used up by the end.
  if (at < 0) return state.phase === 'done' ? 1 : 0
  const reached = state.reached[at] ?? 0
  if (amount.once) return reached > 0 || state.past[at] === true ? 1 : 0
  return Math.min(1, reached / batch.pieces)
}

/** What to keep of a batch as it stands: what was planned, where the step that makes it was reached. */
export function proposedKept(
  batch: Batch,
  run: Run,
): { materialId: string; label: string; quantity: number }[] {
  return batch.plan.yields.map(({ materialId, label, quantity, shares }) => {
    const drawn = batch.plan.amounts.filter((amount) =>
      shares.length > 0 ? shares.some((share) => share.materialId === amount.materialId) : true,
    )
    // Out of nothing but work: there when that is done.
    const share =
      drawn.length === 0
        ? Number(run.state.phase === 'done')
        : drawn.reduce((most, amount) => Math.max(most, shareReached(batch, run, amount)), 0)
    const whole = batch.makes.kind === 'stock' || shares.length > 0
    return { materialId, label, quantity: whole ? (share > 0 ? quantity : 0) : Math.floor(quantity * share) }
  })
}

export const isOpen = (run: Run | undefined): boolean =>
  run !== undefined && run.state.phase !== 'finished' && run.state.phase !== 'abandoned'

/** What an open batch will still take: its planned amounts, until it is finished or abandoned. */
export const needsOfBatch = ({ plan }: Pick<Batch, 'plan'>): readonly Need[] =>
  mergedNeeds(
    plan.amounts.map(({ materialId, quantity, lies, leaves }) => ({
      materialId,
      quantity: leaves ?? quantity,
      lies: Math.max(lies ?? 0, quantity),
    })),
  )

/** An open batch's claim on the shelf. @param due the deadline of the commission that it is made for */
export const claimOf = (batch: Batch, run: Run | undefined, order: number, due?: string): Claim => ({
  id: `batch:${batch.id}`,
  who: batch.name,
  ...(due === undefined ? {} : { due }),
  running: run?.state.begun ?? false,
  order,
  needs: needsOfBatch(batch),
})

/** The line whose pieces a batch plants; undefined where it makes something. */
export const plantedLine = ({ makes }: Pick<Batch, 'makes'>): string | undefined =>
  makes.kind === 'planted' ? makes.lineId : undefined

/** The line that a batch is there for: what it makes, or plants, is of it. */
export const lineOf = (batch: Pick<Batch, 'makes' | 'lineId'>): string | undefined =>
  batch.lineId ?? plantedLine(batch)

/** What one of a batch's pieces is called: a patch or a stretch where it is made in its place. */
export const partOf = ({ makes }: Pick<Batch, 'makes'>): string => partNoun(makes)

/** Its plural. */
export const partNounPlural = (part: string): string => (part === 'piece' ? 'pieces' : `${part}es`)

/** Whether it is made where it stays: nothing of it ever stands on a tray to be planted. */
export const isMadeInPlace = (batch: Pick<Batch, 'makes'>): boolean => partOf(batch) !== 'piece'

/** How far a line has come, in its own measure: pieces, mm or cm². */
export interface Progress {
  readonly wanted: number
  readonly good: number
  readonly inHand: number
  readonly left: number
}

/** What a number of a batch's pieces is in the measure of its line. */
export function measureOf({ makes }: Pick<Batch, 'makes'>, pieces: number): number {
  switch (makes.kind) {
    case 'length':
      return pieces * makes.mmEach
    case 'area':
      return pieces * makes.cm2Each
    case 'pieces':
      return pieces
    case 'stock':
    case 'planted':
      return 0
  }
}

/** Of a hedge or an area, less than this share is no work: parts are planned in round measures. */
const REST = 0.002
const isWork = (rest: number, { kind }: Pick<Amount, 'kind'>, wanted: number): boolean =>
  kind === 'pieces' ? rest > 0 : rest > wanted * REST

/** Whether all that is wanted of a line is good. */
export const isMade = (amount: Pick<Amount, 'kind'>, { wanted, good }: Progress): boolean =>
  !isWork(wanted - good, amount, wanted)

/**
 * Counts a line's good pieces on trays and planted, and those in open batches.
 * @param onTrays good pieces that are to be planted, planted or sold for this line, by batch id
 */
export function progressOf(
  amount: Amount,
  batches: readonly Batch[],
  runs: ReadonlyMap<string, Run>,
  onTrays: ReadonlyMap<string, number>,
): Progress {
  const wanted = sizeOfAmount(amount)
  let good = 0
  let inHand = 0
  for (const batch of batches) {
    // A batch made for another measure, before the line was changed, does not count towards this one.
    if (batch.makes.kind !== amount.kind) continue
    good += measureOf(batch, onTrays.get(batch.id) ?? 0)
    const run = runs.get(batch.id)
    if (isOpen(run)) inHand += measureOf(batch, Math.min(run?.state.live ?? 0, batch.plan.expectedGood))
  }
  const rest = wanted - good - inHand
  return { wanted, good, inHand, left: isWork(rest, amount, wanted) ? rest : 0 }
}
