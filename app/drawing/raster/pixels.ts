/**
 * Paints plants into a buffer of pixels. A crown has thousands of leaf clusters and is painted anew for each
 * day that the season band passes over; writing the pixels directly is many times quicker than asking a
 * canvas for each shape.
 */
export interface Raster {
  readonly width: number
  readonly height: number
  readonly pixels: Uint32Array
}

/**
 * Where the pixels of lines go: place, colour, and how strongly they cover, 0–1; those beyond its width and
 * height are not asked for.
 */
export interface Sink {
  readonly emit: (x: number, y: number, colour: number, strength: number) => void
  readonly bounds?: { readonly width: number; readonly height: number }
}

/** Writes pixels straight into a raster. */
export function onto(raster: Raster): Sink {
  const { width, height, pixels } = raster
  return {
    bounds: raster,
    emit: (x, y, colour, strength) => {
      if (x < 0 || y < 0 || x >= width || y >= height) return
      const at = y * width + x
      pixels[at] = over(colour, pixels[at] ?? 0, strength)
    },
  }
}

/** Lines that reach further than this beyond a picture are not worth following, px. */
const FURTHEST = 20_000

/**
 * A tapering line with round ends; the colour may change across (−1 to 1) and along (0 to 1) it. Thin lines
 * keep their weight by covering less.
 */
export function line(
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  w1: number,
  w2: number,
  colour: (across: number, along: number) => number,
  { emit, bounds }: Sink,
): void {
  const [dx, dy] = [x2 - x1, y2 - y1]
  const length = Math.hypot(dx, dy)
  const most = Math.max(w1, w2) / 2
  if (Math.abs(x1) > FURTHEST || Math.abs(y1) > FURTHEST || length > FURTHEST) return
  if (
    bounds &&
    (Math.max(x1, x2) + most < 0 ||
      Math.min(x1, x2) - most > bounds.width ||
      Math.max(y1, y2) + most < 0 ||
      Math.min(y1, y2) - most > bounds.height)
  )
    return
  if (most < 0.8) {
    const steps = Math.max(1, Math.ceil(Math.max(Math.abs(dx), Math.abs(dy))))
    const strength = Math.min(1, Math.max(0.28, most * 1.5))
    for (let k = 0; k <= steps; k += 1)
      emit(
        Math.round(x1 + (dx * k) / steps),
        Math.round(y1 + (dy * k) / steps),
        colour(0, k / steps),
        strength,
      )
    return
  }
  const [ux, uy] = length > 0 ? [dx / length, dy / length] : [0, -1]
  const bottom = Math.min(bounds ? bounds.height - 1 : Infinity, Math.ceil(Math.max(y1, y2) + most))
  for (
    let py = Math.max(bounds ? 0 : -Infinity, Math.floor(Math.min(y1, y2) - most));
    py <= bottom;
    py += 1
  ) {
    const [left, right] = spanOf(py, x1, y1, dx, dy, most)
    const end = bounds ? Math.min(bounds.width - 1, right) : right
    for (let px = bounds ? Math.max(0, left) : left; px <= end; px += 1) {
      const [rx, ry] = [px - x1, py - y1]
      const along = length > 0 ? Math.min(1, Math.max(0, (rx * ux + ry * uy) / length)) : 0
      const half = (w1 + (w2 - w1) * along) / 2
      const [ex, ey] = [rx - dx * along, ry - dy * along]
      if (ex * ex + ey * ey <= half * half) emit(px, py, colour((ex * -uy + ey * ux) / half, along), 1)
    }
  }
}

/** A colour laid over a pixel with a strength, 0–1: how thin lines keep their weight. */
export function over(colour: number, under: number, strength: number): number {
  if (strength >= 1) return colour
  const covered = under >>> 24
  if (covered === 0) return ((Math.round(strength * 255) << 24) | (colour & 0xffffff)) >>> 0
  const mixed = (shift: number): number =>
    Math.round(((colour >> shift) & 255) * strength + ((under >> shift) & 255) * (1 - strength)) << shift
  return (
    ((Math.round(255 * strength + covered * (1 - strength)) << 24) | mixed(16) | mixed(8) | mixed(0)) >>> 0
  )
}

/** The columns that a thick line can reach in a row of pixels. */
function spanOf(
  py: number,
  x1: number,
  y1: number,
  dx: number,
  dy: number,
  most: number,
): readonly [number, number] {
  const slack = most * 1.5 + 1
  let [low, high] = [Math.min(x1, x1 + dx), Math.max(x1, x1 + dx)]
  if (Math.abs(dy) > Math.abs(dx) * 0.2 && Math.abs(dy) > 1) {
    const a = x1 + (dx * (py - slack - y1)) / dy
    const b = x1 + (dx * (py + slack - y1)) / dy
    low = Math.max(low, Math.min(a, b))
    high = Math.min(high, Math.max(a, b))
  }
  return [Math.floor(low - slack), Math.ceil(high + slack)]
}
