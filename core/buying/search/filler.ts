/**
 * What it costs to spend so much more at a supplier, in whole packs of what is on the list: for a parcel that goes free
 * from some sum on. Unbounded knapsack, by each sum.
 */
export interface Filler {
  /** Least that is paid for a gap, in hundredths. */
  readonly cost: (gapMinor: number) => number
  /** Which prices fill it. */
  readonly prices: (gapMinor: number) => number[]
}

/** @param prices of packs at this supplier, in hundredths, above 0 @param mostMinor the largest gap that is asked */
export function fillerOf(prices: readonly number[], mostMinor: number): Filler {
  const kinds = [...new Set(prices)].filter((price) => price > 0)
  const most = Math.max(0, Math.ceil(mostMinor))
  const paid = new Float64Array(most + 1).fill(Infinity)
  const last = new Int32Array(most + 1)
  paid[0] = 0
  for (let gap = 1; gap <= most; gap += 1)
    for (const price of kinds) {
      const cost = price + (paid[Math.max(0, gap - price)] ?? Infinity)
      if (cost < (paid[gap] ?? Infinity)) {
        paid[gap] = cost
        last[gap] = price
      }
    }
  const whole = (gapMinor: number): number => Math.max(0, Math.ceil(gapMinor - 1e-6))
  return {
    cost: (gapMinor) => paid[whole(gapMinor)] ?? Infinity,
    prices(gapMinor) {
      const packs: number[] = []
      for (let gap = whole(gapMinor); gap > 0;) {
        const price = last[gap] ?? 0
        if (price === 0) break
        packs.push(price)
        gap = Math.max(0, gap - price)
      }
      return packs
    },
  }
}
