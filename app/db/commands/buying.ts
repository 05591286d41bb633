import {
  changesOf,
  offerSchema,
  orderSchema,
  postageShares,
  supplierSchema,
  type ListedOffer,
  type Offer,
  type Order,
  type Supplier,
} from '../../../core/buying'
import { lotSchema, movementSchema, type Lot, type Movement } from '../../../core/stock'
import { none, ok, type Reading } from '../../../core/units'
import { withChange } from '../../../core/workshop'
import { bookMovements } from '../derived'
import { derivedId } from '../ids'
import { undoable } from '../taken-away'
import { check, type CommandContext } from './context'
import { changeRecord, saveRecord, type Draft } from './records'

/** Writes a new supplier, or changes one. */
export const saveSupplier = (
  { db, now, newId }: CommandContext,
  draft: Draft<Supplier>,
): Promise<Reading<Supplier>> => saveRecord<Supplier>(db, db.suppliers, supplierSchema, draft, now(), newId)

/** Takes a supplier out, with all that it offers. Orders that were sent stay as they are. */
export const removeSupplier = undoable(
  ['suppliers', 'offers'],
  [],
  ({ name }: Supplier) => `the supplier “${name}” with its offers`,
  takeSupplier,
)
async function takeSupplier({ db, now }: CommandContext, id: string): Promise<Reading<Supplier>> {
  return db.transaction('rw', [db.suppliers, db.offers], async () => {
    const supplier = await db.suppliers.get(id)
    if (!supplier || supplier.removed) return none('This supplier is gone.')
    const removed = withChange(supplier, { removed: true }, now())
    await db.suppliers.put(removed)
    const offers = await db.offers.where('supplierId').equals(id).toArray()
    await db.offers.bulkPut(
      offers.filter((offer) => !offer.removed).map((offer) => withChange(offer, { removed: true }, now())),
    )
    return ok(removed)
  })
}

/** Writes a new offer, or changes one. */
export async function saveOffer(
  { db, now, newId }: CommandContext,
  draft: Draft<Offer>,
): Promise<Reading<Offer>> {
  return db.transaction('rw', [db.offers, db.suppliers, db.materials], async () => {
    const supplier = await db.suppliers.get(draft.supplierId)
    if (!supplier || supplier.removed) return none('The supplier is gone.')
    if (!(await db.materials.get(draft.materialId))) return none('The material is gone.')
    return saveRecord<Offer>(db, db.offers, offerSchema, draft, now(), newId)
  })
}

export const removeOffer = undoable(
  ['offers'],
  [],
  () => 'an offer',
  ({ db, now }: CommandContext, id: string): Promise<Reading<Offer>> =>
    changeRecord<Offer>(db, db.offers, offerSchema, id, { removed: true }, now(), 'This offer is gone.'),
)

/** A price list to take over, as it was looked at. */
export interface ListToTake {
  readonly supplierId: string
  readonly listed: readonly ListedOffer[]
  readonly origin: Exclude<Offer['origin'], 'typed'>
  readonly seen: string
}

/** Takes a price list over: all of it, in one transaction. @returns how many offers are new or changed */
export async function takePriceList(
  { db, now, newId }: CommandContext,
  { supplierId, listed, origin, seen }: ListToTake,
): Promise<Reading<number>> {
  return db.transaction('rw', [db.offers, db.suppliers], async () => {
    const supplier = await db.suppliers.get(supplierId)
    if (!supplier || supplier.removed) return none('The supplier is gone.')
    const written: Offer[] = []
    let changed = 0
    for (const one of listed) {
      const { row, materialId, was } = one
      const { article, packQuantity, priceMinor, stock, days } = row
      const stored = was && (await db.offers.get(was.id))
      const fields = { article, packQuantity, priceMinor, stock, days, seen, origin, removed: undefined }
      const offer = check(
        offerSchema,
        stored
          ? withChange(stored, fields, now())
          : { ...tidied(fields), id: newId(), changedAt: now(), supplierId, materialId },
      )
      if (offer.kind === 'none') return none(`${article}: ${offer.because}`)
      if (changesOf(one).length > 0) changed += 1
      written.push(offer.value)
    }
    await db.offers.bulkPut(written)
    return ok(changed)
  })
}

/** Without the fields that are not set. */
const tidied = <T extends object>(fields: T): T =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as T

/** Notes orders that were sent: all of a basket at once. */
export async function sendOrders(
  { db, now, newId }: CommandContext,
  drafts: readonly Omit<Order, 'id' | 'changedAt'>[],
): Promise<Reading<Order[]>> {
  const orders: Order[] = []
  for (const draft of drafts) {
    const order = check(orderSchema, { ...draft, id: newId(), changedAt: now() })
    if (order.kind === 'none') return order
    orders.push(order.value)
  }
  await db.orders.bulkAdd(orders)
  return ok(orders)
}

/** Nothing more of an order is waited for; or it is again. */
export const closeOrder = (
  { db, now }: CommandContext,
  id: string,
  closed: string | undefined,
): Promise<Reading<Order>> =>
  changeRecord<Order>(db, db.orders, orderSchema, id, { closed }, now(), 'This order is gone.')

/** What came of a line of an order, in the material's unit. */
export interface ComeLine {
  readonly line: number
  readonly quantity: number
  readonly label: string
}

/**
 * Takes in what came of an order: a lot for each line, with its share of the parcel's postage in its price. A pack that
 * came short costs what a whole one costs, for so much less.
 */
export async function receiveOrder(
  { db, now }: CommandContext,
  orderId: string,
  come: readonly ComeLine[],
  date: string,
): Promise<Reading<Lot[]>> {
  const at = now()
  return db.transaction('rw', [db.orders, db.materials, db.lots, db.movements, db.balances], async () => {
    const order = await db.orders.get(orderId)
    if (!order || order.removed) return none('This order is gone.')
    const shares = postageShares(order.lines, order.postageMinor)
    const lots: Lot[] = []
    const movements: Movement[] = []
    for (const { line, quantity, label } of come) {
      const ordered = order.lines[line]
      if (!ordered) return none(`line: read ${line + 1}; this order has ${order.lines.length}.`)
      if (!(quantity > 0)) continue
      const material = await db.materials.get(ordered.materialId)
      if (!material) return none('A material of this order is gone.')
      const whole = ordered.packs * ordered.packQuantity
      const before = await priceSoFar(db, orderId, line)
      // The same delivery taken in by two copies is one lot: its id follows from what it is of.
      const known = await db.lots
        .filter(({ order: of }) => of?.orderId === orderId && of.line === line)
        .count()
      const lotId = derivedId(
        'order',
        orderId,
        line,
        known + lots.filter((lot) => lot.order?.line === line).length,
      )
      const price = ordered.packs * ordered.priceMinor + (shares[line] ?? 0)
      const lot = check(lotSchema, {
        id: lotId,
        materialId: ordered.materialId,
        label,
        source: 'bought',
        date,
        madeAt: at,
        priceMinor: Math.max(0, Math.min(Math.round((price * quantity) / whole), price - before)),
        order: { orderId, line },
      })
      if (lot.kind === 'none') return none(`${material.name}: ${lot.because}`)
      const movement = check(movementSchema, {
        id: lotId,
        at,
        lotId,
        kind: 'receive',
        quantity,
      })
      if (movement.kind === 'none') return none(`${material.name}: ${movement.because}`)
      lots.push(lot.value)
      movements.push(movement.value)
    }
    if (lots.length === 0) return none('Nothing has come: type what is there, or leave it.')
    await db.lots.bulkAdd(lots)
    await bookMovements((name) => db.table(name), movements)
    return ok(lots)
  })
}

/** What the lots of a line have cost up to now. */
async function priceSoFar(db: CommandContext['db'], orderId: string, line: number): Promise<number> {
  const lots = await db.lots
    .filter(({ order }) => order?.orderId === orderId && order.line === line)
    .toArray()
  return lots.reduce((sum, { priceMinor = 0 }) => sum + priceMinor, 0)
}
