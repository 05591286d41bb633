import { requireRange } from '../units/reading'
import { mix } from './srgb'

/**
 * How colours are lightened for scale: by the air between the eye and the scene, by what makers commonly do,
 * or not at all.
 */
export const hazeLaws = ['common practice', 'physical', 'none'] as const
/** What holds where a commission says nothing. */
export const USUAL_HAZE: (typeof hazeLaws)[number] = 'physical'
export type HazeLaw = (typeof hazeLaws)[number]

/** A pale sky near the horizon, which distant things fade towards. From memory. */
export const SKY = '#cdd8dd'

/** Clear air: visual range of 20 km. From memory, for fair weather. */
export const CLEAR_AIR_KM = 20

/**
 * Share of sky light mixed into what is seen through air: 1 − exp(−β·d) with β = 3.912 / V.
 * Source: Koschmieder 1924; 3.912 is −ln of the 2 % contrast that is just seen.
 * @param distanceM simulated distance, m @param visualRangeKm V, km
 * @throws RangeError when a distance is below 0 or the range not above 0
 */
export function koschmiederShare(distanceM: number, visualRangeKm = CLEAR_AIR_KM): number {
  requireRange('distance', distanceM, 'm', { min: 0 })
  requireRange('visual range', visualRangeKm, 'km', { above: 0 })
  return 1 - Math.exp((-3.912 * distanceM) / (visualRangeKm * 1000))
}

/**
 * Lightening for scale at known ratios: 5 % at 1:48, 10 % at 1:87, 15–20 % at 1:160; nothing at full size.
 * Common practice.
 */
const PRACTICE: readonly (readonly [ratio: number, share: number])[] = [
  [1, 0],
  [48, 0.05],
  [87, 0.1],
  [160, 0.175],
  [220, 0.2],
]

/**
 * Share of pale sky mixed in for a scale by common practice, joined by the logarithm of the ratio.
 * @throws RangeError below 1
 */
export function practiceShare(ratio: number): number {
  requireRange('scale ratio', ratio, '', { min: 1 })
  for (let i = 1; i < PRACTICE.length; i += 1) {
    const [lowRatio, lowShare] = PRACTICE[i - 1] ?? [1, 0]
    const [highRatio, highShare] = PRACTICE[i] ?? [1, 0]
    if (ratio <= highRatio)
      return lowShare + ((highShare - lowShare) * Math.log(ratio / lowRatio)) / Math.log(highRatio / lowRatio)
  }
  return 0.2
}

/**
 * Share of sky mixed into every colour of a model.
 * @param viewingMm from the eye to the model; × ratio is the distance that it stands for
 */
export function hazeShare(law: HazeLaw, ratio: number, viewingMm: number): number {
  if (law === 'none') return 0
  return law === 'physical' ? koschmiederShare((viewingMm * ratio) / 1000) : practiceShare(ratio)
}

/** A colour seen through haze, mixed in linear light. */
export const hazed = (colour: string, share: number): string =>
  share === 0 ? colour : mix(colour, SKY, share)
