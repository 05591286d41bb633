import { lineSize, sitterOf } from '../../../core/commissions'
import { drawSitter } from '../../support/drawings'
import { lookOn, speciesById } from '../../../core/plants'
import { lineUpSvg, marginOf, plantSvg } from '../../../app/drawing/picture'
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
