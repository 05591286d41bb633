import fc from 'fast-check'
import {
  bundleMm,
  cutLengths,
  fitOf,
  nearestGauge,
  readWire,
  rootsFor,
  strandsOf,
  twistingOrder,
  twistList,
  twistWords,
  twoGauges,
  usualAllowances,
  wiresFor,
  wireTree,
  type WirePart,
} from '../../../core/armature'
import { grow } from '../../../core/growth'
import { speciesById } from '../../../core/plants'
import { sitterFor } from '../../support/drawings'

/** A skeleton of a species scaled to a height of so many mm at the model. */
const skeleton = (id: string, seed = 1) => {
  const { habitus } = sitterFor(speciesById(id))
  return { habitus, grown: grow(habitus, seed) }
}
const oak = skeleton('pedunculate-oak')
const lengthsOf = (parts: readonly WirePart[]): number =>
  parts.reduce((sum, { strands, lengthMm }) => sum + strands * lengthMm, 0)

describe('an armature from a skeleton', () => {
  test('every strand of the trunk comes out at a tip, at each fork as many go up as came', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 200 }),
        fc.integer({ min: 1, max: 6 }),
        fc.constantFrom('beech', 'pedunculate-oak', 'scots-pine', 'hazel', 'silver-birch'),
        (strands, seed, id) => {
          const { grown } = skeleton(id, seed)
          const wished = Math.min(strands, Math.floor(grown.tips.length / 3))
          const { parts } = wireTree(grown, wished)
          const feet = parts.filter(({ parent }) => parent < 0)
          expect(feet.reduce((sum, part) => sum + part.strands, 0)).toBe(wished)
          const above = new Map<number, number>()
          for (const { parent, strands: own } of parts) above.set(parent, (above.get(parent) ?? 0) + own)
          const ends = parts.filter(({ id: part }) => !above.has(part))
          for (const { id: part, strands: own, parent, lengthMm } of parts) {
            if (above.has(part)) expect(above.get(part)).toBe(own)
            expect(parent).toBeLessThan(part)
            expect(lengthMm).toBeGreaterThan(0)
          }
          expect(ends.reduce((sum, part) => sum + part.strands, 0)).toBe(wished)
        },
      ),
      { numRuns: 40 },
    )
  })

  test('forks have two ways or three, and nearly every strand ends alone', () => {
    const { parts } = wireTree(oak.grown, 60)
    const ways = new Map<number, number>()
    for (const { parent } of parts) ways.set(parent, (ways.get(parent) ?? 0) + 1)
    for (const [parent, count] of ways)
      if (parent >= 0) {
        expect(count).toBeGreaterThanOrEqual(2)
        expect(count).toBeLessThanOrEqual(3)
      }
    const ends = parts.filter(({ id }) => !ways.has(id))
    expect(ends.filter(({ strands }) => strands === 1).length / ends.length).toBeGreaterThan(0.9)
  })

  test('a part is as long as the skeleton’s own wood between its forks', () => {
    const { parts } = wireTree(oak.grown, 24)
    for (const { points, lengthMm } of parts) {
      const drawn = points
        .slice(1)
        .reduce(
          (sum, b, i) => sum + Math.hypot(b.x - points[i]!.x, b.y - points[i]!.y, b.z - points[i]!.z),
          0,
        )
      expect(lengthMm).toBeCloseTo(drawn, 6)
    }
    const trunk = parts[0]!
    expect(trunk.strands).toBe(24)
    expect(trunk.points[0]!.y).toBeLessThan(1)
  })

  test('too many strands for the tree, or one, are refused by name', () => {
    expect(() => wireTree(oak.grown, 1)).toThrow('strands is 1')
    expect(() => wireTree(oak.grown, 5000)).toThrow('strands is 5000')
  })
})

describe('strands', () => {
  test('together they are as long as the parts × their strands with the lay, and what roots and loops take', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 120 }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        (count, takeUp) => {
          const tree = wireTree(oak.grown, count)
          const allowances = { takeUp, rootMm: 30, pinMm: 14, loopMm: 6 }
          const strands = strandsOf(tree, allowances)
          expect(strands).toHaveLength(count)
          const bundled = lengthsOf(tree.parts.filter(({ strands: own }) => own > 1))
          const single = lengthsOf(tree.parts.filter(({ strands: own }) => own === 1))
          const { each, pin } = rootsFor(count)
          const below = each.reduce((sum, own) => sum + own, 0) * 30 + pin * 14
          const all = strands.reduce((sum, { lengthMm }) => sum + lengthMm, 0)
          expect(all).toBeCloseTo(bundled * (1 + takeUp) + single + below + 6 * count, 4)
        },
      ),
      { numRuns: 30 },
    )
  })

  test('sixty for a tree of 150 mm are about 7 m, 340 about 40: why nobody gives each tip a wire of its own', () => {
    const { habitus, grown } = skeleton('beech')
    const scale = 150 / habitus.heightMm
    const metres = (count: number): number => {
      const { parts } = wireTree(grown, count)
      const tree = { parts: parts.map((part) => ({ ...part, lengthMm: part.lengthMm * scale })) }
      return strandsOf(tree, usualAllowances(150)).reduce((sum, { lengthMm }) => sum + lengthMm, 0) / 1000
    }
    expect(metres(60)).toBeGreaterThan(6)
    expect(metres(60)).toBeLessThan(11)
    expect(metres(200) / metres(60)).toBeGreaterThan(2.8)
  })

  test('roots have two to four strands each, the pin the rest; few strands make a pin alone', () => {
    for (let count = 2; count <= 200; count += 1) {
      const { each, pin } = rootsFor(count)
      expect(each.reduce((sum, own) => sum + own, pin)).toBe(count)
      for (const own of each) {
        expect(own).toBeGreaterThanOrEqual(2)
        expect(own).toBeLessThanOrEqual(4)
      }
      expect(pin).toBeGreaterThanOrEqual(2)
      expect(each.length).toBeLessThanOrEqual(7)
    }
    expect(rootsFor(5)).toEqual({ each: [], pin: 5 })
  })
})

describe('what is cut', () => {
  const waste = (needed: readonly number[], cuts: readonly number[]): number => {
    let sum = 0
    for (const length of needed) sum += Math.min(...cuts.filter((cut) => cut >= length)) - length
    return sum
  }
  test('at most six lengths in steps of 5 mm, each wire as long as it must be', () => {
    const needed = [31, 32, 33, 60, 61, 90, 118, 119, 120, 150, 151, 152, 200]
    const { lengths, totalMm, wasteMm } = cutLengths(needed)
    expect(lengths.length).toBeLessThanOrEqual(6)
    for (const { lengthMm } of lengths) expect(lengthMm % 5).toBe(0)
    expect(lengths.reduce((sum, { count }) => sum + count, 0)).toBe(needed.length)
    const pool = lengths.flatMap(({ lengthMm, count }) => new Array<number>(count).fill(lengthMm))
    ;[...needed].sort((a, b) => b - a).forEach((length, i) => expect(pool[i]!).toBeGreaterThanOrEqual(length))
    expect(totalMm - wasteMm).toBeCloseTo(
      needed.reduce((sum, length) => sum + length, 0),
      9,
    )
  })

  test('no other few lengths waste less: against every choice, for small lists', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 5, max: 200 }), { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 1, max: 3 }),
        (needed, most) => {
          const candidates = [...new Set(needed.map((length) => Math.ceil(length / 5) * 5))]
          let best = Infinity
          for (let mask = 1; mask < 1 << candidates.length; mask += 1) {
            const cuts = candidates.filter((_, i) => mask & (1 << i))
            if (cuts.length <= most && Math.max(...cuts) >= Math.max(...needed))
              best = Math.min(best, waste(needed, cuts))
          }
          expect(cutLengths(needed, most).wasteMm).toBe(best)
        },
      ),
      { numRuns: 300 },
    )
  })

  test('nothing needs nothing; a length of 0 and no length at all are refused', () => {
    expect(cutLengths([])).toEqual({ lengths: [], totalMm: 0, wasteMm: 0 })
    expect(() => cutLengths([0])).toThrow('length is 0 mm')
    expect(() => cutLengths([10], 0)).toThrow('different lengths is 0')
  })
})

describe('the order of twisting', () => {
  const tree = wireTree(oak.grown, 24)
  const two = twoGauges(tree, usualAllowances(oak.habitus.heightMm), oak.habitus.heightMm)
  const steps = twistingOrder(tree, two)
  test('begins with the stout hank and twists or bends each part out once', () => {
    expect(steps[0]).toMatchObject({ do: 'twist', wire: 'stout', strands: two.limbs.length })
    const touched = steps.flatMap((step) => (step.do === 'twist' || step.do === 'tip' ? [step.part] : []))
    expect([...touched].sort((a, b) => a - b)).toEqual(tree.parts.map(({ id }) => id))
  })
  test('what is split off is what is twisted, lashed or bent out next, the strongest last', () => {
    steps.forEach((step, i) => {
      if (step.do !== 'split') return
      const next = steps[i + 1]!
      expect(next.do === 'twist' ? next.strands : 1).toBe(step.into[0])
      expect(Math.max(...step.into)).toBe(step.into.at(-1))
    })
  })
  test('each limb is lashed once, with its thin wires, and after it no stout wire is twisted in that limb', () => {
    const lashed = steps.flatMap((step) => (step.do === 'lash' ? [step] : []))
    expect(lashed.map(({ part }) => part).sort((a, b) => a - b)).toEqual(
      two.limbs.map(({ part }) => part).sort((a, b) => a - b),
    )
    for (const { part, strands } of lashed)
      expect(strands).toBe(two.limbs.find((limb) => limb.part === part)!.lashed)
    for (const step of steps)
      if (step.do === 'twist') expect(step.wire === 'stout').toBe((two.stout[step.part] ?? 0) > 0)
  })
  test('as a list it is short: what is done in one go is one line, and each tip is in it', () => {
    const list = twistList(steps)
    expect(list.length).toBeLessThan(steps.length * 0.65)
    const tips = steps.filter((step) => step.do === 'tip').length
    const told = list.reduce(
      (sum, words) => sum + (/^part the last two/.test(words) ? 2 : /loop/.test(words) ? 1 : 0),
      0,
    )
    expect(told).toBe(tips)
  })
  test('is said in the words of the bench', () => {
    expect(twistWords({ do: 'twist', part: 0, strands: 24, lengthMm: 38.2, wire: 'stout' })).toBe(
      'twist 24 stout strands for 38 mm',
    )
    expect(twistWords({ do: 'split', part: 0, into: [9, 15] })).toBe('split 9 from 15')
    expect(twistWords({ do: 'split', part: 0, into: [4, 8, 12] })).toBe('split into 4, 8, 12')
    expect(twistWords({ do: 'lash', part: 3, strands: 4, overMm: 11.6 })).toBe(
      'lash 4 thin wires to the limb over 12 mm',
    )
    expect(twistWords({ do: 'tip', part: 3, lengthMm: 21 })).toBe(
      'bend one out for 21 mm, loop its end, clip it',
    )
  })
})

describe('two gauges', () => {
  const tree = wireTree(oak.grown, 60)
  const allowances = usualAllowances(oak.habitus.heightMm)
  const { limbs, stout, stoutCut, thinCut } = twoGauges(tree, allowances, oak.habitus.heightMm)
  test('each limb has one stout strand and no more thin ones than are lashed', () => {
    expect(limbs.length).toBeGreaterThan(10)
    for (const { lashed } of limbs) expect(lashed).toBeLessThanOrEqual(5)
    for (const { part, lashed } of limbs) expect(lashed).toBe(Math.max(2, tree.parts[part]!.strands))
    expect(stout[0]).toBe(limbs.length)
    tree.parts.forEach(({ id, parent }) => {
      if (parent >= 0) expect(stout[id]!).toBeLessThanOrEqual(stout[parent]!)
    })
  })
  test('take far less wire than running every strand from the root', () => {
    const alone = strandsOf(tree, allowances).reduce((sum, { lengthMm }) => sum + lengthMm, 0)
    expect(stoutCut.totalMm + thinCut.totalMm).toBeLessThan(alone * 0.85)
    expect(stoutCut.lengths.reduce((sum, { count }) => sum + count, 0)).toBe(limbs.length)
    // One for each tip, and one more where a limb would have a single wire.
    const singles = limbs.filter(({ part }) => tree.parts[part]!.strands === 1).length
    expect(thinCut.lengths.reduce((sum, { count }) => sum + count, 0)).toBe(60 + singles)
  })
  test('a tree of few strands is one limb', () => {
    const small = twoGauges(wireTree(oak.grown, 4), allowances, 40)
    expect(small.limbs).toHaveLength(1)
    expect(small.stoutCut.lengths).toHaveLength(1)
  })
})

describe('which wire', () => {
  const places = [
    { strands: 60, thickMm: 6.2 },
    { strands: 12, thickMm: 3 },
    { strands: 5, thickMm: 2 },
  ]
  test('the one whose bundles come nearest to the tree under its bark', () => {
    const fits = wiresFor([0.3, 0.5, 0.7, 1, 0.5], places, 0.4)
    expect(fits).toHaveLength(4)
    expect(fits[0]!.wireMm).toBe(0.5)
    for (const [i, fit] of fits.entries()) expect(fit.factor).toBeGreaterThanOrEqual(fits[i - 1]?.factor ?? 1)
    // By hand: 60 strands of 0.5 mm at 1.06 make √(60 / 0.81) · 0.53 = 4.56 mm, and 0.8 of bark 5.36.
    expect(bundleMm(60, 0.5) + 0.8).toBeCloseTo(5.36, 1)
    expect(fitOf(0.5, [{ strands: 60, thickMm: 5.36 }], 0.4).factor).toBeCloseTo(1, 2)
    expect(() => fitOf(0.5, [], 0.4)).toThrow('places is 0')
  })
  test('is read as it is sold, and said again in both systems', () => {
    expect(readWire('24 AWG')).toMatchObject({ kind: 'ok', value: expect.closeTo(0.511, 3) })
    expect(readWire('swg22')).toEqual({ kind: 'ok', value: 0.711 })
    expect(readWire('0.5')).toMatchObject({ value: 0.5 })
    expect(readWire('0,5 mm')).toMatchObject({ value: 0.5 })
    expect(readWire('90 awg')).toEqual({ kind: 'none', because: 'Read “90 awg”; AWG is known from 8 to 40.' })
    expect(readWire('9 mm')).toMatchObject({ kind: 'none' })
    expect(readWire('thick')).toMatchObject({ kind: 'none' })
    expect(nearestGauge('AWG', 0.5)).toMatchObject({ gauge: 24 })
    expect(nearestGauge('SWG', 0.5)).toMatchObject({ gauge: 25, mm: 0.508 })
  })
})
