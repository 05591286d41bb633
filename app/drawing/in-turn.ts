/** Time that small pictures take of a frame, ms. */
const FRAME_MS = 20

/** Work that nobody waits for, as drawing one of many small pictures. */
export type Turn = () => void

const waiting = new Set<Turn>()
let frame = 0

/** Does work in its turn: as much in a frame as there is time for, each once, however often it is asked for. */
export function inTurn(work: Turn): void {
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
export const outOfTurn = (work: Turn): void => {
  waiting.delete(work)
}
