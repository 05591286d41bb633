import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'

test('old trees are entered with a few taps, refreshed at the Bench, and count for their line', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('make-up', 'demo')
  await maker.chooseLine('Beech, young')
  await page.getByRole('button', { name: 'Some are there already' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('How many').fill('0')
  await dialog.getByRole('button', { name: 'Enter and plan' }).click()
  await expect(dialog.getByText(/How many: read “0”/)).toBeVisible()
  await dialog.getByLabel('How many').fill('10')
  await dialog.getByLabel('About how tall').fill('75 mm')
  await dialog.getByRole('button', { name: 'Enter and plan' }).click()
  await expect(page.getByText('Lay out for 10 pieces')).toBeVisible()
  await expect(page.getByRole('row', { name: /Old trees, 60–140 mm/ })).toContainText('mm10')
  await page.getByRole('button', { name: 'Start batch' }).click()
  await expect(page.getByRole('heading', { name: 'Dust, shake' })).toBeVisible()
  await maker.workThrough()
  await page.getByRole('button', { name: 'Finish batch' }).click()
  await dialog.getByRole('button', { name: 'Draw stock, 10 to the tray' }).click()
  await expect(dialog).toBeHidden()
  await page.goto('/demo/planting-out')
  const row = page.locator('tr').filter({ hasText: 'Beech, young' })
  await expect(row.locator('td').nth(7)).toHaveText('10')
  await maker.go('Make-up')
  await maker.chooseLine('Beech, young')
  await expect(page.getByText('10 · none left')).toBeVisible()
})

test('tufts are bought or made: both stand beside each other, and what is bought comes by the sheet', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('brief', 'demo')
  await maker.chooseLine('Pasture tussocks')
  const bought = page.getByRole('row', { name: /Ready tufts, bought/ })
  await expect(bought).toBeVisible()
  await bought.getByRole('radio').check()
  await expect(page.getByRole('row', { name: /Ready tufts,/ }).nth(1)).toBeVisible()
  await expect(page.getByText('Lift and mix').first()).toBeAttached()
})
