export * from './paths'
export * from './plant-drawing'
export * from './shapes'
