import type { Spot } from './board'

/** Below this size spots share one level, mm. */
const FINEST_MM = 1
/** Cells are numbered so far to either side. */
const SPAN = 1 << 15

/**
 * Spots sorted by size into levels of square cells, each twice as wide as the one below, so that those near a
 * place are found without asking all.
 */
export class SpotGrid {
  private readonly levels: { readonly cellMm: number; readonly cells: Map<number, Spot[]> }[] = []

  /** @param largestMm half of the distance that any spot in here keeps, at most */
  constructor(largestMm: number) {
    for (let cellMm = FINEST_MM; ; cellMm *= 2) {
      this.levels.push({ cellMm, cells: new Map() })
      if (cellMm >= largestMm) break
    }
  }

  add(spot: Spot): void {
    const size = Math.max(spot.ownMm, spot.stemMm / 2)
    const level = this.levels.find(({ cellMm }) => size <= cellMm) ?? this.levels[this.levels.length - 1]
    if (!level) return
    const key = keyOf(Math.floor(spot.x / level.cellMm), Math.floor(spot.y / level.cellMm))
    const there = level.cells.get(key)
    if (there) there.push(spot)
    else level.cells.set(key, [spot])
  }

  /**
   * Whether all spots that could come too near to a place pass.
   * @param ownMm half of the distance that what is to stand there keeps
   */
  every({ x, y }: { x: number; y: number }, ownMm: number, passes: (spot: Spot) => boolean): boolean {
    for (const { cellMm, cells } of this.levels) {
      if (cells.size === 0) continue
      const within = ownMm + cellMm
      const cell = (value: number): number => Math.floor(value / cellMm)
      for (let i = cell(x - within); i <= cell(x + within); i += 1)
        for (let j = cell(y - within); j <= cell(y + within); j += 1) {
          const there = cells.get(keyOf(i, j))
          if (there && !there.every(passes)) return false
        }
    }
    return true
  }
}

const keyOf = (i: number, j: number): number => (i + SPAN) * 2 * SPAN + (j + SPAN)

/** Cells along the longer side of a board. */
const CELLS_ALONG = 48

/** Places in equal square cells, to find how far the nearest of them is. */
export class NearestGrid {
  private readonly cells = new Map<number, { x: number; y: number }[]>()
  private readonly cellMm: number

  /** @param widthMm, depthMm of the board, above 0; all places lie on it */
  constructor(widthMm: number, depthMm: number) {
    this.cellMm = Math.max(widthMm, depthMm) / CELLS_ALONG
  }

  add(place: { x: number; y: number }): void {
    const key = keyOf(this.cell(place.x), this.cell(place.y))
    const there = this.cells.get(key)
    if (there) there.push(place)
    else this.cells.set(key, [place])
  }

  /** Square of the distance to the nearest place, mm²; Infinity when there is none. */
  squareTo({ x, y }: { x: number; y: number }): number {
    if (this.cells.size === 0) return Infinity
    const [column, row] = [this.cell(x), this.cell(y)]
    let best = Infinity
    for (let ring = 0; ring <= CELLS_ALONG + 1; ring += 1) {
      // All of this ring is at least so far away.
      const least = (ring - 1) * this.cellMm
      if (ring > 0 && least * least > best) break
      for (let i = -ring; i <= ring; i += 1) {
        const step = Math.abs(i) === ring ? 1 : 2 * ring
        for (let j = -ring; j <= ring; j += step) {
          const there = this.cells.get(keyOf(column + i, row + j))
          for (const place of there ?? []) best = Math.min(best, (place.x - x) ** 2 + (place.y - y) ** 2)
        }
      }
    }
    return best
  }

  private cell(value: number): number {
    return Math.floor(value / this.cellMm)
  }
}
