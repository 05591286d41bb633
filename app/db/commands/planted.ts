import {
  countOn,
  isOpen,
  plantedLine,
  SETTING_STEP,
  type Batch,
  type BatchAction,
  type Run,
  type Tray,
  type TrayEntry,
} from '../../../core/batches'
import { counted } from '../../../core/units'
import type { CommandContext } from './context'
import { readRun, traysOfLine } from './runs'

type Db = CommandContext['db']

export const LINE_GONE = 'The line of this batch is gone.'

/** Open batches that plant a line. */
export async function plantingsOf(db: Db, lineId: string): Promise<{ batch: Batch; run: Run }[]> {
  const ids = (await db.openBatches.toArray()).map(({ id }) => id)
  const runs: { batch: Batch; run: Run }[] = []
  for (const batch of await db.batches.bulkGet(ids)) {
    if (!batch || plantedLine(batch) !== lineId) continue
    const found = await readRun(db, batch.id)
    if (found && isOpen(found.run)) runs.push(found)
  }
  return runs
}

/** Why pieces can't be planned to be planted; undefined where they can, or nothing is planted. */
export async function refusesPlanting(db: Db, batch: Batch): Promise<string | undefined> {
  const lineId = plantedLine(batch)
  if (lineId === undefined) return undefined
  const line = await db.lines.get(lineId)
  if (!line || line.removed) return LINE_GONE
  if (line.amount.kind !== 'pieces') return `“${line.name}” is made where it stays: it is not planted out.`
  const { pieces } = line.amount
  const stand = countOn(await traysOfLine(db, lineId), 'planted')
  const planned = (await plantingsOf(db, lineId)).reduce((sum, { run }) => sum + run.state.live, 0)
  return stand + planned + batch.pieces > pieces
    ? `“${line.name}”: read ${batch.pieces} to be planted; ${pieces} are wanted, ${stand} stand, ${planned} are planned already.`
    : undefined
}

/** Pieces that a batch has set, which are on their trays until it is finished. */
export const setSoFar = ({ batch, run }: { batch: Batch; run: Run }): number =>
  Math.min(
    run.state.live,
    run.state.reached[batch.plan.steps.findIndex(({ id }) => id === SETTING_STEP)] ?? 0,
  )

/** Why pieces can't be set: more of them than wait on trays. */
export async function refusesSetting(
  db: Db,
  { batch, run }: { batch: Batch; run: Run },
  deed: BatchAction,
): Promise<string | undefined> {
  const lineId = plantedLine(batch)
  const { state } = run
  if (lineId === undefined || deed.type !== 'pieces') return undefined
  if (batch.plan.steps[state.stepIndex]?.id !== SETTING_STEP) return undefined
  const waiting = countOn(await traysOfLine(db, lineId), 'to be planted')
  const others = (await plantingsOf(db, lineId)).filter((other) => other.batch.id !== batch.id)
  const set = [{ batch, run }, ...others].reduce((sum, own) => sum + setSoFar(own), deed.count)
  return set > waiting
    ? `Only ${counted(waiting, 'piece')} ${waiting === 1 ? 'is' : 'are'} on trays to be planted; ${set} would be set. Finish the batch that makes them, or reject what is not there.`
    : undefined
}

/** What an entry of a run has planted. */
export async function setBy(db: Db, lineId: string, eventId: string): Promise<TrayEntry[]> {
  const batches = await db.batches.where('lineId').equals(lineId).toArray()
  const entries = await db.trayEntries
    .where('batchId')
    .anyOf(batches.map(({ id }) => id))
    .toArray()
  return entries.filter((entry) => entry.eventId === eventId)
}

/** Whether all that entries put somewhere is still there. */
export const stillStand = (trays: readonly Tray[], entries: readonly TrayEntry[]): boolean =>
  entries.every(({ batchId, tray, to }) => {
    const put = entries.filter((own) => own.batchId === batchId && own.tray === tray && own.to === to)
    const there = trays.find((own) => own.batchId === batchId && own.name === tray)
    return to === undefined || (there?.counts[to] ?? 0) >= put.reduce((sum, { count }) => sum + count, 0)
  })
