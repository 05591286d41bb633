import type { Problem } from './model'
import { overlap, type TimeSpan } from './stretches'

/** Time that is open for a worker and a slot. */
export type OpenOf = (worker: number, slot: number | undefined) => readonly TimeSpan[]

/** A worker is busy with a unit. */
export interface Booked {
  readonly start: number
  readonly end: number
  readonly unit: number
}

/** Works out once, for each worker and slot that meet, when both are open. */
export function openTimes({ workers, slots }: Problem): OpenOf {
  const known = new Map<number, readonly TimeSpan[]>()
  return (worker, slot) => {
    const open = workers[worker]?.open ?? []
    if (slot === undefined) return open
    const key = slot * workers.length + worker
    const found = known.get(key)
    if (found) return found
    const both = overlap(open, slots[slot] ?? [])
    known.set(key, both)
    return both
  }
}

/** The place of the first that ends after a moment. */
export function firstAfter(line: readonly Booked[], at: number): number {
  let low = 0
  let high = line.length
  while (low < high) {
    const middle = (low + high) >> 1
    if ((line[middle]?.end ?? Infinity) <= at) low = middle + 1
    else high = middle
  }
  return low
}
