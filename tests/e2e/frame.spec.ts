import { expect, test } from '@playwright/test'
import { places, stations } from '../../shared/stations'
import { Maker } from './support/maker'
import { choose } from './support/choose'

test.describe('the frame', () => {
  test('number keys go to the stations, / finds every place of the registry, ? lists the keys, brackets walk the lines', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('line-up', 'demo')
    for (const { key, path } of stations) {
      await page.keyboard.press(key)
      await expect(page).toHaveURL(new RegExp(`/demo/${path}$`))
      await expect(page.locator('#station h1').first()).toBeAttached()
    }
    for (const { name, path } of places) {
      await page.keyboard.press('/')
      await page.getByLabel('Find anything').fill(name)
      await page.getByRole('option', { name: new RegExp(`^${name}\\s*(station|room of)`) }).click()
      await expect(page).toHaveURL(new RegExp(`/demo/${path}$`))
      await expect(page.locator('#station h1').first()).toBeAttached()
    }
    await page.keyboard.press('3')
    await page.keyboard.press(']')
    await expect(page.locator('h1', { hasText: 'Beech, by the platform' })).toBeVisible()
    await page.keyboard.press('[')
    await expect(page.locator('h1', { hasText: 'Beech, old' })).toBeVisible()
    await page.keyboard.press('?')
    await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
    await page.keyboard.press('Escape')
    await page.keyboard.press('/')
    await page.getByLabel('Find anything').fill('olive line')
    await page.keyboard.press('Enter')
    await expect(page.locator('h1', { hasText: 'Olive' })).toBeVisible()
    await expect(page.getByRole('button', { name: 'Change commission' })).toHaveText(/Olive Steps/)
  })

  test('the season marker moves by keys and by pointer; every look follows, and the day is kept', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('line-up', 'demo')
    const marker = page.getByRole('slider', { name: 'Date depicted' })
    await expect(marker).toHaveAttribute('aria-valuetext', '4 October')
    const beech = page.getByRole('row', { name: /Beech, old/ })
    await expect(beech).toContainText('turning')
    await marker.focus()
    await page.keyboard.press('ArrowRight')
    await expect(marker).toHaveAttribute('aria-valuetext', '5 October')
    await page.keyboard.press('Shift+ArrowLeft')
    await expect(marker).toHaveAttribute('aria-valuetext', '28 September')
    await page.keyboard.press('Home')
    await expect(marker).toHaveAttribute('aria-valuetext', '1 January')
    await page.keyboard.press('ArrowLeft')
    await expect(marker).toHaveAttribute('aria-valuetext', '1 January')
    await expect(beech).toContainText('bare, some dead leaves held')
    const band = (await page.locator('.track').boundingBox())!
    await page.mouse.move(band.x + band.width * (16 / 365), band.y + 10)
    await page.mouse.down()
    await page.mouse.move(band.x + band.width * (195.5 / 365), band.y + 10, { steps: 6 })
    await expect(beech).toContainText('full leaf')
    await page.mouse.up()
    await expect(marker).toHaveAttribute('aria-valuetext', '15 July')
    // The brief shows what is kept, once it is.
    await page.keyboard.press('1')
    await expect(page.getByRole('textbox', { name: 'Date depicted' })).toHaveValue(/^15 Jul /)
    await page.reload()
    await expect(page.getByRole('slider', { name: 'Date depicted' })).toHaveAttribute(
      'aria-valuetext',
      '15 July',
    )
  })

  test('a drawing changes with the season: a July crown covers more than a January one', async ({ page }) => {
    await new Maker(page).open('line-up', 'demo')
    const marker = page.getByRole('slider', { name: 'Date depicted' })
    const covered = (): Promise<number> =>
      page
        .locator('.drawing canvas')
        .first()
        .evaluate((canvas: HTMLCanvasElement) => {
          const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width * 0.22, canvas.height)
          let count = 0
          for (let i = 3; i < data.length; i += 4) if (data[i]! > 128) count += 1
          return count
        })
    /** What is covered when two looks, half a second apart, show the same: the painter has come to rest. */
    const atRest = async (): Promise<number> => {
      let last = -1
      await expect
        .poll(
          async () => {
            const before = last
            last = await covered()
            return last > 500 && last === before
          },
          { intervals: [500] },
        )
        .toBe(true)
      return last
    }
    await marker.focus()
    await page.keyboard.press('Home')
    const january = await atRest()
    for (let i = 0; i < 6; i += 1) await page.keyboard.press('PageUp')
    await expect.poll(covered, { intervals: [500] }).toBeGreaterThan(january * 1.5)
  })

  test('the rule reads under the pointer, follows the selection and takes lengths in both directions', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('line-up', 'demo')
    const rule = page.getByRole('region', { name: 'Scale rule' })
    await expect(rule).toContainText('198 mm = 17.3 m')
    await page.getByRole('button', { name: /^Rowan, 95 mm/ }).click()
    await expect(rule).toContainText('95 mm = 8.3 m')
    const face = (await rule.locator('.face').boundingBox())!
    // The rule begins 14 px from its end, and has the measure of the drawing above it.
    const [low, high] = await Promise.all(
      ['100', '200'].map(
        async (mm) => (await page.locator('#station').getByText(mm, { exact: true }).boundingBox())!.y,
      ),
    )
    const pxPerMm = (low! - high!) / 100
    const chosen = Number(await rule.locator('line.chosen').getAttribute('x1'))
    expect(chosen - 14).toBeCloseTo(95 * pxPerMm, 0)
    await page.mouse.move(face.x + 14 + 100 * pxPerMm, face.y + 20)
    await expect(rule).toContainText('100 mm = 8.7 m')
    await rule.getByLabel('Real length').fill('8ft6')
    await expect(rule.getByLabel('Model length')).toHaveValue('30 mm')
    await rule.getByLabel('Model length').fill('31mm')
    await expect(rule.getByLabel('Real length')).toHaveValue('2.7 m')
    await rule.getByLabel('Model length').fill('1 1/2in')
    await expect(rule.getByLabel('Real length')).toHaveValue('3.3 m')
    await rule.getByLabel('Model length').fill('tall')
    await expect(rule.getByRole('status')).toContainText('“tall” is not a length')
  })

  test('feet and inches throughout when the workshop is set so', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('workshop', 'demo')
    await choose(page.getByLabel('Lengths'), 'inches and feet')
    await maker.go('Line-up')
    await expect(page.getByRole('row', { name: /Rowan/ })).toContainText('36 ft 1 in')
    await expect(page.getByRole('region', { name: 'Scale rule' })).toContainText('ft')
    await maker.go('Brief')
    await page.getByLabel('Real height').first().fill('60')
    await page.getByLabel('Real height').first().press('Tab')
    await expect(page.getByLabel('Real height').first()).toHaveValue('60 ft')
  })
})

test('each station begins at its top, however far the one before was scrolled', async ({ page }) => {
  const maker = new Maker(page)
  await maker.open('stock', 'demo')
  const main = page.locator('#station > .scroller')
  const scrolled = (): Promise<number> => main.evaluate(({ scrollTop }) => scrollTop)
  for (const next of ['Brief', 'Line-up', 'Stock', 'Log']) {
    // Parts of a station come one by one: it can be scrolled when they are there.
    await expect
      .poll(async () => {
        await main.evaluate((element) => element.scrollTo({ top: 500 }))
        return scrolled()
      })
      .toBeGreaterThan(40)
    await maker.go(next)
    expect(await scrolled()).toBe(0)
  }
})
