import { nearestInHull } from './hull'
import { distanceOf, type Best, type Pool } from './pool'
import { fenceNormals, type Vector } from './target'

/** A difference takes as long as so many sums. */
const OFFER = 8

/** Goes through all mixtures that may be nearer than the best. @returns whether it came to the end */
export function prove(pool: Pool, best: Best): boolean {
  const { count } = pool
  // Grains that are seen little and lie near come first: deep branches end soonest.
  const order = Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => (pool.least[b] ?? 0) - (pool.least[a] ?? 0) || distanceOf(pool, a) - distanceOf(pool, b),
  )
  // One plane more, towards the grain or the grains that come nearest: it parts the aim from all that can be mixed.
  const near = nearestInHull(pool.place)
  const normals: Vector[] = near.distance > 1e-6 ? [near.direction, ...fenceNormals] : [...fenceNormals]
  const planes = normals.length
  const beyond = new Float64Array(count * planes)
  /** The most that one more part of any grain from here on brings a sum back inside, by plane. */
  const bestBack = new Float64Array((count + 1) * planes)
  const fenceIn = (): void => {
    const fence = pool.aim.fence(best.nearerThan, normals)
    order.forEach((grain, at) => {
      normals.forEach(([x, y, z], plane) => {
        const out =
          x * (pool.place[grain * 3] ?? 0) +
          y * (pool.place[grain * 3 + 1] ?? 0) +
          z * (pool.place[grain * 3 + 2] ?? 0)
        beyond[at * planes + plane] = (pool.area[grain] ?? 0) * (out - (fence[plane] ?? Infinity))
      })
    })
    for (let at = count - 1; at >= 0; at -= 1)
      for (let plane = 0; plane < planes; plane += 1)
        bestBack[at * planes + plane] = Math.min(
          bestBack[(at + 1) * planes + plane] ?? 0,
          beyond[at * planes + plane] ?? 0,
        )
  }
  fenceIn()
  let looked = 0
  let fenced = best.off
  const counts = new Int32Array(count)
  const sums = Array.from({ length: pool.mostMaterials + 1 }, () => new Float64Array(planes))
  /** Least parts that grains from here on must have. */
  const owed = new Int32Array(count + 1)
  for (let at = count - 1; at >= 0; at -= 1)
    owed[at] = (owed[at + 1] ?? 0) + (pool.least[order[at] ?? 0] ?? 0)

  const inside = (sum: Float64Array): boolean => {
    for (let plane = 0; plane < planes; plane += 1) if ((sum[plane] ?? 0) > 0) return false
    return true
  }
  const canReturn = (sum: Float64Array, from: number, left: number): boolean => {
    const row = from * planes
    for (let plane = 0; plane < planes; plane += 1)
      if ((sum[plane] ?? 0) + left * (bestBack[row + plane] ?? 0) > 0) return false
    return true
  }
  /** @returns false when patience is at an end */
  const go = (from: number, used: number, left: number): boolean => {
    const sum = sums[used] as Float64Array
    for (let at = from; at < count; at += 1) {
      if (best.done) return true
      const grain = order[at] ?? 0
      const least = pool.least[grain] ?? 0
      if (used >= pool.mostMaterials) return true
      if (left - (owed[at] ?? 0) < 0) return true
      if (!canReturn(sum, at, left)) return true
      const most = Math.min(left - (owed[at + 1] ?? 0), pool.most[grain] ?? 0)
      const next = sums[used + 1] as Float64Array
      const row = at * planes
      for (let parts = Math.max(1, least); parts <= most; parts += 1) {
        looked += 1
        if (looked > best.patience) return false
        for (let plane = 0; plane < planes; plane += 1)
          next[plane] = (sum[plane] ?? 0) + parts * (beyond[row + plane] ?? 0)
        counts[grain] = parts
        const whole = (owed[at + 1] ?? 0) === 0 && inside(next)
        if (whole) looked += OFFER
        if (whole && best.offer(counts)) {
          if (best.done) return true
          if (best.off < fenced * 0.9) {
            // The fence is drawn closer; sums above are made anew with it.
            fenced = best.off
            fenceIn()
            remake()
            for (let plane = 0; plane < planes; plane += 1)
              next[plane] = (sum[plane] ?? 0) + parts * (beyond[row + plane] ?? 0)
          }
        }
        if (left - parts > 0 && used + 1 < pool.mostMaterials && !go(at + 1, used + 1, left - parts))
          return false
        // Deeper branches have overwritten nothing of this sum but what lies above it.
      }
      counts[grain] = 0
      if (least > 0) return true
    }
    return true
  }
  /** Sums of the branch in hand, after the fence was moved. */
  function remake(): void {
    let used = 0
    const running = new Float64Array(planes)
    ;(sums[0] as Float64Array).fill(0)
    for (let at = 0; at < count; at += 1) {
      const parts = counts[order[at] ?? 0] ?? 0
      if (parts === 0) continue
      for (let plane = 0; plane < planes; plane += 1)
        running[plane] = (running[plane] ?? 0) + parts * (beyond[at * planes + plane] ?? 0)
      used += 1
      ;(sums[used] as Float64Array).set(running)
    }
  }
  return go(0, 0, pool.mostParts)
}
