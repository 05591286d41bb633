import { chromium } from '@playwright/test'
import type { WorkshopDocument } from '../core/workshop'
import { chromiumFlags } from '../scripts/lib.mjs'
import { recordTables } from '../core/workshop'
import { largestAmounts, manyLines, tallestPlants, thinnestPlants } from '../tests/support/largest'
import { Maker } from '../tests/e2e/support/maker'

/**
 * The largest workshops that the schema admits, one field after the other.
 * Bounds: a station gives its first answer within 2 s, and no task works on the page's thread for longer than 100 ms.
 * A task is measured by the processor's time of that thread: what others on the machine take of it, its own helpers
 * too, can't be cut any smaller by the page. How long it took by the clock stands beside it.
 */
const address = process.env.BENCH_ADDRESS ?? 'http://localhost:4199'
const ANSWER_MS = 2_000
const TASK_MS = 100
/** So long a station is watched after it has come, ms. */
const WATCHED_MS = 3_000

const demo = (await (await fetch(`${address}/api/demo-workshop`)).json()) as WorkshopDocument
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: chromiumFlags,
})
const session = await browser.newBrowserCDPSession()

interface TraceEvent {
  readonly name: string
  readonly ph: string
  readonly pid: number
  readonly tid: number
  /** By the clock, and of the processor, in µs. */
  readonly dur?: number
  readonly tdur?: number
  readonly args?: { readonly name?: string }
}
/** All that the browser's threads do meanwhile. */
async function traced(run: () => Promise<void>): Promise<TraceEvent[]> {
  const events: TraceEvent[] = []
  const take = ({ value }: { value: unknown[] }): void => {
    events.push(...(value as TraceEvent[]))
  }
  session.on('Tracing.dataCollected', take)
  await session.send('Tracing.start', {
    transferMode: 'ReportEvents',
    traceConfig: { includedCategories: ['toplevel'] },
  })
  await run()
  const complete = new Promise((resolve) => session.once('Tracing.tracingComplete', resolve))
  await session.send('Tracing.end')
  await complete
  session.off('Tracing.dataCollected', take)
  return events
}
/** The task that a page's thread has worked on longest. */
function longestTask(events: readonly TraceEvent[]): { workMs: number; clockMs: number } {
  const threadOf = ({ pid, tid }: TraceEvent): string => `${pid}:${tid}`
  const pages = new Set(
    events
      .filter(({ name, args }) => name === 'thread_name' && args?.name === 'CrRendererMain')
      .map(threadOf),
  )
  const tasks = events.filter(
    (event) => event.ph === 'X' && event.name.endsWith('RunTask') && pages.has(threadOf(event)),
  )
  if (tasks.length === 0) throw new Error('the trace has no task of a page')
  let longest = { workMs: 0, clockMs: 0 }
  for (const { dur = 0, tdur = dur } of tasks)
    if (tdur / 1000 > longest.workMs) longest = { workMs: tdur / 1000, clockMs: dur / 1000 }
  return longest
}

let missed = false
function say(what: string, ms: number, most: number): void {
  const fits = ms <= most
  if (!fits) missed = true
  console.log(`${fits ? ' ' : '✗'} ${what}: ${ms.toFixed(0)} ms (at most ${most})`)
}

const workshops = {
  'largest amounts': largestAmounts,
  'all lines in one commission': (document: WorkshopDocument) => manyLines(document, recordTables.lines.most),
  'tallest plants at full size': tallestPlants,
  'thinnest plants': thinnestPlants,
}
for (const [what, make] of Object.entries(workshops)) {
  console.log(what)
  const page = await browser.newPage({ baseURL: address, viewport: { width: 1280, height: 800 } })
  const maker = new Maker(page)
  await maker.open('workshop', 'mine')
  let begun = performance.now()
  await maker.mergeFile({
    name: 'largest.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(make(demo))),
  })
  say('merged in', performance.now() - begun, 8_000)
  await page.waitForTimeout(WATCHED_MS)
  for (const station of ['Brief', 'Line-up', 'Make-up', 'Blends', 'Stock', 'Calendar', 'Bench', 'Log']) {
    const trace = await traced(async () => {
      begun = performance.now()
      await maker.go(station)
      say(`${station}, first answer`, performance.now() - begun, ANSWER_MS)
      await page.waitForTimeout(WATCHED_MS)
    })
    const { workMs, clockMs } = longestTask(trace)
    say(`${station}, longest task (${clockMs.toFixed(0)} by the clock)`, workMs, TASK_MS)
  }
  await page.close()
}
await browser.close()
process.exit(missed ? 1 : 0)
