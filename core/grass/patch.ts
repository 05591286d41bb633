import { requireRange } from '../units'

/**
 * The largest patch to glue now: what hands cover while the glue is open.
 * @param openSec from the first glue to the last fibre on it, s
 * @param setUpSec that pass before the first stroke counts: clip on, switch on, s
 * @param secPerCm2 gluing and setting, s for each cm²
 * @returns cm²; never below one
 */
export function wetPatchCm2(openSec: number, setUpSec: number, secPerCm2: number): number {
  requireRange('open time', openSec, 's', { above: 0 })
  requireRange('set-up', setUpSec, 's', { min: 0 })
  requireRange('hand speed', secPerCm2, 's', { above: 0 })
  return Math.max(1, (openSec - setUpSec) / secPerCm2)
}

/** An area in patches of one size, none larger than the most. */
export function patchesOf(areaCm2: number, mostCm2: number): { count: number; eachCm2: number } {
  requireRange('area', areaCm2, 'cm²', { above: 0 })
  requireRange('largest patch', mostCm2, 'cm²', { above: 0 })
  const count = Math.max(1, Math.ceil(areaCm2 / mostCm2 - 1e-9))
  return { count, eachCm2: areaCm2 / count }
}

/** Below this share of what should come back, something swallows it. From memory. */
export const RECLAIM_ALARM = 0.5

/** What the vacuum gave back, held against what should have come: in order, little, or nothing. */
export function reclaimVerdict(expectedG: number, foundG: number): 'in order' | 'little' | 'nothing' {
  requireRange('expected', expectedG, 'g', { min: 0 })
  requireRange('found', foundG, 'g', { min: 0 })
  if (expectedG <= 0 || foundG >= expectedG * RECLAIM_ALARM) return 'in order'
  return foundG < expectedG * 0.05 ? 'nothing' : 'little'
}

/**
 * Touches at random places until they have reached so much of an area: −ln(1 − cover) · area ÷ touch. A Boolean
 * model: touches overlap, so that the last tenth takes the most.
 * @param cover share wanted, above 0 and below 1 @param touchCm2 what one touch reaches
 * @returns a whole number, at least 1
 * @throws RangeError when the cover is not a share, or an area is not above 0
 */
export function touchesFor(cover: number, areaCm2: number, touchCm2: number): number {
  requireRange('cover', cover, '', { above: 0, max: 0.995 })
  requireRange('area', areaCm2, 'cm²', { above: 0 })
  requireRange('touch', touchCm2, 'cm²', { above: 0 })
  return Math.max(1, Math.ceil((-Math.log(1 - cover) * areaCm2) / touchCm2 - 1e-9))
}
