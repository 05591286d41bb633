import { PriceListFault } from '../prices/port'

/** The names of the suppliers that can be asked; or, with `supplier`, the list of one. */
export default defineEventHandler(async (event) => {
  const { supplier } = getQuery(event)
  if (supplier === undefined) return { suppliers: priceLists.suppliers }
  if (typeof supplier !== 'string' || !priceLists.suppliers.includes(supplier))
    return problem(event, 404, 'No such supplier', 'supplier: it is not among those that can be asked.', [
      { pointer: '/supplier', detail: `allowed is ${priceLists.suppliers.join(', ')}` },
    ])
  try {
    setResponseHeader(event, 'Cache-Control', 'no-store')
    return await priceLists.list(supplier)
  } catch (error) {
    if (!(error instanceof PriceListFault)) throw error
    setResponseHeader(event, 'Retry-After', 60)
    return problem(event, 503, 'Price list not available', error.message)
  }
})
