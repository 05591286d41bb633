/** What a plate is made of, on its way to it: numbers by the piece, sorted from near to far. */
export class Primitives {
  /** Six numbers a piece: x, y, half of its length as a vector, half its width, and which line it is. */
  numbers = new Float32Array(6 * 4096)
  fragments = new Uint32Array(4096)
  near = new Float32Array(4096)
  /** What draws it. */
  how = new Uint8Array(4096)
  count = 0

  add(
    how: number,
    near: number,
    fragment: number,
    x: number,
    y: number,
    ax: number,
    ay: number,
    halfWidth: number,
    which: number,
  ): void {
    if (this.count === this.fragments.length) this.grow()
    const at = this.count
    const o = at * 6
    this.numbers[o] = x
    this.numbers[o + 1] = y
    this.numbers[o + 2] = ax
    this.numbers[o + 3] = ay
    this.numbers[o + 4] = halfWidth
    this.numbers[o + 5] = which
    this.fragments[at] = fragment
    this.near[at] = near
    this.how[at] = how
    this.count += 1
  }

  private grow(): void {
    const wider = <A extends Float32Array | Uint32Array | Uint8Array>(into: A, from: A): A => {
      into.set(from)
      return into
    }
    const size = this.fragments.length * 2
    this.numbers = wider(new Float32Array(size * 6), this.numbers)
    this.fragments = wider(new Uint32Array(size), this.fragments)
    this.near = wider(new Float32Array(size), this.near)
    this.how = wider(new Uint8Array(size), this.how)
  }

  /** Their places from the nearest to the farthest, by counting: a few thousand depths are told apart. */
  nearestFirst(): Uint32Array {
    const DEPTHS = 4096
    let [low, high] = [Infinity, -Infinity]
    for (let i = 0; i < this.count; i += 1) {
      const near = this.near[i] ?? 0
      if (near < low) low = near
      if (near > high) high = near
    }
    const step = (DEPTHS - 1) / Math.max(1e-9, high - low)
    const depth = (i: number): number => Math.floor((high - (this.near[i] ?? 0)) * step)
    const start = new Uint32Array(DEPTHS + 1)
    for (let i = 0; i < this.count; i += 1) start[depth(i) + 1] = (start[depth(i) + 1] ?? 0) + 1
    for (let d = 1; d <= DEPTHS; d += 1) start[d] = (start[d] ?? 0) + (start[d - 1] ?? 0)
    const order = new Uint32Array(this.count)
    for (let i = 0; i < this.count; i += 1) {
      const d = depth(i)
      order[start[d] ?? 0] = i
      start[d] = (start[d] ?? 0) + 1
    }
    return order
  }
}
