import type { Random } from '../units'
import { sprout } from './pipes'
import { PointGrid } from './point-grid'
import type { Node, Point } from './types'

/** How shoots grow: a pull up (or down, below 0) and how much they stray, both as shares of the pull of the points. */
export interface GrowthHabit {
  readonly upward: number
  readonly wander: number
}

const MOST_ROUNDS = 220
/** Points draw on branches no further away than so many times their distance from each other. */
export const REACH = 3.2
/** Rounds without a point reached after which what is left hangs between two branches for ever, and is given up. */
const STUCK_ROUNDS = 5

/**
 * Space colonisation: each point draws on the branch nearest to it within reach, and a branch grows a step
 * towards the mean of what draws on it; a point that is reached is gone. Source: Runions, Lane &
 * Prusinkiewicz 2007. New nodes look up the points near them in a grid of cells, so the work grows nearly in
 * proportion to the points.
 * @param nodes to grow from; new ones are added to it
 * @param points to reach
 * @param spacing mean distance between points, mm
 * @returns nothing; yields the share of points reached, 0–1, after each round
 */
export function* colonise(
  nodes: Node[],
  points: readonly Point[],
  spacing: number,
  habit: GrowthHabit,
  random: Random,
): Generator<number, void> {
  const step = spacing * 0.42
  const kill = spacing * 0.62
  const reach = spacing * REACH
  const grid = new PointGrid(points, reach / 3)
  const nearest = new Int32Array(points.length).fill(-1)
  const distance = new Float64Array(points.length).fill(reach)
  const gone = new Uint8Array(points.length)
  let left = points.length
  const meet = (at: number): void => {
    const node = nodes[at]
    if (!node) return
    grid.near(node, reach, (i) => {
      const point = points[i]
      if (gone[i] || !point) return
      const [dx, dy, dz] = [point.x - node.x, point.y - node.y, point.z - node.z]
      const d = Math.sqrt(dx * dx + dy * dy + dz * dz)
      if (d < kill) {
        gone[i] = 1
        left -= 1
      } else if (d < (distance[i] ?? 0)) {
        distance[i] = d
        nearest[i] = at
      }
    })
  }
  for (let at = 0; at < nodes.length; at += 1) meet(at)
  let stuck = 0
  const pulls = new Map<number, [number, number, number]>()
  for (let round = 0; round < MOST_ROUNDS && left > 0; round += 1) {
    pulls.clear()
    for (let i = 0; i < points.length; i += 1) {
      const at = nearest[i] ?? -1
      const point = points[i]
      const node = nodes[at]
      if (gone[i] || !point || !node) continue
      const d = distance[i] || 1
      const pull = pulls.get(at) ?? [0, 0, 0]
      pull[0] += (point.x - node.x) / d
      pull[1] += (point.y - node.y) / d
      pull[2] += (point.z - node.z) / d
      pulls.set(at, pull)
    }
    const before = nodes.length
    if (pulls.size === 0 && !reachOut(nodes, points, gone, step)) break
    const leftBefore = left
    for (const [at, [px, py, pz]] of pulls) {
      const from = nodes[at]
      if (!from) continue
      const length = Math.hypot(px, py, pz) || 1
      const x = px / length + (random() - 0.5) * habit.wander
      const y = py / length + (random() - 0.5) * habit.wander + habit.upward
      const z = pz / length + (random() - 0.5) * habit.wander
      const norm = Math.hypot(x, y, z) || 1
      nodes.push(
        sprout(
          { x: from.x + (x / norm) * step, y: from.y + (y / norm) * step, z: from.z + (z / norm) * step },
          at,
        ),
      )
    }
    for (let at = before; at < nodes.length; at += 1) meet(at)
    stuck = left < leftBefore ? 0 : stuck + 1
    if (stuck > STUCK_ROUNDS && pulls.size > 0)
      for (let i = 0; i < points.length; i += 1)
        if (!gone[i] && (nearest[i] ?? -1) >= 0) {
          gone[i] = 1
          left -= 1
        }
    yield 1 - left / points.length
  }
}

/** When no point is within reach of any branch, the nearest pair is joined by one step; false when there is none. */
function reachOut(nodes: Node[], points: readonly Point[], gone: Uint8Array, step: number): boolean {
  let best = { at: -1, i: -1, d: Infinity }
  points.forEach((point, i) => {
    if (gone[i]) return
    nodes.forEach((node, at) => {
      const d = Math.hypot(point.x - node.x, point.y - node.y, point.z - node.z)
      if (d < best.d) best = { at, i, d }
    })
  })
  const node = nodes[best.at]
  const point = points[best.i]
  if (!node || !point) return false
  const share = Math.min(1, step / best.d)
  nodes.push(
    sprout(
      {
        x: node.x + (point.x - node.x) * share,
        y: node.y + (point.y - node.y) * share,
        z: node.z + (point.z - node.z) * share,
      },
      best.at,
    ),
  )
  return true
}
