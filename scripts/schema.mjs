/** npm run schema: writes docs/workshop.schema.json from the schema in core. A test keeps both in step. */
import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { ensurePackages, fail, root, runTool } from './lib.mjs'

ensurePackages()
const out = join(root, 'node_modules', '.cache', 'schema')
mkdirSync(out, { recursive: true })
const bundle = join(out, 'json-schema.mjs')
if (
  runTool('esbuild', [
    'core/workshop/json-schema.ts',
    '--bundle',
    '--platform=node',
    '--format=esm',
    `--outfile=${bundle}`,
    '--log-level=error',
  ]) !== 0
)
  fail('The schema could not be built.')
const { workshopJsonSchema } = await import(pathToFileURL(bundle).href)
writeFileSync(
  join(root, 'docs', 'workshop.schema.json'),
  `${JSON.stringify(workshopJsonSchema(), null, 2)}\n`,
)
console.log('docs/workshop.schema.json is written.')
