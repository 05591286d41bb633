import type { GrownDrawing } from './drawings'
import { drawingBytes, drawingFromBytes } from './drawing-bytes'

/** What a drawing is kept under: the version of the app that grew it, and what it was grown from. */
export interface DrawingKey {
  readonly version: string
  readonly of: string
}

/** As much of the browser's cache of answers as is wanted here. */
export interface AnswerCache {
  match(address: string): Promise<{ arrayBuffer(): Promise<ArrayBuffer> } | undefined>
  put(address: string, answer: Response): Promise<void>
  delete(address: unknown): Promise<boolean>
  keys(): Promise<readonly unknown[]>
}
export interface AnswerCaches {
  open(name: string): Promise<AnswerCache>
  keys(): Promise<readonly string[]>
  delete(name: string): Promise<boolean>
}

const NAME = 'drawings of '
/** Enough for several commissions, the ways of making and the library; the oldest go first. */
export const MOST_KEPT = 600
/** Drawings are written once nothing has been asked for so long: who waits for a picture waits for nothing else. */
const QUIET_MS = 1_500

/**
 * Drawings kept over, so that what has grown once stands at once the next time. Where the browser keeps nothing (by its
 * setting, or for want of room), they are grown again. They give way to what a maker keeps: without room to spare none
 * is written, and those that were go.
 */
export class KeptDrawings {
  private opened: { readonly version: string; readonly cache: Promise<AnswerCache | undefined> } | undefined
  private readonly due = new Map<
    string,
    { readonly key: DrawingKey; readonly bytes: Uint8Array<ArrayBuffer> }
  >()
  private timer: ReturnType<typeof setTimeout> | undefined

  /**
   * @param caches of the browser; undefined where it has none
   * @param hasRoom whether there is room to spare
   * @param quietMs before anything is written
   */
  constructor(
    private readonly caches: AnswerCaches | undefined,
    private readonly hasRoom: () => Promise<boolean>,
    private readonly quietMs = QUIET_MS,
  ) {}

  /** The drawing that was kept; undefined where there is none, or it can't be read. */
  async find(key: DrawingKey): Promise<GrownDrawing | undefined> {
    this.wait()
    try {
      const answer = await (await this.cacheOf(key.version))?.match(await addressOf(key))
      return answer && drawingFromBytes(await answer.arrayBuffer())
    } catch {
      return undefined
    }
  }

  /** Keeps a drawing, before long; it may be handed over meanwhile. */
  keep(key: DrawingKey, grown: GrownDrawing): void {
    if (!this.caches) return
    this.due.set(key.of, { key, bytes: drawingBytes(grown) })
    this.wait()
  }

  private wait(): void {
    clearTimeout(this.timer)
    if (this.due.size > 0) this.timer = setTimeout(() => void this.write(), this.quietMs)
  }
  private async write(): Promise<void> {
    const [next] = this.due.values()
    if (!next) return
    this.due.delete(next.key.of)
    try {
      if (!(await this.hasRoom())) return await this.giveWay(next.key.version)
      const cache = await this.cacheOf(next.key.version)
      await cache?.put(await addressOf(next.key), new Response(next.bytes))
      if (cache && this.due.size === 0) await thin(cache)
    } catch {
      // Without room nothing more is kept; all of it can be grown.
      this.due.clear()
    }
    if (this.due.size > 0) await this.write()
  }

  private async giveWay(version: string): Promise<void> {
    this.due.clear()
    this.opened = undefined
    await this.caches?.delete(NAME + version)
  }

  /** The cache of a version; those of others go. */
  private cacheOf(version: string): Promise<AnswerCache | undefined> {
    if (this.opened?.version !== version) this.opened = { version, cache: this.open(NAME + version) }
    return this.opened.cache
  }
  private async open(name: string): Promise<AnswerCache | undefined> {
    if (!this.caches) return undefined
    const others = (await this.caches.keys()).filter((one) => one.startsWith(NAME) && one !== name)
    for (const other of others) await this.caches.delete(other)
    return this.caches.open(name)
  }
}

async function thin(cache: AnswerCache): Promise<void> {
  const all = await cache.keys()
  for (const old of all.slice(0, Math.max(0, all.length - MOST_KEPT))) await cache.delete(old)
}

/** An address that nothing else has; what a drawing grew from is too long for one. */
async function addressOf({ of }: DrawingKey): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(of))
  return `/drawings/${hexOf(digest)}`
}
const hexOf = (digest: ArrayBuffer): string =>
  [...new Uint8Array(digest)].map((byte) => byte.toString(16).padStart(2, '0')).join('')
