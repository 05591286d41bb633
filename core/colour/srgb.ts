import { requireRange } from '../units/reading'

/**
 * A colour in linear light, each channel 0–1 (IEC 61966-2-1 primaries). Mixing and averaging happen here,
 * never on the encoded bytes.
 */
export type Linear = readonly [red: number, green: number, blue: number]

/** Decodes one sRGB channel, 0–1, to linear light. Source: IEC 61966-2-1. */
export const decodeChannel = (encoded: number): number =>
  encoded <= 0.04045 ? encoded / 12.92 : ((encoded + 0.055) / 1.055) ** 2.4

/** Encodes one channel of linear light, 0–1, as sRGB. Source: IEC 61966-2-1. */
export const encodeChannel = (linear: number): number =>
  linear <= 0.0031308 ? linear * 12.92 : 1.055 * linear ** (1 / 2.4) - 0.055

/** "#RRGGBB" to linear light. @throws RangeError for any other text */
export function fromHex(hex: string): Linear {
  const bytes = hex.length === 7 && hex.startsWith('#') ? Number(`0x${hex.slice(1)}`) : NaN
  if (!Number.isInteger(bytes)) throw new RangeError(`colour is ${hex}; it must be #RRGGBB`)
  return [decoded[bytes >> 16] ?? 0, decoded[(bytes >> 8) & 255] ?? 0, decoded[bytes & 255] ?? 0]
}

/** Linear light of each byte. */
const decoded = Float64Array.from({ length: 256 }, (_, byte) => decodeChannel(byte / 255))

/** Linear light to "#rrggbb"; what lies outside the gamut is clipped to it. */
export function toHex(colour: Linear): string {
  const byte = (c: number): number => Math.round(encodeChannel(Math.min(1, Math.max(0, c))) * 255)
  return `#${((1 << 24) | (byte(colour[0]) << 16) | (byte(colour[1]) << 8) | byte(colour[2])).toString(16).slice(1)}`
}

/** Mixes two colours in linear light. @param share of the second colour, 0–1 */
export function mix(first: string, second: string, share: number): string {
  requireRange('share', share, '', { min: 0, max: 1 })
  const a = fromHex(first)
  const b = fromHex(second)
  return toHex([
    a[0] * (1 - share) + b[0] * share,
    a[1] * (1 - share) + b[1] * share,
    a[2] * (1 - share) + b[2] * share,
  ])
}

/**
 * The mean of colours in linear light, weighted; weights need not sum to 1.
 * @throws RangeError when they sum to nothing
 */
export function mixLinear(colours: readonly (readonly [colour: Linear, weight: number])[]): Linear {
  const sum = colours.reduce((total, [, weight]) => total + weight, 0)
  requireRange('sum of the weights', sum, '', { above: 0 })
  const channel = (i: 0 | 1 | 2): number =>
    colours.reduce((total, [colour, weight]) => total + colour[i] * weight, 0) / sum
  return [channel(0), channel(1), channel(2)]
}

/** Several colours mixed in linear light by weight, as hex. @throws RangeError when no weight is above 0 */
export const mixHex = (colours: readonly (readonly [hex: string, weight: number])[]): string =>
  toHex(mixLinear(colours.map(([hex, weight]) => [fromHex(hex), weight])))

/** Relative luminance, 0–1 (Y of CIE XYZ, D65). Source: IEC 61966-2-1. */
export function luminance(hex: string): number {
  const [r, g, b] = fromHex(hex)
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}

/**
 * The three tones of every crown: shade inside and underneath, base, and a highlight one step lighter from
 * above. Common practice.
 */
export interface Tones {
  readonly shade: string
  readonly base: string
  readonly light: string
}

/**
 * How far the highlight lies above the base and the shade below it, in L*. Common practice: one quiet step;
 * the numbers are from memory.
 */
const HIGHLIGHT_STEP = 9
const SHADE_STEP = 13

/**
 * Derives shade and highlight from a base colour: a step of lightness towards a warm pale or a deep
 * green-black, never another hue.
 */
export function tonesOf(base: string): Tones {
  return {
    shade: towards(base, '#10140d', -SHADE_STEP),
    base,
    light: towards(base, '#f6f3c4', HIGHLIGHT_STEP),
  }
}

/** Mixes a colour with another until its lightness L* has moved by a step, or half way to the other at most. */
function towards(base: string, other: string, step: number): string {
  const from = luminance(base)
  const to = luminance(other)
  const wanted = luminanceOfLightness(Math.min(97, Math.max(3, lightnessOf(from) + step)))
  return mix(base, other, Math.min(0.5, Math.max(0.02, (wanted - from) / (to - from))))
}

/** CIE L* of a relative luminance, and back. Source: CIE 15. */
export const lightnessOf = (y: number): number =>
  y > 216 / 24_389 ? 116 * Math.cbrt(y) - 16 : (24_389 / 27) * y
export const luminanceOfLightness = (lightness: number): number =>
  lightness > 8 ? ((lightness + 16) / 116) ** 3 : (lightness * 27) / 24_389
