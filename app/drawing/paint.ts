import { mix } from '~~/core/colour'
import type { PlantDrawing } from '~~/core/skeleton'
import type { Look, Species } from '~~/core/plants'
import { drawLine, type LineSize } from '~~/core/commissions'

const grown = new Map<string, PlantDrawing>()
/** Enough for a few commissions; the oldest goes first. */
const KEPT = 300

const keyOf = (lineId: string, species: Species, size: LineSize, seeThrough: number): string =>
  [lineId, species.id, size.heightMm.toFixed(2), size.crownWidthMm.toFixed(2), size.clearStemMm.toFixed(2), seeThrough].join('|')

/** The drawing of a line's plant if it has been grown; the season does not matter to it. */
export function knownDrawing(lineId: string, species: Species, size: LineSize, seeThrough: number): PlantDrawing | undefined {
  return grown.get(keyOf(lineId, species, size, seeThrough))
}

/** The drawing of a line's plant, grown when it is not there yet. */
export function drawingOf(lineId: string, species: Species, size: LineSize, seeThrough: number): PlantDrawing {
  const key = keyOf(lineId, species, size, seeThrough)
  const known = grown.get(key)
  if (known) return known
  const drawing = drawLine(lineId, species, size, seeThrough)
  const oldest = grown.keys().next().value
  if (grown.size >= KEPT && oldest !== undefined) grown.delete(oldest)
  grown.set(key, drawing)
  return drawing
}

export interface PaintAt {
  /** Foot of the plant on the canvas, px. */
  readonly x: number
  readonly groundY: number
  readonly pxPerMm: number
}

/** Paints a plant on a day: wood, then the share of its leaves that the season shows, in the day's three tones. */
export function paintPlant(context: CanvasRenderingContext2D, drawing: PlantDrawing, look: Look, bark: string, at: PaintAt, bare = false): void {
  const { x, groundY, pxPerMm } = at
  const tone = { '-1': look.tones.shade, '0': look.tones.base, '1': look.tones.light } as const
  const leaf = bare ? 0 : look.leaf
  // Small on the screen, fewer and larger dots look the same and cost less.
  const stride = (drawing.dots[0]?.r ?? 1) * pxPerMm < 0.55 ? 4 : (drawing.dots[0]?.r ?? 1) * pxPerMm < 1 ? 2 : 1
  const swell = Math.sqrt(stride)
  const dots = (behind: boolean): void => {
    for (const shade of [-1, 0, 1] as const) {
      context.fillStyle = behind ? mix(tone[shade], look.tones.shade, 0.55) : tone[shade]
      for (let i = 0; i < drawing.dots.length; i += stride) {
        const dot = drawing.dots[i]
        if (!dot || dot.behind !== behind || dot.tone !== shade || dot.from > leaf) continue
        const cx = x + dot.x * pxPerMm
        const cy = groundY - dot.y * pxPerMm
        const r = Math.max(0.6, dot.r * pxPerMm * swell)
        // A dot of two pixels is a dot, round or square; squares are several times quicker.
        if (r < 1.15) { context.fillRect(cx - r * 0.89, cy - r * 0.89, r * 1.78, r * 1.78); continue }
        context.beginPath()
        context.arc(cx, cy, r, 0, 2 * Math.PI)
        context.fill()
      }
    }
  }
  dots(true)
  context.lineCap = 'round'
  const barkShade = mix(bark, '#1c1a17', 0.35)
  for (const stroke of drawing.strokes) {
    if (stroke.kind === 'blade' && !bare && stroke.from > Math.max(leaf, 0.25)) continue
    context.strokeStyle = stroke.kind === 'blade' ? tone[stroke.tone] : stroke.widthMm * pxPerMm > 2 ? bark : barkShade
    context.lineWidth = Math.max(0.5, stroke.widthMm * pxPerMm)
    context.beginPath()
    context.moveTo(x + stroke.x1 * pxPerMm, groundY - stroke.y1 * pxPerMm)
    const [ex, ey] = [x + stroke.x2 * pxPerMm, groundY - stroke.y2 * pxPerMm]
    if (stroke.cx === undefined || stroke.cy === undefined) context.lineTo(ex, ey)
    else context.quadraticCurveTo(x + stroke.cx * pxPerMm, groundY - stroke.cy * pxPerMm, ex, ey)
    context.stroke()
  }
  dots(false)
}

/** A standing person of 1.75 m, seen from the front; the measure of everything. @param heightPx of the person */
export function paintPerson(context: CanvasRenderingContext2D, x: number, groundY: number, heightPx: number): void {
  context.fillStyle = '#17211c'
  for (const path of personPaths) {
    context.beginPath()
    for (const [i, [px, py]] of path.entries()) context[i === 0 ? 'moveTo' : 'lineTo'](x + px * heightPx, groundY - py * heightPx)
    context.closePath()
    context.fill()
  }
  context.beginPath()
  context.arc(x, groundY - 0.93 * heightPx, 0.066 * heightPx, 0, 2 * Math.PI)
  context.fill()
}

/** Outlines of a person of height 1, feet at the origin. */
export const personPaths: readonly (readonly (readonly [number, number])[])[] = [
  [[-0.03, 0.86], [0.03, 0.86], [0.035, 0.835], [0.115, 0.815], [0.14, 0.78], [0.152, 0.62], [0.148, 0.47], [0.122, 0.46], [0.118, 0.6], [0.1, 0.72], [0.098, 0.5], [0.09, 0.24], [0.085, 0.03], [0.1, 0], [0.025, 0], [0.022, 0.25], [0, 0.46],
    [-0.022, 0.25], [-0.025, 0], [-0.1, 0], [-0.085, 0.03], [-0.09, 0.24], [-0.098, 0.5], [-0.1, 0.72], [-0.118, 0.6], [-0.122, 0.46], [-0.148, 0.47], [-0.152, 0.62], [-0.14, 0.78], [-0.115, 0.815], [-0.035, 0.835]],
]
