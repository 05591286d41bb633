export * from './paint'
export * from './palette'
