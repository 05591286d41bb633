import { batchCost, readLedger } from '../../core/batches'
import { bathFor, soakingMedium } from '../../core/adhesives'
import { formOf, speciesById, type Age } from '../../core/plants'
import { balancesOf, catalogue, type Movement } from '../../core/stock'
import { buildDemo } from '../../server/demo/build'
import { pieces, workedOut } from '../support/workshop'

describe('yields and times (common practice)', () => {
  test('a quarter-bushel box of sprigs is sold as 30 to 35 trees', () => {
    const box = catalogue.find(({ id }) => id === 'sprigs')!.packQuantity!
    expect(box).toBeGreaterThanOrEqual(30)
    expect(box).toBeLessThanOrEqual(35)
  })

  test('fifty sprigs are one drying load; a bath of 1 : 5 for them stands in a two-litre tub', () => {
    const bath = bathFor(50, 0.015 * 120, 400, soakingMedium)
    expect(bath.waterMl / bath.concentrateMl).toBeCloseTo(5, 9)
    expect(bath.totalMl).toBeLessThan(2000)
  })

  test('five trees from prepared sprigs take minutes; three to five are sprinkled in the minute that the spray stays wet', () => {
    const { steps } = workedOut('sprig-tree', { heightM: 5, amount: pieces(5) }, { started: 5 })
    const sprinkle = steps.find(({ id }) => id === 'sprinkle')!
    expect(sprinkle.atOnce!.count).toBeGreaterThanOrEqual(3)
    expect(sprinkle.atOnce!.count).toBeLessThanOrEqual(5)
    const prepared = steps
      .filter(({ id }) => ['trunk', 'sprinkle', 'highlight'].includes(id))
      .reduce((sum, step) => sum + step.hands.onceSec + 5 * step.hands.eachSec, 0)
    expect(prepared / 60).toBeLessThan(12)
  })

  test('contact adhesive turns clear in 20 to 30 minutes and a clump is pressed on in 45 s', () => {
    const { steps } = workedOut('moulded-trunk', { heightM: 6, amount: pieces(5) })
    expect(steps.find(({ id }) => id === 'coat')!.wait!.leastMin).toBeGreaterThanOrEqual(20)
    expect(steps.find(({ id }) => id === 'coat')!.wait!.leastMin).toBeLessThanOrEqual(30)
    // 45 s for a crown of 40 cm², more for a larger one.
    expect(steps.find(({ id }) => id === 'press')!.hands.eachSec).toBeGreaterThan(20)
    expect(steps.find(({ id }) => id === 'press')!.hands.eachSec).toBeLessThan(90)
  })

  test('forty money units bought one tree, or the materials of fourteen: with leftovers written off, a fourteenth each', () => {
    const at = '2026-01-01T00:00:00.000Z'
    const movements: Movement[] = [
      { id: '1', at, lotId: 'lot', kind: 'receive', quantity: 20 },
      { id: '2', at, lotId: 'lot', kind: 'draw', quantity: -14, batchId: 'b' },
    ]
    const ledger = readLedger(
      [
        {
          id: 'lot',
          materialId: 'sprigs',
          label: 'kit',
          source: 'bought',
          date: '2026-01-01',
          madeAt: at,
          priceMinor: 4000,
        },
      ],
      movements,
      balancesOf(movements),
    )
    const cost = batchCost('b', ledger)
    // 2.86 units each with what is left written off, 2 where it is still worth its price.
    expect(cost.writtenOffMinor / 14).toBeCloseTo(285.714286, 5)
    expect(cost.usedMinor / 14).toBeCloseTo(200, 6)
  })
})

describe('forms against well-known ranges (from memory: field guides agree within them)', () => {
  test.each<[string, Age, number, number]>([
    ['beech', 'mature', 20, 30],
    ['norway-spruce', 'mature', 20, 35],
    ['silver-birch', 'mature', 14, 22],
    ['rowan', 'mature', 8, 15],
    ['hawthorn', 'mature', 4, 8],
    ['hazel', 'mature', 3, 6],
    ['pedunculate-oak', 'mature', 16, 28],
    ['scots-pine', 'mature', 15, 25],
    ['italian-cypress', 'mature', 12, 25],
    ['umbrella-pine', 'mature', 12, 20],
    ['common-reed', 'mature', 1.5, 3.5],
    ['bracken', 'mature', 0.8, 2],
  ])('%s, %s, stands between %d and %d m', (id, age, least, most) => {
    const { heightM } = formOf(speciesById(id), age)
    expect(heightM).toBeGreaterThanOrEqual(least)
    expect(heightM).toBeLessThanOrEqual(most)
  })

  test('the first living branch of a timber pine is about 3 m up (common practice) or higher in an old one', () => {
    expect(formOf(speciesById('scots-pine'), 'semi-mature').clearStemM).toBeGreaterThan(3)
  })
})

describe('trees, their times and yields (common practice)', () => {
  const each = (up: ReturnType<typeof workedOut>, ids: readonly string[]): number =>
    up.steps.reduce((sum, step) => (ids.includes(step.id) ? sum + step.hands.eachSec : sum), 0)

  test('twelve dowels are rasped in an hour', () => {
    // Of 300 mm, as makers count them.
    const up = workedOut('dowel-conifer', { speciesId: 'norway-spruce', heightM: (300 * 76.2) / 1000 })
    expect(3600 / each(up, ['rasp'])).toBeCloseTo(12, 6)
  })

  test('a flower-head birch is a minute in a run of hundreds, twice that below twenty', () => {
    const birch = (count: number) => {
      const up = workedOut(
        'flower-head-birch',
        { speciesId: 'silver-birch', heightM: 7, zone: 'middle', amount: pieces(count) },
        { started: count },
      )
      return up.steps.reduce((sum, step) => sum + step.hands.eachSec, 0)
    }
    expect(birch(300)).toBeGreaterThan(48)
    expect(birch(300)).toBeLessThan(72)
    expect(birch(10) / birch(300)).toBeCloseTo(2, 1)
  })

  test('a flower-head pine is 50 seconds in a hundred', () => {
    const up = workedOut(
      'flower-head-pine',
      { speciesId: 'scots-pine', heightM: 7, zone: 'middle' },
      { started: 100 },
    )
    const all = up.steps.reduce((sum, step) => sum + step.hands.eachSec, 0)
    expect(all).toBeGreaterThan(42)
    expect(all).toBeLessThan(58)
  })

  test('six twig trees are an evening of hands; two nights of drying are beside it', () => {
    const up = workedOut(
      'twig-tree',
      { speciesId: 'beech', heightM: 12, zone: 'front', amount: pieces(6) },
      { started: 6 },
    )
    const hours = up.handsMin.value / 60
    expect(hours).toBeGreaterThan(2.5)
    expect(hours).toBeLessThan(4.5)
    expect(up.steps.filter(({ wait }) => (wait?.leastMin ?? 0) >= 600)).toHaveLength(2)
  })

  test('fifteen to twenty minutes of tips a twig tree', () => {
    const seconds = each(workedOut('twig-tree', { speciesId: 'beech', heightM: 12 }), ['tips'])
    expect(seconds).toBeGreaterThanOrEqual(15 * 60)
    expect(seconds).toBeLessThanOrEqual(20 * 60)
  })

  test('a box sold as 30 to 35 trees gives a hundred and more when it is sorted: the demo’s does', () => {
    const { lots, movements } = buildDemo(Date.parse('2026-11-25T08:00:00.000Z'))
    const heaps = lots.filter(
      ({ label, materialId }) =>
        label === 'Sorted from Quarter-bushel box' && materialId.startsWith('sprigs-'),
    )
    const came = movements
      .filter(({ lotId, kind }) => kind === 'receive' && heaps.some(({ id }) => id === lotId))
      .reduce((sum, { quantity }) => sum + quantity, 0)
    expect(came).toBeGreaterThanOrEqual(100)
  })
})
