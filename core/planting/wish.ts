import { ages, type Age } from '../plants'
import { none, ok, parseLength, readNumber, toRealMm, type Reading } from '../units'

/** Width and depth of an area in reality, mm. */
export type Sides = readonly [widthMm: number, depthMm: number]

/**
 * The sides of an area as typed: as they are in reality (m where no unit is), or on the board (mm), to be scaled.
 * @param ratio of the scale, as 87.1 in 1:87.1
 */
export function readSides(
  text: { readonly width: string; readonly depth: string },
  given: 'board' | 'real',
  ratio: number,
): Reading<Sides> {
  const side = (name: string, typed: string): Reading<number> => {
    if (typed.trim() === '') return none(`${name} of the area is needed.`)
    const read = parseLength(typed, given === 'board' ? 'mm' : 'm')
    if (read.kind === 'none') return none(`${name}: ${read.because}`)
    if (read.value <= 0) return none(`${name}: it must be above 0.`)
    return ok(given === 'board' ? toRealMm(read.value, ratio) : read.value)
  }
  const width = side('Width', text.width)
  if (width.kind === 'none') return width
  const depth = side('Depth', text.depth)
  return depth.kind === 'none' ? depth : ok([width.value, depth.value])
}

/**
 * Shares of the ages as typed, with or without a sign of percent; undefined where nothing is typed: as usual there.
 */
export function readAgeShares(
  text: Readonly<Record<Age, string>>,
): Reading<readonly [number, number, number, number] | undefined> {
  const read = (age: Age): number | undefined => {
    const typed = text[age].replace('%', '').trim()
    return typed === '' ? 0 : readNumber(typed)
  }
  const shares = ages.map(read)
  const isShare = (share: number | undefined): share is number =>
    share !== undefined && share >= 0 && share <= 100
  if (!shares.every(isShare)) return none('Ages: each share is a number from 0 to 100, or empty.')
  const [young = 0, semi = 0, mature = 0, veteran = 0] = shares
  return ok(young + semi + mature + veteran > 0 ? [young, semi, mature, veteran] : undefined)
}
