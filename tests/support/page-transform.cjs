/** TypeScript as a page has it, where a module knows its own address: workers are made from it. */
const cacheKey = require('./cache-key.cjs')
const swc = require('@swc/jest').createTransformer({
  jsc: { target: 'es2022', parser: { syntax: 'typescript' } },
  module: { type: 'commonjs' },
})

module.exports = {
  getCacheKey: cacheKey(__filename),
  process: (source, path, options) =>
    swc.process(
      source.replaceAll('import.meta.url', `'file://${path}'`).replaceAll('import.meta.client', 'true'),
      path,
      options,
    ),
}
