import type { Vector } from './target'

/** The point of a convex hull that lies nearest to the origin. */
export interface Nearest {
  readonly distance: number
  /** From the origin towards it; any where the origin is within. */
  readonly direction: Vector
}

const ROUNDS = 400

/**
 * The point nearest to the origin in the convex hull of points, by Frank & Wolfe (1956) with steps towards and away
 * from corners.
 * @param places three numbers to a point, at least one point
 */
export function nearestInHull(places: Float64Array): Nearest {
  const count = places.length / 3
  const weights = new Float64Array(count)
  const at = (i: number): Vector => [places[i * 3] ?? 0, places[i * 3 + 1] ?? 0, places[i * 3 + 2] ?? 0]
  let first = 0
  for (let i = 1; i < count; i += 1) if (Math.hypot(...at(i)) < Math.hypot(...at(first))) first = i
  weights[first] = 1
  let [x, y, z] = at(first)
  for (let round = 0; round < ROUNDS; round += 1) {
    let toward = 0
    let away = -1
    let [low, high] = [Infinity, -Infinity]
    for (let i = 0; i < count; i += 1) {
      const along = x * (places[i * 3] ?? 0) + y * (places[i * 3 + 1] ?? 0) + z * (places[i * 3 + 2] ?? 0)
      if (along < low) [low, toward] = [along, i]
      if ((weights[i] ?? 0) > 0 && along > high) [high, away] = [along, i]
    }
    const squared = x * x + y * y + z * z
    if (squared - low < 1e-10 * Math.max(1, squared)) break
    const steps = squared - low >= high - squared
    const corner = at(steps ? toward : away)
    const own = weights[away] ?? 0
    const sign = steps ? 1 : -1
    const move: Vector = [sign * (corner[0] - x), sign * (corner[1] - y), sign * (corner[2] - z)]
    const longest = steps ? 1 : own / Math.max(1e-12, 1 - own)
    const size = move[0] ** 2 + move[1] ** 2 + move[2] ** 2
    if (size < 1e-18) break
    const step = Math.min(longest, Math.max(0, -(x * move[0] + y * move[1] + z * move[2]) / size))
    for (let i = 0; i < count; i += 1) weights[i] = (weights[i] ?? 0) * (1 - sign * step)
    const target = steps ? toward : away
    weights[target] = Math.max(0, (weights[target] ?? 0) + sign * step)
    if (!steps && step >= longest) weights[away] = 0
    x += step * move[0]
    y += step * move[1]
    z += step * move[2]
  }
  const distance = Math.hypot(x, y, z)
  return { distance, direction: distance > 0 ? [x / distance, y / distance, z / distance] : [1, 0, 0] }
}
