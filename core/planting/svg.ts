import type { KeepOut } from '../commissions'
import { placeLabels, type PlacedLabel } from '../templates'
import { formatQuantity } from '../units'
import type { Spot } from './board'
import type { PlantingPlan } from './plan'
import type { Border } from './borders'
import type { Hedge, Patch } from './runs'

const n = (value: number): string => String(Math.round(value * 100) / 100)

/** Path of a keep-out in mm, y towards the front as on paper. */
export function keepOutPath({ kind, points }: KeepOut, depthMm: number): string {
  return `M${points.map(([x, y]) => `${n(x)} ${n(depthMm - y)}`).join('L')}${kind === 'shape' ? 'Z' : ''}`
}

/** Colours of what is kept clear, and of water. */
export const KEPT_CLEAR = '#c9bfa4'
export const WATER = '#9cbccb'
export const keepOutColour = ({ water }: Pick<KeepOut, 'water'>): string => (water ? WATER : KEPT_CLEAR)

/** "B7": the line's letter and the piece's number. */
export const spotName = ({ code, number }: Pick<Spot, 'code' | 'number'>): string => `${code}${number}`

/** Height of the crosses’ numbers, and half the width of a cross, mm. */
export const LABEL_MM = 2.3
const CROSS_MM = 1.2

/** Where each cross’s number stands, y down from the back edge: beside it, clear of the others. */
export const spotLabels = (plan: {
  readonly board: { readonly depthMm: number }
  readonly spots: readonly Pick<Spot, 'x' | 'y' | 'code' | 'number'>[]
}): PlacedLabel[] =>
  placeLabels(
    plan.spots.map((spot) => ({ at: [spot.x, plan.board.depthMm - spot.y], text: spotName(spot) })),
    LABEL_MM,
    CROSS_MM,
  )

type Down = (at: number) => number
const pathOf = (points: readonly (readonly [number, number])[], y: Down): string =>
  `M${points.map(([x, at]) => `${n(x)} ${n(y(at))}`).join('L')}`

/** A hedge: its band, its middle line, and its numbered marks; at the first of them its length. */
function hedgeSvg(hedge: Hedge, y: Down, colourOf: (lineId: string) => string): string {
  const colour = colourOf(hedge.lineId)
  const path = pathOf(hedge.points, y)
  const grown = hedge.stretches.map((points) => pathOf(points, y)).join('')
  const gates = hedge.gates.map(
    (gate) =>
      `<text data-gate="${n(gate.widthMm)}" x="${n(gate.x)}" y="${n(y(gate.y) + 0.8)}" font-size="2.2" text-anchor="middle">gap ${formatQuantity(gate.widthMm, 'mm')}</text>`,
  )
  const marks = hedge.marks.map(
    (mark) =>
      `<g data-mark="${hedge.code}${mark.number}"><circle cx="${n(mark.x)}" cy="${n(y(mark.y))}" r="0.5" fill="#17211c"/><text x="${n(mark.x + 1)}" y="${n(y(mark.y) - 0.8)}" font-size="2.4">${hedge.code}${mark.number}${mark.number === 1 ? `, ${formatQuantity(hedge.lengthMm, 'mm')}` : ''}</text></g>`,
  )
  return `<g data-hedge="${hedge.code}"><path d="${grown}" fill="none" stroke="${colour}" stroke-opacity="0.35" stroke-width="${n(hedge.widthMm)}"/><path d="${path}" fill="none" stroke="${colour}" stroke-width="0.3" stroke-dasharray="3 2"/>${gates.join('')}${marks.join('')}</g>`
}

/** A patch of grass: its outline, its letter and its area. */
function patchSvg(patch: Patch, y: Down, colourOf: (lineId: string) => string): string {
  const colour = colourOf(patch.lineId)
  return `<g data-patch="${patch.code}"><path d="${pathOf(patch.points, y)}Z" fill="${colour}" fill-opacity="0.16" stroke="${colour}" stroke-width="0.3" stroke-dasharray="2 2"/><text x="${n(patch.middle.x)}" y="${n(y(patch.middle.y))}" font-size="3" text-anchor="middle">${patch.code}, ${formatQuantity(patch.areaCm2, 'cm2')}</text></g>`
}

/** "bed, 84 cm² of earth". */
export const bedName = ({ areaCm2 }: Pick<Border, 'areaCm2'>): string =>
  `bed, ${formatQuantity(areaCm2, 'cm2')} of earth`

/** A garden bed: its outline to be drawn on the board, the letters of what stands in it, and its area. */
const borderSvg = ({ points, codes, areaCm2, middle }: Border, y: Down): string =>
  `<g data-bed="${codes.join(' ')}"><path d="${pathOf(points, y)}Z" fill="#8b8069" fill-opacity="0.25" stroke="#6b5a43" stroke-width="0.4"/><text x="${n(middle.x)}" y="${n(y(Math.min(...points.map(([, at]) => at))) + 3.4)}" font-size="2.6" text-anchor="middle">${bedName({ areaCm2 })}</text></g>`

/**
 * The plan as SVG at 1:1, the front edge at the bottom: crowns, numbered crosses, keep-outs and a bar of 50
 * mm to check the print with.
 * @param colourOf colour of a line's crowns, #RRGGBB
 */
export function planSvg(plan: PlantingPlan, colourOf: (lineId: string) => string): string {
  const { widthMm, depthMm, keepOuts } = plan.board
  const y = (at: number): number => depthMm - at
  const kept = keepOuts.map((keepOut) =>
    keepOut.kind === 'line'
      ? `<path d="${keepOutPath(keepOut, depthMm)}" fill="none" stroke="${keepOutColour(keepOut)}" stroke-width="${n(keepOut.widthMm)}" stroke-linejoin="round"/>`
      : `<path d="${keepOutPath(keepOut, depthMm)}" fill="${keepOutColour(keepOut)}"/>`,
  )
  const grown = [
    ...plan.borders.map((border) => borderSvg(border, y)),
    ...plan.patches.map((patch) => patchSvg(patch, y, colourOf)),
    ...plan.hedges.map((hedge) => hedgeSvg(hedge, y, colourOf)),
  ]
  // A viewport of the board's size: a track ends at its edge.
  const parts = [`<svg width="${n(widthMm)}" height="${n(depthMm)}">${kept.join('')}${grown.join('')}</svg>`]
  for (const spot of plan.spots)
    parts.push(
      `<circle cx="${n(spot.x)}" cy="${n(y(spot.y))}" r="${n(spot.crownMm / 2)}" fill="${colourOf(spot.lineId)}" fill-opacity="0.3" stroke="${colourOf(spot.lineId)}" stroke-width="0.2"/>`,
    )
  const labels = spotLabels(plan)
  plan.spots.forEach((spot, i) => {
    const { at, leads } = labels[i] ?? { at: [spot.x + 1.5, y(spot.y) - 0.6], leads: false }
    const line = leads
      ? `<path d="M${n(spot.x)} ${n(y(spot.y))}L${n(at[0])} ${n(at[1])}" stroke="#56635b" stroke-width="0.1"/>`
      : ''
    parts.push(
      `<g data-piece="${spotName(spot)}"><path d="M${n(spot.x - 1.2)} ${n(y(spot.y))}h2.4M${n(spot.x)} ${n(y(spot.y) - 1.2)}v2.4" stroke="#17211c" stroke-width="0.2"/>${line}<text x="${n(at[0])}" y="${n(at[1])}" font-size="${LABEL_MM}">${spotName(spot)}</text></g>`,
    )
  })
  parts.push(
    `<path data-bar="50" d="M5 ${n(depthMm + 6)}h50M5 ${n(depthMm + 4.5)}v3M55 ${n(depthMm + 4.5)}v3" stroke="#17211c" stroke-width="0.3" fill="none"/><text x="58" y="${n(depthMm + 7)}" font-size="3">50 mm: print at 100 %</text>`,
  )
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${n(widthMm)}mm" height="${n(depthMm + 10)}mm" viewBox="0 0 ${n(widthMm)} ${n(depthMm + 10)}" font-family="system-ui, sans-serif" fill="#17211c"><rect width="${n(widthMm)}" height="${n(depthMm)}" fill="#fff" stroke="#17211c" stroke-width="0.3"/>${parts.join('')}</svg>\n`
}
