import { fibreDiameterUm, fibreMassPerArea } from '../coverage'
import { fromHex, labToHex, mixLinear, toHex, toLab } from '../colour'
import { requireRange } from '../units'
import { meanLevel, tiltsOf, type Lean } from './lean'
import type { Gluing } from './layers'

/** Fibre of one length that stands on a patch: one layer, or a part of a mixed one. */
export interface StandingFibre {
  readonly lengthMm: number
  readonly dtex: number
  readonly colour: string
  /** Fibres on a cm² of the patch as a whole. */
  readonly perCm2: number
  readonly glue: Gluing
  /** Height of its foot, mm: on the tips of what it was set on; absent: on the ground. */
  readonly footMm?: number
}

/** Density of nylon, g/ml. From memory. */
const NYLON_G_PER_ML = 1.14
export const widthMmOf = ({ dtex }: Pick<StandingFibre, 'dtex'>): number =>
  fibreDiameterUm(dtex, NYLON_G_PER_ML) / 1000

/** Share of the patch that each gluing reaches: the whole, its middle, and tips here and there of that. */
export type Reach = Readonly<Record<Gluing, number>>

/**
 * Share of the ground that fibres hide from above: a Boolean model, 1 − exp(−Σ n · d · L · mean sin(lean)), in
 * each part of the patch that has glue of its own; parts lie in one another. Source: Boolean model (Monte
 * Carlo in the reference tests).
 * @returns 0–1
 */
export function coverFromAbove(fibres: readonly StandingFibre[], reach: Reach, lean: Lean): number {
  const level = meanLevel(lean)
  const shareHidden = (glue: Gluing): number =>
    fibres
      .filter((fibre) => reach[fibre.glue] >= reach[glue] - 1e-9)
      .reduce(
        (sum, fibre) =>
          sum + (fibre.perCm2 / 100 / reach[fibre.glue]) * widthMmOf(fibre) * fibre.lengthMm * level,
        0,
      )
  const parts = [...new Set<Gluing>(fibres.map(({ glue }) => glue))].sort((a, b) => reach[b] - reach[a])
  let open = 1 - (parts[0] === undefined ? 0 : reach[parts[0]])
  parts.forEach((glue, i) => {
    const inner = parts[i + 1]
    const own = reach[glue] - (inner === undefined ? 0 : reach[inner])
    open += own * Math.exp(-shareHidden(glue))
  })
  return 1 - open
}

/**
 * Height below which so much of all that shows from the side ends, mm: the 90th percentile of tips, each
 * counted by the length of its fibre. What an eye takes for the height of a sward.
 */
export function seenHeight(fibres: readonly StandingFibre[], lean: Lean, percentile = 0.9): number {
  requireRange('percentile', percentile, '', { above: 0, max: 1 })
  const tilts = tiltsOf(lean)
  // Every 40th tilt of the sample: a hundred tips for each kind of fibre.
  const some = tilts.filter((_, i) => i % 40 === 0)
  const tips = fibres.flatMap(({ lengthMm, perCm2, footMm = 0 }) =>
    some.map(({ up }) => ({ heightMm: footMm + lengthMm * up, weight: (perCm2 * lengthMm) / some.length })),
  )
  tips.sort((a, b) => a.heightMm - b.heightMm)
  const all = tips.reduce((sum, { weight }) => sum + weight, 0)
  let sum = 0
  for (const { heightMm, weight } of tips) {
    sum += weight
    if (sum >= all * percentile) return heightMm
  }
  return tips.at(-1)?.heightMm ?? 0
}

/** Grams of a fibre that stand on an area. @param areaCm2 of the patch */
export const standingG = ({ perCm2, lengthMm, dtex }: StandingFibre, areaCm2: number): number =>
  fibreMassPerArea(perCm2, lengthMm, dtex) * areaCm2

/**
 * The colour that the eye gets from above: the mean of fibres' and soil's linear light by the area that each
 * shows. A taller fibre lies over a lower one and hides it by the same law.
 */
export function colourFromAbove(
  fibres: readonly StandingFibre[],
  soil: string,
  reach: Reach,
  lean: Lean,
): string {
  const cover = coverFromAbove(fibres, reach, lean)
  const top = ({ lengthMm, footMm = 0 }: StandingFibre): number => footMm + lengthMm
  const seen = [...fibres].sort((a, b) => top(a) - top(b))
  const weights = seen.map((_, i) => {
    const from = coverFromAbove(seen.slice(i), reach, lean)
    const above = coverFromAbove(seen.slice(i + 1), reach, lean)
    return Math.max(0, from - above)
  })
  const parts = seen.map((fibre, i) => [fromHex(fibre.colour), weights[i] ?? 0] as const)
  return toHex(mixLinear([...parts, [fromHex(soil), Math.max(1e-6, 1 - cover)]]))
}

/** What sealing with dilute adhesive does to a colour: L* and C* times these. Common practice; from memory. */
const SEALED = { lightness: 0.92, chroma: 1.06 } as const

/** A colour once it is sealed and dry again. */
export function sealed(colour: string): string {
  const [lightness, a, b] = toLab(colour)
  return labToHex([lightness * SEALED.lightness, a * SEALED.chroma, b * SEALED.chroma])
}
