import { requireRange } from '../units/reading'
import type { Mixture, Portion } from './mixture'
import { mixtureOf } from './mixture'

/** A test sieve: its opening and the number it is known by. */
export interface Mesh {
  readonly openingMm: number
  /** Number of the ASTM series. */
  readonly number: string
}

/**
 * Test sieves that help at the bench. Source: ASTM E11, openings as ISO 3310-1 (R 20/3 and neighbours); the rows
 * were written from memory and are checked in the reference tests.
 */
export const meshes: readonly Mesh[] = [
  { openingMm: 4, number: '5' },
  { openingMm: 2.8, number: '7' },
  { openingMm: 2, number: '10' },
  { openingMm: 1.4, number: '14' },
  { openingMm: 1, number: '18' },
  { openingMm: 0.71, number: '25' },
  { openingMm: 0.5, number: '35' },
  { openingMm: 0.355, number: '45' },
  { openingMm: 0.25, number: '60' },
  { openingMm: 0.18, number: '80' },
  { openingMm: 0.125, number: '120' },
]

/** A mesh as it is said: "1 mm (No. 18)"; one that is not in the series by its opening alone. */
export function meshWords(openingMm: number): string {
  const known = meshes.find((mesh) => Math.abs(mesh.openingMm - openingMm) < 1e-9)
  return known ? `${openingMm} mm (No. ${known.number})` : `${openingMm} mm`
}

/** How far sizes of one grade spread: ln of the geometric standard deviation by volume. From memory. */
const GRADE_SPREAD = Math.log(1.35)
/** Fibres slip through lengthwise where the mesh is at least this share of their length. From memory. */
const FIBRE_SLIPS = 0.5
const FIBRE_SPREAD = Math.log(1.4)

/**
 * Share of the standard normal below z, by Abramowitz & Stegun 26.2.17 (error below 7.5e-8).
 */
function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z >= 0 ? 1 - tail : tail
}

/** What of one portion passes: by volume, and by the area that it shows. */
export interface Passing {
  readonly byVolume: number
  readonly byArea: number
}

/**
 * What passes a mesh. Grains of a grade are log-normal by volume around the size that shows its area (Sauter
 * mean: median · e^(−σ²/2)); by area the median lies e^(−σ²) lower. Of fibres it goes by length.
 * @throws RangeError when the opening is not above 0
 */
export function passingOf({ grain }: Pick<Portion, 'grain'>, openingMm: number): Passing {
  requireRange('opening of the sieve', openingMm, 'mm', { above: 0 })
  if (grain.shape === 'fibre') {
    const share = normalShare(Math.log(openingMm / FIBRE_SLIPS / grain.sizeMm) / FIBRE_SPREAD)
    return { byVolume: share, byArea: share }
  }
  const away = Math.log(openingMm / grain.sizeMm)
  return {
    byVolume: normalShare((away - GRADE_SPREAD ** 2 / 2) / GRADE_SPREAD),
    byArea: normalShare((away + GRADE_SPREAD ** 2 / 2) / GRADE_SPREAD),
  }
}

/** One side of a sieve. */
export interface Fraction {
  /** Share of the whole by volume, and by mass, 0–1. */
  readonly volumeShare: number
  readonly massShare: number
  /** Share of each portion by mass that is in it, in their order. */
  readonly ofEach: readonly number[]
  /** Absent where next to nothing is on this side. */
  readonly mixture?: Mixture
}

/** Less than this of the whole is nothing to put into a jar. */
const CRUMB = 0.002

/** What a mesh lets through and what it holds back, each with its own colour and grain. */
export function sieved(
  portions: readonly Portion[],
  openingMm: number,
): { readonly passed: Fraction; readonly held: Fraction } {
  const passing = portions.map((portion) => passingOf(portion, openingMm))
  const side = (of: (share: Passing) => Passing): Fraction => {
    const own = portions.map(({ grain, parts }, i) => {
      const { byVolume, byArea } = of(passing[i] ?? { byVolume: 0, byArea: 0 })
      // The same heap, so much of it, whose grains show so much more or less for their volume.
      const finer = byVolume > 0 ? byArea / byVolume : 1
      return {
        parts: parts * byVolume,
        byVolume,
        grain: { ...grain, areaPerMl: grain.areaPerMl * finer, sizeMm: grain.sizeMm / finer },
      }
    })
    const all = portions.reduce((sum, { parts }) => sum + parts, 0)
    const volumeShare = own.reduce((sum, { parts }) => sum + parts, 0) / all
    const massOf = (rows: readonly Portion[]): number =>
      rows.reduce((sum, { grain, parts }) => sum + grain.bulkGPerMl * parts, 0)
    const there = own.filter(({ parts }) => parts > 0)
    return {
      volumeShare,
      massShare: massOf(own) / massOf(portions),
      ofEach: own.map(({ byVolume }) => byVolume),
      ...(volumeShare > CRUMB ? { mixture: mixtureOf(there) } : {}),
    }
  }
  return {
    passed: side((share) => share),
    held: side(({ byVolume, byArea }) => ({ byVolume: 1 - byVolume, byArea: 1 - byArea })),
  }
}
