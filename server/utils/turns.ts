/**
 * Sheets that are worked on at once; the others wait their turn, so that many orders together take no more
 * room than a few.
 */
const AT_ONCE = 2
/** Orders that may wait; beyond them the server says that it is busy. */
const MOST_WAITING = 60
/** How long an order waits for its turn, ms: with the work itself it is answered within five seconds. */
const LONGEST_WAIT_MS = 3_000

let working = 0
const waiting: (() => void)[] = []

/** Waits for a turn; false where it does not come in time. */
function turn(): Promise<boolean> {
  return new Promise((resolve) => {
    const come = (): void => {
      clearTimeout(late)
      resolve(true)
    }
    const late = setTimeout(() => {
      waiting.splice(waiting.indexOf(come), 1)
      resolve(false)
    }, LONGEST_WAIT_MS)
    waiting.push(come)
  })
}

/** Does a piece of work in its turn; undefined where too many wait already, or the turn does not come in time. */
export async function inTurn<T>(work: () => Promise<T>): Promise<T | undefined> {
  if (working >= AT_ONCE && (waiting.length >= MOST_WAITING || !(await turn()))) return undefined
  working += 1
  try {
    return await work()
  } finally {
    working -= 1
    waiting.shift()?.()
  }
}
