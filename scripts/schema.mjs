/** npm run schema: writes docs/workshop.schema.json from the schema in core. A test keeps both in step. */
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { bundled, ensurePackages, root } from './lib.mjs'

ensurePackages()
const bundle = bundled('core/workshop/json-schema.ts', 'schema', 'bundle')
const { workshopJsonSchema } = await import(pathToFileURL(bundle).href)
writeFileSync(
  join(root, 'docs', 'workshop.schema.json'),
  `${JSON.stringify(workshopJsonSchema(), null, 2)}\n`,
)
console.log('docs/workshop.schema.json is written.')
