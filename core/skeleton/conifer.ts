import { crownProfile } from '../plants'
import { seededRandom } from '../units'
import type { Habitus, Node, Skeleton } from './types'

/**
 * A conifer with a leader and whorls: limbs that rise at the top, lie level in the middle and hang at the foot,
 * each with side twigs. Common practice for the shape; the angles are from memory.
 * @param seed the same seed gives the same plant
 */
export function growConifer(plant: Habitus, seed: number): Skeleton {
  const random = seededRandom(seed)
  const nodes: Node[] = []
  const tips: number[] = []
  const depth = plant.heightMm - plant.clearStemMm
  const stem: number[] = []
  const steps = 40
  for (let i = 0; i <= steps; i += 1) {
    const t = i / steps
    stem.push(nodes.push({ x: 0, y: plant.heightMm * t, z: 0, parent: i === 0 ? -1 : i - 1, dMm: Math.max(0.12, plant.trunkMm * (1 - 0.95 * t)) }) - 1)
  }
  const whorls = 34
  for (let w = 0; w < whorls; w += 1) {
    const t = (w + 0.35 * random()) / whorls
    const y = plant.clearStemMm + depth * t
    const at = stem[Math.min(steps, Math.round((y / plant.heightMm) * steps))] ?? 0
    const limbs = 6 + Math.floor(random() * 2)
    for (let limb = 0; limb < limbs; limb += 1) {
      const angle = ((limb + random() * 0.7) / limbs) * 2 * Math.PI
      const length = crownProfile(plant.crownForm, t) * (plant.crownWidthMm / 2) * (0.82 + 0.22 * random())
      const droop = -0.55 + 1.05 * t
      let parent = at
      const parts = 5
      for (let k = 1; k <= parts; k += 1) {
        const s = k / parts
        const lift = droop * length * s + 0.22 * length * s * s
        parent = nodes.push({ x: Math.cos(angle) * length * s, y: y + lift, z: Math.sin(angle) * length * s, parent, dMm: Math.max(0.1, plant.trunkMm * 0.16 * (1 - 0.8 * s) * (1 - 0.6 * t)) }) - 1
        tips.push(parent)
      }
    }
  }
  tips.push(stem[steps] ?? 0, stem[steps - 1] ?? 0)
  return { nodes, tips }
}
