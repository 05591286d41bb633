import { requireRange } from '../units'

/**
 * Diameter of the smallest circle that holds so many equal circles, by one of them. Best-known packings,
 * proven to 13 and for 19; source: circle-packing literature, values from memory.
 */
const PACKED: readonly number[] = [
  1, 2, 2.1547, 2.4142, 2.7013, 3, 3, 3.3048, 3.6131, 3.813, 3.9238, 4.0296, 4.2361, 4.3284, 4.5214, 4.6154,
  4.792, 4.8637, 4.8637, 5.1223, 5.2523, 5.4397, 5.5452, 5.6517, 5.7528, 5.8282, 5.9063, 6.0149, 6.1386,
  6.1977, 6.2915, 6.4295, 6.4867, 6.611, 6.6972, 6.7468, 6.7588,
]

/** Share of a large bundle's section that is wire, where no packing is listed. From memory. */
const DENSITY = 0.81

/** By how much a bundle that hands twist is thicker than one that is packed. From memory. */
export const LAY_FACTOR = 1.06

/** Diameter of a packed bundle, by that of a strand. @throws RangeError when it has less than one */
export function packedRatio(strands: number): number {
  requireRange('strands', strands, '', { min: 1 })
  return PACKED[Math.round(strands) - 1] ?? Math.sqrt(strands / DENSITY)
}

/**
 * Diameter of so many strands twisted together, mm.
 * @throws RangeError when there is less than one strand or the wire has no diameter
 */
export function bundleMm(strands: number, wireMm: number, layFactor = LAY_FACTOR): number {
  requireRange('wire', wireMm, 'mm', { above: 0 })
  return strands === 1 ? wireMm : packedRatio(strands) * wireMm * layFactor
}
