import { jobOf, makeUp, suitOf, type MakeUp } from '../../../core/makeup'
import { plantMethodById } from '../../../core/methods'
import type { Line } from '../../../core/commissions'
import { line, piece, stocked, workedOut } from '../../support/workshop'

const area = (areaCm2: number) => ({ amount: { kind: 'area' as const, areaCm2 } })
const taken = (made: MakeUp, slot: string, step?: string): number =>
  made.uses
    .filter((use) => use.slot === slot && (step === undefined || use.step === step))
    .reduce((sum, { total }) => sum + total.value, 0)
const order = (made: MakeUp): string[] => made.steps.map(({ id }) => id)
const suit = (id: string, over: Partial<Line>, job = {}) =>
  suitOf(plantMethodById(id)!, jobOf(line(over), piece(over, job).piece))

describe('turf in covers', () => {
  const turf = workedOut('turf-covers', { speciesId: 'fescue', ...area(1000) })

  test('in the order of the craft: covers, sealed, solid, then what grows on it, sealed again', () =>
    expect(order(turf)).toEqual(['base', 'seal-base', 'harden', 'growth', 'seal', 'inspect']))

  test('amounts by area: 1000 cm² take 30 ml of glue and 5 under its bushes, 12 g of base green, 4 g of dark on a fifth', () => {
    expect(turf.wanted.value).toBe(2)
    expect(taken(turf, 'glue')).toBeCloseTo(30 + 1000 * 0.05 * 0.1, 9)
    expect(taken(turf, 'green')).toBeCloseTo(12, 9)
    expect(taken(turf, 'dark')).toBeCloseTo(4, 9)
  })

  test('it is sealed twice: each time 60 ml of 1 : 3, so 15 ml of PVA', () => {
    expect(taken(turf, 'seal', 'seal-base')).toBeCloseTo(15, 9)
    expect(taken(turf, 'seal', 'seal')).toBeCloseTo(15, 9)
  })

  test('what is set on it waits until it is solid, and no applicator stands beside the wet alcohol', () => {
    const solid = turf.steps.find(({ id }) => id === 'harden')!
    expect(solid.wait!.leastMin).toBeGreaterThanOrEqual(12 * 60)
    expect(turf.steps.some(({ gives }) => gives.includes('sparks'))).toBe(false)
  })

  test('without lichen, clump and fibre it is still turf', () => {
    const job = jobOf(line({ speciesId: 'fescue', ...area(1000) }), piece({ speciesId: 'fescue' }).piece)
    const states = stocked().filter(
      ({ material: { of } }) => of.stuff !== 'wool' && !(of.stuff === 'foam' && of.form === 'clump'),
    )
    const bare = makeUp({ job, method: plantMethodById('turf-covers')!, states, dryingFactor: 1 })
    expect(bare.missing).toEqual([])
    expect(taken(bare, 'lichen') + taken(bare, 'clump') + taken(bare, 'fibre')).toBe(0)
  })

  test('a tall meadow is no turf', () =>
    expect(suit('turf-covers', { speciesId: 'meadow-grass', ...area(300) }).verdict).toBe('unsuited'))
})

describe('bare ground', () => {
  const ground = workedOut('bare-ground', { speciesId: 'fescue', ...area(500) })

  test('paint, soil, sealed, grass, covers, sealed', () =>
    expect(order(ground)).toEqual(['earth', 'soil', 'seal-soil', 'grass', 'covers', 'seal', 'inspect']))

  test('a fifth of it has grass, and the fibre weighs what the tex system says', () => {
    // 100 cm² of 250 fibres: 25 000 fibres of the length that was taken, at 22 dtex; 0.4 of what is thrown sticks,
    // and 85 % of the fall comes back.
    const fibre = ground.uses.filter(({ slot }) => slot === 'fibre')
    const stuck = fibre.reduce((sum, { material, dispensed: lies }) => {
      if (material?.of.stuff !== 'fibre') throw new Error('no fibre')
      return sum + lies!.value * 0.4
    }, 0)
    const mean = piece({ speciesId: 'fescue' }).piece.sward.heightMm
    const least = (25_000 * Math.max(2, Math.min(mean, 2)) * 22) / 1e7
    expect(stuck).toBeGreaterThan(least * 0.95)
    expect(stuck).toBeLessThan(((25_000 * 12 * 22) / 1e7) * 1.05)
  })

  test('fibre keeps half an hour away from the alcohol of its own sealing', () => {
    const grass = ground.steps.find(({ id }) => id === 'grass')!
    expect(grass.apart).toEqual({ from: ['wet alcohol', 'solvent', 'aerosol'], airMin: 30 })
    expect(ground.steps.find(({ id }) => id === 'seal-soil')!.gives).toContain('wet alcohol')
  })
})

describe('snow', () => {
  test('15 cm on 300 cm² at 1:76.2 are 59 ml, at 0.5 g/ml and 15 % lost 34.74 g; and no coat over it', () => {
    const snow = workedOut('snow-cover', { speciesId: 'fescue', ...area(300) })
    expect(taken(snow, 'snow')).toBeCloseTo(34.738, 2)
    expect(order(snow)).toEqual(['stems', 'snow', 'inspect'])
    expect(snow.uses.some(({ slot }) => slot === 'seal')).toBe(false)
  })

  test('in June it says that the grass is green; in January that it stands dead', () => {
    const over: Partial<Line> = { speciesId: 'tufted-hair-grass', ...area(300) }
    expect(suit('snow-cover', over, { dateDepicted: '2026-06-20' }).reasonsAgainst.join()).toContain('green')
    expect(suit('snow-cover', over, { dateDepicted: '2026-01-20' }).reasonsFor.join()).toContain('dead')
  })
})

describe('a bed', () => {
  const bed = (date: string) =>
    workedOut('planted-bed', { speciesId: 'oxeye-daisy', ...area(120) }, {}, { dateDepicted: date })

  test('flowers are dusted on in their weeks only', () => {
    expect(order(bed('2026-06-20'))).toEqual(['earth', 'plants', 'flowers', 'inspect'])
    expect(order(bed('2026-10-20'))).toEqual(['earth', 'plants', 'inspect'])
    expect(taken(bed('2026-06-20'), 'flowers')).toBeGreaterThan(0)
  })

  test('earth by area, and powder by the share in flower', () => {
    expect(taken(bed('2026-06-20'), 'earth')).toBeCloseTo(120 * 0.12, 9)
    const june = bed('2026-06-20')
    // The plants' ground × the share in flower × 6 mg, whatever the cover is.
    const { sward } = piece({ speciesId: 'oxeye-daisy' }, { dateDepicted: '2026-06-20' }).piece
    expect(taken(june, 'flowers') / taken(june, 'leaf')).toBeCloseTo((sward.heads * 0.006) / 0.025, 6)
  })
})

describe('litter under trees', () => {
  const floor: Partial<Line> = { speciesId: 'beech', ...area(500) }

  test('500 cm² take 12 g of ground leaves on four fifths, 15 ml of PVA, and are sealed', () => {
    const made = workedOut('woodland-floor', floor, {}, { dateDepicted: '2026-10-04' })
    expect(taken(made, 'litter')).toBeCloseTo(12, 9)
    expect(taken(made, 'glue')).toBeCloseTo(15, 9)
    expect(order(made)).toEqual(['floor', 'moss', 'seal', 'inspect'])
  })

  test('is what the ways for floors make: no grass in layers on it', () => {
    expect(suit('woodland-floor', floor).verdict).toBe('suits')
    expect(suit('layered-grass', floor).verdict).toBe('unsuited')
  })
})

describe('mixtures to wet and to seal', () => {
  test('1000 cm² sealed twice: 30 ml of PVA in 90 of water, 28 ml of alcohol in 12', () => {
    const { pours } = workedOut('turf-covers', { speciesId: 'fescue', ...area(1000) })
    const ml = (title: string, label: string): number =>
      pours.find((pour) => pour.title === title)!.lines.find((one) => one.label === label)!.figure.value
    expect(ml('Seal, PVA 1 : 3 water', 'PVA')).toBeCloseTo(30, 9)
    expect(ml('Seal, PVA 1 : 3 water', 'Water')).toBeCloseTo(90, 9)
    expect(ml('Wetting mist', 'Alcohol')).toBeCloseTo(28, 9)
    expect(ml('Wetting mist', 'Water')).toBeCloseTo(12, 9)
  })

  test('what is poured is what is drawn; nothing is poured where nothing is sealed', () => {
    const over: Partial<Line> = { speciesId: 'fescue', ...area(260) }
    const none = workedOut('layered-grass', over)
    expect(none.pours).toEqual([])
    const made = workedOut('layered-grass', over, { choices: { seal: 'sealed' } })
    const pva = made.pours.at(-1)!.lines.find(({ label }) => label === 'PVA')!
    expect(pva.figure.value).toBeCloseTo(taken(made, 'seal', 'seal'), 9)
  })
})
