import { lookOn, speciesById, type Look } from '../../../core/plants'
import { isPlated, paintPlant, paletteOf, type Raster } from '../../../core/painting'
import { plateOf } from '../../../core/painting/plate'
import { Layers, SAMPLES } from '../../../core/painting/layers'
import { hair, outlined, oval, taper } from '../../../core/painting/shapes'
import { drawSitter, painted, sitterFor } from '../../support/drawings'

const px = (raster: Raster, x: number, y: number): readonly [r: number, g: number, b: number, a: number] => {
  const pixel = raster.pixels[y * raster.width + x] ?? 0
  return [pixel & 255, (pixel >> 8) & 255, (pixel >> 16) & 255, pixel >>> 24]
}
const look = (id: string, date: string): Look => lookOn(speciesById(id), date)
const paint = (id: string, date: string, bare = false) =>
  painted(sitterFor(speciesById(id)), look(id, date), { heightPx: 230, bare })
const covered = ({ pixels }: Raster): number => pixels.reduce((sum, pixel) => sum + (pixel >>> 24) / 255, 0)
const shareOf = ({ pixels }: Raster, is: (r: number, g: number, b: number) => boolean): number => {
  const full = [...pixels].filter((pixel) => pixel >>> 24 > 200)
  return full.filter((pixel) => is(pixel & 255, (pixel >> 8) & 255, (pixel >> 16) & 255)).length / full.length
}

describe('a plate’s samples', () => {
  const sampled = (draw: (layers: Layers) => void): number => {
    const layers = new Layers(60, 60)
    draw(layers)
    return layers.packed().fragments.length / SAMPLES
  }
  test('shapes have the area that geometry gives them, px²', () => {
    // Ellipse with half-axes 20 and 8, turned by 30°: π·20·8.
    const [ax, ay] = [20 * Math.cos(Math.PI / 6), 20 * Math.sin(Math.PI / 6)]
    expect(sampled((layers) => oval(layers, 30, 30, ax, ay, 8, 1))).toBeCloseTo(Math.PI * 160, -1)
    // A tapering line: trapezium 40 × (10 + 4) / 2 and two half discs.
    const line = (40 * 14) / 2 + (Math.PI / 2) * (25 + 4)
    expect(Math.abs(sampled((layers) => taper(layers, 10, 12, 50, 12, 10, 4, 1, true)) - line)).toBeLessThan(
      12,
    )
    // A triangle.
    expect(sampled((layers) => outlined(layers, [10, 10, 50, 10, 10, 40], 1))).toBeCloseTo(600, -1)
  })

  test('a hair too thin for a pixel keeps its weight on average', () => {
    const hair = sampled((layers) => taper(layers, 4.3, 5.1, 55.2, 50.7, 0.5, 0.5, 1, true))
    expect(hair / (Math.hypot(50.9, 45.6) * 0.5)).toBeGreaterThan(0.8)
    expect(hair / (Math.hypot(50.9, 45.6) * 0.5)).toBeLessThan(1.25)
  })

  test('the nearest comes first, wood lets nothing behind it be seen, and what lies outside is left out', () => {
    const layers = new Layers(4, 1)
    layers.span(0, 0, 2, 11, false)
    layers.span(0, 0, 4, 22, true)
    layers.span(0, -9, 99, 33, false)
    const { start, fragments } = layers.packed()
    const first = [...fragments.slice(start[0], start[1])]
    expect(first).toEqual([11, 22])
    expect([...fragments]).not.toContain(33)
  })

  test('wood behind more leaves than a sample keeps is seen when they have fallen', () => {
    const layers = new Layers(3, 1)
    for (let leaf = 1; leaf <= 40; leaf += 1) layers.span(1, 0, 3, leaf, false)
    layers.span(1, 0, 3, 99, true)
    layers.span(1, 0, 3, 41, false)
    const { start, fragments } = layers.packed()
    const behind = [...fragments.slice(start[1], start[2])]
    expect(behind[0]).toBe(1)
    expect(behind.at(-1)).toBe(99)
    expect(behind.length).toBeLessThan(40)
    // A twig that leaves will hide lasts as well, though it does not close.
    const twigs = new Layers(60, 12)
    for (let leaf = 1; leaf <= 40; leaf += 1)
      for (let row = 0; row < 48; row += 1) twigs.span(row, 0, 60, 7, false)
    hair(twigs, 2, 6, 58, 6, 1, 99, false, 1, 0)
    expect([...twigs.packed().fragments].filter((fragment) => fragment === 99).length).toBeGreaterThan(150)
  })

  test('a hair that lets most of its samples through weighs a share of a whole one, wherever it lies', () => {
    for (const [x2, y2] of [
      [55, 10],
      [10, 55],
      [50, 45],
    ] as const) {
      const whole = sampled((layers) => hair(layers, 8, 9, x2, y2, 0.55, 1, true, 1, 0))
      const third = sampled((layers) => hair(layers, 8, 9, x2, y2, 0.55, 1, true, 1 / 3, 0.2))
      expect(third / whole).toBeGreaterThan(0.25)
      expect(third / whole).toBeLessThan(0.42)
    }
  })
})

describe('painting a plant', () => {
  test('it stands on its ground line at its true size', () => {
    for (const id of ['beech', 'norway-spruce', 'hazel', 'common-reed']) {
      const raster = paint(id, '2026-07-15')
      const { habitus } = sitterFor(speciesById(id))
      let [top, bottom] = [raster.height, 0]
      raster.pixels.forEach((pixel, i) => {
        if (pixel >>> 24 < 100) return
        top = Math.min(top, Math.floor(i / raster.width))
        bottom = Math.max(bottom, Math.floor(i / raster.width))
      })
      const tall = habitus.heightMm * raster.pxPerMm * paletteOf(look(id, '2026-07-15')).height
      expect(Math.abs(raster.groundY - top - tall)).toBeLessThan(0.06 * tall + 2)
      expect(Math.abs(bottom - raster.groundY)).toBeLessThan(4)
    }
  })

  test('summer covers more than winter, bare as much as the wood; an evergreen hardly changes', () => {
    const [winter, summer] = ['2026-01-15', '2026-07-15'].map((date) => covered(paint('beech', date))) as [
      number,
      number,
    ]
    expect(summer).toBeGreaterThan(winter * 1.5)
    expect(covered(paint('beech', '2026-07-15', true))).toBeLessThan(winter * 1.05)
    const spruce = ['2026-01-15', '2026-07-15'].map((date) => covered(paint('norway-spruce', date)))
    expect(spruce[1]! / spruce[0]!).toBeCloseTo(1, 1)
  })

  test('a cherry in flower is white, a rowan in September has red berries on it', () => {
    expect(
      shareOf(paint('wild-cherry', '2026-04-27'), (r, g, b) => r > 190 && g > 190 && b > 180),
    ).toBeGreaterThan(0.3)
    const red = (r: number, g: number, b: number): boolean => r > 140 && g < 100 && b < 90
    expect(shareOf(paint('rowan', '2026-09-10'), red)).toBeGreaterThan(0.02)
    expect(shareOf(paint('rowan', '2026-07-10'), red)).toBe(0)
  })

  test('berries are told from turning leaves: on one day in October a hawthorn has both', () => {
    const raster = paint('hawthorn', '2026-10-08')
    const [r, g, b] = [0, 1, 2].map((shift) =>
      parseInt(look('hawthorn', '2026-10-08').fruit.colour.slice(1 + 2 * shift, 3 + 2 * shift), 16),
    ) as [number, number, number]
    const near = shareOf(raster, (pr, pg, pb) => Math.abs(pr - r) + Math.abs(pg - g) + Math.abs(pb - b) < 60)
    expect(near).toBeGreaterThan(0.01)
    expect(near).toBeLessThan(0.4)
  })

  test('edges are soft: many shades of cover, not two', () => {
    const levels = new Set([...paint('beech', '2026-07-15').pixels].map((pixel) => pixel >>> 24))
    expect(levels.size).toBeGreaterThanOrEqual(5)
  })

  test('a birch’s stem is light with dark marks, a pine’s is orange above and grey-brown below', () => {
    const stem = (id: string, from: number, to: number): [number, number, number] => {
      const raster = paint(id, '2026-01-15', true)
      const sum = [0, 0, 0, 0]
      const middle = Math.round(raster.width / 2)
      const tall = raster.groundY
      for (let y = Math.round(raster.groundY - tall * to); y < raster.groundY - tall * from; y += 1)
        for (let x = middle - 9; x < middle + 9; x += 1) {
          const [r, g, b, a] = px(raster, x, y)
          if (a === 255) [r, g, b, 1].forEach((value, k) => (sum[k]! += value))
        }
      return [sum[0]! / sum[3]!, sum[1]! / sum[3]!, sum[2]! / sum[3]!]
    }
    const [low, high] = [stem('scots-pine', 0.04, 0.12), stem('scots-pine', 0.36, 0.44)]
    expect(high[0] - high[2]).toBeGreaterThan(low[0] - low[2] + 15)
    expect(stem('silver-birch', 0.12, 0.22)[1]).toBeGreaterThan(stem('pedunculate-oak', 0.04, 0.15)[1] + 10)
  })

  test('from above a crown is round, about its own middle', () => {
    const sitter = sitterFor(speciesById('beech'))
    const raster: Raster = { width: 240, height: 240, pixels: new Uint32Array(240 * 240) }
    const pxPerMm = 200 / sitter.habitus.crownWidthMm
    paintPlant(raster, drawSitter(sitter), paletteOf(look('beech', '2026-07-15')), {
      x: 120,
      groundY: 120,
      pxPerMm,
      view: 'top',
    })
    const reach = [0, 0, 0, 0]
    raster.pixels.forEach((pixel, i) => {
      if (pixel >>> 24 < 128) return
      const [x, y] = [(i % 240) - 120, Math.floor(i / 240) - 120]
      ;[-x, x, -y, y].forEach((far, k) => (reach[k] = Math.max(reach[k]!, far)))
    })
    for (const far of reach) expect(Math.abs(far - 100)).toBeLessThan(22)
  })

  test('the plate is made once and serves every day; while something moves half of it is looked at', () => {
    const sitter = sitterFor(speciesById('beech'))
    const drawing = drawSitter(sitter)
    const at = { x: 110, groundY: 238, pxPerMm: 230 / sitter.habitus.heightMm }
    const fresh = (coarse: boolean): Raster => ({
      width: 240,
      height: 240,
      pixels: new Uint32Array(240 * 240),
      coarse,
    })
    const [july, october] = ['2026-07-15', '2026-10-20'].map((date) => paletteOf(look('beech', date)))
    expect(isPlated(fresh(false), drawing, july!, at)).toBe(false)
    const [fine, coarse] = [fresh(false), fresh(true)]
    paintPlant(fine, drawing, july!, at)
    expect(isPlated(fine, drawing, october!, at)).toBe(true)
    paintPlant(coarse, drawing, july!, at)
    expect(covered(coarse) / covered(fine)).toBeGreaterThan(0.95)
    expect(covered(coarse) / covered(fine)).toBeLessThan(1.05)
  })

  test('what stands lower on another day is stretched while it moves, and made anew at rest', () => {
    const sitter = sitterFor(speciesById('bracken'))
    const drawing = drawSitter(sitter)
    const at = { x: 110, groundY: 200, pxPerMm: 180 / sitter.habitus.heightMm }
    const fresh = (coarse: boolean): Raster => ({
      width: 220,
      height: 204,
      pixels: new Uint32Array(220 * 204),
      coarse,
    })
    const [summer, winter] = ['2026-07-30', '2026-12-20'].map((date) => paletteOf(look('bracken', date)))
    expect(winter!.height).toBeLessThan(summer!.height * 0.75)
    const top = ({ pixels }: Raster): number =>
      200 - Math.floor([...pixels].findIndex((pixel) => pixel >>> 24 > 100) / 220)
    const [tall, moving, resting] = [fresh(false), fresh(true), fresh(false)]
    paintPlant(tall, drawing, summer!, at)
    paintPlant(moving, drawing, winter!, at)
    expect(isPlated(fresh(false), drawing, winter!, at)).toBe(false)
    paintPlant(resting, drawing, winter!, at)
    expect(isPlated(resting, drawing, winter!, at)).toBe(true)
    expect(top(moving)).toBeLessThan(top(tall) * 0.82)
    expect(Math.abs(top(moving) - top(resting))).toBeLessThan(6)
  })

  test('seen from near, each copy in each picture has its own part, kept until it is looked at elsewhere', () => {
    const sitter = sitterFor(speciesById('beech'))
    const drawing = drawSitter(sitter)
    const palette = paletteOf(look('beech', '2026-07-15'))
    const picture = (): Raster => ({ width: 200, height: 200, pixels: new Uint32Array(200 * 200) })
    const [lineUp, lens] = [picture(), picture()]
    const [first, second] = [-30, 210].map((x) => ({ x, groundY: 1400, pxPerMm: 9 }))
    paintPlant(lineUp, drawing, palette, first!)
    expect(isPlated(lineUp, drawing, palette, first!)).toBe(true)
    expect(isPlated(lineUp, drawing, palette, second!)).toBe(false)
    expect(isPlated(lens, drawing, palette, first!)).toBe(false)
    paintPlant(lineUp, drawing, palette, second!)
    expect(isPlated(lineUp, drawing, palette, first!)).toBe(true)
    expect(isPlated(lineUp, drawing, palette, second!)).toBe(true)

    const moved = { ...first!, x: first!.x + 4 }
    expect(isPlated(lineUp, drawing, palette, moved)).toBe(false)
    expect(isPlated({ ...lineUp, coarse: true }, drawing, palette, moved)).toBe(true)
    const away = { ...first!, x: -90_000 }
    expect(isPlated(lineUp, drawing, palette, away)).toBe(true)
  })

  test('what lies outside the picture is left out, however near one looks; from near there is more, not larger', () => {
    const sitter = sitterFor(speciesById('beech'))
    const drawing = drawSitter(sitter)
    const palette = paletteOf(look('beech', '2026-07-15'))
    const raster: Raster = { width: 240, height: 260, pixels: new Uint32Array(240 * 260) }
    paintPlant(raster, drawing, palette, { x: -400_000, groundY: 9000, pxPerMm: 90 })
    expect(raster.pixels.some((pixel) => pixel !== 0)).toBe(false)
    paintPlant(raster, drawing, palette, { x: 120, groundY: 2600, pxPerMm: 16 })
    expect(covered(raster)).toBeGreaterThan(240 * 260 * 0.3)
    const near = {
      view: 'front',
      pxPerMm: 16,
      upPxPerMm: 16,
      part: { left: -120, top: -2600, right: 120, bottom: -2340 },
    } as const
    const plate = plateOf(drawing, near)
    expect([plate.width <= 244, plate.height <= 264]).toEqual([true, true])
  })

  test('at 2 mm as at 400 mm', () => {
    const palette = paletteOf(look('beech', '2026-07-15'))
    for (const heightMm of [2, 400]) {
      const { habitus, dress, seed } = sitterFor(speciesById('beech'))
      const k = heightMm / habitus.heightMm
      const scaled = {
        ...habitus,
        heightMm,
        crownWidthMm: habitus.crownWidthMm * k,
        clearStemMm: habitus.clearStemMm * k,
        crownBaseMm: habitus.crownBaseMm * k,
        trunkMm: habitus.trunkMm * k,
      }
      const drawing = drawSitter({ habitus: scaled, dress: { ...dress, leafMm: dress.leafMm * k }, seed })
      const raster: Raster = { width: 200, height: 200, pixels: new Uint32Array(200 * 200) }
      paintPlant(raster, drawing, palette, { x: 100, groundY: 198, pxPerMm: 190 / heightMm })
      expect(covered(raster)).toBeGreaterThan(200 * 200 * 0.25)
    }
  })
})
