import type { Sitter } from '../../core/commissions'
import { drawingPlant, type PlantDrawing } from '../../core/drawing'

/** A plant that takes longer than this to grow is not printed, ms: an order is answered within seconds. */
const MOST_MS = 3_000

/** Grows a plant within a budget of time; undefined beyond it. @param now milliseconds from any start */
export function drawWithin(
  { habitus, dress, seed }: Sitter,
  now: () => number,
  mostMs = MOST_MS,
): PlantDrawing | undefined {
  const until = now() + mostMs
  const work = drawingPlant(habitus, dress, seed)
  for (;;) {
    const next = work.next()
    if (next.done) return next.value
    if (now() > until) return undefined
  }
}
