import { labelsOrderSchema } from '../labels/order'
import { printLabels } from '../labels/print'

const MAX_BYTES = 512 * 1024

/** Labels for jars as sheets to print, each with a code that the app reads through the camera. */
export default defineEventHandler(async (event) => {
  const order = await readOrder(event, labelsOrderSchema, MAX_BYTES)
  if (order.kind === 'problem') return order.answer
  const sheets = await inTurn(async () => printLabels(order.value, await printFaces(order.value)))
  return sheets ? sendPdf(event, sheets, 'jar-labels.pdf') : tooBusy(event)
})
