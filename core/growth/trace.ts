import type { Random } from '../units'
import { crownHalf } from './envelope'
import { sprout } from './pipes'
import type { Habitus, Node, Point } from './types'

export const radians = (degrees: number): number => (degrees * Math.PI) / 180

/** No limb is traced in more pieces than this. */
export const MOST_PIECES = 40
/** A limb reaches this share of the crown's half-width, at least and at most; its twigs go on to the outline. */
export const TRACE_REACH = [0.74, 0.9] as const

/** How a limb leaves what bears it. */
export interface Start {
  readonly azimuth: number
  /** From the vertical, degrees. */
  readonly angle: number
  /** 1 for what never takes the leader's place. */
  readonly side: number
}

/**
 * Where a limb that leaves at an angle comes to the outline: on its azimuth, at a share of the half-width, as
 * much higher than its foot as the angle asks for.
 */
export function traceEnd(plant: Habitus, foot: Point, azimuth: number, angle: number, reach: number): Point {
  const [low, high] = [Math.max(plant.crownBaseMm, plant.heightMm * 0.02), plant.heightMm * 0.955]
  const out = Math.hypot(foot.x, foot.z)
  let y = Math.min(high, foot.y + plant.crownWidthMm * 0.2)
  let r = 0
  for (let i = 0; i < 12; i += 1) {
    r = crownHalf(plant, y) * reach
    const rise = Math.max(0, r - out) / Math.tan(Math.min(1.5, angle))
    y = Math.min(high, Math.max(low, (y + Math.min(high, foot.y + rise)) / 2))
  }
  r = crownHalf(plant, y) * reach
  return { x: Math.cos(azimuth) * r, y, z: Math.sin(azimuth) * r }
}

/** Lays a limb as a Hermite curve that leaves at its angle and ends where it should; returns its nodes. */
export function trace(
  nodes: Node[],
  from: number,
  end: Point,
  { azimuth, angle, side }: Start,
  plant: Habitus,
  stepMm: number,
  random: Random,
): number[] {
  const foot = nodes[from]
  if (!foot) return []
  const { curve, crook } = plant.branching
  const chord = Math.hypot(end.x - foot.x, end.y - foot.y, end.z - foot.z)
  const leaving = directionOf(azimuth, radians(angle))
  const arriving = directionOf(
    Math.atan2(end.z - foot.z, end.x - foot.x),
    radians(Math.max(0, curve >= 0 ? angle * (1 - curve) : angle - 70 * curve)),
  )
  const pieces = Math.max(3, Math.min(MOST_PIECES, Math.round(chord / stepMm)))
  const stray = chord * 0.16 * crook
  const [p1, p2, p3] = [random() * 6.3, random() * 6.3, random() * 6.3]
  const path: number[] = []
  let parent = from
  for (let k = 1; k <= pieces; k += 1) {
    const t = k / pieces
    const [a, b, c, d] = [
      2 * t ** 3 - 3 * t * t + 1,
      t ** 3 - 2 * t * t + t,
      -2 * t ** 3 + 3 * t * t,
      t ** 3 - t * t,
    ]
    const still = Math.sin(Math.PI * t)
    const on = (key: keyof Point, phase: number): number =>
      a * foot[key] +
      b * chord * leaving[key] +
      c * end[key] +
      d * chord * arriving[key] +
      stray * still * t * Math.sin(7 * t + phase)
    const at = { x: on('x', p1), y: Math.min(plant.heightMm * 0.985, on('y', p2)), z: on('z', p3) }
    parent = nodes.push(sprout({ ...at, y: Math.max(0, at.y) }, parent, parent === from ? side : 0)) - 1
    path.push(parent)
  }
  return path
}

const directionOf = (azimuth: number, angle: number): Point => ({
  x: Math.cos(azimuth) * Math.sin(angle),
  y: Math.cos(angle),
  z: Math.sin(azimuth) * Math.sin(angle),
})
