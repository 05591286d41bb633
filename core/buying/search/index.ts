export * from './problem'
export * from './solve'
export { postageOf } from './parcels'
