import { service, type PictureToPaint, type PlaceToPaint } from '../../../app/workers/paint'
import { lineSize, sitterOf } from '../../../core/commissions'
import { lookOn, speciesById } from '../../../core/plants'
import { drawSitter } from '../../support/drawings'
import { commission, line } from '../../support/workshop'

/** A plant that the painter has under a number, on a day, at a place. */
function planted(drawing: number, kind: string, x: number): PlaceToPaint {
  const species = speciesById(kind)
  const own = line({ speciesId: kind })
  const size = lineSize(own, commission(), species)
  service.keep(drawing, drawSitter(sitterOf(own, species, size, species.seeThrough)))
  return { drawing, look: lookOn(species, '2026-10-04'), x, groundY: 150, pxPerMm: 0.8 }
}
const picture = (places: readonly PlaceToPaint[]): PictureToPaint => ({
  width: 240,
  height: 160,
  coarse: false,
  places,
})
const inked = (pixels: Uint8ClampedArray): number =>
  pixels.filter((_, i) => i % 4 === 3).filter(Boolean).length

const same = (a: Uint8ClampedArray, b: Uint8ClampedArray): boolean => Buffer.from(a).equals(Buffer.from(b))

describe('plants painted away from the page', () => {
  const [rowan, hazel] = [planted(1, 'rowan', 70), planted(2, 'hazel', 110)]

  test('what is gone on with until nothing is left is the picture painted at once, to the pixel', () => {
    const whole = service.paintOnce(picture([rowan, hazel]))
    let painted = service.paint(7, picture([rowan, hazel]))
    for (let goes = 0; painted.left.length > 0 && goes < 500; goes += 1) painted = service.goOn(7)!
    expect(painted.left).toEqual([])
    expect(inked(whole.pixels)).toBeGreaterThan(800)
    expect(same(painted.pixels, whole.pixels)).toBe(true)
  })

  test('a drawing that it does not have is named, and the rest is painted', () => {
    const absent = { ...hazel, drawing: 99 }
    const { lost, pixels } = service.paintOnce(picture([rowan, absent]))
    expect(lost).toEqual([99])
    expect(same(pixels, service.paintOnce(picture([rowan])).pixels)).toBe(true)
  })

  test('a picture anew keeps nothing of the one before', () => {
    service.paint(8, picture([rowan, hazel]))
    expect(inked(service.paint(8, picture([])).pixels)).toBe(0)
  })

  test('a picture that has left the page is not gone on with; a drawing that was dropped is lost', () => {
    service.paint(9, picture([rowan]))
    service.close(9)
    expect(service.goOn(9)).toBeUndefined()
    service.drop(1)
    expect(service.paintOnce(picture([rowan])).lost).toEqual([1])
    expect(service.svgOf(1, rowan.look)).toBeUndefined()
    expect(service.svgOf(2, hazel.look)).toMatch(/^<g fill="none"/)
  })
})
