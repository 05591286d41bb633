import { makeUp } from '../../../core/makeup'
import { examplePiece, examplePieces } from '../../../core/methods/kit'
import { plantMethodById } from '../../../core/methods'
import { each, made, stepIds, stepOf } from '../../support/ways'
import { stocked } from '../../support/workshop'

describe('by size, judged before they are planted, and on wet glue', () => {
  test.each(['hemp-tree', 'ready-tree', 'mesh-bush', 'clump-bush', 'seed-heads'])(
    '%s: inspected before pool or hole, and only good ones are planted',
    (methodId) => {
      const method = plantMethodById(methodId)!
      const up = makeUp({
        job: method.examples[0]!,
        method,
        states: stocked(() => 1e6),
        dryingFactor: 1,
        started: 60,
      })
      const planted = stepIds(up).find((id) => id === 'pool' || id === 'plant')!
      expect(stepIds(up).indexOf('inspect')).toBeLessThan(stepIds(up).indexOf(planted))
      const glue = up.uses.find(({ step }) => step === planted)!
      expect(glue.total.value).toBeCloseTo(glue.perPiece.value * up.expectedGood, 9)
    },
  )

  test('a flower-head pine of 55 mm takes about 0.04 g of flock, and four to six birch heads fit a wet coat', () => {
    const head = examplePiece('conifer', 'irregular', 55, { sideAreaCm2: 14 })
    const up = made('flower-head-pine', examplePieces(head, 100))
    // 14 cm² × 0.003 g/cm².
    expect(each(up, 'flock')).toBeCloseTo(0.042, 9)
    const birch = made(
      'flower-head-birch',
      examplePieces(examplePiece('broadleaf', 'ovate', 110, { seeThrough: 0.35 }), 200),
    )
    // (60 − 8) ÷ 10 s, and ÷ 11 s.
    expect(stepOf(birch, 'pale').atOnce!.count).toBe(5)
    expect(stepOf(birch, 'black').atOnce!.count).toBe(4)
  })

  test('flowers on brambles meet a fresh mist of their own, listed', () => {
    const up = made(
      'bramble-mound',
      examplePieces(examplePiece('shrub', 'mound', 18, { widthShare: 1.6, bloom: 0.2 }), 6),
    )
    expect(each(up, 'adhesive', 'flower')).toBeGreaterThan(0)
    expect(each(up, 'flower')).toBeCloseTo(
      up.job.kind === 'pieces' ? up.job.piece.topAreaCm2 * 0.2 * 0.008 : 0,
      9,
    )
  })

  test('a gram of wool carries 5 ml of its bath away', () => {
    const up = made('wool-bush', examplePieces(examplePiece('shrub', 'mound', 15, { widthShare: 1.3 }), 80))
    const bath = up.uses
      .filter(({ slot }) => slot === 'paint' || slot === 'pva')
      .reduce((sum, { perPiece }) => sum + perPiece.value, 0)
    // Paint and PVA are two parts of six.
    expect((bath * 3) / each(up, 'wool')).toBeCloseTo(5, 9)
  })

  test('a ready tree gets a second tone on adhesive of its own', () => {
    const up = made(
      'ready-tree',
      examplePieces(examplePiece('broadleaf', 'rounded', 110, { zone: 'back' }), 20),
    )
    expect(each(up, 'highlight', 'highlight')).toBeGreaterThan(0)
    expect(each(up, 'hold', 'highlight')).toBeGreaterThan(0)
    expect(stepIds(up).indexOf('highlight')).toBe(stepIds(up).indexOf('dress') + 1)
  })
})
