import { expect, test, type Page } from '@playwright/test'
import { besides, stations } from '../../shared/stations'
import { faultsInView, sizes } from './support/in-view'
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
    ['Harvest', 'tbody tr'],
    ['Tools', 'tbody tr'],
    ['Stock-take', 'input'],
  ] as const) {
    await page.getByRole('navigation', { name: 'Stock' }).getByRole('link', { name: room }).click()
    await expect(page.locator('#station h1')).toHaveText(new RegExp(`^${room}`))
    await expect(page.locator('#station').locator(shown).first()).toBeVisible()
    expect.soft([room, await serious(page)]).toEqual([room, []])
  }
})

/** A dialog: where it is, its main answer, and how it is opened. */
interface Asked {
  readonly what: string
  readonly at: string
  readonly main: string
  readonly open: (page: Page) => Promise<void>
}
const pressed =
  (name: string | RegExp) =>
  (page: Page): Promise<void> =>
    page.getByRole('button', { name }).first().click()
/** Presses what stands in an opened row of the shelf. */
const inOpenedRow =
  (name: RegExp) =>
  async (page: Page): Promise<void> => {
    const button = page.getByRole('button', { name }).first()
    const row = page.locator('tr.row').filter({ hasText: 'Ground foam, fine, dark green' })
    if (!(await button.isVisible())) await row.getByRole('button').first().click()
    await button.click()
  }
const dialogs: readonly Asked[] = [
  { what: 'finding a jar', at: 'stock', main: '^Find$', open: pressed('Find a jar') },
  { what: 'receiving a pack', at: 'stock', main: '^Receive pack$', open: pressed('Receive Matte medium') },
  { what: 'a new material', at: 'stock', main: '^Store material$', open: pressed('New material') },
  {
    what: 'files',
    at: 'stock',
    main: '^(Done|Close|Leave it)$',
    open: async (page) => {
      await page.getByRole('button', { name: 'More' }).click()
      await page.getByRole('menuitem', { name: 'Files' }).click()
    },
  },
  { what: 'counting a jar', at: 'stock', main: '^Write count$', open: inOpenedRow(/^Count /) },
  { what: 'where a jar stands', at: 'stock', main: '^Keep$', open: inOpenedRow(/^Place of/) },
  { what: 'measuring a jar', at: 'stock', main: '.', open: inOpenedRow(/^Measure the colour/) },
  {
    what: 'a colour from a photograph',
    at: 'blends',
    main: '.',
    open: pressed('Take it from a photograph…'),
  },
  { what: 'a test tile', at: 'blends', main: '^Keep', open: pressed('New tile') },
  { what: 'a supplier', at: 'stock/buying', main: '^Keep$', open: pressed('New supplier') },
  { what: 'offers', at: 'stock/buying', main: '^Add$', open: pressed(/^\d+ offers$/) },
  { what: 'what came of an order', at: 'stock/buying', main: '^Take in$', open: pressed(/^Take in/) },
  {
    what: 'a price list',
    at: 'stock/buying',
    main: '^(Take|Leave)',
    open: (page) =>
      page
        .getByLabel(/^Read a price list of/)
        .first()
        .setInputFiles({
          name: 'list.csv',
          mimeType: 'text/csv',
          buffer: Buffer.from('article,name,pack,unit,price\r\nZZ-1,A foam nobody knows,100,g,4.20'),
        }),
  },
  { what: 'a harvest', at: 'stock/harvest', main: '^(Keep|Plan)', open: pressed('Plan Sprigs') },
  {
    what: 'a tool',
    at: 'stock/tools',
    main: '^Keep$',
    open: (page) =>
      page
        .getByRole('region', { name: 'Tools' })
        .getByRole('button', { name: /^Change/ })
        .first()
        .click(),
  },
  { what: 'weighing', at: 'bench', main: '.', open: pressed('Weigh') },
  { what: 'rejecting', at: 'bench', main: '^broke$', open: pressed('Reject a piece') },
  { what: 'ending a batch', at: 'bench', main: '^Abandon', open: pressed('Abandon') },
  { what: 'a new commission', at: 'brief', main: '^Make', open: pressed('New commission') },
  {
    what: 'a suggested planting',
    at: 'brief',
    main: '^(Take|Add)',
    open: async (page) => {
      await page.getByRole('button', { name: 'Suggest a planting…' }).click()
      await page.getByRole('dialog').getByRole('button', { name: 'Suggest', exact: true }).click()
    },
  },
  { what: 'the kinds of a hedge', at: 'brief', main: '^Keep the mixture$', open: pressed(/kinds?…$/) },
  { what: 'making some another way', at: 'make-up', main: '^Split', open: pressed('Make some another way…') },
  {
    what: 'pieces that are there',
    at: 'make-up',
    main: '^Enter and plan$',
    open: pressed('Some are there already'),
  },
  { what: 'moving pieces of a tray', at: 'log', main: '^Move$', open: pressed(/^Move the/) },
  {
    what: 'the end of sorting',
    at: 'sorting',
    main: '.',
    open: async (page) => {
      await page.getByRole('button', { name: /^120 to 145 mm/ }).click()
      await page.getByRole('button', { name: /^Finish sorting/ }).click()
    },
  },
  { what: 'finding', at: 'line-up', main: '', open: pressed(/^Find/) },
  { what: 'a promise', at: 'calendar', main: '^(Ask|Leave it)', open: pressed('Can I have…?') },
  { what: 'people and sessions', at: 'calendar', main: '^Done$', open: pressed('People and sessions') },
  { what: 'keys', at: 'line-up', main: '', open: (page) => page.keyboard.press('?') },
  { what: 'wiping', at: 'workshop', main: '^Wipe', open: pressed(/Wipe/) },
]
for (const station of new Set(dialogs.map(({ at }) => at)))
  test(`the dialogs of ${station}: nothing serious found by axe, their answer in view at three sizes, Escape closes them`, async ({
    page,
  }) => {
    await page.goto(`/demo/${station}`)
    await expect(page.locator('#station h1').first()).toBeAttached()
    for (const { what, main, open } of dialogs.filter(({ at }) => at === station)) {
      await open(page)
      await expect(page.getByRole('dialog')).toBeVisible()
      expect.soft([what, await serious(page)]).toEqual([what, []])
      for (const [width, height] of sizes) {
        await page.setViewportSize({ width, height })
        await expect
          .poll(() => faultsInView(page, main), { message: `${what} at ${width} × ${height}` })
          .toEqual([])
      }
      await page.setViewportSize({ width: 1280, height: 800 })
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
