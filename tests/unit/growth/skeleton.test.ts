import fc from 'fast-check'
import { lineSize, sitterOf } from '../../../core/commissions'
import { speciesById, speciesTable, type Species } from '../../../core/plants'
import { grow, growing, pipesOf, type Habitus, type Skeleton } from '../../../core/growth'
import { sitterFor } from '../../support/drawings'
import { segmentsOf, silhouetteOf, woodBalls } from '../../support/silhouettes'
import { commission, line } from '../../support/workshop'

const habitus = (row: Species): Habitus => {
  const own = line({ speciesId: row.id })
  return sitterOf(own, row, lineSize(own, commission(), row), row.seeThrough).habitus
}
const of = (id: string): Habitus => habitus(speciesById(id))
const kinds = speciesTable.map((row) => [row.id, row] as const)

/** Leonardo's rule: at each node the cross-sections of what grows from it sum to its own. */
function expectLeonardo({ nodes }: Skeleton): void {
  const sums = new Map<number, number>()
  for (const { parent, dMm } of nodes) if (parent >= 0) sums.set(parent, (sums.get(parent) ?? 0) + dMm ** 2)
  for (const [at, sum] of sums)
    if (Math.abs(nodes[at]!.dMm ** 2 / sum - 1) > 1e-9)
      throw new Error(`node ${at}: ${nodes[at]!.dMm ** 2} against ${sum}`)
}

describe('a skeleton', () => {
  test.each(kinds)('of %s: Leonardo’s rule, parents first, orders rising, trunk as asked', (_id, row) => {
    const plant = habitus(row)
    const skeleton = grow(plant, 3)
    expectLeonardo(skeleton)
    skeleton.nodes.forEach(({ parent, order }, i) => {
      if (parent >= i) throw new Error(`node ${i} grew from ${parent}`)
      const up = skeleton.nodes[parent]
      if (up && (order < up.order || order > up.order + 1))
        throw new Error(`node ${i} has order ${order} on ${up.order}`)
    })
    expect(Math.max(...skeleton.nodes.map(({ dMm }) => dMm))).toBeCloseTo(
      Math.max(plant.trunkMm, plant.heightMm * 1e-4),
      9,
    )
    expect(grow(plant, 3)).toEqual(skeleton)
    const parents = new Set(skeleton.nodes.map(({ parent }) => parent))
    expect(skeleton.tips.every((tip) => !parents.has(tip))).toBe(true)
  })

  test.each([1, 20, 120, 333, 1000])('has exactly the %i tips that were asked for', (tips) => {
    for (const id of ['beech', 'scots-pine', 'hazel']) {
      const skeleton = grow({ ...of(id), tips }, 5)
      const least = of(id).stems > tips ? of(id).stems : tips
      expect(skeleton.tips).toHaveLength(least)
      expectLeonardo(skeleton)
    }
  })

  test('stays in its crown: nothing branches on the clear stem, nothing above the top', () => {
    for (const id of ['beech', 'umbrella-pine', 'ash', 'scots-pine']) {
      const plant = of(id)
      const { nodes } = grow(plant, 4)
      const children = new Map<number, number>()
      for (const { parent } of nodes) children.set(parent, (children.get(parent) ?? 0) + 1)
      nodes.forEach((node, i) => {
        if (node.y > plant.heightMm * 1.02) throw new Error(`${id}: ${node.y} mm high of ${plant.heightMm}`)
        if ((children.get(i) ?? 0) > 1 && node.y < plant.clearStemMm * 0.6)
          throw new Error(`${id}: branches at ${node.y} mm`)
      })
    }
  })

  test('seen from above a crown is round (common practice)', () => {
    for (const id of ['beech', 'norway-spruce', 'umbrella-pine', 'yew']) {
      const balls = woodBalls(grow(of(id), 6))
      const top = silhouetteOf(balls, 'top', of(id).crownWidthMm / 60)
      expect(top.widthMm / top.heightMm).toBeGreaterThan(0.78)
      expect(top.widthMm / top.heightMm).toBeLessThan(1.28)
      const [front, side] = (['front', 'side'] as const).map(
        (view) => silhouetteOf(balls, view, of(id).heightMm / 80).areaMm2,
      ) as [number, number]
      expect(front / side).toBeGreaterThan(0.7)
      expect(front / side).toBeLessThan(1.4)
    }
  })

  test('no shoot is without length: two nodes of a branch never lie on one place', () => {
    for (const id of ['pedunculate-oak', 'beech', 'scots-pine', 'hazel', 'weeping-willow', 'olive'])
      for (const seed of [1, 2, 3]) {
        const { nodes } = grow(sitterFor(speciesById(id)).habitus, seed)
        const still = nodes.filter((node) => {
          const below = nodes[node.parent]
          return below && Math.hypot(node.x - below.x, node.y - below.y, node.z - below.z) < 1e-9
        })
        expect([id, seed, still.length]).toEqual([id, seed, 0])
      }
  })

  test('a spruce has a leader that reaches the top, a weeping willow hangs to its crown’s base', () => {
    const spruce = grow(of('norway-spruce'), 2)
    const top = spruce.nodes.reduce((best, node) => (node.y > best.y ? node : best))
    expect([top.order, Math.hypot(top.x, top.z)]).toEqual([0, 0])
    const willow = of('weeping-willow')
    const tips = grow(willow, 2)
    const low = tips.tips.map((tip) => tips.nodes[tip]!.y)
    expect(low.filter((y) => y < willow.heightMm * 0.4).length / low.length).toBeGreaterThan(0.35)
  })

  test('segments and pipes agree', () => {
    const skeleton = grow(of('beech'), 9)
    const segments = segmentsOf(skeleton)
    expect(segments.length).toBe(skeleton.nodes.filter(({ parent }) => parent >= 0).length)
    expect(segments.every(({ parent }, i) => parent < i)).toBe(true)
    expect(pipesOf(skeleton.nodes)[0]).toBe(skeleton.tips.length)
  })

  test('grows in slices that tell how far it is, never backwards', () => {
    const shares: number[] = []
    const growth = growing(of('pedunculate-oak'), 1)
    for (let next = growth.next(); !next.done; next = growth.next()) shares.push(next.value)
    expect(shares.length).toBeGreaterThan(5)
    expect([...shares].sort((a, b) => a - b)).toEqual(shares)
    expect(shares[shares.length - 1]).toBeGreaterThan(0.95)
  })

  test('impossible plants are refused with the measure and its value', () => {
    expect(() => grow({ ...of('beech'), heightMm: 0 }, 1)).toThrow('height is 0 mm')
    expect(() => grow({ ...of('beech'), crownBaseMm: 1e6 }, 1)).toThrow(/crown base is 1000000 mm/)
    expect(() => grow({ ...of('beech'), tips: 0 }, 1)).toThrow(/tips is 0/)
  })

  test('a hedge is a row of stems within its length, height and thickness', () => {
    const hazel = of('hazel')
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 160 }),
        fc.integer({ min: 12, max: 40 }),
        fc.boolean(),
        fc.integer(),
        (lengthMm, heightMm, trimmed, seed) => {
          const plant = { ...hazel, heightMm, crownWidthMm: 14, crownBaseMm: 0, row: { lengthMm, trimmed } }
          const hedge = grow(plant, seed)
          expectLeonardo(hedge)
          // A stem each 0.3 of the thickness: 4.2 mm.
          expect(hedge.nodes.filter(({ parent }) => parent < 0)).toHaveLength(
            Math.max(1, Math.round(lengthMm / 4.2)),
          )
          for (const { x, y, z } of hedge.nodes) {
            expect(Math.abs(x)).toBeLessThanOrEqual(lengthMm / 2)
            expect(y).toBeLessThanOrEqual(heightMm)
            expect(Math.abs(z)).toBeLessThanOrEqual(14 / 2)
          }
        },
      ),
      { numRuns: 10 },
    )
    expect(() => grow({ ...hazel, row: { lengthMm: 0, trimmed: true } }, 1)).toThrow('hedge length is 0 mm')
  })

  test('a trimmed hedge reaches its height along all its length, a free one here and there', () => {
    const top = (trimmed: boolean): number[] => {
      const row = { lengthMm: 120, trimmed }
      const { nodes } = grow({ ...of('hazel'), heightMm: 30, crownWidthMm: 16, crownBaseMm: 0, row }, 5)
      return Array.from({ length: 12 }, (_, i) =>
        Math.max(...nodes.filter(({ x }) => Math.floor((x + 60) / 10) === i).map(({ y }) => y)),
      )
    }
    const spread = (tops: number[]): number => Math.max(...tops) - Math.min(...tops)
    expect(Math.min(...top(true))).toBeGreaterThan(30 * 0.86)
    expect(spread(top(false))).toBeGreaterThan(2 * spread(top(true)))
    expect(Math.max(...top(false))).toBeGreaterThan(30 * 0.85)
  })
})
