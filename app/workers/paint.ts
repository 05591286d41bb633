import * as Comlink from 'comlink'
import { paintPlant, paletteOf, readied, type Raster, type RasterPlace } from '../../core/painting'
import type { PlantDrawing } from '../../core/drawing/plant-drawing'
import type { Look } from '../../core/plants'
import { plantSvg } from '../drawing/plant-svg'

/** Time for the plates of a picture before what is there is handed over, ms; the rest is gone on with. */
const SLICE_MS = 120

/** A plant at a place in a picture, px of the raster: of which drawing, on what day. */
export interface PlaceToPaint extends RasterPlace {
  readonly drawing: number
  readonly look: Look
  readonly bare?: boolean
}
export interface PictureToPaint {
  readonly width: number
  readonly height: number
  /** Of something that moves: to keep up, not to be looked at. */
  readonly coarse: boolean
  /** From far to near: the later lie over the earlier. */
  readonly places: readonly PlaceToPaint[]
}
export interface Painted {
  /** RGBA, not premultiplied, a row after the other. */
  readonly pixels: Uint8ClampedArray<ArrayBuffer>
  /** Numbers of the places that are still to come. */
  readonly left: readonly number[]
  /** Drawings that are not here: who wants them painted hands them over again. */
  readonly lost: readonly number[]
}

const drawings = new Map<number, PlantDrawing>()

/** A picture that is on the page, painted anew whenever something in it changes. */
interface Canvas {
  readonly raster: Raster
  readonly places: readonly PlaceToPaint[]
  left: readonly number[]
}
const canvases = new Map<number, Canvas>()

const rasterOf = ({ width, height, coarse }: PictureToPaint, pixels?: Raster['pixels']): Raster => ({
  width,
  height,
  coarse,
  pixels: pixels?.length === width * height ? pixels : new Uint32Array(width * height),
})

/** Paints those of the places that can be painted in time, one at least. @returns those that can't */
function paintPlaces({ raster, places }: Canvas, wanted: readonly number[], withinMs: number): number[] {
  const until = performance.now() + withinMs
  const isOver = (): boolean => performance.now() > until
  return wanted.filter((number) => {
    const place = places[number]
    const drawing = place && drawings.get(place.drawing)
    if (!drawing) return false
    const palette = paletteOf(place.look)
    if (!readied(raster, drawing, palette, place, isOver)) return true
    paintPlant(raster, drawing, palette, place, place.bare)
    return false
  })
}

const all = ({ places }: Canvas): number[] => places.map((_, number) => number)
const lostOf = ({ places }: Canvas): number[] => [
  ...new Set(places.flatMap(({ drawing }) => (drawings.has(drawing) ? [] : [drawing]))),
]
/** A copy is handed over: what was seen of a plant from near is known by the buffer that it was painted into. */
function handedOver(canvas: Canvas): Painted {
  const pixels = new Uint8ClampedArray(canvas.raster.pixels.slice().buffer as ArrayBuffer)
  return Comlink.transfer({ pixels, left: canvas.left, lost: lostOf(canvas) }, [pixels.buffer])
}

/** Paints plants away from the page: drawings are handed over once, pictures of them come back as pixels. */
export const service = {
  /** A drawing that will be painted, by a number. */
  keep(id: number, drawing: PlantDrawing): void {
    drawings.set(id, drawing)
  },
  drop(id: number): void {
    drawings.delete(id)
  },
  /** Those of some drawings that are not here. */
  missing: (ids: readonly number[]): number[] => ids.filter((id) => !drawings.has(id)),
  /** Begins a picture that is on the page; what there was no time for is gone on with. */
  paint(id: number, picture: PictureToPaint): Painted {
    const pixels = canvases.get(id)?.raster.pixels
    pixels?.fill(0)
    const canvas: Canvas = { raster: rasterOf(picture, pixels), places: picture.places, left: [] }
    canvases.set(id, canvas)
    canvas.left = paintPlaces(canvas, all(canvas), SLICE_MS)
    return handedOver(canvas)
  },
  /** Goes on with a picture that was begun; once all can be painted, it is, in its order. */
  goOn(id: number): Painted | undefined {
    const canvas = canvases.get(id)
    if (!canvas) return undefined
    canvas.left = paintPlaces(canvas, canvas.left, SLICE_MS)
    if (canvas.left.length === 0) {
      canvas.raster.pixels.fill(0)
      paintPlaces(canvas, all(canvas), Infinity)
    }
    return handedOver(canvas)
  },
  /** A picture that is no longer on the page. */
  close(id: number): void {
    canvases.delete(id)
  },
  /** A picture by itself, whole, however long it takes. */
  paintOnce(picture: PictureToPaint): Painted {
    const canvas: Canvas = { raster: rasterOf(picture), places: picture.places, left: [] }
    paintPlaces(canvas, all(canvas), Infinity)
    return handedOver(canvas)
  },
  /** A plant on a day as SVG, y up, in mm; undefined where its drawing is not here. */
  svgOf(id: number, look: Look): string | undefined {
    const drawing = drawings.get(id)
    return drawing && plantSvg(drawing, look)
  },
}
