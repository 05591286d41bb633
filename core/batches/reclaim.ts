import { reclaimVerdict } from '../grass'
import type { Batch, BatchStep } from './records'

/** What the vacuum should give back of a fibre at a step, for the pieces done so far; in the material's unit. */
export interface Reclaim {
  readonly thrown: number
  readonly back: number
}

/**
 * Nothing where a material does not come back at this step.
 * @param done pieces of the step that are done; at least one counts
 */
export function reclaimOf(
  batch: Pick<Batch, 'plan' | 'pieces'>,
  step: Pick<BatchStep, 'id' | 'back'>,
  materialId: string,
  done: number,
): Reclaim | undefined {
  if (!step.back?.some((one) => one.materialId === materialId)) return undefined
  const lay = batch.plan.amounts.filter((one) => one.materialId === materialId && one.lies !== undefined)
  const here = lay.find((one) => one.step === step.id)
  // Where it is lifted at a step of its own, all that was thrown last before it has been thrown by then.
  const place = (id = ''): number => batch.plan.steps.findIndex((one) => one.id === id)
  const before = lay.filter((one) => place(one.step) < place(step.id))
  const amount = here ?? before.at(-1) ?? lay[0]
  if (amount?.lies === undefined) return undefined
  const share = here ? Math.min(1, Math.max(1, done) / batch.pieces) : 1
  return { thrown: amount.lies * share, back: Math.max(0, amount.lies - amount.quantity) * share }
}

/** Whether so much used means that too little came back. @param used what the jar has lost since it was weighed in */
export const reclaimAlarm = ({ thrown, back }: Reclaim, used: number): ReturnType<typeof reclaimVerdict> =>
  reclaimVerdict(back, Math.max(0, thrown - used))
