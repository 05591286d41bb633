import { readFileSync } from 'node:fs'
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Locator, type Page } from '@playwright/test'
import ical from 'node-ical'
import { buildDemo } from '../../server/demo/build'
import { Maker } from './support/maker'

// The demo as of one Friday at four: what it holds, and what the page's clock says, is the same in every run.
const FRIDAY = new Date('2026-11-27T16:00:00Z')

async function friday(page: Page): Promise<Maker> {
  await page.clock.setFixedTime(FRIDAY)
  await page.route('**/api/demo-workshop', (route) => route.fulfill({ json: buildDemo(FRIDAY.getTime()) }))
  const maker = new Maker(page)
  await maker.open('calendar', 'demo')
  await expect(page.locator('.work').first()).toBeVisible()
  return maker
}
const work = (page: Page, name: RegExp): Locator => page.getByRole('button', { name })
const main = (page: Page): Locator => page.locator('#station')
const card = (page: Page): Locator => page.getByRole('region', { name: 'The step that is picked' })

async function kept(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await expect(page.getByText('Kept. It stays so')).toBeVisible()
  await expect(page.getByRole('region', { name: 'What the plan changes' })).toBeHidden()
}

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
  const layer = work(page, /^Couch, patch by patch: Layer 2/)
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
  const trunk = work(page, /^Olives for the terrace: Trunk colour/)
  await trunk.click()
  await expect(card(page)).toContainText('Tue 1 Dec')
  await trunk.focus()
  await page.keyboard.press('ArrowUp')
  await expect(page.getByText(/not dry by then/)).toBeVisible()
  await soak.focus()
  await page.keyboard.press('p')
  await expect(soak).not.toHaveAttribute('aria-label', /pinned/)
})

test('a rush order is promised, planned and laid beside the rest', async ({ page }) => {
  await friday(page)
  await kept(page)
  await page.getByRole('button', { name: 'Can I have…?' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel(/^Of /).selectOption({
    label: (await dialog.getByLabel(/^Of /).locator('option', { hasText: 'Hazel' }).textContent()) ?? '',
  })
  await dialog.getByLabel('How many').fill('0')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(dialog.getByText(/How many: read “0”/)).toBeVisible()
  // More than the pegs hold at once, and more than half a year's sessions: sizes that find a place, or why none does.
  await dialog.getByLabel(/^Of /).selectOption({ index: 0 })
  const answer = dialog.getByRole('region', { name: 'Answer' })
  await dialog.getByLabel('How many').fill('300')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(answer).toContainText(
    /1 batch of 327 begun would find no place\. Soak, peg to the line: it wants/,
  )
  await expect(answer).toContainText(/24 batches of 1\d to 1\d each begun/)
  await dialog.getByLabel('How many').fill('10000')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(answer).toContainText('it takes more hands than all sessions of half a year have')
  // A hedge is asked for by its length.
  await dialog.getByLabel(/^Of /).selectOption({
    label:
      (await dialog.getByLabel(/^Of /).locator('option', { hasText: 'Field hedge' }).textContent()) ?? '',
  })
  await expect(dialog.getByLabel('How long')).toHaveValue('1.16 m')
  await dialog.getByLabel('How long').fill('1 kg')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(dialog.getByText(/1 kg/)).toBeVisible()
  await expect(answer).toBeHidden()
  await dialog.getByLabel('How long').fill('60 cm')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(answer).toContainText(/1 batch of [34] begun/)
  await dialog.getByLabel(/^Of /).selectOption({
    label: (await dialog.getByLabel(/^Of /).locator('option', { hasText: 'Hazel' }).textContent()) ?? '',
  })
  await dialog.getByLabel('How many').fill('60')
  await dialog.getByLabel('By').fill('2026-12-12')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(answer).toContainText('Even odds by')
  await expect(answer).toContainText('nine times in ten by')
  await expect(answer).toContainText('What stands in the way')
  await answer.getByRole('button', { name: 'Plan it so' }).first().click()
  await expect(dialog).toBeHidden()
  const told = page.getByRole('region', { name: 'What the plan changes' })
  await expect(told).toContainText('not laid yet')
  await expect(told).toContainText('nothing that was laid moves')
  await kept(page)
  await expect(work(page, /^Hazel, batch/).first()).toBeVisible()
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

test('the plan goes out as a calendar file, and what others are busy with comes in', async ({ page }) => {
  await friday(page)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar file' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('tannet-lane-bench.ics')
  const events = Object.values(
    ical.sync.parseICS(readFileSync((await download.path()) ?? '', 'utf8')),
  ).filter((own) => own?.type === 'VEVENT') as ical.VEvent[]
  expect(events.filter(({ summary }) => String(summary).startsWith('Bench (')).length).toBeGreaterThan(2)
  expect(events.some(({ summary }) => String(summary).startsWith('Dry: Olives'))).toBe(true)

  await expect(page.getByText('Sat 28 Nov').first()).toBeVisible()
  await page.getByRole('button', { name: 'People and sessions' }).click()
  const dialog = page.getByRole('dialog')
  const read = (text: string) =>
    dialog
      .getByLabel('Read calendar file')
      .setInputFiles({ name: 'mine.ics', mimeType: 'text/calendar', buffer: Buffer.from(text) })
  await read('Dear diary')
  await expect(page.getByText(/not an iCalendar file/)).toBeVisible()
  await read(
    [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'PRODID:-//x//EN',
      'BEGIN:VEVENT',
      'UID:fair',
      'DTSTAMP:20260101T000000Z',
      'SUMMARY:Fair',
      'DTSTART;VALUE=DATE:20261128',
      'DTEND;VALUE=DATE:20261129',
      'END:VEVENT',
      'END:VCALENDAR',
      '',
    ].join('\r\n'),
  )
  await expect(page.getByText('1 busy time read.')).toBeVisible()
  await dialog.getByRole('button', { name: 'Done' }).click()
  await expect(page.locator('.row', { hasText: 'Sat 28 Nov' })).toHaveCount(0)
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

test('the browser tells when something is dry, also from the background; the screen can be kept awake', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['notifications'])
  await page.addInitScript(() => {
    const told: string[] = []
    class Told {
      static permission = 'granted'
      static requestPermission = () => Promise.resolve('granted')
      constructor(title: string) {
        told.push(title)
      }
    }
    Object.assign(window, { told, Notification: Told })
    // A browser without a screen grants no lock: one that does stands in.
    const request = () =>
      Promise.resolve(Object.assign(new EventTarget(), { release: () => Promise.resolve() }))
    Object.defineProperty(navigator, 'wakeLock', { value: { request } })
  })
  await page.route('**/api/demo-workshop', (route) => route.fulfill({ json: buildDemo(FRIDAY.getTime()) }))
  await page.clock.install({ time: FRIDAY })
  const maker = new Maker(page)
  await maker.open('bench?tonight=1', 'demo')
  await page.getByRole('button', { name: 'Tell me when something is dry' }).click()
  await expect(page.getByRole('button', { name: 'Notices are on' })).toBeVisible()
  await page.getByRole('button', { name: 'Keep the screen awake' }).click()
  await expect(page.getByRole('button', { name: 'Screen stays awake' })).toBeVisible()
  await page.getByRole('link', { name: /Birch for the platform/ }).click()
  await page.getByRole('button', { name: /^All \d+ left$/ }).click()
  await expect(page.getByText(/Let it set/i).first()).toBeVisible()
  const told = () => page.evaluate(() => (window as unknown as { told: string[] }).told)
  await page.clock.runFor(15_000)
  expect(await told()).toEqual([])
  await page.clock.runFor(11 * 60_000)
  await expect.poll(told).toEqual(['Birch for the platform: dry'])
  await page.clock.runFor(60_000)
  expect(await told()).toHaveLength(1)
})

test('pegs are lent away, and a batch that they no longer hold says how many it can be', async ({ page }) => {
  const maker = await friday(page)
  await kept(page)
  await page.evaluate(async () => {
    const open = indexedDB.open('hardy-thicket:demo')
    const db = await new Promise<IDBDatabase>((done) => {
      open.onsuccess = () => done(open.result)
    })
    const store = db.transaction('tools', 'readwrite').objectStore('tools')
    const read = store.get('peg')
    read.onsuccess = () => store.put({ ...(read.result as object), have: 5 })
    await new Promise((done) => {
      store.transaction.oncomplete = done
    })
    db.close()
  })
  await maker.open('calendar', 'demo')
  const told = page.getByRole('region', { name: 'What the plan changes' })
  await expect(told).toContainText('Olives for the terrace: Soak, peg to the line')
  await expect(told).toContainText('no place')
  await expect(page.getByRole('region', { name: 'Without a place' })).toContainText(
    'it wants 12 pegs, and there are 5: 2 of its 6 pieces at once at most',
  )
  // It is planned in as many batches as the pegs hold; the large one is set aside.
  await page.getByRole('button', { name: 'In smaller batches…' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('Olives for the terrace: in smaller batches')
  const answer = dialog.getByRole('region', { name: 'Answer' })
  await expect(answer).toContainText('3 batches of 2 + 2 + 2 begun')
  await answer.getByRole('button', { name: 'Plan it so' }).click()
  await expect(dialog).toBeHidden()
  await expect(page.getByRole('table', { name: 'Batches' })).toContainText('Olive, batch')
  await expect(page.getByRole('table', { name: 'Batches' })).not.toContainText('Olives for the terrace')
  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await expect(told).toBeHidden()
  await expect(work(page, /^Olives for the terrace/)).toHaveCount(0)
  await expect(work(page, /^Olive, .*: Soak, peg to the line/).first()).toBeVisible()
})

test('what fits into a while is whole; nothing fits into a minute', async ({ page }) => {
  const maker = await friday(page)
  await maker.open('bench?tonight=1', 'demo')
  const while_ = page.getByRole('region', { name: 'A while to spare' })
  await expect(while_.getByRole('link').first()).toBeVisible()
  await while_.getByLabel('Minutes').fill('0')
  await expect(while_).toContainText('Nothing that can begin now')
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
