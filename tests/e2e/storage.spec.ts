import { expect, test, type Page } from '@playwright/test'
import { Maker } from './support/maker'

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
