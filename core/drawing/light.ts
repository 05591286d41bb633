import type { Point } from '../growth/types'

/** Cells along the longest side of a crown. */
const CELLS = 16
/** Where light comes from: the sun from above, the left and the front; the sky from all above. Common practice. */
const SUN: readonly Direction[] = [[-0.5, 0.72, 0.48]]
const SKY: readonly Direction[] = [
  [0, 1, 0],
  [-0.62, 0.7, 0.35],
  [0.62, 0.7, 0.35],
  [0, 0.6, 0.8],
  [0, 0.6, -0.8],
]
type Direction = readonly [x: number, y: number, z: number]
/** A crown's mean optical depth from its middle, by which what hides the light is counted. From memory. */
const DEPTH = 2.8
const SUN_SHARE = 0.62

/**
 * How much light reaches each place, 0 for none and 1 for all: the share that the foliage between it and the
 * light lets through, exp(−k·LAI) as in a canopy, in a grid of cells.
 * Source of the law: Monsi & Saeki 1953.
 * @param weights leaf area at each place, in any one unit
 */
export function lightOn(places: readonly Point[], weights: ArrayLike<number>): Float64Array {
  const light = new Float64Array(places.length).fill(1)
  if (places.length === 0) return light
  const bounds = (key: keyof Point): [number, number] =>
    places.reduce(
      ([low, high], place) => [Math.min(low, place[key]), Math.max(high, place[key])],
      [Infinity, -Infinity],
    )
  const [x0, x1] = bounds('x')
  const [y0, y1] = bounds('y')
  const [z0, z1] = bounds('z')
  const cell = Math.max(x1 - x0, y1 - y0, z1 - z0, 1e-6) / CELLS
  const [nx, ny, nz] = [x1 - x0, y1 - y0, z1 - z0].map((side) => Math.floor(side / cell) + 1) as [
    number,
    number,
    number,
  ]
  const density = new Float64Array(nx * ny * nz)
  const at = ({ x, y, z }: Point): number =>
    (Math.floor((y - y0) / cell) * nz + Math.floor((z - z0) / cell)) * nx + Math.floor((x - x0) / cell)
  let total = 0
  places.forEach((place, i) => {
    const weight = weights[i] ?? 0
    density[at(place)] = (density[at(place)] ?? 0) + weight
    total += weight
  })
  // Mean density of what is filled makes DEPTH over half the crown's least side.
  const filled = density.reduce((count, one) => count + (one > 0 ? 1 : 0), 0)
  const half = Math.max(2, Math.min(nx, ny, nz) / 2)
  const k = (DEPTH * Math.max(1, filled)) / Math.max(1e-9, total) / half
  const grid = { nx, ny, nz, density, k }
  const sun = SUN.map((direction) => throughCells(grid, direction))
  const sky = SKY.map((direction) => throughCells(grid, direction))
  places.forEach((place, i) => {
    const cellAt = at(place)
    const mean = (parts: readonly Float64Array[]): number =>
      parts.reduce((sum, part) => sum + (part[cellAt] ?? 1), 0) / parts.length
    light[i] = SUN_SHARE * mean(sun) + (1 - SUN_SHARE) * mean(sky)
  })
  return light
}

interface Grid {
  readonly nx: number
  readonly ny: number
  readonly nz: number
  readonly density: Float64Array
  readonly k: number
}

/** Light from a direction that reaches each cell, layer by layer from the top: what the layer above lets through. */
function throughCells({ nx, ny, nz, density, k }: Grid, [dx, dy, dz]: Direction): Float64Array {
  const light = new Float64Array(nx * ny * nz).fill(1)
  const long = Math.hypot(dx, dy, dz) / dy
  // Light that leaves a cell downwards.
  const below = new Float64Array(nx * nz)
  const [sx, sz] = [dx / dy, dz / dy]
  for (let j = ny - 2; j >= 0; j -= 1) {
    const above = (j + 1) * nz * nx
    for (let at = 0; at < nx * nz; at += 1) {
      const dense = density[above + at] ?? 0
      below[at] = (light[above + at] ?? 1) * (dense > 0 ? Math.exp(-k * long * dense) : 1)
    }
    const from = (x: number, z: number): number =>
      x < 0 || z < 0 || x >= nx || z >= nz ? 1 : (below[z * nx + x] ?? 1)
    for (let z = 0; z < nz; z += 1) {
      const fz = z + sz
      const z0 = Math.floor(fz)
      const tz = fz - z0
      for (let x = 0; x < nx; x += 1) {
        const fx = x + sx
        const x0 = Math.floor(fx)
        const tx = fx - x0
        light[(j * nz + z) * nx + x] =
          (1 - tz) * ((1 - tx) * from(x0, z0) + tx * from(x0 + 1, z0)) +
          tz * ((1 - tx) * from(x0, z0 + 1) + tx * from(x0 + 1, z0 + 1))
      }
    }
  }
  return light
}
