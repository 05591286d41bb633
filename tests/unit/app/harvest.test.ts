import 'fake-indexeddb/auto'
import { planFrom } from '../../../core/batches'
import { gatherMethodFor } from '../../../core/methods'
import { makeUp } from '../../../core/makeup'
import type { CommandContext } from '../../../app/db/commands/context'
import { doDeed, endBatch, undoDeed } from '../../../app/db/commands/bench'
import { beginHarvest, removeHarvest, saveHarvest } from '../../../app/db/commands/harvest'
import { receiveLot } from '../../../app/db/commands/stock'
import { bench, value } from '../../support/commands'

const meant = {
  gather: 'flower-heads',
  materialId: 'flower-heads',
  quantity: 150,
  from: '2026-10-25',
  to: '2026-12-15',
  place: 'the lane behind the mill',
  permission: 'given' as const,
}
const plan = (leave = 'given') =>
  planFrom(
    makeUp({
      job: { kind: 'stock', materialId: 'flower-heads', quantity: 150, unit: 'piece' },
      method: gatherMethodFor('flower-heads', 'gather')!,
      choices: { leave },
      states: [],
      dryingFactor: 1,
    }),
    undefined,
    'Flower heads 1',
  )
const finish = (kept: number) => ({
  type: 'finish' as const,
  tray: 'none',
  date: '2026-11-20',
  handsMin: 90,
  used: [],
  kept: [{ materialId: 'flower-heads', quantity: kept }],
})

async function throughSteps(context: CommandContext, batchId: string): Promise<void> {
  const steps = plan().plan.steps.length
  for (let step = 0; step < steps; step += 1) {
    await doDeed(context, batchId, { type: 'pieces', step, count: 1 })
    await doDeed(context, batchId, { type: 'advance', step, early: true })
  }
}
async function begun(context: CommandContext) {
  const harvest = value(await saveHarvest(context, meant))
  const batch = value(await beginHarvest(context, harvest.id, plan()))
  return { harvest, batch }
}
const lotsOf = (context: CommandContext) =>
  context.db.lots.filter(({ materialId }) => materialId === 'flower-heads').toArray()

describe('a harvest', () => {
  test('is brought in as a lot that says whence, at no price', async () => {
    const context = await bench()
    const { harvest, batch } = await begun(context)
    expect((await context.db.harvests.get(harvest.id))?.batchId).toBe(batch.id)
    await throughSteps(context, batch.id)
    expect(await endBatch(context, batch.id, finish(128), false)).toMatchObject({ kind: 'ok' })
    const [lot] = await lotsOf(context)
    expect(lot).toMatchObject({
      source: 'harvested',
      harvestId: harvest.id,
      place: 'the lane behind the mill',
      priceMinor: 0,
    })
    expect((await context.db.balances.get(lot!.id))?.onHand).toBe(128)
  })

  test('is not begun twice, nor once it has been brought in; after an undo it can be begun again', async () => {
    const context = await bench()
    const { harvest, batch } = await begun(context)
    expect(await beginHarvest(context, harvest.id, plan())).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('under way') as string,
    })
    await throughSteps(context, batch.id)
    await endBatch(context, batch.id, finish(128), false)
    expect(await beginHarvest(context, harvest.id, plan())).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('brought in') as string,
    })
    const events = await context.db.events.where('batchId').equals(batch.id).toArray()
    const last = events.find(({ deed }) => deed.type === 'finish')!
    expect(await undoDeed(context, batch.id, last.id)).toMatchObject({ kind: 'ok' })
    const [lot] = await lotsOf(context)
    expect((await context.db.balances.get(lot!.id))?.onHand).toBe(0)
    await endBatch(
      context,
      batch.id,
      { type: 'abandon', reason: 'mould', handsMin: 1, used: [], kept: [] },
      false,
    )
    expect(await beginHarvest(context, harvest.id, plan())).toMatchObject({ kind: 'ok' })
  })

  test('that is taken out brings nothing in, and what was taken in at the shelf counts for it', async () => {
    const context = await bench()
    const harvest = value(await saveHarvest(context, meant))
    await receiveLot(context, {
      materialId: 'flower-heads',
      source: 'harvested',
      harvestId: harvest.id,
      label: 'In passing',
      date: '2026-11-02',
      quantity: 90,
    })
    expect(await beginHarvest(context, harvest.id, plan())).toMatchObject({ kind: 'none' })
    await removeHarvest(context, harvest.id)
    expect(await beginHarvest(context, harvest.id, plan())).toMatchObject({
      because: 'This harvest is gone.',
    })
  })

  test('a wrong order of days, or a material that is gone, is refused and nothing is written', async () => {
    const context = await bench()
    expect(await saveHarvest(context, { ...meant, to: '2026-10-01' })).toMatchObject({
      because: expect.stringContaining('to') as string,
    })
    expect(await saveHarvest(context, { ...meant, materialId: 'nothing' })).toMatchObject({
      because: 'The material is gone.',
    })
    expect(await context.db.harvests.count()).toBe(0)
  })
})
