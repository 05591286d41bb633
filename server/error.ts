import type { NitroErrorHandler } from 'nitropack'

/**
 * Whatever goes wrong in a route is answered as a problem document (RFC 9457), never as a page or a stack; a
 * client that went away is no fault.
 */
const handler: NitroErrorHandler = (error, event) => {
  const { res, req } = event.node
  if (res.headersSent || res.writableEnded || req.destroyed) return
  const status = error.statusCode >= 400 && error.statusCode < 600 ? error.statusCode : 500
  const title =
    status === 404 ? 'Not found' : status < 500 ? 'The request can’t be answered' : 'The server failed'
  const detail =
    status < 500 ? error.message : 'Something went wrong on the server. Nothing was changed; try again.'
  if (status >= 500)
    process.stderr.write(`${req.method ?? ''} ${req.url ?? ''}: ${error.stack ?? error.message}\n`)
  res.statusCode = status
  res.setHeader('Content-Type', 'application/problem+json')
  res.end(JSON.stringify({ type: 'about:blank', title, status, detail }))
}
export default handler
