import { createHash } from 'node:crypto'

/** Scripts that the framework writes into the page carry no address; each is allowed by its own hash. */
const inlineScripts = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g

/** @param html of a page; of other answers there is none. A worker heeds the policy that its own script comes with. */
function policy(html = ''): string {
  const hashes = [...html.matchAll(inlineScripts)].map(
    ([, body]) =>
      `'sha256-${createHash('sha256')
        .update(body ?? '')
        .digest('base64')}'`,
  )
  return [
    "default-src 'self'",
    `script-src 'self' ${[...new Set(hashes)].join(' ')}`.trim(),
    // While it is being written, styles come with scripts and change as they are written.
    import.meta.dev ? "style-src 'self' 'unsafe-inline'" : "style-src 'self'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
}

/** Security headers for every answer; pages get a policy made for just the scripts that they carry. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', (event) => {
    setResponseHeaders(event, {
      'X-Content-Type-Options': 'nosniff',
      'Referrer-Policy': 'no-referrer',
      'Cross-Origin-Opener-Policy': 'same-origin',
      'Cross-Origin-Resource-Policy': 'same-origin',
      'Permissions-Policy': 'camera=(self), microphone=(), geolocation=()',
      'X-Frame-Options': 'DENY',
      'Content-Security-Policy': policy(),
    })
  })
  nitro.hooks.hook('render:response', (response) => {
    if (typeof response.body !== 'string') return
    const { 'x-powered-by': _poweredBy, ...headers } = response.headers ?? {}
    response.headers = { ...headers, 'content-security-policy': policy(response.body) }
  })
})
