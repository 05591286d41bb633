import {
  batchSchema,
  decide,
  endingEntries,
  foldRun,
  reversalEntries,
  runEventSchema,
  type Batch,
  type Deed,
  type Run,
  type RunEvent,
  type Uncovered,
} from '../../../core/batches'
import { balancesOf, lotsOf, type LotState } from '../../../core/stock'
import { none, type Reading } from '../../../core/units'
import { check, type CommandContext } from './context'

/** Plans a batch: its materials are promised from now on. Started at once where asked. */
export async function planBatch(
  { db, now, newId }: CommandContext,
  draft: Omit<Batch, 'id' | 'madeAt'>,
  options: { start?: boolean } = {},
): Promise<Reading<Batch>> {
  const at = now()
  const checked = check(batchSchema, { ...draft, id: newId(), madeAt: at })
  if (checked.kind === 'none') return checked
  return db.transaction('rw', [db.lines, db.batches, db.events], async () => {
    if (!(await db.lines.get(draft.lineId))) return none('The line of this batch is gone.')
    await db.batches.add(checked.value)
    if (options.start)
      await db.events.add({ id: newId(), batchId: checked.value.id, seq: 1, at, deed: { type: 'start' } })
    return checked
  })
}

async function readRun(
  db: CommandContext['db'],
  batchId: string,
): Promise<{ batch: Batch; run: Run } | undefined> {
  const batch = await db.batches.get(batchId)
  return batch && { batch, run: foldRun(batch, await db.events.where('batchId').equals(batchId).toArray()) }
}

const GONE = 'This batch is gone.'

/**
 * Writes down something done at the bench, if the run as it stands now allows it. Run and decision are read in the same
 * transaction as the entry is written, so that two windows can't both finish one step. Ending and undoing have commands of their own.
 */
export async function doDeed(
  { db, now, newId }: CommandContext,
  batchId: string,
  deed: Exclude<Deed, { type: 'finish' | 'abandon' | 'undo' }>,
): Promise<Reading<RunEvent>> {
  return db.transaction('rw', [db.batches, db.events], async () => {
    const found = await readRun(db, batchId)
    return found ? write(db, decide(found.batch, found.run, deed, now(), newId())) : none(GONE)
  })
}

async function write(db: CommandContext['db'], decided: Reading<RunEvent>): Promise<Reading<RunEvent>> {
  if (decided.kind === 'none') return decided
  const event = check(runEventSchema, decided.value)
  if (event.kind === 'ok') await db.events.add(event.value)
  return event
}

/**
 * Finishes or abandons a batch: draws from stock what was really used and writes the entry, in one transaction.
 * Where the books can't cover a draw, nothing is written unless `allowUncovered` is set.
 */
export async function endBatch(
  { db, now, newId }: CommandContext,
  batchId: string,
  deed: Extract<Deed, { type: 'finish' | 'abandon' }>,
  allowUncovered: boolean,
): Promise<Reading<RunEvent> | Uncovered> {
  return db.transaction('rw', [db.batches, db.events, db.materials, db.lots, db.movements], async () => {
    const found = await readRun(db, batchId)
    if (!found) return none(GONE)
    const at = now()
    const decided = decide(found.batch, found.run, deed, at, newId())
    if (decided.kind === 'none') return decided
    const states = new Map<string, LotState[]>()
    const used: { materialId: string; name: string; quantity: number }[] = []
    for (const { materialId, quantity } of deed.used) {
      const lots = await db.lots.where('materialId').equals(materialId).toArray()
      const movements = await db.movements
        .where('lotId')
        .anyOf(lots.map(({ id }) => id))
        .toArray()
      states.set(materialId, lotsOf(materialId, lots, balancesOf(movements)))
      used.push({ materialId, quantity, name: (await db.materials.get(materialId))?.name ?? materialId })
    }
    const entries = endingEntries({
      batchId,
      at,
      used,
      lotsOf: (id) => states.get(id) ?? [],
      newId,
      allowUncovered,
    })
    if (entries.kind === 'uncovered') return entries
    const written = await write(db, decided)
    if (written.kind === 'none') return written
    await db.lots.bulkAdd([...entries.value.lots])
    await db.movements.bulkAdd([...entries.value.movements])
    return written
  })
}

/** Takes back the last thing done on a batch; where that ended it, what was drawn goes back to its lots. @param target id of the entry that the maker saw last */
export async function undoDeed(
  { db, now, newId }: CommandContext,
  batchId: string,
  target: string,
): Promise<Reading<RunEvent>> {
  return db.transaction('rw', [db.batches, db.events, db.movements], async () => {
    const found = await readRun(db, batchId)
    if (!found) return none(GONE)
    const at = now()
    const undone = found.run.history.at(-1)
    const written = await write(db, decide(found.batch, found.run, { type: 'undo', target }, at, newId()))
    if (written.kind === 'none') return written
    if (undone?.deed.type === 'finish' || undone?.deed.type === 'abandon') {
      await db.movements.bulkAdd(
        reversalEntries(batchId, await db.movements.where('batchId').equals(batchId).toArray(), at, newId),
      )
    }
    return written
  })
}
