/** npm run check: lint and types, without the tests. */
import { pathToFileURL } from 'node:url'
import { ensurePackages, fail, runTool, say } from './lib.mjs'

export function check() {
  say('Layout')
  if (runTool('prettier', ['--check', '--cache', '--log-level=warn', '.']) !== 0)
    fail('Some files are not laid out by Prettier: npx prettier --write .')
  say('Lint')
  if (
    runTool('eslint', [
      '.',
      '--max-warnings',
      '0',
      '--cache',
      '--cache-location',
      'node_modules/.cache/eslint/',
    ]) !== 0
  )
    fail('Lint found something. See the lines above.')
  say('Types')
  for (const part of ['core', 'e2e'])
    if (runTool('tsc', ['-p', `tsconfig.${part}.json`]) !== 0)
      fail('The types of core, server or tests don’t fit. See the lines above.')
  if (runTool('nuxi', ['prepare', '--logLevel=silent']) !== 0)
    fail('Nuxt could not prepare its types. See the lines above.')
  for (const part of ['app', 'server'])
    if (runTool('vue-tsc', ['--noEmit', '-p', `.nuxt/tsconfig.${part}.json`]) !== 0)
      fail('The types of the interface don’t fit. See the lines above.')
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) {
  ensurePackages()
  check()
}
