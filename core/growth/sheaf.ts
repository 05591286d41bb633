import type { Random } from '../units'
import { crownHalf } from './envelope'
import { GOLDEN_ANGLE } from './golden-angle'
import { sprout } from './pipes'
import { traceEnd, radians, TRACE_REACH, trace } from './trace'
import type { Habitus, LimbFrame, Node, Point } from './types'

/** Foot of a sheaf of stems, as a share of the crown's width. From memory. */
const FOOT = 0.035

/** Several stems from one foot that part as they rise, the outer ones further: a sheaf, none across another. */
export function sheaf(plant: Habitus, stepMm: number, random: Random): LimbFrame {
  const nodes: Node[] = []
  const masses: Point[] = []
  const turn = random() * 2 * Math.PI
  const footMm = plant.crownWidthMm * FOOT
  for (let i = 0; i < plant.stems; i += 1) {
    const share = Math.sqrt((i + 0.5) / plant.stems)
    const azimuth = turn + i * GOLDEN_ANGLE
    const foot = footMm * share
    const at = nodes.push(sprout({ x: Math.cos(azimuth) * foot, y: 0, z: Math.sin(azimuth) * foot }, -1)) - 1
    const angle = plant.branching.angle[1] + (plant.branching.angle[0] - plant.branching.angle[1]) * share
    const base = Math.max(plant.crownBaseMm, plant.heightMm * 0.05)
    const tall = 1 - 0.5 * share * share * Math.min(1, angle / 50)
    const y = Math.min(
      plant.heightMm * 0.95,
      base + (plant.heightMm - base) * tall * (0.82 + 0.16 * random()),
    )
    const r = crownHalf(plant, y) * share * (0.8 + 0.12 * random())
    const end = { x: Math.cos(azimuth) * r, y, z: Math.sin(azimuth) * r }
    const path = trace(nodes, at, end, { azimuth, angle: angle * 0.7, side: 0 }, plant, stepMm, random)
    masses.push(end)
    if (plant.stems > 12) continue
    for (let k = 0; k < 2; k += 1) {
      const fork = path[Math.max(1, Math.floor((0.3 + 0.3 * k + 0.1 * random()) * (path.length - 1)))]
      const node = nodes[fork ?? -1]
      if (fork === undefined || !node) continue
      const off = azimuth + (k % 2 === 0 ? 1 : -1) * (0.5 + 0.4 * random())
      const branchEnd = traceEnd(plant, node, off, radians(Math.min(80, angle + 22)), TRACE_REACH[0])
      trace(nodes, fork, branchEnd, { azimuth: off, angle: angle + 14, side: 1 }, plant, stepMm, random)
      masses.push(branchEnd)
    }
  }
  return { nodes, masses }
}
