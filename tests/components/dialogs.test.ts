import { describe, expect, it } from '@jest/globals'
import { screen, waitFor } from '@testing-library/dom'
import { saveMaterial, receiveLot } from '../../app/db/commands/stock'
import SupplierDialog from '../../app/components/buying/SupplierDialog.vue'
import CountDialog from '../../app/components/stock/CountDialog.vue'
import MakeStockDialog from '../../app/components/stock/MakeStockDialog.vue'
import MaterialDialog from '../../app/components/stock/MaterialDialog.vue'
import ReceiveDialog from '../../app/components/stock/ReceiveDialog.vue'
import ToolDialog from '../../app/components/tools/ToolDialog.vue'
import { useNotices } from '../../app/stores/notices'
import { useStock } from '../../app/stores/stock'
import { hand, openMine, pick, press, show, type } from '../support/page'
import { value } from '../support/commands'

const notice = (): string =>
  useNotices()
    .list.map(({ text }) => text)
    .join('\n')
/** A material that is on no shelf yet. */
async function foam() {
  const workshop = await openMine()
  const material = value(
    await workshop.dispatch(saveMaterial, {
      name: 'Foam, test green',
      unit: 'g',
      of: { stuff: 'foam', form: 'ground', grainMm: 0.5, colour: '#55773a' },
      packQuantity: 40,
      packPriceMinor: 450,
    }),
  )
  await waitFor(() => expect(useStock().stateById.has(material.id)).toBe(true))
  return { workshop, material }
}

describe('a supplier', () => {
  it('is kept as it was said, and a sum that can’t be read is named', async () => {
    const workshop = await openMine()
    await show(SupplierDialog)
    await type('Name', 'Moor & Moss')
    await type('Postage', 'four')
    await press('Keep')
    expect(screen.getByText('“four” is not a price. Allowed: 12.50.')).toBeTruthy()
    await type('Postage', '4.90')
    await type('Postage free from', '60')
    await press('Keep')
    await waitFor(async () =>
      expect(await workshop.db?.suppliers.toArray()).toMatchObject([
        { name: 'Moor & Moss', days: 5, postageMinor: 490, freeFromMinor: 6000 },
      ]),
    )
    const [stored] = (await workshop.db?.suppliers.toArray()) ?? []
    expect(Object.keys(stored ?? {})).not.toContain('minimumMinor')
  })
})

describe('what is taken in', () => {
  it('is a pack as it usually comes; a harvest costs nothing and has a place', async () => {
    const { workshop, material } = await foam()
    await show(ReceiveDialog, { material })
    expect((screen.getByLabelText('Quantity, grams') as HTMLInputElement).value).toBe('40 g')
    expect((screen.getByLabelText('Price of it all') as HTMLInputElement).value).toBe('4.50')
    expect(screen.queryByLabelText('Place')).toBeNull()
    await hand.click(screen.getByText('harvested'))
    await waitFor(() =>
      expect((screen.getByLabelText('Price of it all') as HTMLInputElement).value).toBe('0'),
    )
    expect(screen.getByText(/Ask before picking/)).toBeTruthy()
    await type('Place', 'own bed')
    await type('Quantity, grams', '2 packs')
    await press('Take in harvest')
    await waitFor(async () =>
      expect(await workshop.db?.lots.toArray()).toMatchObject([
        { source: 'harvested', place: 'own bed', priceMinor: 0 },
      ]),
    )
    expect(notice()).toContain('80 g of Foam, test green taken in.')
  })
  it('is counted: what differs is said', async () => {
    const { workshop, material } = await foam()
    const lot = value(
      await workshop.dispatch(receiveLot, {
        materialId: material.id,
        source: 'bought',
        quantity: 40,
        date: '2026-10-01',
        label: 'Bag 1',
      }),
    )
    const state = await waitFor(() => {
      const found = useStock()
        .stateById.get(material.id)
        ?.lots.find((one) => one.lot.id === lot.id)
      if (!found) throw new Error('not there yet')
      return found
    })
    await show(CountDialog, { state, material })
    expect(screen.getByText('The books say 40 g.')).toBeTruthy()
    await type('Found, grams', 'half')
    await press('Write count')
    expect(screen.getByText(/half/)).toBeTruthy()
    await type('Found, grams', '0')
    await press('Write count')
    await waitFor(() => expect(notice()).toContain('Counted: 40 g less than the books said.'))
  })
})

describe('a material', () => {
  it('is asked for what its stuff has, and keeps what it is not asked for', async () => {
    const workshop = await openMine()
    await show(MaterialDialog)
    await type(/^Name/, 'Wire, test')
    expect(screen.getByLabelText('Grain, mm')).toBeTruthy()
    await pick('Stuff', 'Wire')
    expect(screen.queryByLabelText('Grain, mm')).toBeNull()
    expect(screen.queryByLabelText('Colour')).toBeNull()
    await pick('Counted in', 'millimetres')
    await type(/^Diameter/, '')
    await press('Store material')
    expect(screen.getByText('It is needed.')).toBeTruthy()
    await type(/^Diameter/, '24 AWG')
    await type('Usual pack', '10 m')
    await type('Weight of a metre, g', '-2')
    await press('Store material')
    expect(screen.getByText('Read “-2”; allowed is a number above zero.')).toBeTruthy()
    await type('Weight of a metre, g', '1.8')
    await press('Store material')
    const kept = await waitFor(async () => {
      const found = await workshop.db?.materials.filter(({ name }) => name === 'Wire, test').first()
      if (!found) throw new Error('not kept yet')
      return found
    })
    expect(kept).toMatchObject({ unit: 'mm', packQuantity: 10_000, metreG: 1.8, of: { stuff: 'wire' } })
    // 24 AWG is 0.127 mm × 92^((36 − 24)/39) (ASTM B258).
    expect(kept.of.stuff === 'wire' && kept.of.diameterMm).toBeCloseTo(0.5106, 3)
  })
  it('that has a colour may go without one', async () => {
    const workshop = await openMine()
    await show(MaterialDialog)
    await type(/^Name/, 'Foam, bare')
    await hand.click(screen.getByLabelText('Colour'))
    await press('Store material')
    const kept = await waitFor(async () => {
      const found = await workshop.db?.materials.filter(({ name }) => name === 'Foam, bare').first()
      if (!found) throw new Error('not kept yet')
      return found
    })
    expect(kept.of).toMatchObject({ stuff: 'foam', form: 'ground', grainMm: 0.5 })
    expect('colour' in kept.of && kept.of.colour).toBeFalsy()
  })
})

describe('a tool', () => {
  it('can’t be lent or worn more often than it is there', async () => {
    const workshop = await openMine()
    await show(ToolDialog, { what: 'Pegs', own: true, countable: true })
    await type('Name', 'Pegs, small')
    await type('How many there are in all', '10')
    await type('Of these worn', '4')
    await press('Lend')
    await type('How many, loan 1', '7')
    await press('Keep')
    expect(screen.getByRole('alert').textContent).toBe('Lent: say to whom.')
    await type('To whom, loan 1', 'the club')
    await press('Keep')
    expect(screen.getByRole('alert').textContent).toContain('Read 7 lent and 4 worn of 10')
    await type('How many, loan 1', '6')
    await press('Keep')
    await waitFor(async () =>
      expect(await workshop.db?.tools.toArray()).toMatchObject([
        { name: 'Pegs, small', have: 10, worn: 4, lent: [{ count: 6, to: 'the club' }] },
      ]),
    )
  })
})

describe('what is made for the shelf', () => {
  it('says what goes in, what comes of it and when, by air and in the oven', async () => {
    const workshop = await openMine()
    const material = (id: string) => workshop.materials.find((row) => row.id === id)
    const raw = material('soil-raw')
    const soil = material('soil-medium')
    if (!raw || !soil) throw new Error('the list has no soil')
    value(
      await workshop.dispatch(receiveLot, {
        materialId: raw.id,
        label: 'a bucket',
        source: 'harvested',
        quantity: 3000,
        date: '2026-09-01',
        place: 'own bed',
      }),
    )
    await waitFor(() => expect(useStock().stateById.get(raw.id)?.onHand).toBe(3000))
    const dialog = await show(MakeStockDialog, { material: soil })
    await type('How much, grams', '600')
    // 600 g are 30 % of two kilograms as dug.
    const table = () => screen.getByRole('table', { name: 'What it takes and gives' }).textContent
    expect(table()).toContain('Clay soil, as dug2 kg')
    expect(table()).toContain('gives Soil, fine400 g')
    expect(screen.getByText(/ready after/).textContent).toMatch(/ready after 2 d \d h/)
    await pick('Drying', 'in the oven: an hour a tray at 100 °C, watched; seeds, eggs and spores die too')
    // Four trays, an hour each.
    expect(screen.getByText(/ready after/).textContent).toMatch(/ready after 5 h/)
    dialog.unmount()
  })
})
