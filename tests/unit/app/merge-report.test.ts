import 'fake-indexeddb/auto'
import { endBatch, planBatch } from '../../../app/db/commands/bench'
import { removeCommission, removeLine, saveCommission, saveLine } from '../../../app/db/commands/brief'
import { receiveOrder, saveSupplier, sendOrders } from '../../../app/db/commands/buying'
import { changeLaying } from '../../../app/db/commands/calendar'
import type { CommandContext } from '../../../app/db/commands/context'
import { mergeIntoWorkshop, readWorkshop } from '../../../app/db/commands/data'
import { beginHarvest, saveHarvest } from '../../../app/db/commands/harvest'
import { countLot, receiveLot } from '../../../app/db/commands/stock'
import { canonical, type Decision } from '../../../core/workshop'
import { bench, value } from '../../support/commands'
import { batch, commission, line } from '../../support/workshop'

const exchange = async (from: CommandContext, to: CommandContext): Promise<Decision[]> =>
  mergeIntoWorkshop(to, await readWorkshop(from))
/** Two copies of one workshop, after what both had in common. */
async function two(
  before: (context: CommandContext) => Promise<unknown>,
): Promise<[CommandContext, CommandContext]> {
  const pair: [CommandContext, CommandContext] = [await bench(), await bench()]
  await before(pair[0])
  await exchange(pair[0], pair[1])
  return pair
}
/** Each gets what the other has, until nothing changes any more; what was decided on the way. */
async function settle([one, other]: readonly [CommandContext, CommandContext]): Promise<Decision[]> {
  const decisions: Decision[] = []
  for (let round = 0; round < 3; round += 1)
    decisions.push(...(await exchange(one, other)), ...(await exchange(other, one)))
  const [a, b] = [await readWorkshop(one), await readWorkshop(other)]
  expect(canonical({ ...a, savedAt: '' })).toBe(canonical({ ...b, savedAt: '' }))
  return decisions
}
const { id: _id, madeAt: _madeAt, ...draft } = batch()
const meant = {
  gather: 'flower-heads',
  materialId: 'flower-heads',
  quantity: 150,
  from: '2026-10-25',
  to: '2026-12-15',
  place: 'the lane',
  permission: 'given' as const,
}

describe('what merging decides', () => {
  test('the same line of an order taken in by both copies stands in the books once, and the amount can be changed', async () => {
    let orderId = ''
    const [one, other] = await two(async (context) => {
      const supplier = value(await saveSupplier(context, { name: 'A loft', days: 3, postageMinor: 300 }))
      const [order] = value(
        await sendOrders(context, [
          {
            supplierId: supplier.id,
            sent: '2026-10-01',
            expected: '2026-10-06',
            postageMinor: 300,
            lines: [{ materialId: 'pva', packs: 2, packQuantity: 500, priceMinor: 400 }],
          } as Parameters<typeof sendOrders>[1][number],
        ]),
      )
      orderId = order!.id
    })
    value(await receiveOrder(one, orderId, [{ line: 0, quantity: 1000, label: 'two bottles' }], '2026-10-05'))
    value(await receiveOrder(other, orderId, [{ line: 0, quantity: 500, label: 'one bottle' }], '2026-10-05'))
    const decisions = await settle([one, other])
    const lots = (await one.db.lots.toArray()).filter(({ order }) => order?.orderId === orderId)
    expect(lots).toHaveLength(1)
    const held = (await one.db.balances.get(lots[0]!.id))!.onHand
    expect([500, 1000]).toContain(held)
    expect(decisions[0]!.what).toContain('taken in by both copies')
    expect(decisions[0]!.other).toMatchObject({ kind: 'count', quantity: 1500 - held })
    // What comes later of the same line is another lot.
    value(await receiveOrder(one, orderId, [{ line: 0, quantity: 500, label: 'the rest' }], '2026-10-09'))
    expect((await one.db.lots.toArray()).filter(({ order }) => order?.orderId === orderId)).toHaveLength(2)
  })

  test('a parcel that one copy has taken in and counted, and the other takes in later, stands in the books once', async () => {
    let orderId = ''
    const [one, other] = await two(async (context) => {
      const supplier = value(await saveSupplier(context, { name: 'A loft', days: 3, postageMinor: 300 }))
      const line = { materialId: 'pva', packs: 1, packQuantity: 500, priceMinor: 400 }
      const parcel = { supplierId: supplier.id, sent: '2026-10-01', expected: '2026-10-06', postageMinor: 0 }
      orderId = value(await sendOrders(context, [{ ...parcel, lines: [line] }]))[0]!.id
    })
    const come = [{ line: 0, quantity: 500, label: 'a bottle' }]
    const [lot] = value(await receiveOrder(one, orderId, come, '2026-10-05'))
    value(await countLot(one, lot!.id, 480))
    // The other's clock is a good while later.
    const later = { ...other, now: () => '2026-10-09T12:00:00.000Z' }
    value(await receiveOrder(later, orderId, come, '2026-10-09'))
    await settle([one, later])
    expect((await one.db.balances.get(lot!.id))!.onHand).toBe(480)
  })

  test('a harvest is brought in once: by two copies, and by one', async () => {
    let id = ''
    const [one, other] = await two(async (context) => {
      id = value(await saveHarvest(context, meant)).id
    })
    const receipt = {
      materialId: 'flower-heads',
      source: 'harvested' as const,
      label: 'heads',
      date: '2026-11-01',
      harvestId: id,
    }
    value(await receiveLot(one, { ...receipt, quantity: 140 }))
    expect(await receiveLot(one, { ...receipt, quantity: 140 })).toMatchObject({
      kind: 'none',
      because: 'This harvest has been brought in already.',
    })
    value(await receiveLot(other, { ...receipt, quantity: 140 }))
    await settle([one, other])
    const lots = (await one.db.lots.toArray()).filter(({ harvestId }) => harvestId === id)
    expect(lots).toHaveLength(1)
    expect((await one.db.balances.get(lots[0]!.id))!.onHand).toBe(140)
  })

  test('a harvest whose batch has brought it in is not taken in beside', async () => {
    const context = await bench()
    const { id } = value(await saveHarvest(context, meant))
    await context.db.lots.add({
      id: 'of-the-batch',
      materialId: 'flower-heads',
      label: 'heads',
      source: 'harvested',
      date: '2026-11-01',
      madeAt: '2026-11-01T12:00:00.000Z',
      harvestId: id,
    })
    await context.db.balances.put({ id: 'of-the-batch', onHand: 90, received: 90, drawn: 0 })
    expect(
      await receiveLot(context, {
        materialId: 'flower-heads',
        source: 'harvested',
        label: 'heads',
        date: '2026-11-01',
        harvestId: id,
        quantity: 5,
      }),
    ).toMatchObject({ kind: 'none', because: 'This harvest has been brought in already.' })
  })

  test('a harvest that both copies have begun is one batch', async () => {
    let id = ''
    const [one, other] = await two(async (context) => {
      id = value(await saveHarvest(context, meant)).id
    })
    const { lineId: _lineId, ...plan } = { ...draft, makes: { kind: 'stock' as const } }
    value(await beginHarvest(one, id, plan))
    value(await beginHarvest(other, id, plan))
    await settle([one, other])
    expect(await one.db.batches.count()).toBe(1)
    // Given up and begun again it is another.
    const [only] = await one.db.batches.toArray()
    await endBatch(one, only!.id, { type: 'abandon', reason: 'rain', handsMin: 1, used: [] }, true)
    value(await beginHarvest(one, id, plan))
    expect(await one.db.batches.count()).toBe(2)
  })

  test('“1 follows 2” and “2 follows 1” make no ring: the later one is taken back and said, and can be had', async () => {
    const made: string[] = []
    const [one, other] = await two(async (context) => {
      await saveCommission(context, commission())
      await saveLine(context, line())
      for (const name of ['First', 'Second'])
        made.push(value(await planBatch(context, { ...draft, name })).id)
    })
    const [first, second] = made as [string, string]
    value(await changeLaying(one, first, { follows: second }))
    const later = { ...other, now: () => '2026-10-04T18:00:00.000Z' }
    value(await changeLaying(later, second, { follows: first }))
    const decisions = await settle([one, other])
    expect((await one.db.layings.get(first))!.follows).toBe(second)
    expect((await one.db.layings.get(second))!.follows).toBeUndefined()
    expect(decisions).toContainEqual({
      what: '“Second” no longer waits for “First”.',
      why: expect.stringContaining('in a ring'),
      other: { kind: 'order', first, then: second, words: '“First” first after all' },
    })
  })

  test('a batch in a commission that the other copy removed: commission and line are back, and it is said', async () => {
    const [one, other] = await two(async (context) => {
      await saveCommission(context, commission())
      await saveLine(context, line())
    })
    value(await planBatch(one, draft))
    value(await removeCommission(other, commission().id))
    const decisions = await settle([one, other])
    for (const { db } of [one, other]) {
      expect((await db.commissions.get(commission().id))!.removed).toBeFalsy()
      expect((await db.lines.get(line().id))!.removed).toBeFalsy()
    }
    expect(decisions.map(({ what }) => what)).toEqual(
      expect.arrayContaining([
        `The line “${line().name}” is back.`,
        `The commission “${commission().name}” is back.`,
      ]),
    )
  })

  test('a line that was removed and is used by nothing stays away; nothing is said where nothing was decided', async () => {
    const [one, other] = await two(async (context) => {
      await saveCommission(context, commission())
      await saveLine(context, line())
    })
    value(await removeLine(other, line().id))
    expect(await settle([one, other])).toEqual([])
    expect((await one.db.lines.get(line().id))!.removed).toBe(true)
  })

  test('two counts: the later is believed, the other is told and can be believed instead', async () => {
    let lotId = ''
    const [one, other] = await two(async (context) => {
      const lot = await receiveLot(context, {
        materialId: 'pva',
        source: 'bought',
        label: 'a jar',
        date: '2026-10-01',
        quantity: 100,
      })
      lotId = value(lot).id
    })
    value(await countLot(one, lotId, 40))
    value(await countLot({ ...other, now: () => '2026-10-04T18:00:00.000Z' }, lotId, 55))
    const [decision] = await settle([one, other])
    expect((await one.db.balances.get(lotId))!.onHand).toBe(55)
    expect(decision).toMatchObject({
      what: '“a jar” was counted in both copies: 55 is believed, not 40.',
      at: '2026-10-04T18:00:00.000Z',
      other: { kind: 'count', lotId, quantity: 40, words: 'Believe 40 instead' },
    })
  })
})
