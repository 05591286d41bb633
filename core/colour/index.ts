export * from './difference'
export * from './haze'
export * from './lab'
export * from './srgb'
