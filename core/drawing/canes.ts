import type { DressKind, Habitus, Node, Skeleton } from '../growth/types'
import type { Random } from '../units'
import { dressTwigs } from './foliage'
import type { BladeWork } from './fronds'
import type { Twig } from './twigs'

/** Bamboo: canes that are wood, and leaves on short twigs along their upper part. */
export function caneWork(
  skeleton: Skeleton,
  chains: readonly Node[][],
  plant: Habitus,
  dress: DressKind,
  random: Random,
): BladeWork {
  const twigs: Twig[] = []
  const each = Math.ceil(900 / Math.max(1, chains.length))
  const low = plant.clearStemMm / plant.heightMm
  for (const chain of chains)
    for (let i = 0; i < each; i += 1) {
      const t = low + (1 - low) * random()
      const at = t * (chain.length - 1)
      const [a, b] = [chain[Math.floor(at)], chain[Math.min(chain.length - 1, Math.floor(at) + 1)]]
      if (!a || !b) continue
      const s = at - Math.floor(at)
      const from = { x: a.x + (b.x - a.x) * s, y: a.y + (b.y - a.y) * s, z: a.z + (b.z - a.z) * s }
      const angle = random() * 2 * Math.PI
      const out = plant.crownWidthMm * 0.2 * (0.4 + 0.6 * random()) * (1.1 - 0.6 * t)
      twigs.push({
        from,
        to: {
          x: from.x + Math.cos(angle) * out,
          y: Math.min(plant.heightMm, from.y + out * (0.4 - 0.9 * random())),
          z: from.z + Math.sin(angle) * out,
        },
        dMm: plant.heightMm * 0.001,
      })
    }
  return {
    lines: [],
    organs: [],
    woody: skeleton.nodes.map(() => true),
    foliage: dressTwigs(twigs, skeleton, plant, dress, random),
  }
}
