import {
  FLOWER_SIZE,
  FRUIT_SIZE,
  LEAST_BLADES,
  LINE_STRIDE,
  MARK_STRIDE,
  Shape,
  Trait,
  TRAIT_STRIDE,
  type PlantDrawing,
} from '../../core/drawing'
import type { View } from '../../core/growth'
import type { Palette } from './palette'
import { blit, recorded, type Lines } from './raster/kept-lines'
import { line, onto, type Raster, type Sink } from './raster/pixels'
import { sceneOf, type Scene } from './raster/scene'
import { stampMark } from './raster/stamps'

export type { Raster } from './raster/pixels'

/** Where a plant stands in a raster. */
export interface At {
  readonly x: number
  readonly groundY: number
  readonly pxPerMm: number
  readonly view?: View
}

/** Taller than this on the raster, px, lines are drawn straight into it: to keep them ready would take too much. */
const TALLEST_KEPT = 1800

/**
 * Paints one plant: from the back to the front, wood between the leaves.
 * @param bare without leaves, flowers and fruit
 */
export function paintPlant(
  raster: Raster,
  drawing: PlantDrawing,
  palette: Palette,
  at: At,
  bare = false,
): void {
  const scene = sceneOf(drawing, at.view ?? 'front')
  const { woodOrder, markOrder, woodNear, markNear } = scene
  // From above nothing is lower.
  const upPxPerMm = at.pxPerMm * (at.view === 'top' ? 1 : palette.height)
  const foot: Foot = { x: Math.round(at.x), groundY: Math.round(at.groundY), pxPerMm: at.pxPerMm, upPxPerMm }
  const kept =
    Math.max(drawing.heightMm, drawing.widthMm) * at.pxPerMm <= TALLEST_KEPT
      ? keptLines(scene, drawing, palette, foot)
      : undefined
  const leaf = bare ? -1 : palette.leaf * 255
  const stride = strideFor(drawing, at.pxPerMm)
  const swell = Math.sqrt(stride)
  let next = 0
  for (let k = 0; k < woodOrder.length; k += 1) {
    const i = woodOrder[k] ?? 0
    const near = woodNear[i] ?? 0
    while (!bare && next < markOrder.length && (markNear[markOrder[next] ?? 0] ?? 0) <= near) {
      paintMark(raster, scene, drawing, palette, foot, markOrder[next] ?? 0, leaf, swell)
      next += stride
    }
    if (kept) blit(raster, kept.wood, i, foot, undefined)
    else lineOfWood(scene, i, drawing, palette, foot, onto(raster))
  }
  for (; !bare && next < markOrder.length; next += stride)
    paintMark(raster, scene, drawing, palette, foot, markOrder[next] ?? 0, leaf, swell)
  paintBlades(raster, scene, drawing, palette, foot, bare, kept)
}

/** Pixels of a crown's area that are worth a cluster of their own. */
const PX_PER_MARK = 3.2
const MOST_STRIDE = 12

/**
 * A crown that is small in the picture is painted with every second, third… cluster, each so much larger: it
 * looks the same and takes less.
 */
function strideFor({ marks, heightMm, widthMm, habit }: PlantDrawing, pxPerMm: number): number {
  if (habit === 'grass' || habit === 'herb' || habit === 'palm') return 1
  const areaPx = heightMm * widthMm * 0.7 * pxPerMm * pxPerMm
  return Math.max(
    1,
    Math.min(MOST_STRIDE, Math.floor(marks.length / MARK_STRIDE / Math.max(30, areaPx / PX_PER_MARK))),
  )
}

/** Where a plant stands, on whole pixels; what has died back or is mown is lower than it is wide. */
interface Foot {
  readonly x: number
  readonly groundY: number
  readonly pxPerMm: number
  readonly upPxPerMm: number
}

interface Kept {
  readonly wood: Lines
  readonly blades: Lines
}
/**
 * At rest and on the move: two scales are kept. What is wanted for the first time is not: it may be another
 * the next day.
 */
const keptScenes = new WeakMap<Scene, { key: string; lines: Kept }[]>()
const wantedLast = new WeakMap<Scene, string>()

function keptLines(
  scene: Scene,
  drawing: PlantDrawing,
  palette: Palette,
  { pxPerMm, upPxPerMm }: Foot,
): Kept | undefined {
  const key = `${pxPerMm} ${upPxPerMm} ${palette.barkKey}`
  const before = keptScenes.get(scene) ?? []
  const known = before.find((kept) => kept.key === key)
  if (known) return known.lines
  const again = wantedLast.get(scene) === key
  wantedLast.set(scene, key)
  if (!again) return undefined
  const foot = { x: 0, groundY: 0, pxPerMm, upPxPerMm }
  const lines = {
    wood: recorded(scene.woodOrder.length, (i, sink) => lineOfWood(scene, i, drawing, palette, foot, sink)),
    blades: recorded(scene.bladeOrder.length, (i, sink) => lineOfBlade(scene, i, foot, 0, sink)),
  }
  keptScenes.set(scene, [{ key, lines }, ...before].slice(0, 2))
  return lines
}

/** Colour of a leaf by its place in the mixture, in one of five tones. */
function leafColour(palette: Palette, hue: number, tone: number): number {
  const { cuts, leaves } = palette
  let at = 0
  while (at < cuts.length - 1 && hue > (cuts[at] ?? 255)) at += 1
  return leaves[at]?.[tone] ?? 0
}

function paintMark(
  raster: Raster,
  { marks }: Scene,
  drawing: PlantDrawing,
  palette: Palette,
  { x, groundY, pxPerMm, upPxPerMm }: Foot,
  i: number,
  leaf: number,
  swell: number,
): void {
  const t = i * TRAIT_STRIDE
  const traits = drawing.markTraits
  const tone = traits[t + Trait.tone] ?? 2
  const bloom = traits[t + Trait.bloom] ?? 255
  const flowerOnly = traits[t + Trait.shape] === Shape.flowerOnly
  const o = i * MARK_STRIDE
  let r = (marks[o + 3] ?? 0) * pxPerMm * swell
  let colour: number
  if (bloom < palette.flowerUpTo) {
    colour = palette.flower[tone] ?? 0
    r *= flowerOnly ? 1 : FLOWER_SIZE
  } else if (bloom > palette.fruitFrom) {
    colour = palette.fruit[tone] ?? 0
    r *= flowerOnly ? 1 : FRUIT_SIZE
  } else if (flowerOnly || (traits[t + Trait.from] ?? 0) > leaf) return
  else colour = leafColour(palette, traits[t + Trait.hue] ?? 0, tone)
  const cx = x + (marks[o] ?? 0) * pxPerMm
  const cy = groundY - (marks[o + 1] ?? 0) * upPxPerMm
  stampMark(raster, cx, cy, r, colour, i, traits[t + Trait.shape] === Shape.spray)
}

function paintBlades(
  raster: Raster,
  scene: Scene,
  drawing: PlantDrawing,
  palette: Palette,
  at: Foot,
  bare: boolean,
  kept: Kept | undefined,
): void {
  const leaf = Math.max(bare ? 0 : palette.leaf, LEAST_BLADES) * 255
  const { bladeTraits } = drawing
  for (const i of scene.bladeOrder) {
    const t = i * TRAIT_STRIDE
    if ((bladeTraits[t + Trait.from] ?? 0) > leaf) continue
    const colour = leafColour(palette, bladeTraits[t + Trait.hue] ?? 0, bladeTraits[t + Trait.tone] ?? 2)
    if (kept) blit(raster, kept.blades, i, at, colour)
    else lineOfBlade(scene, i, at, colour, onto(raster))
  }
}

function lineOfBlade(
  { blades }: Scene,
  i: number,
  { x, groundY, pxPerMm, upPxPerMm }: Foot,
  colour: number,
  sink: Sink,
): void {
  const g = (k: number): number => blades[i * LINE_STRIDE + k] ?? 0
  line(
    x + g(0) * pxPerMm,
    groundY - g(1) * upPxPerMm,
    x + g(3) * pxPerMm,
    groundY - g(4) * upPxPerMm,
    Math.max(1, g(6) * pxPerMm),
    Math.max(0.7, g(7) * pxPerMm),
    () => colour,
    sink,
  )
}

function lineOfWood(
  { wood }: Scene,
  i: number,
  drawing: PlantDrawing,
  palette: Palette,
  { x, groundY, pxPerMm, upPxPerMm }: Foot,
  sink: Sink,
): void {
  const g = (k: number): number => wood[i * LINE_STRIDE + k] ?? 0
  const [w1, w2] = [g(6) * pxPerMm, g(7) * pxPerMm]
  const [y1, y2] = [g(1), g(4)]
  const shade = palette.bark(drawing.bark, g(6) / Math.max(1e-6, drawing.heightMm), w1)
  line(
    x + g(0) * pxPerMm,
    groundY - y1 * upPxPerMm,
    x + g(3) * pxPerMm,
    groundY - y2 * upPxPerMm,
    w1,
    w2,
    (across, along) => {
      const y = y1 + (y2 - y1) * along
      return shade(y / drawing.heightMm, across, Math.round(y * upPxPerMm))
    },
    sink,
  )
}
