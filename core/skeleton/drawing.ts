import { crownProfile } from '../plants'
import { seededRandom } from '../units'
import { growConifer } from './conifer'
import { growCrown } from './grow'
import type { Habitus, Node, Skeleton } from './types'

/** A stem, branch or blade seen from the side, as a line with a width at either end. Model mm, y up from the ground. */
export interface Stroke {
  readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number
  /** Control point, for a blade that bends. */
  readonly cx?: number; readonly cy?: number
  readonly widthMm: number
  readonly kind: 'bark' | 'blade'
  /** −1 shade, 0 base, 1 light. */
  readonly tone: -1 | 0 | 1
  /** Drawn when the share of foliage on the day is above this; 0 for wood. */
  readonly from: number
}

/** A cluster of leaves seen from the side. */
export interface LeafDot {
  readonly x: number; readonly y: number; readonly r: number
  readonly tone: -1 | 0 | 1
  readonly from: number
  /** Behind the wood, or in front of it. */
  readonly behind: boolean
}

/** A plant drawn from the side at its true model size; the season decides later how much of the foliage is shown. */
export interface PlantDrawing {
  readonly heightMm: number
  readonly widthMm: number
  readonly strokes: readonly Stroke[]
  readonly dots: readonly LeafDot[]
}

/** Draws a plant: skeleton first, then leaf clusters on its tips in three tones, with the light from above. @param seed the same seed gives the same drawing */
export function drawPlant(plant: Habitus, seed: number, seeThrough: number): PlantDrawing {
  if (plant.crownForm === 'blades') return drawBlades(plant, seed)
  const whorled = plant.habit === 'conifer' && (plant.crownForm === 'conical')
  const skeleton = whorled ? growConifer(plant, seed) : growCrown(plant, seed)
  return { heightMm: plant.heightMm, widthMm: plant.crownWidthMm, strokes: wood(skeleton, plant), dots: leaves(skeleton, plant, seed, seeThrough, whorled) }
}

function wood({ nodes }: Skeleton, plant: Habitus): Stroke[] {
  return nodes.flatMap((node) => {
    const from = nodes[node.parent]
    if (!from) return []
    const flare = plant.stems === 1 && from.y < plant.heightMm * 0.04 ? 1.35 : 1
    return [{ x1: from.x, y1: from.y, x2: node.x, y2: node.y, widthMm: Math.max(0.12, ((node.dMm + from.dMm) / 2) * flare), kind: 'bark' as const, tone: 0 as const, from: 0 }]
  })
}

function leaves({ nodes, tips }: Skeleton, plant: Habitus, seed: number, seeThrough: number, whorled: boolean): LeafDot[] {
  const random = seededRandom(seed ^ 0x5bd1e995)
  const depth = plant.heightMm - plant.clearStemMm
  const size = Math.min(depth, plant.crownWidthMm) / (whorled ? 34 : 30)
  const each = whorled ? 9 : Math.max(8, Math.round(30 * Math.min(1, -Math.log(seeThrough) / 1.7)))
  const dots: (LeafDot & { z: number })[] = []
  for (const [node, count] of leafy(nodes, tips, each, whorled)) {
    for (let i = 0; i < count; i += 1) {
      const top = whorled ? Math.min(1, 0.35 + 3 * (1 - (node.y - plant.clearStemMm) / depth)) : 1
      const scatter = size * top * (whorled ? 1.5 : 2.5)
      const x = node.x + (random() - 0.5) * 2 * scatter
      const y = node.y + (random() - 0.5) * 2 * scatter * (whorled ? 0.85 : 0.75)
      const z = node.z + (random() - 0.5) * 2 * scatter
      const t = Math.min(1, Math.max(0, (y - plant.clearStemMm) / depth))
      const half = Math.max(size, crownProfile(plant.crownForm, t) * (plant.crownWidthMm / 2))
      const light = 0.62 * (t - 0.5) + 0.42 * (z / half) - 0.16 * (x / half) + 0.3 * ((y - node.y) / scatter) + (random() - 0.5) * 0.5
      const r = size * (whorled ? 0.28 + 0.36 * random() : 0.22 + 0.3 * random())
      if (y < r * 0.5 || y + r * 0.4 > plant.heightMm) continue
      dots.push({ x, y, z, r, tone: light > 0.34 ? 1 : light < -0.16 ? -1 : 0, from: random(), behind: z < -half * 0.15 })
    }
  }
  return dots.sort((a, b) => a.z - b.z).map(({ x, y, r, tone, from, behind }) => ({ x, y, r, tone, from, behind }))
}

/** Where leaves sit, and how many clusters: on every tip, and fewer on the thin shoots behind it. */
function leafy(nodes: Skeleton['nodes'], tips: readonly number[], each: number, whorled: boolean): [Node, number][] {
  const places = tips.flatMap((tip): [Node, number][] => { const node = nodes[tip]; return node ? [[node, each]] : [] })
  if (whorled) return places
  const thin = 2.3 * Math.min(...tips.map((tip) => nodes[tip]?.dMm ?? Infinity))
  const isTip = new Set(tips)
  nodes.forEach((node, i) => { if (!isTip.has(i) && node.dMm <= thin) places.push([node, Math.ceil(each / 5)]) })
  return places
}

/** Blades, reeds and fronds: curves that leave the foot together and bend out. */
function drawBlades(plant: Habitus, seed: number): PlantDrawing {
  const random = seededRandom(seed)
  const strokes: Stroke[] = []
  const dots: LeafDot[] = []
  const frond = plant.habit === 'fern'
  const count = plant.stems * 3
  for (let i = 0; i < count; i += 1) {
    const side = (random() - 0.5) * 2
    const height = plant.heightMm * (0.55 + 0.45 * random()) * (1 - 0.3 * Math.abs(side) ** 2)
    const out = side * (plant.crownWidthMm / 2)
    const x1 = side * plant.crownWidthMm * 0.1
    const tone = ([-1, 0, 0, 1] as const)[Math.floor(random() * 4)] ?? 0
    const cx = x1 + out * 0.25
    const cy = height * (frond ? 1.05 : 0.8)
    strokes.push({ x1, y1: 0, cx, cy, x2: out, y2: height * (frond ? 0.88 : 1), widthMm: Math.max(0.1, plant.heightMm * (frond ? 0.02 : 0.024)), kind: 'blade', tone, from: random() * 0.7 })
    if (!frond) continue
    for (let k = 3; k <= 10; k += 1) {
      const t = k / 10
      const x = (1 - t) ** 2 * x1 + 2 * t * (1 - t) * cx + t * t * out
      const y = 2 * t * (1 - t) * cy + t * t * height * 0.88
      for (const wing of [-1, 1]) dots.push({ x: x + wing * plant.heightMm * 0.035 * (1.2 - t), y, r: plant.heightMm * 0.05 * (1.25 - t), tone, from: random(), behind: false })
    }
  }
  return { heightMm: plant.heightMm, widthMm: plant.crownWidthMm, strokes, dots }
}
