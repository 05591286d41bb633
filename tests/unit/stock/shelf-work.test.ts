import {
  stockStates,
  stockValue,
  substitutesFor,
  takeRows,
  type Lot,
  type Material,
} from '../../../core/stock'
import { makingClaims } from '../../../core/methods'
import { catalogueRow } from '../../../core/stock'

const STAMP = '2026-11-01T10:00:00.000Z'
const material = (id: string): Material => ({ ...catalogueRow(id), changedAt: STAMP })
const lot = (id: string, materialId: string, priceMinor?: number): Lot => ({
  id,
  materialId,
  label: id,
  source: 'bought',
  date: '2026-11-01',
  madeAt: STAMP,
  ...(priceMinor === undefined ? {} : { priceMinor }),
})
const states = (amounts: Record<string, number>, price?: number) => {
  const lots = Object.keys(amounts).map((id) => lot(`lot-${id}`, id, price))
  const balances = new Map(
    Object.entries(amounts).map(([id, onHand]) => [`lot-${id}`, { onHand, received: onHand, drawn: 0 }]),
  )
  const unit = {
    lotPriceMinor: () => price,
    unitPriceMinor: (id: string) =>
      price === undefined ? undefined : price / (balances.get(id)?.received ?? 1),
  }
  return stockStates(Object.keys(amounts).map(material), lots, balances, unit)
}

describe('what can stand in', () => {
  const shelf = states({
    'foam-fine-mid': 40,
    'foam-fine-light': 40,
    'foam-fine-dark': 0,
    'foam-coarse-dark': 40,
    'leaf-mid': 25,
    pva: 1000,
    'matte-medium': 250,
  })
  const free = (id: string): number => shelf.find((one) => one.material.id === id)?.onHand ?? 0

  test('is the same stuff near in size and colour, some of it free; the least difference first', () => {
    const found = substitutesFor(material('foam-fine-dark'), shelf, free)
    expect(found.map(({ materialId }) => materialId)).toEqual(['foam-fine-mid'])
    expect(found[0]?.off).toBeGreaterThan(5)
    expect(found[0]?.sizeRatio).toBeCloseTo(1, 1)
  })

  test('a glue is no medium, a coarse grain no fine one, a mixture nobody can tell', () => {
    expect(substitutesFor(material('pva'), shelf, free)).toEqual([])
    expect(substitutesFor(material('soaking-bath'), shelf, free)).toEqual([])
  })
})

describe('what a stock-take found', () => {
  test('the dearest difference first, jars that are gone left out, what changed since told apart', () => {
    const shelf = states({ 'foam-fine-mid': 40, 'leaf-mid': 20 }, 400)
    const rows = takeRows(
      [
        { lotId: 'lot-foam-fine-mid', counted: 39, books: 40 },
        { lotId: 'lot-leaf-mid', counted: 20, books: 25 },
        { lotId: 'gone', counted: 1, books: 2 },
      ],
      shelf,
    )
    // 4.00 for 20 g: five grams less are 1.00; 4.00 for 40 g: one gram is 0.10.
    expect(
      rows.map(({ found, difference, since, worthMinor }) => [found.lotId, difference, since, worthMinor]),
    ).toEqual([
      ['lot-leaf-mid', -5, -5, -100],
      ['lot-foam-fine-mid', -1, 0, -10],
    ])
  })
})

describe('what must be made at home', () => {
  const claim = (materialId: string, quantity: number, due?: string) => ({
    id: `c-${materialId}`,
    who: 'a bank',
    order: 1,
    ...(due === undefined ? {} : { due }),
    needs: [{ materialId, quantity }],
  })
  const make = (
    claims: ReturnType<typeof claim>[],
    amounts: Record<string, number>,
    coming = new Map<string, number>(),
  ) => makingClaims(claims, states(amounts), coming, new Map())

  test('a ground wants fine soil and grout, and soil as dug behind the soil that is not there', () => {
    const made = make([claim('ground-buff', 200, '2026-12-20')], {
      'ground-buff': 0,
      'soil-fine': 0,
      'soil-medium': 0,
      'soil-raw': 0,
      'grout-pale': 1000,
    })
    expect(
      made.map(({ id, due, needs }) => [
        id,
        due,
        needs.map((need) => [need.materialId, Math.round(need.quantity)]),
      ]),
    ).toEqual([
      [
        'make:ground-buff',
        '2026-12-20',
        [
          ['soil-fine', 100],
          ['grout-pale', 100],
        ],
      ],
      // A quarter of dry soil is fine: 400 g for 100.
      ['make:soil-grades', '2026-12-20', [['soil-raw', 500]]],
    ])
  })

  test('of two grades of one sieving the one that lacks most tells how much is dug', () => {
    const made = make([claim('soil-fine', 50), claim('soil-medium', 40)], {
      'soil-fine': 0,
      'soil-medium': 0,
      'soil-raw': 0,
    })
    expect(made.map(({ needs }) => Math.round(needs[0]?.quantity ?? 0))).toEqual([250])
  })

  test('what is there, or being made, is not made again; what comes in packs is bought', () => {
    expect(make([claim('soil-fine', 50)], { 'soil-fine': 60, 'soil-raw': 0 })).toEqual([])
    expect(
      make([claim('soil-fine', 50)], { 'soil-fine': 0, 'soil-raw': 0 }, new Map([['soil-fine', 50]])),
    ).toEqual([])
    expect(make([claim('pva', 50)], { pva: 0 })).toEqual([])
  })
})

describe('what the shelf is worth', () => {
  test('is what is left of each lot at its own price; a lot without a price is counted apart', () => {
    // 40 g of a lot of 40 g for 4.00, 20 g of 20 g for 4.00.
    expect(stockValue(states({ 'foam-fine-mid': 40, 'leaf-mid': 20 }, 400))).toEqual({
      minor: 800,
      unpriced: 0,
    })
    expect(stockValue(states({ 'foam-fine-mid': 40, 'leaf-mid': 0 }))).toEqual({ minor: 0, unpriced: 1 })
  })
})
