export * from './records'
