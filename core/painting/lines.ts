import { LINE_STRIDE, TWIG_SHARE, type PlantDrawing } from '../drawing'
import { seenFrom } from '../growth'
import { barkOf } from './bark'
import { fragmentOf, Of } from './fragments'
import type { Layers } from './layers'
import type { PlateSize } from './pieces'
import { hair, taper } from './shapes'

/** Where a plate lies from the plant's foot, px. */
export interface Box {
  readonly left: number
  readonly top: number
  readonly width: number
  readonly height: number
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

export function bladeLine(
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
 * Twigs thinner than this are drawn at this width, px, with fewer of their samples: a hair of every width is
 * either hit or not. At the least so large a share of them is drawn.
 */
const HAIR_PX = 0.55
const LEAST_HAIR = 0.45
const LEAST_SHOOT = 0.62

/** Wood narrower than this has one colour across, px. */
const PLAIN_PX = 1.2
/** Of the last twigs, the share that leaves hide when they are out: they lie on them, not in front of them. */
const HIDDEN = 0.9
/** Share of the foliage at which the first of them are hidden. */
const HIDES_FROM = 0.25

export function woodLine(layers: Layers, drawing: PlantDrawing, i: number, size: PlateSize, box: Box): void {
  const { x1, y1, x2, y2, w1, w2, up1, up2 } = ends(drawing.wood, i, size, box)
  const widest = Math.max(w1, w2)
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
  const share = Math.min(
    1,
    Math.max(thickness < TWIG_SHARE ? LEAST_HAIR : LEAST_SHOOT, (w1 + w2) / 2 / HAIR_PX),
  )
  hair(layers, x1, y1, x2, y2, HAIR_PX, fragment, !hides, share, chance)
}
