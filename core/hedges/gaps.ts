import * as z from 'zod'
import { none, ok, parseQuantity, plainNumber, type Reading } from '../units'

/** A gate or gap in a hedge: where it begins along the line, and how wide it is; mm. */
export const gapSchema = z.strictObject({
  atMm: z.number().min(0).max(200_000),
  widthMm: z.number().min(1).max(10_000),
})
export type Gap = z.infer<typeof gapSchema>
export const gapsSchema = z.array(gapSchema).max(40)

/** A stretch between gaps, mm along the line. */
export interface HedgeRun {
  readonly fromMm: number
  readonly toMm: number
}

/** What is left of a hedge between its gates and gaps, in order; gaps may lie in one another or beyond its end. */
export function runsBetween(lengthMm: number, gaps: readonly Gap[]): HedgeRun[] {
  const runs: HedgeRun[] = []
  let from = 0
  for (const { atMm, widthMm } of [...gaps].sort((a, b) => a.atMm - b.atMm)) {
    const start = Math.min(lengthMm, atMm)
    if (start > from) runs.push({ fromMm: from, toMm: start })
    from = Math.max(from, Math.min(lengthMm, atMm + widthMm))
  }
  if (from < lengthMm) runs.push({ fromMm: from, toMm: lengthMm })
  return runs
}

/** The beginning of a hedge: its runs up to so much length of them together, mm. */
export function firstOf(runs: readonly HedgeRun[], mostMm: number): HedgeRun[] {
  let left = mostMm
  return runs.flatMap(({ fromMm, toMm }) => {
    const mm = Math.min(left, toMm - fromMm)
    left -= mm
    return mm > 0 ? [{ fromMm, toMm: fromMm + mm }] : []
  })
}

/** Whether nothing is planted at a place along the line, mm. */
export const isInGap = (alongMm: number, gaps: readonly Gap[] = []): boolean =>
  gaps.some(({ atMm, widthMm }) => alongMm >= atMm && alongMm < atMm + widthMm)

/** Length of hedge that is to be made, mm. */
export const grownMm = (lengthMm: number, gaps: readonly Gap[] = []): number =>
  runsBetween(lengthMm, gaps).reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0)

/** Length of all runs together, mm. */
export const runsMm = (runs: readonly HedgeRun[]): number =>
  runs.reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0)

/**
 * The gaps of a hedge with one more, in order along it.
 * @param text where it begins and how wide it is, as typed; mm where no unit is
 * @param lengthMm of the hedge along its line
 */
export function withGap(
  gaps: readonly Gap[],
  text: { readonly at: string; readonly width: string },
  lengthMm: number,
): Reading<readonly Gap[]> {
  const at = parseQuantity(text.at, 'mm', { zero: true })
  if (at.kind === 'none') return none(`Gap from: ${at.because}`)
  const width = parseQuantity(text.width, 'mm')
  if (width.kind === 'none') return none(`Width: ${width.because}`)
  const gap = gapSchema.safeParse({ atMm: at.value, widthMm: width.value })
  if (!gap.success) return none('A gap is 1 mm to 10 m wide.')
  if (at.value >= lengthMm)
    return none(
      `Gap from: read ${plainNumber(at.value, 0)} mm; the hedge ends at ${plainNumber(lengthMm, 0)} mm.`,
    )
  const all = [...gaps, gap.data].sort((a, b) => a.atMm - b.atMm)
  return grownMm(lengthMm, all) <= 0 ? none('With this gap nothing of the hedge would be left.') : ok(all)
}
