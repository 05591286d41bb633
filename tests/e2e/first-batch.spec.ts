import { chromium, expect, test, type BrowserContext } from '@playwright/test'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromiumFlags } from '../../scripts/lib.mjs'
import { Maker } from './support/maker'
import { choose } from './support/choose'

const HOUR = 3_600_000

/**
 * The whole path of a first batch, in a browser that is really closed and started again in the middle of a
 * drying step.
 */
test('from a new commission to the log, through a closed browser', async ({ baseURL }) => {
  test.setTimeout(400_000)
  const profile = mkdtempSync(join(tmpdir(), 'thicket-'))
  const launch = (): Promise<BrowserContext> =>
    chromium.launchPersistentContext(profile, {
      baseURL,
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: chromiumFlags,
      viewport: { width: 1280, height: 800 },
      locale: 'en-GB',
      timezoneId: 'UTC',
      acceptDownloads: true,
    })
  try {
    let context = await launch()
    let page = context.pages()[0] ?? (await context.newPage())
    let maker = new Maker(page)

    await test.step('brief: scale, lines, and sizes that follow while they are typed', async () => {
      await maker.open('brief')
      await maker.newCommission('Hollow Bank', '4mm/ft')
      await expect(page.getByLabel('Scale', { exact: true })).toHaveValue('1:76.2')
      const hawthorn = await maker.addLine('Hawthorn', 'crataegus', 12, '')
      await hawthorn.getByLabel('Real height').fill('6 m')
      await expect(hawthorn.getByLabel('Model size')).toContainText('79 mm')
      await hawthorn.getByLabel('Real height').press('Tab')
      await choose(hawthorn.getByLabel('Zone'), 'middle')
      const bush = await maker.addLine('Blackthorn', 'blackth', 40, '1.5 m')
      await expect(bush.getByLabel('Model size')).toContainText('19.7 mm')
      await maker.addLine('Tufted hair-grass', 'Deschampsia', 60, '0.5 m')
      await expect(page.getByRole('textbox', { name: 'Pieces' }).nth(2)).toHaveValue('60')
    })

    await test.step('line-up: true sizes beside a person', async () => {
      await page.locator('h1').first().click()
      await page.keyboard.press('2')
      await expect(
        page.getByRole('button', { name: 'Hawthorn, 79 mm at the model, 6.0 m real, 12 pieces' }),
      ).toBeVisible()
      await expect(page.getByRole('button', { name: /Tufted hair-grass, 6.6 mm at the model/ })).toBeVisible()
    })

    await test.step('make-up: reasons, amounts with their origin, volumes to pour', async () => {
      await page.getByRole('table').getByRole('button', { name: 'Hawthorn', exact: true }).click()
      await page.getByRole('radio', { name: /Soaked sprig tree suits/ }).check()
      await expect(page.getByText('a good sprig has just this height')).toBeVisible()
      await page.getByRole('button', { name: /^Foliage, one piece:/ }).click()
      await expect(page.getByText('Beer–Lambert canopy law (Monsi & Saeki 1953; Nilson 1971)')).toBeVisible()
      await expect(
        page.getByText('ln(1 ÷ see-through in full leaf) × 2/3 × grain × density of a grain'),
      ).toBeVisible()
      await page.keyboard.press('Escape')
      const amount = async (label: string): Promise<number> =>
        parseFloat(
          (await page
            .getByRole('button', { name: new RegExp(`^${label}: .*Where from`) })
            .last()
            .textContent()) ?? '',
        )
      expect((await amount('Water')) / (await amount('Matte medium'))).toBeCloseTo(5, 1)
      for (const [line, method] of [
        ['Blackthorn', 'Wool bush'],
        ['Tufted hair-grass', 'Tufts on a release sheet'],
      ] as const) {
        await maker.chooseLine(line)
        await page.getByRole('radio', { name: new RegExp(method) }).check()
        await expect(page.getByRole('button', { name: /Start batch of/ })).toBeEnabled()
      }
    })

    await test.step('stock: the shortage is found and packs are received', async () => {
      await maker.go('Stock')
      await expect(maker.short.filter({ hasText: 'Dried sprigs' })).not.toHaveCount(0)
      const received = await maker.receiveWhatIsShort()
      expect(received).toContain('Dried sprigs')
      await expect(page.getByText('All that is left to make is covered')).toBeVisible()
    })

    const foam = await test.step('the batch of twelve is started', async () => {
      await maker.chooseLine('Hawthorn')
      await page.getByLabel('Start', { exact: true }).fill('12')
      const name = await page.getByLabel('Material for Foliage').textContent()
      const download = page.waitForEvent('download')
      await page.getByRole('button', { name: 'Print card' }).click()
      const card = readFileSync(await (await download).path())
      expect(card.subarray(0, 5).toString()).toBe('%PDF-')
      await page.getByRole('button', { name: 'Start batch of 12' }).click()
      await expect(page.getByRole('heading', { name: 'Sort and clean' })).toBeVisible()
      return (name ?? '').replace(' (proposed)', '')
    })

    const stockOf = async (): Promise<{ foam: string; sprigs: string }> => {
      await maker.go('Stock')
      return { foam: await maker.onHand(foam), sprigs: await maker.onHand('Dried sprigs') }
    }
    const before = await stockOf()
    await maker.go('Bench')
    // The key is for the step: it must be there first.
    await expect(page.getByRole('heading', { name: 'Sort and clean' })).toBeVisible()

    await test.step('pieces one by one, undo, and all that are left; then it dries', async () => {
      await page.keyboard.press('Space')
      await expect(page.getByText('1 of 12')).toBeVisible()
      await page.keyboard.press('Space')
      await expect(page.getByText('2 of 12')).toBeVisible()
      await page.keyboard.press('z')
      await expect(page.getByText('1 of 12')).toBeVisible()
      await page.getByRole('button', { name: 'All 11 left' }).click()
      await expect(page.getByRole('heading', { name: 'Soak, peg to the line' })).toBeVisible()
      await maker.allLeft()
      await expect(page.getByRole('timer')).toContainText('9:5')
      await expect(page.getByText('Dry overnight')).toBeVisible()
    })

    await context.close()
    context = await launch()
    page = context.pages()[0] ?? (await context.newPage())
    maker = new Maker(page)
    const started = Date.now()

    await test.step('the browser comes back after four hours: the timer has kept true time', async () => {
      await page.clock.install({ time: started + 4 * HOUR })
      await maker.open('bench')
      await expect(page.getByRole('timer')).toContainText('5:5')
      await expect(page.getByRole('button', { name: 'Next step' })).toHaveCount(0)
      await page.clock.setSystemTime(started + 11 * HOUR)
      await page.clock.runFor(1000)
      await expect(page.getByRole('timer')).toContainText('Dry')
      await page.getByRole('button', { name: 'Next step' }).click()
      await expect(page.getByRole('heading', { name: 'Trunk colour, dark tips' })).toBeVisible()
      await expect(page.getByText('Ventilate well or use a booth')).toBeVisible()
    })

    await test.step('trunk colour; ending its wait early is asked about', async () => {
      await maker.allLeft()
      await page.getByRole('button', { name: 'It is dry already' }).click()
      await page.getByRole('dialog').getByRole('button', { name: 'It is dry' }).click()
      await expect(page.getByRole('heading', { name: 'Hairspray the crown, sprinkle' })).toBeVisible()
    })

    await test.step('a window step: so many at once, weighed in and out', async () => {
      await page.getByRole('button', { name: 'Weigh', exact: true }).click()
      const dialog = page.getByRole('dialog')
      await dialog.getByLabel(`${foam}, grams in`).fill('52.4')
      await dialog.getByLabel(`${foam}, grams in`).press('Enter')
      await expect(dialog.getByText('52.4 g')).toBeVisible()
      await dialog.getByRole('button', { name: 'Back to the step' }).click()
      await page.getByRole('button', { name: /^Start a round of \d+$/ }).click()
      await expect(page.getByText(/^\d+ more in this round\./)).toBeVisible()
      await page.getByRole('button', { name: /^These \d+$/ }).click()
      await page.getByRole('button', { name: /^Start a round of \d+$/ }).click()
      await page.clock.runFor(70_000)
      await expect(page.getByRole('timer')).toHaveText('Closed')
      await page.getByRole('button', { name: /^All \d+ left$/ }).click()
      await page.getByRole('button', { name: 'Weigh' }).click()
      await dialog.getByLabel(`${foam}, grams out`).fill('55')
      await dialog.getByLabel(`${foam}, grams out`).press('Enter')
      await expect(dialog.getByText('can’t weigh more coming out')).toBeVisible()
      await dialog.getByLabel(`${foam}, grams out`).fill('45.1')
      await dialog.getByLabel(`${foam}, grams out`).press('Enter')
      await expect(dialog.getByRole('row', { name: new RegExp(foam) })).toContainText('7.3 g')
      await dialog.getByRole('button', { name: 'Back to the step' }).click()
    })

    await test.step('highlight, one reject, the last look, finish', async () => {
      await page.clock.setSystemTime(started + 13 * HOUR)
      await page.clock.runFor(1000)
      await page.getByRole('button', { name: 'Next step' }).click()
      await expect(page.getByText('0 of 12')).toBeVisible()
      await maker.allLeft()
      await expect(page.getByRole('button', { name: 'It is dry already' })).toBeVisible()
      await page.clock.setSystemTime(started + 14 * HOUR)
      await page.clock.runFor(1000)
      await page.getByRole('button', { name: 'Next step' }).click()
      await expect(page.getByRole('heading', { name: 'Inspect', exact: true })).toBeVisible()
      await page.getByRole('button', { name: 'Reject a piece' }).click()
      await page.getByRole('dialog').getByRole('button', { name: 'flat, one-sided piece' }).click()
      await expect(page.getByText('11 good of 12 started · 1 rejected')).toBeVisible()
      await page.getByRole('button', { name: 'All 11 left' }).click()
      await page.getByRole('button', { name: 'Finish batch' }).click()
      const dialog = page.getByRole('dialog')
      await expect(dialog.getByLabel(`Draw ${foam}`)).toHaveValue('7.3 g')
      await expect(dialog.getByLabel('Keep Soaking bath, kept')).toHaveValue('400 ml')
      await dialog.getByLabel('Draw Dried sprigs').fill('15')
      await dialog.getByLabel('Hands-on minutes').fill('31')
      await dialog.getByRole('button', { name: 'Draw stock, 11 to the tray' }).click()
      await expect(page.getByText('11 good pieces on “Tray 1”.')).toBeVisible()
    })

    await test.step('stock fell by what was weighed and typed, not by what was planned', async () => {
      const after = await stockOf()
      expect(parseFloat(before.foam) - parseFloat(after.foam)).toBeCloseTo(7.3, 5)
      expect(Number(before.sprigs) - Number(after.sprigs)).toBe(15)
      // The tub that was kept is a lot of its own.
      await expect.poll(() => maker.onHand('Soaking bath')).toMatch(/^400 ml/)
    })

    await test.step('the log sets planned against real', async () => {
      await maker.go('Log')
      const row = page.getByRole('row', { name: /Hawthorn, batch 1/ }).filter({ hasText: ' / ' })
      await expect(row).toContainText('11 / 12')
      await expect(row).toContainText('31 min')
      await row.getByRole('button').click()
      await expect(page.getByText('1 rejected')).toBeVisible()
      await expect(page.getByText('1 round went on after the window had closed.')).toBeVisible()
      await maker.go('Line-up')
      await expect(page.getByRole('row', { name: /Hawthorn/ }).getByRole('img')).toHaveAttribute(
        'aria-label',
        '11 made of 12',
      )
    })

    await test.step('export, wipe, import: the same workshop', async () => {
      await maker.go('Workshop')
      const exported = async (): Promise<Record<string, unknown>> => {
        const download = page.waitForEvent('download')
        await page.getByRole('button', { name: 'Export to a file' }).click()
        const path = await (await download).path()
        return { path, ...(JSON.parse(readFileSync(path, 'utf8')) as object) }
      }
      const { path, savedAt: _first, ...saved } = await exported()
      const file = {
        name: 'hollow-bank.json',
        mimeType: 'application/json',
        buffer: readFileSync(path as string),
      }
      await page.getByRole('button', { name: 'Wipe this workshop…' }).click()
      const dialog = page.getByRole('dialog')
      await expect(dialog).toContainText('1 commission, 3 lines, 1 batch')
      await expect(dialog.getByRole('button', { name: 'Wipe it' })).toBeDisabled()
      await dialog.getByLabel(/Type the workshop’s name/).fill('My workshop')
      await dialog.getByRole('button', { name: 'Wipe it' }).click()
      await expect(page.getByText('The workshop is empty.')).toBeVisible()
      await page.getByLabel('Import a file…').setInputFiles(file)
      await expect(page.getByText('1 commission, 3 lines, 1 batch')).toBeVisible()
      await page.getByRole('button', { name: 'Merge into this workshop' }).click()
      await expect(page.getByText('“hollow-bank.json” is merged in.')).toBeVisible()
      const { path: _path, savedAt: _second, ...back } = await exported()
      expect(back).toEqual(saved)
    })
    await context.close()
  } finally {
    rmSync(profile, { recursive: true, force: true })
  }
})
