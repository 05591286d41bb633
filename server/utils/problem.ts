import type { H3Event } from 'h3'
import type { FieldProblem } from '../jobs/names'

/** Answers with a problem document. Source: RFC 9457. */
export function problem(
  event: H3Event,
  status: number,
  title: string,
  detail: string,
  errors?: readonly FieldProblem[],
): Record<string, unknown> {
  setResponseStatus(event, status)
  setResponseHeader(event, 'Content-Type', 'application/problem+json')
  return { type: 'about:blank', title, status, detail, ...(errors === undefined ? {} : { errors }) }
}

/** A request's body, or why there is none. */
export type Body =
  { readonly kind: 'read'; readonly bytes: Uint8Array } | { readonly kind: 'too-long' | 'stopped' | 'gone' }

/** A body of which nothing more comes for so long, or which is not all there after twice that, is given up, ms. */
const STOPPED_MS = 10_000

/**
 * Reads a request's body up to a number of bytes. Nothing beyond the bound is kept, and what stops coming is not
 * waited for.
 */
export function readBounded(event: H3Event, maxBytes: number): Promise<Body> {
  const request = event.node.req
  if (Number(request.headers['content-length'] ?? 0) > maxBytes) return Promise.resolve({ kind: 'too-long' })
  return new Promise((resolve) => {
    const parts: Buffer[] = []
    let bytes = 0
    let settled = false
    const end = (body: Body): void => {
      if (settled) return
      settled = true
      clearTimeout(idle)
      clearTimeout(whole)
      request.removeAllListeners('data')
      if (body.kind !== 'read') {
        // The rest is neither kept nor waited for: the connection ends with the answer.
        event.node.res.setHeader('Connection', 'close')
        request.resume()
      }
      resolve(body)
    }
    const stop = (): void => end({ kind: 'stopped' })
    const idle = setTimeout(stop, STOPPED_MS)
    const whole = setTimeout(stop, 2 * STOPPED_MS)
    request.on('data', (part: Buffer) => {
      idle.refresh()
      bytes += part.length
      if (bytes > maxBytes) end({ kind: 'too-long' })
      else parts.push(part)
    })
    request.on('end', () => end({ kind: 'read', bytes: Buffer.concat(parts) }))
    request.on('error', () => end({ kind: 'gone' }))
    request.on('close', () => end({ kind: 'gone' }))
  })
}

/** Answers a request by the wrong method, and says which one is right. */
export function onlyMethod(
  event: H3Event,
  allowed: 'GET' | 'POST' | 'GET, HEAD' | 'GET, POST',
): Record<string, unknown> {
  setResponseHeader(event, 'Allow', allowed)
  return problem(
    event,
    405,
    'Method not allowed',
    `${event.path.split('?')[0]} takes ${allowed} only; this was ${event.method}.`,
  )
}
