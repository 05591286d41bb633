import { requireRange } from '../units/reading'
import type { Lot, Material, Movement } from './records'

/** What each lot costs. */
export interface PriceBook {
  /** Cost of a whole lot, in hundredths: what was paid, or what went into it. Absent where nobody knows. */
  readonly lotPriceMinor: (lotId: string) => number | undefined
  /** Price of one unit of the lot's material, in hundredths. */
  readonly unitPriceMinor: (lotId: string) => number | undefined
}

/** What the ledger says of one lot, in the material's unit. */
export interface LotBalance {
  onHand: number
  /** All that ever came in: receipts, not counts. */
  received: number
  /** What batches have drawn, less what they gave back. */
  drawn: number
  /** The count that is believed: what was moved up to then is in what was found. */
  counted?: Moment
}

/** A place in the order of a ledger: by the clock, and by id where that is the same. */
interface Moment {
  readonly at: string
  readonly id: string
}

/** Sums below this are nothing: they come of adding decimals. */
const DUST = 1e-6

export const tidy = (quantity: number): number => {
  const rounded = Math.round(quantity * 1e6) / 1e6
  return Math.abs(rounded) < DUST ? 0 : rounded
}

const nothing = (): LotBalance => ({ onHand: 0, received: 0, drawn: 0 })

const isLater = (a: Moment, b: Moment): boolean => a.at > b.at || (a.at === b.at && a.id > b.id)

/** A count that says what was found; older ones only say what they corrected. */
const isObservation = (movement: Movement): movement is Movement & { counted: number } =>
  movement.kind === 'count' && movement.counted !== undefined

const countsNot = ({ eventId }: Movement, setAside?: ReadonlySet<string>): boolean =>
  eventId !== undefined && setAside?.has(eventId) === true

/**
 * The count of each lot that is believed: the last one. A count is an observation, so much at that moment; two of
 * one jar don't add up.
 */
export class LastCounts {
  private readonly byLot = new Map<string, Movement & { counted: number }>()
  private readonly setAside: ReadonlySet<string> | undefined

  constructor(setAside?: ReadonlySet<string>) {
    this.setAside = setAside
  }

  see(movements: Iterable<Movement>): this {
    for (const movement of movements) {
      if (!isObservation(movement) || countsNot(movement, this.setAside)) continue
      const last = this.byLot.get(movement.lotId)
      if (!last || isLater(movement, last)) this.byLot.set(movement.lotId, movement)
    }
    return this
  }

  of(lotId: string): (Movement & { counted: number }) | undefined {
    return this.byLot.get(lotId)
  }
}

/** Adds one entry to a balance, untidied. */
function book(balance: LotBalance, movement: Movement): void {
  const { counted } = balance
  if (counted?.id === movement.id || !counted || isLater(movement, counted))
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
 * The balance of every lot, by id: what was found at its last count, and what was moved since. The order of the entries
 * does not matter.
 * @param setAside ids of run entries that don't count, and with them what they drew
 */
export function balancesOf(
  movements: readonly Movement[],
  setAside?: ReadonlySet<string>,
): Map<string, LotBalance> {
  const balances = new Map<string, LotBalance>()
  addToBalances(balances, movements, setAside, new LastCounts(setAside).see(movements))
  return balances
}

/**
 * Adds entries to balances.
 * @param counts the last counts of all entries, of these and of others; absent: none of these is a count, and a balance
 * that is known already knows its own
 */
export function addToBalances(
  balances: Map<string, LotBalance>,
  movements: Iterable<Movement>,
  setAside?: ReadonlySet<string>,
  counts?: LastCounts,
): void {
  const touched = new Set<LotBalance>()
  for (const movement of movements) {
    if (countsNot(movement, setAside)) continue
    let balance = balances.get(movement.lotId)
    if (balance === undefined) {
      balance = nothing()
      const last = counts?.of(movement.lotId)
      if (last) {
        balance.onHand = last.counted - last.quantity
        balance.counted = { at: last.at, id: last.id }
      }
      balances.set(movement.lotId, balance)
    }
    book(balance, movement)
    touched.add(balance)
  }
  for (const balance of touched) tidied(balance)
}

/** A moment a thousandth of a second after another. */
const justAfter = (at: string): string => new Date(Date.parse(at) + 1).toISOString()

/**
 * New entries in the order in which they are booked, whatever the clock says: a count lies after all that its copy of
 * the ledger knew, and what comes after a count lies after it. So cause goes before clock within a copy, and the
 * clock decides between copies alone.
 * @param lastAt of a lot's entries that are stored, where one of the new ones is a count
 * @param countedAt a lot's last count
 */
export function inCausalOrder(
  movements: readonly Movement[],
  lastAt: (lotId: string) => string | undefined,
  countedAt: (lotId: string) => string | undefined,
): Movement[] {
  const last = new Map<string, string>()
  const counted = new Map<string, string>()
  return movements.map((movement) => {
    const { lotId, kind } = movement
    const after =
      kind === 'count' ? (last.get(lotId) ?? lastAt(lotId)) : (counted.get(lotId) ?? countedAt(lotId))
    const at = after !== undefined && movement.at <= after ? justAfter(after) : movement.at
    const latest = last.get(lotId) ?? lastAt(lotId)
    last.set(lotId, latest !== undefined && latest > at ? latest : at)
    if (kind === 'count') counted.set(lotId, at)
    return at === movement.at ? movement : { ...movement, at }
  })
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
