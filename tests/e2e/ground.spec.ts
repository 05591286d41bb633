import { expect, test, type Download, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { Maker } from './support/maker'
import { readPdf } from './support/pdf'

const downloaded = async (page: Page, button: string): Promise<Buffer> => {
  const [download]: [Download, unknown] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ])
  return readFileSync(await download.path())
}
const inCommission = async (page: Page, name: RegExp): Promise<void> => {
  await page.getByRole('button', { name: 'Change commission' }).click()
  await page.getByRole('menuitem', { name }).click()
}

test('grass in layers: proposed, changed, judged, back to the proposal, and laid as patches', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('brief', 'demo')
  await inCommission(page, /Olive Steps/)
  await maker.chooseLine('Dry grass')
  const panel = page.getByRole('region', { name: 'Layers of grass' })
  await expect(panel).toContainText('1 patch of 260 cm²')
  await expect(panel.getByRole('img', { name: /Section through the sward/ })).toBeVisible()
  const rows = panel.locator('tbody tr')
  await expect(rows).toHaveCount(4)
  const cover = (): Promise<string | null> => rows.last().locator('td').nth(11).textContent()
  const before = parseInt((await cover()) ?? '')
  // A carpet is said to be one, and what is out of bounds is refused.
  const count = panel.getByLabel('Fibres of layer 2 on a cm²')
  await count.fill('1900')
  await count.press('Tab')
  await expect(panel.getByRole('status')).toContainText('as close as the one below: a carpet')
  await expect.poll(async () => parseInt((await cover()) ?? '')).toBeGreaterThan(before)
  await count.fill('9000')
  await count.press('Tab')
  await expect(panel.getByRole('alert')).toContainText('Fibres on a cm²')
  await panel.getByRole('button', { name: 'Back to the proposal' }).click()
  await expect(panel.getByText('a carpet')).toHaveCount(0)
  // One more, one dropped, one moved.
  await panel.getByRole('button', { name: 'Add a longer layer' }).click()
  await expect(rows).toHaveCount(5)
  await panel.getByRole('button', { name: 'Drop layer 5' }).click()
  await expect(rows).toHaveCount(4)
  await panel.getByRole('button', { name: 'Layer 2 earlier' }).click()
  await expect(panel).toContainText('shorter than the one below')
  await panel.getByRole('button', { name: 'Back to the proposal' }).click()
  await page.getByRole('button', { name: 'Plan batch' }).click()
  await expect(page.getByText(/is planned; its materials are promised/)).toBeVisible()
})

test('a patch at the Bench: what the vacuum gives back is weighed, and nothing found means stop', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('bench', 'demo')
  await page
    .getByRole('link', { name: /Couch, patch by patch/ })
    .or(page.getByRole('button', { name: /Couch, patch by patch/ }))
    .first()
    .click()
  await expect(page.getByRole('heading', { name: /^Vacuum/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Patch done' })).toBeVisible()
  await page.getByRole('button', { name: /^Weigh/ }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText(/expect about .* back of/)
  const field = dialog
    .getByRole('row', { name: /expect about/ })
    .first()
    .getByLabel(/grams in/)
  const name = ((await field.getAttribute('aria-label')) ?? '').replace(', grams in', '')
  await field.fill('20')
  await field.press('Enter')
  const out = dialog.getByLabel(`${name}, grams out`)
  await out.fill('12')
  await out.press('Enter')
  await expect(dialog.getByRole('alert')).toContainText('Nothing came back: stop')
})

test('a field hedge: holes along its line, a gate left out, the sheet at 1:1 on its pages', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('brief', 'demo')
  await maker.chooseLine('Field hedge')
  const panel = page.getByRole('region', { name: 'Hedge' })
  await expect(panel).toContainText('1.2 m along its line, 1.16 m of hedge')
  await panel.getByRole('button', { name: /Close the gap/ }).click()
  await expect(panel).toContainText('1.2 m along its line, 1.2 m of hedge')
  await panel.getByLabel('From').fill('1300 mm')
  await panel.getByLabel('Wide').fill('50 mm')
  await panel.getByRole('button', { name: 'Leave a gap' }).click()
  await expect(panel.getByRole('alert')).toContainText('the hedge ends at 1200 mm')
  await panel.getByLabel('From').fill('30 cm')
  await panel.getByRole('button', { name: 'Leave a gap' }).click()
  await expect(panel).toContainText('50 mm from 300 mm on')
  const pages = await readPdf(await downloaded(page, 'Print hole sheet at 1:1'))
  expect(pages.length).toBeGreaterThanOrEqual(5)
  expect(pages.map(({ text }) => text).join(' ')).toMatch(/holes of 2 mm/)
})

test('tufts: the tray and its sheet; planting out moves them off their trays and back', async ({ page }) => {
  const maker = new Maker(page)
  await maker.open('brief', 'demo')
  await maker.chooseLine('Pasture tussocks')
  const tray = page.getByRole('region', { name: 'Tray' })
  await expect(tray).toContainText(/\d+ dots on 180 ×/)
  const sheet = await readPdf(await downloaded(page, 'Print dot sheet at 1:1'))
  expect(sheet[0]!.text).toMatch(/dots: /)
  await page.goto('/demo/planting-out')
  await expect(page.locator('#station h1').first()).toHaveText('Planting out')
  const row = page.locator('tr').filter({ hasText: 'Pasture tussocks' })
  await expect(row.getByRole('button', { name: 'Planted' })).toBeVisible()
  const field = row.getByLabel('Pasture tussocks: planted now')
  const waiting = Number(await field.getAttribute('placeholder'))
  await field.fill(String(waiting + 1))
  await row.getByRole('button', { name: 'Planted' }).click()
  await expect(row.getByRole('alert')).toContainText(`a whole number from 1 to ${waiting}`)
  await field.fill('5')
  await row.getByRole('button', { name: 'Planted' }).click()
  await expect(field).toHaveAttribute('placeholder', String(waiting - 5))
  await row.getByRole('button', { name: 'Planted' }).click()
  await expect(row.getByRole('button', { name: /put back/ })).toBeVisible()
  await row.getByRole('button', { name: /put back/ }).click()
  await expect(row.getByRole('button', { name: 'Planted' })).toBeVisible()
  const words = (await readPdf(await downloaded(page, 'Print run sheet'))).map(({ text }) => text).join(' ')
  for (const name of ['Beech, young', 'Field hedge', 'Pasture tussocks']) expect(words).toContain(name)
  expect(words.indexOf('Norway spruce')).toBeLessThan(words.indexOf('Pasture tussocks'))
})

test('soil is made in three grades, each a lot of its own', async ({ page }) => {
  const maker = new Maker(page)
  await maker.open('stock', 'demo')
  await page.getByRole('button', { name: 'all materials' }).click()
  const row = page.locator('tr.row').filter({ hasText: 'Clay soil, as dug' })
  await row.getByRole('button', { name: /Receive/ }).click()
  const dialog = page.getByRole('dialog')
  await dialog
    .getByLabel(/Quantity|How much/)
    .first()
    .fill('2 kg')
  await dialog
    .getByRole('button', { name: /Receive|Take in/ })
    .last()
    .click()
  await expect(dialog).toBeHidden()
  await page
    .locator('tr.row')
    .filter({ hasText: 'Soil, medium' })
    .getByRole('button', { name: /Make/ })
    .click()
  await dialog.getByLabel(/How much/).fill('300 g')
  await expect(dialog).toContainText('gives Soil, fine')
  await dialog.getByRole('button', { name: 'Start at the bench' }).click()
  await maker.workThrough()
  await page.getByRole('button', { name: 'Finish batch' }).click()
  await page.getByRole('button', { name: 'Draw stock, take in what was made' }).click()
  await expect(page.getByText('Made, and in stock.')).toBeVisible()
})
