import { stoutStrands, usualAllowances } from '../../armature'
import type { Cut } from '../../makeup'
import { ONE, fact, product, sum, type Coefficient, type Leaf } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import type { Taken } from '../kit/making'

/** Length of a strand's part above the lashing and of a stout one, by the height, until the armature is drawn. */
const THIN_SHARE = 0.5
const STOUT_SHARE = 0.8
/** The wood's surface by trunk × height, until the armature is drawn. */
const WOOD = 9

/** What a way with wire takes of it. */
export interface WireWork {
  /** Stout wire for the hank, thin wire that is lashed on. */
  readonly stout: Taken
  readonly thin: Taken
  /** What bark covers, cm². */
  readonly surface: Leaf
  /** What is cut for the batch: at most six lengths a gauge. Nothing until the armature is drawn. */
  readonly cuts: readonly Cut[]
}

/** Stout and thin wire for a tree, from its armature or, until that is drawn, by its height. */
export function wireWork(on: PlantMaking, strands: number, offcuts: Coefficient): WireWork {
  const { piece, started } = on
  const { wire } = on.task
  const { rootMm } = usualAllowances(piece.heightMm)
  const stoutMm =
    wire?.two.stoutCut.totalMm ?? stoutStrands(strands) * (piece.heightMm * STOUT_SHARE + rootMm)
  const thinMm = wire?.two.thinCut.totalMm ?? strands * piece.heightMm * THIN_SHARE
  const length = (mm: number): Leaf =>
    wire
      ? fact('cut list', mm, 'mm', 'formula', `${strands} strands, as the armature is drawn`)
      : fact('strands together', mm, 'mm', 'memory', `${strands} strands by the height, until it is drawn`)
  const taken = (slot: string, mm: number): Taken =>
    on.take(slot, product(length(mm), sum(ONE, on.input(offcuts))))
  const cut = (slot: string, what: string, lengths: readonly { lengthMm: number; count: number }[]): Cut[] =>
    lengths.map(({ lengthMm, count }) => ({ slot, what, count: count * started, lengthMm }))
  return {
    stout: taken('wire', stoutMm),
    thin: taken('thin-wire', thinMm),
    surface: wire
      ? fact('surface of the wood', wire.surfaceCm2, 'cm²', 'formula', 'parts’ lengths × their girth')
      : fact(
          'surface of the wood',
          (piece.trunkMm * piece.heightMm * WOOD) / 100,
          'cm²',
          'memory',
          'until the armature is drawn',
        ),
    cuts: wire
      ? [
          ...cut('wire', 'stout wire', wire.two.stoutCut.lengths),
          ...cut('thin-wire', 'thin wire', wire.two.thinCut.lengths),
        ]
      : [],
  }
}
