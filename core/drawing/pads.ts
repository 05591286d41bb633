import { GOLDEN_ANGLE } from '../growth/golden-angle'
import type { DressKind, Habitus, Point } from '../growth/types'
import type { Random } from '../units'
import type { Foliage, Mark } from './foliage'
import { unit, type Twig } from './twigs'

/** No more pads than these would be told apart in one plant. */
const MOST = 60
/** Plants of a hedge stand so far apart, by their width. From memory. */
const IN_ROW = 0.7
/** The next pad sits so far up the last one: on its edge. */
const ON_EDGE = 0.9

interface Pad {
  readonly foot: Point
  readonly heading: Point
}

/**
 * A cactus of flat pads: each sits on the edge of another, up and outward, as high and as wide as the plant. A
 * hedge is a row of them.
 */
export function padsOf(plant: Habitus, dress: DressKind, random: Random): Foliage {
  const { row, crownWidthMm } = plant
  if (!row) return clump(plant, dress, 0, random)
  const count = Math.max(1, Math.round(row.lengthMm / (crownWidthMm * IN_ROW)))
  const clumps = Array.from({ length: count }, (_, i) =>
    clump(plant, dress, ((i + 0.5) / count - 0.5) * row.lengthMm, random),
  )
  const lengthMm = clumps.reduce((sum, one) => sum + one.lengthMm, 0) / count
  return {
    twigs: clumps.flatMap(({ twigs }) => twigs),
    marks: clumps.flatMap(({ marks }) => marks),
    lengthMm,
    offMm: 0,
    each: 1,
  }
}

/** One plant. @param x where along its row, mm */
function clump(plant: Habitus, dress: DressKind, x: number, random: Random): Foliage {
  const { heightMm, crownWidthMm } = plant
  // So many pads one on the other as reach the plant's height.
  const levels = Math.max(2, Math.ceil((heightMm / dress.leafMm - 1) / ON_EDGE) + 1)
  const long = heightMm / (1 + (levels - 1) * ON_EDGE)
  const pads: Pad[] = []
  const turn = random() * 2 * Math.PI
  const lowest = Math.max(1, Math.ceil(plant.stems / 2))
  for (let i = 0; i < lowest; i += 1) {
    const angle = turn + i * GOLDEN_ANGLE
    const out = (crownWidthMm / 2) * 0.3 * Math.sqrt(i / lowest)
    const foot = { x: Math.cos(angle) * out, y: 0, z: Math.sin(angle) * out }
    pads.push({ foot, heading: unit({ x: Math.cos(angle) * 0.2, y: 1, z: Math.sin(angle) * 0.2 }) })
  }
  for (let i = 0; i < pads.length && pads.length < MOST; i += 1) {
    const pad = pads[i]
    if (!pad) continue
    const edge = along(pad, long * ON_EDGE)
    if (edge.y + long * 0.6 > heightMm) continue
    const sprouts = random() < 0.25 ? 1 : 2
    for (let k = 0; k < sprouts; k += 1) {
      const angle = random() * 2 * Math.PI
      const heading = unit({
        x: pad.heading.x * 0.7 + Math.cos(angle) * 0.55,
        y: 0.9,
        z: pad.heading.z * 0.7 + Math.sin(angle) * 0.55,
      })
      const next = { foot: edge, heading }
      const end = along(next, long)
      if (Math.hypot(end.x, end.z) < crownWidthMm / 2 && end.y < heightMm) pads.push(next)
    }
  }
  const high = heightMm / Math.max(long, ...pads.map((pad) => along(pad, long).y))
  const stretched = (point: Point): Point => ({ x: point.x + x, y: point.y * high, z: point.z })
  const twigs = pads.map((pad): Twig => ({
    from: stretched(pad.foot),
    to: stretched(along(pad, long)),
    dMm: long * 0.1,
  }))
  const marks = pads.map((pad): Mark => {
    const middle = stretched(along(pad, long / 2))
    // A hair's length along it: what is drawn sits at its middle and points as it does.
    const hair = long * 0.001
    return {
      ...middle,
      ax: pad.heading.x * hair,
      ay: pad.heading.y * hair,
      az: pad.heading.z * hair,
      tone: 0.3 + 0.35 * (middle.y / heightMm) - 0.15 * ((middle.x - x) / crownWidthMm) + 0.25 * random(),
      from: 0.004,
      hue: random(),
      bloom: 1,
    }
  })
  return { twigs, marks, lengthMm: long * high, offMm: 0, each: 1 }
}

const along = ({ foot, heading }: Pad, mm: number): Point => ({
  x: foot.x + heading.x * mm,
  y: foot.y + heading.y * mm,
  z: foot.z + heading.z * mm,
})
