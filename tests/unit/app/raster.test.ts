import { lineSize, sitterOf } from '../../../core/commissions'
import { drawSitter } from '../../support/drawings'
import { lookOn, speciesById } from '../../../core/plants'
import { paletteOf, pixelOf } from '../../../core/painting'
import { lineUpSvg, marginOf, plantSvg } from '../../../app/drawing/picture'
import { paintPlant, type Raster } from '../../../core/painting'
import { commission, line } from '../../support/workshop'

const blank = (): Raster => ({ width: 240, height: 260, pixels: new Uint32Array(240 * 260) })
const drawn = (id: string) => {
  const species = speciesById(id)
  const own = line({ speciesId: id })
  const size = lineSize(own, commission(), species)
  return { species, size, drawing: drawSitter(sitterOf(own, species, size, species.seeThrough)) }
}
function paint(
  id: string,
  date: string,
  view: 'front' | 'side' | 'top' = 'front',
  bare = false,
): {
  raster: Raster
  covered: number
  box: { left: number; right: number; top: number; bottom: number }
  pxPerMm: number
} {
  const { species, size, drawing } = drawn(id)
  const raster = blank()
  const pxPerMm = Math.min(220 / size.heightMm, 200 / size.crownWidthMm)
  paintPlant(
    raster,
    drawing,
    paletteOf(lookOn(species, date)),
    { x: 120, groundY: view === 'top' ? 130 : 250, pxPerMm, view },
    bare,
  )
  const box = { left: 240, right: 0, top: 260, bottom: 0 }
  let covered = 0
  raster.pixels.forEach((pixel, i) => {
    if (pixel >>> 24 < 128) return
    covered += 1
    const [x, y] = [i % 240, Math.floor(i / 240)]
    Object.assign(box, {
      left: Math.min(box.left, x),
      right: Math.max(box.right, x),
      top: Math.min(box.top, y),
      bottom: Math.max(box.bottom, y),
    })
  })
  return { raster, covered, box, pxPerMm }
}

describe('painting a plant', () => {
  test('it stands on its ground line at its true size', () => {
    for (const id of ['beech', 'norway-spruce', 'hazel', 'common-reed']) {
      const { box, pxPerMm } = paint(id, '2026-07-15')
      const { size } = drawn(id)
      expect(Math.abs(250 - box.top - size.heightMm * pxPerMm)).toBeLessThan(0.14 * size.heightMm * pxPerMm)
      expect(box.bottom).toBeGreaterThanOrEqual(246)
      expect(box.bottom).toBeLessThanOrEqual(254)
    }
  })

  test('summer covers more than winter, bare as much as the wood; an evergreen hardly changes', () => {
    const beech = ['2026-01-15', '2026-07-15'].map((date) => paint('beech', date).covered)
    expect(beech[1]!).toBeGreaterThan(beech[0]! * 1.5)
    expect(paint('beech', '2026-07-15', 'front', true).covered).toBeLessThan(beech[0]!)
    const spruce = ['2026-01-15', '2026-07-15'].map((date) => paint('norway-spruce', date).covered)
    expect(spruce[1]! / spruce[0]!).toBeCloseTo(1, 1)
  })

  test('from above a crown is round, about its own middle', () => {
    const { box } = paint('beech', '2026-07-15', 'top')
    const [wide, high] = [box.right - box.left, box.bottom - box.top]
    expect(wide / high).toBeGreaterThan(0.8)
    expect(wide / high).toBeLessThan(1.25)
    expect((box.top + box.bottom) / 2).toBeGreaterThan(110)
    expect((box.top + box.bottom) / 2).toBeLessThan(150)
  })

  test('a cherry in flower is white, a rowan in September has red on it', () => {
    const colours = (id: string, date: string): number[] =>
      [...paint(id, date).raster.pixels].filter((pixel) => pixel >>> 24 === 255)
    const share = (pixels: number[], is: (r: number, g: number, b: number) => boolean): number =>
      pixels.filter((pixel) => is(pixel & 255, (pixel >> 8) & 255, (pixel >> 16) & 255)).length /
      pixels.length
    expect(
      share(colours('wild-cherry', '2026-04-22'), (r, g, b) => r > 190 && g > 190 && b > 180),
    ).toBeGreaterThan(0.3)
    expect(share(colours('rowan', '2026-09-10'), (r, g, b) => r > 140 && g < 100 && b < 90)).toBeGreaterThan(
      0.02,
    )
    expect(share(colours('rowan', '2026-07-10'), (r, g, b) => r > 140 && g < 100 && b < 90)).toBe(0)
  })

  test('a birch’s stem is light with dark marks, a pine’s is orange above and grey-brown below', () => {
    const stem = (id: string, from: number, to: number): [number, number, number] => {
      const { raster } = paint(id, '2026-01-15', 'front', true)
      let [r, g, b, n] = [0, 0, 0, 0]
      for (let y = Math.round(250 - 220 * to); y < 250 - 220 * from; y += 1)
        for (let x = 112; x < 128; x += 1) {
          const pixel = raster.pixels[y * 240 + x]!
          if (pixel >>> 24 < 255) continue
          r += pixel & 255
          g += (pixel >> 8) & 255
          b += (pixel >> 16) & 255
          n += 1
        }
      return [r / n, g / n, b / n]
    }
    const [low, high] = [stem('scots-pine', 0.04, 0.15), stem('scots-pine', 0.4, 0.55)]
    expect(high[0] - high[2]).toBeGreaterThan(low[0] - low[2] + 15)
    expect(stem('silver-birch', 0.1, 0.3)[1]).toBeGreaterThan(stem('pedunculate-oak', 0.04, 0.15)[1] + 20)
  })

  test('what lies outside the picture is left out, however near one looks', () => {
    const { drawing, species } = drawn('beech')
    const raster = blank()
    paintPlant(raster, drawing, paletteOf(lookOn(species, '2026-07-15')), {
      x: -400_000,
      groundY: 9000,
      pxPerMm: 90,
    })
    expect(raster.pixels.some((pixel) => pixel !== 0)).toBe(false)
    paintPlant(raster, drawing, paletteOf(lookOn(species, '2026-07-15')), {
      x: 120,
      groundY: 4000,
      pxPerMm: 40,
    })
    expect(raster.pixels).toHaveLength(240 * 260)
  })

  test('pixels are little-endian RGBA', () => expect(pixelOf('#123456').toString(16)).toBe('ff563412'))
})

describe('the line-up as SVG', () => {
  const { drawing, species } = drawn('rowan')
  const picture = {
    title: 'Halt & <more>',
    under: '1:87.1',
    placed: [{ drawing, look: lookOn(species, '2026-10-04'), xMm: 60, liftMm: 80, shrink: 0.5 }],
    labels: [{ text: 'Rowan “old”', under: '95 mm', xMm: 60, liftMm: 80 }],
    shelvesMm: [80, 0],
    shelfTopMm: 70,
    personXMm: 150,
    personMm: 20,
    widthMm: 200,
    topMm: 150,
    gridMm: 50,
    realOf: (mm: number) => `${mm} real`,
  }
  test('is at true size: a millimetre of it is a millimetre of the model', () => {
    const svg = lineUpSvg(picture)
    const m = marginOf(picture)
    expect(svg).toContain(`width="${200 + 2 * m}mm"`)
    expect(svg).toContain(`viewBox="0 0 ${200 + 2 * m} ${150 + 2 * m}"`)
    expect(svg).toContain('scale(0.5 -0.5)')
    expect(svg).not.toMatch(/NaN|undefined|<more>/)
    expect(svg).toContain('Halt &#38; &#60;more&#62;')
  })
  test('a plant’s strokes keep their number and colours', () => {
    const svg = plantSvg(drawing, lookOn(species, '2026-10-04'))
    expect([...svg.matchAll(/M-?[\d.]+ -?[\d.]+/g)].length).toBeGreaterThan(800)
    expect(svg).not.toMatch(/NaN|undefined/)
  })
})
