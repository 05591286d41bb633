import 'fake-indexeddb/auto'
import { readWorkshop } from '../../../app/db/commands/data'
import { receiveLot } from '../../../app/db/commands/stock'
import { saveSupplier } from '../../../app/db/commands/buying'
import { previewTable, takeTable, type CsvTable } from '../../../app/db/commands/tables'
import { balancesOf } from '../../../core/stock'
import { writeLots, writeMaterials, writeMovements, writeOffers } from '../../../core/workshop'
import { bench, value } from '../../support/commands'

const TODAY = '2026-11-26'
type Bench = Awaited<ReturnType<typeof bench>>
const take = (context: Bench, table: CsvTable, ...lines: string[]) =>
  takeTable(context, table, lines.join('\r\n'), TODAY)
const look = async (context: Bench, table: CsvTable, ...lines: string[]) =>
  value(await previewTable(context, table, lines.join('\r\n'), TODAY))

describe('materials as a table', () => {
  const HEAD = 'name,unit,stuff,kind,size mm,colour,pack,pack price'

  test('go out and come back the same: every stuff, nothing changed, nothing new', async () => {
    const context = await bench()
    const { materials } = await readWorkshop(context)
    expect(await look(context, 'materials', writeMaterials(materials))).toMatchObject({
      faults: [],
      added: 0,
      changed: 0,
      same: materials.length,
    })
  })

  test('a new one is added, a known one by name is changed; what the file does not say stays', async () => {
    const context = await bench()
    value(
      await take(
        context,
        'materials',
        HEAD,
        'Sea foam dust,g,foam,ground,0.3,#7a8a55,30,4.20',
        'PVA,ml,liquid,pva,,,500,"5,50"',
      ),
    )
    const { materials } = await readWorkshop(context)
    expect(materials.find(({ name }) => name === 'Sea foam dust')).toMatchObject({
      of: { stuff: 'foam', form: 'ground', grainMm: 0.3, colour: '#7a8a55' },
      packQuantity: 30,
      packPriceMinor: 420,
    })
    expect(materials.find(({ id }) => id === 'pva')).toMatchObject({
      densityGPerMl: 1.07,
      packQuantity: 500,
      packPriceMinor: 550,
    })
  })

  test('one bad line of 800 is named, and nothing at all is written', async () => {
    const context = await bench()
    const lines = Array.from({ length: 800 }, (_, i) =>
      i === 611
        ? 'Jar 612,g,foam,granular,0.5,#556633,40,4.80'
        : `Jar ${i + 1},g,foam,ground,0.5,#556633,40,4.80`,
    )
    const told = await look(context, 'materials', HEAD, ...lines)
    expect(told.added).toBe(799)
    expect(told.faults).toEqual([
      { line: 613, column: 'stuff', because: expect.stringContaining('form') as string },
    ])
    const before = (await readWorkshop(context)).materials.length
    expect((await take(context, 'materials', HEAD, ...lines)).kind).toBe('none')
    expect((await readWorkshop(context)).materials).toHaveLength(before)
    lines.splice(611, 1)
    value(await take(context, 'materials', HEAD, ...lines))
    expect((await readWorkshop(context)).materials).toHaveLength(before + 799)
  })

  test('a row twice, a unit that lots are counted in, a mixture, a colour that is none: each is told', async () => {
    const context = await bench()
    value(
      await receiveLot(context, {
        materialId: 'pva',
        source: 'bought',
        label: 'x',
        date: TODAY,
        quantity: 10,
      }),
    )
    const { faults } = await look(
      context,
      'materials',
      'id,name,unit,stuff,kind,size mm,colour',
      ',Dust,g,foam,ground,0.3,#7a8a55',
      ',dust,g,foam,ground,0.3,#7a8a55',
      'pva,PVA,g,liquid,pva,,',
      ',A bath,ml,mixture,,,',
      ',Other dust,g,foam,ground,0.3,green',
    )
    expect(faults.map(({ line, column }) => [line, column])).toEqual([
      [3, 'name'],
      [4, 'unit'],
      [5, 'stuff'],
      [6, 'stuff'],
    ])
  })
})

describe('lots and movements as tables', () => {
  test('lots are taken in with their first entry; those that are in the books are passed over', async () => {
    const context = await bench()
    value(
      await take(
        context,
        'lots',
        'material,label,source,date,quantity,price',
        'PVA,Litre,bought,2026-11-01,1000,7.50',
        'Lichen,From the quarry,harvested,2026-10-12,80,0',
      ),
    )
    const { lots, movements, materials } = await readWorkshop(context)
    const balances = balancesOf(movements)
    expect(lots.map(({ materialId, id }) => [materialId, balances.get(id)?.onHand]).sort()).toEqual([
      ['lichen', 80],
      ['pva', 1000],
    ])
    const names = new Map(materials.map(({ id, name }) => [id, name]))
    const text = writeLots(
      lots.map((lot) => ({ lot, material: names.get(lot.materialId)!, received: 1, onHand: 1 })),
    )
    expect(await look(context, 'lots', text)).toMatchObject({ added: 0, same: 2, faults: [] })
  })

  test('faults of lots: no such material, half a piece, no day', async () => {
    const context = await bench()
    const { faults } = await look(
      context,
      'lots',
      'material,label,source,date,quantity',
      'Unobtainium,x,bought,2026-11-01,5',
      'Dried sprigs,x,bought,2026-11-01,2.5',
      'PVA,x,bought,yesterday,5',
      'PVA,x,found,2026-11-01,5',
    )
    expect(faults.map(({ line, column }) => [line, column])).toEqual([
      [2, 'material'],
      [3, 'quantity'],
      [4, 'date'],
      [5, 'source'],
    ])
  })

  test('counts and draws come in, each on what the one before has left; entries of the books are passed over', async () => {
    const context = await bench()
    const lot = value(
      await receiveLot(context, {
        materialId: 'pva',
        source: 'bought',
        label: 'x',
        date: TODAY,
        quantity: 100,
      }),
    )
    value(
      await take(
        context,
        'movements',
        'lot,kind,quantity,counted',
        `${lot.id},count,,80`,
        `${lot.id},draw,30,`,
      ),
    )
    const { movements } = await readWorkshop(context)
    expect(balancesOf(movements).get(lot.id)?.onHand).toBe(50)
    const text = writeMovements(
      movements.map((movement) => ({ movement, label: '', material: '', batch: '' })),
    )
    expect(await look(context, 'movements', text)).toMatchObject({ added: 0, same: 3, faults: [] })
    const { faults } = await look(
      context,
      'movements',
      'lot,kind,quantity,counted',
      'nowhere,count,,5',
      `${lot.id},reversal,5,`,
      `${lot.id},count,5,`,
    )
    expect(faults.map(({ line, column }) => [line, column])).toEqual([
      [2, 'lot'],
      [3, 'kind'],
      [4, 'counted'],
    ])
  })
})

describe('offers as a table', () => {
  test('come in by the names of who sells what, go out, and come back the same', async () => {
    const context = await bench()
    value(await saveSupplier(context, { name: 'The Loft', days: 3, postageMinor: 0 }))
    const head = 'supplier,material,article,pack,price,stock'
    value(
      await take(context, 'offers', head, 'the loft,PVA,P1,1000,7.50,in stock', 'The Loft,PVA,P2,500,4.20,'),
    )
    value(await take(context, 'offers', head, 'The Loft,PVA,P1,1000,7.90,sold out'))
    const { offers } = await readWorkshop(context)
    expect(offers.map(({ article, priceMinor, stock }) => [article, priceMinor, stock]).sort()).toEqual([
      ['P1', 790, 'sold out'],
      ['P2', 420, 'not said'],
    ])
    const text = writeOffers(offers.map((offer) => ({ offer, supplier: 'The Loft', material: 'PVA' })))
    expect(await look(context, 'offers', text)).toMatchObject({ added: 0, changed: 0, same: 2 })
    expect(
      (
        await look(
          context,
          'offers',
          head,
          'Nobody,PVA,,1,1,',
          'The Loft,Nothing,,1,1,',
          'The Loft,PVA,,1,free,',
        )
      ).faults.map(({ line, column }) => [line, column]),
    ).toEqual([
      [2, 'supplier'],
      [3, 'material'],
      [4, 'price'],
    ])
  })
})
