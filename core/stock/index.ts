export * from './buying'
export * from './catalogue'
export * from './ledger'
export * from './records'
