/** Jest reads single-file components: the script with its template inlined, then TypeScript through swc. */
const { createHash } = require('node:crypto')
const { parse, compileScript } = require('vue/compiler-sfc')
const cacheKey = require('./cache-key.cjs')
const swc = require('@swc/jest').createTransformer({
  jsc: { target: 'es2022', parser: { syntax: 'typescript' } },
  module: { type: 'commonjs' },
})

module.exports = {
  getCacheKey: cacheKey(__filename),
  process(source, path, options) {
    const whole = source.includes('<script') ? source : `<script setup lang="ts"></script>\n${source}`
    const { descriptor, errors } = parse(whole, { filename: path })
    if (errors.length > 0) throw errors[0]
    const { content } = compileScript(descriptor, {
      id: createHash('sha1').update(path).digest('hex').slice(0, 8),
      inlineTemplate: true,
      genDefaultAs: 'component',
    })
    // Components by their names are looked for where Nuxt would find them.
    const known = content.replaceAll(
      '_resolveComponent(',
      '(globalThis.componentNamed ?? _resolveComponent)(',
    )
    return swc.process(`${known}\nexport default component`, `${path}.ts`, options)
  },
}
