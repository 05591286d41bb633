import { proxy } from 'comlink'
import type { DrawingSubject } from '../../core/commissions'
import type { Rendering } from '../../core/renderings'
import type { GrownDrawing } from './drawings'
import type { DrawingKey } from './kept-drawings'
import { startService, type Started } from './service'

/** Half of the cores grow; the others paint, and answer the hand. */
const MOST = Math.min(4, Math.max(1, Math.floor(navigator.hardwareConcurrency / 2)))

interface Grower extends Started<'grow'> {
  /** Numbers of the plants that it has in hand. */
  readonly inHand: Set<number>
}

/** Threads that grow plants; another is started when all have something in hand. */
export class Growers {
  private readonly growers: Grower[] = []
  /** @param progress told how far the plant that is grown has come, 0–1 */
  constructor(private readonly progress: (share: number) => void) {}

  /**
   * Grows a plant; undefined when it was cancelled.
   * @param id a number of its own, to cancel it by @param key what it is kept under for another day
   */
  async grow(
    id: number,
    sitter: DrawingSubject,
    rendering?: Rendering,
    key?: DrawingKey,
  ): Promise<GrownDrawing | undefined> {
    const grower = this.idlest()
    grower.inHand.add(id)
    try {
      return await grower.service.grow(id, sitter, rendering, key)
    } finally {
      grower.inHand.delete(id)
    }
  }

  /** Takes plants back: those that wait go at once, those in hand at the next breath. */
  cancel(ids: readonly number[]): void {
    for (const { service, inHand } of this.growers) void service.cancel(ids.filter((id) => inHand.has(id)))
  }

  private idlest(): Grower {
    const least = this.growers.reduce<Grower | undefined>(
      (best, one) => (best && best.inHand.size <= one.inHand.size ? best : one),
      undefined,
    )
    return least && (least.inHand.size === 0 || this.growers.length >= MOST) ? least : this.another()
  }
  private another(): Grower {
    const started = startService('grow', () => {
      // One that could not be fetched is started anew when it is next wanted.
      this.growers.splice(this.growers.indexOf(grower), 1)
      grower.end()
    })
    const grower: Grower = { ...started, inHand: new Set() }
    this.growers.push(grower)
    void grower.service.report(
      proxy((_id: number, share: number) => {
        this.progress(share)
      }),
    )
    return grower
  }
}
