import { requireRange } from '../units'
import type { WirePart, WireTree } from './wire-tree'

/** What hands add to a strand besides the parts that it runs through. Lengths in mm. */
export interface Allowances {
  /** Twisted wire is longer than its bundle by this share: the lay. */
  readonly takeUp: number
  /** A strand in a root; one that goes down into the pin. */
  readonly rootMm: number
  readonly pinMm: number
  /** Doubled back at the tip into a loop, to be clipped to two ends. */
  readonly loopMm: number
}

/** Common practice for the lay; the others from memory. */
export const usualAllowances = (heightMm: number): Allowances => ({
  takeUp: 0.1,
  rootMm: Math.max(12, heightMm * 0.16),
  pinMm: 14,
  loopMm: Math.max(4, heightMm * 0.04),
})

/** How the strands of the trunk go on below the ground. */
export interface Roots {
  /** Strands in each root, 2 to 4; */
  readonly each: readonly number[]
  /** and in the pin that it is planted by. */
  readonly pin: number
}

/** Roots that a trunk has, at least and at most; strands to a root and in the thinnest pin. Common practice. */
const ROOTS = [3, 7] as const
const IN_ROOT = [2, 4] as const
const LEAST_PIN = 2

/**
 * Strands shared out to roots of two to four and a centre pin that takes the rest. A trunk of few strands has
 * no roots but the pin.
 */
export function rootsFor(strands: number): Roots {
  const spare = strands - LEAST_PIN
  if (spare < ROOTS[0] * IN_ROOT[0]) return { each: [], pin: strands }
  const count = Math.min(ROOTS[1], Math.max(ROOTS[0], Math.floor(spare / (IN_ROOT[1] + 1))))
  const own = Math.min(IN_ROOT[1], Math.floor(spare / count))
  return { each: new Array<number>(count).fill(own), pin: strands - own * count }
}

/** One wire: the parts that it runs through from the trunk to its tip, and how long it is to be cut, mm. */
export interface Strand {
  readonly parts: readonly number[]
  readonly lengthMm: number
}

const takenUp = (part: WirePart, { takeUp }: Allowances): number =>
  part.lengthMm * (part.strands > 1 ? 1 + takeUp : 1)

/**
 * Every strand of an armature with the length to cut: its root or its share of the pin, all parts up to its
 * tip with what the twist takes up, and the loop at its end. The shortest go into the pin.
 * @throws RangeError when an allowance is below 0
 */
export function strandsOf({ parts }: WireTree, allowances: Allowances): Strand[] {
  for (const [name, value] of Object.entries(allowances)) requireRange(name, value, '', { min: 0 })
  const ending = new Set(parts.map(({ id }) => id))
  for (const { parent } of parts) ending.delete(parent)
  const up = [...ending].flatMap((end) => {
    const way: number[] = []
    for (let at = end; at >= 0; at = parts[at]?.parent ?? -1) way.unshift(at)
    const lengthMm = way.reduce((sum, id) => {
      const part = parts[id]
      return part ? sum + takenUp(part, allowances) : sum
    }, 0)
    // A bundle that no fork parts any more goes to its end together.
    return Array.from({ length: parts[end]?.strands ?? 1 }, () => ({ parts: way, lengthMm }))
  })
  const { each } = rootsFor(up.length)
  const inRoots = each.reduce((sum, own) => sum + own, 0)
  return up
    .sort((a, b) => b.lengthMm - a.lengthMm)
    .map((strand, i) => ({
      parts: strand.parts,
      lengthMm: strand.lengthMm + (i < inRoots ? allowances.rootMm : allowances.pinMm) + allowances.loopMm,
    }))
}
