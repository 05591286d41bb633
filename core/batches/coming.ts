import type { Arrival } from '../stock'
import type { Run } from './machine'
import type { Batch } from './records'

const MS_PER_MIN = 60_000

/**
 * The day that a batch is expected to be done: its planned time from its start, or from now on where it has not begun;
 * a wait that runs longer puts it off; never before today.
 * @param now ISO moment
 */
export function doneOn(batch: Pick<Batch, 'plan'>, run: Pick<Run, 'history' | 'state'>, now: string): string {
  const begun = run.history[0]?.at ?? now
  const planned = Date.parse(begun) + batch.plan.elapsedMin * MS_PER_MIN
  const waited = Math.max(0, ...[...run.state.waits.values()].map(({ untilMs }) => untilMs))
  const day = new Date(Math.max(planned, waited, Date.parse(now))).toISOString().slice(0, 10)
  const today = now.slice(0, 10)
  return day < today ? today : day
}

/**
 * What an open batch will put on the shelf, and when: the stock that it is made for, and by-products. A bath that
 * is kept is not coming: what it is kept from stands on the shelf until the batch ends.
 */
export function arrivalsOfBatch(batch: Batch, run: Run, now: string): Arrival[] {
  const on = doneOn(batch, run, now)
  return batch.plan.yields
    .filter(({ source }) => batch.makes.kind === 'stock' || source === 'by-product')
    .map(({ materialId, quantity }) => ({ materialId, quantity, on, what: 'making', who: batch.name }))
}
