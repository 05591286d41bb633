/** Addresses of pages below a workshop's: the stations, their rooms and what is beside them. */
export const stationPaths = [
  'bench',
  'blends',
  'brief',
  'calendar',
  'line-up',
  'log',
  'make-up',
  'planting',
  'planting-out',
  'sorting',
  'species',
  'stock',
  'stock/ahead',
  'stock/buying',
  'stock/count',
  'stock/harvest',
  'stock/tools',
  'workshop',
] as const

const KEY = /^[A-Za-z0-9_-]{1,64}$/

/**
 * Whether there is a page at a path. Which workshops there are only the browser knows: anything that may be the key
 * of one counts.
 */
export function isPage(path: string): boolean {
  const [, key = '', ...rest] = path.replace(/\/$/, '').split('/')
  if (key === '') return rest.length === 0
  return KEY.test(key) && (rest.length === 0 || stationPaths.some((station) => station === rest.join('/')))
}
