import type { Random } from '../units'
import { colonise } from './colonise'
import { crownVolume, fillCrown } from './envelope'
import { setTips, sprout } from './pipes'
import type { Habitus, Node, Skeleton } from './types'

/** A stem with limbs, or several stems, grown into the crown's outline. Yields its progress. */
export function* growCrown(plant: Habitus, tips: number, random: Random): Generator<number, Node[]> {
  const points = fillCrown(plant, Math.round(tips * 1.12), random)
  const spacing = Math.cbrt(crownVolume(plant) / Math.max(1, points.length)) * (plant.lobes > 0 ? 0.86 : 1)
  const nodes = stems(plant, spacing * 0.42, random)
  const upward = 0.14 - 0.42 * plant.droop * (plant.droop > 0 ? 0.4 : 1)
  for (const share of colonise(nodes, points, spacing, { upward, wander: 0.42 }, random)) yield share
  const set = setTips(nodes, tips, spacing * 0.42, random)
  return plant.droop >= 0.5 ? hang(set, plant, random) : set
}

/** How high the stem runs as one before its limbs take over, as a share of the crown's depth. From memory. */
function leaderShare(plant: Habitus): number {
  switch (plant.crownForm) {
    case 'columnar':
      return 0.9
    case 'conical':
      return 0.86
    case 'ovate':
      return 0.62
    case 'layered':
      return 0.74
    case 'irregular':
      return plant.habit === 'conifer' ? 0.66 : 0.4
    case 'flat-topped':
      return 0.3
    case 'vase':
      return 0.08
    default:
      return 0.34
  }
}

function stems(plant: Habitus, step: number, random: Random): Node[] {
  const nodes: Node[] = []
  const low = Math.max(plant.clearStemMm, plant.crownBaseMm)
  const many = plant.stems > 1
  const top = low + (plant.heightMm - low) * (many ? 0.2 : leaderShare(plant))
  for (let stem = 0; stem < plant.stems; stem += 1) {
    const angle = (stem / plant.stems) * 2 * Math.PI + random()
    const foot = many ? plant.crownWidthMm * 0.04 * random() + plant.crownWidthMm * 0.02 : 0
    const spread = many
      ? plant.crownWidthMm * (0.08 + 0.16 * random())
      : plant.heightMm * 0.02 * (random() - 0.5)
    const bow = many
      ? plant.crownWidthMm * 0.03 * (random() - 0.5)
      : plant.heightMm * 0.022 * (random() - 0.5)
    const waver = random() * 6
    const height = many ? top * (0.75 + 0.5 * random()) : top
    const steps = Math.max(2, Math.round(height / step))
    for (let i = 0; i <= steps; i += 1) {
      const t = i / steps
      const out = foot + spread * t
      nodes.push(
        sprout(
          {
            x: Math.cos(angle) * out + bow * Math.sin(t * Math.PI * 1.4 + waver) - bow * Math.sin(waver),
            y: height * t,
            z: Math.sin(angle) * out,
          },
          i === 0 ? -1 : nodes.length - 1,
        ),
      )
    }
  }
  return nodes
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
