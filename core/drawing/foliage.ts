import { crownSideArea } from '../plants/form'
import type { Random } from '../units'
import { Shape } from './shapes'
import type { Dress, Habitus, Node, Point, Skeleton } from '../growth/types'

/** A leaf cluster. Shares are 0–1; see the traits of a drawing. */
export interface Mark extends Point {
  readonly r: number
  readonly tone: number
  readonly from: number
  readonly hue: number
  readonly bloom: number
  readonly shape: number
}

/** More clusters than these would not be seen, only drawn. */
const MOST_MARKS = 2600

/** Share of its outline that a crown of lobes fills, seen from the side. From memory. */
const LOBED = 0.86

/**
 * Leaf clusters on the tips and thin shoots, so many and so large that the crown is seen through as wished:
 * with n discs of area a over the crown's side area A, the see-through share is exp(−n·a/A) (Boolean model).
 * Discs have the leaf's own scaled size where that takes no more than {@link MOST_MARKS}; where it takes
 * more, a disc stands for a cluster of leaves.
 */
export function dressCrown(skeleton: Skeleton, plant: Habitus, dress: Dress, random: Random): Mark[] {
  const conical = plant.crownForm === 'conical' && !plant.row
  const needled = plant.arrangement === 'needles' && conical
  const places = leafy(skeleton, needled)
  const areaMm2 = sideAreaMm2(plant)
  const cover = -Math.log(Math.min(0.95, dress.seeThrough)) * areaMm2
  const leafR = Math.max(dress.leafMm * 0.5, plant.heightMm * 0.004)
  const count = Math.round(Math.min(MOST_MARKS, Math.max(220, cover / (Math.PI * leafR * leafR))))
  const widest = plant.row ? Math.min(plant.heightMm, plant.crownWidthMm) : plant.crownWidthMm
  const r = Math.min(Math.sqrt(cover / (count * Math.PI)), widest * 0.06)
  const scatter = needled
    ? r * 0.9
    : Math.max(
        r * 1.1,
        Math.cbrt(
          ((plant.row?.lengthMm ?? plant.crownWidthMm) *
            plant.crownWidthMm *
            (plant.heightMm - plant.crownBaseMm)) /
            Math.max(30, places.length),
        ) * (plant.lobes > 0 ? 0.4 : plant.crownForm === 'columnar' ? 0.6 : 0.36),
      )
  const raw: (Point & { r: number; clump: number })[] = []
  for (let i = 0; i < count * 2 && raw.length < count; i += 1) {
    const node = places[Math.floor(random() * places.length)]
    if (!node) break
    const angle = random() * 2 * Math.PI
    const rise = 2 * random() - 1
    const out = scatter * Math.cbrt(random())
    // A cone ends in a leader, which is slim.
    const slim = conical ? Math.min(1, 0.25 + (plant.heightMm - node.y) / (0.2 * plant.heightMm)) : 1
    const across = out * Math.sqrt(1 - rise * rise) * slim
    const size = r * (0.75 + 0.5 * random()) * slim
    const y = Math.min(plant.heightMm - size * 0.7, node.y + rise * out * (needled ? 0.5 : 0.8))
    if (y < size * 0.6) continue
    const [x, z] = [node.x + Math.cos(angle) * across, node.z + Math.sin(angle) * across]
    raw.push({ ...clipped(x, z, plant, size * 0.6), y, r: size, clump: rise })
  }
  const light = exposure(raw, r)
  const lit = Float64Array.from(raw, ({ clump }, i) => (light[i] ?? 0) + 0.26 * clump)
  const rank = ranksOf(lit)
  const shares = Float64Array.from(rank, (at) => Math.min(1, Math.max(0, at + (random() - 0.5) * 0.22)))
  const lasting = lastingOrder(raw, shares, plant, random)
  return raw.map((mark, i): Mark => {
    const share = shares[i] ?? 0
    return {
      x: mark.x,
      y: mark.y,
      z: mark.z,
      r: mark.r,
      tone: toneAt(share),
      // A byte in the drawing, and never 0: what is bare has none.
      from: (1 + 254 * (lasting[i] ?? 0)) / 255,
      // The outermost turn first; flowers stand in the light.
      hue: Math.min(1, Math.max(0, 0.7 * random() + 0.3 * (1 - share))),
      bloom: Math.min(1, 0.7 * random() + 0.3 * (1 - share)),
      shape: needled ? Shape.spray : Shape.cluster,
    }
  })
}

/**
 * In which order clusters stay on, 0–1: the outermost go first, and the last ones hang low, as dead leaves
 * that are held do (general knowledge; the weights are from memory). Spread evenly, so that a share of the
 * foliage is that share of the clusters.
 */
function lastingOrder(
  marks: readonly Point[],
  lit: Float64Array,
  { crownBaseMm, heightMm }: Habitus,
  random: Random,
): Float64Array {
  const order = Float64Array.from(lit, (share) => 0.75 * random() + 0.25 * share)
  const last = Float64Array.from(order, (at, i) => {
    const up = ((marks[i]?.y ?? 0) - crownBaseMm) / Math.max(1e-6, heightMm - crownBaseMm)
    return at + LAST_LOW * Math.min(1, Math.max(0, up)) * (1 - at)
  })
  return ranksOf(last)
}

/** How strongly the last leaves keep to the lower crown. */
const LAST_LOW = 0.9

/** The place of each number in their order, 0 for the least and 1 for the greatest. */
function ranksOf(numbers: Float64Array): Float64Array {
  const rank = new Float64Array(numbers.length)
  const order = Uint32Array.from(numbers.keys()).sort((a, b) => (numbers[a] ?? 0) - (numbers[b] ?? 0))
  order.forEach((at, place) => {
    rank[at] = place / Math.max(1, numbers.length - 1)
  })
  return rank
}

/** A hedge's leaves keep to the stretch that is shown and, where it is trimmed, to its faces. */
function clipped(x: number, z: number, { row, crownWidthMm }: Habitus, r: number): { x: number; z: number } {
  if (!row) return { x, z }
  const within = (value: number, most: number): number => Math.max(-most, Math.min(most, value))
  return {
    x: within(x, Math.max(0, row.lengthMm / 2 - r)),
    z: row.trimmed ? within(z, Math.max(0, crownWidthMm / 2 - r)) : z,
  }
}

/** Area of the crown from the side, mm²; of a hedge, of its stretch. */
function sideAreaMm2(plant: Habitus): number {
  const depth = plant.heightMm - plant.crownBaseMm
  if (plant.row) return plant.row.lengthMm * plant.heightMm * (plant.row.trimmed ? 1 : UNCLIPPED)
  return crownSideArea(plant.crownForm, plant.crownWidthMm, depth) * (plant.lobes > 0 ? LOBED : 1)
}

/** Share of its rectangle that an unclipped hedge fills, seen from the side. From memory. */
const UNCLIPPED = 0.88

/**
 * A fifth in full light, a quarter in light, a third base, the rest in shade. From memory: two or three tones
 * on every crown are common practice.
 */
const toneAt = (lit: number): number => (lit > 0.82 ? 4 : lit > 0.58 ? 3 : lit > 0.28 ? 2 : lit > 0.1 ? 1 : 0)

/** Where leaves sit: tips, and the thin shoots behind them, which count less. */
function leafy({ nodes, tips }: Skeleton, needled: boolean): Node[] {
  const isTip = new Set(tips)
  const thinnest = tips.reduce((least, tip) => Math.min(least, nodes[tip]?.dMm ?? Infinity), Infinity)
  const shoots = nodes.filter(
    (node, i) => !isTip.has(i) && node.parent >= 0 && node.dMm <= thinnest * (needled ? 2.7 : 1.8),
  )
  const ends = tips.flatMap((tip) => {
    const node = nodes[tip]
    return node ? [node] : []
  })
  return needled ? [...ends, ...shoots] : [...ends, ...ends, ...shoots]
}

/**
 * How much light reaches each cluster from above and a little from the front and left, 0 for the darkest.
 * Common practice: light falls from above.
 */
function exposure(marks: readonly (Point & { r: number })[], r: number): Float64Array {
  const light = new Float64Array(marks.length)
  const cell = r * 2.2
  const over = new Map<number, number>()
  const heights = Float64Array.from(marks, ({ y }) => y)
  const high = Uint32Array.from(marks.keys()).sort((a, b) => (heights[b] ?? 0) - (heights[a] ?? 0))
  for (const at of high) {
    const mark = marks[at]
    if (!mark) continue
    const column =
      Math.floor((mark.x + 0.3 * mark.y) / cell) * 8192 + Math.floor((mark.z - 0.35 * mark.y) / cell)
    const shaded = over.get(column) ?? 0
    light[at] = Math.exp(-0.55 * shaded)
    over.set(column, shaded + 1)
  }
  return light
}
