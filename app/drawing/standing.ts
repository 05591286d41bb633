import { kindsAt, sitterOf, type DrawingSubject } from '../../core/commissions'
import { isInGap } from '../../core/hedges'
import type { Look } from '../../core/plants'
import { along, isInside, type Corner, type PlantingPlan, type Point3 } from '../../core/planting'
import { seededRandom, seedOf } from '../../core/units'
import type { Plant } from '../stores/plant'

/** Something that stands in the scene: a sitter, where, and how much smaller or larger than its line's example. */
export interface Standing extends Point3 {
  readonly sitter: DrawingSubject
  readonly plant: Plant
  readonly look: Look
  readonly share: number
}

/** Plants of one line that differ, so that none looks like the next. */
const VARIANTS = 4
/** Pieces of a hedge stand at this share of its width, and grass at this share of a tuft's. */
const HEDGE_STEP = 0.55
const GRASS_STEP = 0.62
/** Tufts that stand for a patch of grass. */
const MOST_TUFTS = 1400

/** All that stands on a plan: pieces, hedges in short pieces, tufts for grass. */
export function standingOn(plan: PlantingPlan, plants: ReadonlyMap<string, Plant>): Standing[] {
  const found: Standing[] = []
  const sitters = new Map<string, DrawingSubject>()
  const sitter = (plant: Plant, variant: number, lengthMm?: number, kind = 0): DrawingSubject => {
    const name = `${plant.line.id}#${variant}#${kind}`
    const { species, size, piece } = plant.members[kind] ?? plant
    const built = plant.line.amount.kind === 'length' ? plant.size : size
    const amount = plant.line.amount
    const line =
      lengthMm !== undefined && amount.kind === 'length'
        ? { ...plant.line, amount: { ...amount, lengthMm } }
        : { ...plant.line, amount: { kind: 'pieces' as const, pieces: 1 } }
    const known = sitters.get(name) ?? sitterOf(line, species, built, piece.seeThrough, variant + 1)
    sitters.set(name, known)
    return known
  }
  for (const spot of plan.spots) {
    const plant = plants.get(spot.lineId)
    if (!plant) continue

    found.push({
      x: spot.x,
      y: spot.y,
      z: 0,
      sitter: sitter(plant, spot.number % VARIANTS),
      plant,
      look: plant.look,
      share: spot.crownMm / Math.max(0.1, plant.size.crownWidthMm),
    })
  }
  for (const hedge of plan.hedges) {
    const plant = plants.get(hedge.lineId)
    if (!plant) continue
    const step = hedge.widthMm * HEDGE_STEP
    const places = Math.min(3000, Math.max(0, Math.round(hedge.lengthMm / step)))
    const kinds = kindsAt(plant.members, places)
    kinds.forEach((kind, i) => {
      const alongMm = (i + 0.5) * step
      if (isInGap(alongMm, plant.line.gaps)) return
      found.push({
        ...along(hedge.points, alongMm),
        z: 0,
        sitter: sitter(plant, i % VARIANTS, hedge.widthMm, kind),
        plant,
        look: plant.members[kind]?.look ?? plant.look,
        share: 1,
      })
    })
  }
  for (const patch of plan.patches) {
    const plant = plants.get(patch.lineId)
    if (!plant) continue
    const places = scattered(patch.points, plant.size.crownWidthMm * GRASS_STEP, patch.lineId)
    const kinds = kindsAt(plant.members, places.length)
    places.forEach((place, i) => {
      const kind = kinds[i] ?? 0
      found.push({
        ...place,
        z: 0,
        sitter: sitter(plant, i % VARIANTS, undefined, kind),
        plant,
        look: plant.members[kind]?.look ?? plant.look,
        share: 0.8 + 0.4 * ((i * 0.618) % 1),
      })
    })
  }
  return found
}

/** Places spread over an area, so far apart on average, the same each time. */
function scattered(points: readonly Corner[], apartMm: number, seed: string): { x: number; y: number }[] {
  const xs = points.map(([x]) => x)
  const ys = points.map(([, y]) => y)
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const count = Math.min(MOST_TUFTS, Math.ceil(((x1 - x0) * (y1 - y0)) / Math.max(0.01, apartMm * apartMm)))
  const random = seededRandom(seedOf(seed))
  return Array.from({ length: count }, () => ({
    x: x0 + (x1 - x0) * random(),
    y: y0 + (y1 - y0) * random(),
  })).filter((place) => isInside(points, place))
}
