/**
 * npm run bench: figures with a peer or a bound beside each, in one run, and at the end which were met.
 * `npm run bench -- shelf largest` runs those only.
 */
import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import {
  bundled,
  ensureBuild,
  ensureChromium,
  ensurePackages,
  fail,
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

const all = readdirSync(join(root, 'bench'))
  .filter((file) => file.endsWith('.bench.ts'))
  .map((file) => file.replace('.bench.ts', ''))
const asked = process.argv.slice(2)
const unknown = asked.filter((name) => !all.includes(name))
if (unknown.length > 0)
  fail(`There is no bench named ${unknown.join(', ')}; there are ${all.sort().join(', ')}.`)
const wanted = (name) => asked.length === 0 || asked.includes(name)

/** What each bench ended with. */
const ended = []
const bench = (name, env) => {
  say(name)
  const begun = performance.now()
  const code = run(process.execPath, [bundled(`bench/${name}.bench.ts`, 'bench')], { env })
  ended.push({
    bench: name,
    targets: code === 0 ? 'met' : 'MISSED',
    minutes: Number(((performance.now() - begun) / 60_000).toFixed(1)),
  })
}
for (const name of all.filter((one) => !served.includes(one)).sort()) if (wanted(name)) bench(name)
if (served.some(wanted)) {
  const { child, address } = await serve(await freePort(4199))
  for (const name of served.filter(wanted))
    bench(name, { BENCH_ADDRESS: address, BENCH_SERVER_PID: String(child.pid), CHROMIUM_PATH: chromium })
  child.kill()
}
console.table(ended)
process.exit(ended.some(({ targets }) => targets !== 'met') ? 1 : 0)
