import {
  nesting,
  shareSprigs,
  treesThatFit,
  wirePlan,
  type Nesting,
  type NestOrder,
  type WireOrder,
  type WirePlan,
} from '../../core/armature'
import type { DrawingSubject } from '../../core/commissions'
import { drawnSkeleton } from '../../core/drawing'

/** Longest stretch of work before the worker looks whether it was stopped, ms. */
const SLICE_MS = 25

const stopped = new Set<number>()
const breath = (): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, 0)
  })

/** Armatures away from the page: wire from a skeleton, discs into pads, sprigs to trees. */
export const service = {
  /** Plans the armature of the plant that is drawn. @throws RangeError as {@link wirePlan} */
  wire(sitter: DrawingSubject, order: WireOrder): WirePlan {
    const growth = drawnSkeleton(sitter.habitus, sitter.dress, sitter.seed)
    for (;;) {
      const next = growth.next()
      if (next.done) return wirePlan(next.value, order)
    }
  },
  /** Nests discs, better and better, until it is stopped or nothing is gained; the last word is the best. */
  async nest(id: number, order: NestOrder, found: (best: Nesting, share: number) => void): Promise<Nesting> {
    const work = nesting(order)
    let since = performance.now()
    for (let tries = 0; ; tries += 1) {
      const next = work.next()
      if (next.done) {
        stopped.delete(id)
        return next.value
      }
      if (tries > 0 && performance.now() - since < SLICE_MS) continue
      found(next.value, tries / order.tries)
      await breath()
      // The first answer is waited for: half of one is none.
      if (next.value.whole && stopped.delete(id)) return next.value
      since = performance.now()
    }
  },
  /** How many trees the pads that are there make, the first of the batch first. */
  async fitting(order: NestOrder, discsOf: readonly (readonly number[])[]): Promise<number> {
    const work = treesThatFit(order, discsOf)
    for (;;) {
      const next = work.next()
      if (next.done) return next.value
      await breath()
    }
  },
  stop(id: number): void {
    stopped.add(id)
  },
  share: shareSprigs,
}
