import { sizeClasses, type SizeClass, type Sorting } from './sprigs'

/** What a sharing gives to one of several lines that wanted trees. */
export interface LineShare {
  /** Trees that have their sprigs. */
  readonly served: number
  /** How many sprigs of each class go into them; classes without any are left out. */
  readonly taken: readonly (SizeClass & { readonly count: number })[]
}

/**
 * Shares out by line what was shared out by tree.
 * @param trees how many trees each line wanted, in the order in which their wishes were put one after the other
 * @param lengthsMm of all sprigs, by place
 */
export function sharesByLine(
  { served }: Pick<Sorting, 'served'>,
  trees: readonly number[],
  lengthsMm: readonly number[],
): LineShare[] {
  let from = 0
  return trees.map((count) => {
    const [first, end] = [from, from + count]
    from = end
    const own = served.filter(({ wanted }) => wanted >= first && wanted < end)
    const lengths = own.flatMap(({ sprigs }) => sprigs.map((sprig) => lengthsMm[sprig] ?? 0))
    const taken = sizeClasses.flatMap((of) => {
      const within = lengths.filter((mm) => mm >= of.fromMm && mm < of.toMm).length
      return within > 0 ? [{ ...of, count: within }] : []
    })
    return { served: own.length, taken }
  })
}

/** Lengths of the sprigs of a sorted heap, mm: nobody has measured them, so they lie evenly over its class. */
export const heapLengths = ({ fromMm, toMm }: SizeClass, count: number): number[] =>
  Array.from({ length: count }, (_, i) => fromMm + ((i + 0.5) / count) * (toMm - fromMm))
