/**
 * npm run screenshots: one current picture of each main view, from the demo, into docs/screenshots. Every station of
 * the registry has one: of its page as it stands, or one that is staged below under the station's name.
 */
import { chromium } from '@playwright/test'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import {
  bundled,
  chromiumFlags,
  ensureBuild,
  ensureChromium,
  ensurePackages,
  freePort,
  root,
  serve,
} from './lib.mjs'

ensurePackages()
const executablePath = ensureChromium()
ensureBuild()
const out = process.env.SCREENSHOTS_DIR ?? join(root, 'docs', 'screenshots')
mkdirSync(out, { recursive: true })
const port = await freePort(4299)
const { child, address } = await serve(port)
const browser = await chromium.launch({ executablePath, args: chromiumFlags })
const context = await browser.newContext({
  viewport: { width: 1280, height: 800 },
  locale: 'en-GB',
  timezoneId: 'UTC',
  serviceWorkers: 'block',
})
const page = await context.newPage()
page.setDefaultTimeout(15_000)

/** @param name of the picture @param path of the view @param act what to do before it is taken */
async function picture(name, path, act = async () => {}) {
  taken.add(path.replace('/demo/', '').split('?')[0])
  if (process.argv[2] && !name.includes(process.argv[2])) return
  await page.goto(address + path)
  await page.locator('#station h1').first().waitFor({ state: 'attached' })
  await page.waitForTimeout(900)
  await act()
  await page.evaluate(
    () => document.activeElement instanceof HTMLButtonElement && document.activeElement.blur(),
  )
  await settled(page)
  await page.screenshot({ path: join(out, `${name}.png`) })
  console.log(name)
}

/** Waits until nothing is painted any more: all canvases the same, four looks in a row. */
async function settled(of) {
  await of.waitForFunction(() => !document.querySelector('canvas[aria-busy="true"]'), null, {
    timeout: 60_000,
  })
  const look = () =>
    of.evaluate(() =>
      [...document.querySelectorAll('canvas')]
        .map((canvas) => {
          const context = canvas.width > 0 && canvas.getContext('2d', { willReadFrequently: true })
          if (!context) return 0
          const { data } = context.getImageData(0, 0, canvas.width, canvas.height)
          let sum = canvas.width
          for (let i = 0; i < data.length; i += 13) sum = (sum * 31 + data[i]) % 2147483647
          return sum
        })
        .join(),
    )
  let last = ''
  for (let same = 0, tries = 0; same < 4 && tries < 120; tries += 1) {
    await of.waitForTimeout(500)
    const now = await look()
    same = now === last ? same + 1 : 0
    last = now
  }
}

async function choose(commission) {
  await page.getByRole('button', { name: 'Change commission' }).click()
  await page.getByRole('menuitem', { name: new RegExp(commission) }).click()
}

const taken = new Set()
try {
  await picture('planting', '/demo/planting', async () => {
    await page.getByRole('button', { name: 'Another plan' }).waitFor()
  })
  await picture('scene', '/demo/planting', async () => {
    await choose('Kestrel Halt')
    await page.getByRole('button', { name: 'In the scene' }).click()
    await page.waitForTimeout(6000)
  })
  await picture('species', '/demo/species?kind=umbrella-pine')
  await picture('make-up', '/demo/make-up', async () => {
    await choose('Kestrel Halt')
    await page.keyboard.press(']')
    await page.waitForTimeout(4000)
  })
  await picture('blends', '/demo/blends?blend=kh-mix-base', async () => {
    await choose('Kestrel Halt')
    await page.waitForTimeout(3000)
  })
  await picture('ahead', '/demo/stock/ahead', async () => {
    await page.getByRole('button', { name: 'Leaf scatter, spring green' }).click()
  })
  await picture('harvest', '/demo/stock/harvest', () => page.waitForTimeout(1500))
  await picture('buying', '/demo/stock/buying', async () => {
    await page.getByRole('region', { name: 'What it costs' }).waitFor()
  })
  await picture('wire', '/demo/make-up', async () => {
    await choose('Kestrel Halt')
    await page.keyboard.press(']')
    const panel = page.getByRole('region', { name: 'Armature' })
    await panel.getByText(/trunk [\d.]+ mm/).waitFor()
    await panel.evaluate((section) => {
      section.scrollIntoView()
      document.querySelector('#station > .scroller').scrollBy(0, -80)
    })
  })
  const laid = async () => {
    await page.locator('.work').first().waitFor()
    const yes = page.getByRole('button', { name: 'It will be' }).first()
    if (await yes.isVisible()) await yes.click()
    await page.waitForTimeout(1500)
    const keep = page.getByRole('button', { name: 'Keep this plan' })
    if (await keep.isVisible()) await keep.click()
    await page.waitForTimeout(6500)
  }
  await picture('calendar', '/demo/calendar', async () => {
    await laid()
    await page.locator('.work').nth(3).click()
  })
  await picture('calendar-season', '/demo/calendar', async () => {
    await laid()
    await page.getByRole('button', { name: 'all of it' }).click()
  })
  await picture('tonight', '/demo/bench?tonight=1', () => page.waitForTimeout(1500))
  await picture('bench-window', '/demo/bench')
  await picture('log', '/demo/log', async () => {
    await page.getByRole('button', { name: 'Old beech, first dozen' }).click()
  })
  if (!process.argv[2] || 'bench-phone'.includes(process.argv[2])) {
    await page.setViewportSize({ width: 390, height: 780 })
    await picture('bench-phone', '/demo/bench', async () => {
      await page.getByRole('link', { name: /Young beech/ }).click()
    })
    await page.setViewportSize({ width: 1280, height: 800 })
  }
  const { places } = await import(bundled(join(root, 'shared', 'stations.ts'), 'scripts'))
  for (const { path, of } of places) if (!of && !taken.has(path)) await picture(path, `/demo/${path}`)
} finally {
  await browser.close()
  child.kill()
}
