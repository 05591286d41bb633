/** npm run check: layout, lint and types, without the tests. */
import { pathToFileURL } from 'node:url'
import { ensurePackages, fail, runRow, runTool, say } from './lib.mjs'

const types = (tool, args) => ({
  tool,
  args,
  failing: 'Some types don’t fit. See the lines above.',
})

export async function check() {
  if (runTool('nuxi', ['prepare', '--logLevel=silent']) !== 0)
    fail('Nuxt could not prepare its types. See the lines above.')
  say('Layout, lint and types')
  const faults = await Promise.all([
    runRow([
      {
        tool: 'prettier',
        args: ['--check', '--cache', '--log-level=warn', '.'],
        failing: 'Some files are not laid out by Prettier: npx prettier --write .',
      },
      {
        tool: 'eslint',
        args: ['.', '--max-warnings', '0', '--cache', '--cache-location', 'node_modules/.cache/eslint/'],
        failing: 'Lint found something. See the lines above.',
      },
    ]),
    runRow([
      types('tsc', ['-p', 'tsconfig.core.json']),
      types('tsc', ['-p', 'tsconfig.e2e.json']),
      types('vue-tsc', ['--noEmit', '-p', '.nuxt/tsconfig.app.json']),
      types('vue-tsc', ['--noEmit', '-p', '.nuxt/tsconfig.server.json']),
    ]),
  ])
  const found = faults.filter((fault) => fault !== undefined)
  if (found.length > 0) fail(found.join(' '))
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) {
  ensurePackages()
  await check()
}
