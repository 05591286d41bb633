export * from './lab'
export * from './srgb'
