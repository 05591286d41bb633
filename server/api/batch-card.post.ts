import { cardOrderSchema } from '../cards/order'
import { printCard } from '../cards/print'

const MAX_BYTES = 64 * 1024

/**
 * The printed batch card, as a PDF. What is sent is checked field by field; the figures are worked out here
 * by the same core.
 */
export default defineEventHandler(async (event) => {
  const order = await readOrder(event, cardOrderSchema, MAX_BYTES)
  if (order.kind === 'problem') return order.answer
  const card = await inTurn(async () => printCard(order.value, await printFaces(order.value)))
  if (!card) return tooBusy(event)
  return card.kind === 'none' ? cantPrint(event, card.because) : sendPdf(event, card.value, 'batch-card.pdf')
})
