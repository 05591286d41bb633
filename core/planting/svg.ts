import type { KeepOut } from '../commissions'
import type { PlantingPlan, Spot } from './plan'

const n = (value: number): string => String(Math.round(value * 100) / 100)

/** Path of a keep-out in mm, y towards the front as on paper. */
export function keepOutPath({ kind, points }: KeepOut, depthMm: number): string {
  return `M${points.map(([x, y]) => `${n(x)} ${n(depthMm - y)}`).join('L')}${kind === 'shape' ? 'Z' : ''}`
}

/** "B7": the line's letter and the piece's number. */
export const spotName = ({ code, number }: Pick<Spot, 'code' | 'number'>): string => `${code}${number}`

/**
 * The plan as SVG at 1:1, the front edge at the bottom: crowns, numbered crosses, keep-outs and a bar of 50 mm to check the print with.
 * @param colourOf colour of a line's crowns, #RRGGBB
 */
export function planSvg(plan: PlantingPlan, colourOf: (lineId: string) => string): string {
  const { widthMm, depthMm, keepOuts } = plan.board
  const y = (at: number): number => depthMm - at
  const kept = keepOuts.map((keepOut) =>
    keepOut.kind === 'line'
      ? `<path d="${keepOutPath(keepOut, depthMm)}" fill="none" stroke="#c9bfa4" stroke-width="${n(keepOut.widthMm)}" stroke-linejoin="round"/>`
      : `<path d="${keepOutPath(keepOut, depthMm)}" fill="#c9bfa4"/>`,
  )
  // A viewport of the board's size: a track ends at its edge.
  const parts = [`<svg width="${n(widthMm)}" height="${n(depthMm)}">${kept.join('')}</svg>`]
  for (const spot of plan.spots)
    parts.push(
      `<circle cx="${n(spot.x)}" cy="${n(y(spot.y))}" r="${n(spot.crownMm / 2)}" fill="${colourOf(spot.lineId)}" fill-opacity="0.3" stroke="${colourOf(spot.lineId)}" stroke-width="0.2"/>`,
    )
  for (const spot of plan.spots)
    parts.push(
      `<g data-piece="${spotName(spot)}"><path d="M${n(spot.x - 1.2)} ${n(y(spot.y))}h2.4M${n(spot.x)} ${n(y(spot.y) - 1.2)}v2.4" stroke="#17211c" stroke-width="0.2"/><text x="${n(spot.x + 1.5)}" y="${n(y(spot.y) - 0.6)}" font-size="2.4">${spotName(spot)}</text></g>`,
    )
  parts.push(
    `<path data-bar="50" d="M5 ${n(depthMm + 6)}h50M5 ${n(depthMm + 4.5)}v3M55 ${n(depthMm + 4.5)}v3" stroke="#17211c" stroke-width="0.3" fill="none"/><text x="58" y="${n(depthMm + 7)}" font-size="3">50 mm: print at 100 %</text>`,
  )
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${n(widthMm)}mm" height="${n(depthMm + 10)}mm" viewBox="0 0 ${n(widthMm)} ${n(depthMm + 10)}" font-family="system-ui, sans-serif" fill="#17211c"><rect width="${n(widthMm)}" height="${n(depthMm)}" fill="#fff" stroke="#17211c" stroke-width="0.3"/>${parts.join('')}</svg>\n`
}
