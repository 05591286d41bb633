import type { Spot } from './plan'

/** Spots sorted into square cells, so that those near a place are found without asking all. */
export class SpotGrid {
  private readonly cells = new Map<string, Spot[]>()

  /** @param cellMm side of a cell, above 0: no spot here keeps further than this from its like */
  constructor(private readonly cellMm: number) {}

  /** The furthest that a spot in here keeps others away by itself, mm. */
  get reach(): number {
    return this.cellMm
  }

  add(spot: Spot): void {
    const key = `${Math.floor(spot.x / this.cellMm)},${Math.floor(spot.y / this.cellMm)}`
    const there = this.cells.get(key)
    if (there) there.push(spot)
    else this.cells.set(key, [spot])
  }

  /** Whether all spots within a distance pass. */
  every({ x, y }: { x: number; y: number }, withinMm: number, passes: (spot: Spot) => boolean): boolean {
    const cell = (value: number): number => Math.floor(value / this.cellMm)
    for (let i = cell(x - withinMm); i <= cell(x + withinMm); i += 1)
      for (let j = cell(y - withinMm); j <= cell(y + withinMm); j += 1) {
        if (!(this.cells.get(`${i},${j}`) ?? []).every(passes)) return false
      }
    return true
  }
}
