import {
  cheapestBasket,
  compareList,
  lastSendDay,
  orderBy,
  orderFor,
  orderProgress,
  planBuying,
  postageShares,
  priceColumns,
  priceRowOf,
  shoppingText,
  waitingFor,
  type BuyingTask,
  type Offer,
  type Solver,
  type Supplier,
} from '../../../core/buying'
import { readCsv, writeCsv } from '../../../core/csv'
import type { Ahead, Lot, LotBalance, Material } from '../../../core/stock'

const STAMP = '2026-11-01T10:00:00.000Z'
const TODAY = '2026-11-26'
const material = (id: string, unit: Material['unit'] = 'ml'): Material => ({
  id,
  changedAt: STAMP,
  name: `The ${id}`,
  unit,
  of: { stuff: 'other' },
})
const supplier = (id: string, days: number, more: Partial<Supplier> = {}): Supplier => ({
  id,
  changedAt: STAMP,
  name: id.toUpperCase(),
  days,
  postageMinor: 0,
  ...more,
})
const offer = (
  supplierId: string,
  materialId: string,
  packQuantity: number,
  priceMinor: number,
  more: Partial<Offer> = {},
): Offer => ({
  id: `${supplierId}-${materialId}-${packQuantity}`,
  changedAt: STAMP,
  supplierId,
  materialId,
  packQuantity,
  priceMinor,
  stock: 'in stock',
  seen: '2026-11-20',
  origin: 'typed',
  ...more,
})
const lacks = (materialId: string, lacking: Ahead['lacking']): Ahead => ({
  materialId,
  now: 0,
  days: [],
  lacking,
  least: 0,
  ...(lacking[0] ? { runsOut: { ...lacking[0], on: lacking[0].by, who: 'a hedge', short: 1 } } : {}),
})
const wanted = (materialId: string, lacking: Ahead['lacking'], unit?: Material['unit']) => ({
  material: material(materialId, unit),
  ahead: lacks(materialId, lacking),
})
const solve: Solver = (problem, options) => Promise.resolve(cheapestBasket(problem, options))
const money = (minor: number): string => (minor / 100).toFixed(2)
const task = (more: Partial<BuyingTask>): BuyingTask => ({
  wanted: [],
  offers: [],
  suppliers: [],
  today: TODAY,
  leftovers: 'nothing',
  ...more,
})

describe('what to buy', () => {
  const two = task({
    wanted: [
      wanted('glue', [{ by: '2026-12-10', quantity: 730 }]),
      wanted('foam', [{ by: '2026-12-10', quantity: 60 }], 'g'),
    ],
    offers: [
      offer('a', 'glue', 945, 1100),
      offer('a', 'foam', 40, 480),
      offer('b', 'glue', 500, 560),
      offer('b', 'foam', 80, 700),
    ],
    suppliers: [supplier('a', 3, { postageMinor: 200 }), supplier('b', 5, { postageMinor: 200 })],
  })

  test('the basket, the next best, and each alone are had; nothing costs less than the basket', async () => {
    const { basket, second, alone } = await planBuying(two, solve, money)
    // a: 11.00 + 9.60 + 2.00 = 22.60; b: 11.20 + 7.00 + 2.00 = 20.20; both: 11.00 + 7.00 + 4.00 = 22.00.
    expect(basket?.netMinor).toBe(2020)
    expect(second?.netMinor).toBe(2200)
    expect(alone.map(({ supplier: { id }, netMinor }) => [id, netMinor])).toEqual([
      ['a', 2260],
      ['b', 2020],
    ])
    expect(basket?.parcels.map((own) => [own.supplier.id, own.arrives])).toEqual([['b', '2026-12-01']])
    expect(basket?.over.map(({ material: { id }, quantity }) => [id, quantity])).toEqual([
      ['glue', 270],
      ['foam', 20],
    ])
  })

  test('one who does not have what is late with the others lacks it, and no sum is made without it', async () => {
    const { alone } = await planBuying(
      task({
        wanted: [
          wanted('glue', [{ by: '2026-12-10', quantity: 200 }]),
          wanted('foam', [{ by: '2026-11-27', quantity: 60 }], 'g'),
          wanted('moss', [{ by: '2026-12-10', quantity: 5 }], 'g'),
        ],
        offers: [offer('a', 'glue', 500, 560), offer('a', 'foam', 80, 700), offer('b', 'glue', 500, 500)],
        suppliers: [supplier('a', 5), supplier('b', 5)],
      }),
      solve,
      money,
    )
    // Nobody has moss: that counts against neither.
    expect(
      alone.map(({ supplier: { id }, netMinor, lacks }) => [id, netMinor, lacks.map((one) => one.id)]),
    ).toEqual([
      ['a', 1260, []],
      ['b', undefined, ['foam']],
    ])
  })

  test('reasons say what else there was, in packs and money', async () => {
    const { basket } = await planBuying(two, solve, money)
    const [foam, glue] = basket!.parcels[0]!.lines
    expect(foam?.reasons).toEqual(['2 × 40 g from A would cost 2.60 more'])
    expect(glue?.reasons).toEqual([
      '1 × 945 ml from A would cost 0.20 less by itself, and more with its parcel',
    ])
  })

  test('what nobody has, what is sold out and what comes late are told, and the rest is bought', async () => {
    const { basket, obstacles } = await planBuying(
      task({
        wanted: [
          wanted('moss', [{ by: '2026-12-10', quantity: 5 }]),
          wanted('wire', [{ by: '2026-12-10', quantity: 5 }]),
          wanted('latex', [{ by: '2026-11-27', quantity: 5 }]),
        ],
        offers: [offer('a', 'wire', 10, 100, { stock: 'sold out' }), offer('a', 'latex', 10, 100)],
        suppliers: [supplier('a', 3)],
      }),
      solve,
      money,
    )
    expect(obstacles.map(({ material: { id }, kind, soonest }) => [id, kind, soonest])).toEqual([
      ['moss', 'no offer', undefined],
      ['wire', 'sold out', undefined],
      ['latex', 'late', '2026-11-29'],
    ])
    expect(basket?.picks).toEqual([{ offerId: 'a-latex-10', packs: 1 }])
  })

  test('nothing wanted is no basket', async () => {
    expect(await planBuying(task({ suppliers: [supplier('a', 3)] }), solve, money)).toMatchObject({
      obstacles: [],
      alone: [],
    })
  })

  test('one order for now and later saves the second parcel, and says until when it can wait', async () => {
    const now = { ...two, until: '2026-12-10', suppliers: [supplier('b', 5, { postageMinor: 200 })] }
    const later = wanted('stain', [{ by: '2027-02-01', quantity: 100 }])
    const both: BuyingTask = {
      ...now,
      wanted: [...now.wanted, later],
      offers: [...now.offers, offer('b', 'stain', 250, 900)],
    }
    const { basket } = await planBuying(both, solve, money)
    expect(basket?.parcels[0]?.lines.map(({ material: { id } }) => id)).toEqual(['foam', 'glue'])
    expect(lastSendDay(both, basket!)).toBe('2026-12-05')
    expect(await waitingFor(both, basket!, solve)).toEqual({ sendBy: '2026-12-05', next: 1, savesMinor: 200 })
    expect(await waitingFor(now, basket!, solve)).toBeUndefined()
  })

  test('a material must be ordered the fastest delivery before it runs out; sold out does not count', () => {
    const suppliers = new Map([
      ['a', supplier('a', 3)],
      ['b', supplier('b', 8)],
    ])
    const ahead = lacks('glue', [{ by: '2026-12-10', quantity: 1 }])
    expect(orderBy(ahead, [offer('a', 'glue', 1, 1), offer('b', 'glue', 1, 1)], suppliers)).toBe('2026-12-07')
    expect(
      orderBy(ahead, [offer('a', 'glue', 1, 1, { stock: 'sold out' }), offer('b', 'glue', 1, 1)], suppliers),
    ).toBe('2026-12-02')
    expect(orderBy(ahead, [], suppliers)).toBeUndefined()
    expect(orderBy(lacks('glue', []), [offer('a', 'glue', 1, 1)], suppliers)).toBeUndefined()
  })

  test('the list as text has a block for each parcel and the sum', async () => {
    const { basket } = await planBuying(two, solve, money)
    expect(shoppingText(basket!, money, (day) => day)).toBe(
      'B: 20.20, here by 2026-12-01\n  1 × 80 g The foam, 7.00\n  2 × 500 ml The glue, 11.20\n  postage 2.00\n\nAll of it, 1 parcel: 20.20\n',
    )
  })
})

describe('an order', () => {
  const order = {
    id: 'o',
    changedAt: STAMP,
    supplierId: 'a',
    sent: '2026-11-20',
    expected: '2026-11-25',
    postageMinor: 300,
    lines: [
      { materialId: 'glue', packs: 2, packQuantity: 500, priceMinor: 560 },
      { materialId: 'foam', packs: 1, packQuantity: 40, priceMinor: 480 },
    ],
  }
  const lot = (id: string, line: number): Lot => ({
    id,
    materialId: 'glue',
    label: 'x',
    source: 'bought',
    date: TODAY,
    madeAt: STAMP,
    order: { orderId: 'o', line },
  })
  const received = (entries: [string, number][]): Map<string, LotBalance> =>
    new Map(entries.map(([id, quantity]) => [id, { onHand: 0, received: quantity, drawn: quantity }]))

  test('is sent, partly come, come; what was used since has come all the same', () => {
    const state = (lots: Lot[], balances: [string, number][]) =>
      orderProgress(order, lots, received(balances), TODAY).state
    expect(state([], [])).toBe('sent')
    expect(state([lot('l', 0)], [['l', 500]])).toBe('partly come')
    expect(
      state(
        [lot('l', 0), lot('m', 0), lot('n', 1)],
        [
          ['l', 500],
          ['m', 500],
          ['n', 40],
        ],
      ),
    ).toBe('come')
  })

  test('what came short is waited for until the order is closed; overdue only while it is waited for', () => {
    const half = orderProgress(order, [lot('l', 0)], received([['l', 480]]), TODAY)
    expect([half.lines.map(({ waiting }) => waiting), half.overdue]).toEqual([[520, 40], true])
    const closed = orderProgress({ ...order, closed: TODAY }, [lot('l', 0)], received([['l', 480]]), TODAY)
    expect([closed.state, closed.lines.map(({ waiting }) => waiting), closed.overdue]).toEqual([
      'closed short',
      [0, 0],
      false,
    ])
  })

  test('postage is shared out by price to the last hundredth, and evenly among gifts', () => {
    expect(postageShares(order.lines, 301)).toEqual([211, 90])
    expect(
      postageShares(
        [
          { packs: 1, priceMinor: 0 },
          { packs: 3, priceMinor: 0 },
        ],
        101,
      ),
    ).toEqual([51, 50])
  })

  test('follows from a parcel', async () => {
    const { basket } = await planBuying(
      task({
        wanted: [wanted('glue', [{ by: '2026-12-10', quantity: 730 }])],
        offers: [offer('a', 'glue', 400, 500, { article: 'G4', days: 9 })],
        suppliers: [supplier('a', 3, { postageMinor: 250 })],
      }),
      solve,
      money,
    )
    expect(orderFor(basket!.parcels[0]!, TODAY)).toEqual({
      supplierId: 'a',
      sent: TODAY,
      expected: '2026-12-05',
      postageMinor: 250,
      lines: [{ materialId: 'glue', packs: 2, packQuantity: 400, priceMinor: 500, article: 'G4' }],
    })
  })
})

describe('a price list', () => {
  const rows = [
    {
      article: 'A1',
      name: 'the GLUE',
      packQuantity: 500,
      unit: 'ml' as const,
      priceMinor: 590,
      stock: 'in stock' as const,
    },
    {
      article: 'A2',
      name: 'Something else',
      packQuantity: 10,
      unit: 'g' as const,
      priceMinor: 100,
      stock: 'sold out' as const,
      days: 9,
    },
  ]

  test('knows an article again whatever its name, a material by its name, and tells what is gone', () => {
    const known = [
      offer('a', 'moss', 10, 90, { article: 'A2', origin: 'price list' }),
      offer('a', 'wire', 10, 90, { article: 'OLD', origin: 'file' }),
      offer('a', 'wire', 20, 90),
    ]
    const { listed, unknown, gone } = compareList(rows, known, [material('glue')])
    expect(listed.map(({ materialId, was }) => [materialId, was?.id])).toEqual([
      ['glue', undefined],
      ['moss', 'a-moss-10'],
    ])
    expect([unknown, gone.map(({ article }) => article)]).toEqual([[], ['OLD']])
    expect(compareList(rows, [], [material('glue', 'g')]).unknown).toHaveLength(2)
  })

  test('goes out as CSV and comes back the same', () => {
    const read = readCsv(writeCsv(rows, priceColumns), priceColumns)
    expect(read.kind === 'ok' && read.value.rows.map(({ values }) => priceRowOf(values))).toEqual(rows)
  })
})
