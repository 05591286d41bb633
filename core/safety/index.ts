export * from './cautions'
export * from './faults'
