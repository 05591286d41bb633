import { fromHex } from './srgb'

/** CIELAB under D65: L* 0–100, a* green to red, b* blue to yellow. */
export type Lab = readonly [lightness: number, a: number, b: number]

/** CIELAB of "#RRGGBB". Source: CIE 15, IEC 61966-2-1; white point D65, 2°. */
export function toLab(hex: string): Lab {
  const [r, g, b] = fromHex(hex)
  const x = f((0.4123908 * r + 0.3575843 * g + 0.1804808 * b) / 0.95047)
  const y = f(0.212639 * r + 0.7151687 * g + 0.0721923 * b)
  const z = f((0.0193308 * r + 0.1191948 * g + 0.9505322 * b) / 1.08883)
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)]
}

const f = (t: number): number => (t > 216 / 24_389 ? Math.cbrt(t) : ((24_389 / 27) * t + 16) / 116)

/** Colour difference ΔE*ab (CIE 1976) of two "#RRGGBB": about 2 is just seen side by side. */
export function difference76(first: string, second: string): number {
  const a = toLab(first)
  const b = toLab(second)
  return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
}
