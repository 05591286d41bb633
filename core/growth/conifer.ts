import { crownProfile } from '../plants/form'
import type { Random } from '../units'
import { sprout } from './pipes'
import type { Habitus, Node } from './types'

/** Whorls stand closer the lower they are. From memory. */
const DENSER_BELOW = 1.34

/**
 * A conifer with a leader and whorls: limbs that rise near the top and lie level or hang at the foot, by the
 * kind's angles, with tips that turn up again and side twigs in the limb's plane. Common practice for the
 * shape.
 */
export function growWhorls(plant: Habitus, tips: number, random: Random): Node[] {
  const nodes: Node[] = []
  const depth = plant.heightMm - plant.crownBaseMm
  const limbsEach = 6
  const twigsEach = 4
  const whorls = Math.max(7, Math.min(60, Math.round(tips / (limbsEach * (twigsEach + 1)))))
  const low = Math.max(plant.crownBaseMm, plant.heightMm * 0.01)
  const rise = depth / whorls
  const [angle0, angle1] = plant.branching.angle
  let stem = nodes.push(sprout({ x: 0, y: 0, z: 0 }, -1)) - 1
  for (let k = 1; k <= 4; k += 1) stem = nodes.push(sprout({ x: 0, y: (low * k) / 4, z: 0 }, stem)) - 1
  for (let w = 0; w < whorls; w += 1) {
    const limbs = limbsEach - (w > whorls * 0.85 ? 1 : 0) + Math.floor(random() * 2)
    const turn = random() * 2 * Math.PI
    for (let limb = 0; limb < limbs; limb += 1) {
      // A whorl is never quite one ring: its limbs leave the stem one a little above the other.
      const y = low + depth * (w / whorls) ** DENSER_BELOW + rise * 0.85 * (limb / limbs)
      const t = Math.min(0.995, (y - plant.crownBaseMm) / depth)
      stem = nodes.push(sprout({ x: 0, y, z: 0 }, stem)) - 1
      const angle = turn + ((limb * 2 + (limb >= limbs / 2 ? 1 : 0) + random() * 0.6) / limbs) * 2 * Math.PI
      const length = crownProfile(plant.crownForm, t) * (plant.crownWidthMm / 2) * (0.86 + 0.16 * random())
      growLimb(
        nodes,
        stem,
        {
          angle,
          length,
          slope:
            1 / Math.tan(((angle0 + (angle1 - angle0) * t ** 0.8) * Math.PI) / 180) + 0.12 * (random() - 0.5),
          turnUp: 0.18 + 0.3 * Math.max(0, plant.droop),
        },
        plant,
        twigsEach,
        random,
      )
    }
  }
  nodes.push(sprout({ x: 0, y: plant.heightMm, z: 0 }, stem))
  return nodes
}

interface Limb {
  readonly angle: number
  readonly length: number
  readonly slope: number
  readonly turnUp: number
}

function growLimb(
  nodes: Node[],
  from: number,
  { angle, length, slope, turnUp }: Limb,
  plant: Habitus,
  twigs: number,
  random: Random,
): void {
  const foot = nodes[from]
  if (!foot) return
  const at = (s: number, side: number): { x: number; y: number; z: number } => {
    const r = length * s
    const y = Math.max(plant.heightMm * 0.004, foot.y + slope * r + turnUp * length * s * s * 0.5)
    return {
      x: Math.cos(angle) * r - Math.sin(angle) * side,
      y: Math.min(plant.heightMm * 0.985, y),
      z: Math.sin(angle) * r + Math.cos(angle) * side,
    }
  }
  let axis = from
  for (let k = 1; k <= twigs; k += 1) {
    const s = k / (twigs + 0.6)
    axis = nodes.push(sprout(at(s, 0), axis, axis === from ? 1 : 0)) - 1
    const reach = length * (0.36 - 0.22 * s) * (0.7 + 0.5 * random())
    nodes.push(sprout(at(Math.min(1, s + 0.14), (k % 2 === 0 ? 1 : -1) * reach), axis, 1))
  }
  nodes.push(sprout(at(1, 0), axis))
}
