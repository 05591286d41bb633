export * from './labels'
export * from './svg'
export * from './template'
export * from './tiles'
