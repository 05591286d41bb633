export * from './paint'
export * from './palette'
export type * from './raster'
