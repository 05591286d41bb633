import 'fake-indexeddb/auto'
import { movePieces } from '../../../app/db/commands/trays'
import { takeExisting, takeSpares } from '../../../app/db/commands/existing'
import { traysOf } from '../../../core/batches'
import { bench, value, withBatch } from '../../support/commands'
import { batch, minutesAfter } from '../../support/workshop'

const { id: _id, madeAt: _madeAt, ...plain } = batch()
const found = { materialId: 'old-pieces-medium', count: 9, label: 'old layout', date: '2026-10-04' }

describe('pieces that are there', () => {
  test('are a lot that cost nothing, and a batch for their line, in one go', async () => {
    const context = await bench()
    const { lineId } = await withBatch(context)
    const { lot, batch: made } = value(
      await takeExisting(context, found, {
        ...plain,
        lineId: lineId!,
        name: 'Hawthorn, refreshed',
        methodId: 'refreshed',
      }),
    )
    expect(lot).toMatchObject({ source: 'reclaimed', priceMinor: 0, label: 'old layout' })
    expect((await context.db.balances.get(lot.id))?.onHand).toBe(9)
    expect(await context.db.batches.get(made.id)).toMatchObject({ methodId: 'refreshed', lineId })
  })

  test('come under their row of the list again where that was taken away', async () => {
    const context = await bench()
    const { lineId } = await withBatch(context)
    const row = await context.db.materials.get(found.materialId)
    await context.db.materials.put({ ...row!, removed: true })
    value(await takeExisting(context, found, { ...plain, lineId: lineId! }))
    expect((await context.db.materials.get(found.materialId))?.removed).toBeUndefined()
  })

  test('nothing is taken in where the batch can’t be planned', async () => {
    const context = await bench()
    await withBatch(context)
    const lots = await context.db.lots.count()
    expect(await takeExisting(context, found, { ...plain, lineId: 'gone' })).toMatchObject({ kind: 'none' })
    expect(await takeExisting(context, { ...found, count: 0 }, plain)).toMatchObject({ kind: 'none' })
    expect(await context.db.lots.count()).toBe(lots)
  })

  test('spares leave their tray for the line that is short, all of them or none', async () => {
    const context = await bench()
    const one = await withBatch(context)
    const onTray = { id: 't', at: minutesAfter(1), batchId: one.id, tray: 'Lid', count: 5 }
    await context.db.trayEntries.add({ ...onTray, to: 'to be planted' })
    const from = { batchId: one.id, tray: 'Lid', count: 3, note: 'for the lane' }
    const draft = { ...plain, lineId: one.lineId!, name: 'Spared' }
    value(await takeSpares(context, from, draft))
    const counts = async () => traysOf(await context.db.trayEntries.toArray())[0]!.counts
    expect(await counts()).toMatchObject({ 'to be planted': 2, 'moved on': 3 })
    expect(await takeSpares(context, from, draft)).toMatchObject({ kind: 'none' })
    expect(await takeSpares(context, { ...from, count: 1 }, { ...draft, lineId: 'gone' })).toMatchObject({
      kind: 'none',
    })
    expect(await counts()).toMatchObject({ 'to be planted': 2, 'moved on': 3 })
    value(
      await movePieces(context, {
        batchId: one.id,
        tray: 'Lid',
        count: 3,
        from: 'moved on',
        to: 'to be planted',
      }),
    )
  })
})
