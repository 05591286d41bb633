import { planDraw, type LotBalance, type PriceBook, type StockState } from './ledger'
import type { Lot } from './records'

/**
 * Prices of lots: a bought lot costs what was paid for it; one made from others its share of what its batch
 * drew, at what those lots cost. A lot whose making leads back to itself has no price.
 * @param drawsOf net draws of a batch by lot, in the material's unit
 */
export function priceBook(
  lots: readonly Lot[],
  balances: ReadonlyMap<string, LotBalance>,
  drawsOf: (batchId: string) => ReadonlyMap<string, number>,
): PriceBook {
  const byId = new Map(lots.map((lot) => [lot.id, lot]))
  const known = new Map<string, number | undefined>()
  const open = new Set<string>()

  function madeCost(lot: Lot): number | undefined {
    const { from } = lot
    if (!from) return undefined
    let cost = 0
    for (const { materialId, share } of from.shares) {
      for (const [lotId, quantity] of drawsOf(from.batchId)) {
        if (byId.get(lotId)?.materialId !== materialId || quantity <= 0) continue
        const unit = unitPriceMinor(lotId)
        if (unit === undefined) return undefined
        cost += unit * quantity * share
      }
    }
    return cost
  }

  function lotPriceMinor(lotId: string): number | undefined {
    if (known.has(lotId)) return known.get(lotId)
    const lot = byId.get(lotId)
    if (!lot || open.has(lotId)) return undefined
    open.add(lotId)
    const price = lot.priceMinor ?? madeCost(lot)
    open.delete(lotId)
    known.set(lotId, price)
    return price
  }

  function unitPriceMinor(lotId: string): number | undefined {
    const price = lotPriceMinor(lotId)
    const received = balances.get(lotId)?.received ?? 0
    return price === undefined || received <= 0 ? undefined : price / received
  }

  return { lotPriceMinor, unitPriceMinor }
}

/** Price of the usual pack's unit, in hundredths. Absent where the pack or its price is not known. */
export const packUnitPriceMinor = ({ material }: Pick<StockState, 'material'>): number | undefined =>
  material.packPriceMinor === undefined || material.packQuantity === undefined
    ? undefined
    : material.packPriceMinor / material.packQuantity

/**
 * What a quantity will cost, in hundredths: first in, first out, at the lots that would be drawn; what the
 * shelf does not hold at the usual pack's price, or as it would be mixed now, or else as the newest lot. Absent
 * where a price that counts is not known.
 */
export function costOfDraw(quantity: number, state: StockState): number | undefined {
  const plan = planDraw(quantity, state.lots)
  const byLot = new Map(state.lots.map((lot) => [lot.lot.id, lot.unitPriceMinor]))
  const newest = state.lots.findLast(({ unitPriceMinor }) => unitPriceMinor !== undefined)?.unitPriceMinor
  let cost = 0
  for (const draw of plan.draws) {
    if (draw.uncovered) continue
    const unit = byLot.get(draw.lotId)
    if (unit === undefined) return undefined
    cost += unit * draw.quantity
  }
  if (plan.shortfall === 0) return cost
  const unit = packUnitPriceMinor(state) ?? state.madeAtMinor ?? newest
  return unit === undefined ? undefined : cost + unit * plan.shortfall
}
