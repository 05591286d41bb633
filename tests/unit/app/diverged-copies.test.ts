import 'fake-indexeddb/auto'
import { foldRun, goodOnTrays, progressOf, traysOf } from '../../../core/batches'
import { balancesOf } from '../../../core/stock'
import { canonical, type WorkshopDocument } from '../../../core/workshop'
import { doDeed, endBatch, planBatch, undoDeed } from '../../../app/db/commands/bench'
import {
  changeLine,
  changeSettings,
  removeLine,
  saveCommission,
  saveLine,
} from '../../../app/db/commands/brief'
import type { CommandContext } from '../../../app/db/commands/context'
import {
  ensureWorkshop,
  mergeIntoWorkshop,
  readWorkshop,
  replaceWorkshop,
} from '../../../app/db/commands/data'
import { countLot, receiveLot } from '../../../app/db/commands/stock'
import { WorkshopDb } from '../../../app/db/database'
import { batch, commission, ids, line, minutesAfter, pieces } from '../../support/workshop'

/**
 * One workshop on two machines: the laptop upstairs and the tablet at the bench. Each has its own clock and
 * makes its own ids.
 */
let serial = 0
async function twoCopies(): Promise<{
  laptop: CommandContext
  tablet: CommandContext
  lotId: string
  batchId: string
}> {
  serial += 1
  const machine = (name: string, startMin: number): CommandContext => {
    let minute = startMin
    return {
      db: new WorkshopDb(`${name}${serial}`),
      now: () => minutesAfter((minute += 1)),
      newId: ids(`${name}-`),
    }
  }
  const laptop = machine('laptop', 0)
  await ensureWorkshop(laptop)
  await saveCommission(laptop, commission())
  await saveLine(laptop, line())
  const lot = await receiveLot(laptop, {
    materialId: 'sprigs',
    source: 'bought',
    label: 'box',
    date: '2026-09-01',
    quantity: 35,
    priceMinor: 1900,
  })
  const { id: _id, madeAt: _madeAt, ...draft } = batch()
  const planned = await planBatch(laptop, draft, { start: true })
  if (lot.kind === 'none' || planned.kind === 'none') throw new Error('the copies could not be set up')
  const tablet = machine('tablet', 100)
  await replaceWorkshop(tablet, await readWorkshop(laptop))
  return { laptop, tablet, lotId: lot.value.id, batchId: planned.value.id }
}
async function exchange(laptop: CommandContext, tablet: CommandContext): Promise<WorkshopDocument> {
  const [fromLaptop, fromTablet] = [await readWorkshop(laptop), await readWorkshop(tablet)]
  await mergeIntoWorkshop(laptop, fromTablet)
  await mergeIntoWorkshop(tablet, fromLaptop)
  const [left, right] = [await readWorkshop(laptop), await readWorkshop(tablet)]
  expect(canonical({ ...left, savedAt: '' })).toBe(canonical({ ...right, savedAt: '' }))
  return left
}

describe('two copies that went their own ways', () => {
  test('hold the same after each has taken in the other, and nothing is lost', async () => {
    const { laptop, tablet, lotId } = await twoCopies()
    await saveLine(laptop, { ...line({ id: 'l2', name: 'Birch', speciesId: 'silver-birch' }) })
    await receiveLot(laptop, {
      materialId: 'pva',
      source: 'bought',
      label: 'tub',
      date: '2026-10-02',
      quantity: 1000,
    })
    await countLot(tablet, lotId, 30)
    const merged = await exchange(laptop, tablet)
    expect(merged.lines.map(({ id }) => id)).toEqual(['l1', 'l2'])
    expect(merged.lots).toHaveLength(2)
    expect(balancesOf(merged.movements).get(lotId)?.onHand).toBe(30)
  })

  test('of one record that both changed, each field keeps its later change on both', async () => {
    const { laptop, tablet } = await twoCopies()
    await changeLine(laptop, 'l1', { amount: pieces(20), zone: 'back' })
    await changeLine(tablet, 'l1', { amount: pieces(30) })
    await changeSettings(tablet, { name: 'At the bench' })
    const merged = await exchange(laptop, tablet)
    expect(merged.lines[0]).toMatchObject({ amount: pieces(30), zone: 'back' })
    expect(merged.settings.name).toBe('At the bench')
  })

  test('a line that one removed stays removed, unless the other changed it later', async () => {
    const { laptop, tablet, batchId } = await twoCopies()
    await endBatch(laptop, batchId, { type: 'abandon', reason: 'x', handsMin: 0, used: [] }, false)
    await removeLine(laptop, 'l1')
    expect((await exchange(laptop, tablet)).lines[0]?.removed).toBe(true)
  })

  test('a batch that only one went on with goes on on both', async () => {
    const { laptop, tablet, batchId } = await twoCopies()
    await doDeed(tablet, batchId, { type: 'pieces', step: 0, count: 5 })
    const merged = await exchange(laptop, tablet)
    expect(foldRun(merged.batches[0]!, merged.events).state).toMatchObject({ stepIndex: 1, doneInStep: 0 })
  })

  test('a batch that both finished counts its pieces and draws its stock once; the other’s entries are set aside and shown', async () => {
    const { laptop, tablet, batchId, lotId } = await twoCopies()
    for (const machine of [laptop, tablet]) {
      await doDeed(machine, batchId, { type: 'pieces', step: 0, count: 5 })
      await doDeed(machine, batchId, { type: 'pieces', step: 1, count: 5 })
      await doDeed(machine, batchId, { type: 'advance', step: 1, early: true })
      await doDeed(machine, batchId, { type: 'pieces', step: 2, count: 5 })
      expect(
        await endBatch(
          machine,
          batchId,
          {
            type: 'finish',
            tray: 'T1',
            date: '2026-10-04',
            handsMin: 5,
            used: [{ materialId: 'sprigs', quantity: 5 }],
          },
          false,
        ),
      ).toMatchObject({ kind: 'ok' })
    }
    const merged = await exchange(laptop, tablet)
    const run = foldRun(merged.batches[0]!, merged.events)
    expect(run.state).toMatchObject({ phase: 'finished', live: 5 })
    expect(run.setAside).toHaveLength(5)
    const aside = new Set(run.setAside.map(({ id }) => id))
    const good = goodOnTrays(traysOf(merged.trayEntries, aside))
    expect(progressOf(pieces(12), merged.batches, new Map(), good)).toMatchObject({ good: 5, left: 7 })
    expect(balancesOf(merged.movements, aside).get(lotId)?.onHand).toBe(30)
    // What is kept beside the records says the same on both machines.
    for (const { db } of [laptop, tablet]) {
      expect(await db.balances.get(lotId)).toMatchObject({ onHand: 30 })
      expect((await db.setAside.toArray()).map(({ id }) => id).sort()).toEqual([...aside].sort())
      expect(await db.openBatches.count()).toBe(0)
    }
    // And the draw of what counts can be taken back, once.
    const last = run.history.at(-1)!
    expect(await undoDeed(laptop, batchId, last.id)).toMatchObject({ kind: 'ok' })
    expect(await laptop.db.balances.get(lotId)).toMatchObject({ onHand: 35 })
  })

  test('an undoing on one machine is kept when the other went on from there', async () => {
    const { laptop, tablet, batchId } = await twoCopies()
    await doDeed(laptop, batchId, { type: 'pieces', step: 0, count: 2 })
    await mergeIntoWorkshop(tablet, await readWorkshop(laptop))
    const run = foldRun((await laptop.db.batches.get(batchId))!, await laptop.db.events.toArray())
    await undoDeed(laptop, batchId, run.history.at(-1)!.id)
    await doDeed(tablet, batchId, { type: 'weigh-in', materialId: 'sprigs', grams: 4, unitsPerG: 1 })
    const merged = await exchange(laptop, tablet)
    const after = foldRun(merged.batches[0]!, merged.events)
    expect(after.state.doneInStep).toBe(0)
    expect(after.state.weighing.has('sprigs')).toBe(true)
  })
})
