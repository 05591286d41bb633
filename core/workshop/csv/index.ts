export type { RowsIn } from './beside'
export * from './ledger'
export * from './materials'
export * from './offers'
