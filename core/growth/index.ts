export { grow, growing } from './grow'
export * from './views'
export { pipesOf } from './pipes'
export * from './types'
