import { crownProfile } from '../plants/form'
import type { CrownForm } from '../plants'
import type { Random } from '../units'
import type { Habitus, Point } from './types'

/** A clump, pad or tier: a flattened ball inside the crown. */
interface Lobe extends Point {
  readonly radius: number
  readonly flat: number
}

/** Volume of the crown's outline turned about the stem, mm³. Midpoint rule, 60 steps. */
export function crownVolume(plant: Habitus): number {
  const depth = plant.heightMm - plant.crownBaseMm
  let sum = 0
  for (let i = 0; i < 60; i += 1) sum += crownProfile(plant.crownForm, (i + 0.5) / 60) ** 2
  return Math.PI * (plant.crownWidthMm / 2) ** 2 * depth * (sum / 60)
}

/** Heights at which a form's outline is worked out; between them it is a line. */
const HEIGHTS = 1024
const outlines = new Map<CrownForm, Float64Array>()
function outlineOf(form: CrownForm): Float64Array {
  const known = outlines.get(form)
  if (known) return known
  const outline = Float64Array.from({ length: HEIGHTS + 1 }, (_, i) => crownProfile(form, i / HEIGHTS))
  outlines.set(form, outline)
  return outline
}

/** Half-width of the crown at a height, mm; 0 outside it. Asked for everywhere in a crown: read from a table. */
export function crownHalf({ crownForm, crownBaseMm, crownWidthMm, heightMm }: Habitus, y: number): number {
  const at = ((y - crownBaseMm) / (heightMm - crownBaseMm)) * HEIGHTS
  if (!(at >= 0 && at <= HEIGHTS)) return 0
  const outline = outlineOf(crownForm)
  const low = Math.floor(at)
  const [a, b] = [outline[low] ?? 0, outline[Math.min(HEIGHTS, low + 1)] ?? 0]
  return (a + (b - a) * (at - low)) * (crownWidthMm / 2)
}

/** Whether foliage stands in plates with air between them, as on old pines. */
const standsInPlates = ({ crownForm, habit }: Habitus): boolean =>
  crownForm === 'irregular' && habit === 'conifer'

/** How flat the lobes of a form are: height through width. From memory. */
function flatness(plant: Habitus): number {
  if (plant.crownForm === 'layered') return 0.3
  if (plant.crownForm === 'flat-topped') return 0.5
  if (standsInPlates(plant)) return 0.36
  return plant.habit === 'conifer' ? 0.62 : 0.82
}

/** Share of its volume that a crown's lobes take together. From memory. */
const LOBES_FILL = 0.78

/** A lobe about each place that foliage gathers at, inside the outline: every mass hangs on a limb. */
function lobesAt(plant: Habitus, masses: readonly Point[], random: Random): Lobe[] {
  const flat = flatness(plant)
  const radius = Math.cbrt((LOBES_FILL * crownVolume(plant)) / Math.max(1, masses.length) / (4.19 * flat))
  return masses.map(({ x, y, z }): Lobe => {
    const size = radius * (0.75 + 0.5 * random())
    const high = Math.min(plant.heightMm - size * flat * 0.96, y + size * flat * 0.3)
    const half = crownHalf(plant, high)
    const out = Math.hypot(x, z) || 1
    const within = Math.min(out, Math.max(0, half - size * 0.85))
    return {
      x: (x / out) * within,
      y: high,
      z: (z / out) * within,
      radius: Math.min(size, Math.max(half, size * 0.4)),
      flat,
    }
  })
}

/** How much a crown's top and sides fall short of its outline here and there, as shares. From memory. */
const UNEVEN_TOP = 0.07
const UNEVEN_SIDE = 0.08
const RAGGED_SIDE = 0.3

/**
 * A crown's own shape: whether a point that lies inside the outline lies inside this one. Two of a kind are
 * full in different places. Narrow kinds and conifers keep to their outline.
 */
function ownShape(plant: Habitus, random: Random): (point: Point) => boolean {
  if (plant.crownForm === 'columnar' || plant.crownForm === 'conical') return () => true
  const [p1, p2, p3, p4] = [random() * 6.3, random() * 6.3, random() * 6.3, random() * 6.3]
  const uneven = standsInPlates(plant) ? RAGGED_SIDE : UNEVEN_SIDE
  const half = plant.crownWidthMm / 2
  const depth = Math.max(1e-6, plant.heightMm - plant.crownBaseMm)
  // The highest place stays: a height is a promise.
  const dip = (x: number, z: number): number =>
    Math.min(1, (Math.hypot(x, z) / half) * 2.2) *
    (0.5 - 0.25 * Math.sin((4.2 * x) / half + p1) - 0.25 * Math.sin((4.2 * z) / half + p2))
  const short = (azimuth: number, y: number): number =>
    0.5 + 0.3 * Math.sin(2 * azimuth + p3) + 0.2 * Math.sin(3 * azimuth + (5 * y) / depth + p4)
  return ({ x, y, z }) =>
    y <= plant.heightMm - depth * UNEVEN_TOP * dip(x, z) &&
    Math.hypot(x, z) <= crownHalf(plant, y) * (1 - uneven * short(Math.atan2(z, x), y))
}

/** Of a lobed crown's points, the share that lies in its outer shell whatever the lobes: the outline is a promise. */
const SHELL = 0.42
const PLATED_SHELL = 0.14

/**
 * Points spread through the crown, denser towards the surface, where the light is: in lobes about its masses
 * and along its outline, or evenly in a crown without lobes. All lie inside the outline.
 */
export function fillCrown(plant: Habitus, masses: readonly Point[], count: number, random: Random): Point[] {
  const points: Point[] = []
  const depth = plant.heightMm - plant.crownBaseMm
  const low = Math.max(plant.crownBaseMm, plant.clearStemMm * 0.96)
  const inside = ownShape(plant, random)
  const lobes = plant.lobes > 0 ? lobesAt(plant, masses, random) : []
  const shell = standsInPlates(plant) ? PLATED_SHELL : SHELL
  const weights = lobes.map(({ radius }) => radius ** 2.4)
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  for (let tries = 0; points.length < count && tries < count * 400; tries += 1) {
    const angle = random() * 2 * Math.PI
    if (lobes.length > 0 && random() > shell) {
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
      if (point.y >= low && Math.hypot(point.x, point.z) <= crownHalf(plant, point.y) * 0.99 && inside(point))
        points.push(point)
      continue
    }
    const y = low + (plant.heightMm - low) * random() * 0.99
    const half = crownHalf(plant, y)
    if (random() > half / (plant.crownWidthMm / 2)) continue
    const r = half * 0.97 * Math.sqrt(lobes.length > 0 ? 0.5 + 0.5 * random() : 0.12 + 0.88 * random())
    const point = { x: Math.cos(angle) * r, y, z: Math.sin(angle) * r }
    if (inside(point)) points.push(point)
  }
  // The top is always reached: a height is a promise.
  if (points.length > 0 && depth > 0) points[0] = { x: 0, y: plant.heightMm * 0.985, z: 0 }
  return points
}
