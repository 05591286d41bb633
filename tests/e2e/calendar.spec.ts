import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { card, friday, kept, main, work } from './support/friday'
import { Maker } from './support/maker'

test('a first plan is proposed, hours outdoors are asked for before they are used, and what is kept stays', async ({
  page,
}) => {
  const maker = await friday(page)
  await expect(main(page).getByText('A first plan')).toBeVisible()
  // Tacky since yesterday, and nobody is there before it has dried: that is told at once.
  await expect(page.getByRole('region', { name: 'Without a place' })).toContainText(
    'it is open until Fri 27 Nov',
  )
  await expect(page.getByRole('region', { name: 'Without a place' })).toContainText('Rasp the bark')
  await expect(work(page, /Rasp the bark/)).toHaveCount(1)
  await page
    .getByRole('region', { name: 'Hours outdoors' })
    .getByRole('button', { name: 'It will be' })
    .first()
    .click()
  await expect(page.locator('.work[aria-label*="Rasp the bark"]')).toHaveCount(1)
  await expect(page.getByRole('region', { name: 'Without a place' })).not.toContainText('Rasp the bark')
  await kept(page)
  const before = await page
    .locator('.work')
    .evaluateAll((all) => all.map((own) => own.getAttribute('aria-label')))
  expect(before.length).toBeGreaterThan(20)
  await page.reload()
  await expect(page.locator('.work')).toHaveCount(before.length)
  expect(
    await page.locator('.work').evaluateAll((all) => all.map((own) => own.getAttribute('aria-label'))),
  ).toEqual(before)
  await expect(page.getByRole('button', { name: 'Keep this plan' })).toBeHidden()
  await maker.go('Bench')
  await page.getByRole('link', { name: /Tonight/ }).click()
  await expect(page.getByRole('region', { name: 'In which order' })).toContainText(
    'Hairspray the crown, sprinkle',
  )
})

test('without a booth, spraying waits for a Saturday that will be dry and still', async ({ page }) => {
  await friday(page)
  await expect(page.locator('.work[aria-label*="Hairspray the crown"]').first()).toBeVisible()
  await page.getByRole('button', { name: 'People and sessions' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel(/There is no booth/).check()
  await dialog.getByRole('button', { name: 'Done' }).click()
  await expect(page.locator('.work[aria-label*="Hairspray the crown"]')).toHaveCount(0)
  await page.getByRole('button', { name: 'It will be' }).first().click()
  await expect(page.locator('.work[aria-label*="Hairspray the crown"]').first()).toBeVisible()
})

test('a missed Saturday is told, and mended with little', async ({ page }) => {
  await friday(page)
  await kept(page)
  await page.clock.setFixedTime(new Date('2026-11-29T16:00:00Z'))
  await page.reload()
  const told = page.getByRole('region', { name: 'What the plan changes' })
  await expect(told).toContainText('not done when laid')
  await expect(told).toContainText('→')
  await kept(page)
})

test('a step is dragged with the mouse, and refused with its reason where it can’t be', async ({ page }) => {
  await friday(page)
  await kept(page)
  const inspect = work(page, /^Couch, patch by patch: Inspect/)
  const from = await inspect.boundingBox()
  const tuesday = await page.locator('.date', { hasText: 'Tue 1 Dec' }).boundingBox()
  if (!from || !tuesday) throw new Error('nothing is drawn')
  await page.mouse.move(from.x + 3, from.y + 10)
  await page.mouse.down()
  await page.mouse.move(from.x + 40, from.y + 40, { steps: 4 })
  // In the evening there is no daylight to look at it in.
  await page.mouse.move(tuesday.x + 240, tuesday.y + 10, { steps: 6 })
  await expect(page.locator('.answer')).toContainText(/daylight|no session|hours/)
  await page.mouse.up()
  await expect(page.getByText(/Moved and pinned/)).toBeHidden()
  const layer = work(page, /^Couch, patch by patch: Layer 3/)
  const box = await layer.boundingBox()
  if (!box) throw new Error('nothing is drawn')
  await page.mouse.move(box.x + 5, box.y + 10)
  await page.mouse.down()
  await page.mouse.move(box.x + 40, box.y + 40, { steps: 4 })
  await page.mouse.move(tuesday.x + 240, tuesday.y + 10, { steps: 6 })
  await expect(page.locator('.answer')).toContainText('Goes.')
  await page.mouse.up()
  await expect(page.getByText(/Moved and pinned/)).toBeVisible()
  await expect(layer).toHaveAttribute('aria-label', /pinned/)
  await layer.click()
  await expect(card(page)).toContainText('Tue 1 Dec')
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(card(page)).toContainText('Sat 28 Nov')
  await expect(layer).not.toHaveAttribute('aria-label', /pinned/)
  // A quick hand lets go before the answer is there.
  const again = await layer.boundingBox()
  if (!again) throw new Error('nothing is drawn')
  await page.mouse.move(again.x + 5, again.y + 10)
  await page.mouse.down()
  await page.mouse.move(tuesday.x + 240, tuesday.y + 10)
  await page.mouse.up()
  await expect(layer).toHaveAttribute('aria-label', /pinned/)
})

test('a step is moved, pinned and let go with the keys', async ({ page }) => {
  await friday(page)
  await kept(page)
  const soak = work(page, /^Olives for the terrace: Soak/)
  await soak.focus()
  await page.keyboard.press('ArrowDown')
  await expect(soak).toHaveAttribute('aria-label', /pinned/)
  await soak.click()
  await expect(card(page)).toContainText('Mon 30 Nov')
  // A night's drying lies between: what follows can't come up to the same evening.
  const bind = work(page, /^Olives for the terrace: Bind/)
  await bind.click()
  await expect(card(page)).toContainText('Tue 1 Dec')
  await bind.focus()
  await page.keyboard.press('ArrowUp')
  await expect(page.getByText(/not dry by then/)).toBeVisible()
  await soak.focus()
  await page.keyboard.press('p')
  await expect(soak).not.toHaveAttribute('aria-label', /pinned/)
})

test('a search goes on while the maker waits, says how far it is from what nothing can beat, and stops', async ({
  page,
}) => {
  await friday(page)
  await page.getByRole('button', { name: 'Lay anew' }).click()
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByRole('button', { name: 'Lay anew' })).toBeVisible()
  await kept(page)
})

test('sessions that make no sense are refused, and days off take sessions away', async ({ page }) => {
  await friday(page)
  await page.getByRole('button', { name: 'People and sessions' }).click()
  const dialog = page.getByRole('dialog')
  const sessions = dialog.getByRole('region', { name: 'Sessions' })
  await sessions.getByLabel('From').fill('19:00')
  await sessions.getByLabel('To').fill('19:00')
  await sessions.getByRole('button', { name: 'Add session' }).click()
  await expect(sessions.getByText('The session ends when it begins, at 19:00.')).toBeVisible()
  const off = dialog.getByRole('region', { name: 'Days off' })
  await off.getByLabel('First day').fill('2026-11-28')
  await off.getByLabel('Last day').fill('2026-11-27')
  await off.getByRole('button', { name: 'Add days off' }).click()
  await expect(off.getByText(/before it begins/)).toBeVisible()
  await off.getByLabel('Last day').fill('2026-11-28')
  await off.getByRole('button', { name: 'Add days off' }).click()
  await dialog.getByLabel('Name', { exact: true }).fill('jory')
  await dialog.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(dialog.getByText(/There is a Jory already/)).toBeVisible()
  await dialog.getByRole('button', { name: 'Done' }).click()
  await expect(page.locator('.row', { hasText: 'Sat 28 Nov' })).toHaveCount(0)
})

test('a workshop without sessions says what to do; the calendar and its dialogs are sound for screen readers', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('calendar')
  await expect(page.getByRole('heading', { name: 'When are you at the bench?' })).toBeVisible()
  await page.getByRole('button', { name: 'Say when' }).click()
  const empty = await new AxeBuilder({ page }).analyze()
  expect(empty.violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([])
  await friday(page)
  const sound = await new AxeBuilder({ page }).analyze()
  expect(sound.violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([])
})

test('on paper the week stands alone, as long as it is', async ({ page }) => {
  await new Maker(page).open('calendar', 'demo')
  await expect(page.locator('.work').first()).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.locator('.sheet')).toBeVisible()
  for (const beside of ['.frame-nav', '.frame-top', '.frame-rule', '#commit'])
    await expect(page.locator(beside).first()).toBeHidden()
  // Nothing scrolls on paper: what does is cut at the first page.
  await expect(page.locator('#station > .scroller')).toHaveCSS('overflow', 'visible')
  const heights = await page.evaluate(() => ({
    sheet: document.querySelector('.sheet')!.getBoundingClientRect().bottom,
    page: document.querySelector('.frame')!.getBoundingClientRect().bottom,
  }))
  expect(heights.page).toBeGreaterThanOrEqual(heights.sheet - 1)
})
