import { requireRange } from '../units/reading'
import type { PriceBook } from './prices'
import type { Lot, Material, Movement } from './records'

/** What the ledger says of one lot, in the material's unit. */
export interface LotBalance {
  onHand: number
  /** All that ever came in: receipts, not counts. */
  received: number
  /** What batches have drawn, less what they gave back. */
  drawn: number
}

/** Sums below this are nothing: they come of adding decimals. */
const DUST = 1e-6

export const tidy = (quantity: number): number => {
  const rounded = Math.round(quantity * 1e6) / 1e6
  return Math.abs(rounded) < DUST ? 0 : rounded
}

const nothing = (): LotBalance => ({ onHand: 0, received: 0, drawn: 0 })

/** Adds one entry to a balance, untidied. */
function book(balance: LotBalance, movement: Movement): void {
  balance.onHand += movement.quantity
  switch (movement.kind) {
    case 'receive':
      balance.received += movement.quantity
      break
    case 'draw':
      balance.drawn -= movement.quantity
      break
    case 'reversal':
      // What comes back was drawn; what is taken out again was received from the batch.
      if (movement.quantity > 0) balance.drawn -= movement.quantity
      else balance.received += movement.quantity
      break
    case 'count':
      break
  }
}

function tidied(balance: LotBalance): LotBalance {
  balance.onHand = tidy(balance.onHand)
  balance.received = tidy(balance.received)
  balance.drawn = tidy(balance.drawn)
  return balance
}

/**
 * The balance of every lot, by id. One pass over the ledger; the order of the entries does not matter.
 * @param setAside ids of run entries that don't count, and with them what they drew
 */
export function balancesOf(
  movements: Iterable<Movement>,
  setAside?: ReadonlySet<string>,
): Map<string, LotBalance> {
  const balances = new Map<string, LotBalance>()
  addToBalances(balances, movements, setAside)
  return balances
}

/** Adds entries to balances that are known already: what a stored checkpoint is kept up by. */
export function addToBalances(
  balances: Map<string, LotBalance>,
  movements: Iterable<Movement>,
  setAside?: ReadonlySet<string>,
): void {
  const touched = new Set<LotBalance>()
  for (const movement of movements) {
    if (movement.eventId !== undefined && setAside?.has(movement.eventId)) continue
    let balance = balances.get(movement.lotId)
    if (balance === undefined) {
      balance = nothing()
      balances.set(movement.lotId, balance)
    }
    book(balance, movement)
    touched.add(balance)
  }
  for (const balance of touched) tidied(balance)
}

/** A lot with its balance. */
export interface LotState {
  readonly lot: Lot
  readonly onHand: number
  readonly received: number
  /** Price of one unit of the material, in hundredths; 0 where nothing was paid, absent where nobody knows. */
  readonly unitPriceMinor?: number
}

const byAge = (a: Lot, b: Lot): number =>
  a.date.localeCompare(b.date) || a.madeAt.localeCompare(b.madeAt) || a.id.localeCompare(b.id)

/** The lots of a material, oldest first, with what is left of each. */
export function lotsOf(
  materialId: string,
  lots: readonly Lot[],
  balances: ReadonlyMap<string, LotBalance>,
  prices?: PriceBook,
): LotState[] {
  return lots
    .filter((lot) => lot.materialId === materialId)
    .sort(byAge)
    .map((lot) => stateOfLot(lot, balances, prices))
}

function stateOfLot(lot: Lot, balances: ReadonlyMap<string, LotBalance>, prices?: PriceBook): LotState {
  const { onHand = 0, received = 0 } = balances.get(lot.id) ?? {}
  const unitPriceMinor = prices?.unitPriceMinor(lot.id)
  return { lot, onHand, received, ...(unitPriceMinor === undefined ? {} : { unitPriceMinor }) }
}

/** A part of a draw: so much from this lot. `uncovered` says that it takes the books below nothing. */
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
 * Takes a quantity from the lots of a material, first in, first out. What an overdrawn lot owes is owed by
 * the others: a jar that the books have below nothing was filled from the next one. What the books can't
 * cover is drawn from the last lot touched and marked uncovered; with no lot at all nothing can be drawn, and
 * the whole quantity is the shortfall.
 * @param quantity in the material's unit, at least 0
 */
export function planDraw(quantity: number, lots: readonly LotState[]): DrawPlan {
  requireRange('quantity drawn', quantity, '', { min: 0 })
  const wanted = tidy(quantity)
  const owed = lots.reduce((sum, { onHand }) => sum + Math.max(0, -onHand), 0)
  const there = lots.reduce((sum, { onHand }) => sum + Math.max(0, onHand), 0)
  const covered = Math.min(wanted, tidy(Math.max(0, there - owed)))
  const shortfall = tidy(wanted - covered)
  const draws: Draw[] = []
  let open = covered
  for (const { lot, onHand } of lots) {
    if (open <= 0) break
    if (onHand <= 0) continue
    const take = tidy(Math.min(open, onHand))
    draws.push({ lotId: lot.id, quantity: take, uncovered: false })
    open = tidy(open - take)
  }
  const last = draws.at(-1)?.lotId ?? lots.at(-1)?.lot.id
  if (shortfall > 0 && last !== undefined) draws.push({ lotId: last, quantity: shortfall, uncovered: true })
  return { draws, shortfall }
}

/** What a count corrects: the found amount less what the books say. */
export const countCorrection = (found: number, onHand: number): number => tidy(found - onHand)

/** What there is of one material, in its unit. */
export interface StockState {
  readonly material: Material
  /** Oldest first. */
  readonly lots: readonly LotState[]
  readonly onHand: number
  /** Of what is mixed at home: what a unit of it costs if it is mixed now, in hundredths, where that is known. */
  readonly madeAtMinor?: number
}

/** Sums the lots of each material. */
export function stockStates(
  materials: readonly Material[],
  lots: readonly Lot[],
  balances: ReadonlyMap<string, LotBalance>,
  prices?: PriceBook,
): StockState[] {
  const byMaterial = new Map<string, Lot[]>()
  for (const lot of lots) {
    const list = byMaterial.get(lot.materialId)
    if (list) list.push(lot)
    else byMaterial.set(lot.materialId, [lot])
  }
  return materials
    .filter((material) => !material.removed)
    .map((material) => {
      const states = lotsOf(material.id, byMaterial.get(material.id) ?? [], balances, prices)
      return { material, lots: states, onHand: tidy(states.reduce((sum, state) => sum + state.onHand, 0)) }
    })
}

/**
 * What batches have taken of lots since a day, less what came back of it; in the material's unit, all lots together.
 * @param since ISO day; that day counts
 */
export const takenSince = (movements: Iterable<Movement>, since: string): number => {
  let taken = 0
  for (const { kind, quantity, at } of movements)
    if (at.slice(0, 10) >= since && (kind === 'draw' || (kind === 'reversal' && quantity > 0)))
      taken -= quantity
  return Math.max(0, tidy(taken))
}
