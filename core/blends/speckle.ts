import { difference2000, linearToLab } from '../colour'
import type { Mixture } from './mixture'

/** How far apart the grains of a mix look from one another. */
export interface Speckle {
  /** Mean ΔE₀₀ of the grains from the whole, by the area that they show. */
  readonly mean: number
  readonly words: string
}

/** Common practice: close tones read as one, loud ones as dots. The numbers are from memory. */
const QUIET = 8
export const LIVELY = 16

/** Whether a mix reads as one tone, lively, or as dots. */
export function speckleOf({ portions, shown, dry }: Mixture): Speckle {
  const whole = linearToLab(dry)
  const mean = portions.reduce(
    (sum, { grain }, i) => sum + (shown[i] ?? 0) * difference2000(linearToLab(grain.colour), whole),
    0,
  )
  return { mean, words: mean < QUIET ? 'quiet' : mean < LIVELY ? 'lively' : 'speckled: take closer tones' }
}
