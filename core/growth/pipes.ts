import type { Node, Point, Skeleton } from './types'

/**
 * A node as growth leaves it, before it has a diameter.
 * @param order above 0 for what is known to be a side shoot, however strong
 */
export const sprout = (at: Point, parent: number, order = 0): Node => ({
  x: at.x,
  y: at.y,
  z: at.z,
  parent,
  dMm: 0,
  order,
})

/**
 * Pipe model: each tip is one pipe of the same cross-section, and a stem carries the pipes of all tips above
 * it, so that cross-sections add up at every fork (Leonardo's rule). Source: Shinozaki and others 1964. The
 * thickest foot gets the diameter asked for. Orders: the child with most pipes goes on with its parent's
 * order, the others begin the next; a shoot that growth knows for a side shoot never takes the leader's
 * place.
 * @param trunkMm diameter of the thickest stem at its foot
 */
export function thicken(nodes: Node[], trunkMm: number, roots: Skeleton['roots'] = []): Skeleton {
  const pipes = pipesOf(nodes)
  const thickest = pipes.reduce((most, count) => Math.max(most, count), 1)
  const first = new Int32Array(nodes.length).fill(-1)
  const isParent = new Uint8Array(nodes.length)
  nodes.forEach((node, i) => {
    node.dMm = trunkMm * Math.sqrt((pipes[i] ?? 0) / thickest)
    if (node.parent < 0) return
    isParent[node.parent] = 1
    const main = first[node.parent] ?? -1
    const side = Math.min(1, node.order)
    const mainSide = Math.min(1, nodes[main]?.order ?? 2)
    if (main < 0 || side < mainSide || (side === mainSide && (pipes[i] ?? 0) > (pipes[main] ?? 0)))
      first[node.parent] = i
  })
  nodes.forEach((node, i) => {
    const parent = nodes[node.parent]
    node.order = parent ? parent.order + (first[node.parent] === i ? 0 : 1) : 0
  })
  const tips: number[] = []
  for (let i = 0; i < nodes.length; i += 1) if (!isParent[i]) tips.push(i)
  return { nodes, tips, roots }
}

/** Pipes that each node carries: the tips above it, or 1 for a tip. */
export function pipesOf(nodes: readonly Node[]): Float64Array {
  const pipes = new Float64Array(nodes.length)
  for (let i = nodes.length - 1; i >= 0; i -= 1) {
    if (pipes[i] === 0) pipes[i] = 1
    const parent = nodes[i]?.parent ?? -1
    if (parent >= 0) pipes[parent] = (pipes[parent] ?? 0) + (pipes[i] ?? 0)
  }
  return pipes
}

/**
 * Brings the number of tips to the one asked for: the shortest twigs go, or short spurs come.
 * @param spur length of a spur, mm
 */
export function setTips(nodes: Node[], wanted: number, spur: number, random: () => number): Node[] {
  const children = new Int32Array(nodes.length)
  for (const node of nodes) if (node.parent >= 0) children[node.parent] = (children[node.parent] ?? 0) + 1
  let tips = nodes.reduce((count, _node, i) => count + (children[i] === 0 ? 1 : 0), 0)
  if (tips < wanted) {
    const grown = nodes.length
    for (let k = 0; tips < wanted && k < wanted * 20; k += 1) {
      const at = Math.floor(grown * (0.3 + 0.7 * random()))
      const node = nodes[at]
      const below = nodes[node?.parent ?? -1]
      if (!node || !below || (children[at] ?? 0) === 0) continue
      const [x, y, z] = [
        node.x - below.x + (random() - 0.5) * spur * 2,
        node.y - below.y + random() * spur * 0.6,
        node.z - below.z + (random() - 0.5) * spur * 2,
      ]
      const length = Math.hypot(x, y, z) || 1
      nodes.push(
        sprout(
          {
            x: node.x + (x / length) * spur,
            y: node.y + (y / length) * spur,
            z: node.z + (z / length) * spur,
          },
          at,
        ),
      )
      tips += 1
    }
    return nodes
  }
  if (tips === wanted) return nodes
  // The length in nodes of each twig, from its tip down to the fork that it leaves.
  const twigs: { tip: number; length: number }[] = []
  for (let i = 0; i < nodes.length; i += 1) {
    if (children[i] !== 0) continue
    let length = 0
    for (let at = i; at >= 0 && (at === i || children[at] === 1); at = nodes[at]?.parent ?? -1) length += 1
    twigs.push({ tip: i, length })
  }
  const hasFork = (tip: number): boolean => {
    for (let at = nodes[tip]?.parent ?? -1; at >= 0; at = nodes[at]?.parent ?? -1)
      if ((children[at] ?? 0) > 1) return true
    return false
  }
  twigs.sort((a, b) => a.length - b.length || a.tip - b.tip)
  const gone = new Uint8Array(nodes.length)
  for (const { tip } of twigs) {
    if (tips <= wanted) break
    // A whole stem is never taken away.
    if (!hasFork(tip)) continue
    let at = tip
    while (at >= 0 && children[at] === 0) {
      gone[at] = 1
      const parent = nodes[at]?.parent ?? -1
      if (parent < 0) break
      children[parent] = (children[parent] ?? 1) - 1
      if ((children[parent] ?? 0) > 0) {
        tips -= 1
        break
      }
      at = parent
    }
  }
  const place = new Int32Array(nodes.length)
  const kept: Node[] = []
  nodes.forEach((node, i) => {
    if (!gone[i])
      place[i] = kept.push({ ...node, parent: node.parent < 0 ? -1 : (place[node.parent] ?? -1) }) - 1
  })
  return kept
}
