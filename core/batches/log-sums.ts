import { lineOf } from './use'
import type { LogEntry } from './log'

/** The log of one method: sums over its ended batches. Ratios are real ÷ planned. */
export interface MethodLog {
  readonly methodId: string
  readonly batches: number
  readonly started: number
  readonly good: number
  readonly yield: number
  readonly plannedYield: number
  readonly minutesRatio: number
  readonly plannedMin: number
  readonly realMin: number
  readonly amountsRatio: number
  readonly usedEachMinor?: number
  readonly writtenOffEachMinor?: number
}

export function logByMethod(entries: readonly LogEntry[]): MethodLog[] {
  const ids = [...new Set(entries.map(({ batch }) => batch.methodId))]
  return ids.map((methodId) => {
    const mine = entries.filter((entry) => entry.batch.methodId === methodId)
    const sum = (of: (entry: LogEntry) => number): number =>
      mine.reduce((total, entry) => total + of(entry), 0)
    const started = sum(({ batch }) => batch.pieces)
    const good = sum((entry) => entry.good)
    const ratios = mine.flatMap(({ amounts }) =>
      amounts.filter(({ planned }) => planned > 0).map(({ planned, used }) => used / planned),
    )
    return {
      methodId,
      batches: mine.length,
      started,
      good,
      yield: good / started,
      plannedYield: sum(({ batch }) => batch.plan.expectedGood) / started,
      plannedMin: sum(({ plannedMin }) => plannedMin),
      realMin: sum(({ realMin }) => realMin),
      minutesRatio:
        sum(({ realMin }) => realMin) /
        Math.max(
          1e-9,
          sum(({ plannedMin }) => plannedMin),
        ),
      amountsRatio: ratios.length === 0 ? 1 : ratios.reduce((a, b) => a + b, 0) / ratios.length,
      ...(good > 0
        ? {
            usedEachMinor: sum(({ cost }) => cost.usedMinor) / good,
            writtenOffEachMinor: sum(({ cost }) => cost.writtenOffMinor) / good,
          }
        : {}),
    }
  })
}

/** What batches of one commission have drawn of the shelf. Money in hundredths. */
export interface CommissionLog {
  /** Absent: made for the shelf, or of lines that are gone. */
  readonly commissionId?: string
  readonly batches: number
  /** Good ones, of those that are made in pieces. */
  readonly good: number
  readonly usedMinor: number
  readonly writtenOffMinor: number
  /** Materials whose price nobody knows: they count as nothing. */
  readonly unpricedMaterialIds: readonly string[]
}

/**
 * What has been drawn, commission by commission. What batches for the shelf drew is apart: it went into lots, and comes
 * to a commission with what that draws of them; it comes last, the dearest commission first.
 * @param commissionOf the commission of a line; undefined where the line is gone
 */
export function logByCommission(
  entries: readonly LogEntry[],
  commissionOf: (lineId: string) => string | undefined,
): CommissionLog[] {
  const groups = new Map<string | undefined, LogEntry[]>()
  for (const entry of entries) {
    const lineId = lineOf(entry.batch)
    const id = lineId === undefined ? undefined : commissionOf(lineId)
    groups.set(id, [...(groups.get(id) ?? []), entry])
  }
  const rows = [...groups].map(([commissionId, own]): CommissionLog => ({
    ...(commissionId === undefined ? {} : { commissionId }),
    batches: own.length,
    good: own.reduce((sum, { good, batch }) => sum + (batch.makes.kind === 'pieces' ? good : 0), 0),
    usedMinor: own.reduce((sum, { cost }) => sum + cost.usedMinor, 0),
    writtenOffMinor: own.reduce((sum, { cost }) => sum + cost.writtenOffMinor, 0),
    unpricedMaterialIds: [...new Set(own.flatMap(({ cost }) => cost.unpricedMaterialIds))],
  }))
  const isNone = ({ commissionId }: CommissionLog): number => Number(commissionId === undefined)
  return rows.sort((a, b) => isNone(a) - isNone(b) || b.usedMinor - a.usedMinor)
}
