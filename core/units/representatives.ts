/**
 * Of very many, so many that stand for all: the middle of each of as many equal shares, in order of size. Sums over
 * them, times how many each stands for, are sums over all within a fraction of a percent.
 * @param size what they are ordered by
 * @returns all of them, in their own order, where there are no more than `most`
 */
export function representatives<T>(all: readonly T[], size: (one: T) => number, most: number): readonly T[] {
  if (all.length <= most) return all
  const sizes = Float64Array.from(all, size)
  const sorted = sizes.toSorted()
  const middles = Array.from(
    { length: most },
    (_, i) => sorted[Math.floor(((i + 0.5) / most) * sorted.length)] as number,
  )
  const wanted = new Set(middles)
  const first = new Map<number, T>()
  for (const [i, one] of sizes.entries()) if (wanted.has(one) && !first.has(one)) first.set(one, all[i] as T)
  return middles.map((one) => first.get(one) as T)
}
