import { GOLDEN_ANGLE } from '../growth/golden-angle'
import type { DressKind, Habitus, Node, Point, Skeleton } from '../growth/types'
import type { Random } from '../units'
import { caneWork } from './canes'
import { alongFrond, frond, leafBlade, traits, type BladeWork, type FrondLine } from './fronds'
import { headsOn } from './heads'
import { palmWork } from './palms'

/** Dresses what has blades and fronds instead of a crown of leaves on twigs. */
export function bladeWork(skeleton: Skeleton, plant: Habitus, dress: DressKind, random: Random): BladeWork {
  const chains = chainsOf(skeleton)
  if (plant.habit === 'palm') return palmWork(skeleton, chains, plant, random)
  if (plant.habit === 'reed' && plant.clearStemMm > 0) return caneWork(skeleton, chains, plant, dress, random)
  const work: BladeWork = { lines: [], organs: [], woody: skeleton.nodes.map(() => false) }
  chains.forEach((chain, i) => {
    if (plant.habit === 'fern') fernFrond(work.lines, chain, plant, random)
    else if (plant.habit === 'herb')
      herb(work, chain, plant, dress, i === 0 || plant.row !== undefined, random)
    else blade(work, chain, plant, dress, i, random)
  })
  return work
}

/** Each shoot as its nodes from the foot (or the fork) to the tip. */
function chainsOf({ nodes, tips }: Skeleton): Node[][] {
  return tips.map((tip) => {
    const chain: Node[] = []
    for (let at = tip; at >= 0; at = nodes[at]?.parent ?? -1) {
      const node = nodes[at]
      if (node) chain.unshift(node)
    }
    return chain
  })
}

/** Width of a blade of grass, and of a leaf that rises from a rush's foot, by the plant's height. From memory. */
const bladeWidths: Partial<Record<DressKind['leaf'], readonly [number, number]>> = {
  broad: [0.075, 0.018],
  narrow: [0.009, 0.009],
}

/** Thinnest blade by the plant's height: what is finer than a fibre would not be seen. */
const THINNEST = 0.006

function blade(
  work: BladeWork,
  chain: readonly Node[],
  plant: Habitus,
  dress: DressKind,
  i: number,
  random: Random,
): void {
  const look = traits(random)
  const tall = (chain[chain.length - 1]?.y ?? 0) > plant.heightMm * 0.66
  const width =
    plant.heightMm *
    (tall && plant.habit === 'reed'
      ? 0.009
      : (bladeWidths[dress.leaf]?.[plant.habit === 'reed' ? 1 : 0] ?? 0.009))
  alongFrond(work.lines, chain, Math.max(width, plant.heightMm * THINNEST), look)
  if (plant.habit === 'reed' && plant.arrangement === 'alternate')
    reedLeaves(work.lines, chain, plant, dress.leafMm, dress.leaf === 'narrow' ? 0.012 : 0.036, random)
  const bears = plant.habit === 'reed' ? i % 3 !== 1 : true
  if (tall && bears) work.organs.push(...headsOn(chain, plant, dress, random))
}

/** Length of a reed's or a cereal's leaf, by the plant's height, at the least and at the most. */
const LEAF_LONG = [0.2, 0.4] as const
/** Pieces that such a leaf arches in. */
const ARCH = 4

/** Leaves of a reed or of maize: long, off the stem to alternate sides, rising, arched and hanging at the end. */
function reedLeaves(
  lines: FrondLine[],
  chain: readonly Node[],
  plant: Habitus,
  leafMm: number,
  width: number,
  random: Random,
): void {
  const windward = random() * Math.PI
  const usual = Math.min(LEAF_LONG[1], Math.max(LEAF_LONG[0], leafMm / plant.heightMm)) * plant.heightMm
  for (let k = 1; k < chain.length - 1; k += 0.5) {
    const [low, high] = [chain[Math.floor(k)], chain[Math.ceil(k)]]
    if (!low || !high) continue
    const at = { x: (low.x + high.x) / 2, y: (low.y + high.y) / 2, z: (low.z + high.z) / 2 }
    const side = (k * 2) % 2 === 0 ? 1 : -1
    const turn = windward + 0.6 * (random() - 0.5)
    // Those in the middle are the longest.
    const long = usual * (0.75 + 0.3 * random()) * (1 - 0.5 * Math.abs(k / chain.length - 0.45))
    const wide = Math.min(long * 0.8, plant.crownWidthMm * 0.5)
    const point = (t: number): Point => ({
      x: at.x + side * Math.cos(turn) * wide * t,
      y: Math.max(plant.heightMm * 0.004, at.y + long * (0.95 * t - 0.95 * t * t)),
      z: at.z + Math.sin(turn) * wide * t,
    })
    const look = traits(random)
    for (let piece = 0; piece < ARCH; piece += 1) {
      const thick = (t: number): number =>
        plant.heightMm * width * Math.max(0.08, 1 - t ** 1.6) * (t === 0 ? 0.7 : 1)
      const [from, to] = [piece / ARCH, (piece + 1) / ARCH]
      lines.push({ ...look, a: point(from), b: point(to), d1: thick(from), d2: thick(to) })
    }
  }
}

/** Fronds: in a funnel from one foot, or single on a stalk that holds them level. */
function fernFrond(lines: FrondLine[], chain: readonly Node[], plant: Habitus, random: Random): void {
  const single = plant.arrangement === 'alternate'
  frond(
    lines,
    chain,
    {
      leafletMm: plant.heightMm * (single ? 0.2 : 0.13),
      width: single ? 0.17 : 0.22,
      ribMm: plant.heightMm * 0.012,
      first: single ? 0.5 : 0.18,
      per: single ? 5 : 5,
      hang: single ? 0.16 : 0.14,
    },
    random,
  )
}

/** A stem with leaves at its foot or along it, and what it bears at its end. */
function herb(
  work: BladeWork,
  chain: readonly Node[],
  plant: Habitus,
  dress: DressKind,
  first: boolean,
  random: Random,
): void {
  const high = plant.heightMm
  // A rosette without flowers, as a cabbage's, has no stem.
  const bears = dress.flower !== undefined || dress.fruit !== undefined
  const stemless = plant.arrangement === 'rosette'
  if (!stemless || bears) alongFrond(work.lines, chain, high * 0.011, traits(random, 0.5))
  const long = Math.min(plant.crownWidthMm * 0.6, Math.max(high * 0.05, dress.leafMm))
  const { aspect, pairs } = herbLeaf(dress)
  if (stemless) {
    if (first) rosette(work.lines, chain[0] ?? { x: 0, y: 0, z: 0 }, plant, aspect, bears, random)
    work.organs.push(...headsOn(chain, plant, dress, random))
    return
  }
  chain.slice(0, -1).forEach((node, k) => {
    const t = k / (chain.length - 1)
    const leaves = plant.arrangement === 'opposite' ? 3 : k === 0 ? 6 : t < 0.72 ? 2 : 0
    for (let i = 0; i < leaves; i += 1) {
      const angle = (i / leaves) * 6.3 + random() * 1.4 + k * 1.57
      const out = long * (1 - 0.6 * t) * (0.65 + 0.5 * random())
      const rise = k === 0 ? 0.3 + 0.3 * random() : 0.35 - 0.6 * random()
      const tip = {
        x: node.x + Math.cos(angle) * out,
        y: Math.max(high * 0.006, node.y + out * rise),
        z: node.z + Math.sin(angle) * out,
      }
      const look = { ...traits(random, 0.8), tone: 0.34 + 0.4 * t + 0.26 * random() }
      if (pairs)
        frond(
          work.lines,
          [node, mid(node, tip, 0.12), tip],
          { ...pairs, leafletMm: out * 0.34, ribMm: out * 0.04 },
          random,
        )
      else leafBlade(work.lines, node, tip, out * aspect, look)
    }
  })
  work.organs.push(...headsOn(chain, plant, dress, random))
}

/** Leaves of a rosette. */
const ROSETTE = 16
/** How steeply the outermost and the innermost stand, radians from level. From memory. */
const STANDS = [0.14, 1.4] as const
/** Length of the innermost by the outermost. */
const HEART = 0.65

/** Leaves from one foot, the outer ones flat on the ground, the inner ones shorter and upright: a heart. */
function rosette(
  lines: FrondLine[],
  foot: Point,
  plant: Habitus,
  aspect: number,
  bears: boolean,
  random: Random,
): void {
  const turn = random() * 2 * Math.PI
  const long = plant.crownWidthMm / 2
  // Without a stem its heart is its top.
  const lift = bears ? 1 : plant.heightMm / (long * HEART)
  for (let i = 0; i < ROSETTE; i += 1) {
    const inner = i / (ROSETTE - 1)
    const angle = turn + i * GOLDEN_ANGLE
    const steep = STANDS[0] + (STANDS[1] - STANDS[0]) * inner * (0.8 + 0.3 * random())
    const out = long * (1 - (1 - HEART) * inner) * (0.85 + 0.3 * random())
    const reach = (share: number, curl: number): Point => ({
      x: foot.x + Math.cos(angle) * out * share * Math.cos(steep),
      y: Math.min(plant.heightMm, out * share * (Math.sin(steep) * lift + curl)),
      z: foot.z + Math.sin(angle) * out * share * Math.cos(steep),
    })
    const look = { ...traits(random, 0.8), tone: 0.28 + 0.5 * inner + 0.16 * random() }
    const [low, high, end] = [reach(0.08, 0), reach(0.62, 0.12), reach(1, 0.02)]
    lines.push(
      { ...look, a: low, b: high, d1: out * aspect * 0.4, d2: out * aspect },
      { ...look, a: high, b: end, d1: out * aspect, d2: out * aspect * 0.3 },
      // The midrib is lighter.
      { ...look, a: low, b: end, d1: out * 0.035, d2: out * 0.012, tone: Math.min(1, look.tone + 0.3) },
    )
  }
}

const mid = (a: Point, b: Point, lift: number): Point => ({
  x: (a.x + b.x) / 2,
  y: (a.y + b.y) / 2 + lift * Math.hypot(b.x - a.x, b.z - a.z),
  z: (a.z + b.z) / 2,
})

function herbLeaf({ leaf }: DressKind): {
  aspect: number
  pairs?: Omit<Parameters<typeof frond>[2], 'leafletMm' | 'ribMm'>
} {
  if (leaf === 'feathered') return { aspect: 0.3, pairs: { width: 0.24, first: 0.2, per: 3, hang: 0.1 } }
  return { aspect: leaf === 'narrow' ? 0.14 : leaf === 'round' ? 0.6 : leaf === 'small' ? 0.4 : 0.36 }
}
