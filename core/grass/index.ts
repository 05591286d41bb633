export * from './dots'
