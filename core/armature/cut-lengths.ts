import { requireRange } from '../units'

/** So many wires of one length, and how many mm of each are cut off again on average. */
export interface CutLength {
  readonly lengthMm: number
  readonly count: number
}

export interface CutList {
  /** The longest first. */
  readonly lengths: readonly CutLength[]
  readonly totalMm: number
  /** What is longer than it must be, in all, mm. */
  readonly wasteMm: number
}

/** Nobody cuts forty different lengths: no more than so many, each a multiple of so many mm. Common practice. */
export const MOST_LENGTHS = 6
const ROUNDED_TO_MM = 5

const roundedUp = (mm: number): number => Math.ceil(mm / ROUNDED_TO_MM - 1e-9) * ROUNDED_TO_MM

/**
 * Groups lengths into a few that are cut: each wire is as long as it must be or longer, and what is wasted is
 * the least that so many lengths can waste. Exact, by dynamic programming over the lengths in order.
 * @param needed lengths, mm
 * @param most different lengths, at least 1
 * @throws RangeError when a length is not above 0 or no length may be cut
 */
export function cutLengths(needed: readonly number[], most = MOST_LENGTHS): CutList {
  requireRange('different lengths', most, '', { min: 1 })
  for (const length of needed) requireRange('length', length, 'mm', { above: 0 })
  const order = [...needed].sort((a, b) => b - a)
  const n = order.length
  // cost[k][i]: wire for the first i of them in k lengths; each group is cut as long as its first, rounded up.
  let cost = Array.from({ length: n + 1 }, (_, i) => (i === 0 ? 0 : Infinity))
  const from: Int32Array[] = []
  for (let k = 1; k <= Math.min(most, n); k += 1) {
    const next = new Array<number>(n + 1).fill(Infinity)
    const begin = new Int32Array(n + 1)
    for (let i = 0; i <= n; i += 1)
      for (let j = 0; j < i; j += 1) {
        const all = (cost[j] ?? Infinity) + roundedUp(order[j] ?? 0) * (i - j)
        if (all < (next[i] ?? Infinity)) {
          next[i] = all
          begin[i] = j
        }
      }
    // Fewer lengths of the same wire are as good.
    if (k > 1 && (next[n] ?? Infinity) >= (cost[n] ?? Infinity)) break
    cost = next
    from.push(begin)
  }
  const lengths: CutLength[] = []
  for (let k = from.length - 1, i = n; k >= 0 && i > 0; k -= 1) {
    const j = from[k]?.[i] ?? 0
    lengths.unshift({ lengthMm: roundedUp(order[j] ?? 0), count: i - j })
    i = j
  }
  const totalMm = lengths.reduce((sum, { lengthMm, count }) => sum + lengthMm * count, 0)
  return { lengths, totalMm, wasteMm: totalMm - needed.reduce((sum, length) => sum + length, 0) }
}
