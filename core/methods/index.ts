export * from './cautions'
export * from './faults'
export * from './make-up'
export * from './types'
