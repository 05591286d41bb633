import { draftOfSpares, nextBatchName, planFrom, sparesFor, type Spare } from '~~/core/batches'
import { lineSize, type Line } from '~~/core/commissions'
import { plantMethodById } from '~~/core/methods'
import { oldPieceFor } from '~~/core/stock'
import type { Plant } from '../stores/plant'

/** How pieces that are there are used. */
export type ExistingUse = 'as-they-are' | 'refreshed'

/** Pieces that are there already: entered and used for a line, or spared by another. */
export function useExisting(plant: () => Plant) {
  const workshop = useWorkshop()
  const stock = useStock()
  const estimates = useEstimates()
  const takeExisting = useDeed('takeExisting')
  const takeSpares = useDeed('takeSpares')

  const commissions = computed(() => new Map(workshop.commissions.map((one) => [one.id, one])))
  function heightMmOf(line: Line): number | undefined {
    const on = commissions.value.get(line.commissionId)
    const species = workshop.speciesOf(line.speciesId)
    return on && species ? lineSize(line, on, species).heightMm : undefined
  }
  const spares = computed(() => sparesFor(plant().line, workshop.lines, stock.traysOfLine, heightMmOf))
  const commissionOf = ({ line }: Spare): string => commissions.value.get(line.commissionId)?.name ?? ''

  /** A batch that uses so many for the line. @throws RangeError where this version does not know the way */
  function draftFor(use: ExistingUse, count: number, what: string, heightMm?: number) {
    const method = plantMethodById(use)
    if (!method) throw new RangeError(`way is ${use}; it must be known`)
    const { line, piece } = plant()
    const own = heightMm === undefined ? piece : { ...piece, heightMm }
    const materials = { ...line.materials, piece: oldPieceFor(own.heightMm).id }
    const up = estimates.workOut({ ...plant(), piece: own, line: { ...line, materials } }, method, {
      left: count,
      started: count,
    })
    return planFrom(up, line.id, nextBatchName(line, workshop.batches, { what }))
  }
  /** Takes in pieces that are there, and plans what is to be done with them. */
  const enter = (of: { count: number; heightMm: number; use: ExistingUse; from: string }) =>
    takeExisting(
      { materialId: oldPieceFor(of.heightMm).id, count: of.count, label: of.from, date: today() },
      draftFor(of.use, of.count, of.use === 'refreshed' ? 'refreshed' : 'there already', of.heightMm),
    )
  const take = (spare: Spare) =>
    takeSpares(
      {
        batchId: spare.batchId,
        tray: spare.tray,
        count: spare.count,
        note: `for ${plant().line.name}`,
      },
      draftOfSpares(draftFor('as-they-are', spare.count, 'spared')),
    )
  return { spares, commissionOf, enter, take }
}
