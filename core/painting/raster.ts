import type { View } from '../growth'

/** A picture as little-endian RGBA pixels, not premultiplied. */
export interface Raster {
  readonly width: number
  readonly height: number
  readonly pixels: Uint32Array
  /** While something moves: half of the samples are looked at. */
  readonly coarse?: boolean
}

/** Where a plant stands in a raster. */
export interface RasterPlace {
  readonly x: number
  readonly groundY: number
  readonly pxPerMm: number
  readonly view?: View
}
