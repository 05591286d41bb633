import { decodeChannel, difference2000, linearToLab, toHex, type Lab, type Linear } from '../colour'
import { none, ok, plainNumber, type Reading } from '../units'

/** Pixels of a picture: red, green, blue and alpha bytes in rows. */
export interface Picture {
  readonly width: number
  readonly height: number
  readonly data: Uint8ClampedArray | Uint8Array
}

/** A rectangle in a picture, px. */
export interface PixelPatch {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** Cards of a known share of light thrown back: photographers' grey 18 %; white paper and card about 87 %. */
export const cards = {
  grey: { name: 'grey card, 18 %', reflects: 0.18 },
  white: { name: 'white card or matt paper', reflects: 0.87 },
} as const
export type CardKind = keyof typeof cards

export interface CardPatch {
  readonly card: CardKind
  readonly patch: PixelPatch
}

/** What is measured: a sample, against a card; a second card of the other kind tells the camera's own curve. */
export interface CardOrder {
  readonly picture: Picture
  readonly card: CardPatch
  readonly second?: CardPatch
  readonly sample: PixelPatch
}

/** A colour measured from a picture. */
export interface MeasuredColour {
  readonly colour: string
  readonly lab: Lab
  /** Mean ΔE₀₀ of the sample's parts from the whole. */
  readonly spread: number
  /** Share of the light that the card got in red, green and blue, the mean being 1. */
  readonly cast: Linear
  /** What makes it less sure: uneven light, a rough sample, a strong cast. */
  readonly warnings: readonly string[]
}

/** Fewest pixels of a patch that tell a colour. */
const LEAST_PIXELS = 64
/** Share of pixels at the end of a channel from which on it counts as clipped. */
const CLIPPED_SHARE = 0.01
const TOP = 254
/** A pixel so many times as bright as the middle of its patch is glare; more than this share spoils it. */
const GLARE_TIMES = 2.6
const GLARE_SHARE = 0.02
/** A card darker than this share of the light that a byte can tell is too noisy to balance by. */
const LEAST_CARD = 0.035
/** Quarters of a card that differ by more than this say that the light is uneven. */
const UNEVEN = 0.05
const STRONG_CAST = 1.5
const ROUGH = 6
/** Parts of a sample, across and down, that the spread is told from. */
const PARTS = 5
/** A camera's own curve outside of this is no curve: the cards were not what they were said to be. */
const CURVES = [0.5, 2] as const

/**
 * The colour of a sample beside a card, as it is in even white light: bytes to linear light (IEC 61966-2-1), each
 * channel by what the card must be, the mean of the sample in linear light. With both cards the camera's own curve is
 * taken out first, as a power of each channel. Refused where a channel is clipped, where it glares, or the card lies
 * in the dark: nothing can be made of that.
 */
export function measureColour(order: CardOrder): Reading<MeasuredColour> {
  const { picture, card, second, sample } = order
  if (second?.card === card.card) return none('Both cards are of one kind: pick a white one and a grey one.')
  const read = new Map<string, Linear[]>()
  for (const [name, patch] of [
    ['card', card.patch],
    ...(second ? [['second card', second.patch] as const] : []),
    ['sample', sample],
  ] as const) {
    const pixels = pixelsOf(picture, patch)
    const fault = faultOf(name, pixels)
    if (fault !== undefined) return none(fault)
    read.set(name, pixels.map(linear))
  }
  const cardLight = meanOf(read.get('card') ?? [])
  if (Math.max(...cardLight) < LEAST_CARD)
    return none(
      `Card: it lies in the dark (${plainNumber(Math.max(...cardLight) * 100, 1)} % of the light a picture tells); more light, or a longer exposure.`,
    )
  const curve = second
    ? curveOf(card.card, cardLight, second.card, meanOf(read.get('second card') ?? []))
    : ok<Linear>([1, 1, 1])
  if (curve.kind === 'none') return curve
  const balanced = (light: Linear): Linear =>
    eachChannel(
      (i) => cards[card.card].reflects * (light[i] / Math.max(cardLight[i], 1e-6)) ** curve.value[i],
    )
  const pixels = (read.get('sample') ?? []).map(balanced)
  const light = meanOf(pixels)
  const lab = linearToLab(light)
  const mean = (cardLight[0] + cardLight[1] + cardLight[2]) / 3
  const cast = eachChannel((i) => cardLight[i] / mean)
  const spread = spreadOf(pixels, lab, sample)
  const uneven = unevenness(read.get('card') ?? [], card.patch)
  const warnings = [
    ...(uneven > UNEVEN ? [`Uneven light: the card’s corners differ by ${Math.round(uneven * 100)} %.`] : []),
    ...(Math.max(...cast) / Math.min(...cast) > STRONG_CAST
      ? ['The light has a strong cast: daylight tells more.']
      : []),
    ...(spread > ROUGH ? ['The sample is rough or of several tones: pick a larger even patch.'] : []),
  ]
  return ok({ colour: toHex(light), lab, spread, cast, warnings })
}

type Bytes = readonly [number, number, number]

/** Luminance of linear light. Source: IEC 61966-2-1. */
const lightOf = ([r, g, b]: Linear): number => 0.2126 * r + 0.7152 * g + 0.0722 * b
const eachChannel = (of: (i: 0 | 1 | 2) => number): Linear => [of(0), of(1), of(2)]
const linear = ([r, g, b]: Bytes): Linear => [
  decodeChannel(r / 255),
  decodeChannel(g / 255),
  decodeChannel(b / 255),
]

/** Pixels of a patch within the picture, row by row. */
function pixelsOf({ width, height, data }: Picture, patch: PixelPatch): Bytes[] {
  const pixels: Bytes[] = []
  const [left, top] = [Math.max(0, Math.floor(patch.x)), Math.max(0, Math.floor(patch.y))]
  const right = Math.min(width, Math.floor(patch.x + patch.width))
  const bottom = Math.min(height, Math.floor(patch.y + patch.height))
  for (let y = top; y < bottom; y += 1)
    for (let x = left; x < right; x += 1) {
      const at = (y * width + x) * 4
      pixels.push([data[at] ?? 0, data[at + 1] ?? 0, data[at + 2] ?? 0])
    }
  return pixels
}

/** What makes a patch useless, in words; undefined where it will do. */
function faultOf(name: string, pixels: readonly Bytes[]): string | undefined {
  const capital = name.charAt(0).toUpperCase() + name.slice(1)
  if (pixels.length < LEAST_PIXELS)
    return `${capital}: ${pixels.length} pixels; allowed are ${LEAST_PIXELS} at least. Draw a larger patch within the picture.`
  const clipped = pixels.filter((pixel) => Math.max(...pixel) >= TOP).length / pixels.length
  if (clipped > CLIPPED_SHARE)
    return `${capital}: a channel is clipped in ${Math.round(clipped * 100)} % of it; expose less.`
  const lights = pixels.map((pixel) => lightOf(linear(pixel))).sort((a, b) => a - b)
  const middle = lights[lights.length >> 1] ?? 0
  const glare = lights.filter((light) => light > GLARE_TIMES * middle + 0.02).length / lights.length
  if (glare > GLARE_SHARE)
    return `${capital}: it glares in ${Math.round(glare * 100)} % of it; turn it out of the light’s mirror.`
  return undefined
}

function meanOf(pixels: readonly Linear[]): Linear {
  let [r, g, b] = [0, 0, 0]
  for (const pixel of pixels) {
    r += pixel[0]
    g += pixel[1]
    b += pixel[2]
  }
  const count = Math.max(1, pixels.length)
  return [r / count, g / count, b / count]
}

/** The power that brings what two cards show to what they are, for each channel. */
function curveOf(
  first: CardKind,
  firstLight: Linear,
  second: CardKind,
  secondLight: Linear,
): Reading<Linear> {
  const real = Math.log(cards[first].reflects / cards[second].reflects)
  const power = eachChannel((i) => real / Math.log(firstLight[i] / secondLight[i]))
  if (power.some((one) => !(one >= CURVES[0] && one <= CURVES[1])))
    return none('The two cards don’t fit one another: pick the grey one and the white one anew.')
  return ok(power)
}

/** How far parts of a sample lie from the whole. */
function spreadOf(pixels: readonly Linear[], whole: Lab, { width }: PixelPatch): number {
  const columns = Math.max(1, Math.floor(width))
  const rows = Math.max(1, Math.floor(pixels.length / columns))
  const parts = Array.from({ length: PARTS * PARTS }, (): Linear[] => [])
  pixels.forEach((pixel, i) => {
    const across = Math.min(PARTS - 1, Math.floor(((i % columns) * PARTS) / columns))
    const down = Math.min(PARTS - 1, Math.floor((Math.floor(i / columns) * PARTS) / rows))
    parts[down * PARTS + across]?.push(pixel)
  })
  const differences = parts
    .filter((part) => part.length > 0)
    .map((part) => difference2000(linearToLab(meanOf(part)), whole))
  return differences.reduce((sum, own) => sum + own, 0) / Math.max(1, differences.length)
}

/** How much the quarters of a card differ in light, of their mean. */
function unevenness(pixels: readonly Linear[], { width }: PixelPatch): number {
  const columns = Math.max(1, Math.floor(width))
  const rows = Math.max(1, Math.floor(pixels.length / columns))
  const quarters = [0, 0, 0, 0].map(() => ({ sum: 0, count: 0 }))
  pixels.forEach((pixel, i) => {
    const quarter =
      quarters[(i % columns < columns / 2 ? 0 : 1) + (Math.floor(i / columns) < rows / 2 ? 0 : 2)]
    if (!quarter) return
    quarter.sum += lightOf(pixel)
    quarter.count += 1
  })
  const means = quarters.filter(({ count }) => count > 0).map(({ sum, count }) => sum / count)
  const mean = means.reduce((sum, own) => sum + own, 0) / means.length
  return (Math.max(...means) - Math.min(...means)) / mean
}
