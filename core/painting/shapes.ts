import { SAMPLES, type Layers } from './layers'

/** Rows of samples between two heights, both in px and within the layers. */
function rowsOf(layers: Layers, top: number, bottom: number): readonly [number, number] {
  return [
    Math.max(0, Math.ceil(top * SAMPLES - 0.5)),
    Math.min(layers.rows - 1, Math.floor(bottom * SAMPLES - 0.5)),
  ]
}

/** An oval: its middle, half of its length as a vector, half its width, px. */
export function oval(
  layers: Layers,
  x: number,
  y: number,
  ax: number,
  ay: number,
  halfWidth: number,
  fragment: number,
): void {
  // End-on it is as wide as it is thick.
  const length = Math.max(Math.sqrt(ax * ax + ay * ay), halfWidth * 0.6)
  const flat = Math.sqrt(ax * ax + ay * ay) || 1
  const [ux, uy] = [ax / flat, ay / flat]
  const [l2, w2] = [length * length, halfWidth * halfWidth]
  const a = (ux * ux) / l2 + (uy * uy) / w2
  const b = ux * uy * (1 / l2 - 1 / w2)
  const det = 1 / (l2 * w2)
  const high = Math.sqrt(l2 * uy * uy + w2 * ux * ux)
  const [first, last] = rowsOf(layers, y - high, y + high)
  for (let row = first; row <= last; row += 1) {
    const dy = (row + 0.5) / SAMPLES - y
    const under = a - det * dy * dy
    if (under <= 0) continue
    const half = Math.sqrt(under) / a
    const middle = x - (b * dy) / a
    layers.span(row, middle - half, middle + half, fragment, false)
  }
}

/** A filled outline, its corners as x and y in turn, px; the even–odd rule. */
export function outlined(layers: Layers, corners: ArrayLike<number>, fragment: number): void {
  const count = corners.length / 2
  let [top, bottom] = [Infinity, -Infinity]
  for (let i = 0; i < count; i += 1) {
    const y = corners[2 * i + 1] ?? 0
    top = Math.min(top, y)
    bottom = Math.max(bottom, y)
  }
  const [first, last] = rowsOf(layers, top, bottom)
  const crossings: number[] = []
  for (let row = first; row <= last; row += 1) {
    const y = (row + 0.5) / SAMPLES
    crossings.length = 0
    for (let i = 0, j = count - 1; i < count; j = i, i += 1) {
      const [y1, y2] = [corners[2 * i + 1] ?? 0, corners[2 * j + 1] ?? 0]
      if (y1 > y === y2 > y) continue
      const [x1, x2] = [corners[2 * i] ?? 0, corners[2 * j] ?? 0]
      crossings.push(x1 + ((x2 - x1) * (y - y1)) / (y2 - y1))
    }
    crossings.sort((p, q) => p - q)
    for (let k = 0; k + 1 < crossings.length; k += 2)
      layers.span(row, crossings[k] ?? 0, crossings[k + 1] ?? 0, fragment, false)
  }
}

/** Steps that spread the samples that a hair hits evenly, along a row and from row to row. */
const [BY_ROW, BY_COLUMN] = [0.618034, 0.7548777]

/**
 * A line of one width that lets a share of its samples through: what is thinner than can be drawn keeps its
 * weight.
 * @param share of its samples that it hits, 0–1
 * @param phase 0–1, which of them
 */
export function hair(
  layers: Layers,
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  width: number,
  fragment: number,
  closes: boolean,
  share: number,
  phase: number,
): void {
  const hits: Shade = (_across, _along, column, row) =>
    (phase + row * BY_ROW + column * BY_COLUMN) % 1 < share ? fragment : undefined
  taper(layers, x1, y1, x2, y2, width, width, hits, closes)
}

/** Thinner than this nothing is drawn, px: a hair that is not hit by every sample, as far twigs are. */
const THINNEST = 0.3
/** Lines that reach further than this beyond a picture are not worth following, px. */
const FURTHEST = 20_000

/**
 * What a place on a line is, across (−1 to 1) and along it (0 to 1), in a column and a row of samples; undefined
 * for nothing.
 */
type Shade = (across: number, along: number, column: number, row: number) => number | undefined

/** A tapering line with round ends: the same fragment all over, or one for each place. */
export function taper(
  layers: Layers,
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  w1: number,
  w2: number,
  fragment: number | Shade,
  closes: boolean,
): void {
  const [dx, dy] = [x2 - x1, y2 - y1]
  const length = Math.sqrt(dx * dx + dy * dy)
  if (Math.abs(x1) > FURTHEST || Math.abs(y1) > FURTHEST || length > FURTHEST) return
  const [r1, r2] = [Math.max(THINNEST, w1) / 2, Math.max(THINNEST, w2) / 2]
  const most = Math.max(r1, r2)
  if (Math.max(x1, x2) + most < 0 || Math.min(x1, x2) - most > layers.width) return
  const [first, last] = rowsOf(layers, Math.min(y1, y2) - most, Math.max(y1, y2) + most)
  if (last < first) return
  const [ux, uy] = length > 0 ? [dx / length, dy / length] : [0, 1]
  const corners = [
    [x1 - uy * r1, y1 + ux * r1],
    [x2 - uy * r2, y2 + ux * r2],
    [x2 + uy * r2, y2 - ux * r2],
    [x1 + uy * r1, y1 - ux * r1],
  ] as const
  for (let row = first; row <= last; row += 1) {
    const y = (row + 0.5) / SAMPLES
    let [from, to] = [Infinity, -Infinity]
    const widen = (left: number, right: number): void => {
      if (left < from) from = left
      if (right > to) to = right
    }
    for (let i = 0; i < 4; i += 1) {
      const p = corners[i]
      const q = corners[(i + 1) & 3]
      if (!p || !q || p[1] > y === q[1] > y) continue
      const x = p[0] + ((q[0] - p[0]) * (y - p[1])) / (q[1] - p[1])
      widen(x, x)
    }
    const cap = (x: number, at: number, r: number): void => {
      const d = y - at
      if (Math.abs(d) >= r) return
      const half = Math.sqrt(r * r - d * d)
      widen(x - half, x + half)
    }
    cap(x1, y1, r1)
    cap(x2, y2, r2)
    if (from > to) continue
    if (typeof fragment === 'number') layers.span(row, from, to, fragment, closes)
    else
      layers.eachIn(row, from, to, closes, (x, column) => {
        const [rx, ry] = [x - x1, y - y1]
        const along = length > 0 ? Math.min(1, Math.max(0, (rx * ux + ry * uy) / length)) : 0
        const half = r1 + (r2 - r1) * along
        return fragment(Math.min(1, Math.max(-1, (ry * ux - rx * uy) / half)), along, column, row)
      })
  }
}
