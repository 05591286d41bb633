import type { Random } from '../units'
import { colonise } from './colonise'
import { fillCrown } from './envelope'
import { frameOf, hasArms, spacingOf } from './limbs'
import { setTips, sprout } from './pipes'
import type { Habitus, Node, Skeleton } from './types'

/** Of all points that draw shoots, so many to a tip that is wanted. */
const POINTS_TO_A_TIP = 1.12

/** A stem with limbs, or several stems, grown out into the crown's outline. Yields its progress. */
export function* growCrown(plant: Habitus, tips: number, random: Random): Generator<number, Node[]> {
  const count = Math.round(tips * POINTS_TO_A_TIP)
  const spacing = spacingOf(plant, count) * (plant.lobes > 0 ? 0.86 : 1)
  const { nodes, masses } = frameOf(plant, spacing * 0.5, random)
  if (hasArms(plant)) return nodes
  const points = fillCrown(plant, masses, count, random)
  const upward = 0.14 - 0.42 * plant.droop * (plant.droop > 0 ? 0.4 : 1)
  const wander = 0.3 + 0.3 * plant.branching.crook
  for (const share of colonise(nodes, points, spacing, { upward, wander }, random)) yield share
  const set = setTips(nodes, tips, spacing * 0.42, random)
  return plant.droop >= 0.5 ? hang(set, plant, random) : set
}

/** Hanging shoots: strands that leave every tip outward, turn over and fall towards the crown's base. */
function hang(nodes: Node[], plant: Habitus, random: Random): Node[] {
  const isParent = new Uint8Array(nodes.length)
  for (const node of nodes) if (node.parent >= 0) isParent[node.parent] = 1
  const grown = nodes.length
  const most = plant.heightMm * (plant.crownForm === 'weeping' ? 0.6 : 0.13 * plant.droop)
  for (let tip = 0; tip < grown; tip += 1) {
    const at = nodes[tip]
    if (!at || isParent[tip]) continue
    const drop = Math.min(at.y - plant.crownBaseMm, most * (0.35 + 0.65 * random()))
    if (drop < plant.heightMm * 0.02) continue
    const out = Math.hypot(at.x, at.z) || 1
    const links = Math.max(3, Math.min(9, Math.round(drop / (plant.heightMm * 0.05))))
    let parent = tip
    for (let k = 1; k <= links; k += 1) {
      const t = k / links
      const away = plant.crownWidthMm * 0.03 * Math.sin(Math.min(1, t * 1.6) * Math.PI * 0.5)
      parent =
        nodes.push(
          sprout(
            {
              x: at.x + (at.x / out) * away + (random() - 0.5) * drop * 0.04,
              y: at.y - drop * t ** 1.35,
              z: at.z + (at.z / out) * away + (random() - 0.5) * drop * 0.04,
            },
            parent,
          ),
        ) - 1
    }
  }
  return nodes
}

/** Roots that spread from the foot: the flare of the stem. Their cross-sections together make the stem's. */
export function rootsOf(plant: Habitus, random: Random): Skeleton['roots'] {
  if (plant.trunkMm <= 0 || plant.stems > 1) return []
  const count = 5
  const turn = random() * 2 * Math.PI
  const dMm = plant.trunkMm / Math.sqrt(count)
  return Array.from({ length: count }, (_, i) => {
    const angle = turn + ((i + 0.3 * random()) / count) * 2 * Math.PI
    const out = plant.trunkMm * (0.8 + 0.35 * random())
    const on = (r: number, y: number, d: number) => ({
      x: Math.cos(angle) * r,
      y,
      z: Math.sin(angle) * r,
      dMm: d,
    })
    return [
      on(plant.trunkMm * 0.24, plant.trunkMm * 1.3, dMm),
      on(plant.trunkMm * 0.42, plant.trunkMm * 0.4, dMm),
      on(out, 0, dMm * 0.4),
    ]
  })
}
