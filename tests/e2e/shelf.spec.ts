import { expect, test, type Page } from '@playwright/test'
import { Maker } from './support/maker'
import { choose } from './support/choose'

/** Fills the demo's shelf up to so many materials, each with a jar, as it is handed out. */
async function withMaterials(page: Page, most: number): Promise<void> {
  await page.route('**/api/demo-workshop**', async (route) => {
    const document = (await (await route.fetch()).json()) as Record<string, object[]>
    const at = '2025-01-11T10:00:00.000Z'
    const hex = (value: number): string => value.toString(16).padStart(2, '0')
    // A workshop holds 5 000 materials at most.
    for (let i = document.materials!.length; i < 5_000 && document.lots!.length < most; i += 1) {
      const colour = `#${hex(60 + ((i * 7) % 160))}${hex(70 + ((i * 13) % 150))}${hex(30 + ((i * 29) % 90))}`
      const of = { stuff: 'foam', form: 'ground', grainMm: 0.3 + (i % 60) / 10, colour }
      document.materials!.push({ id: `m${i}`, changedAt: at, name: `Foam of bag ${i}`, unit: 'g', of })
      const lot = { id: `l${i}`, materialId: `m${i}`, label: `Jar ${i}`, date: '2025-01-11', madeAt: at }
      document.lots!.push({ ...lot, source: 'bought', priceMinor: 300 })
      document.movements!.push({ id: `v${i}`, at, lotId: `l${i}`, kind: 'receive', quantity: 10 + (i % 40) })
    }
    await route.fulfill({ json: document })
  })
}

test('a harvest that is due is gathered, cleaned and dried, and comes on the shelf with its place', async ({
  page,
}) => {
  const maker = new Maker(page)
  await page.clock.setFixedTime(new Date('2026-11-27T10:00:00Z'))
  await maker.open('stock/harvest', 'demo')
  const gathered = page.getByRole('table', { name: 'What can be gathered' })
  await expect(gathered.getByRole('row', { name: /^Flower heads/ })).toContainText(/now, to \d+ Dec/)
  const due = page.getByRole('row').filter({ has: page.getByText('due now', { exact: true }) })
  await expect(due).toContainText('the lane behind the mill')

  await test.step('the shelf ahead counts on it; of sprigs on what the last cut brought of the hope', async () => {
    await page.getByRole('link', { name: 'Ahead' }).click()
    await page.getByRole('button', { name: /^all that changes/ }).click()
    await page.getByRole('button', { name: 'Dried flower heads', exact: true }).click()
    await expect(page.getByText('comes of the harvest, the lane behind the mill')).toBeVisible()
    await page.getByRole('button', { name: 'Dried flower heads', exact: true }).click()
    await page.getByRole('button', { name: 'Dried sprigs', exact: true }).click()
    // 100 are hoped for; the last cut brought 60 of 80: (1 + 0.75) ÷ 2.
    await expect(page.getByText('+88', { exact: true })).toBeVisible()
    await page.getByRole('link', { name: 'Harvest', exact: true }).click()
  })

  await test.step('at the bench nothing is drawn, and what was fit becomes a lot', async () => {
    await due.getByRole('button', { name: /^Go gathering/ }).click()
    await expect(page.getByRole('heading', { name: 'Gather flower heads' })).toBeVisible()
    await expect(page.getByText('Gathered plants.')).toBeVisible()
    await expect(page.getByRole('button', { name: /^Reject/ })).toHaveCount(0)
    await maker.workThrough()
    await page.getByRole('button', { name: 'Finish batch' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Keep Dried flower heads').fill('131')
    await dialog.getByRole('button', { name: 'Draw stock, take in what was made' }).click()
    await expect(dialog).toBeHidden()
    await maker.open('stock/harvest', 'demo')
    const row = page.getByRole('row').filter({ hasText: 'brought in' }).filter({ hasText: 'Flower heads' })
    await expect(row).toContainText('131 came')
    await page.getByRole('link', { name: 'Shelf' }).click()
    expect(await maker.onHand('Dried flower heads')).toContain('131')
    await page.getByRole('button', { name: 'Dried flower heads', exact: true }).click()
    await expect(page.getByText(/harvested .*, the lane behind the mill/)).toBeVisible()
  })
})

test('a harvest is planned: leave is asked first, wrong days are refused, and an abandoned one is open again', async ({
  page,
}) => {
  const maker = new Maker(page)
  await page.clock.setFixedTime(new Date('2026-11-27T10:00:00Z'))
  await maker.open('stock/harvest')
  await expect(page.getByText('No harvest is planned.')).toBeVisible()
  await page.getByRole('button', { name: 'Plan Berry-shrub stems' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText(/Ask before picking: the owner of the ground/)).toBeVisible()
  await dialog.getByLabel('How much is hoped for, pieces').fill('a few')
  await dialog.getByLabel('To', { exact: true }).fill('2026-10-01')
  await dialog.getByRole('button', { name: 'Keep harvest' }).click()
  await expect(dialog.getByText('can’t be read as an amount')).toBeVisible()
  await expect(dialog.getByText('the last day can’t come before the first')).toBeVisible()
  await dialog.getByLabel('How much is hoped for, pieces').fill('40')
  await dialog.getByLabel('To', { exact: true }).fill('2026-12-10')
  await dialog.getByLabel('Where').fill('the bank above the reservoir')
  await dialog.getByRole('button', { name: 'Keep harvest' }).click()
  await expect(dialog).toBeHidden()
  const row = page.getByRole('row').filter({ hasText: 'the bank above the reservoir' })
  await expect(row).toContainText('leave not asked')
  await row.getByRole('button', { name: /^Go gathering/ }).click()
  await expect(page.getByRole('heading', { name: 'Ask for leave' })).toBeVisible()
  await page.getByRole('button', { name: 'Abandon' }).click()
  await dialog.getByLabel('Why').fill('the owner said no')
  await dialog.getByRole('button', { name: 'Abandon batch' }).click()
  await expect(dialog).toBeHidden()
  await maker.open('stock/harvest')
  await expect(row).toContainText('due now')

  await test.step('near the equator no weeks are foretold; a place in the south turns the year round', async () => {
    const latitude = page.getByLabel('Latitude, ° (south below 0)')
    const live = async (degrees: string): Promise<void> => {
      await maker.go('Workshop')
      await latitude.fill(degrees)
      await latitude.press('Tab')
    }
    const look = async (): Promise<void> => {
      await maker.go('Stock')
      await page.getByRole('link', { name: 'Harvest', exact: true }).click()
    }
    await live('91')
    await expect(page.getByText('Latitude: read “91”; allowed is −70° to 70°.')).toBeVisible()
    await live('2')
    await look()
    await expect(page.getByText('So near the equator the weeks follow the rains')).toBeVisible()
    await live('-34')
    await look()
    await expect(page.getByRole('row').filter({ hasText: 'Fallen leaves' })).toContainText(/Apr|May/)
  })
})

test('a bed is sown in spring for the cut of September, and waits for months', async ({ page }) => {
  const maker = new Maker(page)
  await page.clock.setFixedTime(new Date('2027-03-25T10:00:00Z'))
  await maker.open('stock/harvest')
  await page.getByRole('button', { name: 'Plan Sprigs' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('How much is hoped for, pieces').fill('100')
  await choose(dialog.getByLabel('Leave of owner and authority'), 'own ground')
  await dialog.getByRole('button', { name: 'Keep harvest' }).click()
  const row = page.getByRole('row').filter({ hasText: 'own ground' })
  await expect(row).toContainText(/sow 1\d Mar – \d+ Apr 2027/)
  await row.getByRole('button', { name: 'Sow it' }).click()
  await expect(page.getByRole('heading', { name: 'Sow under glass' })).toBeVisible()
  await page.getByRole('button', { name: 'This is done' }).click()
  await expect(page.getByText('until 6 May 2027')).toBeVisible()
  await expect(page.getByRole('button', { name: 'It is ready already' })).toBeVisible()
  await expect(page.getByRole('navigation', { name: 'Open batches' })).toContainText('ready in 42 d')
  await maker.go('Stock')
  await page.getByRole('link', { name: 'Ahead', exact: true }).click()
  await page.getByRole('button', { name: /^all that changes/ }).click()
  await page.getByRole('button', { name: 'Dried sprigs', exact: true }).click()
  await expect(page.getByText(/^\d+ Sept? 2027$/).first()).toBeVisible()
  await expect(page.getByText('is made: Sowing sprigs 1')).toBeVisible()
})

test('5 000 materials: found by word, colour and grain, sorted by the keyboard, and only what is seen is drawn', async ({
  page,
}) => {
  await withMaterials(page, 5_000)
  const maker = new Maker(page)
  await maker.open('stock', 'demo')
  const rows = page.locator('tr.row')
  await expect(rows.first()).toBeVisible()
  expect(await rows.count()).toBeLessThan(120)
  const find = page.getByRole('searchbox', { name: 'Find on the shelf' })
  await find.fill('bag 4321')
  await expect(rows).toHaveCount(1)
  await expect(rows.first()).toContainText('Foam of bag 4321')
  await find.fill('')

  await page.getByRole('button', { name: 'colour, grain, age, columns' }).click()
  await page.getByLabel('Grain from, mm').fill('wide')
  await expect(page.getByText('Read “wide”; allowed is a number from 0.')).toBeVisible()
  await page.getByLabel('Grain from, mm').fill('6.2')
  await page.getByLabel('to, mm').fill('6.2')
  await expect(rows.first()).toContainText('Foam of bag')
  await page.getByRole('checkbox', { name: 'Grain, length' }).check()
  await expect(rows.first()).toContainText('6.2 mm')
  await page.getByLabel('Near the colour').check()
  const off = async (): Promise<number[]> =>
    (await rows.locator('td.number').filter({ hasText: 'ΔE' }).allTextContents()).map((text) =>
      Number(text.replace('ΔE', '')),
    )
  await expect(rows.first()).toContainText('ΔE')
  const apart = await off()
  expect(apart).toEqual([...apart].sort((a, b) => a - b))
  await page.getByRole('button', { name: 'Clear' }).click()

  const onHand = page.getByRole('columnheader', { name: /^On hand/ })
  await onHand.getByRole('button').focus()
  await page.keyboard.press('Enter')
  await expect(onHand).toHaveAttribute('aria-sort', 'descending')
  await page.keyboard.press('Enter')
  await expect(onHand).toHaveAttribute('aria-sort', 'ascending')

  await test.step('far down, rows are opened and walked through with the arrow keys', async () => {
    await page.locator('#station > .scroller').evaluate((main) => {
      main.scrollTop = main.scrollHeight / 2
    })
    const row = rows.filter({ hasText: 'Foam of bag' }).nth(14)
    const name = row.getByRole('button').first()
    await name.focus()
    await page.keyboard.press('ArrowDown')
    await expect(name).not.toBeFocused()
    await page.keyboard.press('Enter')
    await expect(page.getByText(/^Jar \d+/).first()).toBeVisible()
    expect(await rows.count()).toBeLessThan(120)
  })
})

test('300 jars are counted with one hand, and written in one go', async ({ page }) => {
  await withMaterials(page, 480)
  const maker = new Maker(page)
  await maker.open('stock/count', 'demo')
  await expect(page.getByText(/^0 of 4\d\d jars$/)).toBeVisible()
  const amount = page.locator('#take-amount')
  await amount.focus()
  for (let jar = 1; jar <= 300; jar += 1) {
    await page.keyboard.press(String(1 + (jar % 9)))
    await page.keyboard.press('Enter')
  }
  await expect(page.getByText(/^300 of 4\d\d jars$/)).toBeVisible()
  await page.getByRole('button', { name: 'See the differences' }).click()
  const differences = page.getByRole('region', { name: 'Differences' })
  await expect(differences.getByText(/^300 jars counted, /)).toBeVisible()
  await differences.getByRole('button', { name: 'Write it into the books' }).click()
  await expect(page.getByText(/^300 jars counted, \d+ put right\.$/)).toBeVisible()
})
