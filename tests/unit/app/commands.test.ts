import 'fake-indexeddb/auto'
import { foldRun, traysOf, type BatchAction } from '../../../core/batches'
import { balancesOf } from '../../../core/stock'
import { canonical } from '../../../core/workshop'
import { doDeed, endBatch, undoDeed } from '../../../app/db/commands/bench'
import {
  changeCommission,
  changeLine,
  changeSettings,
  removeCommission,
  removeLine,
  saveCommission,
  saveLine,
} from '../../../app/db/commands/brief'
import type { CommandContext } from '../../../app/db/commands/context'
import { readWorkshop } from '../../../app/db/commands/data'
import { countLot, receiveLot, saveMaterial } from '../../../app/db/commands/stock'
import { DATABASE_PREFIX, WorkshopDb } from '../../../app/db/database'
import { bench, value, withBatch } from '../../support/commands'
import { commission, line, pieces } from '../../support/workshop'

const onHand = async ({ db }: CommandContext, lotId: string) =>
  balancesOf(await db.movements.toArray()).get(lotId)?.onHand
const through: BatchAction[] = [
  { type: 'pieces', step: 0, count: 5 },
  { type: 'pieces', step: 1, count: 5 },
  { type: 'advance', step: 1, early: true },
  { type: 'reject', step: 2, count: 1, reason: 'one-sided' },
  { type: 'pieces', step: 2, count: 4 },
]

describe('commands', () => {
  test('a batch draws what was used, not what was planned, and gives it back when its end is undone', async () => {
    const context = await bench()
    const lot = value(
      await receiveLot(context, {
        materialId: 'foam-fine-mid',
        source: 'bought',
        label: 'bag',
        date: '2026-10-01',
        quantity: 40,
        priceMinor: 480,
      }),
    )
    const planned = await withBatch(context)
    for (const deed of through) value(await doDeed(context, planned.id, deed as never))
    expect(
      await endBatch(
        context,
        planned.id,
        {
          type: 'finish',
          tray: 'T1',
          date: '2026-10-04',
          handsMin: 9,
          used: [{ materialId: 'foam-fine-mid', quantity: 6.5 }],
        },
        false,
      ),
    ).toMatchObject({ kind: 'ok' })
    expect(await onHand(context, lot.id)).toBe(33.5)
    expect(await context.db.balances.get(lot.id)).toMatchObject({ onHand: 33.5 })
    expect(await context.db.openBatches.count()).toBe(0)
    expect(traysOf(await context.db.trayEntries.toArray())[0]?.counts['to be planted']).toBe(4)
    const run = foldRun(planned, await context.db.events.toArray())
    expect(run.state).toMatchObject({ phase: 'finished', live: 4 })
    value(await undoDeed(context, planned.id, run.history.at(-1)!.id))
    expect(await onHand(context, lot.id)).toBe(40)
    expect(await context.db.balances.get(lot.id)).toMatchObject({ onHand: 40 })
    expect(await context.db.openBatches.count()).toBe(1)
    expect(traysOf(await context.db.trayEntries.toArray())).toEqual([])
    expect(foldRun(planned, await context.db.events.toArray()).state.phase).toBe('done')
  })

  test('a patch that is made in its place stands there when it is finished, and comes back when that is undone', async () => {
    const context = await bench()
    const planned = await withBatch(context, { makes: { kind: 'area', cm2Each: 120, each: 'patch' } })
    for (const deed of through) value(await doDeed(context, planned.id, deed as never))
    const finish = {
      type: 'finish',
      tray: 'On the scene',
      date: '2026-10-04',
      handsMin: 9,
      used: [],
    } as const
    expect(await endBatch(context, planned.id, { ...finish, used: [] }, false)).toMatchObject({ kind: 'ok' })
    expect(traysOf(await context.db.trayEntries.toArray())[0]?.counts).toMatchObject({
      'to be planted': 0,
      planted: 4,
    })
    const run = foldRun(planned, await context.db.events.toArray())
    value(await undoDeed(context, planned.id, run.history.at(-1)!.id))
    expect(traysOf(await context.db.trayEntries.toArray())).toEqual([])
  })

  test('a draw that the books can’t cover writes nothing until the maker agrees', async () => {
    const context = await bench()
    const planned = await withBatch(context)
    const abandon: BatchAction = {
      type: 'abandon',
      reason: 'mould',
      handsMin: 1,
      used: [{ materialId: 'pva', quantity: 5 }],
    }
    const before = canonical({ ...(await readWorkshop(context)), savedAt: '' })
    expect(await endBatch(context, planned.id, abandon, false)).toMatchObject({
      kind: 'uncovered',
      because: expect.stringContaining('PVA'),
    })
    expect(canonical({ ...(await readWorkshop(context)), savedAt: '' })).toBe(before)
    expect(await endBatch(context, planned.id, abandon, true)).toMatchObject({ kind: 'ok' })
    const [lot] = await context.db.lots.where('materialId').equals('pva').toArray()
    expect(lot).toMatchObject({ source: 'unrecorded' })
    expect(await onHand(context, lot!.id)).toBe(-5)
  })

  test('two windows that finish one step at the same moment: one is told', async () => {
    const context = await bench()
    const planned = await withBatch(context)
    const other = { ...context, db: new WorkshopDb(context.db.name.slice(DATABASE_PREFIX.length)) }
    const both = await Promise.all(
      [context, other].map((window) => doDeed(window, planned.id, { type: 'pieces', step: 0, count: 5 })),
    )
    expect(both.filter(({ kind }) => kind === 'ok')).toHaveLength(1)
    expect(both.find(({ kind }) => kind === 'none')).toMatchObject({
      because: expect.stringMatching(/behind us|done already/),
    })
    expect(foldRun(planned, await context.db.events.toArray()).state).toMatchObject({
      stepIndex: 1,
      doneInStep: 0,
    })
    other.db.close()
  })

  test('a count writes the difference', async () => {
    const context = await bench()
    const lot = value(
      await receiveLot(context, {
        materialId: 'sprigs',
        source: 'harvested',
        label: 'September cut',
        date: '2026-09-20',
        place: 'own bed',
        quantity: 90,
      }),
    )
    expect(value(await countLot(context, lot.id, 84))).toBe(-6)
    expect(await onHand(context, lot.id)).toBe(84)
    expect(await countLot(context, lot.id, -1)).toMatchObject({ kind: 'none' })
    expect(await countLot(context, 'nothing', 1)).toMatchObject({ kind: 'none' })
  })

  test('bad input is refused by field and writes nothing', async () => {
    const context = await bench()
    expect(await saveCommission(context, commission({ ratio: 0 }))).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('ratio'),
    })
    expect(await saveLine(context, line())).toMatchObject({
      kind: 'none',
      because: 'The commission of this line is gone.',
    })
    expect(
      await receiveLot(context, {
        materialId: 'pva',
        source: 'bought',
        label: ' ',
        date: '2026-10-01',
        quantity: 1,
      }),
    ).toMatchObject({ kind: 'none', because: expect.stringContaining('label') })
    expect(
      await receiveLot(context, {
        materialId: 'pva',
        source: 'bought',
        label: 'x',
        date: '2026-10-01',
        quantity: 0,
      }),
    ).toMatchObject({ kind: 'none' })
    expect(await changeSettings(context, { humidity: 400 })).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('humidity'),
    })
    expect(await context.db.commissions.count()).toBe(0)
    expect(await context.db.lots.count()).toBe(0)
  })

  test('what an open batch hangs on can’t be removed, and a counted unit can’t be changed', async () => {
    const context = await bench()
    await withBatch(context)
    expect(await removeLine(context, 'l1')).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('still open'),
    })
    expect(await removeCommission(context, 'c1')).toMatchObject({ kind: 'none' })
    const pva = (await context.db.materials.get('pva'))!
    value(await saveMaterial(context, { ...pva, unit: 'g' }))
    value(
      await receiveLot(context, {
        materialId: 'pva',
        source: 'bought',
        label: 'tub',
        date: '2026-10-01',
        quantity: 500,
      }),
    )
    expect(await saveMaterial(context, { ...pva, unit: 'ml' })).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('unit'),
    })
  })

  test('changes of different fields at once all stay, whatever the windows that gave them still showed', async () => {
    const context = await bench()
    await withBatch(context)
    const answers = await Promise.all([
      changeLine(context, 'l1', { amount: pieces(31) }),
      changeLine(context, 'l1', { heightM: 17 }),
      changeLine(context, 'l1', { materials: { crown: 'a' } }),
      changeLine(context, 'l1', ({ materials }) => ({ materials: { ...materials, trunk: 'b' } })),
      changeCommission(context, 'c1', { ratio: 48 }),
      changeCommission(context, 'c1', { place: 'by the weir' }),
    ])
    expect(answers.every(({ kind }) => kind === 'ok')).toBe(true)
    expect(await context.db.lines.get('l1')).toMatchObject({
      amount: pieces(31),
      heightM: 17,
      materials: { crown: 'a', trunk: 'b' },
    })
    expect(await context.db.commissions.get('c1')).toMatchObject({ ratio: 48, place: 'by the weir' })
    value(await changeLine(context, 'l1', { heightM: undefined }))
    expect((await context.db.lines.get('l1'))?.heightM).toBeUndefined()
    expect(await changeLine(context, 'l1', { amount: pieces(0) })).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('pieces'),
    })
    expect(await changeLine(context, 'gone', { amount: pieces(1) })).toMatchObject({
      kind: 'none',
      because: 'This line is gone already.',
    })
    expect((await context.db.lines.get('l1'))?.amount).toEqual(pieces(31))
  })

  test('orders new lines at the end', async () => {
    const context = await bench()
    await saveCommission(context, commission())
    const first = value(await saveLine(context, { ...line({ id: 'a' }), order: undefined }))
    const second = value(await saveLine(context, { ...line({ id: 'b' }), order: undefined }))
    expect(second.order).toBeGreaterThan(first.order)
  })
})
