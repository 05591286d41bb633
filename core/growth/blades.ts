import type { Random } from '../units'
import { GOLDEN_ANGLE } from './golden-angle'
import { sprout } from './pipes'
import type { Habitus, Node, Point } from './types'

/** Shoots to a stem of the species, by habit. */
const shootsEach: Partial<Record<Habitus['habit'], number>> = { fern: 2, herb: 1, reed: 2 }
/** How tall shoots are, at least and at most, by the plant: leaves beside culms, culms, other shoots. From memory. */
const TALL = {
  leaf: [0.26, 0.6],
  sword: [0.66, 0.94],
  culm: [0.74, 1],
  stem: [0.72, 0.98],
  frond: [0.52, 0.96],
} as const
/** More shoots than these would not be told apart in a patch. */
const MOST_SHOOTS = 420

/**
 * Grasses, reeds, ferns and herbs: each shoot from its own foot, as a chain of nodes that bends out and over.
 * Of a grass's or a rush's shoots a share are culms, as tall as the plant; the others are its leaves. In a row,
 * as a patch of grass or a field has them, shoots stand all over it.
 */
export function growBlades(plant: Habitus, random: Random): Node[] {
  const nodes: Node[] = []
  const links = plant.habit === 'fern' ? 9 : 6
  const own = plant.tips ?? plant.stems * (shootsEach[plant.habit] ?? 3)
  const { row } = plant
  const shoots = Math.max(1, row ? Math.round(shootsOver(plant, row.lengthMm, own) * (row.share ?? 1)) : own)
  // Kinds that share a patch stand between each other.
  const first = row?.share === undefined ? 0 : Math.floor(random() * 997)
  for (let i = 0; i < shoots; i += 1) {
    const angle = i * GOLDEN_ANGLE + random() * 0.5
    const shoot = shootOf(plant, i, shoots, random)
    const at = row ? placeIn(plant, row.lengthMm, first + i) : { x: 0, z: 0 }
    let parent = -1
    for (let k = 0; k <= links; k += 1) {
      const { r, y } = bladeAt(shoot.plant, k / links, shoot)
      parent =
        nodes.push(sprout({ x: at.x + Math.cos(angle) * r, y, z: at.z + Math.sin(angle) * r }, parent)) - 1
    }
  }
  return nodes
}

/** A patch is so many times as deep as one plant is wide. */
const PATCH_DEPTH = 1.6

/** Shoots of a patch: as close as in one plant. */
function shootsOver({ crownWidthMm }: Habitus, lengthMm: number, own: number): number {
  const plants = (lengthMm * crownWidthMm * PATCH_DEPTH) / ((Math.PI / 4) * crownWidthMm ** 2)
  return Math.min(MOST_SHOOTS, Math.round(own * plants))
}

/** Feet spread evenly over a patch (an additive recurrence, Roberts' R2), half a plant short of its ends. */
function placeIn({ crownWidthMm }: Habitus, lengthMm: number, i: number): { x: number; z: number } {
  const room = Math.max(0, lengthMm - crownWidthMm)
  return {
    x: (((i + 1) * 0.7548776662) % 1) * room - room / 2,
    z: ((((i + 1) * 0.5698402909) % 1) - 0.5) * crownWidthMm * PATCH_DEPTH,
  }
}

interface Shoot {
  readonly plant: Habitus
  readonly foot: number
  readonly out: number
  readonly height: number
}

function shootOf(plant: Habitus, i: number, shoots: number, random: Random): Shoot {
  const { habit, row } = plant
  const basal = habit === 'grass' || (habit === 'reed' && plant.arrangement === 'basal')
  const { leader } = plant.branching
  const culm = basal && leader > 0 && (i === 0 || (i * 0.618) % 1 < leader)
  const upright = habit === 'reed' || habit === 'herb'
  const [least, most] =
    TALL[culm ? 'culm' : basal ? (habit === 'reed' ? 'sword' : 'leaf') : upright ? 'stem' : 'frond']
  const share = row ? random() : Math.sqrt((i + 0.5) / shoots)
  const reach = (plant.crownWidthMm / 2) * share * (0.75 + 0.25 * random())
  return {
    // A culm stands straighter than the leaves about it.
    plant: culm ? { ...plant, droop: Math.min(0.1, plant.droop * 0.3) } : plant,
    foot: row ? 0 : upright && !basal ? reach * 0.5 : reach * 0.16,
    out: culm ? reach * 0.7 : reach,
    height: plant.heightMm * (i === 0 ? 1 : least + (most - least) * random()),
  }
}

/** Along a blade, t from foot to tip: how far out and how high. What droops passes its top and comes down again. */
function bladeAt(
  plant: Habitus,
  t: number,
  { foot, out, height }: Pick<Shoot, 'foot' | 'out' | 'height'>,
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
    const angle = i * GOLDEN_ANGLE
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
