/** A stretch of time: minutes from an origin, its end not in it. */
export interface TimeSpan {
  readonly from: number
  readonly to: number
}

/** Stretches in order, those that touch or overlap made one; empty ones left out. */
export function joined(stretches: readonly TimeSpan[]): TimeSpan[] {
  const inOrder = stretches.filter(({ from, to }) => to > from).toSorted((a, b) => a.from - b.from)
  const out: TimeSpan[] = []
  for (const next of inOrder) {
    const last = out.at(-1)
    if (last && next.from <= last.to)
      out[out.length - 1] = { from: last.from, to: Math.max(last.to, next.to) }
    else out.push(next)
  }
  return out
}

/** The time that is in both. @param a @param b in order, without overlaps */
export function overlap(a: readonly TimeSpan[], b: readonly TimeSpan[]): TimeSpan[] {
  const out: TimeSpan[] = []
  let j = 0
  for (const one of a) {
    while ((b[j]?.to ?? Infinity) <= one.from) j += 1
    for (let k = j; k < b.length; k += 1) {
      const other = b[k]
      if (!other || other.from >= one.to) break
      out.push({ from: Math.max(one.from, other.from), to: Math.min(one.to, other.to) })
    }
  }
  return out
}

/** The time of `a` that is not taken. @param a in order, without overlaps, which stay apart where they touch */
export function without(a: readonly TimeSpan[], taken: readonly TimeSpan[]): TimeSpan[] {
  const gone = joined(taken)
  return a.flatMap(({ from, to }) => {
    const left: TimeSpan[] = []
    let at = from
    for (const hole of gone) {
      if (hole.to <= at || hole.from >= to) continue
      if (hole.from > at) left.push({ from: at, to: hole.from })
      at = Math.max(at, hole.to)
    }
    if (at < to) left.push({ from: at, to })
    return left
  })
}

/** Minutes of stretches that lie in [from, to). */
export const minutesIn = (stretches: readonly TimeSpan[], from: number, to: number): number =>
  stretches.reduce((sum, own) => sum + Math.max(0, Math.min(own.to, to) - Math.max(own.from, from)), 0)

/** The place of the first stretch that ends after a moment; the count of them where all are over. */
export function firstOpen(stretches: readonly TimeSpan[], at: number): number {
  let low = 0
  let high = stretches.length
  while (low < high) {
    const middle = (low + high) >> 1
    if ((stretches[middle]?.to ?? Infinity) <= at) low = middle + 1
    else high = middle
  }
  return low
}
