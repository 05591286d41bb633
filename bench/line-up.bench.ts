import { chromium } from '@playwright/test'
import { gzipSync } from 'node:zlib'
import { chromiumFlags } from '../scripts/lib.mjs'
import { writeWorkshopFile } from '../core/workshop'
import { largeWorkshop } from './large-workshop'

/**
 * What a browser loads for Line-up, and how long a large workshop takes to open to it. Run by
 * scripts/bench.mjs against the built app.
 */
const address = process.env.BENCH_ADDRESS ?? 'http://localhost:4199'
const MOST_KB = 250
const MOST_MS = 2000

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: chromiumFlags,
})
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
const page = await context.newPage()
const scripts = new Map<string, Promise<Buffer>>()
page.on('response', (response) => {
  if (response.request().resourceType() === 'script') scripts.set(response.url(), response.body())
})
await page.goto(`${address}/demo/line-up`)
await page.getByRole('table').waitFor()
await page.waitForTimeout(1000)
let bytes = 0
for (const body of scripts.values()) bytes += gzipSync(await body, { level: 9 }).length
const kb = bytes / 1000
console.log(
  `JavaScript for Line-up: ${kb.toFixed(1)} kB gzipped in ${scripts.size} files (target at most ${MOST_KB}): ${kb <= MOST_KB ? 'met' : 'MISSED'}`,
)
const heavy =
  [...scripts.keys()].length > 0 &&
  (await Promise.all([...scripts.values()])).some(
    (body) => body.includes('zrender') || body.includes('PDFDocument'),
  )
console.log(`charts or PDF code among it: ${heavy ? 'yes, MISSED' : 'no'}`)

await page.goto(`${address}/mine/workshop`)
await page.getByLabel('Import a file…').setInputFiles({
  name: 'large.json',
  mimeType: 'application/json',
  buffer: Buffer.from(writeWorkshopFile(largeWorkshop())),
})
await page.getByRole('button', { name: 'Merge into this workshop' }).click()
await page.getByText('is merged in').waitFor({ timeout: 60_000 })
const times: number[] = []
for (let i = 0; i < 7; i += 1) {
  const start = performance.now()
  await page.goto(`${address}/mine/line-up`, { waitUntil: 'commit' })
  await page.getByRole('button', { name: /Norway spruce, .* at the model/ }).waitFor()
  // Interactive: a click on another plant is answered.
  await page.getByRole('button', { name: /Beech, .* at the model/ }).click()
  await page.locator('[aria-pressed="true"][aria-label^="Beech"]').waitFor()
  times.push(performance.now() - start)
}
const median = times.sort((a, b) => a - b)[3] ?? NaN
console.log(
  `large workshop to an interactive Line-up: median ${Math.round(median)} ms, from ${Math.round(times[0] ?? NaN)} to ${Math.round(times[6] ?? NaN)} (target under ${MOST_MS}): ${median < MOST_MS ? 'met' : 'MISSED'}`,
)
await browser.close()
if (kb > MOST_KB || heavy || median >= MOST_MS) process.exitCode = 1
