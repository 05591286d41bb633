import { encodeChannel, labToLinear, linearToLab, sealedLab, type Linear, type Sealing } from '../colour'
import { seededRandom } from '../units'
import type { Mixture } from './mixture'

/** Places of grains: when a part is changed, grains change colour and stay where they lie. */
export interface Sites {
  readonly count: number
  /** x and y, mm; which grain, 0–1; its size beside the usual; its turn, 0–1; its light. Six numbers a site. */
  readonly at: Float32Array
  readonly widthMm: number
  readonly heightMm: number
}

const STRIDE = 6
/** Grains that are drawn at most. */
export const MOST_GRAINS = 4000

/** Places on a swatch of such a size. @param count of them, up to {@link MOST_GRAINS} */
export function sitesOn(widthMm: number, heightMm: number, count: number, seed = 1): Sites {
  const random = seededRandom(seed)
  const own = Math.max(1, Math.min(MOST_GRAINS, Math.round(count)))
  const at = new Float32Array(own * STRIDE)
  for (let i = 0; i < own; i += 1)
    at.set(
      [
        random() * widthMm,
        random() * heightMm,
        random(),
        0.8 + 0.4 * random(),
        random(),
        0.86 + 0.28 * random(),
      ],
      i * STRIDE,
    )
  return { count: own, at, widthMm, heightMm }
}

/** How many grains cover a swatch so that little is seen between them. */
export function grainsToCover(mixture: Mixture, widthMm: number, heightMm: number): number {
  const numbers = numberShares(mixture)
  const mean = mixture.portions.reduce((sum, { grain }, i) => sum + (numbers[i] ?? 0) * areaOf(grain), 0)
  return Math.min(MOST_GRAINS, (2 * widthMm * heightMm) / mean)
}

type Sized = Mixture['portions'][number]['grain']

/** The area that one grain shows, mm². */
const areaOf = ({ shape, sizeMm, acrossMm }: Sized): number =>
  shape === 'fibre' ? sizeMm * acrossMm : (Math.PI / 4) * sizeMm * sizeMm

/** Share of each portion by the number of its grains. */
function numberShares({ portions, shown }: Mixture): number[] {
  const numbers = portions.map(({ grain }, i) => (shown[i] ?? 0) / areaOf(grain))
  const all = numbers.reduce((sum, own) => sum + own, 0)
  return numbers.map((own) => own / all)
}

/** Light from the upper left on a round grain: the mean over its disc is 1. */
const LIGHT = [-0.4, -0.4, 0.825] as const
const AMBIENT = 0.45
/** What is seen between the grains lies deeper. */
const DEEP = 0.8

/** A picture of a swatch of the mix, row by row. */
export interface SwatchPicture {
  readonly width: number
  readonly height: number
  readonly pixels: Uint32Array
}

/**
 * Paints a swatch of a mix into pixels (little-endian RGBA): grains in their true shares by number and at their size,
 * fibres as rods lying about; between them the mix itself, deeper.
 * @param sealing absent: dry
 */
export function paintSwatch(
  { width, height, pixels }: SwatchPicture,
  mixture: Mixture,
  sites: Sites,
  pxPerMm: number,
  sealing?: Sealing,
): void {
  const colours = mixture.portions.map(({ grain }) => finished(grain.colour, sealing))
  ground(pixels, colours, mixture.shown)
  const upTo: number[] = []
  numberShares(mixture).reduce((sum, own, i) => (upTo[i] = sum + own), 0)
  for (let i = 0; i < sites.count; i += 1) {
    const o = i * STRIDE
    const pick = sites.at[o + 2] ?? 0
    const found = upTo.findIndex((own) => pick < own)
    const which = found < 0 ? upTo.length - 1 : found
    const grain = mixture.portions[which]?.grain
    const colour = colours[which]
    if (!grain || !colour) continue
    const x = (sites.at[o] ?? 0) * pxPerMm
    const y = (sites.at[o + 1] ?? 0) * pxPerMm
    const size = grain.sizeMm * (sites.at[o + 3] ?? 1) * pxPerMm
    const light = sites.at[o + 5] ?? 1
    if (grain.shape === 'fibre')
      rod(
        { width, height, pixels },
        x,
        y,
        size,
        grain.acrossMm * pxPerMm,
        sites.at[o + 4] ?? 0,
        colour,
        light,
      )
    else ball({ width, height, pixels }, x, y, size / 2, colour, light)
  }
}

const finished = (colour: Linear, sealing?: Sealing): Linear =>
  sealing ? labToLinear(sealedLab(linearToLab(colour), sealing)) : colour

/** Bytes of linear light in 1024 steps: encoding each pixel anew would take longer than painting it. */
const ENCODED = Uint8Array.from({ length: 1025 }, (_, i) => Math.round(encodeChannel(i / 1024) * 255))
const byteOf = (light: number): number => ENCODED[Math.max(0, Math.min(1024, Math.round(light * 1024)))] ?? 0
const pixelOf = ([r, g, b]: Linear, times: number): number =>
  (0xff000000 | (byteOf(b * times) << 16) | (byteOf(g * times) << 8) | byteOf(r * times)) >>> 0

/** What lies under the uppermost grains: specks of the mix by the area that each shows. */
function ground(pixels: Uint32Array, colours: readonly Linear[], shown: readonly number[]): void {
  const table = new Uint32Array(256)
  let next = 0
  let sum = 0
  colours.forEach((colour, i) => {
    sum += shown[i] ?? 0
    const end = i === colours.length - 1 ? 256 : Math.round(sum * 256)
    for (; next < end; next += 1) table[next] = pixelOf(colour, DEEP * (0.85 + 0.3 * ((next % 7) / 6)))
  })
  let state = 0x9e3779b9
  for (let i = 0; i < pixels.length; i += 1) {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0
    pixels[i] = table[state >>> 24] ?? 0
  }
}

function ball(
  { width, height, pixels }: SwatchPicture,
  x: number,
  y: number,
  r: number,
  colour: Linear,
  light: number,
): void {
  const [left, right] = [Math.max(0, Math.ceil(x - r)), Math.min(width - 1, Math.floor(x + r))]
  const [top, bottom] = [Math.max(0, Math.ceil(y - r)), Math.min(height - 1, Math.floor(y + r))]
  for (let row = top; row <= bottom; row += 1)
    for (let column = left; column <= right; column += 1) {
      const [dx, dy] = [(column - x) / r, (row - y) / r]
      const rest = 1 - dx * dx - dy * dy
      if (rest < 0) continue
      const lit = AMBIENT + Math.max(0, dx * LIGHT[0] + dy * LIGHT[1] + Math.sqrt(rest) * LIGHT[2])
      pixels[row * width + column] = pixelOf(colour, lit * light)
    }
}

function rod(
  { width, height, pixels }: SwatchPicture,
  x: number,
  y: number,
  length: number,
  across: number,
  turn: number,
  colour: Linear,
  light: number,
): void {
  const [dx, dy] = [Math.cos(turn * Math.PI), Math.sin(turn * Math.PI)]
  const half = Math.max(0, Math.round(across / 2 - 0.5))
  const steps = Math.max(1, Math.ceil(length))
  for (let step = 0; step <= steps; step += 1) {
    const along = (step / steps - 0.5) * length
    const shade = pixelOf(colour, light * (0.85 + (0.3 * step) / steps))
    for (let side = -half; side <= half; side += 1) {
      const column = Math.round(x + dx * along - dy * side)
      const row = Math.round(y + dy * along + dx * side)
      if (column >= 0 && column < width && row >= 0 && row < height) pixels[row * width + column] = shade
    }
  }
}
