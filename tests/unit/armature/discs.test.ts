import { cutAreaCm2, discTree, FIRST_BRANCH_REAL_MM, raggedStar } from '../../../core/armature'
import { seededRandom } from '../../../core/units'

const spruce = (over: Partial<Parameters<typeof discTree>[0]> = {}) =>
  discTree({
    heightMm: 241,
    crownWidthMm: 82,
    crownForm: 'conical',
    firstBranchMm: 26,
    trunkMm: 8,
    padMm: 25,
    layers: 2,
    ...over,
  })

describe('discs on a dowel', () => {
  test('the largest is at the bottom, each above the last and no wider, the top one small', () => {
    const { discs } = spruce()
    expect(discs[0]!.atMm).toBe(26)
    discs.forEach(({ number, atMm, diameterMm }, i) => {
      expect(number).toBe(i + 1)
      const below = discs[i - 1]
      if (!below) return
      expect(atMm).toBeGreaterThan(below.atMm)
      expect(diameterMm).toBeLessThanOrEqual(below.diameterMm + 1e-9)
    })
    expect(discs.at(-1)!.diameterMm).toBeLessThan(20)
    expect(discs.at(-1)!.atMm).toBeLessThan(241)
  })

  test('they follow one another by no more than their thickness: no gap of air', () => {
    const { discs } = spruce()
    for (let i = 1; i < discs.length; i += 1)
      expect(discs[i]!.atMm - discs[i - 1]!.atMm).toBeLessThanOrEqual(12.5)
  })

  test('a pad split once gives two discs to a cut, twice four, whole one; each is as wide as its widest', () => {
    for (const layers of [1, 2, 4] as const) {
      const { discs, cuts } = spruce({ layers })
      expect(cuts).toHaveLength(Math.ceil(discs.length / layers))
      expect(cuts.flatMap(({ discs: own }) => own)).toEqual(discs.map(({ number }) => number))
      for (const { diameterMm, discs: own } of cuts)
        expect(diameterMm).toBe(Math.max(...own.map((number) => discs[number - 1]!.diameterMm)))
    }
  })

  test('split more often it takes less pad, for more discs', () => {
    const once = spruce({ layers: 2 })
    const twice = spruce({ layers: 4 })
    expect(twice.discs.length).toBeGreaterThan(once.discs.length * 1.7)
    expect(cutAreaCm2(twice.cuts)).toBeLessThan(cutAreaCm2(once.cuts) * 1.1)
  })

  test('a first branch at ten feet is 63.5 mm up at 1:48', () =>
    expect(FIRST_BRANCH_REAL_MM / 48).toBeCloseTo(63.5, 6))

  test('a tiny tree has a disc, a huge one many; measures that can’t be are refused by name', () => {
    expect(spruce({ heightMm: 20, crownWidthMm: 9, firstBranchMm: 3 }).discs.length).toBeGreaterThanOrEqual(1)
    expect(spruce({ heightMm: 700, crownWidthMm: 240, firstBranchMm: 70 }).discs.length).toBeGreaterThan(50)
    expect(() => spruce({ firstBranchMm: 240 })).toThrow('first branch is 240 mm')
    expect(() => spruce({ padMm: 0 })).toThrow('pad is 0 mm')
  })

  test('a star stays within its circle, and is notched deeper than half of the way somewhere', () => {
    const star = raggedStar(80, seededRandom(3))
    const reach = star.map(([x, y]) => Math.hypot(x, y))
    expect(Math.max(...reach)).toBeLessThanOrEqual(40 + 1e-9)
    expect(Math.min(...reach)).toBeLessThan(31)
    expect(star.length).toBeGreaterThanOrEqual(14)
  })
})
