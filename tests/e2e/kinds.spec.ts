import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'
import { choose } from './support/choose'

test('a hedge of several kinds: shares that leave nothing are refused; each brings its own leaf', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('brief', 'demo')
  await maker.chooseLine('Field hedge')
  await page.getByRole('button', { name: 'Blackthorn 55 %, hawthorn 30 %, hazel 15 %' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByLabel('Left to its own kind')).toHaveText('55 %')
  await dialog.getByLabel('Share of kind 2, per cent').fill('84')
  await dialog.getByRole('button', { name: 'Keep the mixture' }).click()
  await expect(dialog.getByRole('alert')).toContainText('read 99 % together; 98 % at most')
  await dialog.getByLabel('Share of kind 2, per cent').fill('half')
  await dialog.getByRole('button', { name: 'Keep the mixture' }).click()
  await expect(dialog.getByRole('alert')).toContainText('Hawthorn: ')
  await dialog.getByLabel('Share of kind 2, per cent').fill('25')
  await dialog.getByRole('button', { name: 'Leave out kind 3' }).click()
  await dialog.getByRole('button', { name: 'Add a kind' }).click()
  await choose(dialog.getByLabel('Kind 3', { exact: true }), 'Field maple')
  await expect(dialog.getByLabel('Left to its own kind')).toHaveText('55 %')
  await dialog.getByRole('button', { name: 'Keep the mixture' }).click()
  await expect(dialog).toBeHidden()
  await expect(
    page.getByRole('button', { name: 'Blackthorn 55 %, hawthorn 25 %, field maple 20 %' }),
  ).toBeVisible()
  for (const kind of ['Blackthorn', 'Hawthorn', 'Field maple'])
    await expect(page.getByRole('row', { name: new RegExp(`^Leaf, ${kind}`) }).first()).toBeVisible()
  // In the middle of winter none of them has leaf, and none is asked for.
  await page.goto('/demo/brief')
  await page.getByRole('textbox', { name: 'Date depicted' }).fill('2027-01-10')
  await page.getByRole('textbox', { name: 'Date depicted' }).press('Tab')
  await maker.chooseLine('Field hedge')
  await expect(page.getByText('bare', { exact: true }).first()).toBeVisible()
  await expect(page.getByRole('row', { name: /^Leaf, / })).toHaveCount(0)
})

test('litter under trees is planned from the run sheet, made in patches, and lies when it is finished', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('planting-out', 'demo')
  await page.getByRole('button', { name: 'Plan the litter under Rowan' }).click()
  await expect(page.getByText(/“Litter, rowan” is a line of its own: 1\d\d cm² of ground/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Plan the litter under Rowan' })).toHaveCount(0)
  // Beech stands in three places: each has a floor of its own.
  await page.getByRole('button', { name: 'Plan the litter under Beech, old' }).click()
  await expect(page.getByRole('button', { name: 'Plan the litter under Beech, old' })).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Plan the litter under Beech, young' })).toBeVisible()
  await maker.chooseLine('Litter, rowan')
  await expect(page.getByText('15 other ways do not suit')).toBeVisible()
  await page.getByRole('button', { name: /^Start batch/ }).click()
  await expect(page.getByRole('heading', { name: 'Earth and litter' })).toBeVisible()
  await maker.workThrough()
  await page.getByRole('button', { name: 'Finish batch' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Draw stock, 1 in place' }).click()
  // No dyed sawdust was there: it says so, and the maker knows better.
  await dialog.getByRole('button', { name: 'Draw it all the same' }).click()
  await expect(dialog).toBeHidden()
  await page.goto('/demo/planting-out')
  const row = page.locator('tr').filter({ hasText: 'Litter, rowan' })
  await expect(row.locator('td').nth(6)).toContainText('1')
})

test('turf in covers: the order of the craft, sealed twice; bare ground, snow and beds are ways of their own', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('brief', 'demo')
  await maker.chooseLine('Sea couch')
  for (const way of ['Bare ground, a little grass', 'Snow, stems through it', 'Grass in layers'])
    await expect(page.getByText(way, { exact: true }).first()).toBeVisible()
  await page.getByText('Bare ground, a little grass', { exact: true }).first().click()
  const steps = page.getByRole('region', { name: 'Steps' }).or(page.locator('main'))
  for (const step of ['Earth paint', 'Wet very finely, seal', 'A little grass', 'Stone, soils, foams'])
    await expect(steps.getByText(step).first()).toBeAttached()
})
