import type { Piece } from '../../makeup'
import { fact, type Leaf } from '../../quantities'
import { sprigFigures as k } from './sprig-tree-figures'

/**
 * Sprigs bound together for one tree: as many as its crown has room for, each no longer than good sprigs are.
 * @param width of a sprig’s crown, of its height @param longest good sprig, mm
 */
export function sprigsOf(
  piece: Pick<Piece, 'heightMm' | 'sideAreaCm2'>,
  width = k.width.value,
  longest = k.longest.value,
): Leaf {
  const length = Math.min(piece.heightMm, longest)
  const one = (Math.PI / 4) * (width * length) ** 2
  const count = Math.max(1, Math.ceil((piece.sideAreaCm2 * 100) / one - 0.35))
  return fact(
    'sprigs in a tree',
    count,
    '',
    'formula',
    `crown from the side ÷ crown of a sprig of ${Math.round(length)} mm`,
  )
}
