import type { BarkMarks, Habit, LeafKind } from '../plants'
import { seededRandom } from '../units'
import { bladeWork } from './blade-work'
import { dressTwigs, type Foliage, type Mark } from './foliage'
import type { FrondLine } from './fronds'
import { organsOnCrown, type Organ } from './organs'
import { growing } from '../growth/grow'
import { leeward } from '../growth/leeward'
import { hasArms } from '../growth/limbs'
import type { DressKind, Habitus, Skeleton } from '../growth/types'
import { toOutline } from './outline'
import { padsOf } from './pads'
import { LINE_STRIDE, MARK_STRIDE, ORGAN_STRIDE, ORGAN_TRAITS, TRAIT_STRIDE } from './strides'
import { twigsOf, type Twig } from './twigs'
import { woodOf } from './wood'

/** Places of the traits of a mark or a blade, each of 255. */
export const Trait = {
  /** 0 deep shade to 255 full light. */
  tone: 0,
  /** Hangs while the share of foliage is above this. */
  from: 1,
  /** Its place in the order in which leaves turn: 0 the first. */
  hue: 2,
  /** It flowers while the share that flowers is above this; 255: never. */
  bloom: 3,
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
  /** Stretches of twig that bear leaves; see eachLeaf. */
  readonly marks: Float32Array
  readonly markTraits: Uint8Array
  /** What a leaf is, how long, how far off its twig, mm, and how many a stretch bears. */
  readonly leaf: {
    readonly kind: LeafKind
    readonly lengthMm: number
    readonly offMm: number
    readonly each: number
  }
  /** Flowers, fruit, heads, cones and catkins. */
  readonly organs: Float32Array
  readonly organTraits: Uint8Array
}

/** A drawing with the skeleton that it was dressed on, as it grew and was drawn out: not yet carried to lee. */
export interface Grown {
  readonly drawing: PlantDrawing
  readonly skeleton: Skeleton
}

/** Grows and dresses a plant, yielding its progress, 0–1. @param seed the same seed gives the same drawing */
export function* drawingPlant(
  plant: Habitus,
  dress: DressKind,
  seed: number,
): Generator<number, PlantDrawing> {
  const { drawing } = yield* growingDressed(plant, dress, seed)
  carryToLee(drawing, plant)
  return drawing
}

/** Grows and dresses a plant upright, whatever wind has done to it; see {@link carryToLee}. */
export function* growingDressed(plant: Habitus, dress: DressKind, seed: number): Generator<number, Grown> {
  // It is dressed as it grew, upright; then all of it is carried to lee together.
  const { leanDeg: _lean, wind: _wind, ...upright } = plant
  const skeleton = yield* growing(upright, seed)
  return dressPlant(skeleton, upright, dress, seed)
}

/** The skeleton that a plant is drawn on, carried to lee as the drawing is. */
export function* drawnSkeleton(plant: Habitus, dress: DressKind, seed: number): Generator<number, Skeleton> {
  const { skeleton } = yield* growingDressed(plant, dress, seed)
  const blown = leeward(plant)
  if (!blown) return skeleton
  return { ...skeleton, nodes: skeleton.nodes.map((node) => ({ ...node, x: blown(node.x, node.y) })) }
}

/** Carries an upright drawing to where wind and lean have it. */
export function carryToLee(drawing: PlantDrawing, plant: Habitus): void {
  const blown = leeward(plant)
  if (blown) carry(drawing, blown)
}

/** Moves everything across, each end of it by its own height. */
function carry(drawing: PlantDrawing, blown: (x: number, y: number) => number): void {
  for (const lines of [drawing.wood, drawing.blades])
    for (let i = 0; i < lines.length; i += LINE_STRIDE)
      for (const end of [i, i + 3]) lines[end] = blown(lines[end] ?? 0, lines[end + 1] ?? 0)
  const vectors = (numbers: Float32Array, stride: number): void => {
    for (let i = 0; i < numbers.length; i += stride) {
      const [x = 0, y = 0] = [numbers[i], numbers[i + 1]]
      const [ax = 0, ay = 0] = [numbers[i + 3], numbers[i + 4]]
      const at = blown(x, y)
      numbers[i] = at
      numbers[i + 3] = blown(x + ax, y + ay) - at
    }
  }
  vectors(drawing.marks, MARK_STRIDE)
  vectors(drawing.organs, ORGAN_STRIDE)
}

/** A crown's wood and twigs; of what is not a row and has twigs, drawn out to its outline. */
function crownOf(
  skeleton: Skeleton,
  plant: Habitus,
  random: () => number,
): { readonly skeleton: Skeleton; readonly twigs: readonly Twig[] } {
  const twigs = twigsOf(skeleton, plant, random)
  return plant.row || twigs.length === 0 ? { skeleton, twigs } : toOutline(skeleton, twigs, plant)
}

const NONE: Foliage = { twigs: [], marks: [], lengthMm: 1, offMm: 0, each: 0 }

function dressPlant(grown: Skeleton, plant: Habitus, dress: DressKind, seed: number): Grown {
  const random = seededRandom(seed ^ 0x5bd1e995)
  const bladed = plant.crownForm === 'blades' || plant.habit === 'palm'
  const padded = dress.leaf === 'pad'
  const blades = bladed ? bladeWork(grown, plant, dress, random) : undefined
  const crown = bladed || padded ? undefined : crownOf(grown, plant, random)
  const skeleton = crown?.skeleton ?? grown
  const foliage = crown
    ? dressTwigs(crown.twigs, skeleton, plant, dress, random)
    : (blades?.foliage ?? (padded ? padsOf(plant, dress, random) : NONE))
  const organs = blades?.organs ?? organsOnCrown(foliage, plant, dress, random)
  const lines = blades?.lines ?? []
  const woody = blades?.woody ?? skeleton.nodes.map(() => !padded)
  const { marks } = foliage
  const drawing: PlantDrawing = {
    habit: plant.habit,
    bark: dress.bark,
    heightMm: plant.heightMm,
    widthMm: plant.row?.lengthMm ?? plant.crownWidthMm,
    wood: woodOf(skeleton, woody, dress.clothed || padded ? [] : foliage.twigs, hasArms(plant)),
    blades: linesOf(lines),
    bladeTraits: traitsOf(lines, false),
    marks: marksOf(marks),
    // Blossom lies over the leaves; what has a shape of its own is drawn by itself.
    markTraits: traitsOf(marks, dress.flower === 'blossom'),
    leaf: { kind: dress.leaf, lengthMm: foliage.lengthMm, offMm: foliage.offMm, each: foliage.each },
    ...organsOf(organs),
  }
  return { drawing, skeleton }
}

function linesOf(lines: readonly FrondLine[]): Float32Array {
  const numbers = new Float32Array(lines.length * LINE_STRIDE)
  lines.forEach(({ a, b, d1, d2 }, i) => {
    numbers.set([a.x, a.y, a.z, b.x, b.y, b.z, d1, d2], i * LINE_STRIDE)
  })
  return numbers
}

const byte = (share: number): number => Math.max(0, Math.min(255, Math.round(share * 255)))

/** @param blooms whether flowers lie over what is drawn */
function traitsOf(
  marks: readonly Pick<Mark, 'tone' | 'from' | 'hue' | 'bloom'>[],
  blooms: boolean,
): Uint8Array {
  const bytes = new Uint8Array(marks.length * TRAIT_STRIDE)
  for (let i = 0, at = 0; i < marks.length; i += 1, at += TRAIT_STRIDE) {
    const mark = marks[i]
    if (!mark) continue
    bytes[at + Trait.tone] = byte(mark.tone)
    bytes[at + Trait.from] = byte(mark.from)
    bytes[at + Trait.hue] = byte(mark.hue)
    bytes[at + Trait.bloom] = blooms ? byte(mark.bloom) : 255
  }
  return bytes
}

function marksOf(marks: readonly Mark[]): Float32Array {
  const numbers = new Float32Array(marks.length * MARK_STRIDE)
  for (let i = 0, at = 0; i < marks.length; i += 1, at += MARK_STRIDE) {
    const mark = marks[i]
    if (!mark) continue
    numbers[at] = mark.x
    numbers[at + 1] = mark.y
    numbers[at + 2] = mark.z
    numbers[at + 3] = mark.ax
    numbers[at + 4] = mark.ay
    numbers[at + 5] = mark.az
  }
  return numbers
}

function organsOf(organs: readonly Organ[]): Pick<PlantDrawing, 'organs' | 'organTraits'> {
  const numbers = new Float32Array(organs.length * ORGAN_STRIDE)
  const bytes = new Uint8Array(organs.length * ORGAN_TRAITS)
  organs.forEach(({ x, y, z, ax, ay, az, halfMm, tone, rank, part }, i) => {
    numbers.set([x, y, z, ax, ay, az, halfMm], i * ORGAN_STRIDE)
    bytes.set([byte(tone), byte(rank), part], i * ORGAN_TRAITS)
  })
  return { organs: numbers, organTraits: bytes }
}

/** How far a drawing reaches to the left and right of its foot, seen from the front, mm; both at least 0. */
export function sidewaysReach(drawing: PlantDrawing): { readonly left: number; readonly right: number } {
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
    widen(drawing.marks[i] ?? 0, Math.abs(drawing.marks[i + 3] ?? 0))
  return reach
}
