/** What every script shares: it works with Node's own modules only, before anything is installed. */
import { createHash } from 'node:crypto'
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const bin = (name) => join(root, 'node_modules', '.bin', name)

export const say = (text) => console.log(`\n▸ ${text}`)

/** Ends the script with a reason that a person can act on. */
export function fail(reason) {
  console.error(`\n✗ ${reason}`)
  process.exit(1)
}

/** Runs a command to its end and answers with its exit code. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    ...options,
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1', ...options.env },
  })
  if (result.error) fail(`${command} could not be started: ${result.error.message}`)
  return result.status ?? 1
}

export const runTool = (tool, args, options) => run(bin(tool), args, options)

/**
 * Runs tools one after the other, until one fails; what they say is held back and comes out whole at the end, so
 * that two such rows can run beside each other.
 * @param row tools with their arguments, and what to say where one fails
 * @returns that, or nothing
 */
export async function runRow(row) {
  for (const { tool, args, failing } of row) {
    const code = await new Promise((resolve) => {
      const child = spawn(bin(tool), args, { cwd: root, env: process.env })
      const said = []
      child.stdout.on('data', (part) => said.push(part))
      child.stderr.on('data', (part) => said.push(part))
      child.on('error', () => resolve(1))
      child.on('close', (own) => {
        if (own !== 0) process.stdout.write(Buffer.concat(said))
        resolve(own ?? 1)
      })
    })
    if (code !== 0) return failing
  }
  return undefined
}

/**
 * Bundles a TypeScript file for Node, packages left out, and answers with the bundle's path.
 * @param room folder for bundles of its kind
 */
export function bundled(entry, room, packages = 'external') {
  const folder = join(root, 'node_modules', '.cache', room)
  mkdirSync(folder, { recursive: true })
  const bundle = join(
    folder,
    `${entry
      .split('/')
      .at(-1)
      .replace(/(\.bench)?\.ts$/, '')}.mjs`,
  )
  const flags = ['--bundle', '--platform=node', '--format=esm', `--packages=${packages}`, '--log-level=error']
  if (runTool('esbuild', [entry, ...flags, `--outfile=${bundle}`]) !== 0)
    fail(`${entry} could not be built. See the lines above.`)
  return bundle
}

const hashOf = (text) => createHash('sha256').update(text).digest('hex')

/** Installs the lock file's packages when they are missing or the lock file has changed since. */
export function ensurePackages() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19))
    fail(`Node ${process.versions.node} is too old; 20.19 or later is needed.`)
  const stamp = join(root, 'node_modules', '.installed-from')
  const wanted = hashOf(readFileSync(join(root, 'package-lock.json')))
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  say('Installing the packages of the lock file (a minute or two the first time)')
  const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm'
  if (run(npm, ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0)
    fail('The packages could not be installed. Is the npm registry reachable? See the lines above.')
  writeFileSync(stamp, wanted)
}

/** Where Chromium is; installed through apt when there is none. */
export function ensureChromium() {
  const find = () =>
    [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser'].find(
      (path) => path && existsSync(path),
    )
  const found = find()
  if (found) return found
  say('Installing Chromium through apt, for the end-to-end tests')
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n']
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args]
    return run(command, rest, { env: { DEBIAN_FRONTEND: 'noninteractive' } })
  }
  if (apt('update', '-qq') !== 0 || apt('install', '-y', '-qq', '--no-install-recommends', 'chromium') !== 0)
    fail('Chromium could not be installed. Install it (apt-get install chromium), or set CHROMIUM_PATH.')
  return find() ?? fail('Chromium was installed but is not where it was expected. Set CHROMIUM_PATH.')
}

function* filesIn(path) {
  if (statSync(path).isFile()) {
    yield path
    return
  }
  for (const name of readdirSync(path).sort()) yield* filesIn(join(path, name))
}

/** Builds the app when its sources have changed since the last build. */
export function ensureBuild() {
  const hash = createHash('sha256')
  for (const part of [
    'app',
    'core',
    'server',
    'shared',
    'modules',
    'public',
    'nuxt.config.ts',
    'package-lock.json',
  ])
    for (const file of filesIn(join(root, part)))
      hash.update(file.slice(root.length)).update(readFileSync(file))
  const wanted = hash.digest('hex')
  const stamp = join(root, '.output', '.built-from')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  say('Building the app (half a minute)')
  if (runTool('nuxi', ['build', '--logLevel=silent']) !== 0)
    fail('The app could not be built. See the lines above.')
  mkdirSync(dirname(stamp), { recursive: true })
  writeFileSync(stamp, wanted)
}

/** The first free port from a number on. */
export async function freePort(from) {
  for (let port = from; port < from + 50; port += 1) {
    const free = await new Promise((resolve) => {
      const server = createServer()
        .once('error', () => resolve(false))
        .once('listening', () => server.close(() => resolve(true)))
      server.listen(port)
    })
    if (free) return port
  }
  return fail(`No port from ${from} to ${from + 49} is free.`)
}

/** Starts the built app; resolves when it answers. */
export async function serve(port, env = {}) {
  const child = spawn(process.execPath, [join(root, '.output', 'server', 'index.mjs')], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, PORT: String(port), NITRO_PORT: String(port), ...env },
  })
  const address = `http://localhost:${port}`
  for (let i = 0; i < 100; i += 1) {
    if (child.exitCode !== null) fail('The server ended before it answered. See the lines above.')
    const answers = await fetch(address).then(
      (response) => response.ok,
      () => false,
    )
    if (answers) return { child, address }
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  return fail('The server did not answer within ten seconds.')
}

/** Flags for Chromium wherever it is started. */
export const chromiumFlags = [
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]
