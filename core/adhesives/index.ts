export * from './dilution'
export * from './drying'
