import fc from 'fast-check'
import {
  balancesOf,
  convertQuantity,
  costOfDraw,
  priceBook,
  stockStates,
  unitsPerGram,
  volumeWords,
  type Lot,
  type Material,
  type Movement,
} from '../../../core/stock'
import { materials, NOON } from '../../support/workshop'

const material = (id: string): Material => materials.find((row) => row.id === id)!
const foam = material('foam-fine-mid')
const value = (reading: ReturnType<typeof convertQuantity>): number => {
  if (reading.kind === 'none') throw new Error(reading.because)
  return reading.value
}

describe('amounts between units', () => {
  test('a heap goes by its bulk density, a liquid by its own, a piece by its weight, a pack by its size', () => {
    // 40 g of a foam of 0.07 g/ml fill 571 ml; a handful of 60 ml weighs 4.2 g.
    expect(value(convertQuantity(foam, 1, 'pack', 'ml'))).toBeCloseTo(571.429, 3)
    expect(value(convertQuantity(foam, 1, 'handful', 'g'))).toBeCloseTo(4.2, 9)
    expect(value(convertQuantity(material('pva'), 100, 'ml', 'g'))).toBeCloseTo(107, 9)
    expect(value(convertQuantity(material('sprigs'), 6, 'g', 'piece'))).toBeCloseTo(10, 9)
    expect(value(unitsPerGram(material('hairspray')))).toBeCloseTo(1 / 0.75, 9)
    // 40 g/m² of greaseproof: a gram is 250 cm².
    expect(value(unitsPerGram(material('backing')))).toBeCloseTo(250, 9)
    expect(volumeWords(foam, 77)).toBe('1.1 l')
  })

  test('there and back is the same', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 1e5, noNaN: true }), (grams) => {
        for (const unit of ['ml', 'pack', 'handful'] as const)
          expect(
            value(convertQuantity(foam, value(convertQuantity(foam, grams, 'g', unit)), unit, 'g')),
          ).toBeCloseTo(grams, 6)
      }),
    )
  })

  test('what can’t be told is refused with the property that is missing, never taken one to one', () => {
    const because = (over: Partial<Material>, ...way: ['g' | 'pack', Material['unit']]): string => {
      const reading = convertQuantity({ ...foam, ...over }, 5, ...way)
      return reading.kind === 'none' ? reading.because : 'it was converted'
    }
    expect(because({ bulkGPerMl: undefined }, 'g', 'ml')).toMatch(/no bulk density/)
    expect(because({ packQuantity: undefined }, 'pack', 'g')).toMatch(/no pack/)
    expect(because({}, 'g', 'piece')).toMatch(/no weight of a piece/)
    expect(because({}, 'g', 'mm')).toMatch(/no weight of a metre/)
    expect(because({ of: { stuff: 'liquid', liquid: 'pva' }, densityGPerMl: undefined }, 'g', 'ml')).toMatch(
      /no density/,
    )
  })
})

const lot = (id: string, over: Partial<Lot> = {}): Lot => ({
  id,
  materialId: 'foam-fine-mid',
  label: id,
  source: 'bought',
  date: '2026-01-01',
  madeAt: NOON,
  ...over,
})
const receive = (lotId: string, quantity: number): Movement => ({
  id: lotId,
  at: NOON,
  lotId,
  kind: 'receive',
  quantity,
})
function stateOf(
  lots: Lot[],
  movements: Movement[],
  row: Material = foam,
  drawn = new Map<string, Map<string, number>>(),
) {
  const balances = balancesOf(movements)
  const [state] = stockStates(
    [row],
    lots,
    balances,
    priceBook(lots, balances, (id) => drawn.get(id) ?? new Map()),
  )
  return state!
}

describe('prices', () => {
  const old = lot('old', { priceMinor: 400 })
  const dear = lot('dear', { priceMinor: 1000, date: '2026-06-01' })

  test('what is planned costs what will be drawn: first in, first out', () => {
    const state = stateOf([dear, old], [receive('old', 40), receive('dear', 40)])
    // 40 g at 0.10 and 10 g at 0.25.
    expect(costOfDraw(50, state)).toBeCloseTo(40 * 10 + 10 * 25, 9)
  })

  test('what the shelf lacks costs the usual pack; without one, what the newest lot did', () => {
    const state = stateOf([old], [receive('old', 40)])
    expect(costOfDraw(50, state)).toBeCloseTo(400 + 10 * 12, 9)
    const packless = { ...foam, packQuantity: undefined }
    expect(costOfDraw(50, stateOf([old], [receive('old', 40)], packless))).toBeCloseTo(500, 9)
  })

  test('nothing paid is a price; nobody knows is none', () => {
    expect(costOfDraw(5, stateOf([lot('gift', { priceMinor: 0 })], [receive('gift', 40)]))).toBe(0)
    expect(costOfDraw(5, stateOf([lot('found')], [receive('found', 40)]))).toBeUndefined()
  })

  test('a lot made from lots costs its share of what was drawn for it', () => {
    const bath = lot('bath', {
      from: { batchId: 'b', shares: [{ materialId: 'foam-fine-mid', share: 0.5 }] },
    })
    const drawn = new Map([['b', new Map([['old', 20]])]])
    const state = stateOf([old, bath], [receive('old', 40), receive('bath', 10)], foam, drawn)
    // Half of 20 g at 0.10, over 10.
    expect(state.lots.find(({ lot: row }) => row.id === 'bath')?.unitPriceMinor).toBeCloseTo(10, 9)
  })

  test('a lot whose making leads back to itself has no price, and does no harm', () => {
    const circle = lot('circle', {
      from: { batchId: 'b', shares: [{ materialId: 'foam-fine-mid', share: 1 }] },
    })
    const drawn = new Map([['b', new Map([['circle', 5]])]])
    expect(stateOf([circle], [receive('circle', 5)], foam, drawn).lots[0]?.unitPriceMinor).toBeUndefined()
  })
})
