import 'fake-indexeddb/auto'
import {
  closeOrder,
  receiveOrder,
  removeSupplier,
  saveOffer,
  saveSupplier,
  sendOrders,
  takePriceList,
} from '../../../app/db/commands/buying'
import { changeLine, saveCommission, saveLine, substituteMaterial } from '../../../app/db/commands/brief'
import { readWorkshop } from '../../../app/db/commands/data'
import { countLots, receiveLot, saveMark } from '../../../app/db/commands/stock'
import { forgetTool, saveTool } from '../../../app/db/commands/tools'
import { orderProgress } from '../../../core/buying'
import { balancesOf } from '../../../core/stock'
import { mergeWorkshops } from '../../../core/workshop'
import { bench, value } from '../../support/commands'
import { commission, line } from '../../support/workshop'

const TODAY = '2026-11-26'

/** A supplier with an offer of PVA, and an order of three bottles and a jar of latex. */
async function ordered() {
  const context = await bench()
  const { id: supplierId } = value(
    await saveSupplier(context, { name: 'A loft', days: 3, postageMinor: 300 }),
  )
  value(
    await saveOffer(context, {
      supplierId,
      materialId: 'pva',
      packQuantity: 1000,
      priceMinor: 700,
      stock: 'in stock',
      seen: TODAY,
      origin: 'typed',
    }),
  )
  const [order] = value(
    await sendOrders(context, [
      {
        supplierId,
        sent: TODAY,
        expected: '2026-11-29',
        postageMinor: 300,
        lines: [
          { materialId: 'pva', packs: 3, packQuantity: 1000, priceMinor: 700 },
          { materialId: 'latex', packs: 1, packQuantity: 250, priceMinor: 900 },
        ],
      },
    ]),
  )
  return { context, supplierId, order: order! }
}
const progress = async (context: Awaited<ReturnType<typeof bench>>, id: string) => {
  const { orders, lots, movements } = await readWorkshop(context)
  return orderProgress(
    orders.find((one) => one.id === id)!,
    lots,
    balancesOf(movements),
    TODAY,
  )
}

describe('an order that comes short', () => {
  test('makes lots of what came; the rest is waited for, comes later, and the order costs what it cost', async () => {
    const { context, order } = await ordered()
    value(await receiveOrder(context, order.id, [{ line: 0, quantity: 2000, label: 'Two bottles' }], TODAY))
    expect(await progress(context, order.id)).toMatchObject({
      state: 'partly come',
      lines: [{ waiting: 1000 }, { waiting: 250 }],
    })
    value(
      await receiveOrder(
        context,
        order.id,
        [
          { line: 0, quantity: 1000, label: 'Third bottle' },
          { line: 1, quantity: 250, label: 'Latex' },
        ],
        TODAY,
      ),
    )
    expect((await progress(context, order.id)).state).toBe('come')
    const lots = (await readWorkshop(context)).lots
    // 3 × 7.00 + 9.00 + 3.00 postage.
    expect(lots.reduce((sum, { priceMinor = 0 }) => sum + priceMinor, 0)).toBe(3300)
    expect(lots.every(({ source, order: of }) => source === 'bought' && of?.orderId === order.id)).toBe(true)
  })

  test('is closed, and opened again when the rest comes after all', async () => {
    const { context, order } = await ordered()
    value(await receiveOrder(context, order.id, [{ line: 0, quantity: 1500, label: 'x' }], TODAY))
    value(await closeOrder(context, order.id, TODAY))
    expect(await progress(context, order.id)).toMatchObject({
      state: 'closed short',
      lines: [{ waiting: 0 }, {}],
    })
    value(await closeOrder(context, order.id, undefined))
    expect(await progress(context, order.id)).toMatchObject({
      state: 'partly come',
      lines: [{ waiting: 1500 }, {}],
    })
  })

  test('nothing come is refused, a line that is not there too, and nothing is written', async () => {
    const { context, order } = await ordered()
    for (const come of [
      [],
      [{ line: 0, quantity: 0, label: 'x' }],
      [
        { line: 0, quantity: 5, label: 'x' },
        { line: 7, quantity: 5, label: 'x' },
      ],
      [{ line: 0, quantity: 5, label: '  ' }],
    ])
      expect((await receiveOrder(context, order.id, come, TODAY)).kind).toBe('none')
    expect((await readWorkshop(context)).lots).toEqual([])
  })
})

describe('suppliers and their lists', () => {
  test('a supplier who is taken out goes with the offers; the order that was sent stays', async () => {
    const { context, supplierId, order } = await ordered()
    value(await removeSupplier(context, supplierId))
    const { suppliers, offers } = await readWorkshop(context)
    expect([suppliers[0]?.removed, offers[0]?.removed]).toEqual([true, true])
    expect((await progress(context, order.id)).state).toBe('sent')
    expect((await removeSupplier(context, supplierId)).kind).toBe('none')
  })

  test('a list is taken over whole or not at all; what was typed stays unless the list has it', async () => {
    const { context, supplierId } = await ordered()
    const row = (article: string, priceMinor: number) => ({
      row: {
        article,
        name: 'PVA',
        packQuantity: 500,
        unit: 'ml' as const,
        priceMinor,
        stock: 'in stock' as const,
      },
      materialId: 'pva',
    })
    const take = (listed: ReturnType<typeof row>[]) =>
      takePriceList(context, { supplierId, listed, origin: 'file', seen: TODAY })
    expect((await take([row('A', 400), row('B', -1)])).kind).toBe('none')
    expect((await readWorkshop(context)).offers).toHaveLength(1)
    expect(value(await take([row('A', 400)]))).toBe(1)
    const was = (await readWorkshop(context)).offers.find(({ article }) => article === 'A')!
    expect(value(await take([{ ...row('A', 450), was } as ReturnType<typeof row>]))).toBe(1)
    const { offers } = await readWorkshop(context)
    expect(offers.map(({ article, priceMinor }) => [article, priceMinor])).toEqual(
      expect.arrayContaining([
        [undefined, 700],
        ['A', 450],
      ]),
    )
  })

  test('two copies that changed a supplier apart keep both changes', async () => {
    const { context, supplierId } = await ordered()
    const before = await readWorkshop(context)
    const draft = { id: supplierId, name: 'A loft', days: 3, postageMinor: 300 }
    value(await saveSupplier(context, { ...draft, days: 9 }))
    const one = await readWorkshop(context)
    const other = {
      ...before,
      suppliers: before.suppliers.map((own) => ({
        ...own,
        postageMinor: 100,
        fieldsAt: { postageMinor: '2030-01-01T00:00:00.000Z' },
      })),
    }
    expect(mergeWorkshops(one, other).suppliers[0]).toMatchObject({ days: 9, postageMinor: 100 })
    expect(mergeWorkshops(other, one)).toEqual(mergeWorkshops(one, other))
  })
})

describe('a stock-take', () => {
  test('corrects each jar by what was found less what the books said then: what was drawn meanwhile stays drawn', async () => {
    const context = await bench()
    const lot = value(
      await receiveLot(context, {
        materialId: 'pva',
        source: 'bought',
        label: 'Litre',
        date: TODAY,
        quantity: 1000,
      }),
    )
    const other = value(
      await receiveLot(context, {
        materialId: 'latex',
        source: 'bought',
        label: 'Pot',
        date: TODAY,
        quantity: 250,
      }),
    )
    // Found 900 when the books said 1000; before it is written, a count of somebody else takes 50 away.
    value(await countLots(context, [{ lotId: lot.id, counted: 950, books: 1000 }]))
    expect(
      value(
        await countLots(context, [
          { lotId: lot.id, counted: 900, books: 1000 },
          { lotId: other.id, counted: 250, books: 250 },
          { lotId: 'gone', counted: 1, books: 1 },
        ]),
      ),
    ).toBe(1)
    const { movements } = await readWorkshop(context)
    expect(balancesOf(movements).get(lot.id)?.onHand).toBe(850)
    expect(movements.filter(({ note }) => note === 'stock-take')).toHaveLength(3)
    expect((await countLots(context, [])).kind).toBe('none')
  })
})

describe('where a lot stands', () => {
  test('is noted under the lot, changed, emptied; a picture must be one; a lot that is not there has no place', async () => {
    const context = await bench()
    const lot = value(
      await receiveLot(context, {
        materialId: 'pva',
        source: 'bought',
        label: 'Litre',
        date: TODAY,
        quantity: 1000,
      }),
    )
    const photo = 'data:image/jpeg;base64,AAAA'
    value(await saveMark(context, { id: lot.id, shelf: 'left', box: 'glues', photo }))
    value(await saveMark(context, { id: lot.id, shelf: 'right' }))
    const [mark] = (await readWorkshop(context)).lotMarks
    expect([mark?.id, mark?.shelf, mark?.box, mark?.photo]).toEqual([lot.id, 'right', undefined, undefined])
    for (const wrong of ['https://example.invalid/jar.jpg', 'data:text/html;base64,AAAA'])
      expect((await saveMark(context, { id: lot.id, photo: wrong })).kind).toBe('none')
    expect((await saveMark(context, { id: 'gone', shelf: 'left' })).kind).toBe('none')
  })
})

describe('tools', () => {
  test('are said, changed, forgotten and said again', async () => {
    const context = await bench()
    const said = { id: 'glue-pot', have: 1, worn: 0, lent: [{ count: 1, to: 'the club', since: TODAY }] }
    value(await saveTool(context, said))
    value(await forgetTool(context, 'glue-pot'))
    expect((await readWorkshop(context)).tools[0]?.removed).toBe(true)
    expect(value(await saveTool(context, { ...said, lent: [] }))).toMatchObject({ lent: [] })
    expect((await readWorkshop(context)).tools[0]?.removed).toBeUndefined()
    expect((await saveTool(context, { ...said, have: -1 })).kind).toBe('none')
  })
})

describe('a substitute', () => {
  test('is taken in all lines at once, or in none; what each had chosen besides stays', async () => {
    const context = await bench()
    await saveCommission(context, commission())
    value(await saveLine(context, { ...line(), id: 'one' }))
    value(await saveLine(context, { ...line(), id: 'two' }))
    value(
      await changeLine(context, 'one', { materials: { foliage: 'leaf-mid', primer: 'spray-grey-brown' } }),
    )
    const takers = [
      { lineId: 'one', slot: 'foliage' },
      { lineId: 'two', slot: 'foliage' },
      { lineId: 'gone', slot: 'foliage' },
    ]
    expect(value(await substituteMaterial(context, takers, 'leaf-olive'))).toBe(2)
    expect((await readWorkshop(context)).lines.map(({ materials }) => materials)).toEqual([
      { foliage: 'leaf-olive', primer: 'spray-grey-brown' },
      { foliage: 'leaf-olive' },
    ])
    expect((await substituteMaterial(context, takers, 'no such thing')).kind).toBe('none')
  })
})
