import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { besides, stations } from '../../shared/stations'
import { Maker } from './support/maker'

async function serious(page: Page): Promise<string[]> {
  // Only what is wrong is worked out to the last node; there are no frames to be asked in a page of their own.
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode()
  const { violations } = await axe.analyze()
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

/** All that the navigation leads to; planting out is reached from the planting plan. */
const names = [...stations, ...besides].map(({ name }) => name)
const half = Math.ceil(names.length / 2)

/** Goes from station to station as a maker does, without loading the app anew, and looks at each. */
async function visit(page: Page, workshop: 'demo' | 'mine', names: readonly string[]): Promise<void> {
  const maker = new Maker(page)
  const refused: string[] = []
  page.on('console', (message) => {
    if (/content security policy/i.test(message.text())) refused.push(message.text())
  })
  for (const name of names) {
    await maker.go(`${name}( ,.*)?$`)
    await expect(page).toHaveURL(new RegExp(`/${workshop}/${name.toLowerCase()}$`))
    expect.soft([name, await serious(page)]).toEqual([name, []])
    // Nothing on a page asks for what its policy forbids: styles and scripts written into it.
    expect.soft([name, refused]).toEqual([name, []])
  }
}

for (const workshop of ['demo', 'mine'] as const)
  for (const [which, own] of [
    ['first', names.slice(0, half)],
    ['other', names.slice(half)],
  ] as const)
    test(`the ${which} stations of ${workshop} have no serious or critical finding`, async ({ page }) => {
      await page.goto(`/${workshop}/${which === 'first' ? 'species' : 'brief'}`)
      await expect(page.locator('#station h1').first()).toBeAttached()
      await visit(page, workshop, own)
      if (!own.includes('Planting')) return
      await page.goto(`/${workshop}/planting-out`)
      await expect(page.locator('#station h1').first()).toBeAttached()
      expect.soft(await serious(page)).toEqual([])
    })

test('at 200 % zoom, in forced colours and without motion no station has a serious or critical finding', async ({
  page,
}) => {
  // A window of 1280 × 800 looked at twice as large has room for half as much.
  await page.setViewportSize({ width: 640, height: 400 })
  await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' })
  for (const { path, name } of [...stations, ...besides]) {
    await page.goto(`/demo/${path}`)
    await expect(page.locator('#station h1').first()).toBeAttached()
    expect.soft([name, await serious(page)]).toEqual([name, []])
    // Nothing runs out of the window sideways.
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
    expect.soft([name, over]).toEqual([name, 0])
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
  ['files', 'stock', (page) => page.getByRole('button', { name: 'Files' }).click()],
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
