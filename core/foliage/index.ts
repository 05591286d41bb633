export * from './see-through'
