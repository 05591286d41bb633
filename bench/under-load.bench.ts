import { chromium, type Page } from '@playwright/test'
import { foldRun } from '../core/batches'
import { largeWorkshop } from './large-workshop'
import { chromiumFlags } from '../scripts/lib.mjs'

/**
 * A workshop of years: 500 batches of 60 entries, and a ledger of 20 000 and then of 1 000 000 movements.
 * Rows are written into the browser's database as the commands write them, with the balances that they add up
 * to. Targets: opening a million at most 1.5 times as long as 20 000; a press answered within 50 ms; folding
 * per press at most 2 ms.
 */
const address = process.env.BENCH_ADDRESS ?? 'http://localhost:4199'
const MOST_RATIO = 1.5
const MOST_PRESS_MS = 50
const MOST_FOLD_MS = 2
const BATCHES = 500
const ENTRIES = 60

const workshop = largeWorkshop({ batches: 1, lots: 1, movements: 1 })
const template = workshop.batches[0]!
const bench = { ...template, id: 'now', name: 'On the bench', pieces: 4000, lineId: 'line4' }

/** Writes rows into the open workshop's database, some thousand at a time. */
const fill = (page: Page, movements: number, first: number): Promise<void> =>
  page.evaluate(
    async ({ movements, first, template, bench, lines, commissions, BATCHES, ENTRIES }) => {
      const db = await new Promise<IDBDatabase>((resolve, reject) => {
        const request = indexedDB.open('hardy-thicket:mine')
        request.onsuccess = () => resolve(request.result)
        request.onerror = () => reject(request.error)
      })
      const put = (table: string, rows: object[]): Promise<void> =>
        new Promise((resolve, reject) => {
          const transaction = db.transaction(table, 'readwrite', { durability: 'relaxed' })
          const store = transaction.objectStore(table)
          for (const row of rows) store.put(row)
          transaction.oncomplete = () => resolve()
          transaction.onerror = () => reject(transaction.error)
        })
      const at = (n: number): string => new Date(Date.UTC(2026, 0, 1) + n * 1000).toISOString()
      const id = (n: number): string => String(n).padStart(7, '0')
      if (first === 0) {
        await put('commissions', commissions)
        await put('lines', lines)
        const events: object[] = []
        const batches: object[] = [bench]
        const start = { id: 'e-now-0', batchId: 'now', at: at(0), deed: { type: 'start' } }
        events.push(start)
        for (let b = 0; b < BATCHES; b += 1) {
          batches.push({ ...template, id: `b${b}`, name: `Batch ${b}` })
          for (let e = 0; e < ENTRIES; e += 1)
            events.push({
              id: `e-${b}-${e}`,
              batchId: `b${b}`,
              ...(e > 0 ? { after: `e-${b}-${e - 1}` } : {}),
              at: at(b * 100 + e),
              deed:
                e === 0
                  ? { type: 'start' }
                  : e === ENTRIES - 1
                    ? { type: 'abandon', reason: 'bench', handsMin: 1, used: [] }
                    : { type: e % 2 ? 'pause' : 'resume' },
            })
        }
        await put('batches', batches)
        await put('events', events)
        await put('openBatches', [{ id: 'now' }])
        await put(
          'lots',
          Array.from({ length: 300 }, (_, i) => ({
            id: `lot${i}`,
            materialId: 'pva',
            label: `lot ${i}`,
            source: 'bought',
            date: '2026-01-01',
            madeAt: at(i),
            priceMinor: 500,
          })),
        )
      }
      for (let from = first; from < movements; from += 20_000)
        await put(
          'movements',
          Array.from({ length: Math.min(20_000, movements - from) }, (_, i) => ({
            id: id(from + i),
            at: at(from + i),
            lotId: `lot${(from + i) % 300}`,
            kind: 'receive',
            quantity: 1,
          })),
        )
      const each = movements / 300
      await put(
        'balances',
        Array.from({ length: 300 }, (_, i) => {
          const n = Math.floor(each) + (i < movements % 300 ? 1 : 0)
          return { id: `lot${i}`, onHand: n, received: n, drawn: 0 }
        }),
      )
      db.close()
    },
    {
      movements,
      first,
      template,
      bench,
      lines: workshop.lines,
      commissions: workshop.commissions,
      BATCHES,
      ENTRIES,
    },
  )

/** Median time to a Line-up that answers a click, ms. */
async function opening(page: Page): Promise<number> {
  const times: number[] = []
  for (let i = 0; i < 7; i += 1) {
    const start = performance.now()
    await page.goto(`${address}/mine/line-up`, { waitUntil: 'commit' })
    await page.getByRole('button', { name: /Norway spruce, .* at the model/ }).waitFor()
    await page.getByRole('button', { name: /Beech, .* at the model/ }).click()
    await page.locator('[aria-pressed="true"][aria-label^="Beech"]').waitFor()
    times.push(performance.now() - start)
  }
  return times.sort((a, b) => a - b)[3] ?? NaN
}

/** Time from a press of "Piece done" to the page that shows it, ms: the median and the worst of thirty. */
async function presses(page: Page): Promise<{ median: number; worst: number }> {
  await page.goto(`${address}/mine/bench`)
  await page.getByRole('button', { name: 'Piece done' }).waitFor()
  const times = await page.evaluate(async () => {
    const button = [...document.querySelectorAll('button')].find(
      (one) => one.textContent?.trim() === 'Piece done',
    )!
    const count = (): string => document.querySelector('.pieces .count')?.textContent ?? ''
    const measured: number[] = []
    for (let i = 0; i < 30; i += 1) {
      const before = count()
      const start = performance.now()
      button.click()
      while (count() === before) await new Promise((resolve) => requestAnimationFrame(resolve))
      measured.push(performance.now() - start)
      await new Promise((resolve) => setTimeout(resolve, 150))
    }
    return measured
  })
  const sorted = times.sort((a, b) => a - b)
  return { median: sorted[15] ?? NaN, worst: sorted[29] ?? NaN }
}

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: chromiumFlags,
})
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
const page = await context.newPage()
await page.goto(`${address}/mine/workshop`)
await page.getByRole('heading', { name: 'Workshop', exact: true }).waitFor()
await fill(page, 20_000, 0)
const small = await opening(page)
const press = await presses(page)
await fill(page, 1_000_000, 20_000)
const large = await opening(page)
await browser.close()

/** Folding the batch in hand, as a press does; what has ended is not folded. */
const events = Array.from({ length: ENTRIES }, (_, i) => ({
  id: `x${i}`,
  batchId: 'now',
  ...(i > 0 ? { after: `x${i - 1}` } : {}),
  at: new Date(Date.UTC(2026, 0, 1) + i * 1000).toISOString(),
  deed: i === 0 ? ({ type: 'start' } as const) : ({ type: 'pieces', step: 0, count: 1 } as const),
}))
const rounds = 400
for (let i = 0; i < rounds; i += 1) foldRun(bench, events)
const start = performance.now()
for (let i = 0; i < rounds; i += 1) foldRun(bench, events)
const fold = (performance.now() - start) / rounds

const met = (fits: boolean): string => (fits ? 'met' : 'MISSED')
console.log(
  `opening with 1 000 000 movements ${Math.round(large)} ms, with 20 000 ${Math.round(small)} ms: ratio ${(large / small).toFixed(2)} (target at most ${MOST_RATIO}): ${met(large / small <= MOST_RATIO)}`,
)
console.log(
  `"Piece done" among ${BATCHES} batches and ${BATCHES * ENTRIES} entries: median ${Math.round(press.median)} ms, worst ${Math.round(press.worst)} ms (target ${MOST_PRESS_MS}): ${met(press.median <= MOST_PRESS_MS)}`,
)
console.log(
  `folding a run of ${ENTRIES} entries: ${fold.toFixed(3)} ms (target ${MOST_FOLD_MS}): ${met(fold <= MOST_FOLD_MS)}`,
)
if (large / small > MOST_RATIO || press.median > MOST_PRESS_MS || fold > MOST_FOLD_MS) process.exitCode = 1
