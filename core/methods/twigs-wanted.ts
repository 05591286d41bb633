import type { Wanted } from '../armature'
import type { PieceSize } from '../commissions'
import type { MakeUp, Wish } from '../makeup'
import { sprigsOf } from './trees/sprig-count'
import { sprigFigures } from './trees/sprig-tree-figures'

export type TwigKind = Extract<Wish, { stuff: 'twig' }>['twig']

/** Ways whose trees are several sprigs bound together, where their crowns want it. */
const BOUND = new Set(['sprig-tree', 'blossom-tree'])

/**
 * The twigs that a make-up's trees are built on, each with its own height: what a sorted box is shared out to.
 * Undefined for ways that are built on something else.
 */
export function twigsWanted(
  up: MakeUp,
  sizes: readonly PieceSize[],
): { readonly kind: TwigKind; readonly wanted: readonly Wanted[] } | undefined {
  const [main] = up.slots.filter(
    ({ slot }) => slot.wish.stuff === 'twig' && slot.wish.twig !== 'curved-sprig',
  )
  if (!main || main.slot.wish.stuff !== 'twig' || up.job.kind === 'stock') return undefined
  const { piece } = up.job
  const each = up.uses.find(({ slot }) => slot === main.slot.id)?.perPiece.value ?? 1
  const sprigs = BOUND.has(up.method.id) ? sprigsOf(piece).value : Math.max(1, Math.floor(each))
  const longest = BOUND.has(up.method.id) ? sprigFigures.longest.value : Infinity
  return {
    kind: main.slot.wish.twig,
    wanted: sizes.map(({ heightMm }) => ({
      heightMm: Math.min(heightMm, longest),
      sprigs: Math.min(12, Math.max(1, sprigs)),
    })),
  }
}
