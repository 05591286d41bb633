import type { DrawingSubject } from '../../core/commissions'
import { paintPlant, paletteOf, readied, type Raster } from '../../core/painting'
import { crownProfile, type Look } from '../../core/plants'
import { drawingAsked } from './studio'

/** A plant at a place in a picture: its foot and scale in px of the page. */
export interface Placed {
  readonly sitter: DrawingSubject
  readonly look: Look
  readonly x: number
  readonly groundY: number
  readonly pxPerMm: number
}

/** Time for making plates in one frame, ms; the rest wait for the next. */
const FRAME_MS = 24

/**
 * Paints all that have grown and can be painted within a frame; what there is no time for is begun.
 * @param k px of the raster to one of the page
 * @returns those that are still to come
 */
export function paintAll(raster: Raster, wanted: readonly Placed[], k: number): Placed[] {
  const until = performance.now() + FRAME_MS
  const isOver = (): boolean => performance.now() > until
  return wanted.filter((place) => {
    const drawing = drawingAsked(place.sitter)
    if (!drawing) return true
    const palette = paletteOf(place.look)
    const at = { x: place.x * k, groundY: place.groundY * k, pxPerMm: place.pxPerMm * k }
    // One at least is worked at in each frame.
    if (!readied(raster, drawing, palette, at, isOver)) return true
    paintPlant(raster, drawing, palette, at)
    return false
  })
}

/** Steps along an outline, from its foot to its top. */
const STEPS = 24

/** The outline of a plant that is still to come: it stands in its place. */
export function paintOutline(
  context: CanvasRenderingContext2D,
  { sitter: { habitus }, look, x, groundY, pxPerMm }: Placed,
): void {
  const { heightMm, crownBaseMm, crownWidthMm, crownForm, trunkMm, row } = habitus
  const at = (half: number, up: number): readonly [number, number] => [
    x + half * pxPerMm,
    groundY - up * pxPerMm * look.height,
  ]
  const sides = Array.from({ length: STEPS + 1 }, (_, i) => {
    const t = i / STEPS
    const half = row ? row.lengthMm / 2 : (crownProfile(crownForm, t) * crownWidthMm) / 2
    return [half, crownBaseMm + t * (heightMm - crownBaseMm)] as const
  })
  context.fillStyle = 'rgb(91 110 95 / 0.16)'
  context.beginPath()
  for (const [half, up] of sides) context.lineTo(...at(half, up))
  for (const [half, up] of [...sides].reverse()) context.lineTo(...at(-half, up))
  context.fill()
  if (crownBaseMm > 0) {
    const [left, top] = at(-trunkMm / 2, crownBaseMm)
    context.fillRect(left, top, Math.max(1, trunkMm * pxPerMm), groundY - top)
  }
}
