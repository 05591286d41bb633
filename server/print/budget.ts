import type { DrawingSubject } from '../../core/commissions'
import { drawingPlant, drawnSkeleton, type PlantDrawing } from '../../core/drawing'
import type { Skeleton } from '../../core/growth'

/** A plant that takes longer than this to grow is not printed, ms: an order is answered within seconds. */
const MOST_MS = 3_000

/** Works within a budget of time; undefined beyond it. */
function within<T>(work: Generator<unknown, T>, now: () => number, mostMs: number): T | undefined {
  const until = now() + mostMs
  for (;;) {
    const next = work.next()
    if (next.done) return next.value
    if (now() > until) return undefined
  }
}

/** Grows a plant within a budget of time; undefined beyond it. @param now milliseconds from any start */
export const drawWithin = (
  { habitus, dress, seed }: DrawingSubject,
  now: () => number,
  mostMs = MOST_MS,
): PlantDrawing | undefined => within(drawingPlant(habitus, dress, seed), now, mostMs)

/** The skeleton that a plant is drawn on, within the same budget. */
export const skeletonWithin = (
  { habitus, dress, seed }: DrawingSubject,
  now: () => number,
  mostMs = MOST_MS,
): Skeleton | undefined => within(drawnSkeleton(habitus, dress, seed), now, mostMs)
