export * from './fibre'
export * from './see-through'
