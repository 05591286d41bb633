import { makeUp, proposedWay, rankMethods, sortWays, wayOf, type PlantJob } from '../../../core/makeup'
import { plantMethodById, plantMethods } from '../../../core/methods'
import { exampleArea, exampleHedge, examplePiece, examplePieces } from '../../../core/methods/kit'
import { catalogue } from '../../../core/stock'
import { materials, stocked } from '../../support/workshop'
import { each, made, stepOf, total } from '../../support/ways'

const grass = examplePiece('grass', 'blades', 6)
const tree = examplePiece('broadleaf', 'rounded', 120, { zone: 'back' })

describe('what is bought ready, by hand', () => {
  test('sixty tufts: two of three in the tone of the sward, the third lighter; nine seconds each before the earth', () => {
    const up = made('ready-tufts', examplePieces(grass, 60))
    // 3 % are torn: 60 ÷ 0.97 is 61.9, so 62 are lifted.
    expect(up.started.value).toBe(62)
    expect([total(up, 'tufts'), total(up, 'second')]).toEqual([42, 21])
    expect(stepOf(up, 'lift').hands.eachSec + stepOf(up, 'plant').hands.eachSec).toBe(9)
    // 240 s of tacky PVA, 7 s a tuft.
    expect(stepOf(up, 'plant').atOnce?.count).toBe(34)
    // A third of what a tuft covers is its foot.
    expect(total(up, 'glue')).toBeCloseTo((60 * grass.topAreaCm2 * 0.1) / 3, 9)
    const taken = up.uses.find(({ slot }) => slot === 'tufts')?.material
    expect(taken?.of).toMatchObject({ goods: 'ready-tuft' })
  })

  test('a sward of 120 cm² wants as many tufts as cover it by its share', () => {
    const up = made('ready-tufts', exampleArea(examplePiece('grass', 'blades', 4), 120))
    const { topAreaCm2 } = examplePiece('grass', 'blades', 4)
    expect(up.wanted.value).toBe(Math.ceil((120 * 0.55) / topAreaCm2))
  })

  test('a metre and a fifth of hedge: 1.26 m of strip, three stretches of 400 mm with a joint each', () => {
    const up = made('ready-hedge', exampleHedge(examplePiece('shrub', 'multi-stemmed', 20), 1200, 'trimmed'))
    expect(up.started.value).toBe(3)
    expect(total(up, 'strip')).toBeCloseTo(1260, 6)
    expect(total(up, 'glue')).toBeCloseTo(1200 * 0.008, 9)
    expect(each(up, 'foliage')).toBeCloseTo(20 * 0.004, 9)
    // Cutting 0.25 s a mm, setting 0.12, a joint 25 s, looking over.
    expect(stepOf(up, 'cut').hands.eachSec).toBe(100)
    expect(stepOf(up, 'joints').hands.eachSec).toBe(25)
  })

  test('a bush takes a fifth of its foliage, and is set where it stays', () => {
    const bush = examplePiece('shrub', 'mound', 20)
    const up = made('ready-bushes', examplePieces(bush, 24))
    expect(total(up, 'bush')).toBe(24)
    expect(each(up, 'pool')).toBeCloseTo((bush.topAreaCm2 / 2) * 0.12, 9)
    expect(plantMethodById('ready-bushes')?.setsInPlace).toBe(true)
  })

  test('beside making them: a tuft by hand takes over twice the minutes, a bought one costs its pack', () => {
    const buy = made('ready-tufts', examplePieces(grass, 100))
    const make = made('hand-tuft', examplePieces(grass, 100))
    expect(make.handsMin.value).toBeGreaterThan(2 * buy.handsMin.value)
    const row = catalogue.find(({ id }) => id === 'ready-tufts-straw-middle')
    expect(row).toMatchObject({ unit: 'piece', packQuantity: 100, packPriceMinor: 700 })
  })
})

describe('pieces that are there, by hand', () => {
  test('nine old trees as they are: half a minute each, out of the box, nothing else', () => {
    const up = made('as-they-are', examplePieces(tree, 9))
    // A twentieth falls apart: less than half a piece, so no spare.
    expect(up.started.value).toBe(9)
    expect(total(up, 'piece')).toBe(9)
    expect(up.uses).toHaveLength(1)
    expect(up.handsMin.value).toBeCloseTo((9 * (20 + 10) + 30) / 60, 9)
    expect(up.uses[0]?.material?.id).toBe('old-pieces-medium')
  })

  test('refreshed they take a third of the foam of one that is made, and adhesive all over', () => {
    const up = made('refreshed', examplePieces(tree, 9))
    expect(each(up, 'adhesive', 'dress')).toBeCloseTo(tree.sideAreaCm2 * 0.035, 9)
    // 35 % of the foliage: 70 % of that in the base tone, 30 % lighter.
    const base = each(up, 'foliage')
    const light = each(up, 'highlight')
    expect(base / light).toBeCloseTo(7 / 3, 1)
    expect(up.steps.map(({ id }) => id)).toEqual(['dust', 'dress', 'highlight', 'seal', 'inspect'])
  })

  test('they are proposed to nobody: of a palm, which nothing makes, what is least unsuited is', () => {
    const states = stocked()
    const waysOf = (job: PlantJob) =>
      rankMethods(plantMethods, job).map(({ method, suit }) =>
        wayOf({ method, suit, up: makeUp({ job, method, states, dryingFactor: 1 }) }, states, new Map()),
      )
    const palm = waysOf(examplePieces(examplePiece('palm', 'vase', 90), 3))
    expect(palm[0]?.method.id).toBe('as-they-are')
    expect(proposedWay(palm)?.suit.verdict).toBe('unsuited')
    // After all that can be made, and before what can't.
    const ids = sortWays(waysOf(examplePieces(tree, 9)), 'suits').map(({ method, suit }) => [
      suit.verdict === 'unsuited',
      method.reuses === true,
    ])
    const first = ids.findIndex(([, reuses]) => reuses)
    expect(ids.slice(0, first).some(([unsuited]) => unsuited)).toBe(false)
    expect(ids.slice(first, first + 2)).toEqual([
      [false, true],
      [false, true],
    ])
  })

  test('of old pieces there are as many as were found: more are short, not bought', () => {
    const nine = materials.find(({ id }) => id === 'old-pieces-medium')!
    expect(nine.packQuantity).toBeUndefined()
    const up = makeUp({
      job: examplePieces(tree, 20),
      method: plantMethodById('as-they-are')!,
      states: stocked(({ id }) => (id === nine.id ? 9 : 0)),
      dryingFactor: 1,
    })
    expect(up.uses[0]).toMatchObject({ material: { id: nine.id } })
    // 20 ÷ 0.95 is 21.05.
    expect(total(up, 'piece')).toBe(22)
  })
})

describe('bushes cut from a dressed sprig, by hand', () => {
  const bush = examplePiece('shrub', 'multi-stemmed', 25)
  test('forty good ones: 43 started, six sprigs of eight bushes; dressing once a sprig', () => {
    const up = made('sprig-bush', examplePieces(bush, 40))
    // 6 % lost: 40 ÷ 0.94 is 42.6.
    expect(up.started.value).toBe(43)
    // 43 ÷ 8 is 5.4.
    expect(total(up, 'sprig')).toBe(6)
    // 25 s of paint and 30 s a pass for eight of them.
    expect(stepOf(up, 'paint').hands.eachSec).toBeCloseTo(25 / 8, 9)
    expect(stepOf(up, 'dress').hands.eachSec).toBeCloseTo(30 / 8, 9)
    expect(stepOf(up, 'dress-again').hands.eachSec).toBeCloseTo(30 / 8, 9)
    // A hole for each good one.
    expect(total(up, 'pva')).toBeCloseTo(40 * 0.02, 9)
    // 480 s of open glue, 18 s a bush.
    expect(stepOf(up, 'plant').atOnce?.count).toBe(26)
  })

  test('bare, it is painted and cut: nothing is thrown', () => {
    const up = made('sprig-bush', examplePieces({ ...bush, leaf: 0 }, 8))
    expect(up.steps.map(({ id }) => id)).toEqual(['paint', 'cut', 'inspect', 'plant'])
  })
})
