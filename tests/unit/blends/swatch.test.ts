import { fromHex, mixLinear, usualSealing, type Linear } from '../../../core/colour'
import {
  grainsToCover,
  mixtureOf,
  paintSwatch,
  sitesOn,
  MOST_GRAINS,
  type Mixture,
} from '../../../core/blends'
import { fibre, foam, grain } from '../../support/grains'

const SIDE = 160
const mixture = mixtureOf([
  { grain: grain(foam('fine', 0.5, '#2e4b38')), parts: 2 },
  { grain: grain(foam('coarse', 2, '#c39a35')), parts: 3 },
])

function painted(mix: Mixture, sealed = false): Uint32Array {
  const pixels = new Uint32Array(SIDE * SIDE)
  const sites = sitesOn(40, 40, grainsToCover(mix, 40, 40), 3)
  paintSwatch({ width: SIDE, height: SIDE, pixels }, mix, sites, SIDE / 40, sealed ? usualSealing : undefined)
  return pixels
}
const lightOf = (pixel: number): Linear =>
  fromHex(
    `#${[pixel & 255, (pixel >> 8) & 255, (pixel >> 16) & 255].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`,
  )
const meanOf = (pixels: Uint32Array): Linear => mixLinear([...pixels].map((pixel) => [lightOf(pixel), 1]))

test('a swatch has the hue of the mixture: red to green and blue to green as in the mean light', () => {
  const mean = meanOf(painted(mixture))
  expect(mean[0] / mean[1]).toBeCloseTo(mixture.dry[0] / mixture.dry[1], 0)
  expect(mean[2] / mean[1]).toBeCloseTo(mixture.dry[2] / mixture.dry[1], 0)
})

test('sealed it is darker, and every pixel is painted', () => {
  const [dry, sealed] = [painted(mixture), painted(mixture, true)]
  expect(meanOf(sealed)[1]).toBeLessThan(meanOf(dry)[1])
  expect(dry.every((pixel) => pixel >>> 24 === 255)).toBe(true)
})

test('grains stay where they lie when a part is added: what changes is no more than what it takes over', () => {
  const more = mixtureOf(mixture.portions.map((portion, i) => (i === 0 ? { ...portion, parts: 3 } : portion)))
  const count = grainsToCover(mixture, 40, 40)
  const paint = (mix: Mixture): Uint32Array => {
    const pixels = new Uint32Array(SIDE * SIDE)
    paintSwatch({ width: SIDE, height: SIDE, pixels }, mix, sitesOn(40, 40, count, 3), SIDE / 40)
    return pixels
  }
  const [before, after] = [paint(mixture), paint(more)]
  const same = before.filter((pixel, i) => pixel === after[i]).length / before.length
  expect(same).toBeGreaterThan(0.6)
})

test('fibres and very large or small grains stay on the swatch and within the most that are drawn', () => {
  for (const own of [
    grain(fibre('f', 12, '#bda76c')),
    grain(foam('dust', 0.02, '#808080')),
    grain(foam('lump', 60, '#808080')),
  ]) {
    const mix = mixtureOf([{ grain: own, parts: 1 }])
    expect(grainsToCover(mix, 40, 40)).toBeLessThanOrEqual(MOST_GRAINS)
    expect(painted(mix).every((pixel) => pixel !== 0)).toBe(true)
  }
})
