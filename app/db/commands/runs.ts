import { foldRun, traysOf, type Batch, type Run, type Tray } from '../../../core/batches'
import type { CommandContext } from './context'

type Db = CommandContext['db']

/** A batch with its run. */
export async function readRun(db: Db, batchId: string): Promise<{ batch: Batch; run: Run } | undefined> {
  const batch = await db.batches.get(batchId)
  return batch && { batch, run: foldRun(batch, await db.events.where('batchId').equals(batchId).toArray()) }
}

/** What stands on the trays of a batch, without what entries that don't count put there. */
export async function traysOfBatch(db: Db, batchId: string): Promise<Tray[]> {
  const aside = new Set((await db.setAside.toArray()).map(({ id }) => id))
  return traysOf(await db.trayEntries.where('batchId').equals(batchId).toArray(), aside)
}

/** All trays of a line. */
export async function traysOfLine(db: Db, lineId: string): Promise<Tray[]> {
  const ids = await db.batches.where('lineId').equals(lineId).primaryKeys()
  const aside = new Set((await db.setAside.toArray()).map(({ id }) => id))
  return traysOf(await db.trayEntries.where('batchId').anyOf(ids).toArray(), aside)
}
