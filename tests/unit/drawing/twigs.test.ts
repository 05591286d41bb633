import { leafFill, leafShapes } from '../../../core/drawing'
import { crownHalf } from '../../../core/growth/envelope'
import { grow } from '../../../core/growth/grow'
import { twigsOf } from '../../../core/drawing/twigs'
import { crownProfile, leafKinds, speciesById, crownForms } from '../../../core/plants'
import { seededRandom } from '../../../core/units'
import { drawSitter, every, sitterFor } from '../../support/drawings'

const twigs = (id: string) => {
  const { habitus } = sitterFor(speciesById(id))
  return { habitus, made: twigsOf(grow(habitus, 3), habitus, seededRandom(3)) }
}
const mean = (list: readonly number[]): number => list.reduce((sum, value) => sum + value, 0) / list.length

describe('the last twigs of a crown', () => {
  test.each(['beech', 'hazel', 'norway-spruce', 'apple'])('of %s keep to its outline', (id) => {
    const { habitus, made } = twigs(id)
    expect(made.length).toBeGreaterThan(1500)
    const beyond = made
      .filter(({ to }) => to.y > habitus.crownBaseMm)
      .map(({ to }) => Math.hypot(to.x, to.z) - crownHalf(habitus, to.y))
      .sort((first, second) => first - second)
    // What grew from a place on the outline sticks out by a stub.
    expect(beyond[Math.floor(beyond.length * 0.98)]!).toBeLessThan(habitus.crownWidthMm * 0.05)
    for (const { to } of made) expect(to.y).toBeLessThanOrEqual(habitus.heightMm)
  })

  test('look for light: a beech’s go outward, a birch’s fall, a Lombardy poplar’s rise', () => {
    const rise = (id: string): number =>
      mean(
        twigs(id).made.map(
          ({ from, to }) => (to.y - from.y) / (Math.hypot(to.x - from.x, to.y - from.y, to.z - from.z) || 1),
        ),
      )
    const outward = mean(
      twigs('beech').made.map(({ from, to }) => Math.hypot(to.x, to.z) - Math.hypot(from.x, from.z)),
    )
    expect(outward).toBeGreaterThan(0)
    expect(rise('silver-birch')).toBeLessThan(-0.15)
    expect(rise('lombardy-poplar')).toBeGreaterThan(0.2)
    expect(rise('beech')).toBeGreaterThan(rise('silver-birch'))
  })

  test('bend: a tip’s shoot goes on in pieces, each a little off the last', () => {
    const { made } = twigs('beech')
    const byStart = new Map(made.map((twig) => [twig.from, twig]))
    const bends = made.flatMap(({ from, to }) => {
      const next = byStart.get(to)
      if (!next) return []
      const [a, b] = [
        [to.x - from.x, to.y - from.y, to.z - from.z],
        [next.to.x - to.x, next.to.y - to.y, next.to.z - to.z],
      ] as const
      const dot = a.reduce((sum, value, k) => sum + value * b[k]!, 0)
      const angle = Math.acos(Math.max(-1, Math.min(1, dot / (Math.hypot(...a) * Math.hypot(...b)))))
      return [angle]
    })
    expect(bends.length).toBeGreaterThan(800)
    expect(mean(bends)).toBeGreaterThan(0.03)
    expect(mean(bends)).toBeLessThan(0.2)
  })
})

test('between the heights of its table an outline is that of its form, within a hundredth of its width', () => {
  const { habitus } = sitterFor(speciesById('beech'))
  const depth = habitus.heightMm - habitus.crownBaseMm
  for (const crownForm of crownForms)
    for (let i = 1; i < 400; i += 1) {
      const t = i / 400.3
      const half = crownHalf({ ...habitus, crownForm }, habitus.crownBaseMm + t * depth)
      const exact = crownProfile(crownForm, t) * (habitus.crownWidthMm / 2)
      expect(Math.abs(half - exact)).toBeLessThan(habitus.crownWidthMm * 0.01)
    }
  expect(crownHalf(habitus, habitus.heightMm * 1.01)).toBe(0)
  expect(crownHalf(habitus, habitus.crownBaseMm * 0.9)).toBe(0)
})

test('the share of its oval that a leaf fills, against points thrown at it', () => {
  const inside = (outline: readonly (readonly [number, number])[], x: number, y: number): boolean =>
    outline.reduce((is, [ax, ay], i) => {
      const [bx, by] = outline[(i + 1) % outline.length]!
      return ay > y !== by > y && x < ax + ((y - ay) * (bx - ax)) / (by - ay) ? !is : is
    }, false)
  const random = seededRandom(5)
  for (const kind of leafKinds) {
    const { outline } = leafShapes[kind]
    if (!outline) {
      expect(leafFill[kind]).toBe(1)
      continue
    }
    const widest = Math.max(...outline.map(([, across]) => Math.abs(across)))
    let hits = 0
    const thrown = 20_000
    for (let i = 0; i < thrown; i += 1)
      if (inside(outline, 2 * random() - 1, widest * (2 * random() - 1))) hits += 1
    // The box about it has 2 × 2·widest, the oval π·widest.
    expect(leafFill[kind]).toBeCloseTo(((hits / thrown) * 4) / Math.PI, 1)
  }
})

describe('plants of forms of their own', () => {
  test('each pad of a cactus sits on another’s edge or on the ground, and the topmost is as high as the plant', () => {
    const sitter = sitterFor(speciesById('prickly-pear'))
    const { marks, leaf, wood } = drawSitter(sitter)
    const count = marks.length / 6
    expect(count).toBeGreaterThan(8)
    expect(wood).toHaveLength(0)
    expect(leaf.each).toBe(1)
    const half = leaf.lengthMm / 2
    const pads = Array.from({ length: count }, (_, i) => {
      const [x, y, z, ax, ay, az] = marks.slice(i * 6, i * 6 + 6) as unknown as number[]
      const long = Math.hypot(ax!, ay!, az!)
      const along = (k: number) =>
        [x! + (ax! / long) * k, y! + (ay! / long) * k, z! + (az! / long) * k] as const
      return { foot: along(-half), edge: along(half) }
    })
    for (const { foot } of pads) {
      const nearest = Math.min(
        Math.abs(foot[1]),
        ...pads.map(({ edge }) => Math.hypot(...foot.map((value, k) => value - edge[k]!))),
      )
      expect(nearest).toBeLessThan(leaf.lengthMm * 0.35)
    }
    const top = Math.max(...pads.map(({ edge }) => edge[1]))
    expect(top / sitter.habitus.heightMm).toBeGreaterThan(0.9)
    expect(top / sitter.habitus.heightMm).toBeLessThan(1.1)
  })

  test('a hedge of prickly pears is a row of them, along all its length', () => {
    const sitter = sitterFor(speciesById('prickly-pear'), {
      amount: { kind: 'length', lengthMm: 400, section: 'free' },
    })
    const xs = every(drawSitter(sitter).marks, 6, 0)
    const half = sitter.habitus.row!.lengthMm / 2
    expect(xs.length).toBeGreaterThan(20)
    expect(Math.min(...xs)).toBeLessThan(-half * 0.6)
    expect(Math.max(...xs)).toBeGreaterThan(half * 0.6)
  })

  test('a cabbage is a heart of leaves without a stem, a dandelion’s leaves lie flat below its flowers', () => {
    const of = (id: string) => {
      const sitter = sitterFor(speciesById(id))
      const { blades, organs } = drawSitter(sitter)
      const tops = every(blades, 8, 4)
      return { high: sitter.habitus.heightMm, tops, organs: every(organs, 7, 1) }
    }
    const cabbage = of('cabbage')
    expect(cabbage.organs).toHaveLength(0)
    expect(Math.max(...cabbage.tops) / cabbage.high).toBeGreaterThan(0.86)
    expect(mean(cabbage.tops) / cabbage.high).toBeGreaterThan(0.2)
    const dandelion = of('dandelion')
    expect(Math.max(...dandelion.organs)).toBeGreaterThan(dandelion.high * 0.7)
    expect(mean(dandelion.tops) / dandelion.high).toBeLessThan(0.45)
  })

  test('maize has long arched leaves off its stem to both sides, and they hang at their ends', () => {
    const sitter = sitterFor(speciesById('maize'))
    const { blades } = drawSitter(sitter)
    const xs = every(blades, 8, 3)
    expect(Math.min(...xs)).toBeLessThan(-sitter.habitus.crownWidthMm * 0.2)
    expect(Math.max(...xs)).toBeGreaterThan(sitter.habitus.crownWidthMm * 0.2)
    const falls = Array.from({ length: blades.length / 8 }, (_, i) => blades[i * 8 + 4]! < blades[i * 8 + 1]!)
    expect(falls.filter(Boolean).length).toBeGreaterThan(10)
  })
})
