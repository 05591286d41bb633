export * from './records'
export * from './sizes'
