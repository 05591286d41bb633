/** Methods that pages and files are asked for by. */
const READING = ['GET', 'HEAD']

/**
 * What is no page says so by its status, in our own words: the app's shell is sent all the same, and shows them with
 * a way out. What would change something is for /api alone.
 */
export default defineEventHandler((event) => {
  // While it is developed, the tools serve paths of their own.
  if (import.meta.dev) return undefined
  const path = event.path.split('?')[0] ?? ''
  if (path.startsWith('/api/')) return event.method === 'TRACE' ? onlyMethod(event, 'GET, POST') : undefined
  if (!READING.includes(event.method)) return onlyMethod(event, 'GET, HEAD')
  if (path.startsWith('/_nuxt/') || /\.[a-z0-9]+$/i.test(path))
    return problem(event, 404, 'Not found', `There is no file at ${path}.`)
  if (!isPage(path)) setResponseStatus(event, 404)
  return undefined
})
