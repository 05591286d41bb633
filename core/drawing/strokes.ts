import { toneRamp } from '../colour/ramp'
import { toHex } from '../colour/srgb'
import type { Look } from '../plants'
import { leafFill } from './leaf-shapes'
import { eachLeaf } from './leaves'
import { OrganPart } from './organs'
import { Trait, type PlantDrawing } from './plant-drawing'
import { LINE_STRIDE, MARK_STRIDE, ORGAN_STRIDE, ORGAN_TRAITS, TRAIT_STRIDE } from './strides'

/** A stroke in mm, y up: a line with round ends. */
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
/** A show below this share is none. */
export const LEAST_SHOW = 0.01
/** Leaves on paper: more would not be told apart, only make the file larger. */
const MOST_LEAVES = 7000
/** Tones on paper. */
const TONES = 8

/** Strokes of a plant on a day seen from the front, from far to near: for paper and files, where lines stay lines. */
export function strokesOf(drawing: PlantDrawing, look: Look): Stroke[] {
  const [far, near] = leafStrokes(drawing, look)
  return [
    ...far,
    ...woodStrokes(drawing, look),
    ...near,
    ...bladeStrokes(drawing, look),
    ...organStrokes(drawing, look),
  ]
}

function leafStrokes(drawing: PlantDrawing, look: Look): [Stroke[], Stroke[]] {
  const { marks, markTraits, leaf } = drawing
  const colours = leafColours(look)
  const flower = rampOf(look.flower.colour)
  const blooms = look.flower.share >= LEAST_SHOW ? look.flower.share * 255 : 0
  const found: [Stroke[], Stroke[]] = [[], []]
  const count = (marks.length / MARK_STRIDE) * leaf.each
  const least = leaf.lengthMm * Math.sqrt(Math.max(1, count / MOST_LEAVES))
  eachLeaf(drawing, least, (x, y, z, ax, ay, _az, halfWidth, mark) => {
    const t = mark * TRAIT_STRIDE
    const tone = markTraits[t + Trait.tone] ?? 128
    const inFlower = (markTraits[t + Trait.bloom] ?? 255) < blooms
    if (!inFlower && (markTraits[t + Trait.from] ?? 0) > look.leaf * 255) return
    const colour = inFlower ? flower(tone) : colours(markTraits[t + Trait.hue] ?? 0, tone)
    const half = Math.hypot(ax, ay) || 1e-6
    const k = Math.max(0, half - halfWidth) / half
    found[z < 0 ? 0 : 1].push({
      colour,
      widthMm: 2 * halfWidth * leafFill[leaf.kind],
      x1: x - ax * k,
      y1: (y - ay * k) * look.height,
      x2: x + ax * k,
      y2: (y + ay * k) * look.height,
    })
  })
  return found
}

const woodStrokes = (drawing: PlantDrawing, look: Look): Stroke[] =>
  lineStrokes(drawing.wood, look, (_, d, high) =>
    d / drawing.heightMm < TWIG_SHARE
      ? look.bark.twig
      : high / drawing.heightMm > 0.36
        ? look.bark.high
        : look.bark.low,
  )

function bladeStrokes({ blades, bladeTraits }: PlantDrawing, look: Look): Stroke[] {
  const colours = leafColours(look)
  const hangs = Math.max(look.leaf, LEAST_BLADES) * 255
  return lineStrokes(blades, look, (i) => {
    const t = i * TRAIT_STRIDE
    if ((bladeTraits[t + Trait.from] ?? 0) > hangs) return undefined
    return colours(bladeTraits[t + Trait.hue] ?? 0, bladeTraits[t + Trait.tone] ?? 128)
  })
}

function organStrokes({ organs, organTraits }: PlantDrawing, look: Look): Stroke[] {
  const colours = [look.flower.colour, look.fruit.colour, look.flower.eye].map(rampOf)
  const shares = [look.flower.share, look.fruit.share].map((share) =>
    share >= LEAST_SHOW ? share * 255 : -1,
  )
  const found: Stroke[] = []
  for (let i = 0; i * ORGAN_STRIDE < organs.length; i += 1) {
    const g = (k: number): number => organs[i * ORGAN_STRIDE + k] ?? 0
    const part = organTraits[i * ORGAN_TRAITS + 2] ?? OrganPart.flower
    if ((organTraits[i * ORGAN_TRAITS + 1] ?? 255) > (shares[part] ?? -1)) continue
    const half = Math.hypot(g(3), g(4)) || 1e-6
    const k = Math.max(0, half - g(6)) / half
    found.push({
      colour: colours[part]?.(organTraits[i * ORGAN_TRAITS] ?? 128) ?? look.flower.colour,
      widthMm: 2 * Math.min(g(6), half),
      x1: g(0) - g(3) * k,
      y1: (g(1) - g(4) * k) * look.height,
      x2: g(0) + g(3) * k,
      y2: (g(1) + g(4) * k) * look.height,
    })
  }
  return found
}

/** @param colourOf by the line's number, its diameter and its height, mm; undefined for what is not there */
function lineStrokes(
  numbers: Float32Array,
  look: Look,
  colourOf: (i: number, dMm: number, highMm: number) => string | undefined,
): Stroke[] {
  const found: Stroke[] = []
  for (let i = 0; i * LINE_STRIDE < numbers.length; i += 1) {
    const g = (k: number): number => numbers[i * LINE_STRIDE + k] ?? 0
    const colour = colourOf(i, g(6), g(4))
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

/** A colour's tones by a byte. */
function rampOf(base: string): (tone: number) => string {
  const ramp = toneRamp(base, TONES).map(toHex)
  return (tone) => ramp[Math.min(TONES - 1, Math.floor((tone / 256) * TONES))] ?? base
}

/** The colour of a leaf by its place in the order of turning and its tone, both of 255. */
function leafColours(look: Look): (hue: number, tone: number) => string {
  let sum = 0
  const turned = [...look.leaves].sort((a, b) => b.outer - a.outer)
  const parts = turned.map(({ tones, share }) => ({ upTo: 255 * (sum += share), ramp: rampOf(tones.base) }))
  return (hue, tone) =>
    (parts.find(({ upTo }) => hue <= upTo) ?? parts[parts.length - 1])?.ramp(tone) ?? look.tones.base
}
