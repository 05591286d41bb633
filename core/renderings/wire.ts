import { bundleMm, proposedStrands, rootsFor, stoutStrands, wantedStoutMm, wireTree } from '../armature'
import type { PlantDrawing } from '../drawing'
import type { Habitus, Point, Skeleton } from '../growth'
import { seededRandom } from '../units'
import { eachWood, WoodLines } from './lines'

/** Thickness of bark on the trunk, mm, and the lay of a twist by the bundle's thickness. From memory. */
export const BARK_MM = 0.5
const PITCH = 4.5
/** How long the two clipped ends of a tip are, by the height. From memory. */
const CLIPPED = 0.016

/**
 * The tree as it is twisted from wire: bundles whose strands wind about one another, of the thickness that so
 * many strands make, and two clipped ends at each tip; finer twigs are sprig tips glued on.
 */
export function asWire(
  drawing: PlantDrawing,
  skeleton: Skeleton,
  plant: Habitus,
  seed: number,
): PlantDrawing {
  if (skeleton.tips.length < 6) return drawing
  const strands = proposedStrands(plant.heightMm, 'front', 'usual', skeleton.tips.length)
  const stoutMm = wantedStoutMm(plant.trunkMm, strands, BARK_MM)
  const perStrandMm = (plant.trunkMm - 2 * BARK_MM) / bundleMm(strands, 1)
  const { parts } = wireTree(skeleton, strands)
  const random = seededRandom(seed ^ 0x3c6ef372)
  const wood = new WoodLines()
  const thick = (own: number): number =>
    own === 1 ? Math.max(perStrandMm, stoutMm * 0.45) : bundleMm(own, Math.max(perStrandMm, 0.15)) + BARK_MM
  const above = new Set(parts.map(({ parent }) => parent))
  for (const part of parts) {
    const d = thick(part.strands)
    twisted(wood, part.points, d, part.strands)
    const end = part.points.at(-1)
    const before = part.points.at(-2)
    if (!end || !before || above.has(part.id)) continue
    // The loop, clipped to two ends of uneven length.
    const length = plant.heightMm * CLIPPED
    for (const side of [-1, 1]) {
      const turn = random() * 2 * Math.PI
      const long = length * (0.6 + 0.8 * random())
      const [dx, dy, dz] = [end.x - before.x, end.y - before.y, end.z - before.z]
      const size = Math.hypot(dx, dy, dz) || 1
      wood.add(
        end,
        {
          x: end.x + long * ((0.85 * dx) / size + 0.5 * side * Math.cos(turn)),
          y: end.y + long * ((0.85 * dy) / size + 0.25 * side),
          z: end.z + long * ((0.85 * dz) / size + 0.5 * side * Math.sin(turn)),
        },
        d * 0.7,
        d * 0.6,
      )
    }
  }
  const [foot] = parts
  if (foot) rootsAndPin(wood, plant, thick(foot.strands), stoutStrands(strands), random)
  // Sprig tips: what is finer than a strand.
  const finest = thick(1)
  eachWood(drawing, (a, b, d1, d2) => {
    if (Math.max(d1, d2) < finest && a.y > plant.crownBaseMm * 0.7) wood.add(a, b, d1, d2)
  })
  return { ...drawing, wood: wood.toArray() }
}

/** A bundle along a way, with the ribs of its twist where it has more than two strands. */
function twisted(wood: WoodLines, points: readonly Point[], d: number, strands: number): void {
  const ribs = strands > 6 ? 3 : strands > 2 ? 2 : 0
  let along = 0
  points.slice(1).forEach((b, i) => {
    const a = points[i]
    if (!a) return
    wood.add(a, b, d, d)
    const length = Math.hypot(b.x - a.x, b.y - a.y, b.z - a.z)
    if (ribs === 0 || length < 1e-6) {
      along += length
      return
    }
    const [ux, uy, uz] = [(b.x - a.x) / length, (b.y - a.y) / length, (b.z - a.z) / length]
    // Two directions across the bundle.
    const [px, py, pz] = Math.abs(uy) < 0.9 ? [uz, 0, -ux] : [1, -ux / (uy || 1), 0]
    const p = Math.hypot(px, py, pz) || 1
    const [ax, ay, az] = [px / p, py / p, pz / p]
    const [bx, by, bz] = [uy * az - uz * ay, uz * ax - ux * az, ux * ay - uy * ax]
    const steps = Math.max(1, Math.ceil(length / (d * 0.7)))
    for (let rib = 0; rib < ribs; rib += 1) {
      const at = (share: number): Point => {
        const turn = 2 * Math.PI * ((along + share * length) / (PITCH * d) + rib / ribs)
        const [c, s] = [Math.cos(turn) * d * 0.34, Math.sin(turn) * d * 0.34]
        return {
          x: a.x + ux * length * share + ax * c + bx * s,
          y: a.y + uy * length * share + ay * c + by * s,
          z: a.z + uz * length * share + az * c + bz * s,
        }
      }
      for (let k = 0; k < steps; k += 1) wood.add(at(k / steps), at((k + 1) / steps), d * 0.5, d * 0.5)
    }
    along += length
  })
}

/** Roots of two to four strands, spread over the ground. */
function rootsAndPin(
  wood: WoodLines,
  plant: Habitus,
  trunk: number,
  strands: number,
  random: () => number,
): void {
  const { each } = rootsFor(strands)
  each.forEach((own, i) => {
    const turn = ((i + 0.3 * random()) / each.length) * 2 * Math.PI
    const d = Math.max(trunk * Math.sqrt(own / strands), trunk * 0.2)
    const reach = plant.heightMm * (0.06 + 0.05 * random())
    const at = (share: number): Point => ({
      x: Math.cos(turn) * reach * share,
      y: trunk * 0.8 * (1 - share) ** 2,
      z: Math.sin(turn) * reach * share,
    })
    for (const share of [0, 1 / 3, 2 / 3])
      wood.add(at(share), at(share + 1 / 3), d * (1 - share * 0.5), d * (0.84 - share * 0.5))
  })
}
