import type { Batch } from '../../core/batches'
import { planBatch } from '../../app/db/commands/bench'
import { saveCommission, saveLine } from '../../app/db/commands/brief'
import type { CommandContext } from '../../app/db/commands/context'
import { ensureWorkshop } from '../../app/db/commands/data'
import { WorkshopDb } from '../../app/db/database'
import { batch, commission, ids, line, minutesAfter } from './workshop'

let serial = 0
/** A workshop of its own, and a clock that goes on by a minute with each command. */
export async function bench(): Promise<CommandContext> {
  serial += 1
  let minute = 0
  const context = {
    db: new WorkshopDb(`t${serial}`),
    now: () => minutesAfter((minute += 1)),
    newId: ids(`i${serial}-`),
  }
  await ensureWorkshop(context)
  return context
}
/** What was read; it must have been. */
export const value = <T>(reading: { kind: 'ok'; value: T } | { kind: 'none'; because: string }): T => {
  if (reading.kind === 'none') throw new Error(reading.because)
  return reading.value
}
/** A commission with a line, and its batch begun. */
export async function withBatch(context: CommandContext, over: Partial<Batch> = {}) {
  await saveCommission(context, commission())
  await saveLine(context, line())
  const { id: _id, madeAt: _madeAt, ...draft } = batch(over)
  return value(await planBatch(context, draft, { start: true }))
}
