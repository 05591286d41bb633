export * from './drawing'
export * from './types'
