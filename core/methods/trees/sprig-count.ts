import type { Piece } from '../../makeup'
import { fact, type Leaf } from '../../quantities'
import { sprigFigures as k } from './sprig-tree-figures'

/** A tree that is only a little wider than so many sprigs is made of those. Our estimate. */
const A_LITTLE = 0.35

/**
 * Sprigs bound together for one tree: as many flat ones as its crown, seen from above, has room for.
 * @param flatCm2 of one sprig
 */
export const sprigsOf = (piece: Pick<Piece, 'topAreaCm2'>, flatCm2 = k.flatCm2.value): Leaf =>
  fact(
    'sprigs in a tree',
    Math.max(1, Math.ceil(piece.topAreaCm2 / flatCm2 - A_LITTLE)),
    '',
    'formula',
    `crown from above of ${Math.round(piece.topAreaCm2)} cm² ÷ a flat sprig of ${Math.round(flatCm2)} cm²`,
  )
