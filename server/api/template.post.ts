import { templateOrderSchema } from '../templates/order'
import { printTemplates } from '../templates/print'

const MAX_BYTES = 4 * 1024 * 1024

/** Templates at 1:1 for wire, discs, dowels and the sprig gauge, as a PDF of as many pages as they take. */
export default defineEventHandler(async (event) => {
  const order = await readOrder(event, templateOrderSchema, MAX_BYTES)
  if (order.kind === 'problem') return order.answer
  const sheet = await inTurn(async () => printTemplates(order.value, await printFaces(order.value)))
  if (!sheet) return tooBusy(event)
  return typeof sheet === 'string' ? cantPrint(event, sheet) : sendPdf(event, sheet, 'template.pdf')
})
