import type { Batch } from '../../../core/batches'
import { catalogueRow, materialSchema, type Lot } from '../../../core/stock'
import { ok, type Reading } from '../../../core/units'
import { planBatch, tablesOfPlanning } from './bench'
import { check, type CommandContext } from './context'
import { refusedWhole, wanted } from './refused'
import { receiveLot } from './stock'
import { movePieces } from './trays'

/** Pieces that are there, as they are entered: how many, of which row of the list, where they were found. */
export interface Found {
  readonly materialId: string
  readonly count: number
  readonly label: string
  readonly date: string
}

/** Takes in pieces that are there and plans the batch that uses or refreshes them, in one transaction. */
export async function takeExisting(
  context: CommandContext,
  { materialId, count, label, date }: Found,
  draft: Omit<Batch, 'id' | 'madeAt'>,
): Promise<Reading<{ readonly lot: Lot; readonly batch: Batch }>> {
  const { db, now } = context
  const touched = [...tablesOfPlanning(db), db.materials, db.lots, db.movements, db.balances]
  return db
    .transaction('rw', touched, async () => {
      const known = await db.materials.get(materialId)
      // A list that it was taken out of has it again.
      if (!known || known.removed)
        await db.materials.put(
          wanted(check(materialSchema, { ...catalogueRow(materialId), changedAt: now() })),
        )
      const lot = wanted(
        await receiveLot(context, {
          materialId,
          label,
          source: 'reclaimed',
          date,
          quantity: count,
          priceMinor: 0,
        }),
      )
      return ok({ lot, batch: wanted(await planBatch(context, draft)) })
    })
    .catch(refusedWhole)
}

/** Moves spare pieces of another line on to one that is short, which looks them over in a batch of its own. */
export async function takeSpares(
  context: CommandContext,
  from: { readonly batchId: string; readonly tray: string; readonly count: number; readonly note: string },
  draft: Omit<Batch, 'id' | 'madeAt'>,
): Promise<Reading<Batch>> {
  const { db } = context
  return db
    .transaction('rw', tablesOfPlanning(db), async () => {
      wanted(await movePieces(context, { ...from, from: 'to be planted', to: 'moved on' }))
      return ok(wanted(await planBatch(context, draft)))
    })
    .catch(refusedWhole)
}
