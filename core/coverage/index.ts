export * from './fibre'
export * from './see-through'
export * from './quantities'
