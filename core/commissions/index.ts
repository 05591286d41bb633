export * from './amount'
export * from './drawing'
export * from './records'
export * from './sizes'
