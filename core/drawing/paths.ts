import type { Look } from '../plants'
import { fiveTones, tonesOf, type Tones } from '../colour/srgb'
import { LINE_STRIDE, MARK_STRIDE, Trait, TRAIT_STRIDE, type PlantDrawing } from './plant-drawing'
import { Shape } from './shapes'

/** A stroke in mm, y up: a line with round ends, or a round point where both ends are one. */
export interface Stroke {
  readonly colour: string
  readonly widthMm: number
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
}

/** Thinner than this share of the height is twig, in its own colour. */
export const TWIG_SHARE = 0.0045
/** Blades that stand whatever the season. */
export const LEAST_BLADES = 0.2

/** Strokes of a plant on a day seen from the front, from far to near: for paper and files, where lines stay lines. */
export function strokesOf(drawing: PlantDrawing, look: Look): Stroke[] {
  const { wood, marks } = drawing
  const toned = tonesByBase()
  const clusters = (near: boolean): Stroke[] => {
    const found: Stroke[] = []
    for (let i = 0, t = 0; i < marks.length; i += MARK_STRIDE, t += TRAIT_STRIDE) {
      if ((marks[i + 2] ?? 0) >= 0 !== near) continue
      const seen = markOn(drawing.markTraits, t, look, toned)
      const [x, y] = [marks[i] ?? 0, (marks[i + 1] ?? 0) * look.height]
      if (!seen) continue
      const r = (marks[i + 3] ?? 0) * seen.size
      if (drawing.markTraits[t + Trait.shape] === Shape.spray) found.push(...sprayOf(x, y, r, i, seen.colour))
      else found.push({ colour: seen.colour, widthMm: r * 2, x1: x, y1: y, x2: x, y2: y })
    }
    return found
  }
  const lines = (
    numbers: Float32Array,
    colourOf: (i: number, d: number, high: number) => string | undefined,
  ): Stroke[] => {
    const found: Stroke[] = []
    for (let i = 0; i * LINE_STRIDE < numbers.length; i += 1) {
      const g = (k: number): number => numbers[i * LINE_STRIDE + k] ?? 0
      const colour = colourOf(i, g(6), g(4) / drawing.heightMm)
      if (colour !== undefined)
        found.push({
          colour,
          widthMm: (g(6) + g(7)) / 2,
          x1: g(0),
          y1: g(1) * look.height,
          x2: g(3),
          y2: g(4) * look.height,
        })
    }
    return found
  }
  return [
    ...clusters(false),
    ...lines(wood, (_, d, high) =>
      d / drawing.heightMm < TWIG_SHARE ? look.bark.twig : high > 0.36 ? look.bark.high : look.bark.low,
    ),
    ...lines(drawing.blades, (i) => {
      const t = i * TRAIT_STRIDE
      if ((drawing.bladeTraits[t + Trait.from] ?? 0) > Math.max(look.leaf, LEAST_BLADES) * 255)
        return undefined
      return leafColour(
        look,
        toned,
        drawing.bladeTraits[t + Trait.hue] ?? 0,
        drawing.bladeTraits[t + Trait.tone] ?? 2,
      )
    }),
    ...clusters(true),
  ]
}

/** A spray of needles: a few strokes that fan out to both sides and hang a little. @param i tells one from the next */
function sprayOf(x: number, y: number, r: number, i: number, colour: string): Stroke[] {
  const turn = ((i / MARK_STRIDE) % 7) * 0.12 - 0.36
  return [-0.42, 0, 0.42].map((angle) => {
    const [dx, dy] = [Math.cos(angle + turn) * r * 1.45, Math.sin(angle + turn) * r * 0.8]
    return {
      colour,
      widthMm: r * 0.42,
      x1: x - dx,
      y1: y - Math.abs(dy) * 0.4 - dy * 0.6,
      x2: x + dx,
      y2: y - Math.abs(dy) * 0.4 + dy * 0.6,
    }
  })
}

type Toned = (tones: Tones) => readonly string[]

function tonesByBase(): Toned {
  const known = new Map<string, readonly string[]>()
  return (tones) => {
    const found = known.get(tones.base) ?? fiveTones(tones)
    known.set(tones.base, found)
    return found
  }
}

/** What a mark shows on a day: its colour, and its size as a share; nothing when it does not hang. */
function markOn(
  traits: Uint8Array,
  t: number,
  look: Look,
  toned: Toned,
): { colour: string; size: number } | undefined {
  const tone = traits[t + Trait.tone] ?? 2
  const bloom = traits[t + Trait.bloom] ?? 255
  const only = traits[t + Trait.shape] === Shape.flowerOnly
  if (look.flower.share >= LEAST_SHOW && bloom < look.flower.share * 255)
    return {
      colour: toned(tonesOf(look.flower.colour))[tone] ?? look.flower.colour,
      size: only ? 1 : FLOWER_SIZE,
    }
  if (look.fruit.share >= LEAST_SHOW && bloom > 255 - look.fruit.share * 255)
    return {
      colour: toned(tonesOf(look.fruit.colour))[tone] ?? look.fruit.colour,
      size: only ? 1 : FRUIT_SIZE,
    }
  if (only || (traits[t + Trait.from] ?? 0) > look.leaf * 255) return undefined
  return { colour: leafColour(look, toned, traits[t + Trait.hue] ?? 0, tone), size: 1 }
}

/** A show below this share is none; flowers and fruit are a little smaller than the leaf clusters that they cover. */
export const LEAST_SHOW = 0.01
export const FLOWER_SIZE = 0.86
export const FRUIT_SIZE = 0.66

/** Colour of a leaf by its place in the mixture, of 255, in a tone 0–4. */
function leafColour(look: Look, toned: Toned, hue: number, tone: number): string {
  let sum = 0
  const at =
    look.leaves.find(({ share }) => hue <= 255 * (sum += share)) ?? look.leaves[look.leaves.length - 1]
  return toned(at?.tones ?? look.tones)[tone] ?? look.tones.base
}
