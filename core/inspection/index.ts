export * from './colour-card'
