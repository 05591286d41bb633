import { labToLinear, toLab } from './lab'
import type { Linear } from './srgb'

/** How far the deepest shade inside a crown lies below its base, and the last light on top above it, in L*. */
const DEEPEST = -27
const LIGHTEST = 13
/** Chroma in deep shade and in full light, by the base's. */
const CHROMA = [0.82, 1.04] as const
/** The base lies at this place between the deepest tone and the lightest. */
const BASE_AT = 0.6
/** Ramps that are kept: the same colours come back day after day. */
const KEPT = 3000

const kept = new Map<string, readonly Linear[]>()

/**
 * Many tones of one colour in linear light, evenly from the deepest shade to the lightest: darker and duller
 * inside, a quiet step lighter on top, never another hue. Common practice; the numbers are from memory.
 * @param count 2 or more
 */
export function toneRamp(base: string, count: number): readonly Linear[] {
  const key = `${base} ${count}`
  const known = kept.get(key)
  if (known) return known
  const [lightness, a, b] = toLab(base)
  const ramp = Array.from({ length: count }, (_, i): Linear => {
    const at = i / (count - 1)
    const dark = at < BASE_AT
    const t = dark ? 1 - at / BASE_AT : (at - BASE_AT) / (1 - BASE_AT)
    const step = (dark ? DEEPEST : LIGHTEST) * t
    const chroma = 1 + ((dark ? CHROMA[0] : CHROMA[1]) - 1) * t
    // What is dark already has less far to go.
    const room = dark ? Math.min(1, lightness / 44) : Math.min(1, (100 - lightness) / 26)
    const [red, green, blue] = labToLinear([
      Math.min(98, Math.max(3, lightness + step * room)),
      a * chroma,
      b * chroma,
    ])
    return [within(red), within(green), within(blue)]
  })
  if (kept.size > KEPT) kept.clear()
  kept.set(key, ramp)
  return ramp
}

const within = (channel: number): number => Math.min(1, Math.max(0, channel))
