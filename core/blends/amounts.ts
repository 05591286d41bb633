import { HANDFUL_ML } from '../stock'
import { requireRange } from '../units/reading'
import type { Mixture, Portion } from './mixture'

/** A kitchen scoop as makers keep in the jar, ml. From memory. */
const SCOOP_ML = 15
/** What the whole shrinks by when fine grains fill the gaps of coarse ones: not counted. */

/** So much of one material in a mix. */
export interface BlendAmount {
  readonly portion: Portion
  readonly ml: number
  readonly g: number
  readonly handfuls: number
  readonly scoops: number
  /** Of its pack, where the pack's size is known. */
  readonly packs?: number
}

/**
 * What goes into so much of a mix: parts are millilitres of the loose heap, grams follow by bulk density.
 * @param ml of the loose mix, above 0
 */
export function amountsFor({ portions }: Pick<Mixture, 'portions'>, ml: number): BlendAmount[] {
  requireRange('amount of the mix', ml, 'ml', { above: 0 })
  const all = portions.reduce((sum, { parts }) => sum + parts, 0)
  return portions.map((portion) => {
    const own = (ml * portion.parts) / all
    const g = own * portion.grain.bulkGPerMl
    const { packQuantity } = portion.grain.material
    return {
      portion,
      ml: own,
      g,
      handfuls: own / HANDFUL_ML,
      scoops: own / SCOOP_ML,
      ...(packQuantity === undefined ? {} : { packs: g / packQuantity }),
    }
  })
}

/** What a mix is held back by. */
export interface Limit {
  /** The most that the jars give, ml; Infinity of nothing. */
  readonly mostMl: number
  /** The portion that runs out first. */
  readonly scarcest?: Portion
}

/** The most of a mix that can be made of what is free. @param freeG free of a material, g */
export function limitOf(
  { portions }: Pick<Mixture, 'portions'>,
  freeG: (materialId: string) => number,
): Limit {
  const all = portions.reduce((sum, { parts }) => sum + parts, 0)
  let limit: Limit = { mostMl: Infinity }
  for (const portion of portions) {
    const { material, bulkGPerMl } = portion.grain
    const mostMl = (Math.max(0, freeG(material.id)) / bulkGPerMl / portion.parts) * all
    if (mostMl < limit.mostMl) limit = { mostMl, scarcest: portion }
  }
  return limit
}

/** What is left of a jar after a mix that leaves less than this share of it is a rest, and no jar any more. */
const REST_SHARE = 0.1

/** A material that a mix takes so much of that the next can't be matched from it. */
export interface LastOf {
  readonly portion: Portion
  readonly leftG: number
  /** What there is of it may not come again: no pack is known, or it was gathered, made or reclaimed. */
  readonly cantComeAgain: boolean
}

/**
 * The point of no return: materials that a mix uses up, or all but. A new bag is another lot, and another tone.
 * @param onHandG on hand, g @param isBought whether what is there was bought in packs
 */
export function lastOf(
  amounts: readonly BlendAmount[],
  onHandG: (materialId: string) => number,
  isBought: (materialId: string) => boolean,
): LastOf[] {
  return amounts.flatMap(({ portion, g }) => {
    const { material } = portion.grain
    const there = onHandG(material.id)
    const leftG = there - g
    if (there <= 0 || leftG >= REST_SHARE * there) return []
    return [
      {
        portion,
        leftG: Math.max(0, leftG),
        cantComeAgain: material.packQuantity === undefined || !isBought(material.id),
      },
    ]
  })
}

/** Of what the scarcest jar gives, what is proposed instead: the rest stays for matching and touching up. */
export const SMALLER_SHARE = 0.8
