import type { Lab } from '../colour'
import type { ToneName } from './records'

/** One tone of a set: what it is to be and what it is, sealed. */
export interface SetTone {
  readonly tone: ToneName
  readonly wanted: Lab
  readonly is: Lab
}

/** A step of a set from its base: in L*, as it is and as it is wanted. */
export interface SetStep {
  readonly tone: Exclude<ToneName, 'base'>
  readonly wanted: number
  readonly is: number
  /** It keeps its step: neither lost nor loud. */
  readonly keeps: boolean
}

/** A step may be so much smaller or larger in L* and still read as the same. From memory. */
const SLACK = 3

/** How the tones of a set stand to their base. Empty without a base. */
export function setSteps(tones: readonly SetTone[]): SetStep[] {
  const base = tones.find(({ tone }) => tone === 'base')
  if (!base) return []
  return tones.flatMap(({ tone, wanted, is }): SetStep[] => {
    if (tone === 'base') return []
    const steps = { wanted: wanted[0] - base.wanted[0], is: is[0] - base.is[0] }
    return [
      { tone, ...steps, keeps: Math.abs(steps.is - steps.wanted) <= SLACK && steps.is * steps.wanted > 0 },
    ]
  })
}

/**
 * What a tone of a set should be where the base was not met: as far from the base that there is as it is from the one
 * that was wanted.
 */
export const steppedFrom = (tone: Lab, baseWanted: Lab, baseIs: Lab): Lab => [
  tone[0] + baseIs[0] - baseWanted[0],
  tone[1] + baseIs[1] - baseWanted[1],
  tone[2] + baseIs[2] - baseWanted[2],
]
