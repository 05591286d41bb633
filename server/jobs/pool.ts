import { existsSync } from 'node:fs'
import { availableParallelism, loadavg } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { Piscina } from 'piscina'
import type { Answer, Job, Task } from './names'

/** Orders at work at once, and those that may wait; beyond them the server says that it is busy. */
export const AT_WORK = 2
export const MOST_WAITING = 10
/** More than so many programs want each processor, on the average of the last minute. */
const OVERLOADED = 1

export interface Times {
  /** From when an order has come to when it is given up. */
  readonly answeredWithinMs: number
  /** Of these a worker must have had so many for an order to count as too large, and not as late for its turn. */
  readonly workedLongMs: number
  /** Whether the machine is so loaded that a late order may be in time when it is sent again. */
  readonly isOverloaded: () => boolean
}
/** An order is answered within five seconds: this leaves the rest for reading and sending it. */
const USUAL_WITHIN_MS = 4_500
const [LEAST_WITHIN_MS, MOST_WITHIN_MS] = [500, 120_000]

/**
 * How long an order may take, as the environment says it for a machine that is slow or shared.
 * @param set `PRINT_WITHIN_MS`; absent: {@link USUAL_WITHIN_MS}
 * @throws Error when it is no number of ms between half a second and two minutes
 */
export function withinMs(set: string | undefined): number {
  if (set === undefined || set === '') return USUAL_WITHIN_MS
  const ms = Number(set)
  if (Number.isInteger(ms) && ms >= LEAST_WITHIN_MS && ms <= MOST_WITHIN_MS) return ms
  throw new Error(
    `PRINT_WITHIN_MS: read “${set}”; allowed is a whole number of ms, ${LEAST_WITHIN_MS} to ${MOST_WITHIN_MS}.`,
  )
}

const usualTimes = (): Times => ({
  answeredWithinMs: withinMs(process.env.PRINT_WITHIN_MS),
  workedLongMs: 2_500,
  isOverloaded: () => (loadavg()[0] ?? 0) > availableParallelism() * OVERLOADED,
})
/** What a worker may take of the heap. Pictures lie outside it; they are bounded where they are painted. */
const HEAP = { maxOldGenerationSizeMb: 112, maxYoungGenerationSizeMb: 8 }
/** A worker that has had nothing to do for so long ends, ms: its memory is given back. */
const IDLE_MS = 60_000

/** How an order fared: answered, or given up, and why. */
export type Outcome =
  | Answer
  /** Too many orders wait, or its turn did not come in time: try again. */
  | { readonly kind: 'busy' }
  /** It took longer, or more memory, than an order may. */
  | { readonly kind: 'too-large' }
  /** Nobody waits for it any more. */
  | { readonly kind: 'gone' }

/** Where the built worker lies: beside the server's own entry, some folders above its parts. */
function workerFile(): string {
  for (let folder = dirname(fileURLToPath(import.meta.url)); ; folder = dirname(folder)) {
    const file = join(folder, 'print-worker.mjs')
    if (existsSync(file)) return file
    if (folder === dirname(folder))
      throw new Error('The worker that prints is not there. Build the server anew.')
  }
}

export interface Pool {
  /** @param gone aborts when the client has gone away */
  readonly run: (job: Job, gone: AbortSignal) => Promise<Outcome>
  readonly close: () => Promise<void>
}

/**
 * A pool of worker threads for all that takes time. An order that is given up ends its worker: nothing that was
 * asked for goes on in secret.
 * @param filename the built worker
 */
export function poolOf(filename: string, times: Times = usualTimes()): Pool {
  const pool = new Piscina({
    filename,
    minThreads: 0,
    maxThreads: AT_WORK,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: HEAP,
    recordTiming: false,
  })
  // A worker that runs out of memory after its order was given up tells the pool; unheard, that ends the server. Its
  // order has been answered, and a new worker takes its place.
  pool.on('error', () => undefined)
  return {
    async run(job, gone) {
      const task: Task = { job, begun: new Float64Array(new SharedArrayBuffer(8)) }
      const late = new AbortController()
      const timer = setTimeout(() => late.abort(), times.answeredWithinMs)
      try {
        return (await pool.run(task, { signal: AbortSignal.any([gone, late.signal]) })) as Answer
      } catch (error) {
        if (gone.aborted) return { kind: 'gone' }
        if (late.signal.aborted)
          return workedMs(task) >= times.workedLongMs && !times.isOverloaded()
            ? { kind: 'too-large' }
            : { kind: 'busy' }
        if (isFull(error)) return { kind: 'busy' }
        if ((error as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY') return { kind: 'too-large' }
        throw error
      } finally {
        clearTimeout(timer)
      }
    },
    close: () => pool.close({ force: true }),
  }
}

/** How long a worker has been at it, ms; 0 where none has begun. */
const workedMs = ({ begun }: Task): number => (begun[0] ? Date.now() - begun[0] : 0)

const isFull = (error: unknown): boolean =>
  error instanceof Error && /queue is at limit|No task queue available/i.test(error.message)

let shared: Pool | undefined
/** The server's pool, made when it is first wanted. */
export const printPool = (): Pool => (shared ??= poolOf(workerFile()))
