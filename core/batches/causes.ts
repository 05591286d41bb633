import type { RunEvent } from './records'

/** The entries of a run put into the order that they followed from one another. */
export interface Causes {
  /** The line that counts, from the first entry on; undone entries and undoings are among them. */
  readonly path: readonly RunEvent[]
  /** Entries that an undoing takes back. */
  readonly undone: ReadonlySet<string>
  /** Entries on other lines, or with nothing before them: kept, shown, not counted. */
  readonly aside: readonly RunEvent[]
}

/** How good a line is from an entry on: one that ends the batch before one that doesn't, then the longer. */
interface Worth {
  readonly ends: boolean
  readonly length: number
  readonly next?: RunEvent
}

const better = (a: Worth, b: Worth): boolean => (a.ends === b.ends ? a.length > b.length : a.ends)

/**
 * Orders the entries of a run by their causes. Copies that went on apart from one entry are lines of a tree:
 * the one that finished counts, else the longer one, else the one whose entry has the lower id. What each
 * copy did follows from the set of entries alone, not from clocks or from who merged with whom. An undoing
 * counts wherever it stands, as long as what it takes back is behind it.
 */
export function causesOf(events: readonly RunEvent[]): Causes {
  const byId = new Map(events.map((event) => [event.id, event]))
  const unique = [...byId.values()].sort((a, b) => (a.id < b.id ? -1 : 1))
  const children = new Map<string | undefined, RunEvent[]>()
  for (const event of unique) {
    const list = children.get(event.after)
    if (list) list.push(event)
    else children.set(event.after, [event])
  }
  // From the roots on, so that only what hangs together is seen, and cycles in a bad file are not.
  const ordered: RunEvent[] = []
  const stack = [...(children.get(undefined) ?? [])].reverse()
  for (let event = stack.pop(); event; event = stack.pop()) {
    ordered.push(event)
    stack.push(...[...(children.get(event.id) ?? [])].reverse())
  }
  const undone = undoneBy(ordered, byId)
  const worth = new Map<string, Worth>()
  const best = (candidates: readonly RunEvent[]): Worth => {
    let found: Worth = { ends: false, length: 0 }
    for (const event of candidates) {
      const own = worth.get(event.id)
      const here = { ends: own?.ends ?? false, length: own?.length ?? 0, next: event }
      if (found.next === undefined || better(here, found)) found = here
    }
    return found
  }
  for (const event of [...ordered].reverse()) {
    const onward = best(children.get(event.id) ?? [])
    const { type } = event.deed
    const counts = type !== 'undo' && !undone.has(event.id)
    worth.set(event.id, {
      ends: onward.ends || (counts && (type === 'finish' || type === 'abandon')),
      length: onward.length + (counts ? 1 : 0),
      next: onward.next,
    })
  }
  const path: RunEvent[] = []
  for (let next = best(children.get(undefined) ?? []).next; next; next = worth.get(next.id)?.next)
    path.push(next)
  const onPath = new Set(path.map(({ id }) => id))
  // Of several undoings of one entry the first by id counts: what was drawn goes back once.
  const taken = new Set<string>()
  const aside = unique.filter((event) => {
    if (event.deed.type !== 'undo') return !onPath.has(event.id)
    const { target } = event.deed
    if (!undone.has(target) || !onPath.has(target) || taken.has(target)) return true
    taken.add(target)
    return false
  })
  return { path, undone, aside }
}

/** Targets of undoings that have their target behind them; an undoing itself can't be undone. */
function undoneBy(ordered: readonly RunEvent[], byId: ReadonlyMap<string, RunEvent>): Set<string> {
  const undone = new Set<string>()
  for (const event of ordered) {
    if (event.deed.type !== 'undo') continue
    const { target } = event.deed
    if (byId.get(target)?.deed.type === 'undo') continue
    for (let at = event.after; at !== undefined; at = byId.get(at)?.after)
      if (at === target) {
        undone.add(target)
        break
      }
  }
  return undone
}
