import { expect, test, type APIRequestContext, type APIResponse } from '@playwright/test'
import type { WorkshopDocument } from '../../core/workshop'
import { Maker } from './support/maker'
import { readPdf } from './support/pdf'

test.use({ serviceWorkers: 'allow' })

/**
 * A kept-alive connection may just have been closed by the server; then the request is sent again. So it is where other
 * tests load the machine and the server says that it is busy.
 */
async function print(request: APIRequestContext, data: unknown): Promise<APIResponse> {
  let answer: APIResponse | undefined
  await expect
    .poll(
      async () => {
        answer = await request.post('/api/batch-card', { data, maxRetries: 3 })
        return answer.status()
      },
      { timeout: 60_000 },
    )
    .not.toBe(503)
  if (!answer) throw new Error('no answer')
  return answer
}

async function order(request: APIRequestContext, lineId: string, paper: 'A4' | 'Letter') {
  const demo = (await (await request.get('/api/demo-workshop', { maxRetries: 3 })).json()) as WorkshopDocument
  const line = demo.lines.find(({ id }) => id === lineId)!
  return {
    paper,
    units: 'metric',
    workshop: demo.settings.name,
    commission: demo.commissions.find(({ id }) => id === line.commissionId)!,
    line,
    started: 12,
    context: { dryingFactor: 1 },
    materials: demo.materials.slice(0, 200),
  }
}

/** The whole of a PDF: its pages, all its text, and the lengths of level lines in mm. */
async function read(bytes: Buffer) {
  const pages = await readPdf(bytes)
  return {
    pages,
    text: pages.map(({ text }) => text).join(' '),
    levels: pages.flatMap(({ linesMm }) => linesMm.map(({ length }) => length)),
  }
}

test.describe('the printed card', () => {
  for (const [paper, width, height] of [
    ['A4', 210, 297],
    ['Letter', 215.9, 279.4],
  ] as const) {
    test(`on ${paper} is a true PDF with a bar of 50 mm, the plant at 1:1, amounts, steps and cautions`, async ({
      request,
    }) => {
      const response = await print(request, await order(request, 'kh-rowan', paper))
      expect(response.headers()['content-type']).toBe('application/pdf')
      const { pages, text, levels } = await read(await response.body())
      expect(pages[0]!.widthMm).toBeCloseTo(width, 0)
      expect(pages[0]!.heightMm).toBeCloseTo(height, 0)
      expect(levels.filter((length) => Math.abs(length - 50) < 0.01)).toHaveLength(1)
      for (const words of [
        'Rowan',
        'True size, 1:1',
        '95 mm',
        'Matte medium',
        'Water',
        'Hairspray the crown, sprinkle',
        'Ventilate well',
        'This bar must measure 50 mm',
      ])
        expect(text).toContain(words)
    })
  }

  test('names in any script print and read back, from right to left as well', async ({ request }) => {
    const { line, commission, ...rest } = await order(request, 'kh-rowan', 'A4')
    const names = ['山毛榉树篱', '너도밤나무', 'Берёза', 'Ἐλαία', 'ต้นไม้ใหญ่', '🌳🌲', 'ᏣᎳᎩ', 'Łąka']
    for (const name of names) {
      const { text } = await read(
        await (await print(request, { ...rest, commission, line: { ...line, name } })).body(),
      )
      expect(text.replaceAll(' ', '')).toContain(name.replaceAll(' ', ''))
    }
    const turned = await read(
      await (
        await print(request, {
          ...rest,
          commission: { ...commission, name: 'תחנת היער' },
          line: { ...line, name: 'ערער גדול 12' },
        })
      ).body(),
    )
    const placeOf = (word: string): number =>
      turned.pages[0]!.items.find(({ text }) => text.includes(word))!.xMm
    // The reader puts what stands from right to left back into reading order.
    for (const word of ['ערער', 'גדול', 'תחנת', 'היער']) expect(turned.text).toContain(word)
    expect(placeOf('12')).toBeLessThan(placeOf('גדול'))
    expect(placeOf('גדול')).toBeLessThan(placeOf('ערער'))
    expect(placeOf('היער')).toBeLessThan(placeOf('תחנת'))
    expect(placeOf('תחנת')).toBeLessThan(placeOf('1:87.1'))
  })

  test('a plant too tall for a column has a page of its own; one too tall for the paper says its part', async ({
    request,
  }) => {
    const tall = await order(request, 'kh-beech', 'A4')
    const own = await read(await (await print(request, tall)).body())
    expect(own.pages.length).toBeGreaterThanOrEqual(2)
    expect(own.text).toContain('True size, 1:1')
    const giant = await read(
      await (await print(request, { ...tall, commission: { ...tall.commission, ratio: 22.5 } })).body(),
    )
    expect(giant.text).toContain('Too large for this paper')
  })

  test('wrong orders are answered with problem documents that name the field', async ({ request }) => {
    const good = await order(request, 'kh-rowan', 'A4')
    const post = (data: unknown, headers: Record<string, string> = {}) =>
      request.post('/api/batch-card', { data: data as object, headers, maxRetries: 3 })
    const check = async (
      response: Awaited<ReturnType<typeof post>>,
      status: number,
      words: RegExp,
    ): Promise<void> => {
      expect(response.status()).toBe(status)
      expect(response.headers()['content-type']).toContain('application/problem+json')
      const body = (await response.json()) as { title: string; status: number; detail: string }
      expect(body.status).toBe(status)
      expect(`${body.title} ${body.detail}`).toMatch(words)
    }
    await check(await post({ ...good, started: 0 }), 422, /\/started/)
    await check(await post({ ...good, paper: 'A0' }), 422, /\/paper/)
    await check(
      await post({ ...good, line: { ...good.line, methodId: 'magic' } }),
      422,
      /\/line\/methodId: is no method known here/,
    )
    await check(await post({ ...good, materials: [good.materials[0]] }), 422, /No material for/)
    await check(await post({ ...good, extra: 'x'.repeat(100_000) }), 413, /at most 64 kB/)
    await check(
      await post(Buffer.from('{"broken'), { 'content-type': 'application/json' }),
      400,
      /could not be read as JSON/,
    )
    await check(await post(Buffer.from('hello'), { 'content-type': 'text/plain' }), 415, /application\/json/)
    await check(await request.get('/api/batch-card'), 405, /takes POST only/)
    await check(await request.get('/api/elsewhere'), 404, /GET \/api\/elsewhere/)
  })
})

test('security headers: no foreign origin, no inline script but the framework’s own by hash', async ({
  page,
  request,
}) => {
  const headers = (await request.get('/mine/line-up')).headers()
  const policy = headers['content-security-policy'] ?? ''
  expect(policy).toContain("default-src 'self'")
  expect(
    /script-src ([^;]*)/
      .exec(policy)?.[1]
      ?.split(' ')
      .every((source) => source === "'self'" || source.startsWith("'sha256-")),
  ).toBe(true)
  expect(policy).not.toMatch(/https?:/)
  expect(headers['x-content-type-options']).toBe('nosniff')
  expect(headers['referrer-policy']).toBe('no-referrer')
  const faults: string[] = []
  const foreign: string[] = []
  page.on('console', (message) => {
    if (message.type() === 'error') faults.push(message.text())
  })
  page.on('request', (sent) => {
    if (!/^(http:\/\/localhost|data:|blob:)/.test(sent.url())) foreign.push(sent.url())
  })
  await page.goto('/demo/line-up')
  await expect(page.getByRole('row', { name: /Beech, old/ })).toBeVisible()
  await page.goto('/demo/log')
  await expect(page.locator('figure svg')).toBeVisible()
  expect(faults).toEqual([])
  expect(foreign).toEqual([])
})

test('works without a connection once loaded; only the card needs the server, and says so', async ({
  context,
  page,
}) => {
  await page.goto('/demo/line-up')
  await expect(page.getByRole('row', { name: /Beech, old/ })).toBeVisible()
  await page.evaluate(() => navigator.serviceWorker.ready)
  await context.setOffline(true)
  for (const [station, heading] of [
    ['Brief', 'Brief'],
    ['Stock', 'Stock'],
    ['Log', 'Log'],
    ['Workshop', 'Workshop'],
    ['Make-up', 'Beech, old'],
  ] as const) {
    await new Maker(page).go(station)
    await expect(page.locator('#station h1').first()).toHaveText(heading)
  }
  await page.getByRole('button', { name: 'Print card' }).click()
  await expect(page.getByRole('alert')).toContainText('can’t be reached just now')
  await page.reload()
  await expect(page.locator('#station h1').first()).toHaveText('Beech, old')
})

test('without a connection every station opens by its address, after one visit to any of them', async ({
  context,
  page,
}) => {
  await page.goto('/demo/log')
  await expect(page.locator('#station h1').first()).toHaveText('Log')
  await page.evaluate(() => navigator.serviceWorker.ready)
  await context.setOffline(true)
  const links = page.getByRole('navigation', { name: 'Stations' }).getByRole('link')
  const addresses = await links.evaluateAll((list) => list.map((link) => link.getAttribute('href') ?? ''))
  expect(addresses.length).toBeGreaterThanOrEqual(9)
  for (const address of addresses) {
    await page.goto(address)
    await expect(page.locator('#station h1').first()).toBeAttached()
    await expect(page.getByRole('main').getByRole('alert')).toHaveCount(0)
  }
})
