import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import ical from 'node-ical'
import { buildDemo } from '../../server/demo/build'
import { FRIDAY, friday, kept, work } from './support/friday'
import { Maker } from './support/maker'
import { choose } from './support/choose'

test('a rush order is promised, planned and laid beside the rest', async ({ page }) => {
  await friday(page)
  await kept(page)
  await page.getByRole('button', { name: 'Can I have…?' }).click()
  const dialog = page.getByRole('dialog')
  await choose(dialog.getByLabel(/^Of /), /^Hazel/)
  await dialog.getByLabel('How many').fill('0')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(dialog.getByText(/How many: read “0”/)).toBeVisible()
  // More than the pegs hold at once, and more than half a year's sessions: sizes that find a place, or why none does.
  await choose(dialog.getByLabel(/^Of /), /./)
  const answer = dialog.getByRole('region', { name: 'Answer' })
  await dialog.getByLabel('How many').fill('300')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(answer).toContainText(
    /1 batch of 327 begun would find no place\. Soak, peg to the line: it wants/,
  )
  await expect(answer).toContainText(/48 batches of 6 to 7 each begun/)
  await dialog.getByLabel('How many').fill('10000')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(answer).toContainText('it takes more hands than all sessions of half a year have')
  // A hedge is asked for by its length.
  await choose(dialog.getByLabel(/^Of /), /^Field hedge/)
  await expect(dialog.getByLabel('How long')).toHaveValue('1.16 m')
  await dialog.getByLabel('How long').fill('1 kg')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(dialog.getByText(/1 kg/)).toBeVisible()
  await expect(answer).toBeHidden()
  await dialog.getByLabel('How long').fill('60 cm')
  await dialog.getByRole('button', { name: 'Ask' }).click()
  await expect(answer).toContainText(/1 batch of [34] begun/)
  await choose(dialog.getByLabel(/^Of /), /^Hazel/)
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
    read.onsuccess = () => store.put({ ...(read.result as object), have: 20 })
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
    'it wants 48 pegs, and there are 20: 2 of its 6 pieces at once at most',
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
