import type { BarkMarks, Habit } from '../plants'
import { seededRandom } from '../units'
import { bladeWork, type Line } from './blade-work'
import { dressCrown, type Mark } from './foliage'
import { growing } from '../growth/grow'
import type { Dress, Habitus, Skeleton } from '../growth/types'

/**
 * Numbers to an entry of {@link PlantDrawing.wood} and {@link PlantDrawing.blades}: x1 y1 z1 x2 y2 z2, then
 * the diameters at both ends.
 */
export const LINE_STRIDE = 8
/** Numbers to an entry of {@link PlantDrawing.marks}: x y z and radius. */
export const MARK_STRIDE = 4
/** Bytes to an entry of the traits: see {@link Trait}. */
export const TRAIT_STRIDE = 5

/** Places of the traits of a mark or a blade. */
export const Trait = {
  /** 0 deep shade to 4 full light, from above. */
  tone: 0,
  /** Hangs while the share of foliage, of 255, is above this. */
  from: 1,
  /** Its place in the mixture of leaf colours, of 255. */
  hue: 2,
  /** It flowers while the share that flowers, of 255, is above this; fruit comes from the other end. 255: never. */
  bloom: 3,
  /** See Shape. */
  shape: 4,
} as const

/**
 * A plant dressed, in three dimensions at its true model size (mm), the season left open: what is shown on a
 * day follows from the look. Arrays of numbers, so that a worker can hand it over at once.
 */
export interface PlantDrawing {
  readonly habit: Habit
  readonly bark: BarkMarks
  readonly heightMm: number
  readonly widthMm: number
  readonly wood: Float32Array
  /** Grass blades, ribs and leaflets: drawn in leaf colours. */
  readonly blades: Float32Array
  readonly bladeTraits: Uint8Array
  /** Leaf clusters, from the back to the front. */
  readonly marks: Float32Array
  readonly markTraits: Uint8Array
}

/** Grows and dresses a plant, yielding its progress, 0–1. @param seed the same seed gives the same drawing */
export function* drawingPlant(plant: Habitus, dress: Dress, seed: number): Generator<number, PlantDrawing> {
  const skeleton = yield* growing(plant, seed)
  return dressPlant(skeleton, plant, dress, seed)
}

/** Grows and dresses a plant in one go. */
export function drawPlant(plant: Habitus, dress: Dress, seed: number): PlantDrawing {
  const work = drawingPlant(plant, dress, seed)
  for (;;) {
    const next = work.next()
    if (next.done) return next.value
  }
}

function dressPlant(skeleton: Skeleton, plant: Habitus, dress: Dress, seed: number): PlantDrawing {
  const random = seededRandom(seed ^ 0x5bd1e995)
  const bladed = plant.crownForm === 'blades' || plant.habit === 'palm'
  const { lines, marks, woody } = bladed
    ? bladeWork(skeleton, plant, random)
    : { lines: [], marks: dressCrown(skeleton, plant, dress, random), woody: skeleton.nodes.map(() => true) }
  marks.sort((a, b) => a.z - b.z)
  return {
    habit: plant.habit,
    bark: dress.bark,
    heightMm: plant.heightMm,
    widthMm: plant.row?.lengthMm ?? plant.crownWidthMm,
    wood: woodOf(skeleton, woody),
    blades: linesOf(lines),
    bladeTraits: traitsOf(lines),
    marks: placesOf(marks),
    markTraits: traitsOf(marks),
  }
}

/** A few hundred tips stand for many thousands: what is drawn thins out faster than their pipes do. From memory. */
const FINER = 1.32

function woodOf({ nodes, roots }: Skeleton, woody: readonly boolean[]): Float32Array {
  const numbers: number[] = []
  const thickest = nodes.reduce((most, node) => Math.max(most, node.dMm), 1e-6)
  nodes.forEach((node, i) => {
    const from = nodes[node.parent]
    if (!from || !woody[i]) return
    const drawn = (dMm: number): number => thickest * (dMm / thickest) ** FINER
    // A twig leaves its limb at its own thickness, the stem's own line tapers.
    numbers.push(
      from.x,
      from.y,
      from.z,
      node.x,
      node.y,
      node.z,
      drawn(from.order === node.order ? from.dMm : node.dMm),
      drawn(node.dMm),
    )
  })
  for (const root of roots)
    root.forEach((to, i) => {
      const from = root[i - 1]
      if (from) numbers.push(from.x, from.y, from.z, to.x, to.y, to.z, from.dMm, to.dMm)
    })
  return Float32Array.from(numbers)
}

const linesOf = (lines: readonly Line[]): Float32Array =>
  packed(new Float32Array(lines.length * LINE_STRIDE), lines, ({ a, b, d1, d2 }) => [
    a.x,
    a.y,
    a.z,
    b.x,
    b.y,
    b.z,
    d1,
    d2,
  ])
const placesOf = (marks: readonly Mark[]): Float32Array =>
  packed(new Float32Array(marks.length * MARK_STRIDE), marks, ({ x, y, z, r }) => [x, y, z, r])
const byte = (share: number): number => Math.max(0, Math.min(255, Math.round(share * 255)))
const traitsOf = (marks: readonly Pick<Mark, 'tone' | 'from' | 'hue' | 'bloom' | 'shape'>[]): Uint8Array =>
  packed(new Uint8Array(marks.length * TRAIT_STRIDE), marks, ({ tone, from, hue, bloom, shape }) => [
    tone,
    byte(from),
    byte(hue),
    byte(bloom),
    shape,
  ])

/** Writes the numbers of each entry one after the other. */
function packed<A extends Float32Array | Uint8Array, T>(
  into: A,
  entries: readonly T[],
  numbers: (entry: T) => readonly number[],
): A {
  let at = 0
  for (const entry of entries) for (const number of numbers(entry)) into[at++] = number
  return into
}

const reaches = new WeakMap<PlantDrawing, { left: number; right: number }>()

/** How far a drawing reaches to the left and right of its foot, seen from the front, mm; both at least 0. */
export function sidewaysReach(drawing: PlantDrawing): { readonly left: number; readonly right: number } {
  const known = reaches.get(drawing)
  if (known) return known
  const reach = { left: 0, right: 0 }
  const widen = (x: number, r: number): void => {
    reach.left = Math.max(reach.left, r - x)
    reach.right = Math.max(reach.right, x + r)
  }
  for (const lines of [drawing.wood, drawing.blades])
    for (let i = 0; i < lines.length; i += LINE_STRIDE) {
      widen(lines[i] ?? 0, 0)
      widen(lines[i + 3] ?? 0, 0)
    }
  for (let i = 0; i < drawing.marks.length; i += MARK_STRIDE)
    widen(drawing.marks[i] ?? 0, drawing.marks[i + 3] ?? 0)
  reaches.set(drawing, reach)
  return reach
}
