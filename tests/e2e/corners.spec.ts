import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'

const FOAM = 'Ground foam, fine, autumn yellow'

test('one workshop on two machines, both finish the batch: merged, stock is drawn once, and both copies agree', async ({
  browser,
}) => {
  test.setTimeout(400_000)
  const machine = async (): Promise<Maker> => new Maker(await (await browser.newContext()).newPage())
  const [desk, bench] = [await machine(), await machine()]
  await desk.open('workshop', 'demo')
  const start = await desk.exportFile('start.json')
  await bench.open('workshop')
  await bench.mergeFile(start)
  const before = parseFloat(await (await desk.go('Stock'), desk.onHand(FOAM)))

  const finish = async (maker: Maker, rejects: number, drawn: string): Promise<void> => {
    await maker.go('Bench')
    await maker.page.getByRole('link', { name: /Birch for the platform/ }).click()
    await maker.workThrough()
    for (let i = 0; i < rejects; i += 1) {
      await maker.page.getByRole('button', { name: 'Reject a piece' }).click()
      await maker.page.getByRole('dialog').getByRole('button', { name: 'flat, one-sided piece' }).click()
    }
    await maker.page.getByRole('button', { name: 'Finish batch' }).click()
    const dialog = maker.page.getByRole('dialog')
    await dialog.getByLabel(`Draw ${FOAM}`).fill(drawn)
    await dialog.getByRole('button', { name: /^Draw stock, \d+ to the tray$/ }).click()
    await expect(dialog).toBeHidden()
  }
  await finish(desk, 0, '2 g')
  await finish(bench, 2, '3 g')
  const [fromDesk, fromBench] = [await desk.exportFile('desk.json'), await bench.exportFile('bench.json')]
  await desk.mergeFile(fromBench)
  await bench.mergeFile(fromDesk)
  // Merged again it changes nothing more.
  await desk.mergeFile(fromBench)

  const stands = async (maker: Maker): Promise<{ foam: number; tray: string }> => {
    await maker.go('Stock')
    const foam = parseFloat(await maker.onHand(FOAM))
    await maker.go('Log')
    const row = maker.page.getByRole('row', { name: /Birch for the platform/ }).filter({ hasText: ' / ' })
    await expect(row).toHaveCount(1)
    return { foam, tray: await row.innerText() }
  }
  const [atDesk, atBench] = [await stands(desk), await stands(bench)]
  expect(atDesk).toEqual(atBench)
  const drawn = before - atDesk.foam
  expect([2, 3].some((grams) => Math.abs(drawn - grams) < 1e-6)).toBe(true)
  expect(atDesk.tray).toMatch(drawn < 2.5 ? /8 \/ 8/ : /6 \/ 8/)
  // What the other copy did is set aside and shown.
  await desk.page
    .getByRole('row', { name: /Birch for the platform/ })
    .filter({ hasText: ' / ' })
    .getByRole('button')
    .click()
  await expect(desk.page.getByText(/of another copy went another way/).first()).toBeVisible()
})

test('two commissions want one jar: the nearer deadline comes first, the other says what it lacks and who has it', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('brief')
  const order = async (name: string, due: string): Promise<void> => {
    await maker.newCommission(name, '1:87.1')
    await page.getByLabel('Finish by').fill(due)
    await page.getByLabel('Finish by').press('Tab')
    await page.getByLabel('Add a line: name of the plant').fill('rowan')
    await page.getByRole('option', { name: /Rowan/ }).click()
    await page.getByLabel('Pieces', { exact: true }).fill('20')
    await page.getByLabel('Pieces', { exact: true }).press('Tab')
    await maker.go('Make-up')
    await page.getByRole('radio', { name: /Soaked sprig tree/ }).click()
    await expect(page.getByRole('button', { name: /^Start batch of \d+$/ })).toBeVisible()
    await maker.go('Brief')
  }
  await order('Later job', '2030-06-01')
  await order('Sooner job', '2030-03-01')
  // Enough sprigs for one of the two.
  await maker.go('Stock')
  await page.getByRole('table').getByRole('button', { name: 'Receive Dried sprigs' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Quantity, pieces').fill('25')
  await dialog.getByRole('button', { name: /^Receive/ }).click()
  await expect(dialog).toBeHidden()
  const inHand = page.getByRole('region', { name: 'The shelf now' }).getByText(/^\s*Rowan:/)
  // Each starts 22 for 20 and takes 1.1 sprigs for a tree: 25; there are as many as one of them wants.
  await expect(maker.short.filter({ hasText: 'Dried sprigs' })).toContainText('short 25')
  await expect(inHand).not.toContainText('Dried sprigs')
  await page.getByRole('button', { name: 'Change commission' }).click()
  await page.getByRole('menuitem', { name: /Later job/ }).click()
  await expect(inHand).toContainText(/Dried sprigs short 25.*what there is goes first to .*Sooner job/)
  // The other way round as soon as the deadlines are.
  await maker.go('Brief')
  await page.getByLabel('Finish by').fill('2030-02-01')
  await page.getByLabel('Finish by').press('Tab')
  await maker.go('Stock')
  await expect(inHand).not.toContainText('Dried sprigs')
})

test('a piece that was done is rejected after its window, and the round still closes', async ({ page }) => {
  const maker = new Maker(page)
  await page.clock.install()
  await maker.open('bench', 'demo')
  await page.getByRole('link', { name: /Birch for the platform/ }).click()
  await page.getByRole('button', { name: 'Start a round of 2' }).click()
  await page.getByRole('button', { name: 'Piece done' }).click()
  await page.getByRole('button', { name: 'Reject a piece' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('radio', { name: 'done here already (4)' }).click()
  await dialog.getByLabel('Another reason').fill('dropped')
  await dialog.getByRole('button', { name: 'Reject', exact: true }).click()
  await expect(page.getByText('7 good of 8 started · 1 rejected')).toBeVisible()
  await expect(page.getByText('3 of 7')).toBeVisible()
  // The window closes without the other piece of the round; it is still to be done, and the step ends.
  await page.clock.fastForward(75_000)
  await expect(page.getByRole('timer')).toHaveText('Closed', { timeout: 90_000 })
  await page.getByRole('button', { name: 'All 4 left' }).click()
  await expect(page.getByRole('button', { name: 'It is dry already' })).toBeVisible()
  await page.getByRole('button', { name: 'Reject a piece' }).click()
  await dialog.getByLabel('Another reason').fill('dropped')
  await dialog.getByRole('button', { name: 'Reject', exact: true }).click()
  await expect(page.getByText('6 good of 8 started · 2 rejected')).toBeVisible()
})
