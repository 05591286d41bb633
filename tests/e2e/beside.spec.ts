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
  // One of two is teased; the bank is looked at, and is dry already.
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
