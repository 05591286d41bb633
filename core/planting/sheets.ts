import { requireRange } from '../units'
import type { Spot } from './board'
import type { PlantingPlan } from './plan'

/** A sheet of the template: a part of the board at 1:1, with the spots on it. */
export interface PlanSheet {
  /** Place among the sheets, from 1: column from the left, row from the front. */
  readonly column: number
  readonly row: number
  /** The part of the board that it shows, mm from the front left corner. */
  readonly x: number
  readonly y: number
  readonly widthMm: number
  readonly depthMm: number
  readonly spots: readonly Spot[]
}

/** What neighbouring sheets share, mm, so that they can be laid onto each other. */
export const SHEET_OVERLAP_MM = 8

/**
 * Cuts a plan into sheets of paper at 1:1. Each spot is on every sheet that shows its place.
 * @param widthMm printable width of a sheet @param depthMm printable height
 * @throws RangeError when the paper is not larger than the overlap
 */
export function sheetsOf(
  plan: Pick<PlantingPlan, 'board' | 'spots'>,
  widthMm: number,
  depthMm: number,
): PlanSheet[] {
  requireRange('printable width', widthMm, 'mm', { above: SHEET_OVERLAP_MM })
  requireRange('printable height', depthMm, 'mm', { above: SHEET_OVERLAP_MM })
  const starts = (whole: number, part: number): number[] => {
    const count = Math.max(1, Math.ceil((whole - SHEET_OVERLAP_MM) / (part - SHEET_OVERLAP_MM)))
    return Array.from({ length: count }, (_, i) => i * (part - SHEET_OVERLAP_MM))
  }
  const { board, spots } = plan
  return starts(board.depthMm, depthMm).flatMap((y, row) =>
    starts(board.widthMm, widthMm).map((x, column): PlanSheet => {
      const [w, d] = [Math.min(widthMm, board.widthMm - x), Math.min(depthMm, board.depthMm - y)]
      return {
        column: column + 1,
        row: row + 1,
        x,
        y,
        widthMm: w,
        depthMm: d,
        spots: spots.filter((spot) => spot.x >= x && spot.x <= x + w && spot.y >= y && spot.y <= y + d),
      }
    }),
  )
}
