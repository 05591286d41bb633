import { requireRange, seededRandom, toTheEnd } from '../units'
import { growBlades, growPalm } from './blades'
import { growCrown, rootsOf } from './broadleaf'
import { growWhorls } from './conifer'
import { growHedge } from './hedge'
import { leeward } from './leeward'
import { thicken } from './pipes'
import type { Habitus, Node, Skeleton } from './types'

/** Tips that read well at 2 to 400 mm. */
const TREE_TIPS = 620
const SHRUB_TIPS = 320

/**
 * Grows the branching structure of a plant in three dimensions, inside the outline of its crown: whorls about
 * a leader for conical conifers, fronds on a stem for palms, a row of stems for a hedge, blades from the
 * ground for grasses, reeds, ferns and herbs, and space colonisation for all others. Thickness by the pipe
 * model. Yields its progress, 0–1, so that a worker can report it or stop.
 * @param seed the same seed gives the same plant
 * @throws RangeError when a measure is not a length, the crown's base is not below the top, or the tips are
 * not 1 to 20 000
 */
export function* growing(plant: Habitus, seed: number): Generator<number, Skeleton> {
  requireRange('height', plant.heightMm, 'mm', { above: 0 })
  requireRange('crown width', plant.crownWidthMm, 'mm', { above: 0 })
  requireRange('crown base', plant.crownBaseMm, 'mm', { min: 0, max: plant.heightMm * 0.95 })
  requireRange('trunk', plant.trunkMm, 'mm', { min: 0 })
  if (plant.tips !== undefined) requireRange('tips', plant.tips, '', { min: 1, max: 20_000 })
  const random = seededRandom(seed)
  const nodes = yield* structure(plant, random)
  nodes.forEach((node, i) => {
    if (node.y < 0) nodes[i] = { ...node, y: 0 }
  })
  const blown = leeward(plant)
  if (blown)
    nodes.forEach((node, i) => {
      nodes[i] = { ...node, x: blown(node.x, node.y) }
    })
  return thicken(
    nodes,
    Math.max(plant.trunkMm, plant.heightMm * 1e-4),
    plant.row ? [] : rootsOf(plant, random),
  )
}

function* structure(plant: Habitus, random: () => number): Generator<number, Node[]> {
  if (plant.row && plant.crownForm !== 'blades') return yield* growHedge(plant, plant.row, random)
  if (plant.crownForm === 'blades') return growBlades(plant, random)
  if (plant.habit === 'palm') return growPalm(plant, random)
  if (plant.habit === 'conifer' && plant.crownForm === 'conical')
    return growWhorls(plant, plant.tips ?? 900, random)
  return yield* growCrown(
    plant,
    plant.tips ?? (plant.habit === 'shrub' || plant.habit === 'climber' ? SHRUB_TIPS : TREE_TIPS),
    random,
  )
}

/** Grows a plant in one go; see {@link growing}. */
export const grow = (plant: Habitus, seed: number): Skeleton => toTheEnd(growing(plant, seed))
