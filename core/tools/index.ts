export * from './catalogue'
export * from './records'
export * from './register'
export * from './holders'
