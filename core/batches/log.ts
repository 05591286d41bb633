import { priceBook, type Lot, type LotBalance, type Movement, type PriceBook } from '../stock'
import type { Run } from './machine'
import type { Batch } from './records'

/**
 * Planned against real, for one batch that has ended. Times in minutes, money in hundredths, amounts in the
 * material's unit.
 */
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
  /** Entries of another copy that went on with the batch in another way; they count for nothing. */
  readonly setAside: Run['setAside']
}

export interface BatchCost {
  /** What was drawn, at what its lots cost: leftovers are still worth their price. */
  readonly usedMinor: number
  /** The whole price of every lot touched, shared by what each batch has drawn of it: leftovers are worth nothing. */
  readonly writtenOffMinor: number
  /** Materials drawn from lots without a price; they count as nothing, and are named. */
  readonly unpricedMaterialIds: readonly string[]
}

/** What the ledger says of the batches that are looked at. */
export interface Ledger {
  readonly lots: ReadonlyMap<string, Lot>
  readonly balances: ReadonlyMap<string, LotBalance>
  readonly prices: PriceBook
  /** Net drawn by batch, then by lot, in the material's unit. */
  readonly drawn: ReadonlyMap<string, ReadonlyMap<string, number>>
  readonly kept: ReadonlyMap<string, ReadonlyMap<string, number>>
}

/** Net draws by batch, then by lot. @param setAside ids of run entries that don't count */
export function drawsByBatch(
  movements: Iterable<Movement>,
  setAside?: ReadonlySet<string>,
): Map<string, Map<string, number>> {
  const drawn = new Map<string, Map<string, number>>()
  for (const { batchId, lotId, quantity, kind, eventId } of movements) {
    // Only what was drawn and what came back of it: not what the batch gave.
    const draws = kind === 'draw' || (kind === 'reversal' && quantity > 0)
    if (batchId === undefined || !draws) continue
    if (eventId !== undefined && setAside?.has(eventId)) continue
    const byLot = drawn.get(batchId) ?? new Map<string, number>()
    byLot.set(lotId, (byLot.get(lotId) ?? 0) - quantity)
    drawn.set(batchId, byLot)
  }
  return drawn
}

/**
 * Reads the ledger for the cost of batches.
 * @param movements at least those of the batches that are asked for, and of those that made lots which they drew on
 */
export function readLedger(
  lots: readonly Lot[],
  movements: Iterable<Movement>,
  balances: ReadonlyMap<string, LotBalance>,
  setAside?: ReadonlySet<string>,
): Ledger {
  const drawn = drawsByBatch(movements, setAside)
  const nothing: ReadonlyMap<string, number> = new Map()
  return {
    lots: new Map(lots.map((lot) => [lot.id, lot])),
    balances,
    drawn,
    kept: keptShares(lots, balances),
    prices: priceBook(lots, balances, (batchId) => drawn.get(batchId) ?? nothing),
  }
}

/**
 * Of what each batch drew of each material, the share that went into lots which were kept: by batch, then by
 * material.
 */
function keptShares(
  lots: readonly Lot[],
  balances: ReadonlyMap<string, LotBalance>,
): Map<string, Map<string, number>> {
  const kept = new Map<string, Map<string, number>>()
  for (const { id, from } of lots) {
    // A lot whose making was undone holds nothing and takes nothing.
    if (!from || (balances.get(id)?.received ?? 0) <= 0) continue
    const shares = kept.get(from.batchId) ?? new Map<string, number>()
    for (const { materialId, share } of from.shares)
      shares.set(materialId, Math.min(1, (shares.get(materialId) ?? 0) + share))
    kept.set(from.batchId, shares)
  }
  return kept
}

/** Cost of what a batch drew and did not keep, with leftovers counted and with leftovers written off. */
export function batchCost(batchId: string, ledger: Ledger): BatchCost {
  let usedMinor = 0
  let writtenOffMinor = 0
  const unpriced = new Set<string>()
  const kept = ledger.kept.get(batchId)
  for (const [lotId, quantity] of ledger.drawn.get(batchId) ?? []) {
    const lot = ledger.lots.get(lotId)
    if (!lot || quantity <= 1e-9) continue
    const unit = ledger.prices.unitPriceMinor(lotId)
    const whole = ledger.prices.lotPriceMinor(lotId)
    if (unit === undefined || whole === undefined) {
      unpriced.add(lot.materialId)
      continue
    }
    const here = 1 - (kept?.get(lot.materialId) ?? 0)
    const used = unit * quantity
    // A lot that was overdrawn has been paid for more than once: nobody writes off less than was used.
    const drawnOfLot = ledger.balances.get(lotId)?.drawn ?? quantity
    usedMinor += used * here
    writtenOffMinor += Math.max(used, (whole * quantity) / Math.max(quantity, drawnOfLot)) * here
  }
  return { usedMinor, writtenOffMinor, unpricedMaterialIds: [...unpriced] }
}

/** The log's entry for a batch; undefined while it is open. */
export function logEntry(batch: Batch, run: Run, ledger: Ledger): LogEntry | undefined {
  const { state } = run
  const { outcome } = state
  // A batch that was dropped before it began is no failure: nothing was made of it.
  if (!outcome || !state.begun) return undefined
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
    setAside: run.setAside,
  }
}
