import { fiveTones, fromHex, toHex, tonesOf, type Linear } from '../../core/colour'
import type { BarkMarks, Look } from '../../core/plants'
import { LEAST_SHOW, TWIG_SHARE } from '../../core/drawing'

/** A look as the painter needs it: colours as pixels, shares as bytes. */
export interface Palette {
  /** Share of the foliage that hangs. */
  readonly leaf: number
  /** Share of the full height, in hundredths: what dies back or is mown stands lower. */
  readonly height: number
  /** Each leaf colour in five tones, deep shade to full light. */
  readonly leaves: readonly Uint32Array[]
  /** Upper end of each leaf colour's part of the mixture, of 255. */
  readonly cuts: Uint8Array
  readonly flower: Uint32Array
  readonly fruit: Uint32Array
  /** A mark flowers below the one and fruits above the other; 0 and 255 for none. */
  readonly flowerUpTo: number
  readonly fruitFrom: number
  /** The same for palettes with the same bark. */
  readonly barkKey: string
  /**
   * Colour of the bark: for the kind of marks, a stem's thickness as a share of the height and in px; then by
   * height share, place across, and row.
   */
  readonly bark: (
    marks: BarkMarks,
    thickness: number,
    widthPx: number,
  ) => (high: number, across: number, row: number) => number
}

/** A pixel, as little-endian RGBA. */
export function pixelOf(colour: string): number {
  const n = parseInt(colour.slice(1), 16)
  return ((255 << 24) | ((n & 255) << 16) | (n & 0xff00) | (n >> 16)) >>> 0
}

const pixelsOf = (colours: readonly string[]): Uint32Array => Uint32Array.from(colours.map(pixelOf))
const palettes = new WeakMap<Look, Palette>()
/** Bark hardly changes with the day. */
const barks = new Map<string, Palette['bark']>()

export function paletteOf(look: Look): Palette {
  const known = palettes.get(look)
  if (known) return known
  let sum = 0
  const barkKey = `${look.bark.low}${look.bark.high}${look.bark.twig}`
  // Flowers and fruit stand apart from the leaves; a show below what the eye sees is none.
  const palette: Palette = {
    leaf: look.leaf,
    height: Math.max(0.01, Math.round(look.height * 100) / 100),
    leaves: look.leaves.map(({ tones }) => pixelsOf(fiveTones(tones))),
    cuts: Uint8Array.from(look.leaves.map(({ share }) => Math.round(255 * Math.min(1, (sum += share))))),
    flower: pixelsOf(fiveTones(tonesOf(look.flower.colour))),
    fruit: pixelsOf(fiveTones(tonesOf(look.fruit.colour))),
    flowerUpTo: look.flower.share < LEAST_SHOW ? 0 : look.flower.share * 255,
    fruitFrom: look.fruit.share < LEAST_SHOW ? 255 : 255 - look.fruit.share * 255,
    barkKey,
    bark: barks.get(barkKey) ?? barkOf(look.bark),
  }
  palettes.set(look, palette)
  if (barks.size > 400) barks.clear()
  barks.set(barkKey, palette.bark)
  return palette
}

/** A number from 0 to 1 that is the same for the same place. */
function grain(a: number, b: number): number {
  const n = Math.imul(a | 0, 374_761_393) ^ Math.imul(b | 0, 668_265_263)
  return (((n ^ (n >>> 13)) * 1_274_126_177) >>> 0) / 4_294_967_296
}

const STEPS = 5

/**
 * Bark from low to high on the stem, round by light from the left, with its markings; thin twigs have their
 * own colour.
 */
function barkOf({ low, high, twig }: Look['bark']): Palette['bark'] {
  const [a, b, t] = [fromHex(low), fromHex(high), fromHex(twig)]
  const lit = (colour: Linear, k: number): number =>
    pixelOf(toHex([colour[0] * k, colour[1] * k, colour[2] * k]))
  const between = (p: Linear, q: Linear, s: number): Linear => [
    p[0] + (q[0] - p[0]) * s,
    p[1] + (q[1] - p[1]) * s,
    p[2] + (q[2] - p[2]) * s,
  ]
  // Colours ready by height (5), and light (9); markings pick darker or lighter ones.
  const ready = Array.from({ length: STEPS }, (_, h) =>
    Array.from({ length: 9 }, (_, k) => lit(between(a, b, h / (STEPS - 1)), 0.3 + 0.115 * k)),
  )
  const twigs = [0.45, 0.62, 0.8].map((k) => lit(t, k))
  const dark = pixelOf('#2b2623')
  return (marks, thickness, widthPx) => {
    if (thickness < TWIG_SHARE) return () => twigs[1] ?? 0
    if (thickness < TWIG_SHARE * 2.2) return (_high, across) => (across > 0.1 ? twigs[0] : twigs[2]) ?? 0
    return (height, across, row) => {
      const h = Math.round(Math.min(1, Math.max(0, (height - 0.18) / 0.36)) * (STEPS - 1))
      let k = Math.round(6.2 - 2.8 * across - 0.8 * across * across)
      if (widthPx >= 3) {
        const column = Math.floor((across + 1) * widthPx * 0.35)
        switch (marks) {
          case 'furrowed':
            k += grain(column, Math.floor(row / (5 + widthPx * 0.4))) > 0.58 ? -2 : 0
            break
          case 'plated':
            k +=
              grain(Math.floor(column / 1.6), Math.floor((row + column) / 4)) > 0.62
                ? -2
                : grain(column, row >> 2) > 0.8
                  ? 1
                  : 0
            break
          case 'peeling':
            k +=
              grain(Math.floor((across + 1) * 3), Math.floor(row / (7 + widthPx * 0.5))) > 0.6
                ? 1
                : grain(column >> 1, row >> 3) > 0.72
                  ? -2
                  : 0
            break
          case 'ringed':
            k += row % Math.max(4, Math.round(widthPx * 0.45)) < 1.4 ? -2 : 0
            break
          case 'birch': {
            // Dark at the foot, with scars across; each a dash that does not reach round.
            if (height < 0.09 && grain(column >> 1, row >> 3) > 0.42) return dark
            const scar = grain(7, Math.floor(row / (3 + widthPx * 0.22)))
            if (scar > 0.7 && Math.abs(across - (scar - 0.85) * 5) < 0.42) return dark
            break
          }
          default:
            break
        }
      }
      return ready[h]?.[Math.min(8, Math.max(0, k))] ?? 0
    }
  }
}
