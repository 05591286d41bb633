/** What lies under the ground of a scene. */
export const bases = ['polystyrene', 'extruded foam', 'plaster', 'wood', 'card', 'cloth'] as const
export type Base = (typeof bases)[number]
/** What solvents and hot tools melt. */
export const isFoamBase = (base: Base | undefined): boolean =>
  base === 'polystyrene' || base === 'extruded foam'

/** How a hole is made. */
export type HoleTool = 'awl' | 'screwdriver' | 'drill'
export interface Hole {
  readonly mm: number
  readonly tool: HoleTool
}

/** Bits that a drill box has, mm. From memory. */
const BITS = [1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 8, 10] as const
/** A stem wants this much room in its hole, mm. From memory. */
const PLAY_MM = 0.3
/** So small a hole is pricked with an awl in anything; what is soft is pricked wider. From memory. */
const AWL_MM = 1.5
const AWL_IN_SOFT_MM = 3

/**
 * The bit for a stem: the smallest with a little play.
 * @returns the largest there is for a stem beyond them all
 */
export const bitFor = (stemMm: number): number =>
  BITS.find((bit) => bit >= stemMm + PLAY_MM - 1e-9) ?? BITS[BITS.length - 1] ?? stemMm

/** The hole for a stem, and what makes it: foam and card are pricked, what is firm is drilled. Common practice. */
export function holeFor(stemMm: number, base?: Base): Hole {
  const mm = bitFor(stemMm)
  if (!isFoamBase(base) && base !== 'card') return { mm, tool: mm <= AWL_MM ? 'awl' : 'drill' }
  return { mm, tool: mm <= AWL_IN_SOFT_MM ? 'awl' : 'screwdriver' }
}
