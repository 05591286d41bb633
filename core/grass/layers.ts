import * as z from 'zod'
import { requireRange } from '../units'
import { shareAbove, swardTones, type Sward, type SwardTone } from './sward'

/** Where glue goes: over the whole patch, its middle generously, or on the tips of what stands. */
export const gluings = ['all over', 'mid-patch', 'tips only'] as const
export type Gluing = (typeof gluings)[number]

/** One layer of fibre as it is set. Fibres are counted on the whole patch, not only where there is glue. */
export const layerSchema = z.strictObject({
  lengthMm: z.number().min(0.5).max(30),
  tone: z.enum(swardTones),
  glue: z.enum(gluings),
  perCm2: z.number().min(0.05).max(2000),
})
export type GrassLayer = z.infer<typeof layerSchema>

/** Layers of one patch at most: no maker waits for more. */
export const MOST_LAYERS = 8
export const layersSchema = z.array(layerSchema).min(1).max(MOST_LAYERS)

/** How layers follow one another. */
export interface Layering {
  /** Fibres on a cm² in the first layer. */
  readonly firstPerCm2: number
  /** Mass of a layer, of the one before it. */
  readonly fall: number
}

/** The shortest fibre that is sold, and the one that a tall sward begins with, mm. Common practice. */
const SHORTEST_MM = 1
const BASE_MM = 2
/** A layer is so many times as long as the one before, about. From memory. */
const STRIDE = 1.75
const MOST_PROPOSED = 5

/**
 * Heights that the layers of a sward reach, the lowest first: the last is as tall as the sward stands; between them
 * each is taller than the one before by the same ratio. A mown sward is one layer, or two.
 */
export function heightsFor({ heightMm, mown }: Pick<Sward, 'heightMm' | 'mown'>): number[] {
  requireRange('sward height', heightMm, 'mm', { above: 0 })
  if (heightMm <= SHORTEST_MM * 1.3) return [Math.max(SHORTEST_MM * 0.5, heightMm)]
  const base = Math.min(BASE_MM, heightMm / (mown ? 1.3 : STRIDE))
  const layers = Math.min(
    mown ? 2 : MOST_PROPOSED,
    Math.round(Math.log(heightMm / base) / Math.log(STRIDE)) + 1,
  )
  if (layers < 2) return [heightMm]
  return Array.from({ length: layers }, (_, i) => base * (heightMm / base) ** (i / (layers - 1)))
}

/** From this layer on glue goes on the tips of what stands, and fibre stands on those. */
const ON_TIPS_FROM = 2

/**
 * Heights of the feet of layers, mm: the ground; of those that are set on tips, the tips of the layer below them, so
 * that 2 + 4 + 4 mm reads as up to 10 mm. Common practice.
 * @param up share of a fibre's length that stands, of fibres that lean
 */
export function feetOf(layers: readonly Pick<GrassLayer, 'lengthMm' | 'glue'>[], up = 1): number[] {
  let tip = 0
  return layers.map(({ lengthMm, glue }) => {
    const foot = glue === 'tips only' ? tip : 0
    tip = foot + lengthMm * up
    return foot
  })
}

/** From this share on a sward reads as dry, and its foot too; below it the short grass at the foot is green. */
const DRY = 0.95
/** With fewer heads than this none are set. */
const FEW_HEADS = 0.04

/**
 * The layers of a sward: the first all over, the second mid-patch, the rest on tips; each with less mass than
 * the one before, so that the tallest are fewest and soil stays partly seen. Dry tones go to the tallest ones
 * first, until they make up the sward's dry share of all length that stands; seed heads top it.
 */
export function proposeLayers(sward: Sward, { firstPerCm2, fall }: Layering): GrassLayer[] {
  const heights = heightsFor(sward)
  // Those on tips begin where the layer below ends.
  const lengths = heights.map((height, i) => (i < ON_TIPS_FROM ? height : height - (heights[i - 1] ?? 0)))
  const first = lengths[0] ?? sward.heightMm
  // Above the lower kinds of a mixed sward only the taller ones go on.
  const counts = lengths.map(
    (length, i) =>
      ((firstPerCm2 * first * fall ** i) / length) * (i === 0 ? 1 : shareAbove(sward, heights[i] ?? length)),
  )
  const tones = tonesFor(
    sward,
    lengths.map((length, i) => length * (counts[i] ?? 0)),
  )
  return lengths.map((lengthMm, i) => ({
    lengthMm: Math.round(lengthMm * 10) / 10,
    tone: tones[i] ?? 'base',
    glue: i === 0 ? 'all over' : i === 1 ? 'mid-patch' : 'tips only',
    perCm2: rounded(counts[i] ?? 0),
  }))
}

const rounded = (count: number): number => Number(count.toPrecision(2))

/** Tones from the longest layer down. @param standing length of fibre in each layer, the shortest first */
function tonesFor({ straw, heads, mown }: Sward, standing: readonly number[]): SwardTone[] {
  const all = standing.reduce((sum, one) => sum + one, 0)
  const tones: SwardTone[] = []
  let dry = 0
  for (let i = standing.length - 1; i >= 0; i -= 1) {
    const own = standing[i] ?? 0
    const top = i === standing.length - 1
    if (top && heads > FEW_HEADS && !mown && standing.length > 2) tones.unshift('head')
    else if (straw >= DRY || dry + own * (i === 0 ? 1 : 0.5) <= straw * all) {
      tones.unshift('straw')
      dry += own
    } else tones.unshift(i === 0 && standing.length > 1 ? 'shade' : i % 2 === 0 ? 'light' : 'base')
  }
  return tones
}

/** A layer in another place: what was there moves by one. @param by −1 earlier, 1 later */
export function movedLayer(layers: readonly GrassLayer[], at: number, by: -1 | 1): GrassLayer[] {
  const to = at + by
  const moved = layers[at]
  if (!moved || to < 0 || to >= layers.length) return [...layers]
  const rest = layers.filter((_, i) => i !== at)
  return [...rest.slice(0, to), moved, ...rest.slice(to)]
}

/** One layer more on top, on the tips of the last: as long, and half as heavy. */
export function withOneMore(layers: readonly GrassLayer[]): GrassLayer[] {
  const last = layers.at(-1)
  if (!last) return []
  const perCm2 = Math.max(0.05, rounded(last.perCm2 / 2))
  return [
    ...layers,
    { lengthMm: last.lengthMm, tone: last.tone === 'straw' ? 'straw' : 'light', glue: 'tips only', perCm2 },
  ]
}

/**
 * What an expert would say of some layers, in words; nothing where they are in order. Common practice:
 * coverage falls with each longer layer, glue after the second goes on tips alone.
 */
export function layerFaults(layers: readonly GrassLayer[]): string[] {
  const faults: string[] = []
  layers.forEach((layer, i) => {
    const before = layers[i - 1]
    if (!before) {
      if (layer.glue !== 'all over')
        faults.push('The first layer has nothing to hold to but glue on the ground: all over.')
      return
    }
    if (layer.glue !== 'tips only' && layer.lengthMm < before.lengthMm)
      faults.push(`Layer ${i + 1} is shorter than the one below: it sinks between it and is not seen.`)
    if (layer.perCm2 >= before.perCm2)
      faults.push(`Layer ${i + 1} is as close as the one below: a carpet. The tallest must be the fewest.`)
    if (i >= 2 && layer.glue !== 'tips only')
      faults.push(
        `Layer ${i + 1} with glue between the stems: blobs and shine. From the third on, tips only.`,
      )
  })
  return faults
}
