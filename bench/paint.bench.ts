import { paletteOf } from '../app/drawing/palette'
import { paintPlant, type Raster } from '../app/drawing/raster'
import { drawSitter, lineSize, sitterOf } from '../core/commissions'
import { lookOn, speciesById } from '../core/plants'
import { race, report } from './race'

/** Painting a plant that one looks at from so near that most of it lies beyond the picture, against painting the whole of it. */
const NEARER = 24
const beech = speciesById('beech')
const line = { id: 'bench', age: 'mature' } as const
const size = lineSize(line, { ratio: 87.1, stature: 1, viewingMm: 700 }, beech)
const drawing = drawSitter(sitterOf(line, beech, size, beech.seeThrough))
const raster: Raster = { width: 2260, height: 752, pixels: new Uint32Array(2260 * 752) }
const pxPerMm = 640 / size.heightMm
let day = 0
// Another day each time, as when the marker is dragged.
const palette = () => paletteOf(lookOn(beech, new Date(Date.UTC(2026, 4, 1 + (day = (day + 1) % 150))).toISOString().slice(0, 10)))
const { whole = NaN, near = NaN } = race({
  whole: () => { paintPlant(raster, drawing, palette(), { x: 1130, groundY: 640, pxPerMm }) },
  near: () => { paintPlant(raster, drawing, palette(), { x: 1130, groundY: 640 * NEARER * 0.6, pxPerMm: pxPerMm * NEARER }) },
}, 60, 15)
console.log(`a beech painted whole: ${whole.toFixed(2)} ms; ${NEARER} times nearer: ${near.toFixed(2)} ms`)
report(`near against whole: ${(near / whole).toFixed(2)} (target at most 4)`, near / whole <= 4)
