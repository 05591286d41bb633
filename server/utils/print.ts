import type { H3Event } from 'h3'
import { mostBytes, type SheetName } from '../jobs/names'
import { printPool } from '../jobs/pool'

const CANT_PRINT = 'The order can’t be printed'
/** When an order that found no turn is worth sending again, s. */
const AGAIN_S = 2

/** Aborts when the client goes away before it has its answer. */
export function goneSignal({ node: { res } }: H3Event): AbortSignal {
  const gone = new AbortController()
  res.once('close', () => {
    if (!res.writableEnded) gone.abort()
  })
  return gone.signal
}

/** Too many orders wait already. */
export function tooBusy(event: H3Event): Record<string, unknown> {
  setResponseHeader(event, 'Retry-After', AGAIN_S)
  return problem(event, 503, 'Busy', 'Too many sheets are being printed at once. Try again in a moment.')
}

/**
 * Prints sheets from the order that a request carries. Here it is only read; a worker checks it field by field,
 * works its figures out by the same core, and sets it.
 */
export async function printSheets(
  event: H3Event,
  name: SheetName,
): Promise<Record<string, unknown> | Buffer | undefined> {
  if (!/^application\/(?:[\w.+-]+\+)?json\s*(?:;|$)/i.test(getHeader(event, 'content-type') ?? ''))
    return problem(event, 415, 'Unsupported media type', 'Send the order as application/json.')
  const gone = goneSignal(event)
  const body = await readBounded(event, mostBytes[name])
  switch (body.kind) {
    case 'too-long':
      return problem(event, 413, 'Too large', `An order is at most ${mostBytes[name] / 1024} kB.`)
    case 'stopped':
      return problem(event, 408, 'The order stopped coming', 'Nothing more of it came for ten seconds.')
    case 'gone':
      return undefined
  }
  const outcome = await printPool().run({ kind: 'sheets', name, body: body.bytes }, gone)
  switch (outcome.kind) {
    case 'done':
      setResponseHeaders(event, {
        'Content-Type': 'application/pdf',
        'Content-Disposition': `attachment; filename="${name}.pdf"`,
        'Cache-Control': 'no-store',
      })
      return Buffer.from(outcome.bytes)
    case 'not-json':
      return problem(event, 400, 'Not JSON', 'The order could not be read as JSON.')
    case 'cant':
      return problem(event, 422, CANT_PRINT, outcome.because, outcome.errors)
    case 'too-large':
      return problem(
        event,
        422,
        CANT_PRINT,
        'It takes longer than five seconds, or more room than a sheet may. Print fewer, smaller or simpler pieces at once.',
      )
    case 'busy':
      return tooBusy(event)
    case 'gone':
      return undefined
  }
}
