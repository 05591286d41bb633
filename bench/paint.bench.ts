import { paletteOf } from '../core/painting'
import { paintPlant, type Raster } from '../core/painting'
import { lineSize, sitterOf } from '../core/commissions'
import { drawPlant } from '../tests/support/drawings'
import { lookOn, speciesById } from '../core/plants'
import { race, report } from './race'

/**
 * Painting a plant that one looks at from so near that most of it lies beyond the picture, against painting
 * the whole of it.
 */
const NEARER = 24
const beech = speciesById('beech')
const line = { id: 'bench', age: 'mature' } as const
const size = lineSize(line, { ratio: 87.1, stature: 1, viewingMm: 700 }, beech)
const { habitus, dress, seed } = sitterOf(line, beech, size, beech.seeThrough)
const drawing = drawPlant(habitus, dress, seed)
const raster: Raster = { width: 2260, height: 752, pixels: new Uint32Array(2260 * 752) }
const pxPerMm = 640 / size.heightMm
let day = 0
// Another day each time, as when the marker is dragged.
const palette = () =>
  paletteOf(
    lookOn(beech, new Date(Date.UTC(2026, 4, 1 + (day = (day + 1) % 150))).toISOString().slice(0, 10)),
  )
const paints = {
  whole: () => {
    paintPlant(raster, drawing, palette(), { x: 1130, groundY: 640, pxPerMm })
  },
  near: () => {
    paintPlant(raster, drawing, palette(), {
      x: 1130,
      groundY: 640 * NEARER * 0.6,
      pxPerMm: pxPerMm * NEARER,
    })
  },
}
const [wholePx, nearPx] = Object.values(paints).map((paint) => {
  raster.pixels.fill(0)
  paint()
  return raster.pixels.reduce((sum, pixel) => sum + (pixel === 0 ? 0 : 1), 0)
})
const { whole = NaN, near = NaN } = race(paints, 60, 15)
const perPixel = (ms: number, px = NaN): number => (ms * 1e6) / px
console.log(
  `a beech painted whole: ${whole.toFixed(2)} ms for ${wholePx} px; ${NEARER} times nearer: ${near.toFixed(2)} ms for ${nearPx} px`,
)
const ratio = perPixel(near, nearPx) / perPixel(whole, wholePx)
report(
  `a painted pixel from near against one of the whole: ${ratio.toFixed(2)} (target at most 4)`,
  ratio <= 4,
)
