import type { DrawingSubject } from '../../core/commissions'
import type { Rendering } from '../../core/renderings'
import type { PlantDrawing } from '../../core/drawing/plant-drawing'
import { handedOverWith, type GrownDrawing } from './drawings'
import { KeptDrawings, type AnswerCaches, type DrawingKey } from './kept-drawings'

/** What grows plants: fetched for the first that was not kept. */
const fetchGrowth = () => import('./growth')
/** Room to spare is half of what the browser allows; where it does not tell, there is none. */
async function hasRoom(): Promise<boolean> {
  const { usage = 0, quota = 0 } = (await navigator.storage?.estimate()) ?? {}
  return usage < quota / 2
}
const kept = new KeptDrawings((globalThis as { caches?: AnswerCaches }).caches, hasRoom)

/** Longest stretch of work before the worker looks whether a job was cancelled, ms. */
const SLICE_MS = 12

interface Job {
  readonly id: number
  readonly sitter: DrawingSubject
  readonly rendering?: Rendering
  readonly done: (drawing: PlantDrawing | undefined) => void
  readonly fail: (error: unknown) => void
}

const queue: Job[] = []
/** Jobs of which it is not known yet whether they were kept. */
const lookedFor = new Set<number>()
const cancelled = new Set<number>()
let progress: ((id: number, share: number) => void) | undefined
let busy = false

const breath = (): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, 0)
  })

async function work(): Promise<void> {
  if (busy) return
  busy = true
  for (let job = queue.shift(); job; job = queue.shift()) {
    try {
      job.done(await draw(job))
    } catch (error) {
      job.fail(error)
    }
    cancelled.delete(job.id)
  }
  busy = false
}

async function draw(job: Job): Promise<PlantDrawing | undefined> {
  const { habitus, dress, seed } = job.sitter
  const { drawingPlant, renderedDrawing } = await fetchGrowth()
  const growth = job.rendering
    ? renderedDrawing(job.rendering, habitus, dress, seed)
    : drawingPlant(habitus, dress, seed)
  let since = performance.now()
  for (;;) {
    const next = growth.next()
    if (next.done) return next.value
    if (performance.now() - since < SLICE_MS) continue
    progress?.(job.id, next.value)
    await breath()
    if (cancelled.has(job.id)) return undefined
    since = performance.now()
  }
}

/**
 * Grows drawings away from the page: one after the other, with word of how far it is, and an end when nobody
 * wants them any more.
 */
export const service = {
  /** Where word of progress goes. */
  report(to: (id: number, share: number) => void): void {
    progress = to
  },
  /**
   * The drawing of a sitter, as a way of making shows it where one is named; undefined when it was cancelled.
   * @param key what it is kept under for another day; absent: it is not
   */
  async grow(
    id: number,
    sitter: DrawingSubject,
    rendering?: Rendering,
    key?: DrawingKey,
  ): Promise<GrownDrawing | undefined> {
    lookedFor.add(id)
    const known = key && (await kept.find(key))
    if (!lookedFor.delete(id)) return undefined
    if (known) return handedOverWith(known)
    const drawing = await new Promise<PlantDrawing | undefined>((done, fail) => {
      queue.push({ id, sitter, ...(rendering && { rendering }), done, fail })
      void work()
    })
    if (!drawing) return undefined
    const { sidewaysReach } = await fetchGrowth()
    const grown = { drawing, reach: sidewaysReach(drawing) }
    if (key) kept.keep(key, grown)
    return handedOverWith(grown)
  },
  /** Takes jobs back: those that wait go at once, the one in hand at its next breath. */
  cancel(ids: readonly number[]): void {
    for (const id of ids) {
      if (lookedFor.delete(id)) continue
      const at = queue.findIndex((job) => job.id === id)
      if (at >= 0) queue.splice(at, 1)[0]?.done(undefined)
      else if (busy) cancelled.add(id)
    }
  },
}
