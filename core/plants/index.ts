export * from './form'
export * from './look'
export * from './species'
export * from './types'
