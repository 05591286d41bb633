import { tidy, type Arrival, type Lot, type LotBalance } from '../stock'
import type { Parcel } from './basket'
import type { Order, OrderLine } from './records'

/** How far an order has come. Derived from the lots that name it, never stored. */
export type OrderState = 'sent' | 'partly come' | 'come' | 'closed short'

/** A line of an order with what has come of it, in the material's unit. */
export interface OrderedLine extends OrderLine {
  readonly ordered: number
  readonly come: number
  /** What is still waited for; nothing once the order is closed. */
  readonly waiting: number
}

export interface OrderProgress {
  readonly order: Order
  readonly lines: readonly OrderedLine[]
  readonly state: OrderState
  /** It was to be here before today. */
  readonly overdue: boolean
  readonly totalMinor: number
}

/** @param today ISO */
export function orderProgress(
  order: Order,
  lots: readonly Lot[],
  balances: ReadonlyMap<string, LotBalance>,
  today: string,
): OrderProgress {
  const own = lots.filter((lot) => lot.order?.orderId === order.id)
  const lines = order.lines.map((line, i): OrderedLine => {
    const ordered = line.packs * line.packQuantity
    const come = own
      .filter((lot) => lot.order?.line === i)
      .reduce((sum, { id }) => sum + (balances.get(id)?.received ?? 0), 0)
    const waiting = order.closed === undefined ? Math.max(0, tidy(ordered - come)) : 0
    return { ...line, ordered, come: tidy(come), waiting }
  })
  const whole = lines.every(({ ordered, come }) => come >= ordered - 1e-6)
  const begun = lines.some(({ come }) => come > 0)
  const state = whole ? 'come' : order.closed !== undefined ? 'closed short' : begun ? 'partly come' : 'sent'
  return {
    order,
    lines,
    state,
    overdue: (state === 'sent' || state === 'partly come') && order.expected < today,
    totalMinor: lines.reduce((sum, { packs, priceMinor }) => sum + packs * priceMinor, order.postageMinor),
  }
}

/** What is still on its way of some orders. @param nameOf a supplier's name */
export const arrivalsOf = (
  orders: readonly OrderProgress[],
  nameOf: (supplierId: string) => string,
): Arrival[] =>
  orders.flatMap(({ order, lines }) =>
    lines
      .filter(({ waiting }) => waiting > 0)
      .map(({ materialId, waiting }) => ({
        materialId,
        quantity: waiting,
        on: order.expected,
        what: 'order' as const,
        who: nameOf(order.supplierId),
      })),
  )

/**
 * What a line's part of the parcel's postage is: shared out by price, or evenly where nothing was paid. In hundredths,
 * rounded so that the shares add up.
 */
export function postageShares(
  lines: readonly Pick<OrderLine, 'packs' | 'priceMinor'>[],
  postageMinor: number,
): number[] {
  const values = lines.map(({ packs, priceMinor }) => packs * priceMinor)
  const sum = values.reduce((all, value) => all + value, 0)
  let given = 0
  let weight = 0
  return values.map((value) => {
    weight += sum > 0 ? value / sum : 1 / values.length
    const share = Math.round(postageMinor * weight) - given
    given += share
    return share
  })
}

/** An order for a parcel of a basket. */
export const orderFor = (
  { supplier, lines, postageMinor, arrives }: Parcel,
  sent: string,
): Omit<Order, 'id' | 'changedAt'> => ({
  supplierId: supplier.id,
  sent,
  expected: arrives,
  postageMinor,
  lines: lines.map(({ material, packs, offer: { packQuantity, priceMinor, article } }) => ({
    materialId: material.id,
    packs,
    packQuantity,
    priceMinor,
    ...(article === undefined ? {} : { article }),
  })),
})
