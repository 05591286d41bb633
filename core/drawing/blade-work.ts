import type { Random } from '../units'
import type { Mark } from './foliage'
import { Shape } from './shapes'
import type { Habitus, Node, Point, Skeleton } from '../growth/types'

/** A blade, rib or leaflet as a straight piece. */
export interface Line {
  readonly a: Point
  readonly b: Point
  readonly d1: number
  readonly d2: number
  readonly tone: number
  readonly from: number
  readonly hue: number
  readonly bloom: number
  readonly shape: number
}

/**
 * What grasses, reeds, ferns, herbs and palms are drawn with; `woody` says which nodes are stems rather than
 * leaves.
 */
export interface BladeWork {
  readonly lines: Line[]
  readonly marks: Mark[]
  readonly woody: readonly boolean[]
}

/** Dresses what has blades and fronds instead of a crown of leaves on twigs. */
export function bladeWork(skeleton: Skeleton, plant: Habitus, random: Random): BladeWork {
  const work: BladeWork = { lines: [], marks: [], woody: [] }
  const chains = chainsOf(skeleton)
  if (plant.habit === 'palm') return { ...work, ...palmWork(skeleton, chains, plant, random) }
  if (plant.habit === 'reed' && plant.arrangement === 'alternate')
    return { lines: [], marks: culmLeaves(chains, plant, random), woody: skeleton.nodes.map(() => true) }
  for (const chain of chains) {
    if (plant.habit === 'fern') frond(work.lines, chain, plant.heightMm * 0.11, random, plant)
    else if (plant.habit === 'herb') herb(work, chain, plant, random)
    else blade(work, chain, plant, random)
  }
  return { ...work, woody: skeleton.nodes.map(() => false) }
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

interface Traits {
  readonly tone: number
  readonly from: number
  readonly hue: number
  readonly bloom: number
  readonly shape: number
}
const traits = (random: Random, most = 0.7): Traits => ({
  tone: 1 + Math.floor(random() * 4),
  from: random() * most,
  hue: random(),
  bloom: 1,
  shape: Shape.cluster,
})

/** A chain as tapering pieces. */
function along(lines: Line[], chain: readonly Point[], widthMm: number, look: Traits): void {
  chain.forEach((b, i) => {
    const a = chain[i - 1]
    if (!a) return
    const width = (at: number): number => widthMm * (1 - (at / (chain.length - 1)) ** 2 * 0.9)
    lines.push({ ...look, a, b, d1: width(i - 1), d2: width(i) })
  })
}

function blade(work: BladeWork, chain: readonly Node[], plant: Habitus, random: Random): void {
  const look = traits(random)
  const width = plant.heightMm * (plant.habit === 'reed' ? 0.016 : 0.014)
  along(work.lines, chain, width, look)
  if (plant.habit === 'reed' && plant.droop > -0.35) reedLeaves(work.lines, chain, plant, look, random)
  if (random() < 0.55) heads(work.marks, chain, plant, random)
}

/** Leaves of a reed: long, off the stem to alternate sides, rising and bent over. */
function reedLeaves(
  lines: Line[],
  chain: readonly Node[],
  plant: Habitus,
  look: Traits,
  random: Random,
): void {
  for (let k = 1; k < chain.length - 1; k += 1) {
    const at = chain[k]
    if (!at) continue
    const side = k % 2 === 0 ? 1 : -1
    const turn = random() * Math.PI
    const long = plant.heightMm * (0.16 + 0.1 * random())
    const wide = Math.min(long * 0.62, plant.crownWidthMm * 0.3)
    const point = (t: number): Point => ({
      x: at.x + side * Math.cos(turn) * wide * t,
      y: at.y + long * (0.8 * t - 0.42 * t * t),
      z: at.z + Math.sin(turn) * wide * t,
    })
    along(lines, [at, point(0.35), point(0.7), point(1)], plant.heightMm * 0.013, look)
  }
}

/** Flower and seed heads near the tip of a shoot. */
function heads(marks: Mark[], chain: readonly Node[], plant: Habitus, random: Random): void {
  const tip = chain[chain.length - 1]
  const below = chain[chain.length - 2]
  if (!tip || !below) return
  const count = plant.habit === 'reed' ? 7 : 5
  for (let k = 0; k < count; k += 1) {
    const t = 0.25 + (0.75 * k) / count
    const spread = plant.heightMm * 0.012
    marks.push({
      x: below.x + (tip.x - below.x) * t + (random() - 0.5) * spread,
      y: below.y + (tip.y - below.y) * t,
      z: below.z + (tip.z - below.z) * t + (random() - 0.5) * spread,
      r: plant.heightMm * (plant.habit === 'reed' ? 0.014 : 0.01),
      tone: 1 + Math.floor(random() * 4),
      from: 1,
      hue: 0,
      bloom: 0.3 * random(),
      shape: Shape.flowerOnly,
    })
  }
}

/** A stem with leaves along its lower part and flowers about its tip. */
function herb(work: BladeWork, chain: readonly Node[], plant: Habitus, random: Random): void {
  const look = traits(random)
  along(work.lines, chain, plant.heightMm * 0.014, look)
  const tip = chain[chain.length - 1]
  if (!tip) return
  const spire = plant.droop <= -0.7
  chain.slice(0, -1).forEach((node, k) => {
    const leaves = plant.arrangement === 'opposite' ? 3 : k === 0 ? 6 : k < 4 ? 2 : 0
    for (let i = 0; i < leaves; i += 1) {
      const angle = random() * 2 * Math.PI
      const out = plant.heightMm * (0.12 - 0.016 * k) * (0.5 + random())
      work.lines.push({
        ...look,
        tone: 1 + Math.floor(random() * 4),
        from: random() * 0.8,
        a: node,
        b: { x: node.x + Math.cos(angle) * out, y: node.y + out * 0.5, z: node.z + Math.sin(angle) * out },
        d1: plant.heightMm * 0.028,
        d2: plant.heightMm * 0.01,
      })
    }
  })
  const flowers = spire ? 16 : 9
  for (let i = 0; i < flowers; i += 1) {
    const down = spire ? plant.heightMm * 0.4 * (i / flowers) : plant.heightMm * 0.03 * random()
    const wide = plant.heightMm * (spire ? 0.012 + 0.02 * (i / flowers) : 0.075)
    const angle = random() * 2 * Math.PI
    work.marks.push({
      x: tip.x + Math.cos(angle) * wide * random(),
      y: tip.y - down,
      z: tip.z + Math.sin(angle) * wide * random(),
      r: plant.heightMm * (spire ? 0.02 : 0.022),
      tone: 2 + Math.floor(random() * 3),
      from: 1,
      hue: 0,
      bloom: 0.4 * random(),
      shape: Shape.flowerOnly,
    })
  }
}

/** A frond: a rib with leaflets on both sides, longest before the middle. */
function frond(
  lines: Line[],
  rib: readonly Point[],
  leafletMm: number,
  random: Random,
  plant: Habitus,
): void {
  const look = traits(random, 0.85)
  along(lines, rib, plant.heightMm * 0.014, look)
  const per = 4
  rib.forEach((b, i) => {
    const a = rib[i - 1]
    if (!a || i < 2) return
    const [dx, dz] = [b.x - a.x, b.z - a.z]
    const flat = Math.hypot(dx, dz) || 1
    for (let k = 0; k < per; k += 1) {
      const t = (i - 1 + k / per) / (rib.length - 1)
      const long = leafletMm * (1.25 * (1 - t) ** 0.8 + 0.12) * (t < 0.2 ? t / 0.2 : 1)
      const at = { x: a.x + dx * (k / per), y: a.y + (b.y - a.y) * (k / per), z: a.z + dz * (k / per) }
      for (const side of [-1, 1]) {
        lines.push({
          ...look,
          tone: side > 0 ? 3 : 2 - (k % 2),
          a: at,
          b: {
            x: at.x + ((-dz / flat) * side + (dx / flat) * 0.35) * long,
            y: at.y - long * (plant.habit === 'palm' ? 0.5 : 0.12),
            z: at.z + ((dx / flat) * side + (dz / flat) * 0.35) * long,
          },
          d1: leafletMm * (plant.habit === 'palm' ? 0.09 : 0.2),
          d2: leafletMm * 0.04,
        })
      }
    }
  })
}

function palmWork(skeleton: Skeleton, chains: readonly Node[][], plant: Habitus, random: Random): BladeWork {
  const lines: Line[] = []
  const marks: Mark[] = []
  const stem = new Set(chains[0]?.filter((node) => chains[1]?.includes(node)) ?? [])
  for (const chain of chains) {
    const rib = chain.slice(chain.findLastIndex((node) => stem.has(node)))
    if (plant.arrangement === 'fan') fan(lines, rib, plant, random)
    else frond(lines, rib, plant.crownWidthMm * 0.13, random, plant)
  }
  const top = chains[0]?.findLast((node) => stem.has(node))
  if (top)
    for (let i = 0; i < 26; i += 1)
      marks.push({
        x: top.x + (random() - 0.5) * plant.crownWidthMm * 0.12,
        y: top.y - plant.crownWidthMm * (0.02 + 0.1 * random()),
        z: top.z + (random() - 0.5) * plant.crownWidthMm * 0.12,
        r: plant.crownWidthMm * 0.014,
        tone: 2 + Math.floor(random() * 3),
        from: 1,
        hue: 0,
        bloom: 1 - 0.08 * random(),
        shape: Shape.flowerOnly,
      })
  return { lines, marks, woody: skeleton.nodes.map((node) => stem.has(node)) }
}

/** A fan leaf at the end of its stalk. */
function fan(lines: Line[], rib: readonly Node[], plant: Habitus, random: Random): void {
  const look = traits(random, 0.85)
  const hub = rib[Math.max(1, rib.length - 4)]
  const foot = rib[0]
  const tip = rib[rib.length - 1]
  if (!hub || !foot || !tip) return
  lines.push({ ...look, a: foot, b: hub, d1: plant.crownWidthMm * 0.012, d2: plant.crownWidthMm * 0.01 })
  const length = Math.hypot(tip.x - hub.x, tip.y - hub.y, tip.z - hub.z)
  const forward = { x: (tip.x - hub.x) / length, y: (tip.y - hub.y) / length, z: (tip.z - hub.z) / length }
  const flat = Math.hypot(forward.x, forward.z) || 1
  const across = { x: -forward.z / flat, z: forward.x / flat }
  for (let k = -6; k <= 6; k += 1) {
    const angle = (k / 6) * 1.35
    const [c, s] = [Math.cos(angle) * length, Math.sin(angle) * length]
    const end = {
      x: hub.x + forward.x * c + across.x * s,
      y: hub.y + forward.y * c - Math.abs(s) * 0.25 * Math.max(0, plant.droop),
      z: hub.z + forward.z * c + across.z * s,
    }
    lines.push({
      ...look,
      tone: Math.max(0, Math.min(4, 3 - Math.round(Math.abs(k) / 3))),
      a: hub,
      b: end,
      d1: length * 0.16,
      d2: length * 0.05,
    })
  }
}

/** Leaf clusters of a bamboo, on the upper part of its culms. */
function culmLeaves(chains: readonly Node[][], plant: Habitus, random: Random): Mark[] {
  const marks: Mark[] = []
  const each = Math.ceil(620 / Math.max(1, chains.length))
  for (const chain of chains) {
    for (let i = 0; i < each; i += 1) {
      const t = plant.clearStemMm / plant.heightMm + (1 - plant.clearStemMm / plant.heightMm) * random()
      const at = t * (chain.length - 1)
      const [a, b] = [chain[Math.floor(at)], chain[Math.min(chain.length - 1, Math.floor(at) + 1)]]
      if (!a || !b) continue
      const s = at - Math.floor(at)
      const out =
        plant.crownWidthMm *
        0.22 *
        Math.cbrt(random()) *
        Math.sin(Math.PI * Math.min(1, t * 0.9 + 0.1)) ** 0.5
      const angle = random() * 2 * Math.PI
      const lit = random()
      const r = plant.crownWidthMm * 0.02
      const y = Math.min(plant.heightMm - r, a.y + (b.y - a.y) * s - out * 0.3 * random())
      marks.push({
        x: a.x + (b.x - a.x) * s + Math.cos(angle) * out,
        y,
        z: a.z + (b.z - a.z) * s + Math.sin(angle) * out,
        r: r * (0.7 + 0.6 * random()),
        tone: Math.min(4, Math.floor(lit * 5)),
        from: random(),
        hue: random(),
        bloom: 1,
        shape: Shape.cluster,
      })
    }
  }
  return marks
}
