import { printPool } from '../jobs/pool'

/** The demo workshop, with its dates around today. */
export default defineEventHandler(async (event) => {
  const outcome = await printPool().run({ kind: 'demo', nowMs: Date.now() }, goneSignal(event))
  if (outcome.kind === 'gone') return undefined
  if (outcome.kind !== 'done') return tooBusy(event)
  setResponseHeader(event, 'Content-Type', 'application/json')
  return Buffer.from(outcome.bytes)
})
