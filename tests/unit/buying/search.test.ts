import {
  cheapestBasket,
  type BasketOffer,
  type BasketProblem,
  type BasketSupplier,
} from '../../../core/buying'
import { randomBasket } from '../../support/baskets'

const SOON = '2026-12-04'
const offer = (
  id: string,
  supplierId: string,
  packQuantity: number,
  priceMinor: number,
  arrives = SOON,
): BasketOffer => ({ id, supplierId, materialId: 'pva', packQuantity, priceMinor, arrives })
const seller = (id: string, more: Partial<BasketSupplier> = {}): BasketSupplier => ({
  id,
  postageMinor: 0,
  ...more,
})
const wants = (quantity: number, by = SOON, later = 0) => [
  { materialId: 'pva', dues: [{ by, quantity }], later },
]

/** Every number of packs up to a bound, by counting. */
function byTrying({ needs, offers, suppliers }: BasketProblem, most: number): number | undefined {
  let least: number | undefined
  const packs = offers.map(() => 0)
  const sum = (own: readonly number[]): number => own.reduce((all, value) => all + value, 0)
  for (;;) {
    const covered = needs.every(({ materialId, dues }) =>
      dues.every(
        ({ by, quantity }) =>
          sum(
            offers.map((own, i) =>
              own.materialId === materialId && own.arrives <= by ? own.packQuantity * packs[i]! : 0,
            ),
          ) >= quantity,
      ),
    )
    const costs = suppliers.map((own) => {
      const spent = sum(offers.map((row, i) => (row.supplierId === own.id ? row.priceMinor * packs[i]! : 0)))
      if (spent === 0) return 0
      if (spent < (own.minimumMinor ?? 0)) return Infinity
      return spent + (spent >= (own.freeFromMinor ?? Infinity) ? 0 : own.postageMinor)
    })
    if (covered && sum(costs) < (least ?? Infinity)) least = sum(costs)
    let at = 0
    while (at < packs.length && packs[at] === most) packs[at++] = 0
    if (at === packs.length) return least
    packs[at]! += 1
  }
}

describe('the cheapest basket', () => {
  const bottles = [
    offer('small', 'a', 200, 300),
    offer('middle', 'a', 500, 620),
    offer('large', 'a', 945, 1100),
  ]

  test('730 ml from packs of 200, 500 and 945 is a 500 and two of 200 until the large one costs less', () => {
    const basket = (large: number) =>
      cheapestBasket({
        needs: wants(730),
        offers: [bottles[0]!, bottles[1]!, offer('large', 'a', 945, large)],
        suppliers: [seller('a')],
      })
    // Four of 200 are 12.00; 500 and two of 200 are 12.20; two of 500 are 12.40.
    expect(basket(1300)).toMatchObject({ picks: [{ offerId: 'small', packs: 4 }], netMinor: 1200 })
    expect(basket(1100)).toMatchObject({ picks: [{ offerId: 'large', packs: 1 }], netMinor: 1100 })
  })

  test('a parcel of a second supplier must earn its postage', () => {
    const problem = (postageMinor: number): BasketProblem => ({
      needs: [...wants(1000), { materialId: 'foam', dues: [{ by: SOON, quantity: 80 }], later: 0 }],
      offers: [
        offer('pva-a', 'a', 1000, 750),
        { ...offer('foam-a', 'a', 40, 480), materialId: 'foam' },
        { ...offer('foam-b', 'b', 40, 300), materialId: 'foam' },
      ],
      suppliers: [seller('a', { postageMinor: 300 }), seller('b', { postageMinor })],
    })
    // 2 × 1.80 is saved on the foam.
    expect(cheapestBasket(problem(350))?.picks.map(({ offerId }) => offerId)).toEqual(['pva-a', 'foam-b'])
    expect(cheapestBasket(problem(370))?.picks.map(({ offerId }) => offerId)).toEqual(['pva-a', 'foam-a'])
  })

  test('a pack more is bought where that makes the parcel free, and not where it costs more than the postage', () => {
    const problem = (freeFromMinor: number): BasketProblem => ({
      needs: wants(500),
      offers: [offer('middle', 'a', 500, 620), offer('small', 'a', 100, 300)],
      suppliers: [seller('a', { postageMinor: 390, freeFromMinor })],
    })
    // 6.20 + 3.00 = 9.20 goes free; by itself 6.20 + 3.90 = 10.10.
    expect(cheapestBasket(problem(900))).toMatchObject({ goodsMinor: 920, postageMinor: 0 })
    expect(cheapestBasket(problem(1050))).toMatchObject({ goodsMinor: 620, postageMinor: 390 })
  })

  test('no order below a supplier’s minimum', () => {
    const basket = cheapestBasket({
      needs: wants(100),
      offers: [offer('small', 'a', 200, 300)],
      suppliers: [seller('a', { minimumMinor: 1000 })],
    })
    expect(basket).toMatchObject({ picks: [{ offerId: 'small', packs: 4 }], goodsMinor: 1200 })
  })

  test('what comes late serves what is wanted late, and only that', () => {
    const basket = cheapestBasket({
      needs: [
        {
          materialId: 'pva',
          dues: [
            { by: SOON, quantity: 100 },
            { by: '2026-12-20', quantity: 600 },
          ],
          later: 0,
        },
      ],
      offers: [offer('dear', 'a', 100, 300), offer('slow', 'a', 500, 500, '2026-12-15')],
      suppliers: [seller('a')],
    })
    expect(basket?.picks).toEqual([
      { offerId: 'dear', packs: 1 },
      { offerId: 'slow', packs: 1 },
    ])
  })

  test('a larger pack is worth it where later work uses what is over, and not for nothing', () => {
    const problem = (later: number): BasketProblem => ({
      needs: wants(150, SOON, later),
      offers: [offer('small', 'a', 200, 300), offer('large', 'a', 1000, 900)],
      suppliers: [seller('a')],
    })
    expect(cheapestBasket(problem(0))?.picks).toEqual([{ offerId: 'small', packs: 1 }])
    // 850 ml over, at 0.9 a ml: 9.00 − 7.65 = 1.35.
    expect(cheapestBasket(problem(2000))).toMatchObject({
      picks: [{ offerId: 'large', packs: 1 }],
      worthMinor: 765,
    })
  })

  test('nothing wanted is an empty basket; what nobody has in time is none', () => {
    expect(cheapestBasket({ needs: [], offers: bottles, suppliers: [seller('a')] })).toMatchObject({
      picks: [],
      netMinor: 0,
    })
    expect(
      cheapestBasket({ needs: wants(100, '2026-12-01'), offers: bottles, suppliers: [seller('a')] }),
    ).toBeUndefined()
  })

  test('it is the least of all that can be counted, on small lists', () => {
    for (let seed = 1; seed <= 14; seed += 1) {
      const drawn = randomBasket(seed, { materials: 2, offers: 2, suppliers: 2 })
      const problem: BasketProblem = {
        ...drawn,
        needs: drawn.needs.map((need) => ({
          ...need,
          later: 0,
          dues: need.dues.map((due) => ({ ...due, quantity: Math.min(due.quantity, 150) })),
        })),
        offers: drawn.offers.map((row) => ({
          ...row,
          packQuantity: row.packQuantity + 20,
          priceMinor: row.priceMinor * 3,
        })),
        suppliers: drawn.suppliers.map((own) => ({
          ...own,
          ...(own.freeFromMinor === undefined ? {} : { freeFromMinor: own.freeFromMinor / 4 }),
        })),
      }
      expect([seed, cheapestBasket(problem)?.netMinor]).toEqual([seed, byTrying(problem, 18)])
    }
  })

  test('twenty packs that six sell for the same, and ten million of a tiny one, are answered at once and honestly', () => {
    const six = Array.from({ length: 6 }, (_, i) => `s${i}`)
    const same = cheapestBasket({
      needs: wants(1000),
      offers: six.map((id) => offer(`o-${id}`, id, 50, 200)),
      suppliers: six.map((id) => seller(id, { postageMinor: 100 })),
    })
    expect(same?.netMinor).toBe(4100)
    expect(same?.notBelowMinor).toBeGreaterThan(3900)
    expect(
      cheapestBasket({
        needs: wants(1e7),
        offers: [offer('crumb', 'a', 0.001, 1), offer('sack', 'a', 5000, 900)],
        suppliers: [seller('a')],
      })?.picks,
    ).toEqual([{ offerId: 'sack', packs: 2000 }])
  })

  test('more suppliers than can be compared are refused, and an offer of nobody', () => {
    const many = Array.from({ length: 11 }, (_, i) => seller(`s${i}`))
    expect(() => cheapestBasket({ needs: [], offers: [], suppliers: many })).toThrow('at most 10')
    expect(() =>
      cheapestBasket({ needs: wants(1), offers: [offer('x', 'nobody', 1, 1)], suppliers: [seller('a')] }),
    ).toThrow('nobody')
  })
})
