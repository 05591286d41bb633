/** What is worked out at once, ms: the page answers within a tenth of a second, and draws in what is left of it. */
const SLICE_MS = 30
/** What is worked out later waits until the page is idle, but no longer than this, ms. */
const LONGEST_WAIT_MS = 250

/** While a page is made, work waits for it, but no longer than this, ms; so often it looks whether it is there. */
const LONGEST_HELD_MS = 2_000
const HELD_STEP_MS = 40
let heldUntil = 0
/** Lets {@link whenIdle} wait until {@link letGoOn} is called: something more pressing is under way. */
export const holdBack = (): void => {
  heldUntil = performance.now() + LONGEST_HELD_MS
}
export const letGoOn = (): void => {
  heldUntil = 0
}

interface Idle {
  requestIdleCallback?(work: () => void, options: { timeout: number }): number
}

/** Does work in a task of its own when the page is idle; where a browser does not tell when that is, a moment later. */
export function whenIdle(work: () => void): void {
  const { requestIdleCallback } = globalThis as Idle
  const afresh = (): void => {
    if (performance.now() < heldUntil) {
      setTimeout(() => {
        whenIdle(work)
      }, HELD_STEP_MS)
      return
    }
    until = undefined
    work()
  }
  if (requestIdleCallback) requestIdleCallback(afresh, { timeout: LONGEST_WAIT_MS })
  else setTimeout(afresh, 0)
}

/** When the time is over that this task has for working things out; undefined before anything is. */
let until: number | undefined
/**
 * Whether this task may go on working things out: all who ask in one task share {@link SLICE_MS}. The first to ask
 * begins it.
 */
export function hasTime(): boolean {
  if (until === undefined) {
    until = performance.now() + SLICE_MS
    setTimeout(() => {
      until = undefined
    }, 0)
  }
  return performance.now() <= until
}
