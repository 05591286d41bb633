import type { Skeleton } from '../growth'
import { requireRange } from '../units'
import { bundleMm } from './bundles'
import { wiresFor, type Fit, type WirePlace } from './choose-wire'
import { rootsFor, usualAllowances, type Allowances, type Roots } from './strands'
import { twistingOrder, type Twist } from './twisting'
import { twoGauges, type TwoGauges } from './two-gauges'
import { wireTree, type WireTree } from './wire-tree'

/** What an armature is planned for. Lengths in mm. */
export interface WireOrder {
  readonly heightMm: number
  /** Thickness that the trunk is to come to, bark included. */
  readonly trunkMm: number
  readonly strands: number
  /** Diameters of the stout wire and of the thin. */
  readonly stoutMm: number
  readonly thinMm: number
  /** Thickness of all coats of bark together on the trunk. */
  readonly barkMm: number
  /** Twist makes a strand longer than its bundle by this share. */
  readonly takeUp: number
  /** Diameters of all wires that are there, to compare with. */
  readonly wiresMm: readonly number[]
}

/** An armature worked out: what is cut, in which order it is twisted, and what must be covered. */
export interface WirePlan {
  readonly tree: WireTree
  readonly strands: number
  readonly two: TwoGauges
  readonly stoutMm: number
  readonly thinMm: number
  readonly roots: Roots
  readonly order: readonly Twist[]
  /** Thickness of each part as it is twisted, without bark, mm. */
  readonly thickMm: readonly number[]
  /** What bark covers on trunk, limbs and roots, cm². */
  readonly surfaceCm2: number
  /** How near the trunk comes to what it should be, bark included. */
  readonly trunk: { readonly isMm: number; readonly wantedMm: number }
  /** The wires that are there, the best for trunk and limbs first. */
  readonly fits: readonly Fit[]
}

/** Strands by the height of a tree, mm⁻¹: sixty for 150 mm. From memory. */
const STRANDS_PER_MM = 0.4
const ZONES = { front: 1, middle: 0.7, back: 0.5 } as const
export const PATIENCE = { quick: 0.6, usual: 1, fine: 1.5 } as const
/** Strands that two hands can hold and twist, at the least and the most. From memory. */
export const STRANDS_RANGE = [6, 160] as const

/**
 * A number of strands that suits a tree: more for a taller one, fewer where it stands farther off.
 * @param tips of the skeleton, of which no more than a third get a strand
 */
export function proposedStrands(
  heightMm: number,
  zone: keyof typeof ZONES,
  patience: keyof typeof PATIENCE = 'usual',
  tips = Infinity,
): number {
  const [least, most] = STRANDS_RANGE
  const wished = Math.round(heightMm * STRANDS_PER_MM * ZONES[zone] * PATIENCE[patience])
  return Math.max(2, Math.min(Math.max(least, Math.min(most, wished)), Math.floor(tips / 3)))
}

/** Stout strands that carry so many tips: one to each limb, of two to five thin ones. From armatures of many kinds. */
export const stoutStrands = (strands: number): number => Math.max(2, Math.round(strands / 2.5))

/** Stouter than this, mm, and fingers can't twist it. Our estimate. */
const STOUTEST_MM = 0.7

/** Diameter of stout wire whose bundle makes a trunk of a thickness under its bark, mm: what fingers twist at most. */
export const wantedStoutMm = (trunkMm: number, strands: number, barkMm: number): number =>
  Math.min(STOUTEST_MM, Math.max(0.2, (trunkMm - 2 * barkMm) / bundleMm(stoutStrands(strands), 1)))

/**
 * Plans an armature from a skeleton: strands, two gauges, cut lists, the order of twisting, the surface that
 * bark covers.
 * @throws RangeError when a measure is not a length, or the skeleton has fewer than six tips
 */
export function wirePlan(skeleton: Skeleton, order: WireOrder): WirePlan {
  requireRange('height', order.heightMm, 'mm', { above: 0 })
  requireRange('tips', skeleton.tips.length, '', { min: 6 })
  const strands = Math.max(2, Math.min(Math.round(order.strands), Math.floor(skeleton.tips.length / 3)))
  const tree = wireTree(skeleton, strands)
  const allowances: Allowances = { ...usualAllowances(order.heightMm), takeUp: order.takeUp }
  const two = twoGauges(tree, allowances, order.heightMm)
  const thickMm = tree.parts.map((part) => thickness(part.id, part.strands, two, order))
  const roots = rootsFor(two.limbs.length)
  const inRoots = roots.each.reduce((sum, own) => sum + own, 0)
  const surfaceMm2 =
    tree.parts.reduce(
      (sum, { id, lengthMm }) => sum + Math.PI * ((thickMm[id] ?? 0) + order.barkMm) * lengthMm,
      0,
    ) +
    Math.PI * bundleMm(Math.max(1, inRoots), order.stoutMm) * allowances.rootMm
  return {
    tree,
    strands,
    two,
    stoutMm: order.stoutMm,
    thinMm: order.thinMm,
    roots,
    order: twistingOrder(tree, two),
    thickMm,
    surfaceCm2: surfaceMm2 / 100,
    trunk: { isMm: (thickMm[0] ?? 0) + 2 * order.barkMm, wantedMm: order.trunkMm },
    fits: wiresFor(order.wiresMm, placesOf(tree, two, order.trunkMm), order.barkMm),
  }
}

/** A part's thickness: a bundle of its stout strands, with thin ones around it above the lashing. */
function thickness(id: number, strands: number, two: TwoGauges, order: WireOrder): number {
  const stout = two.stout[id] ?? 0
  if (stout > 0) return bundleMm(stout, order.stoutMm)
  const begins = two.limbs.some(({ part }) => part === id)
  return bundleMm(strands, order.thinMm) + (begins ? order.stoutMm * 0.6 : 0)
}

/** Places that a wire is judged at: the trunk, and the parts of main limbs by the pipe rule. */
function placesOf(tree: WireTree, two: TwoGauges, trunkMm: number): WirePlace[] {
  const trunk = two.stout[0] ?? 1
  return tree.parts.flatMap(({ id }): WirePlace[] => {
    const strands = two.stout[id] ?? 0
    if (strands < 2 && id !== 0) return []
    return [{ strands: Math.max(1, strands), thickMm: trunkMm * Math.sqrt(Math.max(1, strands) / trunk) }]
  })
}
