import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'
import { choose } from './support/choose'

test.describe('the Bench', () => {
  test('pausing stops the hands and not the drying; abandoning draws what was used so far', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('stock', 'demo')
    const before = await maker.onHand('Ground foam, fine, autumn yellow')
    await maker.go('Bench')
    await page.getByRole('link', { name: /Birch for the platform/ }).click()
    await page.getByRole('button', { name: 'Pause' }).click()
    await expect(page.getByText('Paused. Waits go on drying.')).toBeVisible()
    await expect(page.getByRole('button', { name: 'Piece done' })).toBeDisabled()
    await page.reload()
    await expect(page.getByText('Paused. Waits go on drying.')).toBeVisible()
    await page.getByRole('button', { name: 'Go on' }).click()
    await page.getByRole('button', { name: 'Abandon' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByRole('button', { name: 'Abandon batch' }).click()
    await expect(dialog.getByText('Say why: the log learns from it.')).toBeVisible()
    await dialog.getByLabel('Why').fill('the can ran dry')
    await dialog.getByLabel('Draw Ground foam, fine, autumn yellow').fill('0.5')
    await dialog.getByRole('button', { name: 'Abandon batch' }).click()
    await expect(page.getByText('Abandoned: the can ran dry')).toBeVisible()
    await maker.go('Stock')
    await expect
      .poll(
        async () => parseFloat(before) - parseFloat(await maker.onHand('Ground foam, fine, autumn yellow')),
      )
      .toBeCloseTo(0.5, 5)
    await maker.go('Log')
    await expect(page.getByRole('row', { name: /Birch for the platform/ })).toContainText('abandoned')
  })

  test('using more than the books hold is asked about, written down as such, and shown in Stock until counted', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('bench', 'demo')
    await page.getByRole('button', { name: 'Abandon' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Why').fill('knocked over')
    await dialog.getByLabel('Draw Contact adhesive that stays sticky').fill('300 ml')
    await dialog.getByRole('button', { name: 'Abandon batch' }).click()
    await expect(dialog.getByRole('alert')).toContainText(
      'More was used than the books hold of: Contact adhesive',
    )
    await dialog.getByRole('button', { name: 'Draw it all the same' }).click()
    await expect(page.getByText('Abandoned: knocked over')).toBeVisible()
    await maker.go('Stock')
    const row = page.locator('tr.row').filter({ hasText: 'Contact adhesive' })
    await expect(row).toContainText('below nothing: count it')
    await row
      .getByRole('button', { name: /Contact adhesive/, expanded: false })
      .first()
      .click()
    await page.getByRole('button', { name: 'Count Tin' }).click()
    await page.getByRole('dialog').getByLabel('Found, millilitres').fill('20')
    await page.getByRole('dialog').getByRole('button', { name: 'Write count' }).click()
    await expect(page.getByText('Counted: 200 ml more than the books said.')).toBeVisible()
    await expect(row).not.toContainText('below nothing')
  })

  test('a planned batch lays out what it takes, promises it, and can be begun or dropped', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('brief', 'demo')
    await maker.chooseLine('Rowan')
    await page.getByLabel('Start', { exact: true }).fill('many')
    await expect(
      page.getByText('Pieces: read “many”; allowed is a whole number from 1 to 20000.'),
    ).toBeVisible()
    await page.getByLabel('Start', { exact: true }).fill('5')
    await page.getByRole('button', { name: 'Plan batch' }).click()
    await maker.go('Bench')
    await page.getByRole('link', { name: /Rowan, batch 1/ }).click()
    await expect(page.getByRole('heading', { name: 'Lay out for 5 pieces' })).toBeVisible()
    await maker.go('Stock')
    await expect(page.locator('tr.row').filter({ hasText: 'Dried sprigs' }).locator('td').nth(4)).toHaveText(
      /^\d+$/,
    )
    await maker.go('Bench')
    await page.getByRole('link', { name: /Rowan, batch 1/ }).click()
    await page.getByRole('button', { name: 'Start batch' }).click()
    await expect(page.getByRole('heading', { name: 'Sort and clean' })).toBeVisible()
    await page.getByRole('button', { name: /^Undo/ }).click()
    await expect(page.getByRole('heading', { name: 'Lay out for 5 pieces' })).toBeVisible()
  })

  test('works with one thumb on a phone', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 780 })
    await new Maker(page).open('bench', 'demo')
    const done = page.getByRole('button', { name: 'Piece done' })
    await done.scrollIntoViewIfNeeded()
    const box = (await done.boundingBox())!
    expect(box.height).toBeGreaterThanOrEqual(44)
    expect(box.x).toBeGreaterThanOrEqual(0)
    expect(box.x + box.width).toBeLessThanOrEqual(390)
    await done.click()
    await expect(page.getByText('5 of 10')).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  })
})

test.describe('Stock', () => {
  test('takes in a harvest with its place, and refuses what it can’t read', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('stock')
    await expect(page.getByText('Nothing is in stock yet.')).toBeVisible()
    await page.getByRole('button', { name: 'all materials' }).click()
    await page.getByRole('button', { name: 'Receive Dried sprigs' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByText('harvested').click()
    await expect(dialog.getByText('Ask before picking')).toBeVisible()
    await dialog.getByLabel('Quantity, pieces').fill('2.5')
    await dialog.getByRole('button', { name: 'Take in harvest' }).click()
    await expect(dialog.getByText('“2.5” is not a whole number of pieces.')).toBeVisible()
    await dialog.getByLabel('Quantity, pieces').fill('8 dozen')
    await dialog.getByLabel('Place').fill('the bed behind the shed')
    await dialog.getByRole('button', { name: 'Take in harvest' }).click()
    await expect(page.getByText('96 of Dried sprigs taken in.')).toBeVisible()
    await expect.poll(() => maker.onHand('Dried sprigs')).toBe('96')
    await page.getByRole('button', { name: 'Dried sprigs', exact: true }).click()
    await expect(page.getByText('the bed behind the shed')).toBeVisible()
  })

  test('a new material is offered where it fits', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('stock', 'demo')
    await page.getByRole('button', { name: 'New material' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Name: what it is').fill('Ground foam, fine, brick')
    await dialog.getByLabel('Grain, mm').fill('none')
    await dialog.getByRole('button', { name: 'Store material' }).click()
    await expect(dialog.getByText('Read “none”')).toBeVisible()
    await dialog.getByLabel('Grain, mm').fill('0.9')
    await dialog.getByLabel('What colour').fill('#a34a2a')
    await dialog.getByRole('button', { name: 'Store material' }).click()
    await expect(dialog).toBeHidden()
    await maker.chooseLine('Rowan')
    await choose(page.getByLabel('Material for Foliage'), 'Ground foam, fine, brick, none in stock')
    await expect(page.getByRole('row', { name: /Foliage/ }).last()).toContainText('short')
  })
})
