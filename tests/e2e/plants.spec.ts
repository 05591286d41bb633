import { expect, test, type Locator, type Page } from '@playwright/test'
import { Maker } from './support/maker'
import { still } from './support/still'

const marker = (page: Page): Locator => page.getByRole('slider', { name: 'Date depicted' })
/** Moves the marker to a day of the year by keys: to the year's start, by months, then by days. */
async function toDay(page: Page, day: number): Promise<void> {
  await marker(page).focus()
  await page.keyboard.press('Home')
  for (let left = day - 1; left > 0;) {
    const key = left >= 30 ? 'PageUp' : left >= 7 ? 'Shift+ArrowRight' : 'ArrowRight'
    await page.keyboard.press(key)
    left -= left >= 30 ? 30 : left >= 7 ? 7 : 1
  }
}
const row = (page: Page, name: string): Locator => page.getByRole('row', { name: new RegExp(name) })

test.describe('the season band', () => {
  test('Kestrel Halt in May, August and January, and at 44° S', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('line-up', 'demo')
    await expect(row(page, 'Beech, old')).toContainText('turning')
    await expect(row(page, 'Silver birch')).toContainText('fallen')
    await toDay(page, 132)
    await expect(marker(page)).toHaveAttribute('aria-valuetext', '12 May')
    await expect(row(page, 'Beech, old')).toContainText('leaves breaking')
    await expect(row(page, 'Silver birch')).toContainText('fresh green')
    await toDay(page, 213)
    await expect(marker(page)).toHaveAttribute('aria-valuetext', '1 August')
    await expect(row(page, 'Beech, old')).toContainText('full leaf')
    await expect(row(page, 'Hay-meadow edge')).toContainText('growing again after the cut')
    await toDay(page, 15)
    // An old beech stands bare; a younger one holds some.
    await expect(row(page, 'Beech, young')).toContainText('some dead leaves held')
    await expect(row(page, 'Norway spruce')).toContainText('evergreen')
    await maker.go('Brief')
    await page.getByLabel('Latitude, °').fill('-44')
    await page.getByLabel('Latitude, °').press('Tab')
    await expect(page.getByText('Half a year turned, in the south.')).toBeVisible()
    await maker.go('Line-up')
    await expect(row(page, 'Beech, old')).toContainText('full leaf')
  })

  test('a ribbon under the pointer is put into words', async ({ page }) => {
    await new Maker(page).open('line-up', 'demo')
    const band = (await page.locator('.track').boundingBox())!
    await page.mouse.move(band.x + band.width * (130 / 365), band.y + 5)
    const answer = page.getByRole('tooltip')
    await expect(answer).toContainText(/Beech, old, \d+ May: /)
    await expect(answer).toContainText(/leaves \d+ % · BBCH 0?\d+/)
    await page.mouse.move(band.x + 20, band.y + 200)
    await expect(answer).toHaveCount(0)
  })
})

test.describe('the line-up, with mouse and fingers', () => {
  test.use({ hasTouch: true })

  test('lines are put into another order with the mouse and with a finger', async ({ page, context }) => {
    await new Maker(page).open('brief', 'demo')
    const names = (): Promise<string[]> =>
      page
        .getByLabel('Name of the line')
        .evaluateAll((fields) => fields.map((field) => (field as HTMLInputElement).value))
    const grip = async (name: string) => {
      const box = (await page.getByRole('button', { name: new RegExp(`^Move ${name}:`) }).boundingBox())!
      return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
    }
    const [spruce, young] = [await grip('Norway spruce'), await grip('Beech, young')]
    await page.mouse.move(spruce.x, spruce.y)
    // What dragging takes is fetched when a hand comes near; grips show a hand then.
    await expect(page.getByRole('button', { name: /^Move Norway spruce:/ })).toHaveCSS('cursor', 'grab')
    await page.mouse.down()
    await page.mouse.move(spruce.x, spruce.y - 20, { steps: 4 })
    await page.mouse.move(young.x, young.y - 14, { steps: 12 })
    await page.mouse.up()
    await expect
      .poll(async () => (await names()).slice(0, 5))
      .toEqual(['Beech, old', 'Beech, by the platform', 'Norway spruce', 'Beech, young', 'Silver birch'])

    const finger = await context.newCDPSession(page)
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: { x: number; y: number }[]) =>
      finger.send('Input.dispatchTouchEvent', { type, touchPoints: points })
    const [from, to] = [await grip('Beech, old'), await grip('Beech, young')]
    await touch('touchStart', [from])
    for (let i = 1; i <= 14; i += 1) {
      await touch('touchMove', [{ x: from.x, y: from.y + ((to.y - 6 - from.y) * i) / 14 }])
      // A finger is seen once in a frame.
      await page.evaluate(() => new Promise(requestAnimationFrame))
    }
    await touch('touchEnd', [])
    await expect
      .poll(async () => (await names()).slice(1, 4))
      .toEqual(['Norway spruce', 'Beech, young', 'Beech, old'])
    await page.reload()
    await expect
      .poll(async () => (await names()).slice(1, 4))
      .toEqual(['Norway spruce', 'Beech, young', 'Beech, old'])
  })

  test('the line-up is looked at from near by wheel, dragging and pinch, and a click still chooses', async ({
    page,
    context,
  }) => {
    await new Maker(page).open('line-up', 'demo')
    await still(page)
    const drawing = page.getByRole('group', { name: /^Plants side by side/ })
    const rowan = page.getByRole('button', { name: /^Rowan, / })
    const boxOf = async () => (await rowan.boundingBox())!
    const whole = await boxOf()
    const at = { x: whole.x + whole.width / 2, y: whole.y + whole.height - 40 }
    await page.mouse.move(at.x, at.y)
    // Scrolled down, the page goes on; only nearer is taken by the drawing.
    await page.mouse.wheel(0, 120)
    await still(page)
    expect((await boxOf()).height).toBeCloseTo(whole.height, 0)
    await page.locator('#station > .scroller').evaluate((main) => {
      main.scrollTop = 0
    })
    await page.mouse.wheel(0, -500)
    await expect.poll(async () => (await boxOf()).width / whole.width).toBeGreaterThan(1.8)
    const near = await boxOf()
    // What lay under the pointer lies there still.
    expect(near.x + near.width / 2).toBeCloseTo(at.x, -1)
    await page.mouse.down()
    await page.mouse.move(at.x - 90, at.y, { steps: 6 })
    await page.mouse.up()
    expect((await boxOf()).x).toBeCloseTo(near.x - 90, 0)
    await expect(rowan).toHaveAttribute('aria-pressed', 'false')
    await rowan.click()
    await expect(rowan).toHaveAttribute('aria-pressed', 'true')
    await drawing.press('0')
    await expect.poll(async () => (await boxOf()).width).toBeCloseTo(whole.width, 0)

    const finger = await context.newCDPSession(page)
    const pinch = (type: 'touchStart' | 'touchMove' | 'touchEnd', half?: number) =>
      finger.send('Input.dispatchTouchEvent', {
        type,
        touchPoints:
          half === undefined
            ? []
            : [
                { x: at.x - half, y: at.y, id: 1 },
                { x: at.x + half, y: at.y, id: 2 },
              ],
      })
    await pinch('touchStart', 20)
    for (let half = 24; half <= 60; half += 4) await pinch('touchMove', half)
    await pinch('touchEnd')
    await expect.poll(async () => (await boxOf()).width / whole.width).toBeGreaterThan(2.2)
  })
})

test.describe('the species library', () => {
  test('a kind is found, copied, changed and used; awkward figures are refused by name', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('species')
    await page.getByLabel('Name of a species').fill('fagus')
    await page.getByRole('button', { name: 'Beech', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'Beech' })).toBeVisible()
    await page.getByRole('button', { name: 'Make a copy of my own' }).click()
    await page.getByLabel('Common name').fill('Golden beech')
    await page.getByLabel('Height, young, m').fill('30')
    await page.getByLabel('Bare', { exact: true }).fill('10-02')
    await page.getByLabel('Leaf, mm').fill('big')
    await page.getByRole('button', { name: 'Keep as my own' }).click()
    await expect(page.getByRole('alert')).toContainText('need another look')
    await expect(page.getByText('read “big”; allowed is a number')).toBeVisible()
    await page.getByLabel('Leaf, mm').fill('85')
    await page.getByRole('button', { name: 'Keep as my own' }).click()
    await expect(page.getByText('must be taller than at the age before')).toBeVisible()
    await page.getByLabel('Height, young, m').fill('6')
    await page.getByLabel('Bare', { exact: true }).fill('11-24')
    await page.getByLabel('Summer leaf').fill('#5a2f33')
    await page.getByRole('button', { name: 'Keep as my own' }).click()
    await expect(page.getByText('It is among the species now.')).toBeVisible()
    await expect(page.getByRole('heading', { name: 'Golden beech' })).toBeVisible()
    await maker.go('Brief')
    await maker.newCommission('Park', '1:87.1')
    await maker.addLine('Golden beech', 'golden b', 3, '')
    await maker.go('Line-up')
    await expect(page.getByRole('row', { name: /Golden beech/ })).toContainText('full leaf')
    await page.goto('/mine/species?kind=my-golden-beech')
    await page.getByRole('button', { name: 'Remove', exact: true }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Remove species' }).click()
    await expect(page.getByRole('alert')).toContainText('A line uses this species: “Golden beech”')
  })
})
