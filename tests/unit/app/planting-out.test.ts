import 'fake-indexeddb/auto'
import { plantOut } from '../../../app/db/commands/bench'
import { removeSpecies, saveSpecies } from '../../../app/db/commands/species'
import { saveCommission, saveLine } from '../../../app/db/commands/brief'
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
