import { stoutStrands, usualAllowances } from '../../armature'
import { use, type Coefficient, type Cut, type PlantTask, type Use } from '../../makeup'
import { fact, ONE, product, sum, type Leaf } from '../../quantities'

/** What a way with wire asks for. */
export interface WireWork {
  readonly strands: number
  readonly takeUp: Coefficient
  readonly offcuts: Coefficient
}

/** Length of a strand's part above the lashing and of a stout one, by the height, until the armature is drawn. */
const THIN_SHARE = 0.5
const STOUT_SHARE = 0.8
/** The wood's surface by trunk × height, until the armature is drawn. */
const WOOD = 9

/** Stout and thin wire for a tree, from its armature or, until that is drawn, by its height; and what bark covers. */
export function wireUses(task: PlantTask, { strands, offcuts }: WireWork): { uses: Use[]; surface: Leaf } {
  const { piece, wire } = task
  const lost = task.input(offcuts)
  const { rootMm } = usualAllowances(piece.heightMm)
  const stoutMm =
    wire?.two.stoutCut.totalMm ?? stoutStrands(strands) * (piece.heightMm * STOUT_SHARE + rootMm)
  const thinMm = wire?.two.thinCut.totalMm ?? strands * piece.heightMm * THIN_SHARE
  const one = (slot: string, label: string, mm: number): Use =>
    use(task, {
      slot,
      step: slot === 'wire' ? 'hank' : 'split',
      label,
      each: product(
        wire
          ? fact('cut list', mm, 'mm', 'formula', `${strands} strands, as the armature is drawn`)
          : fact(
              'strands together',
              mm,
              'mm',
              'memory',
              `${strands} strands by the height, until it is drawn`,
            ),
        sum(ONE, lost),
      ),
    })
  const surface = wire
    ? fact('surface of the wood', wire.surfaceCm2, 'cm²', 'formula', 'parts’ lengths × their girth')
    : fact(
        'surface of the wood',
        (piece.trunkMm * piece.heightMm * WOOD) / 100,
        'cm²',
        'memory',
        'until the armature is drawn',
      )
  return { uses: [one('wire', 'Stout wire', stoutMm), one('thin-wire', 'Thin wire', thinMm)], surface }
}

/** What is cut for one tree and for the batch: at most six lengths a gauge. Nothing until the armature is drawn. */
export function wireCuts({ wire, started }: PlantTask): Cut[] {
  if (!wire) return []
  const of = (slot: string, what: string, lengths: readonly { lengthMm: number; count: number }[]): Cut[] =>
    lengths.map(({ lengthMm, count }) => ({ slot, what, count: count * started, lengthMm }))
  return [
    ...of('wire', 'stout wire', wire.two.stoutCut.lengths),
    ...of('thin-wire', 'thin wire', wire.two.thinCut.lengths),
  ]
}
