import { roundTicks } from '../../drawing/ticks'

/** A line of the line-up's grid. */
export interface GridLine {
  readonly mm: number
  /** From the top of the drawing, px. */
  readonly y: number
  readonly labelled: boolean
}

/**
 * Lines of the grid: over the whole drawing, or on each shelf as high as its plants.
 * @param groundOf where a shelf's ground lies, px from the top
 * @param heightPx of the drawing
 * @param topMm what a shelf's grid reaches
 */
export function gridLines(
  shelves: readonly number[],
  pxPerMm: number,
  groundOf: (lift: number) => number,
  heightPx: number,
  topMm: number,
): GridLine[] {
  const alone = shelves.length === 1
  return shelves.flatMap((lift) => {
    const ground = groundOf(lift)
    const from = alone ? Math.max(0, (ground - heightPx) / pxPerMm) : 0
    const to = alone ? (ground - 18) / pxPerMm : topMm
    return roundTicks([from, to], pxPerMm, { tickPx: 12, labelPx: 60 }).map(({ value, labelled }) => ({
      mm: value,
      y: ground - value * pxPerMm,
      labelled,
    }))
  })
}
