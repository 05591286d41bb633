export * from './draw'
export * from './kinds'
