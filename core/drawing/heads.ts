import { GOLDEN_ANGLE } from '../growth/golden-angle'
import type { Habitus, Point } from '../growth/types'
import type { OrganKind } from '../plants'
import type { Random } from '../units'
import { OrganPart, type Organ, type PartOf } from './organs'

/** Heads that stand show soon after the first flowers; the last of them late. */
const SHOWS_FROM = 0.22

interface Stem {
  readonly tip: Point
  readonly below: Point
  /** The plant's height, mm: heads are measured by it. */
  readonly high: number
  /** What stands alone bears larger heads than what stands in a clump. */
  readonly large: number
  readonly part: PartOf
  readonly random: Random
}

/** One oval of a head. @param along half of its length as a vector @param wide half its width */
function oval({ part, random }: Stem, at: Point, along: Point, wide: number, tone = 0.6): Organ {
  return {
    ...at,
    ax: along.x,
    ay: along.y,
    az: along.z,
    halfMm: wide,
    tone: Math.min(1, Math.max(0, tone + 0.3 * (random() - 0.5))),
    rank: SHOWS_FROM * random(),
    part,
  }
}

/** A place on the stem, so far below its tip by the plant's height, and off it by a turn. */
function place({ tip, below, high }: Stem, down: number, off = 0, turn = 0): Point {
  const length = Math.hypot(tip.x - below.x, tip.y - below.y, tip.z - below.z) || 1
  const t = (down * high) / length
  return {
    x: tip.x + (below.x - tip.x) * t + Math.cos(turn) * off * high,
    y: tip.y + (below.y - tip.y) * t,
    z: tip.z + (below.z - tip.z) * t + Math.sin(turn) * off * high,
  }
}

const many = <T>(count: number, one: (t: number, k: number) => T): T[] =>
  Array.from({ length: count }, (_, k) => one((k + 0.5) / count, k))

/** What stands at the end of a stem, by kind. Proportions from memory. */
const heads: Partial<Record<OrganKind, (stem: Stem) => Organ[]>> = {
  panicle: (stem) =>
    many(16, (t, k) => {
      const turn = k * GOLDEN_ANGLE
      const out = 0.012 + 0.05 * t * stem.random()
      const half = 0.011 * stem.high
      return oval(
        stem,
        place(stem, 0.26 * t, out, turn),
        { x: Math.cos(turn) * half * 0.5, y: half, z: Math.sin(turn) * half * 0.5 },
        half * 0.34,
      )
    }),
  ear: (stem) =>
    many(9, (t, k) => {
      const turn = k * Math.PI
      const half = 0.017 * stem.high
      return oval(
        stem,
        place(stem, 0.13 * t, 0.005, turn),
        { x: Math.cos(turn) * half * 0.4, y: half, z: 0 },
        half * 0.42,
      )
    }),
  awned: (stem) => [
    ...many(9, (t, k) => {
      const half = 0.016 * stem.high
      const side = { x: Math.cos(k * Math.PI) * half * 0.4, y: half, z: 0 }
      return oval(stem, place(stem, 0.11 * t, 0.005, k * Math.PI), side, half * 0.42)
    }),
    // Awns go on beyond the ear, as long as it.
    ...many(10, (t, k) => {
      const half = 0.055 * stem.high
      const lean = (k % 2 === 0 ? 1 : -1) * (0.15 + 0.2 * stem.random())
      const foot = place(stem, 0.11 * t)
      const middle = { x: foot.x + lean * half, y: foot.y + half, z: foot.z }
      return oval(stem, middle, { x: lean * half, y: half, z: 0 }, half * 0.035, 0.85)
    }),
  ],
  feather: (stem) =>
    many(9, (t, k) => {
      const half = (0.05 + 0.05 * t) * stem.high
      return oval(
        stem,
        place(stem, 0.2 * t, 0.02, k),
        { x: half * (0.5 + 0.4 * stem.random()), y: half * (0.5 - 0.5 * t), z: half * (stem.random() - 0.5) },
        half * 0.1,
        0.8,
      )
    }),
  plume: (stem) => {
    const side = stem.random() * 0.9 - 0.2
    return many(14, (t, k) => {
      const half = 0.017 * stem.high * (0.6 + 0.6 * Math.sin(Math.PI * t))
      const out = 0.014 * Math.sin(Math.PI * Math.min(1, t + 0.15)) * stem.random()
      return oval(
        stem,
        place(stem, 0.13 * t - 0.012, out, side + (k % 2) * 2.2),
        {
          x: half * (0.55 * Math.cos(side) + 0.2),
          y: half * (0.9 - 0.7 * stem.random()),
          z: half * 0.4 * Math.sin(side),
        },
        half * 0.34,
        0.45,
      )
    })
  },
  mace: (stem) => [
    oval(stem, place(stem, 0.1), { x: 0, y: 0.055 * stem.high, z: 0 }, 0.0125 * stem.high, 0.55),
    oval(stem, place(stem, 0.02), { x: 0, y: 0.03 * stem.high, z: 0 }, 0.003 * stem.high, 0.9),
  ],
  tassel: (stem) =>
    many(6, (_t, k) => {
      const half = 0.012 * stem.high
      return oval(
        stem,
        place(stem, 0.17 + 0.02 * stem.random(), 0.02, k),
        { x: half * (stem.random() - 0.2), y: half * 0.6, z: 0 },
        half * 0.6,
      )
    }),
  umbel: (stem) =>
    [
      [0, 0.095, 0],
      [0.13, 0.064, 0.1],
      [0.19, 0.058, 0.11],
    ].flatMap(([down = 0, wide = 0, off = 0]) => {
      const turn = stem.random() * 6.3
      const hub = place(stem, down + wide * 0.5, off * 0.6, turn)
      const middle = place(stem, down, off, turn)
      // Small umbels at the ends of rays, lower and more in the shade towards the rim.
      return many(14, (t, k) => {
        const out = wide * Math.sqrt(t) * stem.high
        const half = 0.02 * stem.high * (0.8 + 0.4 * stem.random())
        const at = {
          x: middle.x + Math.cos(k * GOLDEN_ANGLE) * out,
          y: middle.y - 0.3 * wide * t * stem.high,
          z: middle.z + Math.sin(k * GOLDEN_ANGLE) * out,
        }
        const ray = { x: (hub.x - at.x) / 2, y: (hub.y - at.y) / 2, z: (hub.z - at.z) / 2 }
        const foot = { x: (hub.x + at.x) / 2, y: (hub.y + at.y) / 2, z: (hub.z + at.z) / 2 }
        return [
          oval(stem, at, { x: half, y: 0, z: 0 }, half * 0.52, 0.88 - 0.2 * t),
          oval(stem, { ...at, y: at.y - half * 0.5 }, { x: half * 0.8, y: 0, z: 0 }, half * 0.34, 0.2),
          oval(stem, foot, ray, 0.0022 * stem.high, 0.05),
        ]
      }).flat()
    }),
  daisy: (stem) => {
    const half = 0.05 * stem.large * stem.high
    const petals = 9
    const face = 0.35 + 0.5 * stem.random()
    const ring = many(petals, (_t, k) => {
      const angle = (k / petals) * 2 * Math.PI
      const [c, s] = [Math.cos(angle) * half * 0.62, Math.sin(angle) * half * 0.62]
      const at = { x: stem.tip.x + c, y: stem.tip.y + s * face, z: stem.tip.z + s * (1 - face) }
      return oval(stem, at, { x: c * 0.62, y: s * face * 0.62, z: s * (1 - face) * 0.6 }, half * 0.2, 0.8)
    })
    const middle = { x: stem.tip.x, y: stem.tip.y, z: stem.tip.z + half * 0.6 }
    const eye = { ...stem, part: stem.part === OrganPart.flower ? OrganPart.eye : stem.part }
    return [...ring, oval(eye, middle, { x: half * 0.4, y: 0, z: 0 }, half * 0.4 * Math.max(0.5, face), 0.6)]
  },
  cup: (stem) => {
    const half = 0.062 * stem.high
    return many(4, (_t, k) => {
      const side = (k - 1.5) * 0.42
      const at = {
        x: stem.tip.x + side * half,
        y: stem.tip.y + 0.2 * half * (k % 2),
        z: stem.tip.z + (k % 2) * half * 0.4,
      }
      return oval(stem, at, { x: side * half * 0.35, y: half * 0.62, z: 0 }, half * 0.5, 0.6)
    })
  },
  spire: (stem) =>
    many(22, (t, k) => {
      const half = (0.011 + 0.017 * t) * stem.high
      const turn = k * GOLDEN_ANGLE
      return oval(
        stem,
        place(stem, 0.42 * t, 0.012 + 0.022 * t, turn),
        { x: Math.cos(turn) * half * 0.7, y: -half * 0.7, z: Math.sin(turn) * half * 0.7 },
        half * 0.5,
      )
    }),
  balls: (stem) =>
    [0, 0.1, 0.17].map((down, k) => {
      const half = 0.03 * stem.high
      return oval(
        stem,
        place(stem, down, k === 0 ? 0 : 0.09, k * 2.6),
        { x: 0, y: half, z: 0 },
        half * 0.9,
        0.7,
      )
    }),
}

/** Heads on a stem for the flower and the fruit that the kind has, where they stand at stems' ends. */
export function headsOn(
  chain: readonly Point[],
  plant: Habitus,
  kinds: { readonly flower: OrganKind | undefined; readonly fruit: OrganKind | undefined },
  random: Random,
): Organ[] {
  const tip = chain[chain.length - 1]
  const below = chain[chain.length - 2]
  if (!tip || !below) return []
  return (['flower', 'fruit'] as const).flatMap((part) => {
    const kind = kinds[part]
    const head = kind && heads[kind]
    const organs = head
      ? head({
          tip,
          below,
          high: plant.heightMm,
          large: plant.stems <= 2 ? 1.8 : 1,
          part: OrganPart[part],
          random,
        })
      : []
    return organs.map((organ) => ({ ...organ, y: Math.min(organ.y, plant.heightMm * 1.02) }))
  })
}
