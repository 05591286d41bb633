import type { Order } from '../../core/buying'
import { registerId, ownableTools, type ToolRecord } from '../../core/tools'
import type { WorkshopDocument } from '../../core/workshop'
import { assortmentOf, simulatedSuppliers } from '../prices/assortment'
import { DAY } from './play'

const isoDay = (ms: number): string => new Date(ms).toISOString().slice(0, 10)

/** Three suppliers with their prices of last week, an order of which half has come. */
export function addBuying(document: WorkshopDocument, nowMs: number, newId: () => string): void {
  const seenMs = nowMs - 9 * DAY
  const changedAt = new Date(seenMs).toISOString()
  for (const supplier of simulatedSuppliers) {
    const { listed, name, days, postageMinor, freeFromMinor, minimumMinor } = supplier
    const supplierId = `supplier-${listed}`
    document.suppliers.push({
      id: supplierId,
      changedAt,
      name,
      days,
      postageMinor,
      listed,
      ...(freeFromMinor === undefined ? {} : { freeFromMinor }),
      ...(minimumMinor === undefined ? {} : { minimumMinor }),
    })
    const byName = new Map(document.materials.map((material) => [material.name, material.id]))
    for (const { name: material, article, packQuantity, priceMinor, stock } of assortmentOf(
      supplier,
      seenMs,
    )) {
      const materialId = byName.get(material)
      if (materialId === undefined) continue
      document.offers.push({
        id: `offer-${article.toLowerCase()}`,
        changedAt,
        supplierId,
        materialId,
        article,
        packQuantity,
        priceMinor,
        stock,
        seen: isoDay(seenMs),
        origin: 'price list',
      })
    }
  }
  orderHalfCome(document, nowMs, newId)
}

/** Ordered six days ago: the glue came, the stuffing is still on its way. */
function orderHalfCome(document: WorkshopDocument, nowMs: number, newId: () => string): void {
  const sentMs = nowMs - 6 * DAY
  const at = new Date(nowMs - DAY).toISOString()
  const order: Order = {
    id: 'order-half-come',
    changedAt: new Date(sentMs).toISOString(),
    supplierId: 'supplier-wend-and-marl',
    sent: isoDay(sentMs),
    expected: isoDay(nowMs + 2 * DAY),
    postageMinor: 350,
    lines: [
      { materialId: 'wetting-alcohol', packs: 1, packQuantity: 500, priceMinor: 590 },
      { materialId: 'stuffing', packs: 2, packQuantity: 250, priceMinor: 370 },
    ],
  }
  const lotId = newId()
  document.orders.push(order)
  document.lots.push({
    id: lotId,
    materialId: 'wetting-alcohol',
    label: 'Bottle of wetting alcohol',
    source: 'bought',
    date: isoDay(nowMs - DAY),
    madeAt: at,
    priceMinor: 590 + 155,
    order: { orderId: order.id, line: 0 },
  })
  document.movements.push({ id: newId(), at, lotId, kind: 'receive', quantity: 500 })
}

/** All the tools but a belt sander; the glue pot is lent; so many pegs, clamps and places. */
export function toolRegister(nowMs: number): ToolRecord[] {
  const changedAt = new Date(nowMs - 160 * DAY).toISOString()
  const row = (what: string, have: number, more: Partial<ToolRecord> = {}): ToolRecord => ({
    id: registerId(what),
    changedAt,
    have,
    lent: [],
    worn: 0,
    ...more,
  })
  const counts: Readonly<Record<string, ToolRecord>> = {
    'belt sander': row('belt sander', 0),
    'glue pot': row('glue pot', 1, {
      lent: [{ count: 1, to: 'the model club', since: isoDay(nowMs - 74 * DAY) }],
    }),
    'steel tray': row('steel tray', 3),
    'drying line': row('drying line', 6),
    'old brush': row('old brush', 6, { worn: 2 }),
  }
  return [
    ...ownableTools.map(({ id }) => counts[id] ?? row(id, 1)),
    row('peg', 60),
    row('clamp', 8, { worn: 1 }),
    row('block place', 90),
    row('jar', 70),
  ]
}
