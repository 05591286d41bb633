import type { Node, Point, Skeleton } from '../growth'
import { requireRange } from '../units'

/** A bundle of strands from one fork to the next, or a single strand to its tip. Lengths in mm at the model. */
export interface WirePart {
  /** Its place in the list; the trunk is 0. */
  readonly id: number
  /** The part that it leaves, or −1. Parts come after the ones that they leave. */
  readonly parent: number
  readonly strands: number
  readonly lengthMm: number
  /** Where it runs, from its fork to the next. */
  readonly points: readonly Point[]
}

/** An armature that hands can twist. */
export interface WireTree {
  readonly parts: readonly WirePart[]
}

/** Forks that hands make: two ways, or three. */
const MOST_WAYS = 3
/** Two forks nearer to each other than this by the plant's height are made as one. From memory. */
const CLOSEST = 0.02

/** Nodes of a skeleton with what stands on each: its children and its tips. */
interface Shoots {
  readonly nodes: readonly Node[]
  readonly children: readonly (readonly number[])[]
  readonly tips: Int32Array
}

function shootsOf({ nodes }: Skeleton): Shoots {
  const children: number[][] = nodes.map(() => [])
  const tips = new Int32Array(nodes.length)
  for (let i = nodes.length - 1; i >= 0; i -= 1) {
    if (children[i]?.length === 0) tips[i] = 1
    const parent = nodes[i]?.parent ?? -1
    if (parent < 0) continue
    children[parent]?.push(i)
    tips[parent] = (tips[parent] ?? 0) + (tips[i] ?? 0)
  }
  return { nodes, children, tips }
}

/**
 * Reduces a grown skeleton to an armature of so many strands, each of which runs from the foot to a tip. At
 * a fork strands are shared out by the tips beyond each branch; a branch that gets none is left for twigs to
 * be glued on. Of several stems the strands are shared out in the same way.
 * @param strands wires in the trunk
 * @throws RangeError when there are less than 2 strands, or more than a third of the skeleton's tips: twigs are
 * glued on for the others
 */
export function wireTree(skeleton: Skeleton, strands: number): WireTree {
  const shoots = shootsOf(skeleton)
  const feet = skeleton.nodes.flatMap(({ parent }, i) => (parent < 0 ? [i] : []))
  requireRange('strands', strands, '', { min: 2, max: Math.max(2, Math.floor(skeleton.tips.length / 3)) })
  const high = skeleton.nodes.reduce((most, { y }) => Math.max(most, y), 0)
  const parts: WirePart[] = []
  for (const { node, strands: own } of shared(shoots, feet, strands, feet.length))
    follow(shoots, parts, -1, node, own, high * CLOSEST)
  return { parts }
}

/** Strands for each of some branches, by the tips beyond them; by largest remainders, and none to the weakest. */
function shared(
  { tips }: Shoots,
  branches: readonly number[],
  strands: number,
  ways: number,
): { readonly node: number; readonly strands: number }[] {
  const strongest = [...branches].sort((a, b) => (tips[b] ?? 0) - (tips[a] ?? 0)).slice(0, ways)
  const sum = strongest.reduce((total, node) => total + (tips[node] ?? 0), 0)
  const wished = strongest.map((node) => (strands * (tips[node] ?? 0)) / Math.max(1, sum))
  const given = wished.map(Math.floor)
  let left = strands - given.reduce((total, own) => total + own, 0)
  const byRemainder = wished
    .map((wish, i) => ({ i, rest: wish - Math.floor(wish) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i)
  for (const { i } of byRemainder) {
    if (left === 0) break
    given[i] = (given[i] ?? 0) + 1
    left -= 1
  }
  return strongest.flatMap((node, i) => {
    const own = given[i] ?? 0
    return own > 0 ? [{ node, strands: own }] : []
  })
}

/** Follows strands up from a node: one part to the next fork, and from there on each branch's own. */
function follow(
  shoots: Shoots,
  parts: WirePart[],
  parent: number,
  from: number,
  strands: number,
  closestMm: number,
): void {
  const { nodes, children, tips } = shoots
  const below = nodes[nodes[from]?.parent ?? -1]
  const points: Point[] = below ? [placeOf(below)] : []
  let lengthMm = 0
  let at = from
  for (;;) {
    const node = nodes[at]
    if (!node) break
    const last = points.at(-1)
    if (last) lengthMm += Math.hypot(node.x - last.x, node.y - last.y, node.z - last.z)
    points.push(placeOf(node))
    const next = children[at] ?? []
    const [first] = next
    if (first === undefined) break
    const strongest = next.reduce(
      (most, other) => ((tips[other] ?? 0) > (tips[most] ?? 0) ? other : most),
      first,
    )
    const ways = shared(shoots, next, strands, MOST_WAYS)
    // One strand goes on to the tip; forks that are too near each other are passed by.
    if (strands === 1 || ways.length < 2 || (lengthMm < closestMm && (tips[strongest] ?? 0) >= strands)) {
      at = strongest
      continue
    }
    const id = parts.push({ id: parts.length, parent, strands, lengthMm, points }) - 1
    for (const way of ways) follow(shoots, parts, id, way.node, way.strands, closestMm)
    return
  }
  parts.push({ id: parts.length, parent, strands, lengthMm, points })
}

const placeOf = ({ x, y, z }: Node): Point => ({ x, y, z })
