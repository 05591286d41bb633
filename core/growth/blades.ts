import type { Random } from '../units'
import { sprout } from './pipes'
import type { Habitus, Node, Point } from './types'

/** Shoots to a stem of the species, by habit. */
const shootsEach: Partial<Record<Habitus['habit'], number>> = { fern: 2, herb: 1, reed: 2 }
/** How tall leaves are beside culms, at least and at most. From memory. */
const LEAFY = [0.26, 0.6] as const

/**
 * Grasses, reeds, ferns and herbs: each shoot from its own foot, as a chain of nodes that bends out and over.
 * Of a grass's or a rush's shoots a share are culms, as tall as the plant; the others are its leaves.
 */
export function growBlades(plant: Habitus, random: Random): Node[] {
  const nodes: Node[] = []
  const { habit } = plant
  const upright = habit === 'reed' || habit === 'herb'
  const basal = habit === 'grass' || (habit === 'reed' && plant.arrangement === 'basal')
  const culms = basal ? plant.branching.leader : 1
  const links = habit === 'fern' ? 9 : 6
  const shoots = Math.max(1, plant.tips ?? plant.stems * (shootsEach[habit] ?? 3))
  for (let i = 0; i < shoots; i += 1) {
    const angle = i * 2.39996 + random() * 0.5
    const share = Math.sqrt((i + 0.5) / shoots)
    const culm = i === 0 || (i * 0.618) % 1 < culms
    const least = !basal ? (upright ? 0.72 : 0.52) : culm ? 0.74 : LEAFY[0]
    const most = !basal ? (upright ? 0.98 : 0.96) : culm ? 1 : habit === 'reed' ? 0.94 : LEAFY[1]
    const tall =
      i === 0
        ? 1
        : habit === 'reed' && basal && !culm
          ? 0.66 + 0.28 * random()
          : least + (most - least) * random()
    const out = (plant.crownWidthMm / 2) * share * (0.75 + 0.25 * random())
    const foot = upright && !basal ? out * 0.5 : out * 0.16
    const bends = culm && basal ? { ...plant, droop: Math.min(0.1, plant.droop * 0.3) } : plant
    let parent = -1
    for (let k = 0; k <= links; k += 1) {
      const { r, y } = bladeAt(bends, k / links, {
        foot,
        out: culm && basal ? out * 0.7 : out,
        height: plant.heightMm * tall,
      })
      parent = nodes.push(sprout({ x: Math.cos(angle) * r, y, z: Math.sin(angle) * r }, parent)) - 1
    }
  }
  return nodes
}

/** Along a blade, t from foot to tip: how far out and how high. What droops passes its top and comes down again. */
function bladeAt(
  plant: Habitus,
  t: number,
  { foot, out, height }: { foot: number; out: number; height: number },
): { r: number; y: number } {
  // A single frond stands on its stalk and is held level above it.
  if (plant.habit === 'fern' && plant.arrangement === 'alternate') {
    const stalk = 0.5
    const over = Math.max(0, (t - stalk) / (1 - stalk))
    return {
      r: foot + (out - foot) * (0.25 * t + 0.75 * over),
      y: height * Math.min(1, (t / stalk) ** 0.85 * 0.9 + 0.1 * Math.sin(over * 2.2)),
    }
  }
  const droop = Math.max(0, plant.droop) * (plant.habit === 'fern' ? 1.1 : 0.9)
  const bend = t ** (1.5 + Math.max(0, -plant.droop))
  const rise = t - droop * 0.5 * t * t * t
  const top = droop <= 2 / 3 ? 1 - droop * 0.5 : Math.sqrt(2 / (3 * droop)) * (2 / 3)
  return { r: foot + (out - foot) * bend, y: (height * rise) / top }
}

/** A palm: a stem without limbs, slightly bowed, and a head of fronds that rise, arch and hang. */
export function growPalm(plant: Habitus, random: Random): Node[] {
  const nodes: Node[] = []
  const head = Math.max(plant.clearStemMm, plant.heightMm * 0.12)
  const bow = plant.heightMm * 0.05 * plant.droop * (random() < 0.5 ? -1 : 1) * (0.5 + random())
  let stem = -1
  for (let k = 0; k <= 12; k += 1) {
    const t = k / 12
    stem = nodes.push(sprout({ x: bow * (t * t - t * 0.3), y: head * t, z: 0 }, stem)) - 1
  }
  const crown = nodes[stem]
  if (!crown) return nodes
  const fronds = plant.tips ?? (plant.arrangement === 'fan' ? 30 : 34)
  const reach = plant.crownWidthMm / 2
  for (let i = 0; i < fronds; i += 1) {
    const angle = i * 2.39996
    // Young fronds stand at the middle, old ones hang below.
    const age = (i + 0.5) / fronds
    const rise = (plant.heightMm - head) * (1.02 - 1.25 * age)
    const fall = (head - plant.crownBaseMm) * (0.35 + 0.65 * age) * (0.4 + 0.6 * Math.max(0, plant.droop))
    const long =
      reach * (0.5 + 0.5 * Math.sin(Math.PI * Math.min(1, 0.22 + 0.6 * age))) * (0.9 + 0.1 * random())
    let parent = stem
    for (let k = 1; k <= 7; k += 1) {
      const t = k / 7
      const at: Point = {
        x: crown.x + Math.cos(angle) * long * t ** 0.85,
        y: head + rise * Math.sin(Math.min(1, t * 1.15) * Math.PI * 0.5) - fall * t ** 2.4,
        z: Math.sin(angle) * long * t ** 0.85,
      }
      parent = nodes.push(sprout({ ...at, y: Math.min(plant.heightMm, at.y) }, parent)) - 1
    }
  }
  return nodes
}
