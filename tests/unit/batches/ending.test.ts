import {
  batchCost,
  endingEntries,
  readLedger,
  reversalEntries,
  type Batch,
  type BatchYield,
} from '../../../core/batches'
import { balancesOf, lotsOf, type Lot, type Movement } from '../../../core/stock'
import { batch, ids, minutesAfter, NOON } from '../../support/workshop'

const bath: BatchYield = {
  label: 'Soaking bath, kept',
  source: 'home-made',
  materialId: 'soaking-bath',
  quantity: 400,
  material: {
    name: 'Soaking bath',
    unit: 'ml',
    of: { stuff: 'mixture', parts: [{ name: 'Water', parts: 5 }] },
  },
  shares: [{ materialId: 'matte-medium', share: 0.8 }],
}
const soaked: Batch = { ...batch(), plan: { ...batch().plan, yields: [bath] } }
const bottle: Lot = {
  id: 'bottle',
  materialId: 'matte-medium',
  label: 'Bottle',
  source: 'bought',
  date: '2026-01-01',
  madeAt: NOON,
  priceMinor: 1000,
}
const received: Movement = { id: 'r', at: NOON, lotId: 'bottle', kind: 'receive', quantity: 250 }

/** Ends a batch on a shelf, and gives the shelf after it. */
function end(
  of: Batch,
  shelf: { lots: Lot[]; movements: Movement[] },
  used: [string, number][],
  kept: [string, number][] = [],
  eventId = 'finish',
) {
  const balances = balancesOf(shelf.movements)
  const entries = endingEntries({
    batch: of,
    eventId,
    at: minutesAfter(10),
    used: used.map(([materialId, quantity]) => ({ materialId, name: materialId, quantity })),
    kept: kept.map(([materialId, quantity]) => ({ materialId, quantity })),
    lotsOf: (id) => lotsOf(id, shelf.lots, balances),
    newId: ids(`${eventId}-`),
    allowUncovered: true,
  })
  if (entries.kind === 'uncovered') throw new Error(entries.because)
  return {
    lots: [...shelf.lots, ...entries.value.lots],
    movements: [...shelf.movements, ...entries.value.movements],
  }
}

describe('what falls mixed', () => {
  const shelf = { lots: [bottle], movements: [received] }

  test('goes into its tub though nobody planned it, at no price; undone, the tub is empty again', () => {
    const after = end(batch(), shelf, [], [['rough-ground', 4.5]])
    const tub = after.lots.find(({ materialId }) => materialId === 'rough-ground')!
    expect(tub).toMatchObject({ source: 'reclaimed', priceMinor: 0 })
    expect(balancesOf(after.movements).get(tub.id)).toMatchObject({ onHand: 4.5, received: 4.5 })
    const back = reversalEntries({ id: 'finish', batchId: 'b1' }, after.movements, NOON, 'undo', ids('u'))
    expect(balancesOf([...after.movements, ...back]).get(tub.id)!.onHand).toBe(0)
  })

  test('what is no by-product and no mixed fall is not taken in, nor is nothing', () => {
    expect(end(batch(), shelf, [], [['gold-dust', 3]]).lots).toEqual(shelf.lots)
    expect(end(batch(), shelf, [], [['rough-ground', 0]]).lots).toEqual(shelf.lots)
  })
})

describe('a bath that is kept', () => {
  const first = end(
    soaked,
    { lots: [bottle], movements: [received] },
    [['matte-medium', 83]],
    [['soaking-bath', 400]],
  )

  test('becomes a lot of its own, with what went into it; the batch pays for what left with the pieces', () => {
    const ledger = readLedger(first.lots, first.movements, balancesOf(first.movements))
    const tub = first.lots.find(({ materialId }) => materialId === 'soaking-bath')!
    // 83 ml of a bottle of 250 ml at 10.00 cost 3.32; four fifths of it stand in the tub.
    expect(ledger.prices.lotPriceMinor(tub.id)).toBeCloseTo(332 * 0.8, 6)
    expect(batchCost('b1', ledger).usedMinor).toBeCloseTo(332 * 0.2, 6)
  })

  test('is drawn on by the next batch, and its cost goes along', () => {
    const next: Batch = { ...soaked, id: 'b2', plan: { ...soaked.plan, yields: [{ ...bath, shares: [] }] } }
    const second = end(next, first, [['soaking-bath', 100]], [], 'second')
    const ledger = readLedger(second.lots, second.movements, balancesOf(second.movements))
    expect(batchCost('b2', ledger).usedMinor).toBeCloseTo((332 * 0.8) / 4, 6)
  })

  test('kept less of it, the batch pays for more', () => {
    const less = end(
      soaked,
      { lots: [bottle], movements: [received] },
      [['matte-medium', 83]],
      [['soaking-bath', 200]],
    )
    const ledger = readLedger(less.lots, less.movements, balancesOf(less.movements))
    expect(batchCost('b1', ledger).usedMinor).toBeCloseTo(332 * 0.6, 6)
  })

  test('nothing kept is no lot', () => {
    const none = end(
      soaked,
      { lots: [bottle], movements: [received] },
      [['matte-medium', 83]],
      [['soaking-bath', 0]],
    )
    expect(none.lots).toHaveLength(1)
  })
})

describe('undoing a finish', () => {
  const undo = (shelf: { lots: Lot[]; movements: Movement[] }): Map<string, number> => {
    const entries = reversalEntries(
      { id: 'finish', batchId: 'b1' },
      shelf.movements,
      minutesAfter(30),
      'undo',
      ids('u'),
    )
    return new Map([...balancesOf([...shelf.movements, ...entries])].map(([id, { onHand }]) => [id, onHand]))
  }
  const count = (lotId: string, quantity: number, counted: number): Movement => ({
    id: 'c',
    at: minutesAfter(20),
    lotId,
    kind: 'count',
    quantity,
    counted,
  })

  test('gives back what was drawn, and takes out again what came of it', () => {
    const shelf = end(
      soaked,
      { lots: [bottle], movements: [received] },
      [['matte-medium', 83]],
      [['soaking-bath', 400]],
    )
    expect([...undo(shelf).values()]).toEqual([250, 0])
  })

  test('after a count the books hold no more than there ever was', () => {
    // 250 ml on the books, 300 used: 50 were not covered; then the bottle is counted empty.
    const shelf = end(soaked, { lots: [bottle], movements: [received] }, [['matte-medium', 300]])
    const counted = { ...shelf, movements: [...shelf.movements, count('bottle', 50, 0)] }
    expect(balancesOf(counted.movements).get('bottle')?.onHand).toBe(0)
    expect(undo(counted).get('bottle')).toBe(250)
  })

  test('a count of what was covered stays what it was', () => {
    const shelf = end(soaked, { lots: [bottle], movements: [received] }, [['matte-medium', 30]])
    const counted = { ...shelf, movements: [...shelf.movements, count('bottle', -5, 215)] }
    expect(undo(counted).get('bottle')).toBe(245)
  })
})

test('what a run entry drew that is set aside does not count', () => {
  const shelf = end(soaked, { lots: [bottle], movements: [received] }, [['matte-medium', 30]])
  const twice = end(soaked, shelf, [['matte-medium', 30]], [], 'other')
  expect(balancesOf(twice.movements).get('bottle')?.onHand).toBe(190)
  expect(balancesOf(twice.movements, new Set(['other'])).get('bottle')?.onHand).toBe(220)
})
