import { requireRange } from '../units/reading'

/**
 * Mass of standing fibres per area: fibres per area × length × linear density.
 * Source: ISO 1144 tex system (dtex = g per 10 km); 200 /cm² of 4 mm, 22 dtex: 17.6 g/m².
 * @param fibresPerCm2 fibres standing on one cm²
 * @param lengthMm fibre length, mm
 * @param dtex linear density, g per 10 km
 * @returns g per cm²
 */
export function fibreMassPerArea(fibresPerCm2: number, lengthMm: number, dtex: number): number {
  requireRange('fibres per area', fibresPerCm2, '/cm²', { min: 0 })
  requireRange('fibre length', lengthMm, 'mm', { above: 0 })
  requireRange('linear density', dtex, 'dtex', { above: 0 })
  const gramsPerMm = dtex / 1e7
  return fibresPerCm2 * lengthMm * gramsPerMm
}

/**
 * Diameter of a round fibre, µm: 11.28 · √(dtex/ρ).
 * @param densityGPerMl nylon 1.14, viscose 1.52
 */
export function fibreDiameterUm(dtex: number, densityGPerMl: number): number {
  requireRange('linear density', dtex, 'dtex', { above: 0 })
  requireRange('density', densityGPerMl, 'g/ml', { above: 0 })
  return 11.28 * Math.sqrt(dtex / densityGPerMl)
}

/**
 * Two stocked lengths that average to the wanted one. `share` is the longer one's share of the fibres by
 * number, 0–1.
 */
export interface LengthMix {
  readonly shorterMm: number
  readonly longerMm: number
  readonly share: number
}

/**
 * Mixes the nearest stocked lengths so that their mean is the wanted length; outside the stocked range, the
 * nearest alone.
 * @param stockedMm lengths in stock, any order, at least one
 */
export function mixLengths(wantedMm: number, stockedMm: readonly number[]): LengthMix {
  requireRange('wanted length', wantedMm, 'mm', { above: 0 })
  requireRange('number of stocked lengths', stockedMm.length, '', { min: 1 })
  const sorted = [...stockedMm].sort((a, b) => a - b)
  const shorterMm = sorted.filter((length) => length <= wantedMm).at(-1) ?? Math.min(...sorted)
  const longerMm = sorted.find((length) => length >= wantedMm) ?? Math.max(...sorted)
  const share = longerMm === shorterMm ? 1 : (wantedMm - shorterMm) / (longerMm - shorterMm)
  return { shorterMm, longerMm, share: Math.min(1, Math.max(0, share)) }
}
