import type { Best, Pool } from './solve'

/** Grains that halves are made of, nearest first; parts of a half; halves that are kept. */
const NEAREST = 44
const HALF_PARTS = 6
const MOST_HALVES = 24_000

/**
 * Meets in the middle: halves of one or two grains are laid out by where they pull the mix, and each is looked up
 * opposite itself. Two halves that cancel out make a whole of at most four grains that lies on the aim.
 */
export function halfMixes(pool: Pool, best: Best): void {
  const { area, place } = pool
  const order = Array.from({ length: pool.count }, (_, i) => i)
    .filter((i) => (pool.most[i] ?? 0) > 0)
    .sort((a, b) => awayOf(place, a) - awayOf(place, b))
    .slice(0, NEAREST)
  if (pool.forcedParts > 0) return
  const halves: { readonly grains: readonly [a: number, p: number, b: number, q: number] }[] = []
  const pull = new Float64Array(MOST_HALVES * 3)
  const weight = new Float64Array(MOST_HALVES)
  const put = (a: number, p: number, b: number, q: number): void => {
    const at = halves.length
    if (at >= MOST_HALVES) return
    const [wa, wb] = [(area[a] ?? 0) * p, (area[b] ?? 0) * q]
    for (let axis = 0; axis < 3; axis += 1)
      pull[at * 3 + axis] = wa * (place[a * 3 + axis] ?? 0) + wb * (place[b * 3 + axis] ?? 0)
    weight[at] = wa + wb
    halves.push({ grains: [a, p, b, q] })
  }
  for (const a of order) for (let p = 1; p <= HALF_PARTS; p += 1) put(a, p, a, 0)
  for (let parts = 2; parts <= HALF_PARTS; parts += 1)
    for (let i = 0; i < order.length; i += 1)
      for (let j = i + 1; j < order.length; j += 1)
        for (let p = 1; p < parts; p += 1) put(order[i] ?? 0, p, order[j] ?? 0, parts - p)
  const middle = weight.slice(0, halves.length).sort()[halves.length >> 1] ?? 1
  const cell = middle * Math.max(0.15, best.enough)
  const key = (x: number, y: number, z: number): number =>
    (Math.imul(x, 73_856_093) ^ Math.imul(y, 19_349_663) ^ Math.imul(z, 83_492_791)) >>> 0
  const cells = new Map<number, number[]>()
  const cellOf = (at: number, axis: number, sign: number): number =>
    Math.round((sign * (pull[at * 3 + axis] ?? 0)) / cell)
  for (let at = 0; at < halves.length; at += 1) {
    const own = key(cellOf(at, 0, 1), cellOf(at, 1, 1), cellOf(at, 2, 1))
    const list = cells.get(own)
    if (list) list.push(at)
    else cells.set(own, [at])
  }
  const counts = new Int32Array(pool.count)
  for (let at = 0; at < halves.length; at += 1) {
    const opposite = cells.get(key(cellOf(at, 0, -1), cellOf(at, 1, -1), cellOf(at, 2, -1)))
    for (const other of opposite ?? []) {
      if (other < at) continue
      const whole = (weight[at] ?? 0) + (weight[other] ?? 0)
      const x = (pull[at * 3] ?? 0) + (pull[other * 3] ?? 0)
      const y = (pull[at * 3 + 1] ?? 0) + (pull[other * 3 + 1] ?? 0)
      const z = (pull[at * 3 + 2] ?? 0) + (pull[other * 3 + 2] ?? 0)
      if (Math.hypot(x, y, z) / whole > best.off) continue
      counts.fill(0)
      for (const half of [halves[at], halves[other]]) {
        if (!half) continue
        const [a, p, b, q] = half.grains
        counts[a] = (counts[a] ?? 0) + p
        counts[b] = (counts[b] ?? 0) + q
      }
      best.offer(counts)
      if (best.done) return
    }
  }
}

const awayOf = (place: Float64Array, i: number): number =>
  Math.hypot(place[i * 3] ?? 0, place[i * 3 + 1] ?? 0, place[i * 3 + 2] ?? 0)
