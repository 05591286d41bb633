import { exchange } from './exchange'
import { fewGrains, halfMixes } from './halves'
import { nearestInHull } from './hull'
import { Best, poolOf, type Pool } from './pool'
import { prove } from './prove'
import type { NoSolution, BlendSearch, Solution } from './search'

/**
 * Whole parts of the grains that come nearest to an aim: first by exchanging parts from many beginnings, then by
 * branch and bound over all mixtures. A mix lies within the fence of a difference when for each plane the sum over
 * its parts of area × (how far beyond the plane the grain lies) is not above 0: this is linear in the parts, so what
 * can't come back inside with the parts that are left is given up.
 */
export function nearestMix(search: BlendSearch): Solution | NoSolution {
  const pool = poolOf(search)
  if (pool.count === 0 || pool.forcedParts > pool.mostParts) return { kind: 'none', proven: true }
  const best = new Best(pool, search)
  exchange(pool, best)
  if (!best.done) halfMixes(pool, best)
  if (!best.done) fewGrains(pool, best)
  const proven = best.done || prove(pool, best)
  if (!best.counts) return { kind: 'none', proven }
  const counts = best.counts
  return {
    kind: 'found',
    parts: search.grains.flatMap(({ material }, i) => {
      const parts = counts[i] ?? 0
      return parts > 0 ? [{ materialId: material.id, parts }] : []
    }),
    off: best.off,
    proven,
    nothingBelow: proven ? Math.max(0, best.off - best.enough) : Math.min(best.off, bound(pool)),
  }
}

/** A difference that no mix of the grains keeps below: a plane parts what is as near from all of them. */
function bound({ aim, place, count }: Pool): number {
  const { distance, direction } = nearestInHull(place)
  if (distance < 1e-6) return 0
  let least = Infinity
  for (let i = 0; i < count; i += 1) {
    const [x, y, z] = [place[i * 3] ?? 0, place[i * 3 + 1] ?? 0, place[i * 3 + 2] ?? 0]
    least = Math.min(least, x * direction[0] + y * direction[1] + z * direction[2])
  }
  let [below, above] = [0, 2 * distance]
  for (let i = 0; i < 20; i += 1) {
    const middle = (below + above) / 2
    if ((aim.fence(middle, [direction])[0] ?? Infinity) < least) below = middle
    else above = middle
  }
  return below
}
