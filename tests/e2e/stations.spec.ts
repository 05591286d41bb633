import { expect, test } from '@playwright/test'
import { places } from '../../shared/stations'
import { faultsInView, sizes } from './support/in-view'
import { Maker } from './support/maker'
import { serious } from './support/serious'

/** A window of 1280 × 800 looked at twice as large has room for half as much. */
const TWICE_AS_LARGE = { width: 640, height: 400 }

/** The walk takes turns: each part opens the demo once. */
const PARTS = 3
for (let part = 0; part < PARTS; part += 1) {
  const own = places.filter((_, i) => i % PARTS === part)
  test(`the main action in view, no words cut or covered, nothing serious found by axe: ${own
    .map(({ name }) => name)
    .join(', ')}`, async ({ page }) => {
    const maker = new Maker(page)
    const refused: string[] = []
    page.on('console', (message) => {
      if (/content security policy/i.test(message.text())) refused.push(message.text())
    })
    await maker.open(own[0]?.path ?? '', 'demo')
    for (const { path, name, main } of own) {
      await maker.goWithin(`/demo/${path}`)
      for (const [width, height] of sizes) {
        await page.setViewportSize({ width, height })
        // What is worked out in parts comes little by little.
        await expect
          .poll(() => faultsInView(page, main), {
            timeout: 20_000,
            message: `${name} at ${width} × ${height}`,
          })
          .toEqual([])
        if (width === 1280) expect.soft([name, await serious(page)]).toEqual([name, []])
      }
      await page.setViewportSize(TWICE_AS_LARGE)
      await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' })
      expect.soft(['twice as large', name, await serious(page)]).toEqual(['twice as large', name, []])
      // Nothing runs out of the window sideways.
      const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
      expect.soft(['sideways', name, over]).toEqual(['sideways', name, 0])
      await page.emulateMedia({ forcedColors: 'none', reducedMotion: 'no-preference' })
      expect.soft([name, refused]).toEqual([name, []])
    }
  })
}
