/** npm run bench: figures with a peer or a bound beside each, in one run. */
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import {
  ensureBuild,
  ensureChromium,
  ensurePackages,
  freePort,
  root,
  run,
  runTool,
  say,
  serve,
} from './lib.mjs'

ensurePackages()
const chromium = ensureChromium()
ensureBuild()
const out = join(root, 'node_modules', '.cache', 'bench')
mkdirSync(out, { recursive: true })
let worst = 0
const bench = (name, env) => {
  say(name)
  runTool('esbuild', [
    `bench/${name}.bench.ts`,
    '--bundle',
    '--platform=node',
    '--format=esm',
    '--packages=external',
    `--outfile=${join(out, `${name}.mjs`)}`,
    '--log-level=error',
  ])
  worst = Math.max(worst, run(process.execPath, [join(out, `${name}.mjs`)], { env }))
}
bench('balances')
bench('growth')
bench('planting')
bench('paint')
const port = await freePort(4199)
const { child, address } = await serve(port)
bench('season', { BENCH_ADDRESS: address, CHROMIUM_PATH: chromium })
bench('line-up', { BENCH_ADDRESS: address, CHROMIUM_PATH: chromium })
bench('interruptions', { BENCH_ADDRESS: address, CHROMIUM_PATH: chromium })
bench('under-load', { BENCH_ADDRESS: address, CHROMIUM_PATH: chromium })
child.kill()
process.exit(worst)
