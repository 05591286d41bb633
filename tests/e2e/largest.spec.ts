import { expect, test } from '@playwright/test'
import { recordTables, type WorkshopDocument } from '../../core/workshop'
import { largestAmounts, manyLines, tallestPlants, thinnestPlants } from '../support/largest'
import { Maker } from './support/maker'

const stations = ['Brief', 'Line-up', 'Make-up', 'Blends', 'Stock', 'Calendar', 'Bench', 'Log', 'Brief']

/** What the schema admits at the most, one field after the other. */
const workshops: readonly [what: string, make: (demo: WorkshopDocument) => WorkshopDocument][] = [
  ['lines of the largest amounts', largestAmounts],
  ['all lines of a workshop in one commission', (demo) => manyLines(demo, recordTables.lines.most)],
  ['plants of 130 × 90 m at full size, 10 000 of each', tallestPlants],
  ['plants of 60 m that are 30 cm wide, and dense', thinnestPlants],
]
for (const [what, make] of workshops)
  test(`the largest of its kind is read, and every station opens: ${what}`, async ({ page, request }) => {
    const demo = await (await request.get('/api/demo-workshop', { maxRetries: 3 })).json()
    const largest = make(demo)
    const faults: string[] = []
    page.on('pageerror', ({ message }) => faults.push(message))
    const maker = new Maker(page)
    await maker.open('workshop', 'mine')
    await maker.mergeFile({
      name: 'largest.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(largest)),
    })
    for (const station of stations) {
      await maker.go(station)
      await expect(page.getByRole('main').getByRole('alert')).toHaveCount(0)
    }
    const [first] = largest.lines
    await expect(page.getByLabel('Name of the line').first()).toHaveValue(first?.name ?? '')
    expect(faults).toEqual([])
  })

test('a long list of lines is shown as far as it is looked at, and can be walked to its end', async ({
  page,
  request,
}) => {
  const demo = await (await request.get('/api/demo-workshop', { maxRetries: 3 })).json()
  const maker = new Maker(page)
  await maker.open('workshop', 'mine')
  await maker.mergeFile({
    name: 'many.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(manyLines(demo, 600))),
  })
  await maker.go('Brief')
  const names = page.getByLabel('Name of the line')
  await expect(names.first()).toBeVisible()
  expect(await names.count()).toBeLessThan(60)
  await expect(page.getByRole('table')).toHaveAttribute('aria-rowcount', '601')
  // All of them have been worked out before the end can be reached.
  await expect
    .poll(
      async () => {
        await page.locator('#station > .scroller').evaluate((main) => main.scrollTo(0, main.scrollHeight))
        return names.last().inputValue()
      },
      { timeout: 60_000 },
    )
    .toMatch(/ 599$/)
  // What is changed there is kept.
  await names.last().fill('The last of them')
  await names.last().press('Tab')
  await maker.go('Line-up')
  await expect(page.getByText('48 of 600 lines are drawn: those around the chosen one.')).toBeVisible()
  await maker.go('Brief')
  await page.keyboard.press('/')
  await page.getByLabel('Find anything').fill('The last of them')
  await page.getByRole('option').first().click()
  await expect(page.locator('h1', { hasText: 'The last of them' })).toBeVisible()
})
