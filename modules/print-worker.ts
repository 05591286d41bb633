import { cp, mkdir } from 'node:fs/promises'
import { join } from 'node:path'
import { build } from 'esbuild'
import { defineNuxtModule, useNuxt } from 'nuxt/kit'

/** CommonJS packages in one file of modules ask for `require` and for where they lie. */
const HEAD = [
  "import { createRequire as requireFrom } from 'node:module'",
  'const require = requireFrom(import.meta.url)',
  'const __dirname = import.meta.dirname',
  'const __filename = import.meta.filename',
].join(';')

/** Builds the worker that prints as a file of its own beside the server, with the fonts it reads. */
export default defineNuxtModule({
  meta: { name: 'print-worker' },
  setup() {
    const nuxt = useNuxt()
    nuxt.hook('nitro:init', (nitro) => {
      nitro.hooks.hook('compiled', async () => {
        const { serverDir } = nitro.options.output
        await mkdir(serverDir, { recursive: true })
        await build({
          entryPoints: [join(nuxt.options.rootDir, 'server/jobs/worker.ts')],
          outfile: join(serverDir, 'print-worker.mjs'),
          bundle: true,
          platform: 'node',
          format: 'esm',
          target: 'node20',
          minify: !nuxt.options.dev,
          banner: { js: HEAD },
          logLevel: 'error',
        })
        await cp(join(nuxt.options.rootDir, 'server/fonts'), join(serverDir, 'fonts'), { recursive: true })
      })
    })
  },
})
