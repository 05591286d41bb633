import type { Habitus, Node, Point } from '../growth/types'
import type { Random } from '../units'
import type { Foliage } from './foliage'
import type { Organ } from './organs'

/** A blade, rib or leaflet as a straight piece. */
export interface FrondLine {
  readonly a: Point
  readonly b: Point
  readonly d1: number
  readonly d2: number
  readonly tone: number
  readonly from: number
  readonly hue: number
  readonly bloom: number
}

/**
 * What grasses, reeds, ferns, herbs and palms are drawn with; `woody` says which nodes are stems rather than
 * leaves; `foliage` is there where leaves sit on twigs.
 */
export interface BladeWork {
  readonly lines: FrondLine[]
  readonly organs: Organ[]
  readonly woody: readonly boolean[]
  readonly foliage?: Foliage
}

/** What the pieces of one shoot have in common. */
type Traits = Pick<FrondLine, 'tone' | 'from' | 'hue' | 'bloom'>
export const traits = (random: Random, most = 0.7): Traits => ({
  tone: 0.25 + 0.6 * random(),
  from: random() * most,
  hue: random(),
  bloom: 1,
})

/** A chain as tapering pieces. */
export function alongFrond(lines: FrondLine[], chain: readonly Point[], widthMm: number, look: Traits): void {
  chain.forEach((b, i) => {
    const a = chain[i - 1]
    if (!a) return
    const width = (at: number): number => widthMm * (1 - (at / (chain.length - 1)) ** 2 * 0.9)
    lines.push({ ...look, a, b, d1: width(i - 1), d2: width(i) })
  })
}

/** A leaf as two pieces: it widens from its stalk and comes to a point. */
export function leafBlade(lines: FrondLine[], a: Point, b: Point, widthMm: number, look: Traits): void {
  const on = (key: keyof Point): number => a[key] + (b[key] - a[key]) * 0.42
  const middle = { x: on('x'), y: on('y') + 0.05 * Math.hypot(b.x - a.x, b.y - a.y, b.z - a.z), z: on('z') }
  lines.push(
    { ...look, a, b: middle, d1: widthMm * 0.25, d2: widthMm },
    { ...look, a: middle, b, d1: widthMm, d2: widthMm * 0.08 },
  )
}

/** How a frond's leaflets are set. Lengths in mm, shares of the rib. */
interface Pinnate {
  readonly leafletMm: number
  readonly width: number
  readonly ribMm: number
  /** Where the first leaflets sit. */
  readonly first: number
  readonly per: number
  readonly hang: number
}

/** A frond: a rib with leaflets on both sides, longest soon after the first and shorter to the tip. */
export function frond(
  lines: FrondLine[],
  rib: readonly Point[],
  { leafletMm, width, ribMm, first, per, hang }: Pinnate,
  random: Random,
): void {
  const look = traits(random, 0.85)
  alongFrond(lines, rib, ribMm, look)
  rib.forEach((b, i) => {
    const a = rib[i - 1]
    if (!a) return
    const [dx, dz] = [b.x - a.x, b.z - a.z]
    const flat = Math.hypot(dx, dz) || 1
    for (let k = 0; k < per; k += 1) {
      const t = (i - 1 + k / per) / (rib.length - 1)
      if (t < first) continue
      const s = (t - first) / (1 - first)
      const long = leafletMm * (1.15 * (1 - s) ** 0.75 + 0.06) * (s < 0.12 ? 0.55 + (0.45 * s) / 0.12 : 1)
      const at = { x: a.x + dx * (k / per), y: a.y + (b.y - a.y) * (k / per), z: a.z + dz * (k / per) }
      for (const side of [-1, 1]) {
        const tip = {
          x: at.x + ((-dz / flat) * side + (dx / flat) * 0.4) * long,
          y: at.y - long * hang * (0.7 + 0.6 * random()),
          z: at.z + ((dx / flat) * side + (dz / flat) * 0.4) * long,
        }
        leafBlade(lines, at, tip, leafletMm * width * (1.1 - 0.6 * s), {
          ...look,
          tone: Math.min(1, Math.max(0, look.tone + (side > 0 ? 0.14 : -0.16) + 0.16 * (random() - 0.5))),
        })
      }
    }
  })
}

/** A fan leaf at the end of its stalk. */
export function fan(lines: FrondLine[], rib: readonly Node[], plant: Habitus, random: Random): void {
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
  for (let k = -8; k <= 8; k += 1) {
    const angle = (k / 8) * 1.75
    const [c, s] = [Math.cos(angle) * length, Math.sin(angle) * length]
    const end = {
      x: hub.x + forward.x * c + across.x * s,
      y: hub.y + forward.y * c - Math.abs(s) * (0.2 + 0.35 * Math.max(0, plant.droop)),
      z: hub.z + forward.z * c + across.z * s,
    }
    leafBlade(lines, hub, end, length * 0.13, {
      ...look,
      tone: Math.min(1, Math.max(0, look.tone + (k % 2 === 0 ? 0.12 : -0.12))),
    })
  }
}
