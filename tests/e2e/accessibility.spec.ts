import { expect, test, type Page } from '@playwright/test'
import { besides, stations } from '../../shared/stations'
import { Maker } from './support/maker'
import { serious } from './support/serious'

/**
 * Goes through an empty workshop from station to station as a maker does, by the navigation; with the demo
 * `stations.spec` does.
 */
test('the stations of an empty workshop have no serious or critical finding', async ({ page }) => {
  const maker = new Maker(page)
  const refused: string[] = []
  page.on('console', (message) => {
    if (/content security policy/i.test(message.text())) refused.push(message.text())
  })
  await maker.open('species')
  for (const { name } of [...stations, ...besides]) {
    await maker.go(`${name}( ,.*)?$`)
    await expect(page).toHaveURL(new RegExp(`/mine/${name.toLowerCase()}$`))
    expect.soft([name, await serious(page)]).toEqual([name, []])
    // Nothing on a page asks for what its policy forbids: styles and scripts written into it.
    expect.soft([name, refused]).toEqual([name, []])
  }
})

test('the rooms of Stock have no serious or critical finding', async ({ page }) => {
  await page.goto('/demo/stock/ahead')
  await expect(page.locator('tbody tr').first()).toBeVisible()
  await page.locator('tbody button[aria-expanded]').first().click()
  // Each with what is there once it has been worked out.
  for (const [room, shown] of [
    ['Ahead', 'tbody tr'],
    ['Buying', '[aria-label="What it costs"]'],
    ['Harvest', 'svg'],
    ['Tools', 'tbody tr'],
    ['Stock-take', 'input'],
  ] as const) {
    await page.getByRole('navigation', { name: 'Stock' }).getByRole('link', { name: room }).click()
    await expect(page.locator('#station h1')).toHaveText(new RegExp(`^${room}`))
    await expect(page.locator('#station').locator(shown).first()).toBeVisible()
    expect.soft([room, await serious(page)]).toEqual([room, []])
  }
})

const dialogs: [string, string, (page: Page) => Promise<void>][] = [
  ['finding a jar', 'stock', (page) => page.getByRole('button', { name: 'Find a jar' }).click()],
  [
    'a colour from a photograph',
    'blends',
    (page) => page.getByRole('button', { name: 'Take it from a photograph…' }).click(),
  ],
  ['a test tile', 'blends', (page) => page.getByRole('button', { name: 'New tile' }).click()],
  ['receiving a pack', 'stock', (page) => page.getByRole('button', { name: 'Receive Matte medium' }).click()],
  ['a new material', 'stock', (page) => page.getByRole('button', { name: 'New material' }).click()],
  [
    'files',
    'stock',
    async (page) => {
      await page.getByRole('button', { name: 'More' }).click()
      await page.getByRole('menuitem', { name: 'Files' }).click()
    },
  ],
  ['a supplier', 'stock/buying', (page) => page.getByRole('button', { name: 'New supplier' }).click()],
  [
    'offers',
    'stock/buying',
    (page) =>
      page
        .getByRole('button', { name: /^\d+ offers$/ })
        .first()
        .click(),
  ],
  ['what came of an order', 'stock/buying', (page) => page.getByRole('button', { name: /^Take in/ }).click()],
  ['a harvest', 'stock/harvest', (page) => page.getByRole('button', { name: 'Plan Sprigs' }).click()],
  [
    'a tool',
    'stock/tools',
    (page) =>
      page
        .getByRole('region', { name: 'Tools' })
        .getByRole('button', { name: /^Change/ })
        .first()
        .click(),
  ],
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
  ['finding', 'line-up', (page) => page.getByRole('button', { name: /^Find/ }).click()],
  ['wiping', 'workshop', (page) => page.getByRole('button', { name: /Wipe/ }).click()],
]
for (const station of new Set(dialogs.map(([, own]) => own)))
  test(`the dialogs of ${station} have no serious or critical finding, and Escape closes them`, async ({
    page,
  }) => {
    await page.goto(`/demo/${station}`)
    await expect(page.locator('#station h1').first()).toBeAttached()
    for (const [what, , open] of dialogs.filter(([, own]) => own === station)) {
      await open(page)
      await expect(page.getByRole('dialog')).toBeVisible()
      expect.soft([what, await serious(page)]).toEqual([what, []])
      await page.keyboard.press('Escape')
      await expect(page.getByRole('dialog')).toHaveCount(0)
    }
  })

test('the shelf’s search, opened, has no serious or critical finding', async ({ page }) => {
  await page.goto('/demo/stock')
  await page.getByRole('button', { name: 'colour, grain, age, columns' }).click()
  await expect(page.getByRole('checkbox', { name: 'Oldest jar' })).toBeVisible()
  expect(await serious(page)).toEqual([])
})

test('a figure’s origin opens by keyboard and closes again', async ({ page }) => {
  await page.goto('/demo/make-up')
  const figure = page.getByRole('button', { name: /^Hands-on time:/ })
  await figure.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('the sum of all of these')).toBeVisible()
  expect(await serious(page)).toEqual([])
  await page.keyboard.press('Escape')
  await expect(page.getByText('the sum of all of these')).toHaveCount(0)
})
