import type { Random } from '../units'

/** A disc in a sheet, mm. */
export interface Circle {
  readonly x: number
  readonly y: number
  readonly r: number
}

const MOST_ROUNDS = 400
/** What is taken for no overlap, mm: less than scissors cut. */
const NEAR = 0.01

/**
 * Lets discs that overlap push one another away, inside a sheet, until none does: steepest descent on the sum
 * of squared overlaps, each disc moved by what its neighbours and the edges push it.
 * @returns the discs in their new places; undefined where they can't all lie there
 */
export function relaxed(
  discs: readonly Circle[],
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
  gapMm: number,
  random: Random,
): Circle[] | undefined {
  const n = discs.length
  const x = Float64Array.from(discs, (disc) => disc.x)
  const y = Float64Array.from(discs, (disc) => disc.y)
  const r = Float64Array.from(discs, (disc) => disc.r)
  const px = new Float64Array(n)
  const py = new Float64Array(n)
  const vx = new Float64Array(n)
  const vy = new Float64Array(n)
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    px.fill(0)
    py.fill(0)
    let worst = 0
    for (let i = 0; i < n; i += 1)
      for (let j = 0; j < i; j += 1) {
        const apart = (r[i] ?? 0) + (r[j] ?? 0) + gapMm + NEAR
        const dx = (x[i] ?? 0) - (x[j] ?? 0)
        const dy = (y[i] ?? 0) - (y[j] ?? 0)
        const d2 = dx * dx + dy * dy
        if (d2 >= apart * apart) continue
        const d = Math.sqrt(d2)
        const over = apart - d
        worst = Math.max(worst, over)
        // Two in one place part to a side that chance picks.
        const turn = random() * 2 * Math.PI
        const [ux, uy] = d > 1e-9 ? [dx / d, dy / d] : [Math.cos(turn), Math.sin(turn)]
        px[i] = (px[i] ?? 0) + ux * over
        py[i] = (py[i] ?? 0) + uy * over
        px[j] = (px[j] ?? 0) - ux * over
        py[j] = (py[j] ?? 0) - uy * over
      }
    if (worst <= NEAR) return discs.map((disc, i) => ({ ...disc, x: x[i] ?? 0, y: y[i] ?? 0 }))
    for (let i = 0; i < n; i += 1) {
      vx[i] = 0.6 * (vx[i] ?? 0) + 0.34 * (px[i] ?? 0)
      vy[i] = 0.6 * (vy[i] ?? 0) + 0.34 * (py[i] ?? 0)
      // The edges are walls: what would cross one stays inside.
      const own = r[i] ?? 0
      x[i] = Math.min(widthMm - own, Math.max(own, (x[i] ?? 0) + (vx[i] ?? 0)))
      y[i] = Math.min(heightMm - own, Math.max(own, (y[i] ?? 0) + (vy[i] ?? 0)))
    }
  }
  return undefined
}
