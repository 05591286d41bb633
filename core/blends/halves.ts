import { distanceOf, type Best, type Pool } from './pool'

/**
 * Grains that halves of two are made of, nearest first, in a thorough search and in a short one; parts of a half of one
 * and of two; halves that are kept.
 */
const NEAREST = { thorough: 32, short: 16 }
const ONE_PARTS = 6
const TWO_PARTS = 11
const MOST_HALVES = 32_000

/**
 * Meets in the middle: halves of one or two grains are laid out by where they pull the mix, and each is looked up
 * opposite itself. Two halves that cancel out make a whole of at most four grains that lies on the aim.
 */
export function halfMixes(pool: Pool, best: Best): void {
  const { area, place } = pool
  const order = Array.from({ length: pool.count }, (_, i) => i)
    .filter((i) => (pool.most[i] ?? 0) > 0)
    .sort((a, b) => distanceOf(pool, a) - distanceOf(pool, b))
  const near = order.slice(0, best.thorough ? NEAREST.thorough : NEAREST.short)
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
  for (const a of order) for (let p = 1; p <= ONE_PARTS; p += 1) put(a, p, a, 0)
  const singles = halves.length
  for (let parts = 2; parts <= TWO_PARTS; parts += 1)
    for (let i = 0; i < near.length; i += 1)
      for (let j = i + 1; j < near.length; j += 1)
        for (let p = 1; p < parts; p += 1) put(near[i] ?? 0, p, near[j] ?? 0, parts - p)
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
  let offers = 0
  const tryBoth = (at: number, other: number): void => {
    const whole = (weight[at] ?? 0) + (weight[other] ?? 0)
    const x = (pull[at * 3] ?? 0) + (pull[other * 3] ?? 0)
    const y = (pull[at * 3 + 1] ?? 0) + (pull[other * 3 + 1] ?? 0)
    const z = (pull[at * 3 + 2] ?? 0) + (pull[other * 3 + 2] ?? 0)
    if (Math.hypot(x, y, z) / whole > best.off) return
    counts.fill(0)
    for (const half of [halves[at], halves[other]]) {
      if (!half) continue
      const [a, p, b, q] = half.grains
      counts[a] = (counts[a] ?? 0) + p
      counts[b] = (counts[b] ?? 0) + q
    }
    offers += 1
    best.offer(counts)
  }
  for (let at = 0; at < halves.length; at += 1) {
    const [x, y, z] = [cellOf(at, 0, -1), cellOf(at, 1, -1), cellOf(at, 2, -1)]
    // Of single grains there are few: cells around the opposite one are looked at too.
    const reach = at < singles ? 1 : 0
    for (let dx = -reach; dx <= reach; dx += 1)
      for (let dy = -reach; dy <= reach; dy += 1)
        for (let dz = -reach; dz <= reach; dz += 1)
          for (const other of cells.get(key(x + dx, y + dy, z + dz)) ?? []) {
            if (other > at) tryBoth(at, other)
            if (best.done || offers > best.mostOffers) return
          }
  }
}

/** Grains that pairs and threes are tried of. */
const FEW = { thorough: 30, short: 14 }
/** What is so much further in stretched light may still be nearer to the eye. */
const STRETCHED = 1.12

/** Tries pairs and threes of the nearest grains in all parts: where little can be mixed, few grains do it. */
export function fewGrains(pool: Pool, best: Best): void {
  if (pool.forcedParts > 0 || pool.mostMaterials < 2) return
  const { area, place } = pool
  const order = Array.from({ length: pool.count }, (_, i) => i)
    .filter((i) => (pool.most[i] ?? 0) > 0)
    .sort((a, b) => distanceOf(pool, a) - distanceOf(pool, b))
    .slice(0, best.thorough ? FEW.thorough : FEW.short)
  const counts = new Int32Array(pool.count)
  let offers = 0
  const at = (i: number, axis: number): number => (area[i] ?? 0) * (place[i * 3 + axis] ?? 0)
  for (let first = 0; first < order.length; first += 1)
    for (let second = first + 1; second < order.length; second += 1)
      for (let third = second; third < (pool.mostMaterials > 2 ? order.length : second + 1); third += 1) {
        const [a, b, c] = [order[first] ?? 0, order[second] ?? 0, order[third] ?? 0]
        const pair = third === second
        for (let p = 1; p < pool.mostParts; p += 1)
          for (let q = 1; p + q <= pool.mostParts; q += 1)
            for (let r = pair ? 0 : 1; r <= (pair ? 0 : pool.mostParts - p - q); r += 1) {
              const whole = (area[a] ?? 0) * p + (area[b] ?? 0) * q + (area[c] ?? 0) * r
              const x = at(a, 0) * p + at(b, 0) * q + at(c, 0) * r
              const y = at(a, 1) * p + at(b, 1) * q + at(c, 1) * r
              const z = at(a, 2) * p + at(b, 2) * q + at(c, 2) * r
              if (x * x + y * y + z * z > (STRETCHED * best.off * whole) ** 2) continue
              counts.fill(0)
              counts[a] = p
              counts[b] = q
              if (!pair) counts[c] = r
              offers += 1
              best.offer(counts)
              if (best.done || offers > best.mostOffers) return
            }
      }
}
