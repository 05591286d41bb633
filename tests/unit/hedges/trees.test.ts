import { clearFor, clearShare, hedgeTwigs, holeSheet, withTree, type HedgeTree } from '../../../core/hedges'
import { jobOf, someOf } from '../../../core/makeup'
import { examplePiece } from '../../../core/methods/kit'
import { planPlanting, type Beds } from '../../../core/planting'
import { line } from '../../support/workshop'
import { made, stepOf, total } from '../../support/ways'

const oaks: readonly HedgeTree[] = [
  { lineId: 'oak', atMm: 300, clearMm: 12 },
  { lineId: 'oak', atMm: 760, clearMm: 12 },
]
const hedge = { lengthMm: 800, gaps: [{ atMm: 100, widthMm: 45 }] }
const add = (at: string, trees: readonly HedgeTree[] = [], trunkMm = 8) => {
  const read = withTree(trees, at, { lineId: 'oak', trunkMm }, hedge)
  return read.kind === 'ok' ? read.value : read.because
}

describe('trees in a hedge', () => {
  test('two oaks with trunks of 8 mm: 12 mm each is kept clear; they stand in order along it', () => {
    expect(add('760', add('300 mm') as HedgeTree[])).toEqual(oaks)
    expect(add('300', add('76 cm') as HedgeTree[])).toEqual(oaks)
    expect(clearFor(oaks)).toEqual([
      { atMm: 294, widthMm: 12 },
      { atMm: 754, widthMm: 12 },
    ])
    // 24 of 800 mm.
    expect(clearShare(oaks, 800)).toBeCloseTo(0.03, 12)
    expect([clearShare([], 800), clearShare(oaks, 0)]).toEqual([0, 1])
  })

  test('none beyond its end, in a gate, or in another tree; what was read is said', () => {
    expect(add('801')).toBe('Tree at: read 801 mm; the hedge ends at 800 mm.')
    expect(add('120')).toBe('Tree at: read 120 mm; there is a gap.')
    expect(add('308', oaks)).toBe('Tree at: read 308 mm; one stands at 300 mm already.')
    expect(add('x')).toMatch(/^Tree at: “x” can’t be read/)
    expect(add('0')).toHaveLength(1)
  })

  test('no hole lies in a trunk, and twigs lack by as much: of 800 mm three in a hundred', () => {
    const plan = (trees: readonly HedgeTree[]) =>
      hedgeTwigs({
        lengthMm: 800,
        gaps: [],
        clear: clearFor(trees),
        heightMm: 25,
        bankMm: 12,
        perHoleMm2: 40,
        holeMm: 2,
        footMm: 6,
        spread: 0.18,
        seed: 'h',
      })
    const [with_, without] = [plan(oaks), plan([])]
    for (const { alongMm } of with_.holes)
      for (const { atMm, clearMm } of oaks)
        expect(Math.abs(alongMm - atMm)).toBeGreaterThanOrEqual(clearMm / 2)
    expect(with_.count / without.count).toBeCloseTo(0.97, 1)
    expect(with_.grownMm).toBe(800)
    const sheet = holeSheet({
      title: 't',
      lengthMm: 800,
      widthMm: 12,
      holeMm: 2,
      gaps: [],
      trees: oaks,
      holes: [],
    })
    expect(sheet.shapes.filter(({ kind }) => kind === 'circle')).toHaveLength(2)
  })

  test('a make-up takes fewer twigs, and says where the trees go', () => {
    const piece = examplePiece('shrub', 'multi-stemmed', 25)
    const of = (trees: readonly HedgeTree[]) =>
      made(
        'twig-hedge',
        jobOf(
          {
            ...line({ amount: { kind: 'length', lengthMm: 800, section: 'free' } }),
            ...(trees.length > 0 && { trees: [...trees] }),
          },
          piece,
        ),
      )
    // Four stretches of 200 mm, 17.5 mm wide, 0.6 of it drilled, one hole for 40 mm²: 52.5, and × 0.97 50.9.
    expect([total(of([]), 'twigs'), total(of(oaks), 'twigs')]).toEqual([4 * 53, 4 * 51])
    expect(stepOf(of(oaks), 'drill').text).toContain('The 2 trees that stand in it, at 300, 760 mm along')
    expect(stepOf(of([]), 'drill').text).toContain('Standing trees are glued in now')
  })

  test('on the plan the first of the line stand in the hedge, all others keep away from them', () => {
    const beds: Beds = {
      patches: [],
      hedges: [
        {
          lineId: 'h',
          code: 'B',
          zone: 'middle',
          widthMm: 18,
          lengthMm: 800,
          trees: [...oaks, { lineId: 'oak', atMm: 5_000 }, { lineId: 'gone', atMm: 5 }],
          drawn: [
            [100, 200],
            [900, 200],
          ],
        },
      ],
      pieces: [
        {
          lineId: 'oak',
          code: 'A',
          layer: 'tree',
          zone: 'middle',
          crownsMm: [120, 110, 100, 90],
          stemMm: 8,
          groups: [3, 1],
          closeness: 0.9,
          inRow: false,
        },
      ],
    }
    const board = { widthMm: 1000, depthMm: 400, edgeMm: 6, keepOuts: [] }
    const plan = planPlanting(board, beds, 's')
    expect(plan.spots.map(({ number }) => number)).toEqual([1, 2, 3, 4])
    expect(plan.spots.slice(0, 2).map(({ x, y }) => [x, y])).toEqual([
      [400, 200],
      [860, 200],
    ])
    for (const other of plan.spots.slice(2))
      for (const own of plan.spots.slice(0, 2))
        expect(Math.hypot(other.x - own.x, other.y - own.y)).toBeGreaterThan(50)
    // One piece, two places: the first place is taken, and nothing is left over.
    const [bed] = beds.pieces
    const one = planPlanting(board, { ...beds, pieces: [{ ...bed!, crownsMm: [120], groups: [1] }] }, 's')
    expect([one.spots.length, one.left]).toEqual([1, []])
  })
})

test('what is left of a hedge keeps its trees’ share; an amount of another kind is refused', () => {
  const job = jobOf(
    { ...line({ amount: { kind: 'length', lengthMm: 800, section: 'free' } }), trees: [...oaks] },
    examplePiece('shrub', 'multi-stemmed', 25),
  )
  const left = someOf(job, { kind: 'length', lengthMm: 200, section: 'free' })
  expect(left).toMatchObject({ lengthMm: 200, trees: { clear: 0.03, atMm: [300, 760] } })
  expect(someOf(job, { kind: 'length', lengthMm: 800, section: 'free' })).toEqual(job)
  expect(() => someOf(job, { kind: 'pieces', pieces: 3 })).toThrow(
    'amount is by pieces; it must be by length',
  )
})
