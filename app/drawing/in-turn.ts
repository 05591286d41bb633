/** Time that small pictures take of a frame, ms. */
const FRAME_MS = 20

/**
 * Work that nobody waits for, as drawing one of many small pictures.
 * @param isOver asked now and then whether there is no more time in this frame
 * @returns whether it is done; else it is called again in the next frame
 */
export type Turn = (isOver: () => boolean) => boolean

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
  const isOver = (): boolean => performance.now() > until
  for (const work of waiting) {
    if (work(isOver)) waiting.delete(work)
    if (isOver()) break
  }
  if (waiting.size > 0) frame = requestAnimationFrame(goOn)
}

/** Leaves work undone that has not been done yet. */
export const outOfTurn = (work: Turn): void => {
  waiting.delete(work)
}
