import type { WantedTree } from '../../armature'
import type { PieceSize } from '../../commissions'
import { isPlantMethod, type MakeUp } from '../../makeup'
import { type MaterialSpec } from '../../stock'

export type TwigKind = Extract<MaterialSpec, { stuff: 'twig' }>['twig']

/**
 * The twigs that a make-up's trees are built on, each with its own height: what a sorted box is shared out to.
 * Undefined for ways that are built on something else.
 */
export function twigsWanted(
  up: MakeUp,
  sizes: readonly PieceSize[],
): { readonly kind: TwigKind; readonly wanted: readonly WantedTree[] } | undefined {
  const [main] = up.slots.filter(
    ({ slot }) => slot.wish.stuff === 'twig' && slot.wish.twig !== 'curved-sprig',
  )
  if (!main || main.slot.wish.stuff !== 'twig' || up.job.kind === 'stock') return undefined
  const { piece } = up.job
  const each = up.uses.find(({ slot }) => slot === main.slot.id)?.perPiece.value ?? 1
  const bound = isPlantMethod(up.method) ? up.method.bound : undefined
  const sprigs = bound ? bound.twigs(piece) : Math.max(1, Math.floor(each))
  const longest = bound?.longestMm ?? Infinity
  return {
    kind: main.slot.wish.twig,
    wanted: sizes.map(({ heightMm }) => ({
      heightMm: Math.min(heightMm, longest),
      sprigs: Math.min(12, Math.max(1, sprigs)),
    })),
  }
}
