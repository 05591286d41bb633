import type { Point, Skeleton } from '../growth/types'
import { LINE_STRIDE } from './strides'
import type { Twig } from './twigs'

/** A few hundred tips stand for many thousands: what is drawn thins out faster than their pipes do. From memory. */
const FINER = 1.22
/** The arms of what has no twigs are nearly as stout as its stem. */
const STOUT = 0.4
/** A limb leaves its stem so much thicker than it goes on, for a length of so many diameters. */
const COLLAR = 1.45
/** The stem's foot spreads by this share, and the spread is half gone a diameter up. From memory. */
const FLARE = 0.55

/**
 * Stem, limbs, roots and twigs as tapering lines: limbs grow out of the stem, the stem out of the ground.
 * @param armed whether it has a few stout arms instead of branches
 */
export function woodOf(
  { nodes, roots }: Skeleton,
  woody: readonly boolean[],
  twigs: readonly Twig[],
  armed: boolean,
): Float32Array {
  const rootPieces = roots.reduce((count, root) => count + root.length, 0)
  const numbers = new Float32Array((nodes.length + twigs.length + rootPieces) * LINE_STRIDE)
  let next = 0
  const line = (a: Point, b: Point, d1: number, d2: number): void => {
    numbers[next] = a.x
    numbers[next + 1] = a.y
    numbers[next + 2] = a.z
    numbers[next + 3] = b.x
    numbers[next + 4] = b.y
    numbers[next + 5] = b.z
    numbers[next + 6] = d1
    numbers[next + 7] = d2
    next += LINE_STRIDE
  }
  const thickest = nodes.reduce((most, node) => Math.max(most, node.dMm), 1e-6)
  const finer = armed ? STOUT : FINER
  const drawn = (dMm: number): number => thickest * (dMm / thickest) ** finer
  const flared = (dMm: number, yMm: number): number =>
    roots.length === 0 ? dMm : dMm * (1 + FLARE * 2 ** (-yMm / Math.max(1e-6, thickest)))
  nodes.forEach((node, i) => {
    const from = nodes[node.parent]
    if (!from || !woody[i]) return
    const own = drawn(node.dMm)
    const start = from.order === node.order ? drawn(from.dMm) : Math.min(drawn(from.dMm), own * COLLAR)
    line(from, node, flared(start, from.y), flared(own, node.y))
  })
  const finest = drawn(nodes.reduce((least, node) => Math.min(least, node.dMm), Infinity))
  for (const { from, to } of twigs) line(from, to, finest * 0.8, finest * 0.5)
  for (const root of roots)
    root.forEach((to, i) => {
      const from = root[i - 1]
      if (from) line(from, to, from.dMm, to.dMm)
    })
  return numbers.slice(0, next)
}
