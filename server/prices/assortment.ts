import type { PriceRow } from '../../core/buying'
import { catalogue } from '../../core/stock'
import { seededRandom, seedOf } from '../../core/units'

/** A supplier of the simulated service: how dear, how slow, what of all there is it has. Invented. */
export interface SimulatedSupplier {
  readonly listed: string
  readonly name: string
  readonly days: number
  readonly postageMinor: number
  readonly freeFromMinor?: number
  readonly minimumMinor?: number
  /** Against the usual price. */
  readonly dear: number
  /** Share of all materials that it sells. */
  readonly sells: number
  /** Pack sizes against the usual pack. */
  readonly packs: readonly number[]
}

export const simulatedSuppliers: readonly SimulatedSupplier[] = [
  {
    listed: 'tithe-loft',
    name: 'Tithe Loft Sundries',
    days: 2,
    postageMinor: 190,
    freeFromMinor: 7500,
    dear: 1,
    sells: 1,
    packs: [1],
  },
  {
    listed: 'ossel-mill',
    name: 'Ossel Mill Bulk',
    days: 5,
    postageMinor: 150,
    minimumMinor: 800,
    dear: 0.95,
    sells: 1,
    packs: [1, 2.5],
  },
  {
    listed: 'wend-and-marl',
    name: 'Wend & Marl Scenery',
    days: 4,
    postageMinor: 120,
    dear: 0.97,
    sells: 1,
    packs: [1],
  },
]

/** Every so many days prices are written anew; between, they stay. */
const DAYS_OF_A_PRICE = 7
const MS_PER_DAY = 86_400_000

/** Prices end in 0 or 5. */
const rounded = (minor: number): number => Math.max(5, Math.round(minor / 5) * 5)

const FRACTIONS: Readonly<Record<string, number>> = { g: 1, ml: 10, piece: 1, mm: 100, cm2: 10 }

/**
 * A supplier's list on a day: the same for the same day. Prices move by up to a tenth from week to week, and
 * some things are sold out.
 */
export function assortmentOf(supplier: SimulatedSupplier, nowMs: number): PriceRow[] {
  const week = Math.floor(nowMs / MS_PER_DAY / DAYS_OF_A_PRICE)
  return catalogue.flatMap((material): PriceRow[] => {
    const { packQuantity, packPriceMinor, unit, id, name } = material
    const own = seededRandom(seedOf(`${supplier.listed} ${id}`))
    const sells = own() < supplier.sells
    const taste = 0.7 + 0.6 * own()
    if (!sells || packQuantity === undefined || packPriceMinor === undefined) return []
    const now = seededRandom(seedOf(`${supplier.listed} ${id} ${week}`))
    return supplier.packs.map((factor, i): PriceRow => {
      const step = FRACTIONS[unit] ?? 1
      const quantity = Math.max(step, Math.round((packQuantity * factor) / step) * step)
      const move = 0.95 + 0.1 * now()
      // A larger pack is a little cheaper by the gram.
      const price = packPriceMinor * (quantity / packQuantity) ** 0.9 * supplier.dear * taste * move
      return {
        article: `${supplier.listed.slice(0, 2).toUpperCase()}-${id}${i === 0 ? '' : '-L'}`,
        name,
        packQuantity: quantity,
        unit,
        priceMinor: rounded(price),
        stock: now() < 0.07 ? 'sold out' : 'in stock',
      }
    })
  })
}
