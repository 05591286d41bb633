export * from './gaps'
export * from './strips'
export * from './template'
export * from './twigs'
