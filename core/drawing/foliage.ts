import type { DressKind, Habitus, Point, Skeleton } from '../growth/types'
import type { Random } from '../units'
import { leavesToCover } from './cover'
import { leafFill, leafShapes } from './leaf-shapes'
import { lightOn } from './light'
import type { Twig } from './twigs'

/**
 * A stretch of twig with its leaves: its middle, half of its length as a vector, and what decides how it
 * looks. Shares are 0–1; see the traits of a drawing.
 */
export interface Mark extends Point {
  readonly ax: number
  readonly ay: number
  readonly az: number
  readonly tone: number
  readonly from: number
  readonly hue: number
  readonly bloom: number
}

/** How a crown is dressed: its twigs, the stretches of them that bear leaves, and how many leaves each bears. */
export interface Foliage {
  readonly twigs: readonly Twig[]
  readonly marks: readonly Mark[]
  readonly lengthMm: number
  /** How far leaves stand off their stretch, mm. */
  readonly offMm: number
  readonly each: number
}

/** Stretches to a twig. */
export const PER_TWIG = 1
/** Finer than this a leaf is a grain of flock, mm. Common practice. */
const FINEST_MM = 0.2

/**
 * Leaves of the kind's own scaled size along twigs, as many as make the crown seen through as wished (see
 * {@link leavesToCover}), in the light that falls into it.
 */
export function dressTwigs(
  twigs: readonly Twig[],
  skeleton: Skeleton,
  plant: Habitus,
  dress: DressKind,
  random: Random,
): Foliage {
  const shape = leafShapes[dress.leaf]
  const lengthMm = Math.max(FINEST_MM, dress.leafMm * shape.times)
  const stretches = stretchesOf(twigs)
  const lit = lightOn(stretches, new Float64Array(stretches.length).fill(1))
  const tones = tonesFrom(lit)
  const outside = ranksOf(lit)
  const lasting = lastingOrder(stretches, outside, plant, random)
  const turning = turningOrder(stretches, outside, plant, random)
  const bloom = ranksOf(Float64Array.from(outside, (share) => 0.65 * random() + 0.35 * (1 - share)))
  const offMm = offOf(stretches.length, plant, lengthMm, shape.off)
  return {
    twigs,
    marks: stretches.map((stretch, i): Mark => ({
      x: stretch.x,
      y: stretch.y,
      z: stretch.z,
      ax: stretch.ax,
      ay: stretch.ay,
      az: stretch.az,
      tone: tones[i] ?? 0.5,
      // A byte in the drawing, and never 0: what is bare has none.
      from: (1 + 254 * (lasting[i] ?? 0)) / 255,
      hue: turning[i] ?? 0.5,
      bloom: bloom[i] ?? 1,
    })),
    lengthMm,
    offMm,
    each: leavesToCover(
      stretches,
      skeleton,
      plant,
      dress.seeThrough,
      lengthMm * lengthMm * shape.aspect * shape.clumping * leafFill[dress.leaf],
      offMm,
    ),
  }
}

type Stretch = Point & { readonly ax: number; readonly ay: number; readonly az: number }

/** Each twig in so many pieces: their middles, and half of their length as a vector. */
function stretchesOf(twigs: readonly Twig[]): Stretch[] {
  const stretches: Stretch[] = []
  for (const { from, to } of twigs) {
    const [dx, dy, dz] = [to.x - from.x, to.y - from.y, to.z - from.z]
    for (let k = 0; k < PER_TWIG; k += 1) {
      const t = (k + 0.5) / PER_TWIG
      const half = 0.5 / PER_TWIG
      stretches.push({
        x: from.x + dx * t,
        y: from.y + dy * t,
        z: from.z + dz * t,
        ax: dx * half,
        ay: dy * half,
        az: dz * half,
      })
    }
  }
  return stretches
}

/** How far leaves stand off their twig at least, by their own length. From memory. */
const OFF_LENGTH = 0.42
/** And at the most, by the crown's width. */
const OFF_WIDTH = 0.05

/** Leaves fill the room about their twigs: what is drawn has fewer twigs than the tree. */
function offOf(stretches: number, plant: Habitus, lengthMm: number, off: number): number {
  const volume =
    0.5 *
    (plant.row?.lengthMm ?? plant.crownWidthMm) *
    plant.crownWidthMm *
    (plant.heightMm - plant.crownBaseMm)
  const room = Math.cbrt(volume / Math.max(60, stretches))
  return Math.max(OFF_LENGTH * lengthMm, Math.min(off * room, plant.crownWidthMm * OFF_WIDTH))
}

/** Shares of the light's order that are quite dark and quite light. */
const DARKEST = 0.04
const LIGHTEST = 0.97

/** The deepest and the lightest tone that a twig has; its leaves stray from it. */
const TONES = [0.04, 0.84] as const

/** Light as a tone from deep shade to full light: between the darkest and the lightest twigs of the crown itself. */
function tonesFrom(lit: Float64Array): Float64Array {
  const order = Float64Array.from(lit).sort()
  const at = (share: number): number => order[Math.floor(share * (order.length - 1))] ?? 0
  const [low, high] = [at(DARKEST), at(LIGHTEST)]
  const rank = ranksOf(lit)
  // Half as bright as it is, half as its place in the order: dense crowns are not all black inside.
  return Float64Array.from(lit, (light, i) => {
    const bright = Math.min(1, Math.max(0, (light - low) / Math.max(1e-6, high - low)))
    return TONES[0] + (TONES[1] - TONES[0]) * (0.5 * bright ** 0.8 + 0.5 * (rank[i] ?? 0)) ** 1.15
  })
}

/** How strongly the last leaves keep to the lower crown and its inside. */
const LAST_LOW = 0.9

/**
 * The order in which leaves hang on, 0 the last to go: outer twigs lose theirs first, the lower crown and
 * its inside hold theirs longest, as dead leaves that are held do (general knowledge; the weights are from
 * memory). Spread evenly, so that a share of the foliage is that share of the leaves.
 */
function lastingOrder(
  places: readonly Point[],
  outside: Float64Array,
  { crownBaseMm, heightMm }: Habitus,
  random: Random,
): Float64Array {
  const last = Float64Array.from(outside, (share, i) => {
    const up = ((places[i]?.y ?? 0) - crownBaseMm) / Math.max(1e-6, heightMm - crownBaseMm)
    const at = 0.6 * random() + 0.4 * share
    return at + LAST_LOW * Math.min(1, Math.max(0, up)) * (1 - 0.6 * at)
  })
  return ranksOf(last)
}

/**
 * The order in which leaves turn, 0 the first: the top and the outside before the inside, whole branches at a
 * time. From memory.
 */
function turningOrder(
  places: readonly Point[],
  outside: Float64Array,
  { crownBaseMm, heightMm, crownWidthMm, habit }: Habitus,
  random: Random,
): Float64Array {
  // Needles flush all over the outside.
  const whole = habit === 'conifer' ? 0.3 : 1
  const depth = Math.max(1e-6, heightMm - crownBaseMm)
  const cell = Math.max(crownWidthMm, depth) / 6
  const branches = new Map<number, number>()
  const order = Float64Array.from(outside, (share, i) => {
    const { x = 0, y = 0, z = 0 } = places[i] ?? {}
    const branch = [x, y, z].reduce((sum, value) => sum * 1024 + Math.round(value / cell) + 512, 0)
    const own = branches.get(branch) ?? random()
    branches.set(branch, own)
    const up = (y - crownBaseMm) / depth
    return 0.4 * random() + whole * 0.22 * own + 0.26 * (1 - share) + (whole < 1 ? 0 : 0.12) * (1 - up)
  })
  return ranksOf(order)
}

/** Numbers are sorted into so many steps, and within a step as they come. */
const STEPS = 8192

/** The place of each number in their order, 0 for the least and 1 for the greatest, evenly. */
function ranksOf(numbers: Float64Array): Float64Array {
  const { length } = numbers
  let [low, high] = [Infinity, -Infinity]
  for (let i = 0; i < length; i += 1) {
    const number = numbers[i] ?? 0
    if (number < low) low = number
    if (number > high) high = number
  }
  const per = (STEPS - 1) / Math.max(1e-12, high - low)
  const stepOf = (i: number): number => Math.floor(((numbers[i] ?? 0) - low) * per)
  const next = new Uint32Array(STEPS + 1)
  for (let i = 0; i < length; i += 1) {
    const at = stepOf(i) + 1
    next[at] = (next[at] ?? 0) + 1
  }
  for (let at = 1; at <= STEPS; at += 1) next[at] = (next[at] ?? 0) + (next[at - 1] ?? 0)
  const ranks = new Float64Array(length)
  for (let i = 0; i < length; i += 1) {
    const at = stepOf(i)
    const place = next[at] ?? 0
    next[at] = place + 1
    ranks[i] = place / Math.max(1, length - 1)
  }
  return ranks
}
