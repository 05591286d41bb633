import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { foldRun, isOpen, traysOf, type Batch, type RunEvent, type TrayEntry } from '../core/batches'
import { balancesOf, type LotBalance, type Movement } from '../core/stock'
import { seededRandom } from '../core/units'
import { chromiumFlags } from '../scripts/lib.mjs'
import { report } from './race'

/**
 * Interruptions at the Bench, 60 of them: the page closed, reloaded, or the browser killed 0 to 25 ms after a click
 * that writes. After each, the books, the runs and the trays must agree. Set BENCH_ROUNDS for more.
 */
const address = process.env.BENCH_ADDRESS ?? 'http://localhost:4199'
const ROUNDS = Number(process.env.BENCH_ROUNDS ?? 60)
const LONGEST_MS = 25
const random = seededRandom(41)
const profile = mkdtempSync(join(tmpdir(), 'interruptions-'))

/** A browser of its own process group, on a profile that outlives it. */
async function open(): Promise<{ page: Page; child: ChildProcess }> {
  const child = spawn(
    process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    [
      ...chromiumFlags,
      '--headless',
      '--remote-debugging-port=0',
      `--user-data-dir=${profile}`,
      'about:blank',
    ],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  )
  const endpoint = await new Promise<string>((resolve, reject) => {
    let said = ''
    child.stderr?.on('data', (part: Buffer) => {
      said += part.toString()
      const found = /DevTools listening on (ws:\S+)/.exec(said)
      if (found?.[1]) resolve(found[1])
    })
    child.on('exit', () => reject(new Error(`The browser ended: ${said.slice(-400)}`)))
  })
  const browser = await chromium.connectOverCDP(endpoint)
  const page = await browser.contexts()[0]!.newPage()
  page.setDefaultTimeout(20_000)
  return { page, child }
}

async function kill({ child }: { child: ChildProcess }): Promise<void> {
  const ended = new Promise((resolve) => child.once('exit', resolve))
  if (child.pid) process.kill(-child.pid, 'SIGKILL')
  await ended
}

type Tables = {
  batches: Batch[]
  events: RunEvent[]
  movements: Movement[]
  trayEntries: TrayEntry[]
  balances: (LotBalance & { id: string })[]
  openBatches: { id: string }[]
}

/** All rows, read on a page without the app, so that nothing mends them before they are seen. */
async function rowsOf(page: Page): Promise<Tables> {
  await page.goto(`${address}/manifest.webmanifest`)
  return page.evaluate(async () => {
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const request = indexedDB.open('hardy-thicket:demo')
      request.onsuccess = () => resolve(request.result)
      request.onerror = () => reject(request.error)
    })
    const names = ['batches', 'events', 'movements', 'trayEntries', 'balances', 'openBatches']
    const transaction = db.transaction(names)
    const read = (name: string): Promise<unknown[]> =>
      new Promise((resolve, reject) => {
        const request = transaction.objectStore(name).getAll()
        request.onsuccess = () => resolve(request.result as unknown[])
        request.onerror = () => reject(request.error)
      })
    const entries = await Promise.all(names.map(async (name) => [name, await read(name)] as const))
    db.close()
    return Object.fromEntries(entries) as unknown as Tables
  })
}

/** What does not agree. */
function faultsOf(rows: Tables): string[] {
  const faults: string[] = []
  const open = new Set(rows.openBatches.map(({ id }) => id))
  for (const batch of rows.batches) {
    const run = foldRun(
      batch,
      rows.events.filter(({ batchId }) => batchId === batch.id),
    )
    if (run.setAside.length > 0) faults.push(`${batch.name}: ${run.setAside.length} entries set aside`)
    if (isOpen(run) !== open.has(batch.id)) faults.push(`${batch.name}: marked open or not as it isn’t`)
    const end = run.state.outcome ? run.history.at(-1)?.id : undefined
    const own = rows.movements.filter(({ batchId }) => batchId === batch.id)
    const drawn = own.reduce((sum, { quantity }) => sum + quantity, 0)
    if (!end && Math.abs(drawn) > 1e-6) faults.push(`${batch.name}: is open, and ${drawn} is drawn for it`)
    if (end && run.state.outcome?.used.length && !own.some(({ eventId }) => eventId === end))
      faults.push(`${batch.name}: has ended, and nothing is drawn`)
    const onTrays = traysOf(rows.trayEntries.filter(({ batchId }) => batchId === batch.id))
    const good = onTrays.reduce(
      (sum, { counts }) => sum + Object.values(counts).reduce((a, b) => a + b, 0),
      0,
    )
    const expected = run.state.outcome?.type === 'finish' && batch.makes.kind !== 'stock' ? run.state.live : 0
    if (good !== expected) faults.push(`${batch.name}: ${good} on trays, ${expected} good ones`)
  }
  const stored = new Map(rows.balances.map((row) => [row.id, row]))
  for (const [id, { onHand }] of balancesOf(rows.movements))
    if (Math.abs(onHand - (stored.get(id)?.onHand ?? NaN)) < 1e-6 === false)
      faults.push(`lot ${id}: ${stored.get(id)?.onHand} stored, ${onHand} by the ledger`)
  return faults
}

/** Presses a button by its first words, without waiting for what comes of it. */
const press = (page: Page, words: string): Promise<void> =>
  page.evaluate((name) => {
    const buttons = [...document.querySelectorAll<HTMLButtonElement>('button:not(:disabled)')]
    buttons
      .filter((one) => one.textContent?.trim().startsWith(name))
      .at(-1)
      ?.click()
  }, words)

let browser = await open()
await browser.page.goto(`${address}/demo/log`)
await browser.page.getByRole('heading', { level: 1 }).waitFor()
await browser.page.getByRole('row').nth(1).waitFor()
const done: Record<string, number> = {}
const all: string[] = []
let written = 0
let rows = await rowsOf(browser.page)
for (let i = 0; i < ROUNDS; i += 1) {
  const { page } = browser
  // Mostly what is open; now and then one that has ended, to take its end back.
  const pool = rows.openBatches.length > 0 && random() < 0.7 ? rows.openBatches : rows.batches
  await page.goto(`${address}/demo/bench?batch=${pool[Math.floor(random() * pool.length)]?.id}`)
  await page.getByRole('button', { name: /^Undo/ }).waitFor()
  const labels = await page.locator('.run button:enabled').allInnerTexts()
  const can = ['Undo', 'Piece done', 'It is dry', 'Go on', 'Pause', 'Abandon'].filter((name) =>
    labels.some((label) => label.trim().startsWith(name)),
  )
  const ending = can.includes('Abandon') && random() < 0.35
  const deed = ending ? 'Abandon' : (can[Math.floor(random() * can.length)] ?? 'Undo')
  if (deed === 'Abandon') {
    await page.getByRole('button', { name: 'Abandon', exact: true }).click()
    await page.getByRole('dialog').getByLabel('Why').fill('interrupted')
    await press(page, 'Abandon batch')
  } else await press(page, deed)
  done[deed] = (done[deed] ?? 0) + 1
  await new Promise((resolve) => setTimeout(resolve, random() * LONGEST_MS))
  if (i % 3 === 0) {
    await page.close()
    browser.page = await page.context().newPage()
  } else if (i % 3 === 1) await page.reload()
  else {
    await kill(browser)
    browser = await open()
  }
  const before = rows.events.length
  rows = await rowsOf(browser.page)
  written += Number(rows.events.length > before)
  all.push(...faultsOf(rows).map((fault) => `round ${i}, ${deed}: ${fault}`))
}
await kill(browser)
rmSync(profile, { recursive: true, force: true })
console.log(`pressed: ${JSON.stringify(done)}; ${written} of ${ROUNDS} were written before the interruption`)
for (const fault of all.slice(0, 10)) console.log(fault)
report(`${ROUNDS} interruptions at the Bench: ${all.length} disagreements (target 0)`, all.length === 0)
