import { shoppingOrderSchema } from '../shopping/order'
import { printShopping } from '../shopping/print'

const MAX_BYTES = 512 * 1024

/** A shopping list to print: a block for each supplier, a box to tick for each line. */
export default defineEventHandler(async (event) => {
  const order = await readOrder(event, shoppingOrderSchema, MAX_BYTES)
  if (order.kind === 'problem') return order.answer
  const sheet = await inTurn(async () => printShopping(order.value, await printFaces(order.value)))
  return sheet ? sendPdf(event, sheet, 'shopping-list.pdf') : tooBusy(event)
})
