/** npm run bench: figures with a peer or a bound beside each, in one run. */
import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import {
  bundled,
  ensureBuild,
  ensureChromium,
  ensurePackages,
  freePort,
  root,
  run,
  say,
  serve,
} from './lib.mjs'

ensurePackages()
const chromium = ensureChromium()
ensureBuild()
/** Benches that drive the built app in a browser, or its server; the others need neither. */
const served = ['season', 'line-up', 'interruptions', 'under-load', 'largest', 'server']

let worst = 0
const bench = (name, env) => {
  say(name)
  worst = Math.max(worst, run(process.execPath, [bundled(`bench/${name}.bench.ts`, 'bench')], { env }))
}
const all = readdirSync(join(root, 'bench'))
  .filter((file) => file.endsWith('.bench.ts'))
  .map((file) => file.replace('.bench.ts', ''))
for (const name of all.filter((one) => !served.includes(one)).sort()) bench(name)
const port = await freePort(4199)
const { child, address } = await serve(port)
for (const name of served)
  bench(name, { BENCH_ADDRESS: address, BENCH_SERVER_PID: String(child.pid), CHROMIUM_PATH: chromium })
child.kill()
process.exit(worst)
