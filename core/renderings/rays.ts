import type { PlantDrawing } from '../drawing'
import type { Habitus, Point } from '../growth'
import { seededRandom } from '../units'
import { markPlaces, withMarks, WoodLines } from './lines'
import { settled } from './puffs'

/** Rays of a head and strands of a rope that are drawn, at the most. From memory. */
const RAYS = 150
const STRANDS = 110

/** A curved ray from one place to another: it leaves upright and bends outward. */
function ray(wood: WoodLines, from: Point, to: Point, d: number): void {
  const at = (t: number): Point => ({
    x: from.x + (to.x - from.x) * t ** 1.7,
    y: from.y + (to.y - from.y) * t ** 0.85,
    z: from.z + (to.z - from.z) * t ** 1.7,
  })
  for (const t of [0, 0.34, 0.67])
    wood.add(at(t), at(Math.min(1, t + 0.335)), d * (1 - 0.4 * t), d * (0.9 - 0.5 * t))
}

/** The tree as a dried flower head: a straight thin stem, and rays that fan out of it one above the other. */
export function asHead(drawing: PlantDrawing, plant: Habitus): PlantDrawing {
  const stem = Math.max(0.6, plant.heightMm * 0.014)
  const wood = new WoodLines()
  const at = (y: number): Point => ({ x: 0, y, z: 0 })
  wood.add(at(0), at(plant.heightMm * 0.6), stem, stem * 0.8)
  wood.add(at(plant.heightMm * 0.6), at(plant.heightMm * 0.96), stem * 0.8, stem * 0.35)
  const low = Math.max(plant.crownBaseMm, plant.heightMm * 0.15)
  const places = markPlaces(drawing)
  const every = Math.max(1, Math.ceil(places.length / RAYS))
  places.forEach((place, i) => {
    if (i % every !== 0) return
    const out = Math.hypot(place.x, place.z)
    const from = Math.max(low * 0.85, place.y - Math.max(out * 1.15, plant.heightMm * 0.06))
    ray(wood, at(Math.min(from, place.y)), place, stem * 0.28)
  })
  return { ...drawing, wood: wood.toArray() }
}

/** Of the foliage, what lies farther in than this share of the reach is left to the strands. From memory. */
const LEAVES_FROM = 0.35

/** The plant as the opened end of a rope: strands from one neck, leaf on their outer ends. */
export function asHemp(drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing {
  const random = seededRandom(seed ^ 0x6a09e667)
  const neck: Point = { x: 0, y: plant.heightMm * 0.14, z: 0 }
  const wood = new WoodLines()
  const thick = Math.max(plant.trunkMm * 0.8, plant.heightMm * 0.025)
  wood.add({ x: 0, y: 0, z: 0 }, neck, thick, thick * 1.1)
  const half = plant.crownWidthMm / 2
  const places = markPlaces(drawing)
  const every = Math.max(1, Math.ceil(places.length / STRANDS))
  places.forEach((place, i) => {
    if (i % every === 0)
      ray(
        wood,
        { x: (random() - 0.5) * thick * 0.7, y: neck.y, z: (random() - 0.5) * thick * 0.7 },
        place,
        0.28,
      )
  })
  return withMarks({ ...drawing, wood: wood.toArray() }, (place) => {
    const reach = Math.max(
      Math.hypot(place.x, place.z) / half,
      (place.y - neck.y) / (plant.heightMm - neck.y),
    )
    return reach > LEAVES_FROM ? place : undefined
  })
}

/** The bush as teased wool: no twigs, only curls of fibre between the foam; it sits on the ground. */
export function asWool(drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing {
  const random = seededRandom(seed ^ 0x9b05688c)
  const wood = new WoodLines()
  const size = Math.max(1.5, plant.heightMm * 0.12)
  const puff = settled(drawing, plant)
  markPlaces(puff).forEach(({ x, y, z }, i) => {
    if (i % 2 !== 0) return
    const turn = random() * 2 * Math.PI
    const from = { x: x * 0.9, y: y * 0.92, z: z * 0.9 }
    wood.add(
      from,
      {
        x: from.x + Math.cos(turn) * size,
        y: Math.max(0.1, from.y + (random() - 0.5) * size),
        z: from.z + Math.sin(turn) * size,
      },
      0.16,
      0.12,
    )
  })
  return { ...puff, wood: wood.toArray() }
}
