import type { Point } from './types'

/** Points sorted into cubic cells, so that those near a place are found without asking all. */
export class PointGrid {
  private readonly low: readonly [number, number, number]
  private readonly size: readonly [number, number, number]
  /** Where each cell's points begin in `items`; one more at the end. */
  private readonly start: Int32Array
  private readonly items: Int32Array

  constructor(
    points: readonly Point[],
    private readonly cell: number,
  ) {
    const bounds = (pick: (point: Point) => number): [number, number] =>
      points.reduce(
        ([low, high], point) => [Math.min(low, pick(point)), Math.max(high, pick(point))],
        [Infinity, -Infinity],
      )
    const spans = [bounds(({ x }) => x), bounds(({ y }) => y), bounds(({ z }) => z)] as const
    this.low = [spans[0][0], spans[1][0], spans[2][0]]
    const cells = ([from, to]: readonly [number, number]): number =>
      Math.max(1, Math.floor((to - from) / cell) + 1)
    this.size = [cells(spans[0]), cells(spans[1]), cells(spans[2])]
    const cellOf = points.map(({ x, y, z }) => this.index(this.at(x, 0), this.at(y, 1), this.at(z, 2)))
    this.start = new Int32Array(this.size[0] * this.size[1] * this.size[2] + 1)
    for (const at of cellOf) this.start[at + 1] = (this.start[at + 1] ?? 0) + 1
    for (let i = 1; i < this.start.length; i += 1)
      this.start[i] = (this.start[i] ?? 0) + (this.start[i - 1] ?? 0)
    const next = Int32Array.from(this.start)
    this.items = new Int32Array(points.length)
    cellOf.forEach((at, i) => {
      const place = next[at] ?? 0
      this.items[place] = i
      next[at] = place + 1
    })
  }

  private at(value: number, axis: 0 | 1 | 2): number {
    return Math.floor((value - this.low[axis]) / this.cell)
  }

  private index(x: number, y: number, z: number): number {
    return (x * this.size[1] + y) * this.size[2] + z
  }

  /** Calls back with every point that may lie within a distance. */
  near({ x, y, z }: Point, within: number, each: (index: number) => void): void {
    const range = (value: number, axis: 0 | 1 | 2): readonly [number, number] => [
      Math.max(0, this.at(value - within, axis)),
      Math.min(this.size[axis] - 1, this.at(value + within, axis)),
    ]
    const [[x1, x2], [y1, y2], [z1, z2]] = [range(x, 0), range(y, 1), range(z, 2)]
    for (let i = x1; i <= x2; i += 1)
      for (let j = y1; j <= y2; j += 1) {
        if (z1 > z2) return
        // Cells of one column along z lie side by side.
        const from = this.start[this.index(i, j, z1)] ?? 0
        const to = this.start[this.index(i, j, z2) + 1] ?? 0
        for (let k = from; k < to; k += 1) each(this.items[k] ?? 0)
      }
  }
}
