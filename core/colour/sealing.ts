import { requireRange } from '../units/reading'
import { labToHex, linearToLab, type Lab } from './lab'
import type { Linear } from './srgb'

/** What a mix is fixed with; each darkens it in its own measure. */
export const sealers = ['pva', 'matte-medium', 'cement', 'hairspray', 'none'] as const
export type Sealer = (typeof sealers)[number]

export const sealerWords: Record<Sealer, string> = {
  pva: 'dilute PVA',
  'matte-medium': 'matte medium',
  cement: 'scenic cement',
  hairspray: 'hairspray',
  none: 'left dry',
}

/** One factor of a sealing model: what it is, how sure, and whether the maker's own tiles say so. */
export interface SealingFactor {
  readonly value: number
  /** Standard error; of a value from memory its usual spread. */
  readonly error: number
}

/** What sealing does to a colour: L* and C* are multiplied, the hue stays. */
export interface Sealing {
  readonly lightness: SealingFactor
  readonly chroma: SealingFactor
  /** How many of the maker's tiles it rests on; 0: from memory. */
  readonly tiles: number
}

/** Sealing darkens, and makes a little richer: L* × 0.92, C* × 1.06. From memory. */
export const usualSealing: Sealing = {
  lightness: { value: 0.92, error: 0.03 },
  chroma: { value: 1.06, error: 0.06 },
  tiles: 0,
}

/** What is left dry stays as it is. */
export const noSealing: Sealing = {
  lightness: { value: 1, error: 0 },
  chroma: { value: 1, error: 0 },
  tiles: 0,
}

/** A dry colour as it is once sealed. */
export const sealedLab = ([l, a, b]: Lab, { lightness, chroma }: Sealing): Lab => [
  l * lightness.value,
  a * chroma.value,
  b * chroma.value,
]

/** The dry colour that is this one once sealed. */
export const drierLab = ([l, a, b]: Lab, { lightness, chroma }: Sealing): Lab => [
  l / lightness.value,
  a / chroma.value,
  b / chroma.value,
]

/** A dry colour in linear light as "#rrggbb" once sealed; what sRGB can't show is clipped. */
export const sealedHex = (dry: Linear, sealing: Sealing): string =>
  labToHex(sealedLab(linearToLab(dry), sealing))

/** A colour measured dry and sealed. */
export interface SealedPair {
  readonly dry: Lab
  readonly sealed: Lab
}

/** A model rests on this many tiles at least: two points tell nothing of their spread. */
const LEAST_TILES = 3
/** Factors outside this range are a slip of the hand, not glue. */
const sealingRange = [0.4, 1.6] as const
/** A grey tile tells nothing of chroma. */
const LEAST_CHROMA = 4

/**
 * What sealing does in this workshop: least squares through the origin over tiles measured dry and sealed, each
 * factor with its standard error. Undefined before there are three.
 * @throws RangeError where the tiles give a factor that no glue does
 */
export function fitSealing(pairs: readonly SealedPair[]): Sealing | undefined {
  if (pairs.length < LEAST_TILES) return undefined
  const lightness = throughOrigin(pairs.map(({ dry, sealed }) => [dry[0], sealed[0]] as const))
  const coloured = pairs
    .map(({ dry, sealed }) => [Math.hypot(dry[1], dry[2]), Math.hypot(sealed[1], sealed[2])] as const)
    .filter(([dry]) => dry >= LEAST_CHROMA)
  const chroma = coloured.length >= LEAST_TILES ? throughOrigin(coloured) : usualSealing.chroma
  const [min, max] = sealingRange
  requireRange('sealing, L* factor', lightness.value, '', { min, max })
  requireRange('sealing, C* factor', chroma.value, '', { min, max })
  return { lightness, chroma, tiles: pairs.length }
}

/** The slope of a line through the origin, and its standard error. Source: textbooks of regression. */
function throughOrigin(points: readonly (readonly [x: number, y: number])[]): SealingFactor {
  const squares = points.reduce((sum, [x]) => sum + x * x, 0)
  const value = points.reduce((sum, [x, y]) => sum + x * y, 0) / squares
  const rest = points.reduce((sum, [x, y]) => sum + (y - value * x) ** 2, 0)
  return { value, error: Math.sqrt(rest / (points.length - 1) / squares) }
}
