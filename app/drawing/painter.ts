import type { DrawingSubject } from '../../core/commissions'
import type { View } from '../../core/growth'
import { crownProfile, type Look } from '../../core/plants'
import type { Rendering } from '../../core/renderings'
import type { PlaceToPaint } from '../workers/paint'
import { drawingAsked } from './studio'

/** A plant at a place in a picture: its foot and scale in px of the page. */
export interface Placed {
  readonly sitter: DrawingSubject
  /** As a way of making shows it; absent: as it grew. */
  readonly rendering?: Rendering
  readonly look: Look
  readonly x: number
  readonly groundY: number
  readonly pxPerMm: number
  readonly view?: View
  /** Without leaves, flowers and fruit. */
  readonly bare?: boolean
}

/** What the painter is asked for: places of a picture whose plants have grown, px of the raster. */
export function placesToPaint(
  places: readonly Placed[],
  k: number,
): { readonly ready: PlaceToPaint[]; readonly waiting: Placed[] } {
  const ready: PlaceToPaint[] = []
  const waiting: Placed[] = []
  for (const place of places) {
    const drawing = drawingAsked(place.sitter, place.rendering)
    if (!drawing) waiting.push(place)
    else
      ready.push({
        drawing: drawing.id,
        look: toRaw(place.look),
        x: place.x * k,
        groundY: place.groundY * k,
        pxPerMm: place.pxPerMm * k,
        ...(place.view && { view: place.view }),
        ...(place.bare && { bare: true }),
      })
  }
  return { ready, waiting }
}

/** Steps along an outline, from its foot to its top. */
const STEPS = 24

/** The outline of a plant that is still to come: it stands in its place; from above a disc does. */
export function paintOutline(
  context: CanvasRenderingContext2D,
  { sitter: { habitus }, look, x, groundY, pxPerMm, view }: Placed,
): void {
  context.fillStyle = 'rgb(91 110 95 / 0.16)'
  if (view === 'top') {
    context.beginPath()
    context.arc(x, groundY, (habitus.crownWidthMm / 2) * pxPerMm, 0, 2 * Math.PI)
    context.fill()
    return
  }
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
  context.beginPath()
  for (const [half, up] of sides) context.lineTo(...at(half, up))
  for (const [half, up] of [...sides].reverse()) context.lineTo(...at(-half, up))
  context.fill()
  if (crownBaseMm > 0) {
    const [left, top] = at(-trunkMm / 2, crownBaseMm)
    context.fillRect(left, top, Math.max(1, trunkMm * pxPerMm), groundY - top)
  }
}
