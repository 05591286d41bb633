import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'

test('while the bank of a hedge dries its horsehair is teased; both are there when it is worked in', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('make-up', 'demo')
  await maker.chooseLine('Field hedge')
  await page.getByRole('radio', { name: /Twig hedge/ }).check()
  await page.getByLabel('Start', { exact: true }).fill('2')
  await expect(page.getByText('Whenever hands are free before “Work it between the twigs”')).toBeVisible()
  await page.getByRole('button', { name: 'Start batch of 2' }).click()
  const title = page.getByRole('heading', { level: 2 }).first()
  await expect(title).toHaveText('Raise the bank')
  await expect(page.getByRole('button', { name: 'Do “Horsehair: strip, tease, brown” now' })).toBeVisible()
  await page.getByRole('button', { name: 'All 2 left' }).click()
  await page.getByRole('button', { name: 'Meanwhile: Horsehair: strip, tease, brown' }).click()
  await expect(title).toHaveText('Horsehair: strip, tease, brown')
  await page.getByRole('button', { name: 'Stretch done' }).click()
  await expect(page.getByText('1 of 2')).toBeVisible()
  // The bank is looked at, and is dry already.
  const beside = page.getByRole('list', { name: 'Beside it' })
  await expect(beside).toContainText(/Raise the bank: dry in \d/)
  await page.reload()
  await beside.getByRole('button', { name: 'Go to it' }).click()
  await expect(title).toHaveText('Raise the bank')
  await page.getByRole('button', { name: 'It is dry already' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'It is dry' }).click()
  await expect(title).toHaveText('Holes at random')
  await page.getByRole('button', { name: 'All 2 left' }).click()
  await expect(title).toHaveText('Twigs')
  await page.getByRole('button', { name: 'Do “Horsehair: strip, tease, brown” now' }).click()
  await expect(page.getByText('1 of 2')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(title).toHaveText('Twigs')
  await maker.workThrough()
  await expect(page.getByRole('button', { name: 'Finish batch' })).toBeVisible()
})

test('two trees stand in a hedge: no holes for them, the sheet has rings, the plan has them there', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('make-up', 'demo')
  await maker.chooseLine('Field hedge')
  const panel = page.getByRole('region', { name: 'Hedge' })
  const at = panel.getByLabel('At', { exact: true })
  await at.fill('580')
  await panel.getByRole('button', { name: 'Stand it in the hedge' }).click()
  await expect(panel.getByText('Tree at: read 580 mm; there is a gap.')).toBeVisible()
  for (const place of ['300', '900']) {
    await at.fill(place)
    await panel.getByRole('button', { name: 'Stand it in the hedge' }).click()
    await expect(at).toHaveValue('')
  }
  const trees = panel.getByRole('list', { name: 'Trees in it' })
  await expect(trees.getByRole('listitem')).toHaveCount(2)
  await expect(page.getByText(/The 2 trees that stand in it, at 300, 900 mm along/)).toBeVisible()
  await trees.getByRole('button', { name: 'Take the tree at 300 mm out' }).click()
  await expect(page.getByText(/The tree that stands in it, at 900 mm along/)).toBeVisible()
  await page.reload()
  await expect(trees.getByRole('listitem')).toHaveCount(1)
})
