import { crownProfile } from '../plants/form'
import type { Random } from '../units'
import type { Habitus, Point } from './types'

/** A clump, pad or tier: a flattened ball inside the crown. */
interface Lobe extends Point {
  readonly radius: number
  readonly flat: number
}

const GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5))

/** Volume of the crown's outline turned about the stem, mm³. Midpoint rule, 60 steps. */
export function crownVolume(plant: Habitus): number {
  const depth = plant.heightMm - plant.crownBaseMm
  let sum = 0
  for (let i = 0; i < 60; i += 1) sum += crownProfile(plant.crownForm, (i + 0.5) / 60) ** 2
  return Math.PI * (plant.crownWidthMm / 2) ** 2 * depth * (sum / 60)
}

/** Half-width of the crown at a height, mm; 0 outside it. */
export function crownHalf(plant: Habitus, y: number): number {
  const depth = plant.heightMm - plant.crownBaseMm
  return crownProfile(plant.crownForm, (y - plant.crownBaseMm) / depth) * (plant.crownWidthMm / 2)
}

/** How flat the lobes of a form are: height through width. From memory. */
function flatness(plant: Habitus): number {
  if (plant.crownForm === 'layered') return 0.3
  if (plant.crownForm === 'flat-topped') return 0.5
  return plant.habit === 'conifer' ? 0.62 : 0.82
}

/** Lobes spread over the crown by the golden angle, further out than in, so that no two share a side. */
function lobesOf(plant: Habitus, random: Random): Lobe[] {
  const base = Math.max(plant.crownBaseMm, plant.clearStemMm)
  const depth = plant.heightMm - base
  const flat = flatness(plant)
  const radius = 0.92 * Math.cbrt(crownVolume(plant) / plant.lobes / (4.19 * flat))
  const turn = random() * 2 * Math.PI
  const tiers = plant.crownForm === 'layered' ? Math.max(3, Math.round(plant.lobes / 2.2)) : 0
  return Array.from({ length: plant.lobes }, (_, i): Lobe => {
    const share = (i + 0.5) / plant.lobes
    const t =
      tiers > 0
        ? (Math.floor(share * tiers) + 0.55 + 0.2 * (random() - 0.5)) / tiers
        : 0.1 + 0.82 * share + 0.08 * (random() - 0.5)
    const size = radius * (0.8 + 0.4 * random())
    const y = Math.min(plant.heightMm - size * flat * 0.96, base + depth * t)
    const half = crownHalf(plant, y)
    const out = Math.max(0, half - size * 0.92) * (i === plant.lobes - 1 ? 0.2 : 0.72 + 0.28 * random())
    const angle = turn + i * GOLDEN_ANGLE
    return {
      x: Math.cos(angle) * out,
      y,
      z: Math.sin(angle) * out,
      radius: Math.min(size, Math.max(half, size * 0.4)),
      flat,
    }
  })
}

/**
 * Points spread through the crown, denser towards the surface, where the light is: in its lobes, or evenly in
 * a crown without. All lie inside the outline.
 */
export function fillCrown(plant: Habitus, count: number, random: Random): Point[] {
  const points: Point[] = []
  const depth = plant.heightMm - plant.crownBaseMm
  const low = Math.max(plant.crownBaseMm, plant.clearStemMm * 0.96)
  const lobes = plant.lobes > 0 ? lobesOf(plant, random) : []
  const weights = lobes.map(({ radius }) => radius ** 2.4)
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  for (let tries = 0; points.length < count && tries < count * 400; tries += 1) {
    const angle = random() * 2 * Math.PI
    // A few points stay outside the lobes, so that limbs reach between them.
    if (lobes.length > 0 && random() > 0.06) {
      let pick = random() * total
      const lobe = lobes.find((_, i) => (pick -= weights[i] ?? 0) <= 0) ?? lobes[0]
      if (!lobe) continue
      const r = lobe.radius * Math.cbrt(0.2 + 0.8 * random())
      const rise = 2 * random() - 1
      const across = Math.sqrt(1 - rise * rise) * r
      const point = {
        x: lobe.x + Math.cos(angle) * across,
        y: lobe.y + rise * r * lobe.flat,
        z: lobe.z + Math.sin(angle) * across,
      }
      if (point.y >= low && Math.hypot(point.x, point.z) <= crownHalf(plant, point.y) * 0.99)
        points.push(point)
      continue
    }
    const y = low + (plant.heightMm - low) * random() * 0.99
    const half = crownHalf(plant, y)
    if (random() > half / (plant.crownWidthMm / 2)) continue
    const r = half * 0.97 * Math.sqrt(0.12 + 0.88 * random())
    points.push({ x: Math.cos(angle) * r, y, z: Math.sin(angle) * r })
  }
  // The top is always reached: a height is a promise.
  if (points.length > 0 && depth > 0) points[0] = { x: 0, y: plant.heightMm * 0.985, z: 0 }
  return points
}
