import type { DrawingSubject } from '../../core/commissions'
import { renderedDrawing, type Rendering } from '../../core/renderings'
import { drawingPlant, sidewaysReach, type PlantDrawing } from '../../core/drawing/plant-drawing'
import { handedOver, type GrownDrawing } from './drawings'

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
  /** The drawing of a sitter, as a way of making shows it where one is named; undefined when it was cancelled. */
  async grow(id: number, sitter: DrawingSubject, rendering?: Rendering): Promise<GrownDrawing | undefined> {
    const drawing = await new Promise<PlantDrawing | undefined>((done, fail) => {
      queue.push({ id, sitter, ...(rendering && { rendering }), done, fail })
      void work()
    })
    return drawing && handedOver({ drawing, reach: sidewaysReach(drawing) })
  },
  /** Takes jobs back: those that wait go at once, the one in hand at its next breath. */
  cancel(ids: readonly number[]): void {
    for (const id of ids) {
      const at = queue.findIndex((job) => job.id === id)
      if (at >= 0) queue.splice(at, 1)[0]?.done(undefined)
      else if (busy) cancelled.add(id)
    }
  },
}
