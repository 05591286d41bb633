import { fromHex, toHex, type Linear } from './srgb'

/** CIELAB under D65: L* 0–100, a* green to red, b* blue to yellow. */
export type Lab = readonly [lightness: number, a: number, b: number]

const MOST_LABS = 4096
const labs = new Map<string, Lab>()

/** CIELAB of "#RRGGBB". Source: CIE 15, IEC 61966-2-1; white point D65, 2°. */
export function toLab(hex: string): Lab {
  const known = labs.get(hex)
  if (known) return known
  const lab = linearToLab(fromHex(hex))
  // A workshop has some hundreds of colours; a search through thousands must not keep them all.
  if (labs.size >= MOST_LABS) labs.clear()
  labs.set(hex, lab)
  return lab
}

/** CIELAB of linear light, also of light that sRGB can't show. Source: CIE 15, IEC 61966-2-1; white point D65, 2°. */
export function linearToLab([r, g, b]: Linear): Lab {
  const x = f((0.4123908 * r + 0.3575843 * g + 0.1804808 * b) / 0.95047)
  const y = f(0.212639 * r + 0.7151687 * g + 0.0721923 * b)
  const z = f((0.0193308 * r + 0.1191948 * g + 0.9505322 * b) / 1.08883)
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)]
}

/** Linear light of a CIELAB colour; channels outside 0–1 lie outside what sRGB shows. Source: CIE 15, IEC 61966-2-1. */
export function labToLinear([lightness, a, b]: Lab): Linear {
  const fy = (lightness + 16) / 116
  const x = 0.95047 * g(fy + a / 500)
  const y = g(fy)
  const z = 1.08883 * g(fy - b / 200)
  return [
    3.2409699 * x - 1.5373832 * y - 0.4986108 * z,
    -0.9692436 * x + 1.8759675 * y + 0.0415551 * z,
    0.0556301 * x - 0.203977 * y + 1.0569715 * z,
  ]
}

/** "#rrggbb" of a CIELAB colour; what lies outside sRGB is clipped. */
export const labToHex = (lab: Lab): string => toHex(labToLinear(lab))

/** Whether sRGB shows a CIELAB colour without clipping. @param slack allowed beyond 0–1 in linear light */
export const inGamut = (lab: Lab, slack = 0.001): boolean =>
  labToLinear(lab).every((c) => c >= -slack && c <= 1 + slack)

const f = (t: number): number => (t > 216 / 24_389 ? Math.cbrt(t) : ((24_389 / 27) * t + 16) / 116)
const g = (t: number): number => (t > 6 / 29 ? t ** 3 : 3 * (6 / 29) ** 2 * (t - 4 / 29))

/** Colour difference ΔE*ab (CIE 1976) of two "#RRGGBB": about 2 is just seen side by side. */
export function difference76(first: string, second: string): number {
  const a = toLab(first)
  const b = toLab(second)
  return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
}
