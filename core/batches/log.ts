import { balancesOf, stateOfLot, type Lot, type Movement } from '../stock'
import type { Run } from './machine'
import type { Batch } from './records'

/** Planned against real, for one batch that has ended. Times in minutes, money in hundredths, amounts in the material's unit. */
export interface LogEntry {
  readonly batch: Batch
  readonly ended: 'finished' | 'abandoned'
  readonly at: string
  readonly tray?: string
  readonly note?: string
  readonly good: number
  readonly rejects: Run['state']['rejects']
  /** Good ÷ started; 0 for an abandoned batch. */
  readonly yield: number
  readonly plannedYield: number
  readonly plannedMin: number
  readonly realMin: number
  readonly lateRounds: number
  readonly amounts: readonly {
    readonly materialId: string
    readonly planned: number
    readonly used: number
  }[]
  readonly cost: BatchCost
}

export interface BatchCost {
  /** What was drawn, at what its lots cost: leftovers are still worth their price. */
  readonly usedMinor: number
  /** The whole price of every lot touched, shared by what each batch has drawn of it: leftovers are worth nothing. */
  readonly writtenOffMinor: number
  /** Materials drawn from lots without a price; they count as nothing, and are named. */
  readonly unpricedMaterialIds: readonly string[]
}

/** One pass over the ledger, from which the cost of any batch can be told. */
export interface Ledger {
  readonly lots: ReadonlyMap<string, Lot>
  readonly balances: ReturnType<typeof balancesOf>
  /** Net drawn by batch, then by lot. */
  readonly drawn: ReadonlyMap<string, ReadonlyMap<string, number>>
  readonly drawnOfLot: ReadonlyMap<string, number>
}

export function readLedger(lots: readonly Lot[], movements: readonly Movement[]): Ledger {
  const drawn = new Map<string, Map<string, number>>()
  const drawnOfLot = new Map<string, number>()
  for (const { batchId, lotId, quantity } of movements) {
    if (batchId === undefined) continue
    const byLot = drawn.get(batchId) ?? new Map<string, number>()
    byLot.set(lotId, (byLot.get(lotId) ?? 0) - quantity)
    drawn.set(batchId, byLot)
    drawnOfLot.set(lotId, (drawnOfLot.get(lotId) ?? 0) - quantity)
  }
  return {
    lots: new Map(lots.map((lot) => [lot.id, lot])),
    balances: balancesOf(movements),
    drawn,
    drawnOfLot,
  }
}

/** Cost of what a batch drew, with leftovers counted and with leftovers written off. */
export function batchCost(batchId: string, ledger: Ledger): BatchCost {
  let usedMinor = 0
  let writtenOffMinor = 0
  const unpriced = new Set<string>()
  for (const [lotId, quantity] of ledger.drawn.get(batchId) ?? []) {
    const lot = ledger.lots.get(lotId)
    if (!lot || quantity <= 0) continue
    const { unitPriceMinor } = stateOfLot(lot, ledger.balances)
    if (unitPriceMinor === undefined || lot.priceMinor === undefined) {
      unpriced.add(lot.materialId)
      continue
    }
    usedMinor += unitPriceMinor * quantity
    writtenOffMinor += lot.priceMinor * (quantity / (ledger.drawnOfLot.get(lotId) ?? quantity))
  }
  return { usedMinor, writtenOffMinor, unpricedMaterialIds: [...unpriced] }
}

/** The log's entry for a batch; undefined while it is open. */
export function logEntry(batch: Batch, run: Run, ledger: Ledger): LogEntry | undefined {
  const { state } = run
  const { outcome } = state
  if (!outcome) return undefined
  const finished = outcome.type === 'finish'
  const good = finished ? state.live : 0
  const planned = new Map<string, number>()
  for (const { materialId, quantity } of batch.plan.amounts)
    planned.set(materialId, (planned.get(materialId) ?? 0) + quantity)
  const used = new Map(outcome.used.map(({ materialId, quantity }) => [materialId, quantity]))
  return {
    batch,
    ended: finished ? 'finished' : 'abandoned',
    at: run.history.at(-1)?.at ?? batch.madeAt,
    good,
    rejects: state.rejects,
    ...(finished
      ? { tray: outcome.tray, ...(outcome.note === undefined ? {} : { note: outcome.note }) }
      : { note: outcome.reason }),
    yield: good / batch.pieces,
    plannedYield: batch.plan.expectedGood / batch.pieces,
    plannedMin: batch.plan.handsMin,
    realMin: outcome.handsMin,
    lateRounds: state.lateRounds,
    amounts: [...new Set([...planned.keys(), ...used.keys()])].map((materialId) => ({
      materialId,
      planned: planned.get(materialId) ?? 0,
      used: used.get(materialId) ?? 0,
    })),
    cost: batchCost(batch.id, ledger),
  }
}

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
