import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import bwipjs from 'bwip-js/node'
import { difference2000, toLab } from '../../core/colour'
import { cardPicture } from './support/card-picture'
import { Maker } from './support/maker'
import { storedRows } from './support/stored'
import { readPdf } from './support/pdf'
import { choose } from './support/choose'

const mixture = (page: Page) => page.getByRole('region', { name: 'Mixture' })
const make = (page: Page) => page.getByRole('region', { name: 'Make it' })
const openBlend = async (page: Page, name: string): Promise<void> => {
  await new Maker(page).open('blends', 'demo')
  await page
    .getByRole('list', { name: 'Blends' })
    .getByRole('button', { name: new RegExp(name) })
    .click()
  await expect(page.getByLabel('Name of the blend')).toHaveValue(new RegExp(name))
}
const partsOf = (page: Page) => mixture(page).locator('tbody tr strong').allTextContents()

/** The parts of a material in a blend, as the browser has stored them. */
async function storedParts(page: Page, material: string, blend: string): Promise<number | undefined> {
  type Row = { readonly name: string; readonly parts: readonly { materialId: string; parts: number }[] }
  const row = (await storedRows<Row>(page, 'blends', 'demo')).find(({ name }) => name === blend)
  return row?.parts.find(({ materialId }) => materialId === material)?.parts
}

test('parts are changed by hand and the tone follows; a proposal is taken; what is kept stays', async ({
  page,
}) => {
  await openBlend(page, 'Beech, old, highlight')
  const said = mixture(page).getByRole('status')
  await expect(said).toContainText('a close tone')
  expect(await partsOf(page)).toEqual(['3', '1', '1'])
  const more = page.getByRole('button', { name: 'One part more of Ground foam, fine, mid green' })
  for (let i = 0; i < 5; i += 1) await more.click()
  await expect(said).toContainText(/another bag|another colour/)
  expect(await partsOf(page)).toEqual(['3', '6', '1'])
  // It is stored behind what is shown: another look at it shows the same.
  await expect.poll(() => storedParts(page, 'foam-fine-mid', 'Beech, old, highlight')).toBe(6)
  await page.reload()
  await expect.poll(() => partsOf(page)).toEqual(['3', '6', '1'])
  // Twelve parts are the most.
  await more.click()
  await more.click()
  await expect(more).toBeDisabled()
  await page.getByRole('button', { name: 'Take Ground foam, fine, mid green out' }).click()
  await mixture(page)
    .locator('tr', { hasText: 'Leaf scatter, olive grey' })
    .getByRole('button', { name: 'keep', exact: true })
    .click()
  const offers = page.getByRole('region', { name: 'Proposals' })
  await expect(offers.getByRole('listitem').first()).toContainText(/3\s+leaf, olive grey/)
  await offers.getByRole('button', { name: 'Take these parts' }).first().click()
  await expect(said).toContainText(/can’t be told apart|a close tone/)
  // A jar that is left out is in no proposal.
  await page
    .getByRole('button', { name: 'Leave Ground foam, fine, straw out' })
    .or(page.getByRole('button', { name: 'Take Ground foam, fine, straw out' }))
    .first()
    .click()
  await expect(offers.getByText('searching')).toHaveCount(0)
  await expect(offers.getByRole('listitem').first()).toBeVisible()
})

test('a jar that runs short: a smaller mix, sieved in two lots, mixed at the Bench, labelled and found again', async ({
  page,
}) => {
  const maker = new Maker(page)
  await openBlend(page, 'Beech, old, highlight')
  const region = make(page)
  await expect(region.getByRole('alert')).toContainText('Leaf scatter, olive grey runs out first')
  await expect(page.getByRole('button', { name: 'Start mixing' })).toBeDisabled()
  await expect(
    region.getByRole('button', { name: /^Take .* instead of Leaf scatter, olive grey$/ }).first(),
  ).toBeVisible()
  await region.getByLabel('Amount of the loose mix').fill('nonsense')
  await region.getByLabel('Amount of the loose mix').press('Tab')
  await expect(region.getByText('can’t be read as an amount')).toBeVisible()
  await region.getByRole('button', { name: /^Make \d+ ml, and keep a rest/ }).click()
  await expect(region.getByRole('alert')).toHaveCount(0)
  await choose(region.getByLabel('Sieve'), /^0\.5 mm/)
  await expect(region).toContainText(/\d+ % held by 0.5 mm \(No. 35\): thick growth/)
  await page.getByRole('button', { name: 'Plan it' }).click()
  await expect(page.getByText(/is planned; what goes in is promised to it/)).toBeVisible()
  await expect(page.getByText('its recipe stays')).toBeVisible()
  // Planned once more it would take what is promised already.
  await expect(region.getByRole('alert')).toContainText('runs out first')
  await maker.go('Bench')
  await page
    .getByRole('link', { name: /Beech, old, highlight 1/ })
    .or(page.getByRole('button', { name: /Beech, old, highlight 1/ }))
    .first()
    .click()
  await page.getByRole('button', { name: 'Start batch' }).click()
  await expect(page.getByRole('heading', { name: 'Measure out' })).toBeVisible()
  await expect(page.getByText('Wear a dust mask')).toBeVisible()
  await maker.workThrough()
  await page.getByRole('button', { name: 'Finish batch' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Draw stock, take in what was made' }).click()
  await maker.go('Stock')
  const row = page.locator('tr.row').filter({ hasText: 'Beech, old, highlight, coarse' })
  await expect(row).toBeVisible()
  await expect(page.locator('tr.row').filter({ hasText: 'Beech, old, highlight, fine' })).toBeVisible()
  await row.getByRole('button', { name: 'Beech, old, highlight, coarse' }).first().click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page
      .getByRole('button', { name: /^Label for/ })
      .first()
      .click(),
  ])
  const [sheet] = await readPdf(readFileSync(await download.path()))
  expect(sheet?.text.replace(/\s+/g, ' ')).toContain('Beech, old, highlight, coarse')
  const code = /HT1\/L\/[A-Za-z0-9_-]+/.exec(sheet?.text ?? '')?.[0] ?? ''
  expect(code).not.toBe('')
  // The jar is found by a picture of its code, and by its code typed; another text is not taken for one.
  await page.getByRole('button', { name: 'Find a jar' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Or type the small print under the code').fill('not a jar')
  await dialog.getByRole('button', { name: 'Find', exact: true }).click()
  await expect(dialog.getByRole('alert')).toContainText('Code: read “not a jar”')
  await dialog.getByLabel('From a picture…').setInputFiles({
    name: 'jar.png',
    mimeType: 'image/png',
    buffer: await bwipjs.toBuffer({
      bcid: 'qrcode',
      text: code,
      scale: 5,
      padding: 8,
      backgroundcolor: 'FFFFFF',
    }),
  })
  await expect(page.getByText(/The jar is “Beech, old, highlight, coarse/)).toBeVisible()
  await expect(page).toHaveURL(/material=blend-kh-mix-light-coarse/)
})

test('last year’s tree: a target from a photograph with a card, and what can’t be measured is refused', async ({
  page,
}) => {
  await new Maker(page).open('blends', 'demo')
  await page.getByRole('button', { name: 'New blend' }).click()
  await expect(page.getByLabel('Name of the blend')).toHaveValue(/, base$/)
  await page.getByRole('button', { name: 'Take it from a photograph…' }).click()
  const dialog = page.getByRole('dialog')
  const show = async (buffer: Buffer): Promise<void> => {
    await dialog
      .getByLabel(/icture( or camera)?…$/)
      .setInputFiles({ name: 'tree.png', mimeType: 'image/png', buffer })
    const picture = dialog.getByRole('application')
    await picture.click({ position: { x: 100, y: 120 } })
    await picture.click({ position: { x: 300, y: 120 } })
  }
  await show(cardPicture('#74683a', { exposure: 0.05 }))
  await expect(dialog.getByRole('alert')).toContainText('Card: it lies in the dark')
  await expect(dialog.getByRole('button', { name: 'Make it the target' })).toBeDisabled()
  await show(cardPicture('#74683a', { cast: [1.15, 1, 0.7] }))
  const measured =
    /#[0-9a-f]{6}/.exec((await dialog.getByRole('status').textContent()) ?? '')?.[0] ?? '#000000'
  expect(difference2000(toLab(measured), toLab('#74683a'))).toBeLessThan(2)
  await dialog.getByRole('button', { name: 'Make it the target' }).click()
  await expect(page.getByText('picked from a photograph')).toBeVisible()
  // Nothing is mixed yet: the nearest of the jars is taken with one press.
  await page.getByRole('button', { name: 'Take these parts' }).first().click()
  await expect(mixture(page).getByRole('status')).toContainText(/can’t be told apart|a close tone/)
})

test('six tiles are tried and judged; one is measured; its recipe is mixed again', async ({ page }) => {
  await openBlend(page, 'Beech, old, shade')
  const tiles = page.getByRole('region', { name: 'Test tiles' })
  await tiles.getByRole('button', { name: 'Six tiles as a trial' }).click()
  await expect(tiles.locator('tbody tr')).toHaveCount(6)
  await tiles.getByRole('button', { name: 'Judge Beech, old, shade, tile 2' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('radio', { name: 'too dark' }).click()
  await dialog.getByLabel('Good for').fill('the foot of the wood')
  await dialog.getByRole('button', { name: 'Keep the tile' }).click()
  await expect(tiles.locator('tr', { hasText: 'tile 2' })).toContainText('the foot of the wood')
  await tiles.getByRole('button', { name: 'Measure Beech, old, shade, tile 1 sealed' }).click()
  await dialog
    .getByLabel(/icture( or camera)?…$/)
    .setInputFiles({ name: 'tile.png', mimeType: 'image/png', buffer: cardPicture('#404a20') })
  await dialog.getByRole('application').click({ position: { x: 100, y: 120 } })
  await dialog.getByRole('application').click({ position: { x: 300, y: 120 } })
  await dialog.getByRole('button', { name: 'Keep it as sealed' }).click()
  await expect(tiles.locator('tr', { hasText: 'tile 1' })).toContainText('measured, daylight')
  await expect(mixture(page)).toContainText('as measured on its tile')
  const before = await partsOf(page)
  await tiles.getByRole('button', { name: 'Mix Beech, old, shade, tile 2 again' }).click()
  await expect.poll(() => partsOf(page)).not.toEqual(before)
})

test('a palette goes out and comes back; a faulty file changes nothing; a reference gives a set of blends', async ({
  page,
}) => {
  await new Maker(page).open('blends', 'demo')
  const panel = page.getByRole('region', { name: 'Palette' })
  await expect(panel.getByRole('listitem')).toHaveCount(8)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    panel.getByRole('button', { name: 'Save .gpl' }).click(),
  ])
  const text = readFileSync(await download.path(), 'utf8')
  expect(text).toContain('GIMP Palette\nName: Kestrel Halt, October\n')
  const read = (name: string, content: string): Promise<void> =>
    panel
      .getByLabel('Read .gpl or .csv…')
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(content) })
  await read('bad.gpl', 'GIMP Palette\n300 0 0 Red\n')
  await expect(page.getByText(/bad.gpl: Line 2: read “300 0 0 Red”/)).toBeVisible()
  await expect(panel.getByRole('listitem')).toHaveCount(8)
  const instead = page.getByRole('dialog').getByRole('button', { name: 'Put it in its place' })
  await read('two.csv', 'name,colour\r\n"Moss, deep",#445522\r\nStraw,#c0b080\r\n')
  await instead.click()
  await expect(panel.getByRole('listitem')).toHaveCount(2)
  await expect(panel.getByRole('listitem').first()).toContainText('Moss, deep')
  await read('back.gpl', text)
  await instead.click()
  await expect(panel.getByRole('listitem')).toHaveCount(8)
  await choose(panel.getByLabel('Palette to look at'), /^reference: .*meadow/i)
  await panel.getByRole('button', { name: 'Blend set from it' }).click()
  await expect(
    page.getByRole('list', { name: 'Blends' }).getByRole('button', { name: /Bright temperate meadow/ }),
  ).toHaveCount(5, { timeout: 60_000 })
})

test('a line takes a blend, is promised it, and says how far it is off when the day moves', async ({
  page,
}) => {
  const maker = new Maker(page)
  await openBlend(page, 'Beech, old, highlight')
  const lines = page.getByRole('region', { name: 'In the lines' })
  await choose(lines.getByLabel('Line and slot that is to take it'), 'Beech, old: Highlight')
  await lines.getByRole('button', { name: 'Give it to that line' }).click()
  await expect(lines.locator('tr', { hasText: 'Beech, old' })).toContainText('on the day depicted')
  await expect(make(page)).toContainText('Still to be mixed for Beech, old (Kestrel Halt)')
  await maker.go('Stock')
  await maker.short.getByRole('link', { name: 'Mix Beech, old, highlight' }).click()
  await expect(page.getByLabel('Name of the blend')).toHaveValue('Beech, old, highlight')
  await maker.chooseLine('Beech, old')
  await maker.go('Make-up')
  const row = page.getByRole('region', { name: 'Amounts' }).locator('tr', { hasText: 'Foliage' }).first()
  await expect(row).toContainText(/sealed, (can’t be told apart|a close tone) on this day/)
  await page.getByRole('slider', { name: /Date depicted/ }).focus()
  for (let week = 0; week < 3; week += 1) await page.keyboard.press('Shift+ArrowRight')
  await expect(row).toContainText(/sealed, (another bag|another colour) on this day/)
  await maker.go('Blends')
  await expect(
    page.getByRole('list', { name: 'Blends' }).getByRole('button', { name: /Beech, old, base/ }),
  ).toContainText(/another (bag|colour)/)
})
