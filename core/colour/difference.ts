import type { Lab } from './lab'

const degrees = (radians: number): number => (radians * 180) / Math.PI
const radians = (angle: number): number => (angle * Math.PI) / 180
const POW_25_7 = 25 ** 7

/**
 * Colour difference ΔE₀₀ of two CIELAB colours, with kL = kC = kH = 1: about 1 is just seen side by side.
 * Source: CIE 142-2001, as worked out with test data by Sharma, Wu & Dalal 2005.
 */
export function difference2000(first: Lab, second: Lab): number {
  const [l1, a1, b1] = first
  const [l2, a2, b2] = second
  const meanChroma7 = ((Math.hypot(a1, b1) + Math.hypot(a2, b2)) / 2) ** 7
  const g = 0.5 * (1 - Math.sqrt(meanChroma7 / (meanChroma7 + POW_25_7)))
  const c1 = Math.hypot((1 + g) * a1, b1)
  const c2 = Math.hypot((1 + g) * a2, b2)
  const hue = (a: number, b: number): number =>
    a === 0 && b === 0 ? 0 : (degrees(Math.atan2(b, a)) + 360) % 360
  const h1 = hue((1 + g) * a1, b1)
  const h2 = hue((1 + g) * a2, b2)
  const grey = c1 * c2 === 0
  const turn = grey ? 0 : h2 - h1 > 180 ? h2 - h1 - 360 : h2 - h1 < -180 ? h2 - h1 + 360 : h2 - h1
  const deltaHue = 2 * Math.sqrt(c1 * c2) * Math.sin(radians(turn) / 2)
  const meanHue = grey
    ? h1 + h2
    : Math.abs(h1 - h2) <= 180
      ? (h1 + h2) / 2
      : h1 + h2 < 360
        ? (h1 + h2 + 360) / 2
        : (h1 + h2 - 360) / 2
  const t =
    1 -
    0.17 * Math.cos(radians(meanHue - 30)) +
    0.24 * Math.cos(radians(2 * meanHue)) +
    0.32 * Math.cos(radians(3 * meanHue + 6)) -
    0.2 * Math.cos(radians(4 * meanHue - 63))
  const fromMiddle = ((l1 + l2) / 2 - 50) ** 2
  const meanC = (c1 + c2) / 2
  const lightness = (l2 - l1) / (1 + (0.015 * fromMiddle) / Math.sqrt(20 + fromMiddle))
  const chroma = (c2 - c1) / (1 + 0.045 * meanC)
  const hueTerm = deltaHue / (1 + 0.015 * meanC * t)
  const rotation =
    -Math.sin(2 * radians(30 * Math.exp(-(((meanHue - 275) / 25) ** 2)))) *
    2 *
    Math.sqrt(meanC ** 7 / (meanC ** 7 + POW_25_7))
  return Math.sqrt(lightness ** 2 + chroma ** 2 + hueTerm ** 2 + rotation * chroma * hueTerm)
}
