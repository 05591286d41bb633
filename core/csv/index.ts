export * from './fields'
export * from './read'
