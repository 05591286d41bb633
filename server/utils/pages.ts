import { placeAt } from '../../shared/stations'

const KEY = /^[A-Za-z0-9_-]{1,64}$/

/**
 * Whether there is a page at a path. Which workshops there are only the browser knows: anything that may be the key
 * of one counts.
 */
export function isPage(path: string): boolean {
  const [, key = '', ...rest] = path.replace(/\/$/, '').split('/')
  if (key === '') return rest.length === 0
  return KEY.test(key) && (rest.length === 0 || placeAt(rest.join('/')) !== undefined)
}
