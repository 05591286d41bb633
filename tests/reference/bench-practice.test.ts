import { batchCost, readLedger } from '../../core/batches'
import { bathFor, soakingMedium } from '../../core/adhesives'
import { makeUp, methodById } from '../../core/methods'
import { formOf, speciesById, type Age } from '../../core/plants'
import { catalogue } from '../../core/stock'
import { piece, stocked } from '../support/workshop'

describe('yields and times (common practice)', () => {
  test('a quarter-bushel box of sprigs is sold as 30 to 35 trees', () => {
    const box = catalogue.find(({ id }) => id === 'sprigs')!.packQuantity!
    expect(box).toBeGreaterThanOrEqual(30)
    expect(box).toBeLessThanOrEqual(35)
  })

  test('fifty sprigs go through one soak of 1 : 5, and a bath that size stands in a two-litre tub', () => {
    const bath = bathFor(50, 0.015 * 120, 400, soakingMedium)
    expect(bath.waterMl / bath.concentrateMl).toBeCloseTo(5, 9)
    expect(bath.totalMl).toBeLessThan(2000)
  })

  test('five trees from prepared sprigs take minutes; three to five are sprinkled in the minute that the spray stays wet', () => {
    const { steps } = makeUp({
      piece: piece().piece,
      method: methodById('sprig-tree'),
      wanted: 5,
      started: 5,
      states: stocked(),
      dryingFactor: 1,
    })
    const sprinkle = steps.find(({ id }) => id === 'sprinkle')!
    expect(sprinkle.window!.atOnce).toBeGreaterThanOrEqual(3)
    expect(sprinkle.window!.atOnce).toBeLessThanOrEqual(5)
    const prepared = steps
      .filter(({ id }) => ['trunk', 'sprinkle', 'highlight'].includes(id))
      .reduce((sum, step) => sum + step.batchSec + 5 * step.pieceSec, 0)
    expect(prepared / 60).toBeLessThan(12)
  })

  test('contact adhesive turns clear in 20 to 30 minutes and a clump is pressed on in 45 s', () => {
    const { steps } = makeUp({
      piece: piece().piece,
      method: methodById('moulded-trunk'),
      wanted: 5,
      states: stocked(),
      dryingFactor: 1,
    })
    expect(steps.find(({ id }) => id === 'coat')!.wait!.min).toBeGreaterThanOrEqual(20)
    expect(steps.find(({ id }) => id === 'coat')!.wait!.min).toBeLessThanOrEqual(30)
    expect(steps.find(({ id }) => id === 'press')!.pieceSec).toBe(45)
  })

  test('forty money units bought one tree, or the materials of fourteen: with leftovers written off, a fourteenth each', () => {
    const at = '2026-01-01T00:00:00.000Z'
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
      [
        { id: '1', at, lotId: 'lot', kind: 'receive', quantity: 20 },
        { id: '2', at, lotId: 'lot', kind: 'draw', quantity: -14, batchId: 'b' },
      ],
    )
    const cost = batchCost('b', ledger)
    expect(cost.writtenOffMinor / 14).toBeCloseTo(4000 / 14, 6)
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
