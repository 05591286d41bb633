import { expect, test, type Locator, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { Maker } from './support/maker'

/** The scene of a demo commission, everything grown and painted. */
async function openScene(page: Page, commission: string): Promise<Locator> {
  await page.goto('/demo/planting')
  await page.getByRole('button', { name: 'Change commission' }).click()
  await page.getByRole('menuitem', { name: new RegExp(commission) }).click()
  await page.getByRole('button', { name: 'In the scene' }).click()
  const scene = page.getByRole('application', { name: /The board as it will be seen/ })
  await expect(scene).toBeVisible()
  return scene
}

/** Mean colour of the picture, and how many different ones it has. */
const seen = (scene: Locator): Promise<{ mean: number[]; colours: number }> =>
  scene.locator('canvas').evaluate((canvas: HTMLCanvasElement) => {
    const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height)
    const sum = [0, 0, 0]
    const colours = new Set<number>()
    for (let i = 0; i < data.length; i += 4) {
      for (const k of [0, 1, 2]) sum[k]! += data[i + k]!
      if (i % 64 === 0) colours.add((data[i]! << 16) | (data[i + 1]! << 8) | data[i + 2]!)
    }
    return { mean: sum.map((value) => (value * 4) / data.length), colours: colours.size }
  })
/** The picture once nothing more is painted into it: the same four times in a row. */
const settled = async (scene: Locator): Promise<{ mean: number[]; colours: number }> => {
  let last = await seen(scene)
  let same = 0
  await expect
    .poll(
      async () => {
        const now = await seen(scene)
        same = now.mean.every((value, k) => Math.abs(value - last.mean[k]!) < 1e-9) ? same + 1 : 0
        last = now
        return same >= 3 && now.colours > 800
      },
      { intervals: [500], timeout: 60_000 },
    )
    .toBe(true)
  return last
}

test.describe('the plan as it will be seen', () => {
  test('keys, mouse and wheel go around it, and one press leads back', async ({ page }) => {
    const scene = await openScene(page, 'Olive Steps')
    const status = page.getByRole('status').filter({ hasText: /^Seen/ })
    await expect(status).toContainText('Seen from the front, 17° above')
    const front = await settled(scene)
    await scene.focus()
    await page.keyboard.press('ArrowRight')
    await page.keyboard.press('ArrowUp')
    await expect(status).toContainText('Seen 6° to the right, 23° above')
    expect((await settled(scene)).mean).not.toEqual(front.mean)
    for (let i = 0; i < 20; i += 1) await page.keyboard.press('ArrowDown')
    await expect(status).toContainText('3° above')

    const box = (await scene.boundingBox())!
    await page.mouse.move(box.x + 400, box.y + 200)
    await page.mouse.down()
    await page.mouse.move(box.x + 300, box.y + 260, { steps: 4 })
    await page.mouse.up()
    // 100 px to the left are 35° further to the right, 60 px down 21° higher.
    await expect(status).toContainText('Seen 41° to the right, 24° above')
    const before = (await status.textContent())!.match(/(\d+) mm from/)![1]
    await page.mouse.wheel(0, -240)
    await expect(status).not.toContainText(`${before} mm from`)
    await page.getByRole('button', { name: 'Viewing point' }).click()
    await expect(status).toContainText('Seen from the front, 17° above')
    // Everything has grown by now: going off and back again shows the very same picture.
    const back = await settled(scene)
    await scene.focus()
    await page.keyboard.press('ArrowLeft')
    await expect(status).toContainText('Seen 6° to the left')
    await page.keyboard.press('0')
    await expect(status).toContainText('Seen from the front, 17° above')
    expect((await settled(scene)).mean).toEqual(back.mean)
  })

  test('it follows the season marker: a wood is greener in June than in January', async ({ page }) => {
    const scene = await openScene(page, 'Kestrel Halt')
    const marker = page.getByRole('slider', { name: 'Date depicted' })
    const greenness = async (): Promise<number> => {
      const { mean } = await settled(scene)
      return mean[1]! - (mean[0]! + mean[2]!) / 2
    }
    await marker.focus()
    await page.keyboard.press('Home')
    for (let i = 0; i < 2; i += 1) await page.keyboard.press('Shift+ArrowRight')
    const winter = await greenness()
    for (let i = 0; i < 22; i += 1) await page.keyboard.press('Shift+ArrowRight')
    expect(await greenness()).toBeGreaterThan(winter + 1)
  })

  test('two fingers bring it nearer', async ({ page }) => {
    const scene = await openScene(page, 'Olive Steps')
    const status = page.getByRole('status').filter({ hasText: /^Seen/ })
    await settled(scene)
    const distance = async (): Promise<number> =>
      Number((await status.textContent())!.match(/(\d+) mm from/)![1])
    const before = await distance()
    await scene.evaluate((element) => {
      const box = element.getBoundingClientRect()
      element.setPointerCapture = () => {}
      const touch = (type: string, id: number, x: number): void => {
        element.dispatchEvent(
          new PointerEvent(type, { pointerId: id, clientX: box.x + x, clientY: box.y + 200, bubbles: true }),
        )
      }
      touch('pointerdown', 11, 300)
      touch('pointerdown', 12, 400)
      touch('pointermove', 12, 450)
      touch('pointerup', 11, 300)
      touch('pointerup', 12, 450)
    })
    await expect.poll(distance).toBeLessThan(before * 0.75)
  })

  test('the scene is saved as a picture, with everything grown', async ({ page }) => {
    await openScene(page, 'Cold Saltings')
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as PNG' }).click(),
    ])
    expect(download.suggestedFilename()).toBe('cold-saltings-scene.png')
    const bytes = readFileSync(await download.path())
    expect([...bytes.subarray(1, 4)].map((byte) => String.fromCharCode(byte)).join('')).toBe('PNG')
    // Width from the header.
    expect(bytes.readUInt32BE(16)).toBe(2400)
    expect(bytes.length).toBeGreaterThan(100_000)
  })

  test('drawing a track leads back to the plan from above', async ({ page }) => {
    await openScene(page, 'Olive Steps')
    await expect(page.getByRole('button', { name: 'Track or path' })).toHaveCount(0)
    await page.getByRole('button', { name: 'From above' }).click()
    await expect(page.getByRole('img', { name: /Planting plan from above/ })).toBeVisible()
    await page.getByRole('button', { name: 'Track or path' }).click()
    await expect(page.getByText('Click its points on the board.')).toBeVisible()
  })
})

test('a scene is kept though its plants were not grown: what was stopped is not waited for', async ({
  page,
}) => {
  // What grows comes only after it was stopped.
  let stop = (): void => undefined
  const stopped = new Promise<void>((resolve) => (stop = resolve))
  await page.route(/\/grow-[^/]*\.js$/, async (route) => {
    await stopped
    await route.continue()
  })
  const maker = new Maker(page)
  await maker.open('line-up', 'demo')
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  stop()
  await expect(page.getByText('Growing was stopped.')).toBeVisible()
  await maker.go('Planting')
  await page.getByRole('button', { name: 'In the scene' }).click()
  await expect(page.locator('.scene canvas')).toHaveAttribute('aria-busy', 'false')
  const [picture] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as PNG' }).click(),
  ])
  expect(picture.suggestedFilename()).toMatch(/scene\.png$/)
})
