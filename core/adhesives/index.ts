export * from './dilution'
export * from './drying'
export * from './setting'
