import { decideMove, movesOf, trayEntrySchema, type TrayEntry, type TrayState } from '../../../core/batches'
import { none, ok, type Reading } from '../../../core/units'
import { check, type CommandContext } from './context'
import { plantingsOf } from './planted'
import { traysOfBatch, traysOfLine } from './runs'

/** Moves finished pieces on: planted, sold, given back, spoilt; or back again. */
export async function movePieces(
  { db, now, newId }: CommandContext,
  move: { batchId: string; tray: string; count: number; from: TrayState; to: TrayState; note?: string },
): Promise<Reading<TrayEntry>> {
  return db.transaction('rw', [db.trayEntries, db.setAside], async () => {
    const tray = (await traysOfBatch(db, move.batchId)).find(({ name }) => name === move.tray)
    const decided = decideMove(tray, move.count, move.from, move.to)
    if (decided.kind === 'none') return decided
    const entry = check(trayEntrySchema, { ...move, id: newId(), at: now() })
    if (entry.kind === 'ok') await db.trayEntries.add(entry.value)
    return entry
  })
}

/**
 * Plants so many pieces of a line out of its trays, the fullest tray first, or puts them back: all of them, or
 * none.
 */
export async function plantOut(
  { db, now, newId }: CommandContext,
  lineId: string,
  count: number,
  back = false,
): Promise<Reading<TrayEntry[]>> {
  const from: TrayState = back ? 'planted' : 'to be planted'
  const to: TrayState = back ? 'to be planted' : 'planted'
  const touched = [db.batches, db.events, db.openBatches, db.trayEntries, db.setAside]
  return db.transaction('rw', touched, async () => {
    const [running] = await plantingsOf(db, lineId)
    if (running)
      return none(
        `“${running.batch.name}” counts them: plant them at the Bench, or abandon that batch first.`,
      )
    const { moves, lacking } = movesOf(await traysOfLine(db, lineId), count, from, to)
    if (lacking > 0)
      return none(`Planted: read ${count}; only ${count - lacking} of this line are “${from}”.`)
    const entries: TrayEntry[] = []
    for (const move of moves) {
      const entry = check(trayEntrySchema, { ...move, id: newId(), at: now() })
      if (entry.kind === 'none') return entry
      entries.push(entry.value)
    }
    await db.trayEntries.bulkAdd(entries)
    return ok(entries)
  })
}
