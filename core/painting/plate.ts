import { leafShapes, type Outline, type PlantDrawing } from '../drawing'
import { toTheEnd } from '../units'
import { Layers } from './layers'
import { bladeLine, woodLine, type Box } from './lines'
import { How, piecing, type PlateSize } from './pieces'
import type { Primitives } from './primitives'
import { outlined, oval } from './shapes'

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

/** Fragments behind a sample: of a whole plant, from near, and while something moves. */
const DEPTH = { whole: 9, near: 6, coarse: 2 } as const

/** Pieces that are laid into a plate before a breath is taken. */
const PIECES_AT_ONCE = 150

/** Makes a plate. Its time grows with its pixels and its leaves, and it is made once for a whole year. */
export const plateOf = (drawing: PlantDrawing, size: PlateSize): Plate => toTheEnd(platingOf(drawing, size))

/** Makes a plate with a breath every few ms: who draws while others wait goes on with it later. */
export function* platingOf(drawing: PlantDrawing, size: PlateSize): Generator<void, Plate> {
  const pieces = yield* piecing(drawing, size)
  const box = boxOf(pieces, size)
  const layers = new Layers(
    box.width,
    box.height,
    size.coarse ? DEPTH.coarse : size.part ? DEPTH.near : DEPTH.whole,
  )
  yield
  const order = pieces.nearestFirst()
  yield
  const { numbers, fragments, how } = pieces
  const outline = leafShapes[drawing.leaf.kind].outline
  let laid = 0
  for (const i of order) {
    if ((laid += 1) % PIECES_AT_ONCE === 0) yield
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
  yield
  return { ...box, upPxPerMm: size.upPxPerMm, ...layers.packed() }
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
