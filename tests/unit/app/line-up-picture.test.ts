import { lineSize, sitterOf } from '../../../core/commissions'
import { drawSitter } from '../../support/drawings'
import { lookOn, speciesById } from '../../../core/plants'
import { lineUpSvg, marginOf, standIn } from '../../../app/drawing/picture'
import { plantSvg } from '../../../app/drawing/plant-svg'
import { movedTo } from '../../../app/drawing/sight'
import { commission, line } from '../../support/workshop'

const drawn = (id: string) => {
  const species = speciesById(id)
  const own = line({ speciesId: id })
  const size = lineSize(own, commission(), species)
  return { species, size, drawing: drawSitter(sitterOf(own, species, size, species.seeThrough)) }
}
describe('the line-up as SVG', () => {
  const { drawing, species } = drawn('rowan')
  const picture = {
    title: 'Halt & <more>',
    under: '1:87.1',
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
  const place = { xMm: 60, liftMm: 80, shrink: 0.5 }
  test('is at true size: a millimetre of it is a millimetre of the model', () => {
    const svg = lineUpSvg(picture, [{ ...place, svg: plantSvg(drawing, lookOn(species, '2026-10-04')) }])
    const m = marginOf(picture)
    expect(svg).toContain(`width="${200 + 2 * m}mm"`)
    expect(svg).toContain(`viewBox="0 0 ${200 + 2 * m} ${150 + 2 * m}"`)
    expect(svg).toContain('scale(0.5 -0.5)')
    expect(svg).not.toMatch(/NaN|undefined|<more>/)
    expect(svg).toContain('Halt &#38; &#60;more&#62;')
  })
  test('painted as a PNG its plants stand where its lines say', () => {
    const m = marginOf(picture)
    expect(standIn(picture, place, 3)).toMatchObject({
      x: (m + 60) * 3,
      groundY: (150 + m - 80) * 3,
      pxPerMm: 1.5,
    })
  })
  test('a plant’s strokes keep their number and colours', () => {
    const svg = plantSvg(drawing, lookOn(species, '2026-10-04'))
    expect([...svg.matchAll(/M-?[\d.]+ -?[\d.]+/g)].length).toBeGreaterThan(800)
    expect(svg).not.toMatch(/NaN|undefined/)
  })
})

describe('a picture on its way to another sight', () => {
  test('a place of it lies where it will be painted', () => {
    const ground = 318
    const [from, to] = [
      { zoom: 2, panX: -300, panY: 40 },
      { zoom: 3, panX: -520, panY: 90 },
    ]
    const [, x, y, k] = /translate\((.+)px, (.+)px\) scale\((.+)\)/
      .exec(movedTo(from, to, ground)!)!
      .map(Number) as [number, number, number, number]
    // 400 px across and 100 px above the ground, at both sights.
    const at = (sight: typeof from) => [400 * sight.zoom + sight.panX, ground + sight.panY - 100 * sight.zoom]
    const [px, py] = at(from) as [number, number]
    expect([px * k + x, py * k + y].map((value) => Math.round(value * 1e6) / 1e6)).toEqual(at(to))
    expect(movedTo(from, from, ground)).toBeUndefined()
  })
})
