import type { Need } from '../stock'
import type { Run } from './machine'
import type { Batch } from './records'

/** What a batch takes of a material: planned, measured where it was, and what will be drawn. In the material's unit. */
export interface Use {
  readonly materialId: string
  readonly label: string
  readonly planned: number
  readonly measured?: number
  readonly proposed: number
}

/**
 * What to draw for a batch as it stands: what was measured; else what was planned, for the share of the steps that use the
 * material that has been done.
 */
export function proposedUse(batch: Batch, run: Run): Use[] {
  const planned = new Map<string, { label: string; quantity: number }>()
  for (const { materialId, label, quantity } of batch.plan.amounts) {
    const sofar = planned.get(materialId)
    planned.set(materialId, {
      label: sofar ? `${sofar.label}, ${label}` : label,
      quantity: (sofar?.quantity ?? 0) + quantity,
    })
  }
  for (const materialId of run.state.measured.keys())
    if (!planned.has(materialId)) planned.set(materialId, { label: 'Besides the plan', quantity: 0 })
  return [...planned].map(([materialId, { label, quantity }]) => {
    const measured = run.state.measured.get(materialId)
    return {
      materialId,
      label,
      planned: quantity,
      ...(measured === undefined ? {} : { measured }),
      proposed: measured ?? quantity * shareReached(batch, run, materialId),
    }
  })
}

/** How much of a material's work is behind a batch: 0 before its step, 1 after it, the share of the pieces within it. */
function shareReached(batch: Batch, { state }: Run, materialId: string): number {
  if (state.phase === 'planned') return 0
  if (state.phase === 'done') return 1
  const at = batch.plan.steps.findIndex((step) => step.materialIds.includes(materialId))
  if (at < 0 || state.stepIndex > at || (state.stepIndex === at && state.phase === 'waiting')) return 1
  return state.stepIndex < at ? 0 : state.doneInStep / state.live
}

/** What open batches will still take, by material: their planned amounts, until they are finished or abandoned. */
export function promisedBy(batches: readonly Batch[], runs: ReadonlyMap<string, Run>): Need[] {
  return batches
    .filter((batch) => isOpen(runs.get(batch.id)))
    .flatMap((batch) => batch.plan.amounts.map(({ materialId, quantity }) => ({ materialId, quantity })))
}

export const isOpen = (run: Run | undefined): boolean =>
  run !== undefined && run.state.phase !== 'finished' && run.state.phase !== 'abandoned'

/** How far a line has come. Pieces. */
export interface Progress {
  readonly wanted: number
  readonly good: number
  readonly inHand: number
  readonly left: number
}

/** Counts a line's good pieces on trays and those in open batches. */
export function progressOf(
  wanted: number,
  batches: readonly Batch[],
  runs: ReadonlyMap<string, Run>,
): Progress {
  let good = 0
  let inHand = 0
  for (const batch of batches) {
    const run = runs.get(batch.id)
    if (run?.state.phase === 'finished') good += run.state.live
    else if (isOpen(run)) inHand += Math.min(run?.state.live ?? 0, batch.plan.expectedGood)
  }
  return { wanted, good, inHand, left: Math.max(0, wanted - good - inHand) }
}
