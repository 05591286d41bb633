import type { H3Event } from 'h3'

/** One field that was wrong: where it is, and what is allowed there. */
export interface FieldProblem {
  readonly pointer: string
  readonly detail: string
}

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

/**
 * Reads a request's body up to a number of bytes; undefined where it is longer, or where the client has gone
 * away. Nothing beyond the bound is kept.
 */
export function readBounded(event: H3Event, maxBytes: number): Promise<string | undefined> {
  const request = event.node.req
  if (Number(request.headers['content-length'] ?? 0) > maxBytes) return Promise.resolve(undefined)
  return new Promise((resolve) => {
    const parts: Buffer[] = []
    let bytes = 0
    request.on('data', (part: Buffer) => {
      bytes += part.length
      if (bytes > maxBytes) {
        resolve(undefined)
        request.destroy()
      } else parts.push(part)
    })
    request.on('end', () => resolve(Buffer.concat(parts).toString('utf8')))
    request.on('error', () => resolve(undefined))
    request.on('close', () => resolve(undefined))
  })
}

/** Answers a request by the wrong method, and says which one is right. */
export function onlyMethod(event: H3Event, allowed: 'GET' | 'POST'): Record<string, unknown> {
  setResponseHeader(event, 'Allow', allowed)
  return problem(
    event,
    405,
    'Method not allowed',
    `${event.path.split('?')[0]} takes ${allowed} only; this was ${event.method}.`,
  )
}
