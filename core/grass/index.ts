export * from './dots'
export * from './fibre'
