import { expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { Maker } from './support/maker'

const upload = (text: string, name = 'workshop.json') => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(text),
})

test.describe('the demo', () => {
  test('says that it is the demo, is kept apart from the maker’s own, and can be started afresh', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('brief')
    await maker.newCommission('My own job', '1:48')
    await maker.open('line-up', 'demo')
    const tag = page.getByRole('button', { name: 'This is the demo workshop' })
    await expect(tag).toBeVisible()
    await expect(page.getByRole('row', { name: /Beech, old/ })).toBeVisible()
    await maker.go('Brief')
    await page.getByLabel('Name', { exact: true }).fill('Renamed halt')
    await page.getByLabel('Name', { exact: true }).press('Tab')
    await expect(page.getByRole('button', { name: 'Change commission' })).toHaveText(/Renamed halt/)
    await tag.click()
    await page.getByRole('menuitem', { name: 'Start the demo afresh…' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Start afresh' }).click()
    await expect(page.getByRole('button', { name: 'Change commission' })).toHaveText(/Kestrel Halt/)
    await tag.click()
    await page.getByRole('menuitem', { name: 'Go to my own workshop' }).click()
    await expect(page.getByRole('button', { name: 'Change commission' })).toHaveText(/My own job/)
    await expect(tag).toHaveCount(0)
  })

  test('shows one batch drying or at work, a window that closes, and a shortage', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('bench', 'demo')
    await expect(page.getByRole('timer').first()).toContainText(/^3\d:\d\d/)
    await expect(page.getByRole('link', { name: /Birch for the platform/ })).toBeVisible()
    await maker.go('Stock')
    await expect(maker.short.filter({ hasText: 'Dried sprigs' })).not.toHaveCount(0)
  })
})

test.describe('files', () => {
  test('a broken, newer or hostile file changes nothing and says why', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('workshop', 'demo')
    const download = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Export to a file' }).click()
    const text = readFileSync(await (await download).path(), 'utf8')
    const input = page.getByLabel('Import a file…')
    for (const [name, content, because] of [
      ['broken', text.slice(0, 5000), 'not JSON, or is broken off'],
      ['newer', text.replace(/"version": \d+/, '"version": 999'), 'saved by a newer Hardy Thicket'],
      [
        'hostile',
        text.replace('"settings"', '"__proto__": {"x": 1}, "settings"'),
        'a field named “__proto__”',
      ],
      ['wrong', text.replace('"pieces": 24', '"pieces": "<img src=x onerror=alert(1)>"'), 'lines.'],
      ['foreign', '{"format":"something else"}', 'This is not a workshop file'],
    ] as const) {
      await input.setInputFiles(upload(content, `${name}.json`))
      await expect(page.getByRole('alert').filter({ hasText: 'nothing was changed' })).toContainText(because)
      await expect(page.getByRole('button', { name: 'Merge into this workshop' })).toHaveCount(0)
    }
    await input.setInputFiles(upload(text))
    await expect(page.getByText('4 commissions, 23 lines')).toBeVisible()
  })

  test('an old file is brought up to date and opens as a copy of its own', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('workshop')
    await page.getByLabel('Import a file…').setInputFiles('tests/fixtures/workshop-format-1.json')
    await page.getByRole('button', { name: 'Open as a copy of its own' }).click()
    await expect(page).toHaveURL(/\/copy-[a-z0-9]+\/line-up$/)
    await expect(page.getByRole('row', { name: /Rowan/ })).toBeVisible()
    await maker.go('Bench')
    await expect(page.getByText('0 of 5')).toBeVisible()
    await page.goto('/mine/line-up')
    await expect(page.getByText('There is no commission yet.')).toBeVisible()
    await maker.go('Workshop')
    const copy = page.getByRole('row', { name: /Imported copy/ })
    await copy.getByRole('button', { name: 'Delete' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Delete' }).click()
    await expect(copy).toHaveCount(0)
  })

  test('a workshop that is not in this browser says so', async ({ page }) => {
    await page.goto('/nowhere/line-up')
    await expect(page.getByRole('alert')).toContainText('There is no workshop “nowhere” in this browser.')
  })
})

test.describe('two windows on one workshop', () => {
  test('stay in step, and can’t both finish the same step', async ({ context, page }) => {
    const maker = new Maker(page)
    await maker.open('bench', 'demo')
    await page.getByRole('link', { name: /Birch for the platform/ }).click()
    const other = await context.newPage()
    await other.goto(page.url())
    await expect(other.getByText('3 of 8')).toBeVisible()
    await page.getByRole('button', { name: 'Piece done' }).click()
    await expect(other.getByText('4 of 8')).toBeVisible()
    // Both buttons are in hand before either is pressed: one window's press takes the other's button away.
    const buttons = await Promise.all(
      [page, other].map((window) => window.getByRole('button', { name: 'All 4 left' }).elementHandle()),
    )
    await Promise.all(
      buttons.map((button) => button!.evaluate((element) => (element as HTMLElement).click())),
    )
    for (const window of [page, other]) await expect(window.getByRole('timer').first()).toContainText('9:')
    const told = await Promise.all(
      [page, other].map((window) =>
        window
          .getByRole('alert')
          .filter({ hasText: /done already|behind us|Only \d/ })
          .count(),
      ),
    )
    expect(told[0]! + told[1]!).toBeLessThanOrEqual(1)
    await page.getByRole('button', { name: /^Undo/ }).click()
    for (const window of [page, other]) await expect(window.getByText('4 of 8')).toBeVisible()
  })
})
