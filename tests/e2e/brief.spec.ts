import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'
import { storedRows } from './support/stored'
import { choose } from './support/choose'

test.describe('the Brief, with awkward hands', () => {
  test('what can’t be read stays in its field with the reason; nothing is stored of it', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('brief')
    await maker.newCommission('Awkward <b>corner</b> & "co"', '1/4in')
    await expect(page.getByLabel('Scale', { exact: true })).toHaveValue('1:48')
    await expect(page.getByRole('button', { name: 'Change commission' })).toHaveText(
      /Awkward <b>corner<\/b> & "co"/,
    )
    await page.getByRole('button', { name: 'More', exact: true }).click()
    for (const [label, wrong, because] of [
      ['Scale', '1:0', '“1:0” is not a scale|reads as 1:0'],
      ['Latitude, °', '95', 'allowed is −70° to 70°'],
      ['Altitude, m', 'high', 'read “high”'],
      ['Seen from', 'far', '“far” is not a length'],
      ['Stature, %', '40', 'allowed is 60 % to 100 %'],
    ] as const) {
      const field = page.getByLabel(label, { exact: true })
      await field.fill(wrong)
      await field.press('Tab')
      await expect(page.getByText(new RegExp(because))).toBeVisible()
      await expect(field).toHaveAttribute('aria-invalid', 'true')
      await expect(field).toHaveValue(wrong)
    }
    await page.reload()
    await expect(page.getByLabel('Scale', { exact: true })).toHaveValue('1:48')
    await expect(page.getByLabel('Latitude, °')).toHaveValue('50')
    await page.getByRole('button', { name: 'More', exact: true }).click()
    await expect(page.getByLabel('Stature, %', { exact: true })).toHaveValue('100')
  })

  test('lines read any length, say what is wrong, and go back to the proposal when emptied', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('brief')
    await maker.newCommission('Lengths', '1:43.5')
    const row = await maker.addLine('Olive', 'olea', 5, '19ft8')
    await expect(row.getByLabel('Model size')).toContainText('138 mm')
    await row.getByLabel('Real height').fill('very')
    await row.getByLabel('Real height').press('Tab')
    await expect(row.getByRole('alert')).toContainText('“very” is not a length')
    await row.getByLabel('Real height').fill('500 m')
    await row.getByLabel('Real height').press('Tab')
    await expect(row.getByRole('alert')).toContainText('allowed is 5 mm to 130 m')
    await row.getByRole('textbox', { name: 'Pieces' }).fill('0')
    await row.getByRole('textbox', { name: 'Pieces' }).press('Tab')
    await expect(row.getByRole('alert')).toContainText('Pieces: read “0”')
    await row.getByLabel('Real height').fill('')
    await row.getByLabel('Real height').press('Tab')
    await row.getByLabel('Stature, per cent').fill('75')
    await row.getByLabel('Stature, per cent').press('Tab')
    await expect(row.getByLabel('Model size')).toContainText('103 mm')
    await choose(row.getByLabel('Age'), 'young')
    await expect(row.getByLabel('Model size')).toContainText('43 mm')
  })

  test('one field after another, as fast as they are typed, are all kept; a fault stays with its field', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('brief')
    await maker.newCommission('In haste', '1:43.5')
    const row = await maker.addLine('Olive', 'olea', 5, '')
    await row.getByRole('textbox', { name: 'Pieces' }).focus()
    await page.keyboard.press('ControlOrMeta+A')
    // Pieces, counted as, zone, stature, height, crown.
    for (const typed of ['none', undefined, undefined, '80', '7 m', '4 m']) {
      if (typed !== undefined) await page.keyboard.type(typed)
      await page.keyboard.press('Tab')
    }
    await expect(row.getByLabel('Model size')).toContainText('129 mm × 74 mm')
    await expect(row.getByRole('alert')).toHaveText(
      'Pieces: read “none”; allowed is a whole number from 1 to 10000.',
    )
    await expect(row.getByRole('textbox', { name: 'Pieces' })).toHaveValue('none')
    // What is shown is stored a moment later.
    await expect
      .poll(async () => (await storedRows<object>(page, 'lines'))[0])
      .toMatchObject({ stature: 0.8, heightM: 7, crownWidthM: 4 })
    await page.reload()
    await expect(row.getByRole('textbox', { name: 'Pieces' })).toHaveValue('5')
    await expect(row.getByLabel('Stature, per cent')).toHaveValue('80')
    await expect(row.getByLabel('Real height')).toHaveValue('7.0 m')
    await expect(row.getByLabel('Real crown width')).toHaveValue('4.0 m')
  })

  test('a line and a commission are removed only after asking; what a batch hangs on stays', async ({
    page,
  }) => {
    const maker = new Maker(page)
    await maker.open('brief', 'demo')
    await page.getByRole('button', { name: 'Remove Beech, young' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Remove line' }).click()
    await expect(page.getByRole('alert')).toContainText('“Young beech, tacky since yesterday” is still open')
    await page.getByRole('button', { name: 'Remove Bracken' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Leave it' }).click()
    await expect(page.getByRole('button', { name: 'Remove Bracken' })).toBeVisible()
    await page.getByRole('button', { name: 'Remove Bracken' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Remove line' }).click()
    await expect(page.getByRole('button', { name: 'Remove Bracken' })).toHaveCount(0)
    await page.getByRole('button', { name: 'Change commission' }).click()
    await page.getByRole('menuitem', { name: /Mill Leat/ }).click()
    await page.getByRole('button', { name: 'Remove this commission' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Remove commission' }).click()
    await expect(page.getByRole('button', { name: 'Change commission' })).toHaveText(/Kestrel Halt/)
  })

  test('the ladder picks a scale, and every size follows', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('brief', 'demo')
    await page.getByRole('button', { name: 'All scales' }).click()
    await page.getByRole('button', { name: /1:43.5 O, 7 mm/ }).click()
    await expect(page.getByLabel('Scale', { exact: true })).toHaveValue('1:43.5')
    await expect(page.getByLabel('Model size').first()).toContainText('397 mm')
    await page.getByLabel('Scale', { exact: true }).fill('1:100')
    await page.getByLabel('Scale', { exact: true }).press('Tab')
    await expect(page.getByText('Yours, 1:100: a person is 17.5 mm tall.')).toBeVisible()
  })
})

test.describe('Make-up, of what does not fit', () => {
  test('a lower see-through takes more flock; what is out of bounds is refused', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('brief', 'demo')
    await maker.chooseLine('Rowan')
    const grams = async (): Promise<number> =>
      parseFloat((await page.getByRole('button', { name: /^Foliage, batch:/ }).textContent()) ?? '')
    const before = await grams()
    const field = page.getByLabel('See-through')
    await field.fill('95')
    await field.press('Tab')
    await expect(page.getByRole('alert')).toContainText('allowed is 2 % to 90 %')
    await field.fill('10')
    await field.press('Tab')
    await expect(page.getByRole('alert')).toHaveCount(0)
    await expect.poll(grams).toBeGreaterThan(before * 1.8)
    await page.getByRole('button', { name: /^Foliage, one piece:/ }).click()
    await expect(page.getByText('set by you').first()).toBeVisible()
  })

  test('a plant that none of the ways suits says so; a bare tree takes no flock', async ({ page }) => {
    const maker = new Maker(page)
    await maker.open('brief')
    await maker.newCommission('Palm court', '1:87.1')
    await maker.addLine('Tall fan palm', 'fan palm', 3, '8 m')
    await maker.go('Make-up')
    await expect(page.getByText('None of these ways really suits this plant.')).toBeVisible()
    await maker.open('brief', 'demo')
    await maker.chooseLine('Hawthorn, wind-bent')
    await expect(page.getByRole('button', { name: /^Foliage, batch:/ })).toBeVisible()
    const marker = page.getByRole('slider', { name: 'Date depicted' })
    await marker.focus()
    await page.keyboard.press('Home')
    await expect(page.getByRole('button', { name: /^Foliage, batch:/ })).toHaveCount(0)
    await expect(page.getByText('Hairspray the crown, sprinkle')).toHaveCount(0)
    await page.getByRole('region', { name: 'The piece' }).getByRole('button', { name: 'bare' }).click()
    await expect(page.getByRole('img', { name: /from the front, bare/ })).toBeVisible()
  })
})
