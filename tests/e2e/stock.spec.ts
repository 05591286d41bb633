import { readFileSync, writeFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { cardPicture } from './support/card-picture'
import { Maker } from './support/maker'
import { readPdf } from './support/pdf'

/** A supplier, as a maker types one. */
async function supplier(page: Page, name: string, days: string, postage: string): Promise<void> {
  await page.getByRole('button', { name: 'New supplier' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name').fill(name)
  await dialog.getByLabel('Days from order to shelf').fill(days)
  await dialog.getByLabel('Postage', { exact: true }).fill(postage)
  await dialog.getByRole('button', { name: 'Keep' }).click()
  await expect(dialog).toBeHidden()
}
/** Reads a price list from a file. */
async function priceList(page: Page, name: string, rows: readonly string[], path: string): Promise<void> {
  writeFileSync(path, ['article,name,pack,unit,price', ...rows].join('\r\n'))
  await page.getByLabel(`Read a price list of ${name}`).setInputFiles(path)
}

test('the demo has a basket that costs no more than one supplier, and an order of which half has come', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('stock/buying', 'demo')
  const costs = page.getByRole('region', { name: 'What it costs' })
  // Baskets are shown as they are found: the best is of several suppliers.
  await expect(costs.getByRole('listitem').first()).toContainText(' + ')
  const rows = await costs.getByRole('listitem').allTextContents()
  const sums = rows.map((text) => Number(/(\d+\.\d\d)/.exec(text)?.[1] ?? 'NaN'))
  for (const sum of sums.slice(1).filter((own) => !Number.isNaN(own)))
    expect(sum).toBeGreaterThanOrEqual(sums[0]!)
  const orders = page.getByRole('region', { name: 'Orders' })
  await expect(orders.getByText('partly come')).toBeVisible()

  await test.step('the rest comes short, and no more is waited for', async () => {
    await orders.getByRole('button', { name: /^Take in/ }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Came of Toy stuffing').fill('lots')
    await dialog.getByRole('button', { name: 'Take in' }).click()
    await expect(dialog.getByText('can’t be read as an amount')).toBeVisible()
    await dialog.getByLabel('Came of Toy stuffing').fill('240 g')
    await dialog.getByRole('button', { name: 'Take in' }).click()
    await expect(dialog).toBeHidden()
    await expect(orders.getByText('240 g came')).toBeVisible()
    await orders.getByRole('button', { name: 'No more comes' }).click()
    await expect(orders.getByText('Nothing is on its way.')).toBeVisible()
  })

  await test.step('the price list is down, then there: what it changes is shown before it is taken', async () => {
    await page.route('**/api/price-list?*', (route) =>
      route.fulfill({ status: 503, json: { title: 'x', detail: 'It does not answer now.' } }),
    )
    const ask = page.getByRole('button', { name: /Ask for prices.*Tithe Loft/ })
    await ask.click()
    await expect(
      page.getByText('were not had: It does not answer now. What was known of them stays.'),
    ).toBeVisible()
    await page.unroute('**/api/price-list?*')
    // The service itself is down now and then too: then it is asked again.
    const list = page.getByRole('dialog', { name: 'Price list of Tithe Loft Sundries' })
    await expect(async () => {
      if (await ask.isEnabled()) await ask.click()
      await expect(list).toBeVisible({ timeout: 6_000 })
    }).toPass()
    await expect(list.getByText('→').first()).toBeVisible()
    await list.getByRole('button', { name: 'Take over' }).click()
    await expect(page.getByText(/offers of Tithe Loft Sundries new or changed/)).toBeVisible()
  })
})

test('730 ml are wanted: the packs that cost least, sent, taken in, and on the shelf', async ({
  page,
}, info) => {
  const maker = new Maker(page)
  await maker.open('brief')
  await maker.newCommission('A bank', '1:87.1')
  await page.getByLabel('Add a line: name of the plant').fill('rowan')
  await page.getByRole('option', { name: /Rowan/ }).click()
  await page.getByLabel('Pieces', { exact: true }).fill('20')
  await page.getByLabel('Pieces', { exact: true }).press('Tab')
  await maker.go('Make-up')
  await page.getByRole('radio', { name: /Soaked sprig tree/ }).click()
  await expect(page.getByRole('button', { name: /^Start batch of \d+$/ })).toBeVisible()
  await maker.open('stock/buying')
  await expect(page.getByText(/materials? will run out\. Say who sells what/)).toBeVisible()

  await supplier(page, 'The cellar', '4', '2.00')
  await priceList(
    page,
    'The cellar',
    ['C1,Dried sprigs,35,piece,19', 'C2,Matte medium,250,ml,eleven', 'C3,Gold dust,5,g,80'],
    info.outputPath('bad.csv'),
  )
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('line 3, price: “eleven” is not a price. Allowed: 12.50.')).toBeVisible()
  await expect(dialog.getByRole('button', { name: 'Take over' })).toHaveCount(0)
  await dialog.getByRole('button', { name: 'Leave it' }).click()
  await priceList(
    page,
    'The cellar',
    ['C1,Dried sprigs,35,piece,19', 'C4,Dried sprigs,12,piece,6', 'C3,Gold dust,5,g,80'],
    info.outputPath('good.csv'),
  )
  await expect(dialog.getByText('Gold dust', { exact: true })).toBeVisible()
  await dialog.getByRole('button', { name: 'Take over' }).click()
  // 25 sprigs: three of twelve are 18.00, one of 35 is 19.00.
  const parcel = page.getByRole('region', { name: 'The cellar' })
  await expect(parcel.getByRole('row')).toContainText(['3 × 12'])
  await expect(parcel).toContainText('1 × 35 from The cellar would cost 1.00 more')
  await expect(page.getByText(/nobody is known who sells it/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Note it as sent' }).click()
  const orders = page.getByRole('region', { name: 'Orders' })
  await expect(orders.getByText('3 × 12 Dried sprigs')).toBeVisible()
  await expect(parcel).toHaveCount(0)
  await maker.go('Stock')
  await expect(maker.short.filter({ hasText: 'Dried sprigs' })).toContainText('on its way')
  await page.getByRole('link', { name: 'Buying' }).click()
  await orders.getByRole('button', { name: /^Take in/ }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Take in' }).click()
  await page.getByRole('link', { name: 'Shelf' }).click()
  expect(await maker.onHand('Dried sprigs')).toContain('36')
})

test('a jar runs out next Thursday: the shelf ahead shows the day, who takes it, and what can stand in', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('stock/ahead', 'demo')
  const row = page.getByRole('row').filter({ hasText: 'Static fibre 2.5 mm, brown' })
  await expect(row.getByText(/^Thu \d+ \w+$/)).toBeVisible()
  await expect(row.getByText(/order by|order was to go by/)).toBeVisible()
  await row.getByRole('button').click()
  await expect(page.getByText('takes Alder (Mill Leat)')).toBeVisible()
  // Spring green must be lighter than what it goes with: nothing on the shelf is, and so nothing is offered for it.
  await page.getByRole('button', { name: 'Leaf scatter, spring green' }).click()
  await expect(page.getByText('takes Field hedge (Kestrel Halt)')).toBeVisible()
  await expect(page.getByText('What can stand in')).toHaveCount(0)
  const sisal = page.getByRole('row').filter({ hasText: 'Sisal, cut to 12 mm' })
  await sisal.getByRole('button').click()
  await page
    .getByRole('button', {
      name: /^Take it in 1 line\s*: Static fibre 12 mm, straw for Sisal, cut to 12 mm$/,
    })
    .click()
  await expect(
    page.getByText('1 line now takes Static fibre 12 mm, straw; Make-up takes it back.'),
  ).toBeVisible()
  await expect(sisal).toHaveCount(0)
})

test('a tool that is lent is missing where it is wanted, and back when it is back; pegs limit a batch', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('stock/tools', 'demo')
  const pot = page.getByRole('row').filter({ hasText: 'glue pot' })
  await expect(pot.getByText(/to the model club, since/)).toBeVisible()
  await pot.getByRole('button', { name: /Change/ }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Is back' }).click()
  await dialog.getByRole('button', { name: 'Keep' }).click()
  await expect(pot.getByText('there', { exact: true })).toBeVisible()

  const pegs = page.getByRole('row').filter({ hasText: /^\s*peg/ })
  await pegs.getByRole('button', { name: /Change/ }).click()
  await dialog.getByLabel('How many there are in all').fill('6')
  await dialog.getByRole('button', { name: 'Lend' }).click()
  await dialog.getByLabel('How many, loan 1').fill('9')
  await dialog.getByLabel('To whom, loan 1').fill('next door')
  await dialog.getByRole('button', { name: 'Keep' }).click()
  await expect(dialog.getByText('together they can’t be more than there are')).toBeVisible()
  await dialog.getByLabel('How many, loan 1').fill('2')
  await dialog.getByRole('button', { name: 'Keep' }).click()
  await expect(dialog).toBeHidden()
  await maker.chooseLine('Rowan')
  await maker.go('Make-up')
  await expect(page.getByRole('list', { name: 'Before you start' })).toContainText(
    /pegs wanted, 4 free: 2 pieces at once/,
  )
})

test('a shelf is counted jar by jar, with a slip taken back, and written at the end', async ({ page }) => {
  const maker = new Maker(page)
  await maker.open('stock', 'demo')
  await page.getByRole('button', { name: 'PVA', exact: true }).click()
  await page.getByRole('button', { name: 'Place of Litre of PVA' }).click()
  await page.getByLabel('Shelf', { exact: true }).fill('left wall')
  await page.getByLabel('Box').fill('glues')
  await page
    .getByLabel('A picture of the jar')
    .setInputFiles({ name: 'jar.png', mimeType: 'image/png', buffer: cardPicture('#aa8844') })
  await expect(page.getByRole('img', { name: 'The jar' })).toBeVisible()
  await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).click()
  await expect(page.getByRole('img', { name: 'Picture of Litre of PVA' })).toBeVisible()
  await test.step('several are chosen: their jars get labels on one sheet', async () => {
    await page.getByRole('button', { name: 'More' }).click()
    await page.getByRole('menuitem', { name: 'Choose several' }).click()
    for (const name of ['PVA', 'Latex'])
      await page.getByRole('checkbox', { name: `Choose ${name}`, exact: true }).check()
    const bar = page.getByRole('region', { name: 'Chosen materials' })
    await expect(bar).toContainText('2 materials, 2 jars')
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      bar.getByRole('button', { name: 'Print 2 labels' }).click(),
    ])
    const [sheet] = await readPdf(readFileSync(await download.path()))
    for (const name of ['PVA', 'Latex']) expect(sheet?.text).toContain(name)
    await bar.getByRole('button', { name: 'Done choosing' }).click()
    await expect(page.getByRole('checkbox', { name: 'Choose all' })).toHaveCount(0)
  })
  await page.getByRole('link', { name: 'Stock-take' }).click()
  // What has a place is counted first, place by place.
  await expect(page.getByText('left wall, glues')).toBeVisible()
  await expect(page.locator('h2.name')).toHaveText('PVA')
  const amount = page.locator('#take-amount')
  await expect(page.getByText(/^0 of \d+ jars$/)).toBeVisible()
  const first = (await page.locator('h2.name').textContent())?.trim() ?? ''
  await amount.fill('eighty')
  await expect(page.getByText('can’t be read as an amount')).toBeVisible()
  await amount.fill('80')
  await amount.press('Enter')
  await expect(page.getByText(/^1 of \d+ jars$/)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('h2.name')).toHaveText(first)
  for (const key of ['9', '0']) await page.getByRole('button', { name: key, exact: true }).click()
  await page.getByRole('button', { name: 'Next jar' }).click()
  await page.getByRole('button', { name: 'As the books say' }).click()
  await page.getByRole('button', { name: 'Later' }).click()
  await expect(page.getByText(/^2 of \d+ jars$/)).toBeVisible()
  // A closed lid: what was counted is still there.
  await page.reload()
  await expect(page.getByText(/^2 of \d+ jars$/)).toBeVisible()
  await page.getByRole('button', { name: 'See the differences' }).click()
  const differences = page.getByRole('region', { name: 'Differences' })
  await expect(differences.getByText(/2 jars counted, 1 differs from the books/)).toBeVisible()
  await expect(differences.getByRole('row').filter({ hasText: first })).toContainText('90')
  await differences.getByRole('button', { name: 'Write it into the books' }).click()
  await expect(page.getByText('2 jars counted, 1 put right.')).toBeVisible()
  await expect(page.getByText(/^0 of \d+ jars$/)).toBeVisible()
  await expect(page.getByText('The books say 90')).toBeVisible()
})

test('tables go out and come in as CSV: one bad line of 800 is named and nothing is written; mended, all is', async ({
  page,
}, info) => {
  const maker = new Maker(page)
  await maker.open('stock')
  await page.getByRole('button', { name: 'More' }).click()
  await page.getByRole('menuitem', { name: 'Files' }).click()
  const dialog = page.getByRole('dialog')
  const saving = page.waitForEvent('download')
  await dialog.getByRole('button', { name: /^Save\s*Materials as CSV$/ }).click()
  const saved = readFileSync(await (await saving).path(), 'utf8')
  expect(saved.split('\r\n')[0]).toMatch(/^id,name,unit,stuff,kind,size mm/)
  const lots = Array.from(
    { length: 800 },
    (_, i) => `PVA,Bottle ${i + 1},bought,2026-11-01,${i === 399 ? 'some' : 1},0.01`,
  )
  const file = (name: string, rows: readonly string[]): string => {
    const path = info.outputPath(name)
    writeFileSync(path, ['material,label,source,date,quantity,price', ...rows].join('\n'))
    return path
  }
  await dialog.getByLabel('Read in Lots').setInputFiles(file('bad.csv', lots))
  await expect(dialog.getByText('line 401, quantity: read “some”')).toBeVisible()
  await expect(dialog.getByRole('button', { name: 'Take over' })).toHaveCount(0)
  await dialog.getByRole('button', { name: 'Leave it' }).click()
  lots[399] = 'PVA,Bottle 400,bought,2026-11-01,1,0.01'
  await dialog.getByLabel('Read in Lots').setInputFiles(file('good.csv', lots))
  await expect(dialog.getByText('800 new, 0 changed, 0 as they are here already.')).toBeVisible()
  await dialog.getByRole('button', { name: 'Take over' }).click()
  await expect(page.getByText('Lots: 800 new, 0 changed.')).toBeVisible()
  await dialog.getByRole('button', { name: 'Done' }).click()
  expect(await maker.onHand('PVA')).toContain('800 ml')
  await expect(page.getByText(/What stands on the shelf is worth 8\.00/)).toBeVisible()
})
