import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'

async function serious(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ target, failureSummary }) => `${target.join(' ')} ${failureSummary?.split('\n')[1] ?? ''}`)
          .slice(0, 4)
          .join(' | ')}`,
    )
}

const pages = [
  'brief',
  'line-up',
  'make-up',
  'stock',
  'bench',
  'log',
  'workshop',
  'species',
  'planting',
  'planting-out',
]
for (const station of pages)
  test(`${station} of the demo has no serious or critical finding`, async ({ page }) => {
    await page.goto(`/demo/${station}`)
    await expect(page.locator('#station h1').first()).toBeAttached()
    await page.waitForTimeout(300)
    expect(await serious(page)).toEqual([])
  })

test('no page of an empty workshop has a serious or critical finding', async ({ page }) => {
  for (const station of pages) {
    await page.goto(`/mine/${station}`)
    await expect(page.locator('#station h1').first()).toBeAttached()
    expect([station, await serious(page)]).toEqual([station, []])
  }
})

const dialogs: [string, string, (page: Page) => Promise<void>][] = [
  ['receiving a pack', 'stock', (page) => page.getByRole('button', { name: 'Receive Matte medium' }).click()],
  ['a new material', 'stock', (page) => page.getByRole('button', { name: 'New material' }).click()],
  ['weighing', 'bench', (page) => page.getByRole('button', { name: 'Weigh' }).click()],
  ['rejecting', 'bench', (page) => page.getByRole('button', { name: 'Reject a piece' }).click()],
  ['ending a batch', 'bench', (page) => page.getByRole('button', { name: 'Abandon' }).click()],
  ['a new commission', 'brief', (page) => page.getByRole('button', { name: 'New commission' }).click()],
  [
    'a suggested planting',
    'brief',
    async (page) => {
      await page.getByRole('button', { name: 'Suggest a planting…' }).click()
      await page.getByRole('dialog').getByRole('button', { name: 'Suggest', exact: true }).click()
    },
  ],
  ['finding', 'line-up', (page) => page.getByRole('button', { name: /Find anything/ }).click()],
  ['wiping', 'workshop', (page) => page.getByRole('button', { name: /Wipe/ }).click()],
]
for (const [what, station, open] of dialogs) {
  test(`the dialog for ${what} has no serious or critical finding, and Escape closes it`, async ({
    page,
  }) => {
    await page.goto(`/demo/${station}`)
    await expect(page.locator('#station h1').first()).toBeAttached()
    await open(page)
    await expect(page.getByRole('dialog')).toBeVisible()
    expect(await serious(page)).toEqual([])
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toHaveCount(0)
  })
}

test('a figure’s origin opens by keyboard and closes again', async ({ page }) => {
  await page.goto('/demo/make-up')
  const figure = page.getByRole('button', { name: /^Hands-on time:/ })
  await figure.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('sum over steps of')).toBeVisible()
  expect(await serious(page)).toEqual([])
  await page.keyboard.press('Escape')
  await expect(page.getByText('sum over steps of')).toHaveCount(0)
})
