import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'

test('planting out is planned, counted piece by piece from the back, and stands when it is finished', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('planting-out', 'demo')
  const work = page.getByRole('region', { name: 'The work of planting out' })
  await expect(work).toContainText(/Still to plan: 1\d\d pieces/)
  await expect(work).toContainText(/pieces are neither made nor planned to be/)
  // Foam below: hot glue is not offered, and holes are pricked.
  await work.getByRole('button', { name: 'Under the ground' }).click()
  await page.getByRole('option', { name: 'extruded foam' }).click()
  await expect(work).toContainText('Hot glue and solvents melt foam')
  await expect(page.locator('tr').filter({ hasText: 'Norway spruce' })).toContainText('by screwdriver')
  await work.getByRole('button', { name: 'Trees are set in' }).click()
  await expect(page.getByRole('option', { name: /hot glue/ })).toHaveCount(0)
  await page.getByRole('option', { name: /full-strength medium/ }).click()
  await expect(page.locator('tr').filter({ hasText: 'Norway spruce' })).toContainText('prop 2 h')
  await work.getByRole('button', { name: 'Plan planting out' }).click()
  await expect(page.getByText(/\d batches planned: they wait for what they plant/)).toBeVisible()
  await expect(work.getByRole('button', { name: 'Plan planting out' })).toHaveCount(0)
  await work.getByRole('button', { name: 'When is it delivered?' }).click()
  await expect(work.getByRole('status')).toContainText(/by the plan|No day yet\. “/)

  const hazel = page.locator('tr').filter({ hasText: 'Hazel' })
  await hazel.getByRole('link', { name: /At the Bench/ }).click()
  await expect(page.getByText('12 on trays to be planted.')).toBeVisible()
  await page.getByRole('button', { name: 'Start planting' }).click()
  await expect(page.getByRole('heading', { name: 'Pool and set' })).toBeVisible()
  const next = page.locator('p').filter({ hasText: /Next: G\d+, \d+ mm from the left/ })
  const first = await next.textContent()
  await page.getByRole('button', { name: 'Piece done' }).click()
  await expect(next).not.toHaveText(first ?? '')
  await expect(page.getByRole('img', { name: 'Where they stand: 1 of 12 done' })).toBeVisible()
  await maker.workThrough()
  await page.getByRole('button', { name: 'Finish batch' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Draw stock, 12 planted' }).click()
  await expect(dialog).toBeHidden()
  await expect(page.getByText('12 pieces planted.')).toBeVisible()
  await page.goto('/demo/planting-out')
  await expect(hazel.locator('td').nth(6)).toContainText('12')
  // The log knows its minutes, and the pieces are on no tray any more.
  await page.goto('/demo/log')
  await expect(page.getByRole('row', { name: /Plant out: Hazel/ }).first()).toBeVisible()
})

test('a promise counts the planting, where that is asked for', async ({ page }) => {
  const maker = new Maker(page)
  await maker.open('calendar', 'demo')
  await page.getByRole('button', { name: 'Can I have…?' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: /^Of Kestrel Halt/ }).click()
  await page.getByRole('option', { name: /^Rowan/ }).click()
  const done = dialog.getByText(/By the plan it is done/)
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(done).toBeVisible()
  const made = await done.textContent()
  await dialog.getByRole('checkbox', { name: /and planted out/ }).check()
  await dialog.getByRole('button', { name: 'Ask' }).click()
  // Holes, props and a night of glue come after the last piece.
  await expect(done).not.toHaveText(made ?? '')
  await dialog.getByRole('button', { name: 'Plan it so' }).first().click()
  await expect(dialog).toBeHidden()
  await page.goto('/demo/planting-out')
  await expect(
    page
      .locator('tr')
      .filter({ hasText: 'Rowan' })
      .getByRole('link', { name: /7 planned/ }),
  ).toBeVisible()
})
