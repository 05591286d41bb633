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

/** Waits for a turn that another hands over; false where it does not come in time. */
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
  if (working < AT_ONCE) working += 1
  else if (waiting.length >= MOST_WAITING || !(await turn())) return undefined
  try {
    return await work()
  } finally {
    // The turn is handed over: no third piece of work begins between one's end and the next one's start.
    const next = waiting.shift()
    if (next) next()
    else working -= 1
  }
}
