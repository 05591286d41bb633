import type { Spot } from './plan'

/** Below this size spots share one level, mm. */
const FINEST_MM = 1
/** Cells are numbered so far to either side. */
const SPAN = 1 << 15

/** Spots sorted by size into levels of square cells, each twice as wide as the one below, so that those near a place are found without asking all. */
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

  /** Whether all spots that could come too near to a place pass. @param ownMm half of the distance that what is to stand there keeps */
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
