import {
  batchSchema,
  decide,
  decideMove,
  endingEntries,
  foldRun,
  reversalEntries,
  runEventSchema,
  trayEntrySchema,
  traysOf,
  trayStates,
  isMadeInPlace,
  type Batch,
  type BatchAction,
  type Run,
  type RunEvent,
  type Tray,
  type TrayEntry,
  type TrayState,
  type Uncovered,
} from '../../../core/batches'
import { lotsOf, materialSchema, type LotState } from '../../../core/stock'
import { registerId, ruinedIn } from '../../../core/tools'
import { none, ok, type Reading } from '../../../core/units'
import { withChange } from '../../../core/workshop'
import { bookMovements } from '../derived'
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
  return db.transaction('rw', [db.lines, db.batches, db.events, db.openBatches], async () => {
    if (draft.lineId !== undefined && !(await db.lines.get(draft.lineId)))
      return none('The line of this batch is gone.')
    const batch = checked.value
    await db.batches.add(batch)
    await db.openBatches.add({ id: batch.id })
    if (options.start) await db.events.add({ id: newId(), batchId: batch.id, at, deed: { type: 'start' } })
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
 * Writes down something done at the bench, if the run as it stands now allows it. Run and decision are read
 * in the same transaction as the entry is written, so that two windows can't both finish one step. Ending and
 * undoing have commands of their own.
 */
export async function doDeed(
  { db, now, newId }: CommandContext,
  batchId: string,
  deed: Exclude<BatchAction, { type: 'finish' | 'abandon' | 'undo' }>,
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

/** The lots of a material with what the stored balances say of them, oldest first. */
async function lotStates(db: CommandContext['db'], materialId: string): Promise<LotState[]> {
  const lots = await db.lots.where('materialId').equals(materialId).toArray()
  const balances = await db.balances.bulkGet(lots.map(({ id }) => id))
  return lotsOf(materialId, lots, new Map(balances.flatMap((row) => (row ? [[row.id, row]] : []))))
}

/** What the end of a batch is written to. */
export const tablesOfEnding = (db: CommandContext['db']) => [
  ...[db.batches, db.events, db.materials, db.lots, db.movements, db.harvests, db.tools],
  ...[db.trayEntries, db.balances, db.openBatches],
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
    if (deed.type === 'finish' && live > 0 && found.batch.makes.kind !== 'stock')
      await db.trayEntries.add({
        id: newId(),
        at,
        batchId,
        tray: deed.tray,
        count: live,
        to: isMadeInPlace(found.batch) ? 'planted' : 'to be planted',
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
    const trays = await traysOfBatch(db, batchId)
    // What is made in its place is planted by being finished: it goes back from there.
    const stands = isMadeInPlace(found.batch) ? 'planted' : 'to be planted'
    const gone = trays.find(({ counts }) => trayStates.some((state) => state !== stands && counts[state] > 0))
    if (gone) return none(`Pieces of this batch have left the tray “${gone.name}”. Put them back first.`)
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
    await wearTools(context, found.batch, found.run, -1)
    await db.openBatches.put({ id: batchId })
    return written
  })
}

/** What stands on the trays of a batch, without what entries that don't count put there. */
async function traysOfBatch(db: CommandContext['db'], batchId: string): Promise<Tray[]> {
  const aside = new Set((await db.setAside.toArray()).map(({ id }) => id))
  return traysOf(await db.trayEntries.where('batchId').equals(batchId).toArray(), aside)
}

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
  return db.transaction('rw', [db.batches, db.trayEntries, db.setAside], async () => {
    const batches = await db.batches.where('lineId').equals(lineId).toArray()
    const trays = (await Promise.all(batches.map(({ id }) => traysOfBatch(db, id)))).flat()
    const entries: TrayEntry[] = []
    let left = count
    for (const tray of trays.sort((a, b) => b.counts[from] - a.counts[from])) {
      const own = Math.min(left, Math.max(0, tray.counts[from]))
      if (own <= 0) continue
      const move = { batchId: tray.batchId, tray: tray.name, count: own, from, to }
      const entry = check(trayEntrySchema, { ...move, id: newId(), at: now() })
      if (entry.kind === 'none') return entry
      entries.push(entry.value)
      left -= own
    }
    if (left > 0) return none(`Planted: read ${count}; only ${count - left} of this line are “${from}”.`)
    await db.trayEntries.bulkAdd(entries)
    return ok(entries)
  })
}
