/** So many are offered in a list to pick from: of more, those around the one in hand; the rest is found by its name. */
export const MOST_OFFERED = 200

/** So many of a list around a place in it, in their order. */
export function windowOf<T>(list: readonly T[], at: number, most = MOST_OFFERED): readonly T[] {
  if (list.length <= most) return list
  const first = Math.max(0, Math.min(list.length - most, at - Math.floor(most / 2)))
  return list.slice(first, first + most)
}
