import { requireRange, seededRandom } from '../units'
import { dotsOnSheet, hexagonalPlaces } from './dots'

/** A dot of glue on a tray: its middle from the lower left corner, and its width; all mm. */
export interface Dot {
  readonly x: number
  readonly y: number
  readonly diameterMm: number
}

/** Dots of one size in a mixture, and their share of all by number. */
export interface DotSize {
  readonly diameterMm: number
  readonly share: number
}

export interface TrayOrder {
  readonly widthMm: number
  readonly heightMm: number
  /** Between the rims of any two dots. */
  readonly gapMm: number
  readonly sizes: readonly DotSize[]
  readonly seed: number
  /** No more than so many; absent: as many as there is room for. */
  readonly most?: number
}

/** Darts thrown for a dot before it is given up, and dots given up in a row before the tray is called full. */
const DARTS = 40
const GIVEN_UP = 12
/** Of the tray without gaps, what mixed dots thrown at random fill at most. From memory. */
const JAMMED = 0.52
const NO_DOTS: readonly Dot[] = []

/**
 * Lays dots on a tray so that none touches another. Dots of one size stand in staggered rows, as many as there
 * is room for; a mixture is thrown like darts, the largest first, each keeping its gap to what lies there.
 * Source: hexagonal packing; variable-radius dart throwing after Bridson 2007.
 * @throws RangeError when the tray is smaller than its largest dot
 */
export function layTray(order: TrayOrder): Dot[] {
  const { widthMm, heightMm, gapMm, sizes, most = Infinity } = order
  const largest = Math.max(0, ...sizes.map(({ diameterMm }) => diameterMm))
  requireRange('largest dot', largest, 'mm', { above: 0, max: Math.min(widthMm, heightMm) })
  const wanted = sizes.filter(({ share }) => share > 0)
  const [only] = wanted
  if (only && wanted.every(({ diameterMm }) => diameterMm === only.diameterMm))
    return hexagonalPlaces(widthMm, heightMm, only.diameterMm, gapMm)
      .slice(0, most)
      .map(([x, y]) => ({ x, y, diameterMm: only.diameterMm }))
  return thrown(order, wanted)
}

function thrown(
  { widthMm, heightMm, gapMm, seed, most = Infinity }: TrayOrder,
  sizes: readonly DotSize[],
): Dot[] {
  const random = seededRandom(seed)
  const all = sizes.reduce((sum, { share }) => sum + share, 0)
  const meanArea = sizes.reduce(
    (sum, size) => sum + (size.share / all) * (Math.PI / 4) * (size.diameterMm + gapMm) ** 2,
    0,
  )
  const target = Math.min(most, Math.floor((JAMMED * (widthMm + gapMm) * (heightMm + gapMm)) / meanArea))
  const largest = Math.max(...sizes.map(({ diameterMm }) => diameterMm))
  const cell = largest + gapMm
  const across = Math.ceil(widthMm / cell) + 1
  const cells = new Map<number, Dot[]>()
  const keyOf = (x: number, y: number): number => Math.floor(y / cell) * across + Math.floor(x / cell)
  const isFree = (x: number, y: number, diameterMm: number): boolean => {
    const key = keyOf(x, y)
    for (let dy = -1; dy <= 1; dy += 1)
      for (let dx = -1; dx <= 1; dx += 1)
        for (const other of cells.get(key + dy * across + dx) ?? NO_DOTS) {
          const apart = (other.diameterMm + diameterMm) / 2 + gapMm
          if ((other.x - x) ** 2 + (other.y - y) ** 2 < apart * apart) return false
        }
    return true
  }
  const dots: Dot[] = []
  for (const { diameterMm, share } of [...sizes].sort((a, b) => b.diameterMm - a.diameterMm)) {
    const wanted = Math.round((target * share) / all)
    let missed = 0
    for (let placed = 0; placed < wanted && missed < GIVEN_UP;) {
      const dot = dart()
      if (dot) {
        dots.push(dot)
        const key = keyOf(dot.x, dot.y)
        const own = cells.get(key)
        if (own) own.push(dot)
        else cells.set(key, [dot])
        placed += 1
        missed = 0
      } else missed += 1
    }
    function dart(): Dot | undefined {
      for (let tries = 0; tries < DARTS; tries += 1) {
        const x = diameterMm / 2 + random() * (widthMm - diameterMm)
        const y = diameterMm / 2 + random() * (heightMm - diameterMm)
        if (isFree(x, y, diameterMm)) return { x, y, diameterMm }
      }
      return undefined
    }
  }
  return dots
}

/**
 * Holes of a drilled board: staggered, with a bridge of wood between them and along its edge.
 * Common practice: a board holds about 70 holes of 10 mm.
 */
export const boardHoles = (widthMm: number, heightMm: number, holeMm: number, bridgeMm: number): Dot[] =>
  hexagonalPlaces(widthMm - 2 * bridgeMm, heightMm - 2 * bridgeMm, holeMm, bridgeMm).map(([x, y]) => ({
    x: x + bridgeMm,
    y: y + bridgeMm,
    diameterMm: holeMm,
  }))

/** A tray with its dots. */
export interface DotTray {
  readonly widthMm: number
  readonly heightMm: number
  readonly dots: readonly Dot[]
  /** Sizes on it and their shares, the largest first. */
  readonly sizes: readonly DotSize[]
}

/** Dots are told apart in steps of half a millimetre. */
const STEP_MM = 0.5
/** Mixed dots thrown at random want this much more room than equal ones in rows. From memory. */
const LOOSE = 1.75
/** No more sizes than this on a tray: more, nobody can set apart. */
const MOST_SIZES = 5

/** Dots by size, and their shares. @param dotsMm the dot that each tuft wants */
function mixture(dotsMm: readonly number[]): DotSize[] {
  const counts = new Map<number, number>()
  for (const dotMm of dotsMm) {
    const dot = Math.round(dotMm / STEP_MM) * STEP_MM
    counts.set(dot, (counts.get(dot) ?? 0) + 1)
  }
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, MOST_SIZES)
    .map(([diameterMm, count]) => ({ diameterMm, share: count / dotsMm.length }))
    .sort((a, b) => b.diameterMm - a.diameterMm)
}

/**
 * Dots of several sizes on one sheet. A few keep to one end of it: no more is wetted than they need.
 * @param of lengths in mm; `gapOf` how far dots of a size keep apart
 */
export function mixedTray(of: {
  readonly widthMm: number
  readonly heightMm: number
  readonly gapOf: (dotMm: number) => number
  readonly dotsMm: readonly number[]
  readonly most: number
  readonly seed: number
}): DotTray {
  const { widthMm, most, seed } = of
  const sizes = mixture(of.dotsMm)
  const mean = sizes.reduce((sum, { diameterMm, share }) => sum + diameterMm * share, 0)
  const gapMm = of.gapOf(mean)
  const room = dotsOnSheet(widthMm, of.heightMm, mean, gapMm)
  const wanted = Math.ceil((of.heightMm * LOOSE * most) / Math.max(1, room) / 10) * 10 + 10
  const heightMm = Math.min(of.heightMm, wanted)
  return { widthMm, heightMm, sizes, dots: layTray({ widthMm, heightMm, gapMm, sizes, seed, most }) }
}
