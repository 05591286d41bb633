import { crownHalf } from '../growth/envelope'
import type { Habitus, Point, Skeleton } from '../growth/types'

/**
 * Mean area that an oval leaf shows, by its length times its width: π/4, foreshortened in length and in width
 * as leaves that lie anyhow are (an ellipse seen at random).
 */
const SHOWN = (Math.PI / 4) * 0.785 * 0.775

/** Newton's steps: the last of them changes nothing that could be seen. */
const STEPS = 7
/** Thinner than this share of the height is a shoot among its leaves. */
const SHOOT_SHARE = 0.0045

/** Cells along a crown's height: finer than its masses, coarser than its leaves. */
const CELLS = 96
/** A crown never bears more than so many times the foliage that would do if it hung evenly. */
const MOST = 7

/**
 * Leaves to a stretch of twig for a crown that is seen through as wished. In a small cell of the crown's
 * outline leaves lie anyhow, so that it is open by exp(−a), with a their area by its own; their mean over the
 * outline is what is seen through the whole, gaps between its masses and its limbs included. The law holds
 * cell by cell; that twigs gather in masses is counted, not guessed.
 * Source of the law: Boolean model; Nilson 1971.
 * @param stretches middles of the stretches, with half of their length as a vector, mm
 * @param leafMm2 length times width of a leaf, mm²
 * @param offMm how far leaves stand off their stretch
 * @returns leaves to a stretch, above 0
 */
export function leavesToCover(
  stretches: readonly (Point & { readonly ax: number; readonly ay: number })[],
  skeleton: Skeleton,
  plant: Habitus,
  seeThrough: number,
  leafMm2: number,
  offMm: number,
): number {
  const cells = outlineCells(plant)
  const { side, columns, rows, inside } = cells
  const leaves = new Float64Array(columns * rows)
  const wood = new Float64Array(columns * rows)
  const put = (into: Float64Array, x: number, y: number, areaMm2: number): void => {
    const [i, j] = [Math.floor(x / side + columns / 2), Math.floor(y / side)]
    if (i >= 0 && j >= 0 && i < columns && j < rows)
      into[j * columns + i] = (into[j * columns + i] ?? 0) + areaMm2 / (side * side)
  }
  const spread = [-0.75, 0, 0.75]
  for (const { x, y, ax, ay } of stretches)
    for (const t of [-0.6, 0.6])
      for (const dx of spread)
        for (const dy of spread)
          put(leaves, x + ax * t + dx * offMm, y + ay * t + dy * offMm, (leafMm2 * SHOWN) / 18)
  for (const node of skeleton.nodes) {
    const from = skeleton.nodes[node.parent]
    // The last shoots lie hidden among their leaves.
    if (!from || node.dMm < plant.heightMm * SHOOT_SHARE) continue
    const [dx, dy] = [node.x - from.x, node.y - from.y]
    const long = Math.hypot(dx, dy)
    const [along, across] = [Math.ceil(long / side) + 1, Math.ceil(node.dMm / side)]
    const areaMm2 = (long * node.dMm) / (along * across)
    for (let i = 0; i < along; i += 1)
      for (let j = 0; j < across; j += 1) {
        const off = ((j + 0.5) / across - 0.5) * node.dMm
        const t = (i + 0.5) / along
        put(
          wood,
          from.x + dx * t + (off * dy) / (long || 1),
          from.y + dy * t - (off * dx) / (long || 1),
          areaMm2,
        )
      }
  }
  // Cells of the outline that leaves can close, and what wood leaves open of each; the others stay as they are.
  const leafy: number[] = []
  const openings: number[] = []
  let [count, never, sum] = [0, 0, 0]
  for (let at = 0; at < inside.length; at += 1) {
    if (!inside[at]) continue
    count += 1
    // Wood lies side by side, leaves anyhow.
    const opening = Math.max(0, 1 - (wood[at] ?? 0))
    const area = leaves[at] ?? 0
    sum += area
    if (area === 0) never += opening
    else if (opening > 0) {
      leafy.push(area)
      openings.push(opening)
    }
  }
  // The openness falls ever more slowly: Newton's steps come to it from one side.
  const wanted = Math.max(seeThrough * Math.max(1, count), never + 1e-3 * Math.max(1, count))
  const even = (-Math.log(Math.min(0.95, seeThrough)) * Math.max(1, count)) / Math.max(1e-9, sum)
  let each = even * 0.2
  for (let step = 0; step < STEPS; step += 1) {
    let [open, slope] = [never, 0]
    for (let i = 0; i < leafy.length; i += 1) {
      const area = leafy[i] ?? 0
      const left = (openings[i] ?? 0) * Math.exp(-each * area)
      open += left
      slope += area * left
    }
    each = Math.min(even * MOST, Math.max(even * 0.2, each + (open - wanted) / Math.max(1e-9, slope)))
  }
  return each
}

/** Cells of the crown's outline seen from the front; of a hedge, of its stretch. */
function outlineCells(plant: Habitus): {
  readonly side: number
  readonly columns: number
  readonly rows: number
  readonly inside: Uint8Array
} {
  const widthMm = plant.row?.lengthMm ?? plant.crownWidthMm
  const side = Math.max(plant.heightMm, widthMm * 0.6) / CELLS
  const columns = Math.max(1, 2 * Math.ceil(widthMm / side / 2))
  const rows = Math.max(1, Math.ceil(plant.heightMm / side))
  const inside = new Uint8Array(columns * rows)
  for (let j = 0; j < rows; j += 1)
    for (let i = 0; i < columns; i += 1) {
      const [x, y] = [(i + 0.5 - columns / 2) * side, (j + 0.5) * side]
      const half = plant.row ? plant.row.lengthMm / 2 : y < plant.crownBaseMm ? 0 : crownHalf(plant, y)
      inside[j * columns + i] = Math.abs(x) < half ? 1 : 0
    }
  return { side, columns, rows, inside }
}
