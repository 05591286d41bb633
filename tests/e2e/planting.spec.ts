import { expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { Maker } from './support/maker'
import { readPdf } from './support/pdf'
import { choose } from './support/choose'

test('woodland edge, 0.9 m × 0.4 m at 1:148: suggested, taken, planned round a track, printed at 1:1', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('brief')
  await maker.newCommission('Woodland edge', '1:148')

  await test.step('a board with figures that can’t be is refused by name', async () => {
    await page.getByLabel('Board, width').fill('0.9 m')
    await page.getByLabel('Board, width').press('Tab')
    await page.getByLabel('Board, depth').fill('wide')
    await page.getByLabel('Board, depth').press('Tab')
    await expect(page.getByText(/“wide”/)).toBeVisible()
    await page.getByLabel('Board, depth').fill('0.4 m')
    await page.getByLabel('Board, depth').press('Tab')
    await page.getByRole('button', { name: 'More', exact: true }).click()
    await page.getByLabel('To seem deeper, ×').fill('2')
    await page.getByLabel('To seem deeper, ×').press('Tab')
    // v = 700 mm, z = 400 mm, k = 2: 1100 / 1500.
    await expect(page.getByText('The back is built at 73 %')).toBeVisible()
  })

  await test.step('the suggestion is changed before it is taken', async () => {
    await page.getByRole('button', { name: 'Suggest a planting…' }).click()
    const dialog = page.getByRole('dialog')
    await expect(dialog.getByText('133.2 m × 59.2 m, 0.79 ha')).toBeVisible()
    await dialog.getByLabel('Pieces at most').fill('lots')
    await dialog.getByRole('button', { name: 'Suggest', exact: true }).click()
    await expect(dialog.getByRole('alert')).toContainText(
      'Pieces: read “lots”; allowed is a whole number from 1 to 5000.',
    )
    await dialog.getByLabel('Pieces at most').fill('120')
    await dialog.getByRole('button', { name: 'Suggest', exact: true }).click()
    await expect(dialog.getByRole('row', { name: /Pedunculate oak/ }).first()).toContainText(
      '40 to the hectare is usual (woodland edge)',
    )
    await expect(dialog.getByRole('row', { name: /Bramble/ }).first()).toBeVisible()
    for (const box of await dialog.getByRole('checkbox', { name: /^Choose Bramble/ }).all())
      await box.uncheck()
    await dialog.getByLabel('Pieces of Silver birch').first().fill('lots')
    await dialog.getByLabel('Pieces of Silver birch').first().press('Tab')
    await expect(dialog.getByRole('alert')).toContainText(
      /Pieces of Silver birch.*: read “lots”; allowed is a whole number from 1 to 10000\. It stays at/,
    )
    await dialog.getByLabel('Pieces of Silver birch').first().fill('9')
    await dialog.getByLabel('Pieces of Silver birch').first().press('Tab')
    await dialog.getByRole('button', { name: /^Take \d+ lines, \d+ pieces$/ }).click()
    await expect(dialog).toBeHidden()
    await expect(page.getByText(/lines, \d+ pieces, are in the brief/)).toBeVisible()
  })

  await page.getByRole('link', { name: 'Planting plan' }).click()
  await expect(
    page.getByRole('img', { name: /Planting plan from above: \d+ pieces on 900 mm by 400 mm/ }),
  ).toBeVisible()
  await expect(page.getByRole('row', { name: /Bramble/ })).toHaveCount(0)
  await expect(page.getByRole('row', { name: /Silver birch/ }).first()).toContainText('9')
  const blackthorn = page.getByRole('row', { name: /Blackthorn/ }).first()
  await choose(blackthorn.getByLabel(/^How Blackthorn/), 'stands alone')
  await expect(blackthorn.getByRole('cell').nth(5)).toHaveText('1')
  await choose(blackthorn.getByLabel(/^How Blackthorn/), 'in rows')
  await expect(blackthorn.getByRole('cell').nth(5)).not.toHaveText('1')

  await test.step('a track drawn by clicks is kept clear', async () => {
    await page.getByRole('button', { name: 'Track or path' }).click()
    const board = (await page.locator('rect.board').boundingBox())!
    await page.mouse.click(board.x + 2, board.y + board.height * 0.6)
    await page.mouse.click(board.x + board.width * 0.5, board.y + board.height * 0.5)
    await page.mouse.click(board.x + board.width - 2, board.y + board.height * 0.55)
    await page.keyboard.press('Enter')
    await expect(page.getByLabel('Points of keep-out 1')).toHaveValue(/^\d+,\d+ {2}4[45]\d,200 {2}89\d,\d+$/)
    await page.getByLabel('Width of keep-out 1').fill('50')
    await page.getByLabel('Width of keep-out 1').press('Tab')
    await page.getByLabel('Points of keep-out 1').fill('0,160 nonsense')
    await page.getByLabel('Points of keep-out 1').press('Tab')
    await expect(page.getByRole('alert')).toContainText('write them as x,y in mm')
    await page.getByLabel('Points of keep-out 1').fill('0,160 450,200 900,180')
    await page.getByLabel('Points of keep-out 1').press('Tab')
    // Written out as stored: the plan is being made anew, and the buttons wait for it.
    await expect(page.getByLabel('Points of keep-out 1')).toHaveValue('0,160  450,200  900,180')
  })

  const spots = new Map<string, [number, number]>()
  /** Where the pieces' numbers stand. */
  const numbers = new Map<string, [number, number]>()
  await test.step('the SVG has every piece once, none of them on the track', async () => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Template, SVG' }).click(),
    ])
    const svg = readFileSync(await download.path(), 'utf8')
    for (const [, name, x, y] of svg.matchAll(/data-piece="([A-Z]+\d+)"><path d="M([\d.]+) ([\d.]+)h2\.4/g))
      spots.set(name!, [Number(x) + 1.2, 400 - Number(y)])
    for (const [, name, x, y] of svg.matchAll(
      /data-piece="([A-Z]+\d+)">(?:<path[^>]*>)+<text x="([\d.-]+)" y="([\d.-]+)"/g,
    ))
      numbers.set(name!, [Number(x), 400 - Number(y)])
    expect(numbers.size).toBe(spots.size)
    expect(spots.size).toBeGreaterThan(60)
    for (const [name, [x, y]] of spots) {
      const middle = x < 450 ? 160 + (40 * x) / 450 : 200 - (20 * (x - 450)) / 450
      expect([name, Math.abs(y - middle) > 24]).toEqual([name, true])
    }
  })

  await test.step('the template read back: numbers, places, scale and the bar', async () => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Template, PDF' }).click(),
    ])
    const pages = await readPdf(readFileSync(await download.path()))
    // 900 × 400 mm on A4 with a printable 186 × 252 mm, overlapping by 8: 6 across would be too many, 5
    // columns and 2 rows, then the legend.
    const sheets = pages.slice(0, -1)
    expect(sheets).toHaveLength(Math.ceil((900 - 8) / (186 - 8)) * Math.ceil((400 - 8) / (252 - 8)))
    expect(pages.at(-1)!.text).toContain('Silver birch')
    expect(pages.at(-1)!.text).toContain('Look under the board for wires before you drill')
    const printed = new Set(
      sheets.flatMap(({ items }) =>
        items.map(({ text }) => text).filter((text) => /^[A-Z]{1,2}\d+$/.test(text)),
      ),
    )
    expect(printed).toEqual(new Set(spots.keys()))
    for (const sheet of sheets) {
      expect([Math.round(sheet.widthMm), Math.round(sheet.heightMm)]).toEqual([210, 297])
      expect(sheet.text).toContain('This bar must measure 50 mm')
      expect(sheet.linesMm.some(({ length }) => Math.abs(length - 50) < 0.05)).toBe(true)
    }
    // Two pieces on one sheet stand as far apart on paper as in the plan: the template is at 1:1.
    let compared = 0
    for (const { items } of sheets) {
      const named = items.filter(({ text }) => spots.has(text))
      for (const [i, a] of named.entries())
        for (const b of named.slice(i + 1)) {
          const [ax, ay] = numbers.get(a.text)!
          const [bx, by] = numbers.get(b.text)!
          expect(b.xMm - a.xMm).toBeCloseTo(bx - ax, 0)
          expect(b.yMm - a.yMm).toBeCloseTo(by - ay, 0)
          compared += 1
        }
    }
    expect(compared).toBeGreaterThan(50)
  })
})

test('without a board the plan says what is missing', async ({ page }) => {
  const maker = new Maker(page)
  await maker.open('brief')
  await maker.newCommission('Nowhere', '1:72')
  await maker.addLine('Beech', 'beech', 3, '')
  await page.getByRole('link', { name: 'Planting plan' }).click()
  await expect(page.getByRole('heading', { name: 'No board yet' })).toBeVisible()
  await expect(page.getByText('A plan needs the width and depth of the board.')).toBeVisible()
})

test('a garden at 1:43.5: flowers are suggested for a bed, stand in it, and it is on the template', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('brief')
  await maker.newCommission('Station garden', '1:43.5')
  for (const [label, value] of [
    ['Board, width', '600 mm'],
    ['Board, depth', '400 mm'],
  ] as const) {
    await page.getByLabel(label).fill(value)
    await page.getByLabel(label).press('Tab')
  }
  await page.getByRole('button', { name: 'Suggest a planting…' }).click()
  const dialog = page.getByRole('dialog')
  const habitat = (name: string) => dialog.getByRole('button', { name, exact: true })
  // Habitats of another part of the world take the place of all that were chosen; of the same part they join.
  await habitat('Savanna').click()
  await expect(habitat('Woodland edge')).toHaveAttribute('aria-pressed', 'false')
  await habitat('Garden').click()
  await expect(habitat('Savanna')).toHaveAttribute('aria-pressed', 'false')
  await dialog.getByLabel('Pieces at most').fill('120')
  await dialog.getByRole('button', { name: 'Suggest', exact: true }).click()
  await expect(dialog.getByText(/in a bed with the others/).first()).toBeVisible()
  await dialog.getByRole('button', { name: /^Take \d+ lines, \d+ pieces$/ }).click()
  await page.getByRole('link', { name: 'Planting plan' }).click()
  await expect(page.getByRole('img', { name: /Planting plan from above/ })).toBeVisible()
  await expect(page.locator('path.bed')).toHaveCount(1)
  const inBed = page.getByRole('button', { name: /^How .* stands in a bed$/ })
  const many = await inBed.count()
  expect(many).toBeGreaterThanOrEqual(2)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Template, PDF' }).click(),
  ])
  const pages = await readPdf(readFileSync(await download.path()))
  expect(pages.map(({ text }) => text).join(' ')).toMatch(/bed, \d+(\.\d+)? cm² of earth/)
  // A change of mind: out of the bed again, all of them, and there is none.
  for (let left = many; left > 0; left -= 1) {
    await choose(inBed.first(), 'in drifts')
    await expect(inBed).toHaveCount(left - 1)
  }
  await expect(page.locator('path.bed')).toHaveCount(0)
})
