import { crownProfile } from '../plants'
import { seededRandom, type Random } from '../units'
import type { Habitus, Node, Point, Skeleton } from './types'

/** Points that branches grow towards: enough for a crown that reads well at 2 to 400 mm. */
const ATTRACTORS = 420

/**
 * Grows a branching structure inside a crown's outline by space colonisation: points fill the crown, each draws on the nearest
 * branch, and a branch grows a step towards the mean of what draws on it. Source: Runions, Lane & Prusinkiewicz 2007.
 * Thickness by the pipe model (Shinozaki 1964): cross-sections add up at each fork.
 * @param seed the same seed gives the same plant
 */
export function growCrown(plant: Habitus, seed: number): Skeleton {
  const random = seededRandom(seed)
  const depth = plant.heightMm - plant.clearStemMm
  const reach = Math.min(depth, plant.crownWidthMm)
  const step = reach / 20
  const nodes: Node[] = trunks(plant, step, random)
  const open = scatter(plant, random)
  const nearest = open.map((point) => nearestOf(point, nodes, 0, { at: -1, distance: Infinity }))
  const kill = step * 1.9
  for (let round = 0; round < 90 && open.length > 0; round += 1) {
    const pulls = new Map<number, { x: number; y: number; z: number }>()
    open.forEach((point, i) => {
      const { at, distance } = nearest[i] ?? { at: 0, distance: 1 }
      const node = nodes[at]
      if (!node || distance === 0) return
      const pull = pulls.get(at) ?? { x: 0, y: 0, z: 0 }
      pull.x += (point.x - node.x) / distance
      pull.y += (point.y - node.y) / distance
      pull.z += (point.z - node.z) / distance
      pulls.set(at, pull)
    })
    const before = nodes.length
    for (const [at, pull] of pulls) {
      const from = nodes[at]
      if (!from) continue
      const x = pull.x + (random() - 0.5) * 0.5
      const y = pull.y + (random() - 0.5) * 0.5 + 0.12
      const z = pull.z + (random() - 0.5) * 0.5
      const length = Math.hypot(x, y, z) || 1
      nodes.push({ x: from.x + (x / length) * step, y: from.y + (y / length) * step, z: from.z + (z / length) * step, parent: at, dMm: 0 })
    }
    if (nodes.length === before) break
    for (let i = open.length - 1; i >= 0; i -= 1) {
      const point = open[i]
      const known = nearest[i]
      if (!point || !known) continue
      const now = nearestOf(point, nodes, before, known)
      nearest[i] = now
      if (now.distance < kill) { open.splice(i, 1); nearest.splice(i, 1) }
    }
  }
  return thicken(nodes, plant)
}

/** One stem with a slight bow, or several that part near the ground. */
function trunks(plant: Habitus, step: number, random: Random): Node[] {
  const nodes: Node[] = []
  const top = plant.clearStemMm + (plant.heightMm - plant.clearStemMm) * (plant.stems > 1 ? 0.2 : plant.crownForm === 'flat-topped' ? 0.25 : 0.38)
  for (let stem = 0; stem < plant.stems; stem += 1) {
    const angle = (stem / plant.stems) * 2 * Math.PI + random()
    const foot = plant.stems > 1 ? plant.crownWidthMm * 0.05 : 0
    const spread = plant.stems > 1 ? plant.crownWidthMm * (0.1 + 0.12 * random()) : plant.heightMm * 0.025 * (random() - 0.5)
    const bow = plant.stems > 1 ? 0 : plant.heightMm * 0.02 * (random() - 0.5)
    const steps = Math.max(2, Math.round(top / step))
    for (let i = 0; i <= steps; i += 1) {
      const t = i / steps
      const out = foot + spread * t
      nodes.push({ x: Math.cos(angle) * out + bow * Math.sin(t * Math.PI), y: top * t, z: Math.sin(angle) * out, parent: i === 0 ? -1 : nodes.length - 1, dMm: 0 })
    }
  }
  return nodes
}

/** Points spread through the crown, denser towards its surface, where the light is. */
function scatter(plant: Habitus, random: Random): Point[] {
  const depth = plant.heightMm - plant.clearStemMm
  const points: Point[] = []
  while (points.length < ATTRACTORS) {
    const t = random()
    const half = crownProfile(plant.crownForm, t) * (plant.crownWidthMm / 2)
    if (random() > half / (plant.crownWidthMm / 2)) continue
    const r = half * 0.96 * Math.sqrt(0.12 + 0.88 * random())
    const angle = random() * 2 * Math.PI
    points.push({ x: Math.cos(angle) * r, y: plant.clearStemMm + depth * t * 0.985, z: Math.sin(angle) * r })
  }
  return points
}

interface Nearest { readonly at: number; readonly distance: number }

/** The nearest node to a point among those from `from` on, if it beats what is known. */
function nearestOf(point: Point, nodes: readonly Node[], from: number, known: Nearest): Nearest {
  let { at } = known
  let nearest = known.distance * known.distance
  for (let i = from; i < nodes.length; i += 1) {
    const node = nodes[i]
    if (!node) continue
    const dx = point.x - node.x
    const dy = point.y - node.y
    const dz = point.z - node.z
    const square = dx * dx + dy * dy + dz * dz
    if (square < nearest) { at = i; nearest = square }
  }
  return { at, distance: Math.sqrt(nearest) }
}

/** Pipe model: each tip is one pipe; a stem's cross-section is the sum of its children's. Scaled to the trunk's diameter. */
function thicken(nodes: Node[], plant: Habitus): Skeleton {
  const pipes = new Array<number>(nodes.length).fill(0)
  const hasChild = new Array<boolean>(nodes.length).fill(false)
  for (const node of nodes) if (node.parent >= 0) hasChild[node.parent] = true
  const tips: number[] = []
  for (let i = nodes.length - 1; i >= 0; i -= 1) {
    const node = nodes[i]
    if (!node) continue
    if (!hasChild[i]) { pipes[i] = 1; tips.push(i) }
    if (node.parent >= 0) pipes[node.parent] = (pipes[node.parent] ?? 0) + (pipes[i] ?? 0)
  }
  const thickest = Math.max(...pipes)
  nodes.forEach((node, i) => { node.dMm = plant.trunkMm * Math.sqrt((pipes[i] ?? 0) / thickest) })
  return { nodes, tips }
}
