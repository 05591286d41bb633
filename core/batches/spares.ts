import { sizeOfAmount, type Line } from '../commissions'
import type { Batch } from './records'
import type { Tray } from './trays'

/** Pieces of another line that nobody waits for: they may stand in for one that is short. */
export interface Spare {
  readonly line: Line
  readonly batchId: string
  readonly tray: string
  readonly count: number
}

/** Pieces of one kind stand in for each other where their heights differ by no more than this share. From memory. */
const NEAR_HEIGHT = 0.2

/**
 * Pieces on trays of other lines, of the same kind and much the same height, beyond what those lines want.
 * @param heightMmOf a line's pieces at the model, mm; undefined where it can't be told
 */
export function sparesFor(
  line: Line,
  lines: readonly Line[],
  traysOfLine: ReadonlyMap<string, readonly Tray[]>,
  heightMmOf: (line: Line) => number | undefined,
): Spare[] {
  const own = heightMmOf(line)
  if (line.amount.kind !== 'pieces' || own === undefined) return []
  return lines.flatMap((other): Spare[] => {
    if (other.id === line.id || other.speciesId !== line.speciesId || other.amount.kind !== 'pieces')
      return []
    const height = heightMmOf(other)
    if (height === undefined || Math.abs(height / own - 1) > NEAR_HEIGHT) return []
    const trays = traysOfLine.get(other.id) ?? []
    const there = trays.reduce(
      (sum, { counts }) => sum + Math.max(0, counts['to be planted'] + counts.planted + counts.sold),
      0,
    )
    let spare = Math.max(0, there - (other.removed ? 0 : sizeOfAmount(other.amount)))
    return [...trays]
      .sort((a, b) => b.counts['to be planted'] - a.counts['to be planted'])
      .flatMap(({ batchId, name, counts }): Spare[] => {
        const count = Math.min(spare, Math.max(0, counts['to be planted']))
        spare -= count
        return count > 0 ? [{ line: other, batchId, tray: name, count }] : []
      })
  })
}

/** A batch of spares: its pieces come off a tray, so it draws none from the shelf. */
export const draftOfSpares = <D extends Pick<Batch, 'plan'>>(draft: D): D => ({
  ...draft,
  plan: {
    ...draft.plan,
    amounts: [],
    steps: draft.plan.steps.map((step) => ({ ...step, materialIds: [] })),
  },
})
