import { createServer, request as ask, type IncomingHttpHeaders } from 'node:http'
import type { AddressInfo } from 'node:net'
import { expect, test, type Page } from '@playwright/test'
import { Maker } from './support/maker'
import { storedRows } from './support/stored'

/** A page of the same origin without the app, to reach its databases from outside. */
const beside = (page: Page) => page.goto('/manifest.webmanifest')
const alert = (page: Page) => page.getByRole('main').getByRole('alert')

test.describe('storage that fails is told and survived', () => {
  test('a browser that keeps no data for the page', async ({ page }) => {
    await page.addInitScript(() =>
      Object.defineProperty(globalThis, 'indexedDB', { value: undefined, configurable: true }),
    )
    await page.goto('/mine/line-up')
    await expect(alert(page)).toContainText('This workshop can’t be opened.')
    await expect(alert(page)).toContainText('keeps no data for the page')
  })

  test('a database of a newer version is left as it is', async ({ page }) => {
    await beside(page)
    await page.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const request = indexedDB.open('hardy-thicket:mine', 990)
          request.onupgradeneeded = () => request.result.createObjectStore('lines', { keyPath: 'id' })
          request.onsuccess = () => {
            request.result.close()
            resolve()
          }
          request.onerror = () => reject(request.error)
        }),
    )
    await page.goto('/mine/line-up')
    await expect(alert(page)).toContainText('last used by a newer version of the app. Nothing was changed.')
    await beside(page)
    const versions = await page.evaluate(async () =>
      (await indexedDB.databases()).map(({ name, version }) => [name, version]),
    )
    expect(versions).toContainEqual(['hardy-thicket:mine', 990])
  })

  test('a database that another tab deletes', async ({ page, context }) => {
    await new Maker(page).open('brief')
    const other = await context.newPage()
    await beside(other)
    await other.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const request = indexedDB.deleteDatabase('hardy-thicket:mine')
          request.onsuccess = () => resolve()
          request.onerror = () => reject(request.error)
        }),
    )
    await expect(alert(page)).toContainText('deleted from another tab')
    await page.reload()
    await expect(page.locator('#station h1').first()).toBeAttached()
  })

  test('storage that fills up in the middle of ending a batch: nothing is half written, and it can be ended later', async ({
    page,
  }) => {
    const foam = 'Ground foam, fine, autumn yellow'
    const maker = new Maker(page)
    await maker.open('stock', 'demo')
    const before = await maker.onHand(foam)
    await maker.go('Bench')
    await page.getByRole('link', { name: /Birch for the platform/ }).click()
    // The entry is written first, the books after it: there the room ends.
    await page.evaluate(() => {
      const { add, put } = IDBObjectStore.prototype
      const full = (write: typeof add) =>
        function (this: IDBObjectStore, ...row: [unknown, IDBValidKey?]) {
          if (this.name === 'movements' && !Reflect.get(globalThis, 'roomAgain'))
            throw new DOMException('Full.', 'QuotaExceededError')
          return Reflect.apply(write, this, row) as IDBRequest<IDBValidKey>
        }
      IDBObjectStore.prototype.add = full(add)
      IDBObjectStore.prototype.put = full(put)
    })
    await page.getByRole('button', { name: 'Abandon' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Why').fill('the can ran dry')
    await dialog.getByLabel(`Draw ${foam}`).fill('0.5')
    await dialog.getByRole('button', { name: 'Abandon batch' }).click()
    await expect(page.getByText('storage is full. Nothing was changed.').first()).toBeVisible()
    // What was typed is still there, and the batch is still open.
    await expect(dialog.getByLabel(`Draw ${foam}`)).toHaveValue(/^0\.5/)
    const entries = async (): Promise<number> =>
      (await storedRows<{ deed: { reason?: string } }>(page, 'events', 'demo')).filter(
        ({ deed }) => deed.reason === 'the can ran dry',
      ).length
    expect(await entries()).toBe(0)
    await page.evaluate(() => Reflect.set(globalThis, 'roomAgain', true))
    await dialog.getByRole('button', { name: 'Abandon batch' }).click()
    await expect(page.getByText('Abandoned: the can ran dry')).toBeVisible()
    expect(await entries()).toBe(1)
    await maker.go('Stock')
    expect(parseFloat(before) - parseFloat(await maker.onHand(foam))).toBeCloseTo(0.5, 5)
  })

  test('an upgrade that an old tab blocks is told, and goes on when that tab is closed', async ({
    page,
    context,
  }) => {
    const old = await context.newPage()
    await beside(old)
    await old.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const request = indexedDB.open('hardy-thicket:mine', 10)
          request.onupgradeneeded = () => {
            const store = (name: string, ...indexes: string[]): void => {
              const made = request.result.createObjectStore(name, { keyPath: 'id' })
              for (const index of indexes) made.createIndex(index, index)
            }
            store('settings')
            store('commissions')
            store('lines', 'commissionId')
            store('materials')
            store('lots', 'materialId')
            store('movements', 'lotId', 'batchId')
            store('batches', 'lineId')
            store('events', 'batchId')
          }
          // Kept open, as a tab of the old version does.
          request.onsuccess = () => {
            Object.assign(globalThis, { kept: request.result })
            resolve()
          }
          request.onerror = () => reject(request.error)
        }),
    )
    await page.goto('/mine/brief')
    await expect(page.getByText('Another tab has this workshop open in an older version')).toBeVisible()
    await old.close()
    await expect(page.locator('#station h1').first()).toBeAttached()
  })
})

/**
 * The server behind a door that hands out another service worker when it is told to, as a new version of the
 * app does.
 */
async function behindADoor(target: string) {
  let next = false
  const door = createServer((request, response) => {
    const to = new URL(request.url ?? '/', target)
    const changed = next && to.pathname === '/sw.js'
    // The changed file is asked for whole, and goes out without the length of the one before.
    const without = (headers: IncomingHttpHeaders, ...names: string[]): IncomingHttpHeaders =>
      Object.fromEntries(Object.entries(headers).filter(([name]) => !changed || !names.includes(name)))
    request.pipe(
      ask(
        to,
        {
          method: request.method,
          headers: without(request.headers, 'if-none-match', 'if-modified-since'),
        },
        (answer) => {
          response.writeHead(answer.statusCode ?? 502, without(answer.headers, 'content-length', 'etag'))
          if (changed) answer.on('end', () => response.end('\n// the next version'))
          answer.pipe(response, { end: !changed })
        },
      ),
    )
  })
  await new Promise<void>((resolve) => door.listen(0, resolve))
  return {
    url: `http://localhost:${(door.address() as AddressInfo).port}`,
    bringNext: () => {
      next = true
    },
    close: () => {
      door.closeAllConnections()
      door.close()
    },
  }
}

test.describe('the service worker', () => {
  test.use({ serviceWorkers: 'allow' })

  test('a new version of the app waits until the maker takes it', async ({ page, baseURL }) => {
    const door = await behindADoor(baseURL!)
    try {
      await page.goto(`${door.url}/demo/bench`)
      await page.evaluate(() => navigator.serviceWorker.ready)
      await page.reload()
      const notice = page.getByText('A new version of the app is ready.')
      await expect(page.getByRole('button', { name: 'Abandon' })).toBeVisible()
      await expect(notice).toBeHidden()
      const controller = () => page.evaluate(() => navigator.serviceWorker.controller?.state)
      expect(await controller()).toBe('activated')
      await page.evaluate(() => Object.assign(globalThis, { sameLife: true }))
      door.bringNext()
      await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update())
      await expect(notice).toBeVisible()
      // Work goes on meanwhile; the page is not taken away.
      await page.getByRole('button', { name: 'Pause' }).click()
      await expect(page.getByText('Paused. Waits go on drying.')).toBeVisible()
      await page.getByRole('button', { name: 'Later' }).click()
      await expect(notice).toBeHidden()
      expect(await page.evaluate(() => Reflect.get(globalThis, 'sameLife'))).toBe(true)
      const waiting = () =>
        page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.waiting?.state)
      expect(await waiting()).toBe('installed')
      // It is offered again when the page is opened anew, and taken by a press.
      await page.reload()
      await expect(notice).toBeVisible()
      await page.getByRole('button', { name: 'Take it now (reloads the page)' }).click()
      await expect.poll(async () => waiting().catch(() => 'reloading')).toBeUndefined()
      await expect(page.getByText('Paused. Waits go on drying.')).toBeVisible()
      await expect(notice).toBeHidden()
    } finally {
      door.close()
    }
  })
})

test.describe('trays and own figures', () => {
  test('pieces are planted from their tray, and no more than lie there', async ({ page }) => {
    await new Maker(page).open('log', 'demo')
    await page.getByRole('button', { name: 'Move the 15 to be planted on Tray 5' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('How many').fill('16')
    await dialog.getByRole('button', { name: 'Move', exact: true }).click()
    await expect(dialog).toContainText('Only 15 pieces are to be planted; 16 were to be moved.')
    await dialog.getByLabel('How many').fill('4')
    await dialog.getByRole('button', { name: 'Move', exact: true }).click()
    await expect(page.getByRole('button', { name: 'Move the 11 to be planted on Tray 5' })).toBeVisible()
    await expect(page.getByRole('button', { name: 'Move the 4 planted on Tray 5' })).toBeVisible()
  })

  test('a coefficient is set to one’s own where a figure shows it, and taken back', async ({ page }) => {
    await new Maker(page).open('make-up', 'demo')
    const figure = page.getByRole('button', { name: /^Foliage, one piece: / })
    const ours = await figure.getAttribute('aria-label')
    await figure.click()
    const row = page.getByRole('row', { name: /^sticks, of what is thrown/ })
    await row.getByRole('button', { name: 'set' }).click()
    await page.getByLabel(/, yours$/).fill('0.3')
    await page.getByRole('button', { name: 'Set', exact: true }).click()
    await expect(figure).not.toHaveAttribute('aria-label', ours ?? '')
    await expect(row).toContainText('0.3')
    await row.getByRole('button', { name: 'take back' }).click()
    await expect(figure).toHaveAttribute('aria-label', ours ?? '')
  })
})
