import { requireRange, type Random } from '../units'
import { colonise } from './colonise'
import { setTips, sprout } from './pipes'
import type { Habitus, Node, Point, Row } from './types'

/**
 * From stem to stem, as a share of the hedge's thickness; common practice plants three to five to a metre, of
 * which a few are seen.
 */
const SPACING = 0.3
/** The same for what is trained on wires above a bare foot, by its height. From memory. */
const VINES = 0.55
/** Tips to a length as long as the hedge is thick, and at most. They read well at 5 to 60 mm. */
const TIPS_PER_WIDTH = 150
const MOST_TIPS = 1500
/** How much a free hedge's top rises and falls, and how much its sides bulge, as shares. From memory. */
const UNEVEN = 0.26
const BULGE = 0.16

/**
 * A stretch of hedge: stems in a row along x, grown into its section. Yields its progress, 0–1.
 * @returns nodes without diameters, within the length, the height and the thickness
 * @throws RangeError when the length is not above 0
 */
export function* growHedge(
  plant: Pick<Habitus, 'heightMm' | 'crownWidthMm' | 'crownBaseMm'>,
  row: Row,
  random: Random,
): Generator<number, Node[]> {
  requireRange('hedge length', row.lengthMm, 'mm', { above: 0 })
  const { heightMm, crownWidthMm: widthMm } = plant
  // Vines stand further apart than the thorns of a hedge.
  const spacingMm = plant.crownBaseMm > heightMm * 0.2 ? heightMm * VINES : widthMm * SPACING
  const count = Math.max(1, Math.round(row.lengthMm / spacingMm))
  const wanted = Math.round((TIPS_PER_WIDTH * row.lengthMm) / widthMm)
  const tips = Math.min(MOST_TIPS, Math.max(count, 60, wanted))
  const section = sectionOf(plant, row, random)
  // Vines are bare below their wires; a hedge is leafy to the ground.
  const low = Math.max(plant.crownBaseMm, heightMm * 0.05)
  const points: Point[] = []
  while (points.length < tips * 1.12) {
    const point = {
      x: (random() - 0.5) * row.lengthMm,
      y: low + (heightMm - low) * random(),
      z: (random() - 0.5) * widthMm,
    }
    if (section(point) && !faded(point.x, row, random)) points.push(point)
  }
  const spacing = Math.cbrt((row.lengthMm * heightMm * widthMm * 0.8) / points.length)
  const nodes = stems(count, row.lengthMm, Math.max(low, heightMm * 0.24), random)
  yield* colonise(nodes, points, spacing, { upward: 0.2, wander: 0.4 }, random)
  const within = (value: number, most: number): number => Math.max(-most, Math.min(most, value))
  // What grows beyond the section is clipped, as a hedge is.
  return setTips(nodes, tips, spacing * 0.42, random).map((node) => ({
    ...node,
    x: within(node.x, row.lengthMm / 2),
    y: Math.min(node.y, heightMm),
    z: within(node.z, widthMm / 2),
  }))
}

/**
 * Whether a point lies inside: a box with rounded shoulders, or one whose top and sides are those of
 * unclipped bushes.
 */
function sectionOf(
  { heightMm, crownWidthMm }: Pick<Habitus, 'heightMm' | 'crownWidthMm'>,
  { trimmed }: Row,
  random: Random,
): (point: Point) => boolean {
  const waves = [1, 0.62, 0.33].map((length) => ({ length: length * heightMm * 1.9, phase: random() * 6.3 }))
  // Between 0 and 1, near 1 at the tops of bushes.
  const rise = (x: number): number =>
    waves.reduce((sum, { length, phase }) => sum + Math.cos((2 * Math.PI * x) / length + phase), 3) / 6
  return ({ x, y, z }) => {
    const high = trimmed ? 1 : rise(x)
    const top = heightMm * (1 - (trimmed ? 0 : UNEVEN * (1 - high)))
    const shoulder = Math.sqrt(Math.max(0, (top - y) / ((trimmed ? 0.12 : 0.4) * heightMm)))
    const side = 1 - (trimmed ? 0 : BULGE * (1 - high))
    return y < top && Math.abs(z) < (crownWidthMm / 2) * side * Math.min(1, shoulder)
  }
}

/** Whether a point is left to the neighbouring kind: the nearer the end, the likelier. */
function faded(x: number, { lengthMm, fadeMm }: Row, random: Random): boolean {
  if (!fadeMm) return false
  const [left, right] = fadeMm
  const fromEnd = x < 0 ? x + lengthMm / 2 : lengthMm / 2 - x
  const fade = x < 0 ? left : right
  return fade > 0 && random() > fromEnd / fade
}

function stems(count: number, lengthMm: number, stemMm: number, random: Random): Node[] {
  const nodes: Node[] = []
  const apart = lengthMm / count
  for (let i = 0; i < count; i += 1) {
    const x = ((i + 0.5) / count - 0.5) * lengthMm + (random() - 0.5) * apart * 0.3
    let parent = -1
    for (let k = 0; k <= 3; k += 1) {
      const strayed = x + (random() - 0.5) * apart * 0.1 * k
      parent = nodes.push(sprout({ x: strayed, y: (stemMm * k) / 3, z: 0 }, parent)) - 1
    }
  }
  return nodes
}
