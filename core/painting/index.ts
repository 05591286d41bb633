export * from './paint'
export * from './palette'
export { plateOf, type Plate } from './plate'
