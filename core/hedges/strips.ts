import { cutRods, type RodPlan } from '../armature'
import { requireRange } from '../units'
import type { Run } from './gaps'

export interface StripOrder {
  readonly runs: readonly Run[]
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
