export { grow, growing } from './grow'
export * from './measures'
export { pipesOf } from './pipes'
export * from './types'
