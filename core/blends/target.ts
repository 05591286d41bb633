import {
  difference2000,
  drierLab,
  labToLinear,
  linearToLab,
  sealedLab,
  type Lab,
  type Linear,
  type Sealing,
} from '../colour'

export type Vector = readonly [number, number, number]

/**
 * A colour to be met, with all that a search asks of it. Mixing is linear in light, the difference is not; so
 * light is stretched around the target until equal steps look about equally far, and every distance r is fenced
 * in by planes that no mix as near as r lies beyond.
 */
export interface Aim {
  /** The colour wanted once sealed. */
  readonly wanted: Lab
  /** ΔE₀₀ of a dry mix in linear light, once sealed, from what is wanted. */
  readonly off: (dry: Linear) => number
  /** Linear light around the target, stretched: about ΔE₀₀ from it where it is near. */
  readonly place: (dry: Linear) => Vector
  /** How far the fence of a difference stands out along each of these normals; nothing as near lies beyond. */
  readonly fence: (difference: number, normals: readonly Vector[]) => Float64Array
}

/** Directions of the planes of a fence: from the middle of a cube to its faces, edges and corners. */
export const fenceNormals: readonly Vector[] = [-1, 0, 1].flatMap((x) =>
  [-1, 0, 1].flatMap((y) =>
    [-1, 0, 1].flatMap((z): Vector[] => {
      const length = Math.hypot(x, y, z)
      return length === 0 ? [] : [[x / length, y / length, z / length]]
    }),
  ),
)

/** Rays that a fence is measured along. */
const RAYS = 160
/** Added to what the rays found, for what lies between them: a ray is at most 0.16 from any direction. */
const MARGIN = 1.025
/** Beyond this difference nothing is fenced off: one flock is as wrong as another. */
const FURTHEST = 60
/** Step in linear light by which the stretch at the target is found. */
const STEP = 2e-4

/** What a target asks of a search. @param wanted the colour once sealed */
export function aimAt(wanted: Lab, sealing: Sealing): Aim {
  const at = labToLinear(drierLab(wanted, sealing))
  const off = (dry: Linear): number => difference2000(sealedLab(linearToLab(dry), sealing), wanted)
  const stretch = rootOf(metricAt(at, off))
  const place = ([r, g, b]: Linear): Vector => times(stretch, [r - at[0], g - at[1], b - at[2]])
  const back = inverseOf(stretch)
  const alongRay = (ray: Vector, length: number): number => {
    const [r, g, b] = times(back, [ray[0] * length, ray[1] * length, ray[2] * length])
    return off([at[0] + r, at[1] + g, at[2] + b])
  }
  return {
    wanted,
    off,
    place,
    fence(difference, normals) {
      const reach = new Float64Array(normals.length)
      if (difference > FURTHEST) return reach.fill(Infinity)
      const lengths = rays.map((ray) => lengthTo(difference, (tried) => alongRay(ray, tried)))
      normals.forEach((normal, i) => {
        let most = 0
        rays.forEach((ray, j) => {
          const along = ray[0] * normal[0] + ray[1] * normal[1] + ray[2] * normal[2]
          most = Math.max(most, along * (lengths[j] ?? 0))
        })
        reach[i] = most * MARGIN
      })
      return reach
    },
  }
}

/** Rays evenly over the sphere (golden spiral). */
const rays: readonly Vector[] = Array.from({ length: RAYS }, (_, i): Vector => {
  const z = 1 - (2 * i + 1) / RAYS
  const round = Math.sqrt(1 - z * z)
  const turn = i * Math.PI * (3 - Math.sqrt(5))
  return [round * Math.cos(turn), round * Math.sin(turn), z]
})

/**
 * The length at which a ray has come so far from the target: by proportion, as the stretch is nearly even; where that
 * does not settle, the longest that was tried.
 */
function lengthTo(difference: number, offAt: (length: number) => number): number {
  if (difference <= 0) return 0
  let length = difference
  let longest = length
  for (let i = 0; i < 12; i += 1) {
    const off = offAt(length)
    if (Math.abs(off - difference) < 0.004 * difference) return length
    longest = Math.max(longest, length)
    length *= Math.min(2.5, Math.max(0.4, difference / Math.max(off, 1e-9)))
  }
  return longest
}

type Matrix = readonly [Vector, Vector, Vector]

const times = (m: Matrix, v: Vector): Vector => [
  m[0][0] * v[0] + m[0][1] * v[1] + m[0][2] * v[2],
  m[1][0] * v[0] + m[1][1] * v[1] + m[1][2] * v[2],
  m[2][0] * v[0] + m[2][1] * v[1] + m[2][2] * v[2],
]

/** The squared difference around the target as a form of second degree: by steps along and between the axes. */
function metricAt(at: Linear, off: (dry: Linear) => number): Matrix {
  const squared = (steps: Vector): number =>
    (off([at[0] + steps[0] * STEP, at[1] + steps[1] * STEP, at[2] + steps[2] * STEP]) / STEP) ** 2
  const even = (steps: Vector): number => (squared(steps) + squared([-steps[0], -steps[1], -steps[2]])) / 2
  const [xx, yy, zz] = [even([1, 0, 0]), even([0, 1, 0]), even([0, 0, 1])]
  const xy = (even([1, 1, 0]) - even([1, -1, 0])) / 4
  const xz = (even([1, 0, 1]) - even([1, 0, -1])) / 4
  const yz = (even([0, 1, 1]) - even([0, 1, -1])) / 4
  return [
    [xx, xy, xz],
    [xy, yy, yz],
    [xz, yz, zz],
  ]
}

/** The triangular root of a form (Cholesky), upright: root · v has the form's length. */
function rootOf(m: Matrix): Matrix {
  const safe = (value: number): number => Math.sqrt(Math.max(value, 1e-6))
  const a = safe(m[0][0])
  const b = m[0][1] / a
  const c = m[0][2] / a
  const d = safe(m[1][1] - b * b)
  const e = (m[1][2] - b * c) / d
  const f = safe(m[2][2] - c * c - e * e)
  return [
    [a, b, c],
    [0, d, e],
    [0, 0, f],
  ]
}

/** The inverse of an upper triangle. */
function inverseOf([[a, b, c], [, d, e], [, , f]]: Matrix): Matrix {
  return [
    [1 / a, -b / (a * d), (b * e - c * d) / (a * d * f)],
    [0, 1 / d, -e / (d * f)],
    [0, 0, 1 / f],
  ]
}
