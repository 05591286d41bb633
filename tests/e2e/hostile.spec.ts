import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'

/** A calendar file with some entries. */
const calendar = (...entries: string[][]): Buffer =>
  Buffer.from(
    [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'PRODID:-//test//EN',
      ...entries.flatMap((lines, i) => [
        'BEGIN:VEVENT',
        `UID:e${i}`,
        'SUMMARY:Entry',
        ...lines,
        'END:VEVENT',
      ]),
      'END:VCALENDAR',
      '',
    ].join('\r\n'),
  )

test('a calendar file with entries that break or never end: they are told by line, the rest is taken', async ({
  page,
}) => {
  await new Maker(page).open('calendar', 'demo')
  await page.getByRole('button', { name: 'People and sessions' }).click()
  const days = page.getByRole('region', { name: 'Days off' })
  const far = ((new Date().getUTCMonth() + 9) % 12) + 1
  const soon = new Date(Date.now() + 3 * 86_400_000).toISOString().slice(0, 10).replaceAll('-', '')
  await days.getByLabel('Read calendar file').setInputFiles({
    name: 'hostile.ics',
    mimeType: 'text/calendar',
    buffer: calendar(
      ['DTSTART:hello'],
      [`DTSTART:${soon}T180000Z`, 'DURATION:PT1H'],
      ['DTSTART:20200101T070000Z', 'RRULE:FREQ=WEEKLY;BYMONTHDAY=30'],
      ['DTSTART:20200101T070000Z', 'RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31'],
      // Lawful, and looked for second by second until its month comes, which lies beyond what is planned.
      ['DTSTART:20200101T070000Z', `RRULE:FREQ=SECONDLY;BYMONTH=${far}`],
    ),
  })
  await expect(page.getByText(/^1 busy time read.*; 4 entries left out\.$/)).toBeVisible({ timeout: 30_000 })
  const left = days.getByRole('alert')
  await expect(left).toContainText('Line 4: its start (DTSTART) reads “hello”')
  await expect(left).toContainText('Line 15: the rule (RRULE) of “Entry” is WEEKLY and has BYMONTHDAY')
  await expect(left).toContainText('that have no such day')
  await expect(left).toContainText('Line 27: it comes to no end.')
  // The station lives.
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { name: 'Calendar', level: 1 })).toBeVisible()
})

test('what is taken away is offered back, by a button and by z, and lies in the Workshop', async ({
  page,
}) => {
  const maker = new Maker(page)
  await maker.open('calendar', 'demo')
  await page.getByRole('button', { name: 'People and sessions' }).click()
  const sessions = page.getByRole('region', { name: 'Sessions' })
  const out = sessions.getByRole('button', { name: /^Take out/ })
  const before = await out.count()
  for (let i = 1; i <= 3; i += 1) {
    await out.first().click()
    await expect(out).toHaveCount(before - i)
  }
  await page.getByRole('button', { name: 'Take back' }).last().click()
  await expect(out).toHaveCount(before - 2)
  await page.keyboard.press('z')
  await expect(out).toHaveCount(before - 1)
  await page.keyboard.press('Escape')
  await maker.go('Workshop')
  const taken = page.getByRole('region', { name: 'Taken away lately' })
  await expect(taken.getByRole('listitem')).toHaveCount(1)
  await page.reload()
  await taken.getByRole('button', { name: /^Bring back/ }).click()
  await expect(taken).toContainText('Nothing.')
  await maker.go('Calendar')
  await page.getByRole('button', { name: 'People and sessions' }).click()
  await expect(out).toHaveCount(before)
})

test('a palette that is read asks what it is to be; what it took the place of comes back', async ({
  page,
}) => {
  await new Maker(page).open('blends', 'demo')
  const panel = page.getByRole('region', { name: 'Palette' })
  const colours = panel.getByRole('list', { name: /^Colours of/ }).getByRole('listitem')
  await panel.getByRole('button', { name: /^Make it/ }).click()
  await expect(page.getByText(/is the palette of/)).toBeVisible()
  // A colour for each blend; the palette that stood there had others.
  const there = (await panel.getByRole('table').getByRole('row').count()) - 1
  expect(there).toBeGreaterThan(1)
  await expect(colours).toHaveCount(there)
  const read = (): Promise<void> =>
    panel.getByLabel('Read .gpl or .csv…').setInputFiles({
      name: 'one.gpl',
      mimeType: 'text/plain',
      buffer: Buffer.from('GIMP Palette\n90 122 54 Moss\n'),
    })
  const dialog = page.getByRole('dialog')
  await read()
  await expect(dialog).toContainText('“one.gpl” has 1 colour')
  await dialog.getByRole('button', { name: 'Take nothing' }).click()
  await expect(colours).toHaveCount(there)
  await read()
  await dialog.getByRole('button', { name: /^Add to it/ }).click()
  await expect(colours).toHaveCount(there + 1)
  await read()
  await dialog.getByRole('button', { name: 'Put it in its place' }).click()
  await expect(colours).toHaveCount(1)
  await page.getByRole('button', { name: 'Take back' }).last().click()
  await expect(colours).toHaveCount(there + 1)
})

test('a browser that blocks site data says so in our own words, with a way out', async ({ page }) => {
  await page.addInitScript(() => {
    const blocked = (): never => {
      throw new DOMException('Access is denied for this document.', 'SecurityError')
    }
    Object.defineProperty(window, 'localStorage', { get: blocked, configurable: true })
    Object.defineProperty(window, 'indexedDB', { get: blocked, configurable: true })
  })
  await page.goto('/mine/line-up')
  await expect(page.getByRole('alert').first()).toContainText(/blocks site data|keeps no data/)
  await expect(page.getByRole('link', { name: /workshop|demo/i }).first()).toBeVisible()
})

test('a browser whose storage does not answer is told after a while', async ({ page }) => {
  await page.addInitScript(() => {
    indexedDB.databases = () => new Promise(() => undefined)
  })
  await page.goto('/mine/line-up')
  await expect(page.getByRole('main').getByRole('alert')).toContainText('has not answered for 5 seconds')
})

test('an address without a page is 404, in our own words, with a way out', async ({ page }) => {
  const refused: string[] = []
  page.on('console', (message) => {
    if (/content security policy/i.test(message.text())) refused.push(message.text())
  })
  const answer = await page.goto('/demo/nowhere')
  expect(answer?.status()).toBe(404)
  await expect(page.getByRole('heading', { name: 'There is no page at this address' })).toBeVisible()
  expect(refused).toEqual([])
  await page.getByRole('button', { name: 'Go to my workshop' }).click()
  await expect(page).toHaveURL(/\/mine\/line-up$/)
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible()
})

test('a server that is busy is asked for the demo again when it says', async ({ page }) => {
  let asked = 0
  await page.route('**/api/demo-workshop', (route) => {
    asked += 1
    return asked === 1
      ? route.fulfill({ status: 503, headers: { 'Retry-After': '1' }, body: '{}' })
      : route.continue()
  })
  await new Maker(page).open('log', 'demo')
  expect(asked).toBe(2)
})
