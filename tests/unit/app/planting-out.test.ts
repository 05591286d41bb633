import 'fake-indexeddb/auto'
import { doDeed, endBatch, undoDeed } from '../../../app/db/commands/bench'
import { plantOut } from '../../../app/db/commands/trays'
import { removeSpecies, saveSpecies } from '../../../app/db/commands/species'
import { removeLine, saveCommission, saveLine } from '../../../app/db/commands/brief'
import { planPlanting } from '../../../app/db/commands/calendar'
import { step } from '../../../core/makeup'
import { progressOf, traysOf, type TrayEntry } from '../../../core/batches'
import { speciesById } from '../../../core/plants'
import { bench, value, withBatch } from '../../support/commands'
import { batch, commission, line, minutesAfter } from '../../support/workshop'

const onTray = (batchId: string, tray: string, count: number, id: string): TrayEntry => ({
  id,
  at: minutesAfter(1),
  batchId,
  tray,
  count,
  to: 'to be planted',
})

async function withTrays() {
  const context = await bench()
  const one = await withBatch(context)
  const two = await withBatch(context)
  await context.db.trayEntries.bulkAdd([
    onTray(one.id, 'Left', 3, 'a'),
    onTray(one.id, 'Right', 5, 'b'),
    onTray(two.id, 'Lid', 4, 'c'),
  ])
  const counts = async () =>
    Object.fromEntries(
      traysOf(await context.db.trayEntries.toArray()).map(({ name, counts: own }) => [
        name,
        [own['to be planted'], own.planted],
      ]),
    )
  return { context, counts, lineId: one.lineId! }
}

describe('planting out', () => {
  test('takes the fullest tray first, over all batches of the line', async () => {
    const { context, counts, lineId } = await withTrays()
    value(await plantOut(context, lineId, 7))
    expect(await counts()).toEqual({ Left: [3, 0], Right: [0, 5], Lid: [2, 2] })
  })

  test('all that is there, and all of it back', async () => {
    const { context, counts, lineId } = await withTrays()
    value(await plantOut(context, lineId, 12))
    expect(await counts()).toEqual({ Left: [0, 3], Right: [0, 5], Lid: [0, 4] })
    value(await plantOut(context, lineId, 12, true))
    expect(await counts()).toEqual({ Left: [3, 0], Right: [5, 0], Lid: [4, 0] })
  })

  test('more than there is: it says how many there are, and nothing has moved', async () => {
    const { context, counts, lineId } = await withTrays()
    const before = await counts()
    expect(await plantOut(context, lineId, 13)).toEqual({
      kind: 'none',
      because: 'Planted: read 13; only 12 of this line are “to be planted”.',
    })
    expect(await plantOut(context, lineId, 1, true)).toMatchObject({ kind: 'none' })
    expect(await counts()).toEqual(before)
  })

  test('a line that has no batch has nothing to plant', async () => {
    const { context } = await withTrays()
    expect(await plantOut(context, 'nobody', 1)).toMatchObject({ kind: 'none' })
  })
})

test('a species of one’s own that is mixed into a hedge is not taken away from under it', async () => {
  const context = await bench()
  const { note: _note, ...row } = speciesById('hazel')
  const own = value(
    await saveSpecies(context, { ...row, id: 'my-hazel', common: 'My hazel', origin: 'yours' }),
  )
  await saveCommission(context, commission())
  await saveLine(
    context,
    line({
      name: 'Field hedge',
      amount: { kind: 'length', lengthMm: 400, section: 'free' },
      mix: [{ speciesId: own.id, share: 0.3 }],
    }),
  )
  const answer = await removeSpecies(context, own.id)
  expect(answer.kind === 'none' && answer.because).toContain('“Field hedge”')
})

describe('what is left of a line', () => {
  const area = (areaCm2: number) => ({ kind: 'area' as const, areaCm2 })
  const done = (cm2Each: number, count: number, amount = area(320)) =>
    progressOf(
      amount,
      [batch({ id: 'b', makes: { kind: 'area', cm2Each, each: 'patch' } })],
      new Map(),
      new Map([['b', count]]),
    )

  test('of an area patched in round measures a crumb is no work', () => {
    expect(done(106.6, 3).left).toBe(0)
    expect(done(106, 3).left).toBeCloseTo(2, 9)
  })

  test('of pieces one is one, however many are wanted', () => {
    const trays = new Map([['b', 9_999]])
    const makes = { kind: 'pieces' as const }
    expect(
      progressOf({ kind: 'pieces', pieces: 10_000 }, [batch({ id: 'b', makes })], new Map(), trays).left,
    ).toBe(1)
  })
})

describe('planting out at the bench', () => {
  async function planting(pieces = 8) {
    const { context, counts, lineId } = await withTrays()
    const { id: _id, madeAt: _madeAt, lineId: _line, ...draft } = batch()
    const steps = (['holes', 'set', 'ring'] as const).map((id) =>
      step({ id, title: id, text: '', hands: { onceSec: 0, eachSec: 10, origin: 'memory' } }),
    )
    const planted = {
      ...draft,
      name: 'Plant out: Hawthorn',
      methodId: 'planting-out',
      makes: { kind: 'planted' as const, lineId },
      pieces,
      plan: {
        ...draft.plan,
        expectedGood: pieces,
        steps,
        amounts: [{ materialId: 'pva', label: 'Glue', quantity: 2, step: 'set' }],
      },
    }
    const [made] = value(await planPlanting(context, [planted]))
    return { context, counts, lineId, planted, id: made!.id }
  }
  const finish = { type: 'finish' as const, tray: '-', date: '2026-10-05', handsMin: 5, used: [] }
  const through = async (
    context: Awaited<ReturnType<typeof bench>>,
    id: string,
    counts: readonly number[],
  ) => {
    value(await doDeed(context, id, { type: 'start' }))
    for (const [i, count] of counts.entries())
      value(await doDeed(context, id, { type: 'pieces', step: i, count }))
  }

  test('its pieces leave their trays when it is finished, and come back when that is undone', async () => {
    const { context, counts, id } = await planting()
    await through(context, id, [8, 8, 8])
    expect(await counts()).toEqual({ Left: [3, 0], Right: [5, 0], Lid: [4, 0] })
    const ended = await endBatch(context, id, finish, false)
    if (ended.kind !== 'ok') throw new Error(ended.because)
    expect(await counts()).toEqual({ Left: [3, 0], Right: [0, 5], Lid: [1, 3] })
    value(await undoDeed(context, id, ended.value.id))
    expect(await counts()).toEqual({ Left: [3, 0], Right: [5, 0], Lid: [4, 0] })
    expect(await context.db.openBatches.get(id)).toBeDefined()
  })

  test('no more are set than wait on trays: holes are made for all, the rest waits for what is being made', async () => {
    const { context, id } = await planting(12)
    await context.db.trayEntries.where('id').equals('a').delete()
    value(await doDeed(context, id, { type: 'start' }))
    value(await doDeed(context, id, { type: 'pieces', step: 0, count: 12 }))
    value(await doDeed(context, id, { type: 'pieces', step: 1, count: 9 }))
    expect(await doDeed(context, id, { type: 'pieces', step: 1, count: 1 })).toEqual({
      kind: 'none',
      because:
        'Only 9 pieces are on trays to be planted; 10 would be set. Finish the batch that makes them, or reject what is not there.',
    })
  })

  test('two that plant a line share what is on trays', async () => {
    const { context, planted, id } = await planting()
    const [other] = value(await planPlanting(context, [{ ...planted, pieces: 4 }]))
    await context.db.trayEntries.where('id').equals('b').delete()
    await through(context, id, [8, 5])
    await through(context, other!.id, [4])
    // Seven are left of the twelve, five of them set.
    expect(await doDeed(context, other!.id, { type: 'pieces', step: 1, count: 3 })).toMatchObject({
      because: expect.stringContaining('Only 7 pieces are on trays to be planted; 8 would be set.') as string,
    })
    value(await doDeed(context, other!.id, { type: 'pieces', step: 1, count: 2 }))
  })

  test('what broke is spoilt, and is on no tray any more', async () => {
    const { context, id } = await planting()
    await through(context, id, [8])
    value(await doDeed(context, id, { type: 'reject', step: 1, count: 2, of: 'open', reason: 'broke' }))
    for (const step of [1, 2]) value(await doDeed(context, id, { type: 'pieces', step, count: 6 }))
    await endBatch(context, id, finish, false)
    const all = traysOf(await context.db.trayEntries.toArray())
    const sum = (state: 'planted' | 'spoilt' | 'to be planted') =>
      all.reduce((total, { counts: own }) => total + own[state], 0)
    expect([sum('planted'), sum('spoilt'), sum('to be planted')]).toEqual([6, 2, 4])
  })

  test('no more than are wanted are planned, nor ticked off beside it; the line stays while that is open', async () => {
    const { context, lineId, planted, id } = await planting()
    expect(await planPlanting(context, [planted])).toEqual({
      kind: 'none',
      because: '“Hawthorn”: read 8 to be planted; 12 are wanted, 0 stand, 8 are planned already.',
    })
    const [rest] = value(await planPlanting(context, [{ ...planted, pieces: 4 }]))
    await endBatch(context, rest!.id, { type: 'abandon', reason: 'no', handsMin: 0, used: [] }, false)
    expect(await plantOut(context, lineId, 1)).toEqual({
      kind: 'none',
      because: '“Plant out: Hawthorn” counts them: plant them at the Bench, or abandon that batch first.',
    })
    expect(await removeLine(context, lineId)).toMatchObject({ kind: 'none' })
    await endBatch(context, id, { type: 'abandon', reason: 'rain', handsMin: 0, used: [] }, false)
    value(await plantOut(context, lineId, 1))
  })

  test('of several all are planned, or none', async () => {
    const { context, planted } = await planting()
    const other = value(await saveLine(context, line({ name: 'Rowan' })))
    const before = await context.db.batches.count()
    const rowan = { ...planted, makes: { kind: 'planted' as const, lineId: other.id } }
    expect(await planPlanting(context, [rowan, planted])).toMatchObject({ kind: 'none' })
    expect(await context.db.batches.count()).toBe(before)
    expect(await planPlanting(context, [{ ...rowan, makes: { kind: 'planted', lineId: 'gone' } }])).toEqual({
      kind: 'none',
      because: 'The line of this batch is gone.',
    })
  })

  test('what was planted and moved on since is put back before its finish is undone', async () => {
    const { context, lineId, id } = await planting()
    await through(context, id, [8, 8, 8])
    const ended = await endBatch(context, id, finish, false)
    if (ended.kind !== 'ok') throw new Error(ended.because)
    value(await plantOut(context, lineId, 1, true))
    expect(await undoDeed(context, id, ended.value.id)).toEqual({
      kind: 'none',
      because: 'Some of what was planted has been moved on since. Put it back first.',
    })
    value(await plantOut(context, lineId, 1))
  })

  test('what was set before it was given up stands; the rest waits on its trays', async () => {
    const { context, counts, id } = await planting()
    await through(context, id, [8, 3])
    const ended = await endBatch(
      context,
      id,
      { type: 'abandon', reason: 'late', handsMin: 3, used: [] },
      false,
    )
    if (ended.kind !== 'ok') throw new Error(ended.because)
    expect(await counts()).toEqual({ Left: [3, 0], Right: [2, 3], Lid: [4, 0] })
    value(await undoDeed(context, id, ended.value.id))
    expect(await counts()).toEqual({ Left: [3, 0], Right: [5, 0], Lid: [4, 0] })
  })

  test('what an earlier version put on a tray goes back from there', async () => {
    const context = await bench()
    const bush = await withBatch(context, { methodId: 'clump-bush' })
    for (const at of [0, 1, 2]) {
      if (at > 1) await doDeed(context, bush.id, { type: 'advance', step: 1, early: true })
      await doDeed(context, bush.id, { type: 'pieces', step: at, count: 5 })
    }
    const ended = await endBatch(context, bush.id, { ...finish, tray: 'Lid' }, true)
    if (ended.kind !== 'ok') throw new Error(ended.because)
    await context.db.trayEntries.toCollection().modify({ to: 'to be planted' })
    value(await undoDeed(context, bush.id, ended.value.id))
    expect(traysOf(await context.db.trayEntries.toArray())).toEqual([])
  })

  test('what its way sets in place stands when it is finished', async () => {
    const context = await bench()
    const bush = await withBatch(context, { methodId: 'clump-bush' })
    for (const step of [0, 1, 2]) {
      if (step > 0) await doDeed(context, bush.id, { type: 'advance', step: step - 1, early: true })
      await doDeed(context, bush.id, { type: 'pieces', step, count: 5 })
    }
    await endBatch(context, bush.id, { ...finish, tray: 'Scene' }, true)
    expect(traysOf(await context.db.trayEntries.toArray())).toMatchObject([{ counts: { planted: 5 } }])
  })
})
