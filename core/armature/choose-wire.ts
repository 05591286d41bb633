import { requireRange } from '../units'
import { bundleMm } from './bundles'

/** A place of a tree that wire must come to the thickness of, under its bark: so many strands, so thick, mm. */
export interface WirePlace {
  readonly strands: number
  readonly thickMm: number
}

/** How near a wire comes: the mean of the places' misfits, as a factor above 1 (1.2: a fifth too thick or too thin). */
export interface Fit {
  readonly wireMm: number
  readonly factor: number
}

/**
 * How near twisted bundles of a wire come to what a tree's places should be, bark included.
 * @param barkMm thickness of all coats together
 * @throws RangeError when there is no place to compare
 */
export function fitOf(wireMm: number, places: readonly WirePlace[], barkMm: number): Fit {
  requireRange('places', places.length, '', { min: 1 })
  const square = places.reduce((sum, { strands, thickMm }) => {
    const off = Math.log((bundleMm(strands, wireMm) + 2 * barkMm) / thickMm)
    return sum + off * off
  }, 0)
  return { wireMm, factor: Math.exp(Math.sqrt(square / places.length)) }
}

/** Wires in the order of how near they come, the nearest first. @param wiresMm diameters that are there, mm */
export const wiresFor = (
  wiresMm: readonly number[],
  places: readonly WirePlace[],
  barkMm: number,
): readonly Fit[] =>
  [...new Set(wiresMm)].map((wireMm) => fitOf(wireMm, places, barkMm)).sort((a, b) => a.factor - b.factor)
