import type { Raster } from './pixels'

/** Largest ragged cluster that is kept ready, px; beyond it clusters are scaled from it. */
const LARGEST_STAMP = 26
const VARIANTS = 6
const stamps = new Map<number, Int16Array>()

/**
 * Rows of a ragged cluster: dy, from, to, and so on. A disc up to 2 px; beyond that a handful of leaves that
 * together have its area, or a spray of needles that fan out and down a little.
 */
function stampOf(r: number, variant: number, spray: boolean): Int16Array {
  const key = (r * VARIANTS + variant) * 2 + (spray ? 1 : 0)
  const known = stamps.get(key)
  if (known) return known
  const inside = new Uint8Array((4 * r + 5) ** 2)
  const side = 4 * r + 5
  const middle = 2 * r + 2
  const disc = (cx: number, cy: number, rx: number, ry: number, turn: number): void => {
    const [c, s] = [Math.cos(turn), Math.sin(turn)]
    for (let y = 0; y < side; y += 1)
      for (let x = 0; x < side; x += 1) {
        const [dx, dy] = [x - middle - cx, y - middle - cy]
        const [u, v] = [(dx * c + dy * s) / rx, (dy * c - dx * s) / ry]
        if (u * u + v * v <= 1) inside[y * side + x] = 1
      }
  }
  if (r <= 2 && !spray) disc(0, 0, r + 0.3, r + 0.3, 0)
  else if (spray) {
    const needles = 7
    for (let k = 0; k < needles; k += 1) {
      const angle = ((k + 0.3 * variant) / needles) * 2 * Math.PI
      const [ex, ey] = [Math.cos(angle) * r * 1.5, Math.sin(angle) * r * 0.75 + r * 0.2]
      disc(ex / 2, ey / 2, Math.hypot(ex, ey) / 2 + 0.3, Math.max(0.55, r * 0.13), Math.atan2(ey, ex))
    }
  } else {
    const leaves = 9
    for (let k = 0; k < leaves; k += 1) {
      const angle = k * 2.4 + variant * 1.7
      const out = r * 0.95 * Math.sqrt((k + 0.5) / leaves)
      disc(Math.cos(angle) * out, Math.sin(angle) * out, r * 0.46, r * 0.28, angle + 0.6 * variant + 0.5 * k)
    }
  }
  const rows: number[] = []
  for (let y = 0; y < side; y += 1)
    for (let x = 0; x < side; x += 1) {
      if (!inside[y * side + x] || inside[y * side + x - 1]) continue
      let end = x
      while (inside[y * side + end + 1]) end += 1
      rows.push(y - middle, x - middle, end - middle)
    }
  const stamp = Int16Array.from(rows)
  stamps.set(key, stamp)
  return stamp
}

export function stampMark(
  { width, height, pixels }: Raster,
  cx: number,
  cy: number,
  radius: number,
  colour: number,
  i: number,
  spray: boolean,
): void {
  const px = Math.round(cx)
  const py = Math.round(cy)
  if (px < -120 || px > width + 120 || py < -120 || py > height + 120) return
  if (radius < 0.8) {
    if (px >= 0 && px < width && py >= 0 && py < height) pixels[py * width + px] = colour
    return
  }
  const r = Math.min(LARGEST_STAMP, Math.round(radius))
  const grow = radius > LARGEST_STAMP ? Math.ceil(radius / LARGEST_STAMP) : 1
  const stamp = stampOf(r, i % VARIANTS, spray)
  for (let k = 0; k < stamp.length; k += 3) {
    const from = Math.max(0, px + (stamp[k + 1] ?? 0) * grow)
    const to = Math.min(width - 1, px + ((stamp[k + 2] ?? 0) + 1) * grow - 1)
    for (let g = 0; g < grow; g += 1) {
      const y = py + (stamp[k] ?? 0) * grow + g
      if (y < 0 || y >= height || from > to) continue
      for (let at = y * width + from, end = y * width + to; at <= end; at += 1) pixels[at] = colour
    }
  }
}
