import { readFileSync } from 'node:fs'
import DxfParser from 'dxf-parser'
import { expect, test, type Page } from '@playwright/test'
import { Maker } from './support/maker'
import { readPdf } from './support/pdf'
import { choose } from './support/choose'

/** Goes to a line of a demo commission in Make-up. */
async function atLine(page: Page, line: string, commission = 'Kestrel Halt'): Promise<Maker> {
  const maker = new Maker(page)
  await maker.open('make-up', 'demo')
  if (commission !== 'Kestrel Halt') {
    await page.getByRole('button', { name: 'Change commission' }).click()
    await page.getByRole('menuitem', { name: new RegExp(commission) }).click()
  }
  for (let i = 0; i < 12 && (await page.locator('h1').first().textContent()) !== line; i += 1)
    await page.getByRole('button', { name: 'Next line' }).click()
  await expect(page.locator('h1', { hasText: line })).toBeVisible()
  return maker
}
async function downloaded(page: Page, button: string): Promise<Buffer> {
  const download = page.waitForEvent('download', { timeout: 60_000 })
  await page.getByRole('button', { name: button, exact: true }).click()
  return readFileSync(await (await download).path())
}
const ways = (page: Page) => page.getByRole('group', { name: 'Ways to make it' })
const column = (page: Page, at: number) =>
  ways(page).locator(`tbody tr:not(.row-opened) td:nth-child(${at})`).allInnerTexts()
const names = (page: Page) => column(page, 2)

test('the ways side by side: in the order that matters, with what is missing', async ({ page }) => {
  await atLine(page, 'Beech, old')
  // The first are there before the last are worked out.
  await expect.poll(async () => (await names(page)).length).toBeGreaterThanOrEqual(6)
  // The line's own comes first, then those that suit best.
  const [own, next] = await names(page)
  expect(own).toContain('Soaked sprig tree')
  expect(next).toContain('suits')
  const hands = async (): Promise<number[]> =>
    (await column(page, 3)).map((text) => {
      const [, hour = '0', minute = '0'] = /^(?:(\d+) h )?([\d.]+)/.exec(text) ?? []
      return text.trim().endsWith(' s') ? Number(minute) / 60 : Number(hour) * 60 + Number(minute)
    })
  await choose(page.getByLabel('Order of the ways'), 'least hands')
  const sorted = await hands()
  expect(sorted).toEqual([...sorted].sort((a, b) => a - b))
  // The workshop lent its glue pot.
  await expect(ways(page).getByText('glue pot: lent to the model club').first()).toBeVisible()
  await expect(page.getByText(/other ways? do(es)? not suit/)).toBeVisible()
})

test('a wire tree: strands set, cut list, twisting order, sheet at 1:1 as PDF and DXF, and to the bench', async ({
  page,
}) => {
  await atLine(page, 'Beech, by the platform')
  const armature = page.getByRole('region', { name: 'Armature' })
  await expect(armature.getByText(/trunk [\d.]+ mm with its bark/)).toBeVisible()
  const order = armature.getByRole('list', { name: 'Order of twisting' })
  const first = async (): Promise<number> =>
    Number(/^twist (\d+) stout/.exec((await order.getByRole('listitem').first().textContent()) ?? '')?.[1])
  const many = await first()
  const wire = async (): Promise<number> =>
    parseFloat((await page.getByRole('button', { name: /^Thin wire, one piece/ }).textContent()) ?? '')
  const metres = await wire()
  await expect(armature.getByText(/costs [\d.]+ for one, [\d.]+ for the batch/).first()).toBeVisible()
  await armature.getByLabel('Strands').fill('30')
  await armature.getByLabel('Strands').press('Tab')
  await expect.poll(first).toBeLessThan(many)
  // What it takes of the shelf follows.
  await expect.poll(wire).toBeLessThan(metres * 0.6)
  await armature.getByLabel('Strands').fill('3')
  await armature.getByLabel('Strands').press('Tab')
  await expect(page.getByRole('alert')).toContainText(
    'Strands: read “3”; allowed is a whole number from 6 to 160',
  )
  await armature.getByLabel('Strands').fill('')
  await armature.getByLabel('Strands').press('Tab')
  await expect.poll(first).toBe(many)

  const dxf = new DxfParser().parseSync((await downloaded(page, 'wire sheet as DXF')).toString('utf8'))
  expect(Object.keys(dxf!.tables.layer.layers)).toEqual(expect.arrayContaining(['cut', 'fold', 'label']))
  const sheet = await readPdf(await downloaded(page, 'Print wire sheet at 1:1'))
  expect(sheet[0]!.text).toContain('This bar must measure 50 mm')
  const words = sheet.map(({ text }) => text).join(' ')
  expect(words).toContain('order of twisting')
  expect(words).toMatch(/1\s+twist \d+ stout strands/)
  const card = await readPdf(await downloaded(page, 'Print card'))
  expect(card.map(({ text }) => text).join(' ')).toMatch(/\d+ × \d+ mm, stout wire/)

  await page.getByRole('button', { name: /^Start batch of/ }).click()
  await expect(page.getByRole('heading', { name: 'Cut, fold, twist the trunk' })).toBeVisible()
  await expect(page.getByText('Cut ends fly and prick')).toBeVisible()
})

test('dowels and discs: what the pads that are there make, templates as long as they say', async ({
  page,
}) => {
  await atLine(page, 'Norway spruce')
  const panel = page.getByRole('region', { name: 'Dowels and discs' })
  await expect(panel.getByText(/pads? to buy/)).toBeVisible()
  const start = panel.getByRole('button', { name: /^start \d+ trees$/ })
  await expect(start).toBeVisible()
  const trees = Number(/\d+/.exec((await start.textContent()) ?? '')?.[0])
  expect(trees).toBeGreaterThan(3)
  expect(trees).toBeLessThan(19)
  await start.click()
  await expect(page.getByLabel('Start', { exact: true })).toHaveValue(String(trees))
  await expect(panel.getByText('enough')).toBeVisible()

  const stem = await readPdf(await downloaded(page, 'Print order on the stem at 1:1'))
  const widths = [...stem[0]!.text.matchAll(/(\d+) wide/g)].map(([, mm]) => Number(mm))
  expect(widths.length).toBeGreaterThan(8)
  for (const width of widths)
    expect(stem[0]!.linesMm.some(({ length }) => Math.abs(length - width) <= 0.5)).toBe(true)
  expect(stem[0]!.linesMm.some(({ length }) => Math.abs(length - 50) < 0.1)).toBe(true)
  const pads = await readPdf(await downloaded(page, 'Print pad templates at 1:1'))
  expect(pads.length).toBeGreaterThan(4)
  expect(pads.map(({ text }) => text).join(' ')).toContain('pad 1')
})

test('some of a line another way: two lines, together as many as before', async ({ page }) => {
  await atLine(page, 'Norway spruce')
  await page.getByRole('button', { name: 'Make some another way…' }).click()
  const dialog = page.getByRole('dialog')
  // What it may be made as is there at once, though the ways are still being worked out.
  await expect(dialog.getByLabel('Made as')).not.toHaveText('choose')
  await dialog.getByRole('textbox', { name: 'Pieces' }).fill('99')
  await dialog.getByRole('button', { name: 'Split the line' }).click()
  await expect(dialog.getByText('Pieces: read “99”; allowed is a whole number from 1 to 14')).toBeVisible()
  await dialog.getByRole('textbox', { name: 'Pieces' }).fill('3')
  await choose(dialog.getByLabel('Standing'), 'middle')
  await dialog.getByRole('button', { name: 'Split the line' }).click()
  await expect(dialog).toBeHidden()
  await expect(page.locator('h1', { hasText: 'Norway spruce, middle' })).toBeVisible()
  const maker = new Maker(page)
  await maker.go('Brief')
  const pieces = page.locator('tr', { has: page.locator('input[aria-label="Name of the line"]') })
  const wanted = async (name: string): Promise<string> => {
    for (const row of await pieces.all())
      if ((await row.getByLabel('Name of the line').inputValue()) === name)
        return row.getByLabel('Pieces', { exact: true }).inputValue()
    return ''
  }
  await expect.poll(() => wanted('Norway spruce')).toBe('15')
  await expect.poll(() => wanted('Norway spruce, middle')).toBe('3')
})

test('a box is sorted by taps that outlive a reload; its heaps are stock, and the trees it makes are told', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('sorting', 'demo')
  const heap = (name: string) => page.getByRole('button', { name: new RegExp(`^${name} mm`) })
  for (let i = 0; i < 12; i += 1) await heap('80 to 100').click()
  for (let i = 0; i < 5; i += 1) await heap('100 to 120').click()
  await page.getByRole('button', { name: /^Curved/ }).click()
  await page.keyboard.press('z')
  await expect(page.getByText('17 pieces sorted')).toBeVisible()
  await page.reload()
  await expect(page.getByText('17 pieces sorted')).toBeVisible()
  // The gauge is as wide as it says, read back by an independent reader.
  const [gauge] = await readPdf(await downloaded(page, 'Print gauge at 1:1'))
  expect(gauge!.linesMm.filter(({ length }) => Math.abs(length - 120) < 0.1).length).toBeGreaterThanOrEqual(
    11,
  )
  const makes = page.getByRole('region', { name: 'What it makes' })
  await expect(makes.getByRole('row', { name: /^Rowan/ })).toContainText('7')
  await expect(makes.getByRole('status')).toContainText(/\d+ trees from what is sorted/)
  await page.getByRole('button', { name: 'Finish sorting…' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Left in the box, unsorted').fill('4000')
  await dialog.getByRole('button', { name: 'Make the heaps' }).click()
  await expect(dialog.getByText(/Left in the box: read “?4000/)).toBeVisible()
  await dialog.getByLabel('Left in the box, unsorted').fill('10')
  await dialog.getByRole('button', { name: 'Make the heaps' }).click()
  await expect(dialog).toBeHidden()
  await expect(page.getByText('0 pieces sorted')).toBeVisible()
  await maker.go('Stock')
  // The box that came with the demo had 24 of them.
  await expect.poll(() => maker.onHand('Dried sprigs, 80–100 mm')).toContain('36')
})

test('tools that are not there: a way says so, with what they cost', async ({ page }) => {
  const maker = new Maker(page)
  await maker.open('stock/tools', 'demo')
  await page
    .getByRole('row')
    .filter({ hasText: /^\s*pliers/ })
    .getByRole('button', { name: /Change/ })
    .click()
  await page.getByLabel('How many there are in all').fill('0')
  await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  await maker.go('Make-up')
  await page.getByRole('button', { name: 'Next line' }).click()
  await expect(page.locator('h1', { hasText: 'Beech, by the platform' })).toBeVisible()
  await expect(ways(page).getByText('no pliers (9.00)').first()).toBeVisible()
})

test('a palm, a tree of 12 mm, one of 600 mm, a line of one: each has its answer', async ({ page }) => {
  const maker = new Maker(page)
  await maker.open('brief')
  await maker.newCommission('Edges', '1:100')
  await maker.addLine('Tall fan palm', 'tall fan palm', 4, '8m')
  await maker.addLine('Beech', 'beech', 1, '1.2m')
  await maker.chooseLine('Tall fan palm')
  await maker.go('Make-up')
  await expect(page.getByText('None of these ways really suits this plant.')).toBeVisible()
  await page.getByRole('button', { name: 'Next line' }).click()
  await expect(page.locator('h1', { hasText: 'Beech' })).toBeVisible()
  await expect(page.getByText(/far too small: 12 mm/).first()).toBeAttached()
  await expect(page.getByRole('button', { name: 'Make some another way…' })).toHaveCount(0)
  await maker.go('Brief')
  const row = maker.lineRow('Beech')
  await row.getByLabel('Real height').fill('60m')
  await row.getByLabel('Real height').press('Tab')
  await maker.go('Make-up')
  await expect(ways(page).getByText('Twisted-wire broadleaf')).toBeVisible()
  await page.getByRole('radio', { name: /Twisted-wire broadleaf/ }).check()
  await expect(page.getByText('Take wire into Stock, or choose one')).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Armature' }).getByText(/trunk [\d.]+ mm/)).toBeVisible()
})
