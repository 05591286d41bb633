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
import { seenFrom, type View } from '../../core/growth'
import type { Palette } from './palette'

/**
 * Paints plants into a buffer of pixels. A crown has thousands of leaf clusters and is painted anew for each
 * day that the season band passes over; writing the pixels directly is many times quicker than asking a
 * canvas for each shape.
 */
export interface Raster {
  readonly width: number
  readonly height: number
  readonly pixels: Uint32Array
}

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

/**
 * Where the pixels of lines go: place, colour, and how strongly they cover, 0–1; those beyond its width and
 * height are not asked for.
 */
interface Sink {
  readonly emit: (x: number, y: number, colour: number, strength: number) => void
  readonly bounds?: { readonly width: number; readonly height: number }
}

/** Writes pixels straight into a raster. */
function onto(raster: Raster): Sink {
  const { width, height, pixels } = raster
  return {
    bounds: raster,
    emit: (x, y, colour, strength) => {
      if (x < 0 || y < 0 || x >= width || y >= height) return
      const at = y * width + x
      pixels[at] = over(colour, pixels[at] ?? 0, strength)
    },
  }
}

/**
 * The pixels of many lines about the plant's foot, line after line: the season changes their colours at most,
 * never their places.
 */
interface Lines {
  readonly start: Uint32Array
  readonly dx: Int16Array
  readonly dy: Int16Array
  readonly colour: Uint32Array
  readonly strength: Float32Array
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

function recorded(count: number, draw: (i: number, sink: Sink) => void): Lines {
  const [dx, dy, colours, strengths]: [number[], number[], number[], number[]] = [[], [], [], []]
  const start = new Uint32Array(count + 1)
  for (let i = 0; i < count; i += 1) {
    draw(i, {
      emit: (x, y, colour, strength) => {
        dx.push(x)
        dy.push(y)
        colours.push(colour)
        strengths.push(strength)
      },
    })
    start[i + 1] = dx.length
  }
  return {
    start,
    dx: Int16Array.from(dx),
    dy: Int16Array.from(dy),
    colour: Uint32Array.from(colours),
    strength: Float32Array.from(strengths),
  }
}

/** Lays a kept line into a raster, in its own colour or another. */
function blit(
  { width, height, pixels }: Raster,
  { start, dx, dy, colour, strength }: Lines,
  i: number,
  { x, groundY }: Foot,
  other: number | undefined,
): void {
  const end = start[i + 1] ?? 0
  for (let k = start[i] ?? 0; k < end; k += 1) {
    const px = x + (dx[k] ?? 0)
    const py = groundY + (dy[k] ?? 0)
    if (px < 0 || py < 0 || px >= width || py >= height) continue
    const at = py * width + px
    const own = other ?? colour[k] ?? 0
    const covers = strength[k] ?? 1
    pixels[at] = covers >= 1 ? own : over(own, pixels[at] ?? 0, covers)
  }
}

/** A drawing as seen from a side, sorted from far to near; kept, because the same plant is painted again and again. */
interface Scene {
  readonly wood: Float32Array
  readonly woodNear: Float32Array
  readonly woodOrder: Uint32Array
  readonly marks: Float32Array
  readonly markNear: Float32Array
  readonly markOrder: Uint32Array
  readonly blades: Float32Array
  readonly bladeOrder: Uint32Array
}
const scenes = new WeakMap<PlantDrawing, Partial<Record<View, Scene>>>()

function sceneOf(drawing: PlantDrawing, view: View): Scene {
  const known = scenes.get(drawing) ?? {}
  const found = known[view]
  if (found) return found
  const turn = (
    numbers: Float32Array,
    stride: number,
    points: number,
  ): [Float32Array, Float32Array, Uint32Array] => {
    const turned = Float32Array.from(numbers)
    const count = numbers.length / stride
    const near = new Float32Array(count)
    for (let i = 0; i < count; i += 1) {
      for (let p = 0; p < points; p += 1) {
        const o = i * stride + p * 3
        const [across, up, towards] = seenFrom(view, {
          x: numbers[o] ?? 0,
          y: numbers[o + 1] ?? 0,
          z: numbers[o + 2] ?? 0,
        })
        turned[o] = across
        turned[o + 1] = up
        near[i] = (near[i] ?? 0) + towards / points
      }
    }
    return [turned, near, Uint32Array.from(near.keys()).sort((a, b) => (near[a] ?? 0) - (near[b] ?? 0))]
  }
  const [wood, woodNear, woodOrder] = turn(drawing.wood, LINE_STRIDE, 2)
  const [marks, markNear, markOrder] = turn(drawing.marks, MARK_STRIDE, 1)
  const [blades, , bladeOrder] = turn(drawing.blades, LINE_STRIDE, 2)
  const scene = { wood, woodNear, woodOrder, marks, markNear, markOrder, blades, bladeOrder }
  scenes.set(drawing, { ...known, [view]: scene })
  return scene
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

/** Largest ragged cluster that is kept ready, px; beyond it clusters are scaled from it. */
const LARGEST_STAMP = 26
const VARIANTS = 6
const stamps = new Map<number, Int16Array>()

/**
 * Rows of a ragged cluster: dy, from, to, and so on. A disc up to 2 px; beyond that a handful of leaves that
 * together have its area, or a spray of needles that fan out and down a little.
 */
function stampOf(r: number, variant: number, spray: boolean): Int16Array {
  const key = (r * VARIANTS + variant) * 2 + (spray ? 1 : 0)
  const known = stamps.get(key)
  if (known) return known
  const inside = new Uint8Array((4 * r + 5) ** 2)
  const side = 4 * r + 5
  const middle = 2 * r + 2
  const disc = (cx: number, cy: number, rx: number, ry: number, turn: number): void => {
    const [c, s] = [Math.cos(turn), Math.sin(turn)]
    for (let y = 0; y < side; y += 1)
      for (let x = 0; x < side; x += 1) {
        const [dx, dy] = [x - middle - cx, y - middle - cy]
        const [u, v] = [(dx * c + dy * s) / rx, (dy * c - dx * s) / ry]
        if (u * u + v * v <= 1) inside[y * side + x] = 1
      }
  }
  if (r <= 2 && !spray) disc(0, 0, r + 0.3, r + 0.3, 0)
  else if (spray) {
    const needles = 7
    for (let k = 0; k < needles; k += 1) {
      const angle = ((k + 0.3 * variant) / needles) * 2 * Math.PI
      const [ex, ey] = [Math.cos(angle) * r * 1.5, Math.sin(angle) * r * 0.75 + r * 0.2]
      disc(ex / 2, ey / 2, Math.hypot(ex, ey) / 2 + 0.3, Math.max(0.55, r * 0.13), Math.atan2(ey, ex))
    }
  } else {
    const leaves = 9
    for (let k = 0; k < leaves; k += 1) {
      const angle = k * 2.4 + variant * 1.7
      const out = r * 0.95 * Math.sqrt((k + 0.5) / leaves)
      disc(Math.cos(angle) * out, Math.sin(angle) * out, r * 0.46, r * 0.28, angle + 0.6 * variant + 0.5 * k)
    }
  }
  const rows: number[] = []
  for (let y = 0; y < side; y += 1)
    for (let x = 0; x < side; x += 1) {
      if (!inside[y * side + x] || inside[y * side + x - 1]) continue
      let end = x
      while (inside[y * side + end + 1]) end += 1
      rows.push(y - middle, x - middle, end - middle)
    }
  const stamp = Int16Array.from(rows)
  stamps.set(key, stamp)
  return stamp
}

function stampMark(
  { width, height, pixels }: Raster,
  cx: number,
  cy: number,
  radius: number,
  colour: number,
  i: number,
  spray: boolean,
): void {
  const px = Math.round(cx)
  const py = Math.round(cy)
  if (px < -120 || px > width + 120 || py < -120 || py > height + 120) return
  if (radius < 0.8) {
    if (px >= 0 && px < width && py >= 0 && py < height) pixels[py * width + px] = colour
    return
  }
  const r = Math.min(LARGEST_STAMP, Math.round(radius))
  const grow = radius > LARGEST_STAMP ? Math.ceil(radius / LARGEST_STAMP) : 1
  const stamp = stampOf(r, i % VARIANTS, spray)
  for (let k = 0; k < stamp.length; k += 3) {
    const from = Math.max(0, px + (stamp[k + 1] ?? 0) * grow)
    const to = Math.min(width - 1, px + ((stamp[k + 2] ?? 0) + 1) * grow - 1)
    for (let g = 0; g < grow; g += 1) {
      const y = py + (stamp[k] ?? 0) * grow + g
      if (y < 0 || y >= height || from > to) continue
      for (let at = y * width + from, end = y * width + to; at <= end; at += 1) pixels[at] = colour
    }
  }
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

/** Lines that reach further than this beyond a picture are not worth following, px. */
const FURTHEST = 20_000

/**
 * A tapering line with round ends; the colour may change across (−1 to 1) and along (0 to 1) it. Thin lines
 * keep their weight by covering less.
 */
function line(
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  w1: number,
  w2: number,
  colour: (across: number, along: number) => number,
  { emit, bounds }: Sink,
): void {
  const [dx, dy] = [x2 - x1, y2 - y1]
  const length = Math.hypot(dx, dy)
  const most = Math.max(w1, w2) / 2
  if (Math.abs(x1) > FURTHEST || Math.abs(y1) > FURTHEST || length > FURTHEST) return
  if (
    bounds &&
    (Math.max(x1, x2) + most < 0 ||
      Math.min(x1, x2) - most > bounds.width ||
      Math.max(y1, y2) + most < 0 ||
      Math.min(y1, y2) - most > bounds.height)
  )
    return
  if (most < 0.8) {
    const steps = Math.max(1, Math.ceil(Math.max(Math.abs(dx), Math.abs(dy))))
    const strength = Math.min(1, Math.max(0.28, most * 1.5))
    for (let k = 0; k <= steps; k += 1)
      emit(
        Math.round(x1 + (dx * k) / steps),
        Math.round(y1 + (dy * k) / steps),
        colour(0, k / steps),
        strength,
      )
    return
  }
  const [ux, uy] = length > 0 ? [dx / length, dy / length] : [0, -1]
  const bottom = Math.min(bounds ? bounds.height - 1 : Infinity, Math.ceil(Math.max(y1, y2) + most))
  for (
    let py = Math.max(bounds ? 0 : -Infinity, Math.floor(Math.min(y1, y2) - most));
    py <= bottom;
    py += 1
  ) {
    const [left, right] = spanOf(py, x1, y1, dx, dy, most)
    const end = bounds ? Math.min(bounds.width - 1, right) : right
    for (let px = bounds ? Math.max(0, left) : left; px <= end; px += 1) {
      const [rx, ry] = [px - x1, py - y1]
      const along = length > 0 ? Math.min(1, Math.max(0, (rx * ux + ry * uy) / length)) : 0
      const half = (w1 + (w2 - w1) * along) / 2
      const [ex, ey] = [rx - dx * along, ry - dy * along]
      if (ex * ex + ey * ey <= half * half) emit(px, py, colour((ex * -uy + ey * ux) / half, along), 1)
    }
  }
}

/** A colour laid over a pixel with a strength, 0–1: how thin lines keep their weight. */
function over(colour: number, under: number, strength: number): number {
  if (strength >= 1) return colour
  const covered = under >>> 24
  if (covered === 0) return ((Math.round(strength * 255) << 24) | (colour & 0xffffff)) >>> 0
  const mixed = (shift: number): number =>
    Math.round(((colour >> shift) & 255) * strength + ((under >> shift) & 255) * (1 - strength)) << shift
  return (
    ((Math.round(255 * strength + covered * (1 - strength)) << 24) | mixed(16) | mixed(8) | mixed(0)) >>> 0
  )
}

/** The columns that a thick line can reach in a row of pixels. */
function spanOf(
  py: number,
  x1: number,
  y1: number,
  dx: number,
  dy: number,
  most: number,
): readonly [number, number] {
  const slack = most * 1.5 + 1
  let [low, high] = [Math.min(x1, x1 + dx), Math.max(x1, x1 + dx)]
  if (Math.abs(dy) > Math.abs(dx) * 0.2 && Math.abs(dy) > 1) {
    const a = x1 + (dx * (py - slack - y1)) / dy
    const b = x1 + (dx * (py + slack - y1)) / dy
    low = Math.max(low, Math.min(a, b))
    high = Math.min(high, Math.max(a, b))
  }
  return [Math.floor(low - slack), Math.ceil(high + slack)]
}
