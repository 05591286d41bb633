import { chromium } from '@playwright/test'
import { chromiumFlags } from '../scripts/lib.mjs'
import { lineSize, sitterOf } from '../core/commissions'
import { speciesById, speciesTable } from '../core/plants'
import { newWorkshop, writeWorkshopFile } from '../core/workshop'
import { report } from './race'

/**
 * First picture of thirty lines, outlines standing for what still grows; how often they are shown anew while the season
 * marker is dragged, painted away from the page, and how often the page draws a frame meanwhile; forty skeletons of 300
 * tips in the worker, and how soon the page answers meanwhile.
 */
const address = process.env.BENCH_ADDRESS ?? 'http://localhost:4199'
const NOW = '2026-01-01T08:00:00.000Z'
const document = newWorkshop(NOW)
document.commissions.push({
  id: 'big',
  changedAt: NOW,
  name: 'Thirty lines',
  ratio: 87.1,
  dateDepicted: '2026-06-20',
  place: '',
  latitudeDeg: 50,
  altitudeM: 100,
  viewingMm: 700,
  stature: 0.75,
})
const kinds = speciesTable.filter((_, i) => i % 6 === 0).slice(0, 30)
kinds.forEach((species, i) =>
  document.lines.push({
    id: `line${i}`,
    changedAt: NOW,
    commissionId: 'big',
    order: i,
    name: species.common,
    speciesId: species.id,
    age: 'mature',
    amount: { kind: 'pieces', pieces: 20 },
    zone: 'front',
    methodId: 'sprig-tree',
  }),
)

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: chromiumFlags,
})
const page = await (
  await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
).newPage()
let workerAt = ''
page.on('worker', (worker) => {
  if (worker.url().includes('service')) workerAt = worker.url()
})
await page.goto(`${address}/mine/workshop`)
await page.getByLabel('Import a file…').setInputFiles({
  name: 'thirty.json',
  mimeType: 'application/json',
  buffer: Buffer.from(writeWorkshopFile(document)),
})
await page.getByRole('button', { name: 'Merge into this workshop' }).click()
await page.getByText('is merged in').waitFor({ timeout: 60_000 })
/** Px of the picture that something stands on. */
const painted = (): Promise<number> =>
  page.evaluate(() => {
    const canvas = globalThis.document.querySelector<HTMLCanvasElement>('.drawing canvas')
    const context = canvas?.getContext('2d', { willReadFrequently: true })
    if (!canvas || !context || canvas.width === 0) return 0
    const { data } = context.getImageData(0, 0, canvas.width, canvas.height)
    let count = 0
    for (let i = 3; i < data.length; i += 4) if ((data[i] ?? 0) > 20) count += 1
    return count
  })
/** How long it takes until so many px are painted, ms since the page was asked for. */
async function until(px: number, since: number): Promise<number> {
  while ((await painted()) < px) await page.waitForTimeout(20)
  return performance.now() - since
}
const asked = performance.now()
await page.goto(`${address}/mine/line-up`)
const first = await until(2_000, asked)
await page.locator('.drawing canvas:not([aria-busy="true"])').first().waitFor({ timeout: 60_000 })
const grown = performance.now() - asked
report(
  `first picture of 30 lines after the page was asked for: ${first.toFixed(0)} ms, all of them grown and painted: ${grown.toFixed(0)} ms (target for the first 1500)`,
  first <= 1500,
)
await page.waitForTimeout(3000)

const box = (await page.locator('.track').boundingBox()) ?? { x: 0, y: 0, width: 1, height: 1 }
await page.mouse.move(box.x + 20, box.y + box.height / 2)
await page.mouse.down()
const { times: frames, pictures } = await page.evaluate(async ({ x, y, width, height }) => {
  const track = globalThis.document.querySelector('.track')
  const times: number[] = []
  let pictures = 0
  // Each picture that comes is put on the canvas once.
  const { prototype } = CanvasRenderingContext2D
  const { putImageData } = prototype
  prototype.putImageData = new Proxy(putImageData, {
    apply: (put, context: CanvasRenderingContext2D, of: Parameters<typeof putImageData>) => {
      if (context.canvas.closest('.drawing')) pictures += 1
      Reflect.apply(put, context, of)
    },
  })
  const start = performance.now()
  await new Promise<void>((resolve) => {
    // To and fro over the year, twice, as one does who looks for the right day.
    const step = (now: number): void => {
      times.push(now)
      const at = 0.5 - 0.5 * Math.cos(((now - start) / 4000) * 2 * Math.PI)
      track?.dispatchEvent(
        new PointerEvent('pointermove', {
          pointerId: 1,
          clientX: x + width * at,
          clientY: y + height / 2,
          bubbles: true,
        }),
      )
      if (now - start < 8000) requestAnimationFrame(step)
      else resolve()
    }
    requestAnimationFrame(step)
  })
  prototype.putImageData = putImageData
  return { times, pictures }
}, box)
await page.mouse.up()
const gaps = frames
  .slice(1)
  .map((time, i) => time - (frames[i] ?? time))
  .sort((a, b) => a - b)
const fps = (1000 * gaps.length) / gaps.reduce((sum, gap) => sum + gap, 0)
const slow = 1000 / (gaps[Math.floor(gaps.length * 0.95)] ?? NaN)
const moved = await page.getByRole('slider', { name: 'Date depicted' }).getAttribute('aria-valuetext')
console.log(`the marker stands on ${moved}; ${gaps.length} frames`)
const shown = pictures / (((frames.at(-1) ?? 0) - (frames[0] ?? 0)) / 1000)
report(
  `while the marker is dragged over 30 lines: ${fps.toFixed(0)} frames of the page a second, 95 % of them above ${slow.toFixed(0)} (target 30); ${shown.toFixed(0)} pictures of the plants a second (target 15)`,
  fps >= 30 && shown >= 15,
)

const beech = speciesById('beech')
const line = { id: 'bench', age: 'mature' } as const
const sitters = Array.from({ length: 40 }, (_, i) => {
  const sitter = sitterOf(
    line,
    beech,
    lineSize(line, { ratio: 87.1, stature: 1, viewingMm: 700 }, beech),
    beech.seeThrough,
    i,
  )
  return { ...sitter, habitus: { ...sitter.habitus, tips: 300 } }
})
const { ms, longest, tips } = await page.evaluate(
  async ({ url, orders }) => {
    const worker = new Worker(url, { type: 'module' })
    const { port1: port, port2 } = new MessageChannel()
    worker.postMessage({ name: 'grow', port: port2 }, [port2])
    port.start()
    let beat = performance.now()
    let longestGap = 0
    const heart = setInterval(() => {
      const now = performance.now()
      longestGap = Math.max(longestGap, now - beat)
      beat = now
    }, 1)
    // The words that the page's own code and its worker speak.
    const ask = (sitter: unknown, i: number): Promise<{ drawing: { marks: Float32Array } }> =>
      new Promise((resolve) => {
        const id = `bench-${i}`
        port.addEventListener(
          'message',
          ({ data }: MessageEvent<{ id: string; value: { drawing: { marks: Float32Array } } }>) => {
            if (data.id === id) resolve(data.value)
          },
        )
        port.postMessage({
          id,
          type: 'APPLY',
          path: ['grow'],
          argumentList: [
            { type: 'RAW', value: i },
            { type: 'RAW', value: sitter },
          ],
        })
      })
    await ask(orders[0], 999)
    beat = performance.now()
    longestGap = 0
    const start = performance.now()
    const drawings = await Promise.all(orders.map(ask))
    const took = performance.now() - start
    clearInterval(heart)
    worker.terminate()
    return {
      ms: took,
      longest: longestGap,
      tips: drawings.filter(({ drawing: { marks } }) => marks.length > 0).length,
    }
  },
  { url: workerAt, orders: sitters },
)
report(
  `40 skeletons of 300 tips, grown and dressed in the worker: ${Math.round(ms)} ms for ${tips} (target under 1000)`,
  ms < 1000 && tips === 40,
)
report(`the page’s longest silence meanwhile: ${longest.toFixed(0)} ms (target 50)`, longest <= 50)
await browser.close()
