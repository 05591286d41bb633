import { fromHex, toHex, type Linear } from '../colour'
import { TWIG_SHARE } from '../drawing'
import type { BarkMarks, Look } from '../plants'
import { chanceAt } from '../units'

/** Bark has so many steps from the foot into the crown, and so many of light around the stem. */
const HEIGHTS = 5
const LIGHTS = 9
const TWIGS = HEIGHTS * LIGHTS
const DARK = TWIGS + 3
const PALE = DARK + 1
/** Colours that bark can have on one plant. */
export const BARKS = PALE + 1

/** Below and above these shares of the height bark is that of the foot and that of the crown. From memory. */
const LOW = 0.2
const HIGH = 0.52

/** Barks that are kept: they hardly change with the day. */
const KEPT = 500
const kept = new Map<string, readonly Linear[]>()

/** The colours of a look's bark, by index. */
export function barkColours(bark: Look['bark']): readonly Linear[] {
  const key = `${bark.low}${bark.high}${bark.twig}`
  const colours = kept.get(key) ?? madeFor(bark)
  if (kept.size > KEPT) kept.clear()
  kept.set(key, colours)
  return colours
}

function madeFor({ low, high, twig }: Look['bark']): Linear[] {
  const [a, b, t] = [fromHex(low), fromHex(high), fromHex(twig)]
  const lit = (colour: Linear, k: number): Linear => [colour[0] * k, colour[1] * k, colour[2] * k]
  const between = (share: number): Linear => [
    a[0] + (b[0] - a[0]) * share,
    a[1] + (b[1] - a[1]) * share,
    a[2] + (b[2] - a[2]) * share,
  ]
  return [
    ...Array.from({ length: TWIGS }, (_, i) =>
      lit(between(Math.floor(i / LIGHTS) / (HEIGHTS - 1)), 0.26 + 0.12 * (i % LIGHTS)),
    ),
    ...[0.5, 0.72, 0.95].map((k) => lit(t, k)),
    fromHex('#2b2623'),
    fromHex(toHex(lit(between(1), 1.28))),
  ]
}

/** A bark's colour by its place: height as a share of the plant's, across from −1 (lit) to 1, and mm up the stem. */
type BarkAt = (height: number, across: number, upMm: number) => number

/**
 * Bark of a piece of wood: round by light from the left, with the marks of its kind where it is wide enough to
 * show them.
 * @param thickness its diameter as a share of the plant's height @param widthPx the same in the picture
 * @param stemMm the stem's diameter, by which marks are measured
 */
export function barkOf(marks: BarkMarks, thickness: number, widthPx: number, stemMm: number): BarkAt {
  if (thickness < TWIG_SHARE) return (_high, across) => TWIGS + (across > 0.2 ? 0 : across < -0.3 ? 2 : 1)
  const marked = widthPx >= 2.4
  // A birch is black at its foot only.
  const [low, high] = marks === 'birch' ? [0.04, 0.16] : [LOW, HIGH]
  return (height, across, upMm) => {
    const h = Math.round(Math.min(1, Math.max(0, (height - low) / (high - low))) * (HEIGHTS - 1))
    let k = 5.8 - 2.9 * across - 0.8 * across * across
    if (marked) {
      const mark = markAt(marks, height, across, upMm / Math.max(0.2, stemMm), h)
      if (mark >= DARK) return mark
      k += mark
    }
    return h * LIGHTS + Math.min(LIGHTS - 1, Math.max(0, Math.round(k)))
  }
}

/** What a mark does to the light of a place, or a colour of its own. @param up in diameters of the stem */
function markAt(marks: BarkMarks, height: number, across: number, up: number, h: number): number {
  const around = Math.asin(Math.max(-1, Math.min(1, across)))
  switch (marks) {
    case 'furrowed': {
      const ridge = Math.floor(around * 5 + 0.8 * Math.sin(up * 3 + chanceAt(Math.floor(up), 1) * 3))
      return chanceAt(ridge, Math.floor(up * 1.4)) > 0.5 ? -1.7 : 0.5
    }
    case 'plated': {
      const plate = chanceAt(Math.floor(around * 3 + 0.5 * Math.floor(up * 2)), Math.floor(up * 2))
      const seam = Math.abs(((around * 3 + 0.5 * Math.floor(up * 2)) % 1) - 0.5) > 0.4 || (up * 2) % 1 < 0.16
      // A pine's plates are of its foot: higher up the bark is thin.
      return h >= 3 ? (plate > 0.75 ? 0.8 : 0) : seam ? -2 : plate > 0.6 ? 0.7 : -0.2
    }
    case 'peeling': {
      const patch = chanceAt(
        Math.floor(around * 2.2 + 0.7 * Math.sin(up * 1.7)),
        Math.floor(up * 1.1 + around),
      )
      return patch > 0.66 ? PALE : patch < 0.28 ? -2.2 : 0
    }
    case 'ringed':
      return (up * 2.6) % 1 < 0.26 ? -1.8 : 0.3
    case 'birch': {
      // Black and cracked at the foot; above it dashes across, and a dark triangle under each branch.
      if (height < 0.1 && chanceAt(Math.floor(around * 4), Math.floor(up * 2)) > 0.36 + 4 * height)
        return DARK
      const band = Math.floor(up * 1.25)
      const scar = chanceAt(band, 7)
      const [place, down] = [(scar - 0.5) * 2.2, (up * 1.25) % 1]
      if (scar > 0.58 && Math.abs(around - place) < 0.55 * down && down < 0.7) return DARK
      return (up * 6) % 1 < 0.2 && Math.abs(around - (chanceAt(Math.floor(up * 6), 3) - 0.5) * 2) < 0.4
        ? DARK
        : 0.6
    }
    default:
      return 0
  }
}
