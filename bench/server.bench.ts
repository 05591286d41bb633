import { readFileSync } from 'node:fs'
import { request as open } from 'node:http'
import type { WorkshopDocument } from '../core/workshop'

/**
 * The routes that print under load: plain and largest orders mixed, some given up, some that stop half-way. Bounds:
 * every order is answered within 5 s, a static file within 100 ms meanwhile, and the server takes at most 500 MB.
 */
const address = process.env.BENCH_ADDRESS ?? 'http://localhost:4199'
const pid = Number(process.env.BENCH_SERVER_PID ?? 0)
const ANSWERED_MS = 5_000
const STATIC_MS = 100
const MOST_RSS_MB = 500

const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))
const demo = (await (await fetch(`${address}/api/demo-workshop`)).json()) as WorkshopDocument

/** A card of a line of the demo, or one as large as its schema lets it be. */
function card(i: number, largest: boolean): { path: string; body: unknown } {
  const lines = demo.lines.filter(({ methodId }) => methodId !== undefined)
  const line = lines[i % lines.length]
  const commission = demo.commissions.find(({ id }) => id === line?.commissionId)
  return {
    path: '/api/batch-card',
    body: {
      paper: 'A4',
      units: 'metric',
      workshop: demo.settings.name,
      commission: largest ? { ...commission, ratio: 1 } : commission,
      line: largest ? { ...line, heightM: 130, crownWidthM: 90 } : line,
      started: largest ? 20_000 : 12,
      context: { dryingFactor: 1 },
      materials: demo.materials,
    },
  }
}
const mixed = 'Буковый лист 秋の葉 ورق الشجر ใบไม้ 가을 잎 अक्तूबर leaf '.repeat(3)
const labels = {
  path: '/api/jar-labels',
  body: {
    paper: 'A4',
    labels: Array.from({ length: 300 }, (_, i) => ({
      title: `${i} ${mixed}`.slice(0, 120),
      lines: Array.from({ length: 5 }, (_, j) => `${i} ${j} ${mixed}`.slice(0, 120)),
      code: `HT1/L/jar${i}`,
    })),
  },
}
const template = {
  path: '/api/template',
  body: {
    paper: 'A4',
    title: 'paths',
    templates: [
      {
        title: 'paths',
        note: '',
        widthMm: 600,
        heightMm: 400,
        shapes: Array.from({ length: 20_000 }, (_, i) => ({
          kind: 'path',
          layer: 'cut',
          points: [
            [i % 600, 1],
            [(i + 3) % 600, 399],
          ],
        })),
      },
    ],
  },
}

interface Answered {
  readonly status: number
  readonly ms: number
}
async function send(
  { path, body }: { path: string; body: unknown },
  signal?: AbortSignal,
): Promise<Answered> {
  const begun = performance.now()
  const answer = await fetch(`${address}${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
    ...(signal ? { signal } : {}),
  }).catch(() => undefined)
  if (answer) await answer.arrayBuffer().catch(() => undefined)
  return { status: answer?.status ?? 0, ms: performance.now() - begun }
}

/** An order of which half is sent, and nothing more: how long until the connection is closed, ms. */
const halfSent = (): Promise<number> =>
  new Promise((resolve) => {
    const begun = performance.now()
    const sent = open(`${address}/api/template`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'content-length': '10000' },
    })
    sent.on('error', () => undefined)
    sent.on('close', () => resolve(performance.now() - begun))
    sent.write('{"paper":')
  })

const rssMb = (): number => {
  if (pid === 0) return 0
  const line = /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))
  return Number(line?.[1] ?? 0) / 1024
}

let missed = false
function say(what: string, value: number, unit: string, most: number): void {
  const fits = value <= most
  if (!fits) missed = true
  console.log(`${fits ? ' ' : '✗'} ${what}: ${value.toFixed(0)} ${unit} (at most ${most})`)
}
const counts = (answers: readonly Answered[]): string =>
  [...new Set(answers.map(({ status }) => status))]
    .sort()
    .map((status) => `${answers.filter((one) => one.status === status).length} × ${status || 'none'}`)
    .join(', ')

let running = true
let [slowest, largestMb] = [0, 0]
const watching = (async () => {
  while (running) {
    const begun = performance.now()
    await (await fetch(`${address}/icon.svg`)).arrayBuffer()
    slowest = Math.max(slowest, performance.now() - begun)
    largestMb = Math.max(largestMb, rssMb())
    await wait(40)
  }
})()

// One after the other: what each takes by itself.
for (const [name, order] of [
  ['plain card', card(0, false)],
  ['largest card', card(3, true)],
  ['300 labels in mixed scripts', labels],
  ['template of 20 000 paths', template],
] as const) {
  const { status, ms } = await send(order)
  say(`${name}, answered ${status}`, ms, 'ms', ANSWERED_MS)
}
const heavy = await Promise.all(Array.from({ length: 10 }, (_, i) => send(card(i, true))))
say(
  `ten largest cards at once (${counts(heavy)}), the slowest`,
  Math.max(...heavy.map(({ ms }) => ms)),
  'ms',
  ANSWERED_MS,
)

const leaving = new AbortController()
const given = Array.from({ length: 20 }, (_, i) => send(card(i, i % 2 === 0), leaving.signal))
await wait(300)
leaving.abort()
await Promise.all(given)
const next = await send(card(4, false))
say(`the next order after twenty that were given up, answered ${next.status}`, next.ms, 'ms', ANSWERED_MS)

const halves = Array.from({ length: 5 }, halfSent)
const mix = await Promise.all([
  ...Array.from({ length: 20 }, (_, i) => send(card(i, i % 3 === 0))),
  ...Array.from({ length: 5 }, () => send(labels)),
  ...Array.from({ length: 5 }, () => send(template)),
])
say(`thirty at once (${counts(mix)}), the slowest`, Math.max(...mix.map(({ ms }) => ms)), 'ms', ANSWERED_MS)
say('an order that stops half-way is closed after', Math.max(...(await Promise.all(halves))) / 1000, 's', 12)
running = false
await watching
say('a static file meanwhile, the slowest', slowest, 'ms', STATIC_MS)
if (pid > 0) say('memory of the server, most', largestMb, 'MB', MOST_RSS_MB)
process.exit(missed ? 1 : 0)
