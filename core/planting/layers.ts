import type { Grouping, Species } from '../plants'

export const layers = ['tree', 'shrub', 'ground'] as const
export type PlantLayer = (typeof layers)[number]

/** Canes with a clear stem, as bamboo's, stand among the trees. */
export const layerOf = ({ habit, clearStem }: Pick<Species, 'habit' | 'clearStem'>): PlantLayer =>
  habit === 'shrub' || habit === 'climber'
    ? 'shrub'
    : habit === 'broadleaf' ||
        habit === 'conifer' ||
        habit === 'palm' ||
        (habit === 'reed' && clearStem !== 0)
      ? 'tree'
      : 'ground'

/** How plants stand together, in words. */
export const groupingWords: Record<Grouping, string> = {
  alone: 'stands alone',
  few: 'a few together',
  grove: 'in groves',
  drift: 'in drifts',
  row: 'in rows',
  bed: 'in a bed',
  carpet: 'close together',
}

/**
 * Odd groups that add up to about as many pieces: as large as the kind stands together, the rest smaller, one
 * left over alone.
 */
export function layerGroupsOf({ groups }: Pick<Species, 'groups'>, pieces: number): number[] {
  const odd = (n: number): number => (n % 2 === 1 ? n : n - 1)
  const [least, most] = groups.size
  const sizes: number[] = []
  let left = pieces
  for (let i = 0; left > 0; i += 1) {
    const wanted = Math.max(1, odd(Math.round(i % 2 === 0 ? most : (least + most) / 2)))
    const size = Math.max(1, odd(Math.min(wanted, left)))
    sizes.push(size)
    left -= size
  }
  return sizes.sort((a, b) => b - a)
}
