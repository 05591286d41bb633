/** Samples to a pixel: each on a row and in a column of its own, so that no edge shows steps. */
export const SAMPLES = 4
/** Where the samples of a pixel lie from its left, row by row from its top. */
const OFFSETS = [0.375, 0.875, 0.125, 0.625] as const
/** Deeper than this nothing is kept: a crown is seldom more than three leaves deep. */
const DEEPEST = 9
const CLOSED = 128

/** Room for fragments, used again by one plate after the other: what it held before is never read. */
let pool = new Uint32Array(0)

/**
 * What lies behind each sample of a picture, from near to far, as one number each: written once for a plant
 * at a size, read for each day; one at a time. A layered buffer of fragments (Carpenter 1984).
 */
export class Layers {
  readonly rows: number
  private readonly counts: Uint8Array

  constructor(
    readonly width: number,
    height: number,
    private readonly deepest = DEEPEST,
  ) {
    this.rows = height * SAMPLES
    this.counts = new Uint8Array(width * this.rows)
    const needed = width * this.rows * this.deepest
    if (pool.length < needed) pool = new Uint32Array(needed)
  }

  /** Adds to the samples of a row between two places, both in px; what closes lasts, and hides what is behind it. */
  span(row: number, from: number, to: number, fragment: number, closes: boolean): void {
    const off = OFFSETS[row & 3] ?? 0.5
    const first = Math.max(0, Math.ceil(from - off))
    const last = Math.min(this.width - 1, Math.floor(to - off))
    for (let at = row * this.width + first, end = row * this.width + last; at <= end; at += 1)
      this.put(at, fragment, closes, closes)
  }

  /** What lasts takes the place of the deepest of what does not: wood behind many leaves is seen when they fall. */
  private put(at: number, fragment: number, closes: boolean, lasting: boolean): void {
    const count = this.counts[at] ?? 0
    if (count >= CLOSED || (count === this.deepest && !lasting)) return
    const place = Math.min(count, this.deepest - 1)
    pool[at * this.deepest + place] = fragment
    this.counts[at] = closes ? CLOSED | (place + 1) : place + 1
  }

  /** Columns of the samples of a row between two places, for wood, which differs from one to the next. */
  eachIn(
    row: number,
    from: number,
    to: number,
    closes: boolean,
    visit: (x: number, column: number) => number | undefined,
  ): void {
    const off = OFFSETS[row & 3] ?? 0.5
    const first = Math.max(0, Math.ceil(from - off))
    const last = Math.min(this.width - 1, Math.floor(to - off))
    for (let column = first; column <= last; column += 1) {
      const at = row * this.width + column
      if ((this.counts[at] ?? 0) >= CLOSED) continue
      const fragment = visit(column + off, column)
      if (fragment !== undefined) this.put(at, fragment, closes, true)
    }
  }

  /**
   * All fragments one after the other, pixel by pixel and sample by sample; where each sample's begin, and one
   * more at the end.
   */
  packed(): { start: Uint32Array; fragments: Uint32Array } {
    const start = new Uint32Array(this.counts.length + 1)
    let total = 0
    for (const count of this.counts) total += count & 127
    const fragments = new Uint32Array(total)
    let next = 0
    let sample = 0
    for (let y = 0; y < this.rows; y += SAMPLES)
      for (let x = 0; x < this.width; x += 1)
        for (let s = 0; s < SAMPLES; s += 1) {
          const at = (y + s) * this.width + x
          const count = (this.counts[at] ?? 0) & 127
          start[sample++] = next
          for (let k = 0; k < count; k += 1) fragments[next++] = pool[at * this.deepest + k] ?? 0
        }
    start[sample] = next
    return { start, fragments }
  }
}
