import { expect, test, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { Maker } from './support/maker'
import { still } from './support/still'
import { choose } from './support/choose'

const painted = (page: Page): Promise<number> =>
  page
    .locator('.drawing canvas')
    .first()
    .evaluate((canvas: HTMLCanvasElement) => {
      const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height)
      let sum = 0
      for (let i = 3; i < data.length; i += 4) if (data[i]! > 128) sum += 1
      return sum
    })

test.describe('the line-up', () => {
  test('is looked at nearer by keys, wheel and buttons, moved, and shown whole again', async ({ page }) => {
    await new Maker(page).open('line-up', 'demo')
    await still(page)
    const drawing = page.locator('.drawing')
    const rowan = page.getByRole('button', { name: /^Rowan, / })
    const before = (await rowan.boundingBox())!
    await page.getByRole('button', { name: 'Nearer' }).click()
    await expect.poll(async () => (await rowan.boundingBox())!.width).toBeGreaterThan(before.width * 1.4)
    const box = (await drawing.boundingBox())!
    await page.mouse.move(box.x + 400, box.y + 200)
    await page.mouse.wheel(0, -400)
    const near = (await rowan.boundingBox())!
    expect(near.width).toBeGreaterThan(before.width * 2)
    await page.mouse.down()
    await page.mouse.move(box.x + 300, box.y + 210, { steps: 5 })
    await page.mouse.up()
    expect((await rowan.boundingBox())!.x).toBeLessThan(near.x - 60)
    await drawing.focus()
    await page.keyboard.press('0')
    await expect
      .poll(async () => Math.round((await rowan.boundingBox())!.width))
      .toBe(Math.round(before.width))
  })

  test('from near, two trees side by side are both painted, and then the picture rests', async ({ page }) => {
    await page.addInitScript(() => {
      const put = CanvasRenderingContext2D.prototype.putImageData
      Object.assign(window, { puts: 0 })
      CanvasRenderingContext2D.prototype.putImageData = function (this: CanvasRenderingContext2D, ...args) {
        ;(window as unknown as { puts: number }).puts += 1
        put.apply(this, args as Parameters<typeof put>)
      } as typeof put
    })
    await new Maker(page).open('line-up', 'demo')
    await still(page)
    const drawing = page.locator('.drawing')
    const [left, right] = await Promise.all(
      [/^Beech, by the platform, /, /^Beech, young, /].map((name) =>
        page.getByRole('button', { name }).boundingBox(),
      ),
    )
    // At the edge of the taller one's crown, where the lower one has its crown too.
    await page.mouse.move(left!.x + left!.width, right!.y + right!.height * 0.2)
    for (let i = 0; i < 4; i += 1) await page.mouse.wheel(0, -400)
    await expect
      .poll(
        async () =>
          (await page.getByRole('button', { name: /^Beech, by the platform, / }).boundingBox())!.width,
      )
      .toBeGreaterThan(left!.width * 6)
    const puts = (): Promise<number> => page.evaluate(() => (window as unknown as { puts: number }).puts)
    let last = await puts()
    await expect
      .poll(
        async () => {
          const before = last
          last = await puts()
          return last - before
        },
        { intervals: [1500], timeout: 60_000 },
      )
      .toBe(0)
    // Leaves on both sides of the gap: more colours than an outline's even tone has.
    const shades = (): Promise<number[]> =>
      drawing
        .locator('canvas')
        .first()
        .evaluate((canvas: HTMLCanvasElement) => {
          const { width, height } = canvas
          const { data } = canvas.getContext('2d')!.getImageData(0, 0, width, height)
          return [0, 0.75].map((from) => {
            const seen = new Set<number>()
            for (let y = 0; y < height; y += 2)
              for (let x = Math.round(from * width); x < (from + 0.25) * width; x += 2) {
                const at = (y * width + x) * 4
                if (data[at + 3]! > 250) seen.add((data[at]! << 16) | (data[at + 1]! << 8) | data[at + 2]!)
              }
            return seen.size
          })
        })
    await expect.poll(async () => Math.min(...(await shades())), { timeout: 60_000 }).toBeGreaterThan(100)
  })

  test('shows the pieces of a line, two lines beside each other, and each zone as it is seen', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('line-up', 'demo')
    await page.getByRole('button', { name: /^Rowan, / }).click()
    await page.getByRole('button', { name: 'Pieces', exact: true }).click()
    const pieces = page.getByRole('button', { name: /^Piece \d+: .* at the model/ })
    await expect(pieces).toHaveCount(7)
    expect(
      new Set(
        await pieces.evaluateAll((list) =>
          list.map((element) => element.getAttribute('aria-label')!.split(': ')[1]),
        ),
      ).size,
    ).toBeGreaterThan(4)
    await page.getByRole('button', { name: 'Pieces', exact: true }).click()
    await choose(page.getByLabel('Show the chosen line beside'), 'Silver birch')
    await expect(page.getByText(/Rowan is 1\.\d× lower than Silver birch \(95 mm, 155 mm\)/)).toBeVisible()
    await expect(page.getByRole('button', { name: /at the model/ })).toHaveCount(2)
    await choose(page.getByLabel('Show the chosen line beside'), 'all')
    const spruce = page.getByRole('button', { name: /^Norway spruce, / })
    const whole = (await spruce.boundingBox())!.height
    await page.getByRole('button', { name: 'As seen' }).click()
    // The back stands 600 mm behind the front edge and is seen from 700 mm: 7/13 of its size. The scale on
    // the screen grows with what is tallest.
    await expect(page.getByText('From 700 mm before the front edge.')).toBeVisible()
    const birch = page.getByRole('button', { name: /^Silver birch, / })
    await expect
      .poll(async () => (await spruce.boundingBox())!.height / (await birch.boundingBox())!.height)
      .toBeLessThan(whole / 155 / 1.2)
  })

  test('lines are put into another order by keys, and it stays', async ({ page }) => {
    await new Maker(page).open('line-up', 'demo')
    const names = (): Promise<string[]> => page.locator('tbody tr td:nth-child(2) button').allTextContents()
    await expect
      .poll(async () => (await names()).slice(0, 2))
      .toEqual(['Beech, old', 'Beech, by the platform'])
    await page.getByRole('button', { name: /^Move Beech, old/ }).focus()
    await page.keyboard.press('ArrowDown')
    await expect
      .poll(async () => (await names()).slice(0, 2))
      .toEqual(['Beech, by the platform', 'Beech, old'])
    await page.reload()
    await expect
      .poll(async () => (await names()).slice(0, 2))
      .toEqual(['Beech, by the platform', 'Beech, old'])
  })

  test('what has grown once stands without growing the next time', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('line-up', 'demo')
    await still(page)
    let grew = false
    await page.route(/\/growth-[^/]*\.js$/, (route) => {
      grew = true
      return route.continue()
    })
    // Drawings are kept once it is quiet; who comes back sooner may find some of them only.
    await expect(async () => {
      grew = false
      await page.reload()
      await still(page)
      expect(grew).toBe(false)
    }).toPass({ intervals: [2_000, 4_000] })
  })

  test('a picture is saved as PNG and as SVG at true size', async ({ page }) => {
    await new Maker(page).open('line-up', 'demo')
    await still(page)
    const take = async (name: string): Promise<Buffer> => {
      await page.getByRole('button', { name: 'Picture' }).click()
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('menuitem', { name }).click(),
      ])
      return readFileSync(await download.path())
    }
    const svg = (await take('Save as SVG')).toString('utf8')
    const [, wide] = /<svg [^>]*width="([\d.]+)mm"[^>]*viewBox="0 0 ([\d.]+)/.exec(svg)!
    expect(Number(wide)).toBeCloseTo(Number(/viewBox="0 0 ([\d.]+)/.exec(svg)![1]), 6)
    for (const text of ['Kestrel Halt', 'Beech, old ×24', '198 mm', '1:87.1']) expect(svg).toContain(text)
    const png = await take('Save as PNG')
    expect(png.subarray(1, 4).toString()).toBe('PNG')
    expect(png.readUInt32BE(16)).toBe(2400)
    expect(png.length).toBeGreaterThan(100_000)
  })

  test('the lens magnifies what is small', async ({ page }) => {
    await new Maker(page).open('line-up', 'demo')
    await still(page)
    await page.getByRole('button', { name: /^Pasture tussocks, / }).click()
    await page.getByRole('button', { name: 'Lens' }).click()
    const lens = page.getByRole('img', { name: 'Lens, five times nearer' })
    await expect(lens).toBeVisible()
    const covered = (): Promise<number> =>
      lens.locator('canvas').evaluate((canvas: HTMLCanvasElement) =>
        canvas
          .getContext('2d')!
          .getImageData(0, 0, canvas.width, canvas.height)
          .data.reduce((sum, value, i) => sum + (i % 4 === 3 && value > 128 ? 1 : 0), 0),
      )
    await expect.poll(covered).toBeGreaterThan(600)
  })

  test('every drawing is re-leafed while the marker is dragged', async ({ page }) => {
    await new Maker(page).open('line-up', 'demo')
    await still(page)
    const band = (await page.locator('.track').boundingBox())!
    const at = (day: number): [number, number] => [band.x + band.width * ((day - 0.5) / 365), band.y + 30]
    await page.mouse.move(...at(20))
    await page.mouse.down()
    await still(page)
    const winter = await painted(page)
    await page.mouse.move(...at(200), { steps: 8 })
    await expect.poll(() => painted(page)).toBeGreaterThan(winter * 1.15)
    await page.mouse.up()
  })
})
