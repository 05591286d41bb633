import {
  eachLeaf,
  leafShapes,
  LINE_STRIDE,
  ORGAN_STRIDE,
  ORGAN_TRAITS,
  Part,
  Trait,
  TRAIT_STRIDE,
  TWIG_SHARE,
  type Outline,
  type PlantDrawing,
} from '../drawing'
import { seenFrom, type View } from '../growth'
import { barkOf } from './bark'
import { fragmentOf, Of } from './fragments'
import { Layers } from './layers'
import { Primitives } from './primitives'
import { outlined, oval, taper } from './shapes'

/** A plant at a size and from a side, the season left open: what lies behind each sample, from near to far. */
export interface Plate {
  /** Its left and top edge from the plant's foot, px; and its size. */
  readonly left: number
  readonly top: number
  readonly width: number
  readonly height: number
  /** Px to a mm, upwards. */
  readonly upPxPerMm: number
  readonly start: Uint32Array
  readonly fragments: Uint32Array
}

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

/** Fragments behind a sample: of a whole plant, from near, and while something moves. */
const DEPTH = { whole: 9, near: 6, coarse: 2 } as const
/** While something moves leaves are joined up to so many times the usual length. */
const COARSER = 2.2

const How = { leaf: 0, shaped: 1, blade: 2, wood: 3, organ: 4 } as const

/** Makes a plate. Its time grows with its pixels and its leaves, and it is made once for a whole year. */
export function plateOf(drawing: PlantDrawing, size: PlateSize): Plate {
  const pieces = piecesOf(drawing, size)
  const box = boxOf(pieces, size)
  const layers = new Layers(
    box.width,
    box.height,
    size.coarse ? DEPTH.coarse : size.part ? DEPTH.near : DEPTH.whole,
  )
  const order = pieces.nearestFirst()
  const { numbers, fragments, how } = pieces
  const outline = leafShapes[drawing.leaf.kind].outline
  for (const i of order) {
    const o = i * 6
    const [x, y] = [(numbers[o] ?? 0) - box.left, (numbers[o + 1] ?? 0) - box.top]
    const [ax, ay, halfWidth] = [numbers[o + 2] ?? 0, numbers[o + 3] ?? 0, numbers[o + 4] ?? 0]
    const fragment = fragments[i] ?? 0
    switch (how[i]) {
      case How.leaf:
      case How.organ:
        oval(layers, x, y, ax, ay, halfWidth, fragment)
        break
      case How.shaped:
        outlined(layers, cornersOf(outline ?? [], x, y, ax, ay, halfWidth), fragment)
        break
      case How.blade:
        bladeLine(layers, drawing, numbers[o + 5] ?? 0, size, box, fragment)
        break
      default:
        woodLine(layers, drawing, numbers[o + 5] ?? 0, size, box)
    }
  }
  return { ...box, upPxPerMm: size.upPxPerMm, ...layers.packed() }
}

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
const partsOf = { [Part.flower]: Of.flower, [Part.fruit]: Of.fruit, [Part.eye]: Of.eye } as Readonly<
  Record<number, number>
>

const within = (value: number): number => (value < 1 ? 1 : value > 255 ? 255 : value | 0)

/** Everything that the drawing has, in px from its foot. */
function piecesOf(drawing: PlantDrawing, { view, pxPerMm, upPxPerMm, part, coarse }: PlateSize): Primitives {
  const pieces = new Primitives()
  const turned = (x: number, y: number, z: number) => seenFrom(view, { x, y, z })
  const [a0 = 0, a1 = 0, a2 = 0, u0 = 0, u1 = 0, u2 = 0, n0 = 0, n1 = 0, n2 = 0] = turnOf(view)
  const { markTraits, bladeTraits, organs, organTraits } = drawing
  const leastMm = (LEAST_LEAF_PX * (coarse ? COARSER : 1)) / pxPerMm
  const { outline } = leafShapes[drawing.leaf.kind]
  const lengthPx = Math.max(leastMm, drawing.leaf.lengthMm) * pxPerMm
  const how = outline !== undefined && !coarse && lengthPx > OUTLINED_PX ? How.shaped : How.leaf
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
  eachLeaf(
    drawing,
    leastMm,
    (lx, ly, lz, ax, ay, az, halfWidth, mark, chance) => {
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
        halfWidth * pxPerMm,
        0,
      )
    },
    part && wanted,
  )
  for (let i = 0; i * ORGAN_STRIDE < organs.length; i += 1) {
    const g = (k: number): number => organs[i * ORGAN_STRIDE + k] ?? 0
    const [across, up, near] = turned(g(0), g(1), g(2))
    const [da, du] = turned(g(3), g(4), g(5))
    const of = partsOf[organTraits[i * ORGAN_TRAITS + 2] ?? Part.flower] ?? Of.flower
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
  lines(How.wood, drawing.wood, () => 0)
  return pieces
}

interface Box {
  readonly left: number
  readonly top: number
  readonly width: number
  readonly height: number
}

/** The pixels that the pieces reach, or of them the part that is wanted. */
function boxOf({ numbers, count }: Primitives, { part, view }: PlateSize): Box {
  let [left, top, right, bottom] = [0, 0, 0, 0]
  for (let i = 0; i < count; i += 1) {
    const o = i * 6
    const r = numbers[o + 4] ?? 0
    const [rx, ry] = [Math.abs(numbers[o + 2] ?? 0) + r, Math.abs(numbers[o + 3] ?? 0) + r]
    const [x, y] = [numbers[o] ?? 0, numbers[o + 1] ?? 0]
    if (x - rx < left) left = x - rx
    if (x + rx > right) right = x + rx
    if (y - ry < top) top = y - ry
    if (y + ry > bottom) bottom = y + ry
  }
  if (part) {
    left = Math.max(left, part.left)
    top = Math.max(top, part.top)
    right = Math.max(left, Math.min(right, part.right))
    bottom = Math.max(top, Math.min(bottom, part.bottom))
  }
  // What stands on the ground does not reach below it.
  if (view !== 'top') bottom = Math.min(bottom, 0)
  const [l, t] = [Math.floor(left) - 1, Math.floor(top) - 1]
  return { left: l, top: t, width: Math.ceil(right) + 1 - l, height: Math.ceil(bottom) + 1 - t }
}

/** A leaf's outline laid along its vector, as wide as it is seen. */
function cornersOf(
  outline: Outline,
  x: number,
  y: number,
  ax: number,
  ay: number,
  halfWidth: number,
): Float32Array {
  const length = Math.sqrt(ax * ax + ay * ay) || 1
  const widest = outline.reduce((most, [, across]) => Math.max(most, Math.abs(across)), 1e-6)
  const [wx, wy] = [(-ay / length) * (halfWidth / widest), (ax / length) * (halfWidth / widest)]
  const corners = new Float32Array(outline.length * 2)
  outline.forEach(([along, across], i) => {
    corners[2 * i] = x + ax * along + wx * across
    corners[2 * i + 1] = y + ay * along + wy * across
  })
  return corners
}

function ends(numbers: Float32Array, i: number, { view, pxPerMm, upPxPerMm }: PlateSize, box: Box) {
  const g = (k: number): number => numbers[i * LINE_STRIDE + k] ?? 0
  const [x1, y1] = seenFrom(view, { x: g(0), y: g(1), z: g(2) })
  const [x2, y2] = seenFrom(view, { x: g(3), y: g(4), z: g(5) })
  return {
    x1: x1 * pxPerMm - box.left,
    y1: -y1 * upPxPerMm - box.top,
    x2: x2 * pxPerMm - box.left,
    y2: -y2 * upPxPerMm - box.top,
    w1: g(6) * pxPerMm,
    w2: g(7) * pxPerMm,
    up1: g(1),
    up2: g(4),
  }
}

function bladeLine(
  layers: Layers,
  { blades }: PlantDrawing,
  i: number,
  size: PlateSize,
  box: Box,
  fragment: number,
): void {
  const { x1, y1, x2, y2, w1, w2 } = ends(blades, i, size, box)
  taper(layers, x1, y1, x2, y2, Math.max(0.5, w1), Math.max(0.35, w2), fragment, false)
}

/**
 * Twigs thinner than this are drawn as fewer of this width, px: a hair of every width is either seen or not.
 * At the least so large a share of them is drawn.
 */
const HAIR_PX = 0.55
const LEAST_HAIRS = 0.28

/** Whether a hair is one of those that are drawn. */
const isDrawn = (i: number, widthPx: number): boolean =>
  widthPx >= HAIR_PX || (i * 0.618034) % 1 < Math.max(LEAST_HAIRS, widthPx / HAIR_PX)

/** Wood narrower than this has one colour across, px. */
const PLAIN_PX = 1.2
/** Of the last twigs, the share that leaves hide when they are out: they lie on them, not in front of them. */
const HIDDEN = 0.8
/** Share of the foliage at which the first of them are hidden. */
const HIDES_FROM = 0.25

function woodLine(layers: Layers, drawing: PlantDrawing, i: number, size: PlateSize, box: Box): void {
  const { x1, y1, x2, y2, w1, w2, up1, up2 } = ends(drawing.wood, i, size, box)
  const widest = Math.max(w1, w2)
  if (!isDrawn(i, widest)) return
  const stemMm = drawing.wood[6] ?? 1
  const thickness = (drawing.wood[i * LINE_STRIDE + 6] ?? 0) / Math.max(1e-6, drawing.heightMm)
  const bark = barkOf(drawing.bark, thickness, w1, stemMm)
  const at = (across: number, along: number, hiddenFrom = 0): number => {
    const up = up1 + (up2 - up1) * along
    return fragmentOf(Of.wood, 0, bark(up / drawing.heightMm, across, up), hiddenFrom, 0)
  }
  if (widest >= PLAIN_PX) {
    // Light comes from the left: across runs from the lit side to the other.
    const side = y2 <= y1 ? 1 : -1
    taper(layers, x1, y1, x2, y2, w1, w2, (across, along) => at(across * side, along), true)
    return
  }
  const chance = (i * 0.7548777) % 1
  const hides = thickness < TWIG_SHARE && chance < HIDDEN
  const hiddenFrom = hides ? Math.round(255 * (HIDES_FROM + (0.6 * chance) / HIDDEN)) : 0
  const fragment = at(i % 3 === 0 ? -0.4 : 0.1, 0.5, hiddenFrom)
  taper(layers, x1, y1, x2, y2, Math.max(HAIR_PX, w1), Math.max(HAIR_PX, w2), fragment, !hides)
}
