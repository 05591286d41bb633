import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'

test('from the Brief to the Log by keyboard alone', async ({ page }) => {
  const { keyboard } = page
  const maker = new Maker(page)
  await maker.open('brief', 'demo')
  await test.step('a line is added', async () => {
    await keyboard.press('n')
    await expect(page.getByLabel('Add a line: name of the plant')).toBeFocused()
    await keyboard.type('bracken')
    await keyboard.press('Enter')
    await expect(page.getByLabel('Name of the line').last()).toHaveValue('Bracken')
    await keyboard.press('Escape')
  })
  await test.step('its batch is started', async () => {
    await keyboard.press('3')
    await expect(page.locator('#station h1')).toHaveText('Bracken')
    const start = page.getByRole('button', { name: /^Start batch of / })
    await expect(start).toBeEnabled()
    await keyboard.press('a')
    await expect(start).toBeFocused()
    await keyboard.press('Enter')
    await expect(page.locator('#station h1')).toHaveText('Bracken, batch 1')
  })
  await test.step('it is worked through: after each deed the hand is on the next', async () => {
    const finish = page.getByRole('button', { name: 'Finish batch' })
    const dialog = page.getByRole('dialog')
    for (let presses = 0; presses < 40 && !(await finish.isVisible()); presses += 1) {
      const before = await maker.atBench()
      await expect(page.locator('#commit .huge:focus')).toHaveCount(1)
      // Everything that is left of a step is the last button before the one that rejects.
      const all = page.getByRole('button', { name: /^All \d+ left$/ })
      const isOnIt = (): Promise<boolean> => all.evaluate((own) => own === document.activeElement)
      if (await all.isVisible())
        for (let tabs = 0; tabs < 4 && !(await isOnIt()); tabs += 1) await keyboard.press('Tab')
      await keyboard.press('Enter')
      await expect
        .poll(async () => (await dialog.isVisible()) || (await maker.atBench()) !== before)
        .toBe(true)
      if (await dialog.isVisible()) {
        await expect(dialog.getByRole('button', { name: /^It is (dry|ready)$/ })).toBeFocused()
        await keyboard.press('Enter')
        await expect(dialog).toBeHidden()
        // The deed is written after the question has gone.
        await expect.poll(() => maker.atBench()).not.toBe(before)
      }
    }
    await expect(finish).toBeFocused()
  })
  await test.step('it is finished, and stands in the Log', async () => {
    await keyboard.press('Enter')
    await expect(page.getByRole('dialog')).toBeVisible()
    await keyboard.press('Enter')
    const anyway = page.getByRole('button', { name: 'Draw it all the same' })
    const drawn = page.getByText('Stock was drawn by what was used')
    await expect(drawn.or(anyway)).toBeVisible()
    if (await anyway.isVisible()) {
      await anyway.focus()
      await keyboard.press('Enter')
    }
    await expect(drawn).toBeVisible()
    await keyboard.press('8')
    await expect(page.locator('#station h1')).toHaveText('Log')
    await expect(page.getByText('Bracken, batch 1').first()).toBeVisible()
  })
})
