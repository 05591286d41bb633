import { crownHalf } from '../growth/envelope'
import type { Habitus, Node, Point, Skeleton } from '../growth/types'
import type { Twig } from './twigs'

/** Heights that a crown's reach is looked at. */
const BANDS = 18
/** Twigs are drawn out, or in, to this share of the outline; leaves on them go a little further. */
const WANTED = 1
/** By no more than this. */
const LEAST = 0.88
const MOST = 1.3
/** A crown's top is not drawn flat. */
const MOST_ON_TOP = 1.02

/**
 * Draws a crown's wood and twigs out to its outline, height by height: growth stops half a step short of where
 * it is drawn to, which tells in a narrow crown. Hollows and bulges of its own stay.
 */
export function toOutline(
  skeleton: Skeleton,
  twigs: readonly Twig[],
  plant: Habitus,
): { readonly skeleton: Skeleton; readonly twigs: readonly Twig[] } {
  const depth = plant.heightMm - plant.crownBaseMm
  const bandOf = (y: number): number => ((y - plant.crownBaseMm) / depth) * BANDS - 0.5
  // How far twigs reach to the left, the right, the front and the back, band by band.
  const reach = new Float64Array(BANDS * 4)
  const widen = (at: number, mm: number): void => {
    if (mm > (reach[at] ?? 0)) reach[at] = mm
  }
  for (const { to } of twigs) {
    const band = Math.round(bandOf(to.y))
    if (band < 0 || band >= BANDS) continue
    widen(band * 4, -to.x)
    widen(band * 4 + 1, to.x)
    widen(band * 4 + 2, to.z)
    widen(band * 4 + 3, -to.z)
  }
  const factors = Array.from({ length: BANDS }, (_, i) => {
    const half = crownHalf(plant, plant.crownBaseMm + ((i + 0.5) / BANDS) * depth)
    const mean = [0, 1, 2, 3].reduce((sum, side) => sum + (reach[i * 4 + side] ?? 0), 0) / 4
    const most = i >= BANDS - 2 ? MOST_ON_TOP : MOST
    return mean > half * 0.2 ? Math.min(most, Math.max(LEAST, (WANTED * half) / mean)) : 1
  })
  const smooth = factors.map((factor, i) => {
    const [below, above] = [factors[i - 1] ?? factor, factors[i + 1] ?? factor]
    return (below + 2 * factor + above) / 4
  })
  const factorAt = (y: number): number => {
    const at = Math.min(BANDS - 1, Math.max(0, bandOf(y)))
    const low = Math.floor(at)
    const [a, b] = [smooth[low] ?? 1, smooth[Math.min(BANDS - 1, low + 1)] ?? 1]
    // The stem below the crown stays where it is.
    const inCrown = Math.min(
      1,
      Math.max(0, (y - plant.crownBaseMm * 0.8) / Math.max(1e-9, plant.crownBaseMm * 0.2)),
    )
    return 1 + (a + (b - a) * (at - low) - 1) * inCrown
  }
  const moved = ({ x, y, z }: Point): Point => {
    const factor = factorAt(y)
    return { x: x * factor, y, z: z * factor }
  }
  const nodes = skeleton.nodes.map((node): Node => {
    const factor = factorAt(node.y)
    return {
      x: node.x * factor,
      y: node.y,
      z: node.z * factor,
      parent: node.parent,
      dMm: node.dMm,
      order: node.order,
    }
  })
  return {
    skeleton: { ...skeleton, nodes },
    twigs: twigs.map(({ from, to, dMm }) => ({ from: moved(from), to: moved(to), dMm })),
  }
}
