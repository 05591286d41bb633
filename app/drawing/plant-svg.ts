import type { Look } from '../../core/plants'
import { strokesOf, type PlantDrawing, type Stroke } from '../../core/drawing'

const n = (value: number): string => String(Math.round(value * 100) / 100)

/** One plant on a day, y up, in mm: its strokes, those of one colour and width that follow each other as one path. */
export function plantSvg(drawing: PlantDrawing, look: Look): string {
  const parts: string[] = []
  let key = ''
  let path: string[] = []
  const flush = (): void => {
    if (path.length > 0) parts.push(`<path ${key} d="${path.join('')}"/>`)
  }
  for (const { colour, widthMm, x1, y1, x2, y2 } of inRuns(strokesOf(drawing, look))) {
    const own = `stroke="${colour}" stroke-width="${n(Math.max(0.06, Math.round(widthMm * 12) / 12))}"`
    if (own !== key) {
      flush()
      key = own
      path = []
    }
    path.push(x1 === x2 && y1 === y2 ? `M${n(x1)} ${n(y1)}h0` : `M${n(x1)} ${n(y1)}L${n(x2)} ${n(y2)}`)
  }
  flush()
  return `<g fill="none" stroke-linecap="round">${parts.join('')}</g>`
}

/** How many strokes are sorted among themselves by colour: few enough that what is near stays near. */
const RUN = 400

function inRuns(strokes: readonly Stroke[]): Stroke[] {
  const sorted: Stroke[] = []
  for (let i = 0; i < strokes.length; i += RUN)
    sorted.push(
      ...strokes
        .slice(i, i + RUN)
        .sort((a, b) => (a.colour < b.colour ? -1 : a.colour > b.colour ? 1 : a.widthMm - b.widthMm)),
    )
  return sorted
}
