import type { Batch } from '../../../core/batches'
import { harvestSchema, type Harvest } from '../../../core/harvest'
import { none, ok, type Reading } from '../../../core/units'
import { withChange } from '../../../core/workshop'
import { planBatch, tablesOfPlanning } from './bench'
import { derivedId } from '../ids'
import { undoable } from '../taken-away'
import { check, type CommandContext } from './context'
import { cameOf } from './stock'
import { changeRecord, saveRecord, type Change, type Draft } from './records'

const GONE = 'This harvest is gone.'

/** Writes a harvest that is meant to be, or changes one. */
export async function saveHarvest(
  { db, now, newId }: CommandContext,
  draft: Draft<Harvest>,
): Promise<Reading<Harvest>> {
  return db.transaction('rw', [db.harvests, db.materials], async () => {
    if (!(await db.materials.get(draft.materialId))) return none('The material is gone.')
    return saveRecord<Harvest>(db, db.harvests, harvestSchema, draft, now(), newId)
  })
}

export const changeHarvest = (
  { db, now }: CommandContext,
  id: string,
  change: Change<Harvest>,
): Promise<Reading<Harvest>> => changeRecord<Harvest>(db, db.harvests, harvestSchema, id, change, now(), GONE)

/** Takes a harvest out of what is meant to be. What it has brought stays on the shelf. */
export const removeHarvest = undoable(
  ['harvests'],
  [],
  () => 'a planned harvest',
  (context: CommandContext, id: string): Promise<Reading<Harvest>> =>
    changeHarvest(context, id, { removed: true }),
)

/**
 * Goes gathering: a batch is begun that brings the harvest in. Refused while one is under way, and once it has been
 * brought in; one that was abandoned leaves the harvest to be begun again.
 */
export async function beginHarvest(
  context: CommandContext,
  id: string,
  draft: Omit<Batch, 'id' | 'madeAt'>,
): Promise<Reading<Batch>> {
  const { db, now } = context
  const touched = [db.harvests, db.lots, db.balances, ...tablesOfPlanning(db)]
  return db.transaction('rw', touched, async () => {
    const harvest = await db.harvests.get(id)
    if (!harvest || harvest.removed) return none(GONE)
    if (harvest.batchId !== undefined && (await db.openBatches.get(harvest.batchId)))
      return none('This harvest is under way already: its batch stands at the Bench.')
    if ((await cameOf(db, id)).received > 0) return none('This harvest has been brought in already.')
    // Begun by two copies it is one batch: its id follows from the harvest, and from how often it was begun before.
    const begunBefore = await db.batches
      .where('id')
      .startsWith(derivedId('harvest-batch', id, ''))
      .count()
    const batchId = derivedId('harvest-batch', id, begunBefore)
    const once = [batchId]
    const batch = await planBatch({ ...context, newId: () => once.pop() ?? context.newId() }, draft, {
      start: true,
    })
    if (batch.kind === 'none') return batch
    const begun = check(harvestSchema, withChange(harvest, { batchId: batch.value.id }, now()))
    if (begun.kind === 'none') return begun
    await db.harvests.put(begun.value)
    return ok(batch.value)
  })
}
