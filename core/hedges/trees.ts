import * as z from 'zod'
import { none, ok, parseQuantity, plainNumber, type Reading } from '../units'
import { idSchema } from '../units/schema'
import { isInGap, type Gap } from './gaps'

/** A tree that stands in a hedge: of which line, where along the hedge, and how wide no hole is drilled for it; mm. */
export const hedgeTreeSchema = z.strictObject({
  lineId: idSchema,
  atMm: z.number().min(0).max(200_000),
  clearMm: z.number().min(1).max(500),
})
export type HedgeTree = z.infer<typeof hedgeTreeSchema>
export const hedgeTreesSchema = z.array(hedgeTreeSchema).max(40)

/** Room that is left on each side of a trunk, mm: for glue, and for the first twig beside it. From memory. */
const BESIDE_MM = 2

/** Where no holes are drilled, as stretches along the hedge. */
export const clearFor = (trees: readonly HedgeTree[] = []): Gap[] =>
  trees.map(({ atMm, clearMm }) => ({ atMm: Math.max(0, atMm - clearMm / 2), widthMm: clearMm }))

/** Of a hedge, the share of its length that is kept clear of holes, 0–1. @param grownMm of hedge, without its gaps */
export const clearShare = (trees: readonly HedgeTree[] = [], grownMm: number): number =>
  Math.min(1, trees.reduce((sum, { clearMm }) => sum + clearMm, 0) / Math.max(1, grownMm))

/**
 * The trees of a hedge with one more, in order along it.
 * @param at where it stands, as typed; mm where no unit is
 * @param tree its line, and its trunk at the ground, mm
 */
export function withTree(
  trees: readonly HedgeTree[],
  at: string,
  tree: { readonly lineId: string; readonly trunkMm: number },
  hedge: { readonly lengthMm: number; readonly gaps: readonly Gap[] },
): Reading<readonly HedgeTree[]> {
  const read = parseQuantity(at, 'mm', { zero: true })
  if (read.kind === 'none') return none(`Tree at: ${read.because}`)
  const atMm = read.value
  const place = `read ${plainNumber(atMm, 0)} mm`
  if (atMm > hedge.lengthMm)
    return none(`Tree at: ${place}; the hedge ends at ${plainNumber(hedge.lengthMm, 0)} mm.`)
  if (isInGap(atMm, hedge.gaps)) return none(`Tree at: ${place}; there is a gap.`)
  const clearMm = Math.min(500, Math.ceil(tree.trunkMm + 2 * BESIDE_MM))
  const near = trees.find((own) => Math.abs(own.atMm - atMm) < (own.clearMm + clearMm) / 2)
  if (near) return none(`Tree at: ${place}; one stands at ${plainNumber(near.atMm, 0)} mm already.`)
  if (trees.length >= 40) return none('A hedge takes 40 trees at most.')
  return ok([...trees, { lineId: tree.lineId, atMm, clearMm }].sort((a, b) => a.atMm - b.atMm))
}
