import {
  eachLeaf,
  leafFill,
  leafShapes,
  LINE_STRIDE,
  MARK_STRIDE,
  ORGAN_STRIDE,
  ORGAN_TRAITS,
  OrganPart,
  Trait,
  TRAIT_STRIDE,
  type LeafVisit,
  type PlantDrawing,
} from '../drawing'
import { seenFrom, type View } from '../growth'
import { fragmentOf, Of } from './fragments'
import { Primitives } from './primitives'

/** How a plate is made: px to a mm across, and up (less where the plant stands lower than it is wide). */
export interface PlateSize {
  readonly view: View
  readonly pxPerMm: number
  readonly upPxPerMm: number
  /** While something moves: fewer leaves, and no deeper than is seen at once. */
  readonly coarse?: boolean
  /** The part that is wanted, from the foot, px; absent: all of it. */
  readonly part?: {
    readonly left: number
    readonly top: number
    readonly right: number
    readonly bottom: number
  }
}

/** The least length of a leaf worth drawing, px: finer ones are joined. */
const LEAST_LEAF_PX = 2
/** Leaves longer than this show their outline, px. */
const OUTLINED_PX = 9
/** A leaf's tone strays from its twig's by up to this, of 255; so does its order of falling and turning. */
const STRAYS = 42

/** While something moves leaves are joined up to so many times the usual length. */
const COARSER = 2.2

/** What a piece is drawn by. */
export const How = { leaf: 0, shaped: 1, blade: 2, wood: 3, organ: 4 } as const

/** A side as nine numbers: what x, y and z give across, up and towards the eye. */
function turnOf(view: View): Float64Array {
  const axes = [
    { x: 1, y: 0, z: 0 },
    { x: 0, y: 1, z: 0 },
    { x: 0, y: 0, z: 1 },
  ].map((axis) => seenFrom(view, axis))
  return Float64Array.from([0, 1, 2].flatMap((row) => axes.map((axis) => axis[row] ?? 0)))
}

/** What the parts of a plant's flowers and fruit are painted as. */
const partsOf = {
  [OrganPart.flower]: Of.flower,
  [OrganPart.fruit]: Of.fruit,
  [OrganPart.eye]: Of.eye,
} as Readonly<Record<number, number>>

const within = (value: number): number => (value < 1 ? 1 : value > 255 ? 255 : value | 0)

/** Twigs whose leaves are laid out before a breath is taken. */
const TWIGS_AT_ONCE = 80

/** Everything that the drawing has, in px from its foot; with a breath now and then. */
export function* piecing(
  drawing: PlantDrawing,
  { view, pxPerMm, upPxPerMm, part, coarse }: PlateSize,
): Generator<void, Primitives> {
  const pieces = new Primitives()
  const turned = (x: number, y: number, z: number) => seenFrom(view, { x, y, z })
  const [a0 = 0, a1 = 0, a2 = 0, u0 = 0, u1 = 0, u2 = 0, n0 = 0, n1 = 0, n2 = 0] = turnOf(view)
  const { markTraits, bladeTraits, organs, organTraits } = drawing
  const leastMm = (LEAST_LEAF_PX * (coarse ? COARSER : 1)) / pxPerMm
  const { outline } = leafShapes[drawing.leaf.kind]
  const lengthPx = Math.max(leastMm, drawing.leaf.lengthMm) * pxPerMm
  const how = outline !== undefined && !coarse && lengthPx > OUTLINED_PX ? How.shaped : How.leaf
  const narrowed = how === How.leaf ? leafFill[drawing.leaf.kind] : 1
  const left = (part?.left ?? -Infinity) - lengthPx
  const right = (part?.right ?? Infinity) + lengthPx
  const top = (part?.top ?? -Infinity) - lengthPx
  const bottom = (part?.bottom ?? Infinity) + lengthPx
  const wanted = (lx: number, ly: number, lz: number, withinMm: number): boolean => {
    const x = (a0 * lx + a1 * ly + a2 * lz) * pxPerMm
    const y = -(u0 * lx + u1 * ly + u2 * lz) * upPxPerMm
    const r = withinMm * pxPerMm
    return x + r > left && x - r < right && y + r > top && y - r < bottom
  }
  const leaf: LeafVisit = (lx, ly, lz, ax, ay, az, halfWidth, mark, chance) => {
    const x = (a0 * lx + a1 * ly + a2 * lz) * pxPerMm
    const y = -(u0 * lx + u1 * ly + u2 * lz) * upPxPerMm
    if (x < left || x > right || y < top || y > bottom) return
    const t = mark * TRAIT_STRIDE
    const fragment = fragmentOf(
      Of.leaf,
      within((markTraits[t + Trait.tone] ?? 128) + STRAYS * (2 * chance - 1)),
      within((markTraits[t + Trait.hue] ?? 0) + STRAYS * (((chance * 7) % 1) - 0.5)),
      within((markTraits[t + Trait.from] ?? 0) + STRAYS * (((chance * 13) % 1) - 0.5)),
      markTraits[t + Trait.bloom] ?? 255,
    )
    pieces.add(
      how,
      n0 * lx + n1 * ly + n2 * lz,
      fragment,
      x,
      y,
      (a0 * ax + a1 * ay + a2 * az) * pxPerMm,
      -(u0 * ax + u1 * ay + u2 * az) * upPxPerMm,
      halfWidth * pxPerMm * narrowed,
      0,
    )
  }
  const twigs = drawing.marks.length / MARK_STRIDE
  for (let from = 0; from < twigs; from += TWIGS_AT_ONCE) {
    eachLeaf(drawing, leastMm, leaf, part && wanted, from, from + TWIGS_AT_ONCE)
    yield
  }
  for (let i = 0; i * ORGAN_STRIDE < organs.length; i += 1) {
    const g = (k: number): number => organs[i * ORGAN_STRIDE + k] ?? 0
    const [across, up, near] = turned(g(0), g(1), g(2))
    const [da, du] = turned(g(3), g(4), g(5))
    const of = partsOf[organTraits[i * ORGAN_TRAITS + 2] ?? OrganPart.flower] ?? Of.flower
    const rank = organTraits[i * ORGAN_TRAITS + 1] ?? 0
    const fragment = fragmentOf(of, organTraits[i * ORGAN_TRAITS] ?? 128, 0, rank, 255)
    const r = Math.max(0.45, g(6) * pxPerMm)
    pieces.add(
      How.organ,
      near,
      fragment,
      across * pxPerMm,
      -up * upPxPerMm,
      da * pxPerMm,
      -du * upPxPerMm,
      r,
      0,
    )
  }
  const lines = (how: number, numbers: Float32Array, fragment: (i: number) => number): void => {
    for (let i = 0; i * LINE_STRIDE < numbers.length; i += 1) {
      const g = (k: number): number => numbers[i * LINE_STRIDE + k] ?? 0
      const [x1, y1, n1] = turned(g(0), g(1), g(2))
      const [x2, y2, n2] = turned(g(3), g(4), g(5))
      pieces.add(
        how,
        (n1 + n2) / 2,
        fragment(i),
        ((x1 + x2) / 2) * pxPerMm,
        -((y1 + y2) / 2) * upPxPerMm,
        ((x2 - x1) / 2) * pxPerMm,
        -((y2 - y1) / 2) * upPxPerMm,
        (Math.max(g(6), g(7)) / 2) * pxPerMm,
        i,
      )
    }
  }
  lines(How.blade, drawing.blades, (i) => {
    const t = i * TRAIT_STRIDE
    return fragmentOf(
      Of.blade,
      bladeTraits[t + Trait.tone] ?? 128,
      bladeTraits[t + Trait.hue] ?? 0,
      bladeTraits[t + Trait.from] ?? 0,
      255,
    )
  })
  yield
  lines(How.wood, drawing.wood, () => 0)
  return pieces
}
