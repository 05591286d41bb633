import type { Dress, Habitus, Node, Point, Skeleton } from '../growth/types'
import type { Random } from '../units'
import { caneWork } from './canes'
import { along, frond, leafBlade, traits, type BladeWork, type Line } from './fronds'
import { headsOn } from './heads'
import { palmWork } from './palms'

/** Dresses what has blades and fronds instead of a crown of leaves on twigs. */
export function bladeWork(skeleton: Skeleton, plant: Habitus, dress: Dress, random: Random): BladeWork {
  const chains = chainsOf(skeleton)
  if (plant.habit === 'palm') return palmWork(skeleton, chains, plant, random)
  if (plant.habit === 'reed' && plant.clearStemMm > 0) return caneWork(skeleton, chains, plant, dress, random)
  const work: BladeWork = { lines: [], organs: [], woody: skeleton.nodes.map(() => false) }
  chains.forEach((chain, i) => {
    if (plant.habit === 'fern') fernFrond(work.lines, chain, plant, random)
    else if (plant.habit === 'herb') herb(work, chain, plant, dress, random)
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
const bladeWidths: Partial<Record<Dress['leaf'], readonly [number, number]>> = {
  broad: [0.075, 0.018],
  narrow: [0.009, 0.009],
}

/** Thinnest blade by the plant's height: what is finer than a fibre would not be seen. */
const THINNEST = 0.006

function blade(
  work: BladeWork,
  chain: readonly Node[],
  plant: Habitus,
  dress: Dress,
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
  along(work.lines, chain, Math.max(width, plant.heightMm * THINNEST), look)
  if (plant.habit === 'reed' && plant.arrangement === 'alternate')
    reedLeaves(work.lines, chain, plant, dress.leaf === 'narrow' ? 0.012 : 0.034, random)
  const bears = plant.habit === 'reed' ? i % 3 !== 1 : true
  if (tall && bears) work.organs.push(...headsOn(chain, plant, dress, random))
}

/** Leaves of a reed: long, off the stem to alternate sides, rising and bent over. */
function reedLeaves(
  lines: Line[],
  chain: readonly Node[],
  plant: Habitus,
  width: number,
  random: Random,
): void {
  const windward = random() * Math.PI
  for (let k = 1; k < chain.length - 1; k += 1) {
    const at = chain[k]
    if (!at) continue
    const side = k % 2 === 0 ? 1 : -1
    const turn = windward + 0.6 * (random() - 0.5)
    const long = plant.heightMm * (0.17 + 0.1 * random())
    const wide = Math.min(long * 0.66, plant.crownWidthMm * 0.34)
    const point = (t: number): Point => ({
      x: at.x + side * Math.cos(turn) * wide * t,
      y: at.y + long * (0.85 * t - 0.5 * t * t),
      z: at.z + Math.sin(turn) * wide * t,
    })
    const look = traits(random)
    const middle = point(0.5)
    leafBlade(lines, at, middle, plant.heightMm * width, look)
    lines.push({
      ...look,
      a: middle,
      b: point(1),
      d1: plant.heightMm * width * 0.8,
      d2: plant.heightMm * 0.002,
    })
  }
}

/** Fronds: in a funnel from one foot, or single on a stalk that holds them level. */
function fernFrond(lines: Line[], chain: readonly Node[], plant: Habitus, random: Random): void {
  const single = plant.arrangement === 'alternate'
  frond(
    lines,
    chain,
    {
      leafletMm: plant.heightMm * (single ? 0.26 : 0.13),
      width: single ? 0.3 : 0.26,
      ribMm: plant.heightMm * 0.012,
      first: single ? 0.5 : 0.18,
      per: single ? 3 : 4,
      hang: single ? 0.08 : 0.14,
    },
    random,
  )
}

/** A stem with leaves at its foot or along it, and what it bears at its end. */
function herb(work: BladeWork, chain: readonly Node[], plant: Habitus, dress: Dress, random: Random): void {
  const high = plant.heightMm
  along(work.lines, chain, high * 0.011, traits(random, 0.5))
  const long = Math.min(plant.crownWidthMm * 0.6, Math.max(high * 0.05, dress.leafMm))
  const { aspect, pairs } = herbLeaf(dress)
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

const mid = (a: Point, b: Point, lift: number): Point => ({
  x: (a.x + b.x) / 2,
  y: (a.y + b.y) / 2 + lift * Math.hypot(b.x - a.x, b.z - a.z),
  z: (a.z + b.z) / 2,
})

function herbLeaf({ leaf }: Dress): {
  aspect: number
  pairs?: Omit<Parameters<typeof frond>[2], 'leafletMm' | 'ribMm'>
} {
  if (leaf === 'feathered') return { aspect: 0.3, pairs: { width: 0.24, first: 0.2, per: 3, hang: 0.1 } }
  return { aspect: leaf === 'narrow' ? 0.14 : leaf === 'round' ? 0.6 : leaf === 'small' ? 0.4 : 0.36 }
}
