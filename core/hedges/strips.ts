import { cutRods, type RodPlan } from '../armature'
import { requireRange } from '../units'
import { firstOf, runsBetween, runsMm, type Gap, type HedgeRun } from './gaps'

export interface StripOrder {
  readonly runs: readonly HedgeRun[]
  /** Height that a strip is cut to, mm: the section's, or the hedge's. */
  readonly stripMm: number
  readonly sheetWidthMm: number
  readonly sheetHeightMm: number
  /** Layers side by side that make up the hedge's thickness. */
  readonly layers: number
  readonly kerfMm: number
}

/** Strips of a hedge, and how they are cut from sheets. */
export interface StripPlan {
  /** Lengths of the strips, mm, in the order that they are laid: layer by layer along each run. */
  readonly strips: readonly number[]
  /** Where the joints of each layer lie, mm along the hedge: those of neighbouring layers never together. */
  readonly joints: readonly (readonly number[])[]
  readonly cut: RodPlan
  readonly rowsPerSheet: number
  readonly sheets: number
}

/**
 * Strips along a hedge from sheets: each layer is laid end to end, every second one begun with a half strip, so
 * that joints are staggered. Strips are cut from rows of a sheet, fewest rows first (exact where it ends in
 * time, see cutRods).
 * @throws RangeError when a strip is higher than the sheet
 */
export function stripPlan(order: StripOrder): StripPlan {
  const { runs, stripMm, sheetWidthMm, sheetHeightMm, layers, kerfMm } = order
  requireRange('strip', stripMm, 'mm', { above: 0, max: sheetHeightMm })
  requireRange('layers', layers, '', { min: 1 })
  const strips: number[] = []
  const joints: number[][] = []
  for (let layer = 0; layer < layers; layer += 1) {
    const own: number[] = []
    for (const { fromMm, toMm } of runs) {
      let at = fromMm
      let next = layer % 2 === 0 ? sheetWidthMm : sheetWidthMm / 2
      while (toMm - at > 1e-9) {
        const length = Math.min(next, toMm - at)
        strips.push(length)
        at += length
        if (toMm - at > 1e-9) own.push(at)
        next = sheetWidthMm
      }
    }
    joints.push(own)
  }
  const rowsPerSheet = Math.max(1, Math.floor((sheetHeightMm + kerfMm) / (stripMm + kerfMm) + 1e-9))
  const cut = cutRods(strips, [{ lengthMm: sheetWidthMm }], kerfMm)
  return { strips, joints, cut, rowsPerSheet, sheets: Math.ceil(cut.rods.length / rowsPerSheet) }
}

/** A sheet of horsehair that nobody has chosen yet, mm. From memory. */
export const USUAL_SHEET = { widthMm: 300, heightMm: 200 }

/** Layers of so many mm side by side that make up a hedge's thickness. */
export const layersAcross = (widthMm: number, thickMm: number): number =>
  Math.max(1, Math.round(widthMm / thickMm))

/** A strip can't be sliced thinner than this without falling apart, mm. Our estimate. */
const THINNEST_SLICE_MM = 5
/** A strip is sliced where it is thicker than the hedge by this. Our estimate. */
const WORTH_SLICING = 1.4

/** Strips that one of a sheet's thickness is sliced to where the hedge is thinner: of 20 mm, two for one of 10.5. */
export function slicesOf(widthMm: number, thickMm: number): number {
  if (thickMm < widthMm * WORTH_SLICING) return 1
  return Math.max(1, Math.min(Math.round(thickMm / widthMm), Math.floor(thickMm / THINNEST_SLICE_MM)))
}

/** The strips that were laid, and how many times as many the whole hedge takes. */
export interface HedgeStrips extends StripPlan {
  readonly times: number
  /** Thinner strips that each is sliced to. */
  readonly slices: number
  /** Rows of the sheet that are cut for the whole hedge. */
  readonly rows: number
}

/** Strips that are laid and cut one by one; of more, a part is worked out, and the rest goes on in the same way. */
const MOST_STRIPS = 400

/** Strips of a trimmed hedge, cut from sheets. @param of lengths in mm */
export function hedgeStrips(of: {
  readonly lengthMm: number
  readonly gaps: readonly Gap[]
  readonly heightMm: number
  readonly widthMm: number
  readonly thickMm: number
  readonly kerfMm: number
  readonly sheet: { readonly widthMm: number; readonly heightMm: number }
}): HedgeStrips {
  const { sheet, kerfMm } = of
  const all = runsBetween(of.lengthMm, of.gaps)
  const layers = layersAcross(of.widthMm, of.thickMm)
  // Neighbouring layers differ, the third is as the first.
  const laid = Math.min(layers, Math.max(2, Math.min(layers, Math.floor(MOST_STRIPS / 4))))
  const runs = firstOf(all, (MOST_STRIPS * sheet.widthMm) / laid)
  const plan = stripPlan({
    runs,
    stripMm: Math.min(sheet.heightMm, of.heightMm),
    sheetWidthMm: sheet.widthMm,
    sheetHeightMm: sheet.heightMm,
    layers: laid,
    kerfMm,
  })
  const times = (runsMm(all) * layers) / Math.max(1e-9, runsMm(runs) * laid)
  const slices = slicesOf(of.widthMm, of.thickMm)
  const rows = Math.ceil((plan.cut.rods.length * times) / slices - 1e-9)
  return { ...plan, times, slices, rows, sheets: Math.ceil(rows / plan.rowsPerSheet) }
}
