/** Time that small pictures take of a frame, ms. */
const FRAME_MS = 20

const waiting = new Set<() => void>()
let frame = 0

/**
 * Does work that nobody waits for, as drawing one of many small pictures: as much in a frame as there is time for, each
 * once, however often it is asked for meanwhile.
 */
export function inTurn(work: () => void): void {
  waiting.add(work)
  if (frame === 0) frame = requestAnimationFrame(goOn)
}

function goOn(): void {
  frame = 0
  const until = performance.now() + FRAME_MS
  for (const work of waiting) {
    waiting.delete(work)
    work()
    if (performance.now() > until) break
  }
  if (waiting.size > 0) frame = requestAnimationFrame(goOn)
}

/** Leaves work undone that has not been done yet. */
export const outOfTurn = (work: () => void): void => {
  waiting.delete(work)
}
