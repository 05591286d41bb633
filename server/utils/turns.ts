/**
 * Sheets that are worked on at once; the others wait their turn, so that many orders together take no more
 * room than a few.
 */
const AT_ONCE = 2
/** Orders that may wait; beyond them the server says that it is busy. */
const MOST_WAITING = 60

let working = 0
const waiting: (() => void)[] = []

/** Does a piece of work in its turn; undefined where too many wait already. */
export async function inTurn<T>(work: () => Promise<T>): Promise<T | undefined> {
  if (working >= AT_ONCE) {
    if (waiting.length >= MOST_WAITING) return undefined
    await new Promise<void>((resolve) => waiting.push(resolve))
  }
  working += 1
  try {
    return await work()
  } finally {
    working -= 1
    waiting.shift()?.()
  }
}
