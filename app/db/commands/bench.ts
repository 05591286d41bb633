import {
  batchSchema,
  decide,
  endingEntries,
  reversalEntries,
  runEventSchema,
  trayStates,
  plantedLine,
  plantedMoves,
  standsWhenDone,
  type Batch,
  type BatchAction,
  type Run,
  type RunEvent,
  type Uncovered,
} from '../../../core/batches'
import { lotsOf, materialSchema, type LotState } from '../../../core/stock'
import { registerId, ruinedIn } from '../../../core/tools'
import { none, type Reading } from '../../../core/units'
import { withChange } from '../../../core/workshop'
import { bookMovements } from '../derived'
import { check, type CommandContext } from './context'
import { LINE_GONE, refusesPlanting, refusesSetting, setBy, setSoFar, stillStand } from './planted'
import { readRun, traysOfBatch, traysOfLine } from './runs'

/** What planning a batch reads and writes. */
export const tablesOfPlanning = (db: CommandContext['db']) => [
  ...[db.lines, db.batches, db.events],
  ...[db.openBatches, db.trayEntries, db.setAside],
]

/** Plans a batch: its materials are promised from now on. Started at once where asked. */
export async function planBatch(
  { db, now, newId }: CommandContext,
  draft: Omit<Batch, 'id' | 'madeAt'>,
  options: { start?: boolean } = {},
): Promise<Reading<Batch>> {
  const at = now()
  const checked = check(batchSchema, { ...draft, id: newId(), madeAt: at })
  if (checked.kind === 'none') return checked
  return db.transaction('rw', tablesOfPlanning(db), async () => {
    if (draft.lineId !== undefined && !(await db.lines.get(draft.lineId))) return none(LINE_GONE)
    const refused = await refusesPlanting(db, checked.value)
    if (refused !== undefined) return none(refused)
    const batch = checked.value
    await db.batches.add(batch)
    await db.openBatches.add({ id: batch.id })
    if (options.start) await db.events.add({ id: newId(), batchId: batch.id, at, deed: { type: 'start' } })
    return checked
  })
}

const GONE = 'This batch is gone.'

/**
 * Writes down something done at the bench, if the run as it stands now allows it. Run and decision are read
 * in the same transaction as the entry is written, so that two windows can't both finish one step. Ending and
 * undoing have commands of their own.
 */
export async function doDeed(
  { db, now, newId }: CommandContext,
  batchId: string,
  deed: Exclude<BatchAction, { type: 'finish' | 'abandon' | 'undo' }>,
): Promise<Reading<RunEvent>> {
  const touched = [db.batches, db.events, db.openBatches, db.trayEntries, db.setAside]
  return db.transaction('rw', touched, async () => {
    const found = await readRun(db, batchId)
    if (!found) return none(GONE)
    const refused = await refusesSetting(db, found, deed)
    return refused === undefined
      ? write(db, decide(found.batch, found.run, deed, now(), newId()))
      : none(refused)
  })
}

async function write(db: CommandContext['db'], decided: Reading<RunEvent>): Promise<Reading<RunEvent>> {
  if (decided.kind === 'none') return decided
  const event = check(runEventSchema, decided.value)
  if (event.kind === 'ok') await db.events.add(event.value)
  return event
}

/** The lots of a material with what the stored balances say of them, oldest first. */
async function lotStates(db: CommandContext['db'], materialId: string): Promise<LotState[]> {
  const lots = await db.lots.where('materialId').equals(materialId).toArray()
  const balances = await db.balances.bulkGet(lots.map(({ id }) => id))
  return lotsOf(materialId, lots, new Map(balances.flatMap((row) => (row ? [[row.id, row]] : []))))
}

/** What the end of a batch is written to. */
export const tablesOfEnding = (db: CommandContext['db']) => [
  ...[db.batches, db.events, db.materials, db.lots, db.movements, db.harvests, db.tools],
  ...[db.trayEntries, db.balances, db.openBatches, db.setAside],
]

/**
 * Finishes or abandons a batch: draws from stock what was really used, puts what came out into stock and onto
 * its tray, and writes the entry, in one transaction. Where the books can't cover a draw, nothing is written
 * unless `allowUncovered` is set.
 */
export async function endBatch(
  context: CommandContext,
  batchId: string,
  deed: Extract<BatchAction, { type: 'finish' | 'abandon' }>,
  allowUncovered: boolean,
): Promise<Reading<RunEvent> | Uncovered> {
  const { db, now, newId } = context
  return db.transaction('rw', tablesOfEnding(db), async () => {
    const found = await readRun(db, batchId)
    if (!found) return none(GONE)
    const at = now()
    const decided = decide(found.batch, found.run, deed, at, newId())
    if (decided.kind === 'none') return decided
    const states = new Map<string, LotState[]>()
    const used: { materialId: string; name: string; quantity: number }[] = []
    for (const { materialId, quantity } of deed.used) {
      states.set(materialId, await lotStates(db, materialId))
      used.push({ materialId, quantity, name: (await db.materials.get(materialId))?.name ?? materialId })
    }
    const harvest = await harvestOf(db, batchId)
    const entries = endingEntries({
      batch: found.batch,
      eventId: decided.value.id,
      at,
      used,
      kept: deed.kept ?? [],
      lotsOf: (id) => states.get(id) ?? [],
      newId,
      ...(harvest ? { harvest } : {}),
      allowUncovered,
    })
    if (entries.kind === 'uncovered') return entries
    const written = await write(db, decided)
    if (written.kind === 'none') return written
    for (const { materialId, material } of entries.value.yields) {
      if (await db.materials.get(materialId)) continue
      const made = check(materialSchema, { ...material, id: materialId, changedAt: at })
      if (made.kind === 'ok') await db.materials.add(made.value)
    }
    await db.lots.bulkAdd([...entries.value.lots])
    await bookMovements((name) => db.table(name), entries.value.movements)
    const { live } = found.run.state
    const plants = plantedLine(found.batch)
    if (plants !== undefined) {
      // What was set before it was given up stands.
      const set = deed.type === 'finish' ? live : setSoFar(found)
      const moves = plantedMoves(await traysOfLine(db, plants), set, found.batch.pieces - live)
      await db.trayEntries.bulkAdd(
        moves.map((move) => ({ ...move, id: newId(), at, eventId: written.value.id })),
      )
    } else if (deed.type === 'finish' && live > 0 && found.batch.makes.kind !== 'stock')
      await db.trayEntries.add({
        id: newId(),
        at,
        batchId,
        tray: deed.tray,
        count: live,
        to: standsWhenDone(found.batch) ? 'planted' : 'to be planted',
        eventId: written.value.id,
      })
    await wearTools(context, found.batch, found.run, 1)
    await db.openBatches.delete(batchId)
    return written
  })
}

/**
 * Writes off the tools that the work of a run has ruined, or takes that back. What nothing is said of is not counted.
 */
async function wearTools(
  { db, now }: CommandContext,
  batch: Batch,
  { state }: Run,
  sign: 1 | -1,
): Promise<void> {
  const begun = batch.plan.steps.filter((_, i) => (state.reached[i] ?? 0) > 0)
  for (const [what, count] of ruinedIn(begun)) {
    const record = await db.tools.get(registerId(what))
    if (!record || record.removed) continue
    const worn = Math.max(0, Math.min(record.have, record.worn + sign * count))
    await db.tools.put(withChange(record, { worn }, now()))
  }
}

/** The harvest that a batch brings in. */
const harvestOf = (db: CommandContext['db'], batchId: string) =>
  db.harvests.filter((harvest) => harvest.batchId === batchId && !harvest.removed).first()

/**
 * Takes back the last thing done on a batch; where that ended it, what was drawn goes back to its lots, and
 * what came out of it is taken out again. Refused where pieces of it have gone on from their tray meanwhile.
 * @param target id of the entry that the maker saw last
 */
export async function undoDeed(
  context: CommandContext,
  batchId: string,
  target: string,
): Promise<Reading<RunEvent>> {
  const { db, now, newId } = context
  const touched = [db.batches, db.events, db.movements, db.trayEntries, db.balances, db.openBatches, db.tools]
  return db.transaction('rw', [...touched, db.setAside], async () => {
    const found = await readRun(db, batchId)
    if (!found) return none(GONE)
    const at = now()
    const undone = found.run.history.at(-1)
    const decided = decide(found.batch, found.run, { type: 'undo', target }, at, newId())
    if (decided.kind === 'none' || (undone?.deed.type !== 'finish' && undone?.deed.type !== 'abandon'))
      return write(db, decided)
    const plants = plantedLine(found.batch)
    const set = plants === undefined ? [] : await setBy(db, plants, target)
    const trays = await traysOfBatch(db, batchId)
    // They go back from where the finish put them: what an earlier version set on a tray is there.
    const put = await db.trayEntries
      .where('batchId')
      .equals(batchId)
      .filter((entry) => entry.eventId === target)
      .first()
    const stands = put?.to ?? (standsWhenDone(found.batch) ? 'planted' : 'to be planted')
    const gone = trays.find(({ counts }) => trayStates.some((state) => state !== stands && counts[state] > 0))
    if (gone) return none(`Pieces of this batch have left the tray “${gone.name}”. Put them back first.`)
    if (plants !== undefined && !stillStand(await traysOfLine(db, plants), set))
      return none('Some of what was planted has been moved on since. Put it back first.')
    const written = await write(db, decided)
    if (written.kind === 'none') return written
    const own = await db.movements.where('batchId').equals(batchId).toArray()
    const lots = [...new Set(own.map(({ lotId }) => lotId))]
    const all = await db.movements.where('lotId').anyOf(lots).toArray()
    await bookMovements(
      (name) => db.table(name),
      reversalEntries({ id: target, batchId }, all, at, written.value.id, newId),
    )
    for (const { name, counts } of trays)
      if (counts[stands] > 0)
        await db.trayEntries.add({
          id: newId(),
          at,
          batchId,
          tray: name,
          count: counts[stands],
          from: stands,
          eventId: written.value.id,
        })
    await db.trayEntries.bulkAdd(
      set.map(({ batchId: from, tray, count, from: was, to }) => ({
        ...{ id: newId(), at, batchId: from, tray, count, eventId: written.value.id },
        ...(to === undefined ? {} : { from: to }),
        ...(was === undefined ? {} : { to: was }),
      })),
    )
    await wearTools(context, found.batch, found.run, -1)
    await db.openBatches.put({ id: batchId })
    return written
  })
}
