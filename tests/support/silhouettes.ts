import { seenFrom, type Point, type Skeleton, type View } from '../../core/growth'

/** What a skeleton looks like from a side, counted in cells: an independent measure of what growth has made. */

/** A piece of stem, branch or twig between two nodes. */
interface Segment {
  readonly start: Point
  readonly end: Point
  /** Diameter, mm, at its end; that of its start is its parent's. */
  readonly dMm: number
  readonly lengthMm: number
  readonly order: number
  /** Index of the segment that it grows from; −1 at the foot. */
  readonly parent: number
}

/** All segments of a skeleton, each after its parent. */
export function segmentsOf({ nodes }: Skeleton): Segment[] {
  const at = new Int32Array(nodes.length).fill(-1)
  const segments: Segment[] = []
  nodes.forEach((node, i) => {
    const start = nodes[node.parent]
    if (!start) return
    at[i] =
      segments.push({
        start,
        end: node,
        dMm: node.dMm,
        lengthMm: Math.hypot(node.x - start.x, node.y - start.y, node.z - start.z),
        order: node.order,
        parent: at[node.parent] ?? -1,
      }) - 1
  })
  return segments
}

/** What a plant covers seen from a side, in square cells. */
interface Silhouette {
  readonly cellMm: number
  readonly columns: number
  readonly rows: number
  /** 1 where something is, row by row from the top left. */
  readonly cells: Uint8Array
  readonly widthMm: number
  readonly heightMm: number
  readonly areaMm2: number
}

/**
 * The silhouette of balls (leaf clusters, or points along wood) from a side.
 * @param balls points with a radius, mm @param cellMm side of a cell, above 0
 */
export function silhouetteOf(
  balls: readonly (Point & { readonly r: number })[],
  view: View,
  cellMm: number,
): Silhouette {
  const seen = balls.map((ball) => [...seenFrom(view, ball), ball.r] as const)
  const bound = (pick: (ball: readonly [number, number, number, number]) => number, most: boolean): number =>
    seen.reduce(
      (found, ball) => (most ? Math.max(found, pick(ball)) : Math.min(found, pick(ball))),
      most ? -Infinity : Infinity,
    )
  if (seen.length === 0)
    return { cellMm, columns: 0, rows: 0, cells: new Uint8Array(0), widthMm: 0, heightMm: 0, areaMm2: 0 }
  const left = bound(([across, , , r]) => across - r, false)
  const right = bound(([across, , , r]) => across + r, true)
  const bottom = bound(([, up, , r]) => up - r, false)
  const top = bound(([, up, , r]) => up + r, true)
  const columns = Math.max(1, Math.ceil((right - left) / cellMm))
  const rows = Math.max(1, Math.ceil((top - bottom) / cellMm))
  const cells = new Uint8Array(columns * rows)
  for (const [across, up, , r] of seen) {
    for (
      let row = Math.max(0, Math.floor((top - up - r) / cellMm));
      row <= Math.min(rows - 1, Math.floor((top - up + r) / cellMm));
      row += 1
    ) {
      for (
        let column = Math.max(0, Math.floor((across - r - left) / cellMm));
        column <= Math.min(columns - 1, Math.floor((across + r - left) / cellMm));
        column += 1
      ) {
        const [dx, dy] = [left + (column + 0.5) * cellMm - across, top - (row + 0.5) * cellMm - up]
        if (dx * dx + dy * dy <= Math.max(r, cellMm * 0.5) ** 2) cells[row * columns + column] = 1
      }
    }
  }
  return {
    cellMm,
    columns,
    rows,
    cells,
    widthMm: right - left,
    heightMm: top - bottom,
    areaMm2: cells.reduce((sum, cell) => sum + cell, 0) * cellMm * cellMm,
  }
}

/** Points along the wood with its radius, close enough together to make a silhouette of it. */
export function woodBalls(skeleton: Skeleton): (Point & { r: number })[] {
  return segmentsOf(skeleton).flatMap(({ start, end, dMm, lengthMm }) => {
    const parts = Math.max(1, Math.ceil(lengthMm / Math.max(dMm * 0.7, lengthMm / 8)))
    return Array.from({ length: parts }, (_, i) => {
      const t = (i + 0.5) / parts
      return {
        x: start.x + (end.x - start.x) * t,
        y: start.y + (end.y - start.y) * t,
        z: start.z + (end.z - start.z) * t,
        r: dMm / 2,
      }
    })
  })
}
