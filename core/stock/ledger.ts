import { requireRange } from '../units/reading'
import type { Lot, Material, Movement } from './records'

/** What the ledger says of one lot, in the material's unit. */
export interface LotBalance {
  onHand: number
  /** All that ever came in: receipts, not counts. */
  received: number
}

/** Sums below this are nothing: they come of adding decimals. */
const DUST = 1e-6

const tidy = (quantity: number): number => {
  const rounded = Math.round(quantity * 1e6) / 1e6
  return Math.abs(rounded) < DUST ? 0 : rounded
}

/** The balance of every lot, by id. One pass over the ledger; the order of the entries does not matter. */
export function balancesOf(movements: readonly Movement[]): Map<string, LotBalance> {
  const balances = new Map<string, LotBalance>()
  for (const movement of movements) {
    let balance = balances.get(movement.lotId)
    if (balance === undefined) {
      balance = { onHand: 0, received: 0 }
      balances.set(movement.lotId, balance)
    }
    balance.onHand += movement.quantity
    if (movement.kind === 'receive') balance.received += movement.quantity
  }
  for (const balance of balances.values()) {
    balance.onHand = tidy(balance.onHand)
    balance.received = tidy(balance.received)
  }
  return balances
}

/** A lot with its balance. */
export interface LotState {
  readonly lot: Lot
  readonly onHand: number
  readonly received: number
  /** Price of one unit of the material, in hundredths; absent where the lot has no price. */
  readonly unitPriceMinor?: number
}

/** The lots of a material, oldest first, with what is left of each. */
export function lotsOf(
  materialId: string,
  lots: readonly Lot[],
  balances: ReadonlyMap<string, LotBalance>,
): LotState[] {
  return lots
    .filter((lot) => lot.materialId === materialId)
    .sort((a, b) => (a.date === b.date ? a.madeAt.localeCompare(b.madeAt) : a.date.localeCompare(b.date)))
    .map((lot) => stateOfLot(lot, balances))
}

export function stateOfLot(lot: Lot, balances: ReadonlyMap<string, LotBalance>): LotState {
  const { onHand = 0, received = 0 } = balances.get(lot.id) ?? {}
  return {
    lot,
    onHand,
    received,
    ...(lot.priceMinor !== undefined && received > 0 ? { unitPriceMinor: lot.priceMinor / received } : {}),
  }
}

/** A part of a draw: so much from this lot. `uncovered` says that it takes the lot below nothing. */
export interface Draw {
  readonly lotId: string
  readonly quantity: number
  readonly uncovered: boolean
}

/** How a quantity is taken from the lots of a material. `shortfall` is what the books could not cover. */
export interface DrawPlan {
  readonly draws: readonly Draw[]
  readonly shortfall: number
}

/**
 * Takes a quantity from the lots of a material, the chosen lot first, then the oldest.
 * What the books can't cover is drawn from the last lot touched and marked uncovered; with no lot at all nothing can be drawn,
 * and the whole quantity is the shortfall.
 * @param quantity in the material's unit, at least 0
 */
export function planDraw(quantity: number, lots: readonly LotState[], firstLotId?: string): DrawPlan {
  requireRange('quantity drawn', quantity, '', { min: 0 })
  const order = [...lots].sort((a, b) => Number(b.lot.id === firstLotId) - Number(a.lot.id === firstLotId))
  const draws: Draw[] = []
  let open = tidy(quantity)
  for (const { lot, onHand } of order) {
    if (open <= 0) break
    if (onHand <= 0) continue
    const take = tidy(Math.min(open, onHand))
    draws.push({ lotId: lot.id, quantity: take, uncovered: false })
    open = tidy(open - take)
  }
  const shortfall = open
  const last = draws.at(-1)?.lotId ?? order.at(-1)?.lot.id
  if (shortfall > 0 && last !== undefined) draws.push({ lotId: last, quantity: shortfall, uncovered: true })
  return { draws, shortfall }
}

/** What a count corrects: the found amount less what the books say. */
export const countCorrection = (counted: number, onHand: number): number => tidy(counted - onHand)

/** On hand, promised to open batches, and free, of one material, in its unit. */
export interface StockState {
  readonly material: Material
  readonly lots: readonly LotState[]
  readonly onHand: number
  readonly promised: number
  readonly free: number
}

/** Sums the lots of each material and sets what open batches will take against it. @param promised by material id */
export function stockStates(
  materials: readonly Material[],
  lots: readonly Lot[],
  balances: ReadonlyMap<string, LotBalance>,
  promised: ReadonlyMap<string, number>,
): StockState[] {
  const byMaterial = new Map<string, Lot[]>()
  for (const lot of lots) byMaterial.set(lot.materialId, [...(byMaterial.get(lot.materialId) ?? []), lot])
  return materials
    .filter((material) => !material.removed)
    .map((material) => {
      const states = lotsOf(material.id, byMaterial.get(material.id) ?? [], balances)
      const onHand = tidy(states.reduce((sum, state) => sum + state.onHand, 0))
      const taken = tidy(promised.get(material.id) ?? 0)
      return { material, lots: states, onHand, promised: taken, free: tidy(onHand - taken) }
    })
}
