import { assortmentOf, simulatedSuppliers } from './assortment'
import { PriceListFault, type PriceListPort } from './port'

/** Of each so many askings one fails, as such services do. */
const FAILS_EVERY = 6
const SLOW_MS = [300, 700, 1500, 400, 900, 2200] as const

/**
 * A price list service that behaves like a real one: slow, sometimes down, sometimes sold out, with prices
 * that move.
 */
export function simulatedPriceLists(now: () => number, wait: (ms: number) => Promise<void>): PriceListPort {
  let asked = 0
  return {
    suppliers: simulatedSuppliers.map(({ listed }) => listed),
    async list(name) {
      const supplier = simulatedSuppliers.find(({ listed }) => listed === name)
      if (!supplier) throw new PriceListFault(`No supplier is listed as “${name}”.`)
      asked += 1
      await wait(SLOW_MS[asked % SLOW_MS.length] ?? 500)
      if (asked % FAILS_EVERY === 0)
        throw new PriceListFault(`${supplier.name} does not answer now. Ask again in a minute.`)
      const at = now()
      return { supplier: name, at: new Date(at).toISOString(), rows: assortmentOf(supplier, at) }
    },
  }
}
