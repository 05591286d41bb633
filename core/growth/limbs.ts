import type { Random } from '../units'
import { crownVolume } from './envelope'
import { GOLDEN_ANGLE } from './golden-angle'
import { sprout } from './pipes'
import { sheaf } from './sheaf'
import { traceEnd, MOST_PIECES, radians, TRACE_REACH, trace, type Start } from './trace'
import type { Habitus, LimbFrame, Node, Point } from './types'

/** What has fewer tips than this has arms instead of branches. */
const FEW_TIPS = 12
const ARMS_UP_TO = 0.45
/** Whether a plant is a stem with a few arms and no twigs, as a cactus. */
export const hasArms = ({ tips, crownForm }: Pick<Habitus, 'tips' | 'crownForm'>): boolean =>
  crownForm === 'columnar' && tips !== undefined && tips < FEW_TIPS

/** Limbs that are longer than this share of the crown's width divide on their way. */
const DIVIDES = 0.3

/** Limbs of a stem, or several stems from one foot, traced as far as the crown's outline lets them. */
export const frameOf = (plant: Habitus, stepMm: number, random: Random): LimbFrame =>
  plant.stems > 1 ? sheaf(plant, stepMm, random) : stemWithLimbs(plant, stepMm, random)

function stemWithLimbs(plant: Habitus, stepMm: number, random: Random): LimbFrame {
  const nodes: Node[] = []
  const masses: Point[] = []
  const { branching, heightMm } = plant
  const low = Math.max(plant.clearStemMm, plant.crownBaseMm, heightMm * 0.02)
  const depth = heightMm - low
  const top = low + depth * branching.leader * (0.94 + 0.12 * random())
  const stem = stemTo(nodes, Math.min(top, heightMm * 0.97), plant, stepMm, random)
  const turn = random() * 2 * Math.PI
  // A cactus's arms leave its lower half; its stem runs on.
  const upTo = hasArms(plant) ? ARMS_UP_TO : 1
  // Two of a kind differ in where their limbs leave the stem, how many there are and which of them is strongest.
  const limbs = Math.max(3, Math.round(branching.limbs * (0.85 + 0.3 * random())))
  for (let i = 0; i < limbs; i += 1) {
    const share = (i + 0.25 + 0.5 * random()) / limbs
    const y = low + (top - low) * share ** 0.85 * upTo
    const from = stem.reduce((best, at) =>
      Math.abs((nodes[at]?.y ?? 0) - y) < Math.abs((nodes[best]?.y ?? 0) - y) ? at : best,
    )
    const azimuth = branching.paired
      ? turn + Math.floor(i / 2) * (Math.PI / 2) + (i % 2) * Math.PI + 0.3 * (random() - 0.5)
      : turn + i * GOLDEN_ANGLE + 0.5 * (random() - 0.5)
    const angle = angleAt(plant, share) + 10 * (random() - 0.5)
    limb(nodes, masses, from, { azimuth, angle, side: branching.leader > 0.5 ? 1 : 0 }, plant, stepMm, random)
  }
  const last = nodes[stem[stem.length - 1] ?? 0]
  if (last) masses.push({ x: last.x, y: Math.min(heightMm * 0.94, last.y + depth * 0.1), z: last.z })
  return { nodes, masses }
}

/** Angle of a limb from the vertical, degrees, by its place from the lowest (0) to the highest (1). */
const angleAt = ({ branching: { angle } }: Habitus, share: number): number =>
  angle[0] + (angle[1] - angle[0]) * share

/** A stem from the ground to a height that strays a little, the more the more crooked its kind. */
function stemTo(nodes: Node[], top: number, plant: Habitus, stepMm: number, random: Random): number[] {
  const pieces = Math.max(6, Math.min(MOST_PIECES, Math.round(top / stepMm)))
  const sway = plant.heightMm * (0.006 + 0.03 * plant.branching.crook)
  const waves = [0, 1].map(() => [random() * 6.3, 0.7 + 0.8 * random(), random() * 6.3] as const)
  const bend = (t: number, [phase, length, second]: readonly [number, number, number]): number =>
    Math.sin(t * length * 3.1 + phase) -
    Math.sin(phase) +
    0.4 * (Math.sin(t * 7.5 * length + second) - Math.sin(second))
  const stem: number[] = []
  for (let k = 0; k <= pieces; k += 1) {
    const t = k / pieces
    const [x, z] = [sway * t * bend(t, waves[0] ?? [0, 1, 0]), sway * t * bend(t, waves[1] ?? [0, 1, 0])]
    stem.push(nodes.push(sprout({ x, y: top * t, z }, stem[k - 1] ?? -1)) - 1)
  }
  return stem
}

function limb(
  nodes: Node[],
  masses: Point[],
  from: number,
  start: Start,
  plant: Habitus,
  stepMm: number,
  random: Random,
): void {
  const foot = nodes[from]
  if (!foot) return
  const { curve } = plant.branching
  const reach = TRACE_REACH[0] + (TRACE_REACH[1] - TRACE_REACH[0]) * random()
  // On its way it turns up or down: the chord is steeper or flatter than the angle that it leaves at.
  const mean = radians(Math.max(6, start.angle * (1 - 0.4 * Math.max(0, curve)) - 24 * Math.min(0, curve)))
  const end = traceEnd(plant, foot, start.azimuth, mean, reach)
  const path = trace(nodes, from, end, start, plant, stepMm, random)
  masses.push(end)
  const long = Math.hypot(end.x - foot.x, end.y - foot.y, end.z - foot.z)
  if (long < plant.crownWidthMm * DIVIDES || path.length < 4 || hasArms(plant)) return
  const forks = plant.branching.limbs > 16 ? 1 : 2
  for (let k = 0; k < forks; k += 1) {
    // Opposite kinds divide to both sides at one place, the others at two.
    const place = plant.branching.paired ? 0.5 : 0.38 + 0.26 * k + 0.08 * random()
    const at = path[Math.max(1, Math.floor(place * (path.length - 1)))] ?? from
    const node = nodes[at]
    if (!node) continue
    const side = k % 2 === 0 ? 1 : -1
    const azimuth = start.azimuth + side * (0.45 + 0.4 * random())
    const tilt = Math.max(8, start.angle * 0.8 + 26 * (random() - 0.5))
    const branchEnd = traceEnd(plant, node, azimuth, radians(tilt), TRACE_REACH[0] + 0.16 * random())
    trace(nodes, at, branchEnd, { azimuth, angle: tilt, side: 1 }, plant, stepMm, random)
    masses.push(branchEnd)
  }
}

/** Mean distance between so many points in a plant's crown, mm. */
export const spacingOf = (plant: Habitus, points: number): number =>
  Math.cbrt(crownVolume(plant) / Math.max(1, points))
