import { requireRange } from '../units/reading'

/**
 * Mass of flock that a crown must hold, per area of the crown as seen: m/A = −ln(g) · (2/3) · d · ρ.
 * A Boolean model: grains of cross-section a dropped at random leave the share g = exp(−n·a/A) open, and a sphere
 * of diameter d has (2/3)·d·ρ of mass per cross-section.
 * Source: Beer–Lambert canopy law (Monsi & Saeki 1953; Nilson 1971).
 * @param seeThrough share of the background seen through the crown, above 0 to 1
 * @param grainMm grain diameter, mm
 * @param densityGPerMl density of the grain itself (not of the heap), g/ml
 * @returns g per cm²
 */
export function massPerArea(seeThrough: number, grainMm: number, densityGPerMl: number): number {
  requireRange('see-through', seeThrough, '', { above: 0, max: 1 })
  requireRange('grain', grainMm, 'mm', { above: 0 })
  requireRange('grain density', densityGPerMl, 'g/ml', { above: 0 })
  return -Math.log(seeThrough) * (2 / 3) * (grainMm / 10) * densityGPerMl
}

/** What is thrown, what sticks, what falls and what comes back. All in g. */
export interface Sprinkling {
  readonly stuckG: number
  /** What must be on the tray to begin with. */
  readonly thrownG: number
  readonly fallenG: number
  readonly reclaimedG: number
  /** What leaves stock: stuck plus lost. */
  readonly leavesStockG: number
}

/** Share of the fall that comes back from the tray indoors. Common practice. */
export const RECLAIMED_SHARE = 0.85

/**
 * Flock is thrown until enough has stuck; what falls into the tray mostly comes back.
 * @param stuckG what must stick, g
 * @param stickShare share of what is thrown that sticks, above 0 to 1
 * @param reclaimedShare share of the fall that is reclaimed, 0–1
 */
export function sprinkle(stuckG: number, stickShare: number, reclaimedShare = RECLAIMED_SHARE): Sprinkling {
  requireRange('stuck mass', stuckG, 'g', { min: 0 })
  requireRange('sticking share', stickShare, '', { above: 0, max: 1 })
  requireRange('reclaimed share', reclaimedShare, '', { min: 0, max: 1 })
  const thrownG = stuckG / stickShare
  const fallenG = thrownG - stuckG
  const reclaimedG = fallenG * reclaimedShare
  return { stuckG, thrownG, fallenG, reclaimedG, leavesStockG: thrownG - reclaimedG }
}

/** The finest grain worth choosing, mm: finer reads as paint. Common practice. */
export const FINEST_GRAIN_MM = 0.2

/** The grain that stands for a leaf or leaf cluster at scale, mm: never below {@link FINEST_GRAIN_MM}. */
export function grainForLeaf(leafMm: number, ratio: number): number {
  requireRange('leaf length', leafMm, 'mm', { above: 0 })
  requireRange('ratio', ratio, '', { above: 0 })
  return Math.max(FINEST_GRAIN_MM, leafMm / ratio)
}
