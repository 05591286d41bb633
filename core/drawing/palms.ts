import type { Habitus, Node, Skeleton } from '../growth/types'
import type { Random } from '../units'
import { fan, frond, leafBlade, traits, type BladeWork, type FrondLine } from './fronds'
import { OrganPart, type Organ } from './organs'

/** Palms, and what else has a head of fronds, swords or paddles on a stem without limbs. */
export function palmWork(
  skeleton: Skeleton,
  chains: readonly Node[][],
  plant: Habitus,
  random: Random,
): BladeWork {
  const lines: FrondLine[] = []
  const organs: Organ[] = []
  const stem = new Set(chains[0]?.filter((node) => chains[1]?.includes(node)) ?? [])
  for (const chain of chains) {
    const rib = chain.slice(chain.findLastIndex((node) => stem.has(node)))
    if (plant.arrangement === 'fan') fan(lines, rib, plant, random)
    else if (plant.arrangement === 'basal') sword(lines, rib, plant, random)
    else if (plant.arrangement === 'alternate') paddle(lines, rib, plant, random)
    else
      frond(
        lines,
        rib,
        {
          leafletMm: plant.crownWidthMm * 0.15,
          width: 0.12,
          ribMm: plant.crownWidthMm * 0.012,
          first: 0.12,
          per: 5,
          hang: 0.35 + 0.35 * Math.max(0, plant.droop),
        },
        random,
      )
  }
  const top = chains[0]?.findLast((node) => stem.has(node))
  if (top)
    for (let i = 0; i < 48; i += 1) {
      const r = plant.crownWidthMm * 0.011
      organs.push({
        x: top.x + (random() - 0.5) * plant.crownWidthMm * 0.16,
        y: top.y - plant.crownWidthMm * (0.02 + 0.1 * random()),
        z: top.z + plant.crownWidthMm * (0.02 + 0.06 * random()),
        ax: 0,
        ay: r,
        az: 0,
        halfMm: r * 0.8,
        tone: 0.3 + 0.6 * random(),
        rank: 0.05 * random(),
        part: OrganPart.fruit,
      })
    }
  return { lines, organs, woody: skeleton.nodes.map((node) => stem.has(node)) }
}

/** Stiff narrow leaves in the place of a frond, as a yucca has them: several to each. */
function sword(lines: FrondLine[], rib: readonly Node[], plant: Habitus, random: Random): void {
  const foot = rib[0]
  const tip = rib[rib.length - 1]
  if (!foot || !tip) return
  for (let k = 0; k < 7; k += 1) {
    const stray = (): number => (random() - 0.5) * plant.crownWidthMm * 0.3
    const to = { x: tip.x + stray(), y: Math.min(plant.heightMm, tip.y + stray() * 0.8), z: tip.z + stray() }
    leafBlade(lines, foot, to, plant.crownWidthMm * 0.014, traits(random, 0.85))
  }
}

/** A banana's leaf: one broad blade on both sides of its rib, torn into strips that hang. */
function paddle(lines: FrondLine[], rib: readonly Node[], plant: Habitus, random: Random): void {
  frond(
    lines,
    rib,
    {
      leafletMm: plant.crownWidthMm * 0.15,
      width: 0.5,
      ribMm: plant.crownWidthMm * 0.014,
      first: 0.16,
      per: 4,
      hang: 0.3,
    },
    random,
  )
}
