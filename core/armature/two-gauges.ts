import { requireRange } from '../units'
import { cutLengths, type CutList } from './cut-lengths'
import { rootsFor, type Allowances } from './strands'
import type { WirePart, WireTree } from './wire-tree'

/** A limb that thin wires are lashed to. */
export interface Limb {
  /** The part where it begins. */
  readonly part: number
  /** Thin wires that are lashed to its one stout strand. */
  readonly lashed: number
}

/**
 * An armature of two gauges, as makers build it: a hank of stout wire folded and twisted for the trunk and the
 * main limbs, then a few thinner ones lashed to each limb and split to the tips.
 */
export interface TwoGauges {
  readonly limbs: readonly Limb[]
  /** Stout strands in each part, by its place in the tree; 0 where only thin ones run. */
  readonly stout: readonly number[]
  /** Thin wires overlap the stout one by this much, mm. */
  readonly lashMm: number
  readonly stoutCut: CutList
  readonly thinCut: CutList
}

/** Thin wires are lashed on over so much of a limb, by the height of the armature. From memory. */
const LASHED_OVER = 0.06
/** Thin wires to a limb, at the most. Common practice: four or five. */
export const MOST_LASHED = 5
/** And never fewer: a single wire on a limb reads as wire. Common practice. */
const LEAST_LASHED = 2

/**
 * Divides an armature into stout and thin wire: where a branch has no more strands than are lashed to one limb,
 * a single stout strand ends and thin ones go on.
 * @param heightMm of the plant
 * @throws RangeError when fewer than two are to be lashed
 */
export function twoGauges(
  { parts }: WireTree,
  allowances: Allowances,
  heightMm: number,
  mostLashed = MOST_LASHED,
): TwoGauges {
  requireRange('lashed wires', mostLashed, '', { min: 2 })
  const lashMm = heightMm * LASHED_OVER
  const isLimb = (part: WirePart): boolean =>
    part.strands <= mostLashed && (part.parent < 0 || (parts[part.parent]?.strands ?? 0) > mostLashed)
  const limbs = parts
    .filter(isLimb)
    .map(({ id, strands }): Limb => ({ part: id, lashed: Math.max(LEAST_LASHED, strands) }))
  const stout = new Array<number>(parts.length).fill(0)
  for (const { part } of limbs)
    for (let at = parts[part]?.parent ?? -1; at >= 0; at = parts[at]?.parent ?? -1)
      stout[at] = (stout[at] ?? 0) + 1
  const twisted = (part: WirePart, strands: number): number =>
    part.lengthMm * (strands > 1 ? 1 + allowances.takeUp : 1)
  const { each } = rootsFor(limbs.length)
  const inRoots = each.reduce((sum, own) => sum + own, 0)
  const stoutLengths = limbs
    .map(({ part }) => {
      let mm = Math.min(lashMm, parts[part]?.lengthMm ?? 0)
      for (let at = parts[part]?.parent ?? -1; at >= 0; at = parts[at]?.parent ?? -1) {
        const below = parts[at]
        if (below) mm += twisted(below, stout[at] ?? 1)
      }
      return mm
    })
    .sort((a, b) => b - a)
    .map((mm, i) => mm + (i < inRoots ? allowances.rootMm : allowances.pinMm))
  const ends = new Set(parts.map(({ id }) => id))
  for (const { parent } of parts) ends.delete(parent)
  const begins = new Set(limbs.map(({ part }) => part))
  const thinLengths = [...ends].flatMap((end) => {
    let mm = lashMm * (1 + allowances.takeUp) + allowances.loopMm
    for (let at = end; at >= 0; at = parts[at]?.parent ?? -1) {
      const part = parts[at]
      if (part) mm += twisted(part, part.strands)
      if (begins.has(at)) break
    }
    const alone = begins.has(end) ? LEAST_LASHED : 1
    return new Array<number>(Math.max(alone, parts[end]?.strands ?? 1)).fill(mm)
  })
  return { limbs, stout, lashMm, stoutCut: cutLengths(stoutLengths), thinCut: cutLengths(thinLengths) }
}
