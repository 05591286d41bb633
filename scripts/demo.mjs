/** npm run demo: installs what is missing, builds, and serves the app with the demo workshop. */
import { ensureBuild, ensurePackages, freePort, say, serve } from './lib.mjs'

ensurePackages()
ensureBuild()
const port = await freePort(Number(process.env.PORT ?? 3000))
const { child, address } = await serve(port, { NUXT_PUBLIC_DEMO: 'true' })
say(`Hardy Thicket is at ${address} with the demo workshop. Your own is at ${address}/mine. Ctrl+C ends it.`)
const end = () => {
  child.kill()
  process.exit(0)
}
process.on('SIGINT', end)
process.on('SIGTERM', end)
child.on('exit', (code) => process.exit(code ?? 0))
