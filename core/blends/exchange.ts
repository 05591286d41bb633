import type { Grain } from './grains'
import { keepsTexture } from './mixture'
import { distanceOf, type Best, type Pool } from './pool'

/** Improvements from so many beginnings before the proof is begun; from fewer where the proof is to be short. */
const BEGINNINGS = { most: 24, least: 3, patienceEach: 12_000 }

/**
 * Improves mixtures by exchanging one part for another, adding one or taking one away, by their distance in
 * stretched light; the nearest that are found on the way are offered.
 */
export function exchange(pool: Pool, best: Best): void {
  const { count, area, place } = pool
  const near = Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => distanceOf(pool, a) - distanceOf(pool, b),
  )
  const worth = BEGINNINGS.least + Math.floor(best.patience / BEGINNINGS.patienceEach)
  const beginnings = Math.min(BEGINNINGS.most, worth, count)
  for (let run = 0; run < beginnings && !best.done; run += 1) {
    const counts = Int32Array.from(pool.least)
    const seed = near[run]
    if (
      seed !== undefined &&
      pool.forcedParts < pool.mostParts &&
      (counts[seed] ?? 0) < (pool.most[seed] ?? 0)
    )
      counts[seed] = (counts[seed] ?? 0) + 1
    fillGroups(pool, counts, near, run)
    const sums = [0, 0, 0, 0]
    const add = (i: number, n: number): void => {
      const w = (area[i] ?? 0) * n
      sums[0] = (sums[0] ?? 0) + w
      for (let axis = 0; axis < 3; axis += 1)
        sums[axis + 1] = (sums[axis + 1] ?? 0) + w * (place[i * 3 + axis] ?? 0)
    }
    for (let i = 0; i < count; i += 1) add(i, counts[i] ?? 0)
    const away = (): number =>
      Math.hypot(sums[1] ?? 0, sums[2] ?? 0, sums[3] ?? 0) / Math.max(1e-12, sums[0] ?? 0)
    best.offer(counts)
    let now = away()
    for (let pass = 0; pass < 60; pass += 1) {
      let move: readonly [from: number, to: number] | undefined
      let nearest = now - 1e-9
      const parts = counts.reduce((sum, own) => sum + own, 0)
      for (let from = -1; from < count; from += 1) {
        if (from >= 0 && (counts[from] ?? 0) <= (pool.least[from] ?? 0)) continue
        if (from >= 0) {
          add(from, -1)
          counts[from] = (counts[from] ?? 0) - 1
        }
        for (let to = -1; to < count; to += 1) {
          if (to === from || (to < 0 && parts <= 1)) continue
          if (to >= 0 && ((counts[to] ?? 0) >= (pool.most[to] ?? 0) || (from < 0 && parts >= pool.mostParts)))
            continue
          if (to >= 0) add(to, 1)
          const tried = away()
          if (tried < nearest) {
            if (to >= 0) counts[to] = (counts[to] ?? 0) + 1
            if (fits(pool, counts)) {
              nearest = tried
              move = [from, to]
            }
            if (to >= 0) counts[to] = (counts[to] ?? 0) - 1
          }
          if (to >= 0) add(to, -1)
        }
        if (from >= 0) {
          add(from, 1)
          counts[from] = (counts[from] ?? 0) + 1
        }
      }
      if (!move) break
      const [from, to] = move
      if (from >= 0) {
        add(from, -1)
        counts[from] = (counts[from] ?? 0) - 1
      }
      if (to >= 0) {
        add(to, 1)
        counts[to] = (counts[to] ?? 0) + 1
      }
      now = nearest
      best.offer(counts)
      if (best.done) return
    }
  }
}

/** While parts are exchanged: the rules but those that the next exchange may still mend. */
function fits(pool: Pool, counts: Int32Array): boolean {
  let used = 0
  let smallest = Infinity
  let largest = 0
  for (let i = 0; i < pool.count; i += 1) {
    if ((counts[i] ?? 0) === 0) continue
    used += 1
    const size = pool.grains[i]?.sizeMm ?? 1
    smallest = Math.min(smallest, size)
    largest = Math.max(largest, size)
  }
  if (used > pool.mostMaterials) return false
  return pool.texture !== 'one' || keepsTexture('one', smallest, largest)
}

/** Begins with a part of each group, and with two sizes where the texture wants them. */
function fillGroups(pool: Pool, counts: Int32Array, near: readonly number[], run: number): void {
  const put = (i: number | undefined): void => {
    if (i !== undefined && (counts[i] ?? 0) < (pool.most[i] ?? 0)) counts[i] = (counts[i] ?? 0) + 1
  }
  for (const { has } of pool.groups) {
    const own = near.filter((i) => has(pool.grains[i] as Grain))
    if (!own.some((i) => (counts[i] ?? 0) > 0)) put(own[run % Math.max(1, own.length)])
  }
  if (pool.texture !== 'mixed' && pool.texture !== 'rough') return
  const used = near.filter((i) => (counts[i] ?? 0) > 0)
  const sizes = used.map((i) => pool.grains[i]?.sizeMm ?? 1)
  const other = near.filter((i) => {
    const size = pool.grains[i]?.sizeMm ?? 1
    return keepsTexture(pool.texture, Math.min(size, ...sizes), Math.max(size, ...sizes))
  })
  put(other[run % Math.max(1, other.length)])
}
