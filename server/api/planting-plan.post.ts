import { planOrderSchema } from '../plans/order'
import { printPlan } from '../plans/print'

const MAX_BYTES = 2 * 1024 * 1024

/** The drilling template of a planting plan at 1:1, as a PDF of as many sheets as the board takes. */
export default defineEventHandler(async (event) => {
  const order = await readOrder(event, planOrderSchema, MAX_BYTES)
  if (order.kind === 'problem') return order.answer
  const plan = await inTurn(async () => printPlan(order.value, await printFaces(order.value)))
  if (!plan) return tooBusy(event)
  return typeof plan === 'string' ? cantPrint(event, plan) : sendPdf(event, plan, 'planting-plan.pdf')
})
