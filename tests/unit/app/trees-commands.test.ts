import 'fake-indexeddb/auto'
import { readWorkshop } from '../../../app/db/commands/data'
import { saveCommission, saveLine, splitLine } from '../../../app/db/commands/brief'
import { receiveLot, sortBox } from '../../../app/db/commands/stock'
import type { CommandContext } from '../../../app/db/commands/context'
import { balancesOf, priceBook, stockStates } from '../../../core/stock'
import { bench, value } from '../../support/commands'
import { commission, line, pieces } from '../../support/workshop'

const stateOf = async (context: CommandContext, id: string) => {
  const { materials, lots, movements } = await readWorkshop(context)
  const balances = balancesOf(movements)
  const book = priceBook(lots, balances, () => new Map())
  return stockStates(materials, lots, balances, book).find(({ material }) => material.id === id)!
}
const heaps = [
  { fromMm: 65, toMm: 80, count: 30 },
  { fromMm: 80, toMm: 100, count: 50 },
  { fromMm: 100, toMm: 120, count: 0 },
]
async function withBox() {
  const context = await bench()
  const box = value(
    await receiveLot(context, {
      materialId: 'sprigs',
      source: 'bought',
      label: 'Box',
      date: '2026-10-01',
      quantity: 35,
      priceMinor: 2000,
    }),
  )
  return { context, box }
}

describe('sorting a box', () => {
  test('a box of 35 gives far more, each heap a lot with its share of what the box cost', async () => {
    const { context, box } = await withBox()
    const sorted = value(
      await sortBox(context, box.id, { heaps, curved: 20, leftIn: 0 }, await stateOf(context, 'sprigs')),
    )
    expect(sorted.lots.map(({ materialId }) => materialId)).toEqual([
      'sprigs-65-80',
      'sprigs-80-100',
      'curved-sprigs',
    ])
    expect(sorted.lots.reduce((sum, { priceMinor }) => sum + priceMinor!, 0)).toBe(2000)
    expect((await stateOf(context, 'sprigs')).onHand).toBe(0)
    const heap = await stateOf(context, 'sprigs-80-100')
    expect(heap.onHand).toBe(50)
    expect(heap.material.of).toEqual({ stuff: 'twig', twig: 'sprig', fromMm: 80, toMm: 100, sorted: true })
    // By length: 30 of 72.5 mm, 50 of 90, 20 curved that count half of 70; so 4500 of 7375 of 20.00, for 50.
    expect(heap.lots[0]!.unitPriceMinor).toBeCloseTo(Math.round((2000 * 4500) / 7375) / 50, 9)
  })

  test('what stays in the box stays on the books, and a second sorting adds to the same heaps', async () => {
    const { context, box } = await withBox()
    value(await sortBox(context, box.id, { heaps, curved: 0, leftIn: 15 }, await stateOf(context, 'sprigs')))
    expect((await stateOf(context, 'sprigs')).onHand).toBe(15)
    value(await sortBox(context, box.id, { heaps, curved: 0, leftIn: 0 }, await stateOf(context, 'sprigs')))
    const heap = await stateOf(context, 'sprigs-80-100')
    expect(heap.onHand).toBe(100)
    expect(heap.lots).toHaveLength(2)
    // 20 of 35 cost 1142.9, 15 the rest; this heap is 50 × 90 mm of what was sorted, the other 30 × 72.5 mm.
    const share = (50 * 90) / (50 * 90 + 30 * 72.5)
    expect(heap.lots.reduce((sum, { lot }) => sum + lot.priceMinor!, 0)).toBeCloseTo(2000 * share, -1)
  })

  test('nothing sorted, more left than was there, an empty box: refused, nothing written', async () => {
    const { context, box } = await withBox()
    const state = await stateOf(context, 'sprigs')
    const before = await readWorkshop(context)
    for (const [tally, because] of [
      [{ heaps: [], curved: 0, leftIn: 0 }, 'Nothing has been sorted yet.'],
      [{ heaps, curved: 0, leftIn: 35 }, 'Left in the box: read 35; allowed is from 0 to less than 35.'],
      [{ heaps, curved: 0, leftIn: -1 }, 'Left in the box: read -1'],
    ] as const)
      expect(await sortBox(context, box.id, tally, state)).toMatchObject({
        kind: 'none',
        because: expect.stringContaining(because),
      })
    expect(await sortBox(context, 'gone', { heaps, curved: 0, leftIn: 0 }, state)).toMatchObject({
      because: 'This box is gone.',
    })
    const after = await readWorkshop(context)
    expect({ ...after, savedAt: '' }).toEqual({ ...before, savedAt: '' })
    value(await sortBox(context, box.id, { heaps, curved: 0, leftIn: 0 }, state))
    expect(await sortBox(context, box.id, { heaps, curved: 0, leftIn: 0 }, state)).toMatchObject({
      because: expect.stringContaining('is empty by the books'),
    })
  })
})

describe('splitting a line', () => {
  async function withLines() {
    const context = await bench()
    await saveCommission(context, commission())
    const first = value(await saveLine(context, line({ amount: pieces(24), choices: { colour: 'own' } })))
    value(await saveLine(context, { ...line({ amount: pieces(4) }), id: 'l2', name: 'Hazel', order: 2 }))
    return { context, first }
  }
  test('three in wire at the front: a line of its own right behind, together as many as before', async () => {
    const { context, first } = await withLines()
    const made = value(
      await splitLine(context, first.id, { pieces: 3, methodId: 'wire-broadleaf', zone: 'front' }, 24),
    )
    const { lines } = await readWorkshop(context)
    const inOrder = [...lines].sort((a, b) => a.order - b.order)
    expect(inOrder.map(({ id }) => id)).toEqual([first.id, made.id, 'l2'])
    expect(inOrder.map(({ amount }) => (amount.kind === 'pieces' ? amount.pieces : 0))).toEqual([21, 3, 4])
    expect(made).toMatchObject({ methodId: 'wire-broadleaf', zone: 'front', speciesId: first.speciesId })
    // Choices and materials belong to the way that was left.
    expect(made.choices).toBeUndefined()
  })
  test('what is made already stays with the line: no more than is left goes over, and one at least remains', async () => {
    const { context, first } = await withLines()
    const split = (count: number, left: number) =>
      splitLine(context, first.id, { pieces: count, methodId: 'wire-broadleaf', zone: 'front' }, left)
    expect(await split(6, 5)).toMatchObject({
      because: 'pieces: read 6; allowed is a whole number from 1 to 5.',
    })
    expect(await split(24, 24)).toMatchObject({ because: expect.stringContaining('from 1 to 23') })
    expect(await split(0, 24)).toMatchObject({ kind: 'none' })
    expect(await split(1, 0)).toMatchObject({ because: expect.stringContaining('nothing is left') })
    expect((await readWorkshop(context)).lines).toHaveLength(2)
  })
  test('a hedge is not split by pieces, and a line that is gone says so', async () => {
    const context = await bench()
    await saveCommission(context, commission())
    const hedge = value(
      await saveLine(context, line({ amount: { kind: 'length', lengthMm: 400, section: 'free' } })),
    )
    const split = { pieces: 1, methodId: 'hemp-tree', zone: 'front' as const }
    expect(await splitLine(context, hedge.id, split, 9)).toMatchObject({
      because: 'Only a line of single pieces can be split.',
    })
    expect(await splitLine(context, 'gone', split, 9)).toMatchObject({
      because: 'This line is gone already.',
    })
  })
})
