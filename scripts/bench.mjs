/** npm run bench: figures with a peer or a bound beside each, in one run. */
import { bundled, ensureBuild, ensureChromium, ensurePackages, freePort, run, say, serve } from './lib.mjs'

ensurePackages()
const chromium = ensureChromium()
ensureBuild()
let worst = 0
const bench = (name, env) => {
  say(name)
  worst = Math.max(worst, run(process.execPath, [bundled(`bench/${name}.bench.ts`, 'bench')], { env }))
}
bench('balances')
bench('growth')
bench('armature')
bench('grass')
bench('blends')
bench('buying')
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
