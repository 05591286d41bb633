import { speciesById } from '../../../core/plants'
import { grow, type Habitus, type Node, type Skeleton } from '../../../core/growth'
import { sitterFor } from '../../support/drawings'

const degrees = (radians: number): number => (radians * 180) / Math.PI
const mean = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0) / of.length

function childrenOf({ nodes }: Skeleton): Map<number, number[]> {
  const children = new Map<number, number[]>()
  nodes.forEach(({ parent }, i) => children.set(parent, [...(children.get(parent) ?? []), i]))
  return children
}

/** From the vertical, degrees: the chord from a fork over the first pieces of what leaves it. */
function leaves(skeleton: Skeleton, children: Map<number, number[]>, i: number, pieces = 3): number {
  const { nodes } = skeleton
  const from = nodes[nodes[i]!.parent]!
  let at = i
  for (let k = 1; k < pieces; k += 1)
    at = children.get(at)?.find((next) => nodes[next]!.order === nodes[i]!.order) ?? at
  const end = nodes[at]!
  return degrees(Math.acos((end.y - from.y) / Math.hypot(end.x - from.x, end.y - from.y, end.z - from.z)))
}

/** Angles of a plant's limbs, lower and upper, over three of its kind. */
function limbAngles(plant: Habitus, least: number): { low: number[]; high: number[] } {
  const found = { low: [] as number[], high: [] as number[] }
  for (const seed of [1, 2, 3]) {
    const skeleton = grow(plant, seed)
    const children = childrenOf(skeleton)
    const thickest = Math.max(...skeleton.nodes.map(({ dMm }) => dMm))
    skeleton.nodes.forEach((node, i) => {
      const from: Node | undefined = skeleton.nodes[node.parent]
      if (!from || from.order !== 0 || node.order !== 1 || node.dMm < thickest * least) return
      const high = (from.y - plant.crownBaseMm) / (plant.heightMm - plant.crownBaseMm)
      found[high < 0.35 ? 'low' : 'high'].push(leaves(skeleton, children, i))
    })
  }
  return found
}

/** Where limbs leave their stem, lower and upper, degrees from the vertical. General knowledge; from memory. */
const table: readonly (readonly [id: string, low: [number, number], high: [number, number]])[] = [
  ['lombardy-poplar', [5, 25], [4, 22]],
  ['italian-cypress', [5, 25], [4, 22]],
  ['beech', [28, 55], [12, 40]],
  ['ash', [25, 50], [15, 40]],
  ['silver-birch', [30, 60], [20, 50]],
  ['pedunculate-oak', [40, 80], [20, 75]],
  ['cedar-of-lebanon', [66, 95], [50, 90]],
  ['american-elm', [10, 40], [5, 75]],
]

test.each(table)('limbs of %s leave the stem as its kind does', (id, low, high) => {
  const angles = limbAngles(sitterFor(speciesById(id)).habitus, 0.12)
  expect(angles.low.length + angles.high.length).toBeGreaterThan(6)
  for (const [of, [least, most]] of [
    [angles.low, low],
    [angles.high, high],
  ] as const) {
    if (of.length < 3) continue
    expect(mean(of)).toBeGreaterThan(least)
    expect(mean(of)).toBeLessThan(most)
  }
})

test('a spruce’s limbs hang at its foot and rise near its top, and are densest below; a fir’s lie level', () => {
  const limbs = (id: string) => limbAngles(sitterFor(speciesById(id)).habitus, 0.01)
  const [spruce, fir] = [limbs('norway-spruce'), limbs('silver-fir')]
  expect(mean(spruce.low)).toBeGreaterThan(88)
  expect(mean(spruce.high)).toBeLessThan(80)
  expect(mean(fir.low)).toBeGreaterThan(70)
  expect(mean(fir.low)).toBeLessThan(92)
  const { habitus } = sitterFor(speciesById('norway-spruce'))
  const heights = grow(habitus, 1).nodes.flatMap(({ y, order }) => (order > 0 ? [y / habitus.heightMm] : []))
  expect(heights.filter((y) => y < 0.4).length).toBeGreaterThan(heights.filter((y) => y > 0.6).length * 1.3)
})

test('an oak forks low into a few heavy limbs, a poplar’s stem runs on to the top', () => {
  // Of seven trees the one in the middle: one in many oaks has a limb that goes straight on.
  const stem = (id: string): number => {
    const { habitus } = sitterFor(speciesById(id))
    const heights = [1, 2, 3, 4, 5, 6, 7].map((seed) => {
      const { nodes } = grow(habitus, seed)
      const thickest = Math.max(...nodes.map(({ dMm }) => dMm))
      const trunk = nodes.filter(({ order, dMm }) => order === 0 && dMm > thickest * 0.6)
      return Math.max(...trunk.map(({ y }) => y)) / habitus.heightMm
    })
    return heights.sort((a, b) => a - b)[3]!
  }
  expect(stem('pedunculate-oak')).toBeLessThan(0.4)
  expect(stem('lombardy-poplar')).toBeGreaterThan(stem('pedunculate-oak') + 0.1)
})

test('opposite kinds set their limbs in pairs at right angles, alternate ones turn around the stem', () => {
  const paired = (id: string): number => {
    const plant = sitterFor(speciesById(id)).habitus
    const skeleton = grow(plant, 4)
    const children = childrenOf(skeleton)
    const limbs = skeleton.nodes.flatMap((node, i) => {
      const from = skeleton.nodes[node.parent]
      if (!from || from.order !== 0 || node.order !== 1) return []
      let at = i
      for (let k = 0; k < 4; k += 1) at = children.get(at)?.[0] ?? at
      const end = skeleton.nodes[at]!
      return [Math.atan2(end.z - from.z, end.x - from.x)]
    })
    const facing = limbs.filter((a) =>
      limbs.some(
        (b) => Math.abs(Math.abs(degrees(a - b)) - 180) < 12 || Math.abs(Math.abs(degrees(a - b)) - 90) < 12,
      ),
    )
    return facing.length / limbs.length
  }
  expect(sitterFor(speciesById('ash')).habitus.branching.paired).toBe(true)
  expect(sitterFor(speciesById('beech')).habitus.branching.paired).toBe(false)
  expect(paired('ash')).toBeGreaterThan(0.5)
})

test('a shrub leaves the ground in a sheaf: its stems start together and part, none across another', () => {
  for (const id of ['hazel', 'osier', 'elder', 'lilac']) {
    const { habitus } = sitterFor(speciesById(id))
    const skeleton = grow(habitus, 3)
    const children = childrenOf(skeleton)
    const feet = skeleton.nodes.flatMap(({ parent }, i) => (parent < 0 ? [i] : []))
    expect(feet).toHaveLength(habitus.stems)
    for (const foot of feet) {
      const { x, y, z } = skeleton.nodes[foot]!
      expect(y).toBe(0)
      expect(Math.hypot(x, z)).toBeLessThan(habitus.crownWidthMm * 0.05)
      // Along each stem one goes outward, on the side that its foot is on.
      let at = foot
      for (let k = 0; k < 6; k += 1) at = children.get(at)?.[0] ?? at
      const up = skeleton.nodes[at]!
      expect(up.x * x + up.z * z).toBeGreaterThan(-1e-6)
      expect(Math.hypot(up.x, up.z)).toBeGreaterThan(Math.hypot(x, z) * 0.8)
    }
  }
})

test('low shrubs are leafy to the ground', () => {
  for (const id of ['gorse', 'heather', 'lavender', 'sagebrush']) {
    const { habitus } = sitterFor(speciesById(id))
    const { nodes, tips } = grow(habitus, 1)
    const low = tips.filter((tip) => nodes[tip]!.y < habitus.heightMm * 0.2)
    expect(low.length / tips.length).toBeGreaterThan(0.06)
  }
})

test('vines are bare below their wires, a hedge is not', () => {
  const lowest = (crownBaseMm: number): number => {
    const plant = { ...sitterFor(speciesById('hazel')).habitus, heightMm: 30, crownWidthMm: 12, crownBaseMm }
    const { nodes, tips } = grow({ ...plant, row: { lengthMm: 120, trimmed: true } }, 1)
    return Math.min(...tips.map((tip) => nodes[tip]!.y))
  }
  expect(lowest(10)).toBeGreaterThan(7)
  expect(lowest(0)).toBeLessThan(4)
})

test('a field by area is a form of its own: shoots all over a patch, as close as in one plant, none beyond it', () => {
  const row = speciesById('wheat')
  const patch = sitterFor(row, { amount: { kind: 'area', areaCm2: 400 } }).habitus
  const one = sitterFor(row).habitus
  expect(patch.row!.lengthMm).toBeGreaterThan(2.5 * one.heightMm)
  const feet = (plant: Habitus) => grow(plant, 3).nodes.filter(({ parent }) => parent < 0)
  expect(feet(patch).length).toBeGreaterThan(feet(one).length * 8)
  const half = patch.row!.lengthMm / 2
  const xs = feet(patch).map(({ x }) => x)
  for (const x of xs) expect(Math.abs(x)).toBeLessThanOrEqual(half)
  // Evenly: each quarter of it has about a quarter of them.
  for (const quarter of [0, 1, 2, 3]) {
    const share =
      xs.filter((x) => Math.floor(((x + half) / patch.row!.lengthMm) * 4) === quarter).length / xs.length
    expect(Math.abs(share - 0.25)).toBeLessThan(0.09)
  }
  // A small area is not shown larger than it is.
  const little = sitterFor(row, { amount: { kind: 'area', areaCm2: 1 } }).habitus
  expect(little.row!.lengthMm).toBeCloseTo(10, 6)
})

test('what climbs is a sheet on its wall, as wide as its crown and thin', () => {
  const { row, crownWidthMm } = sitterFor(speciesById('wall-ivy')).habitus
  expect(row!.lengthMm).toBeGreaterThan(crownWidthMm * 3)
})
