import { expect, type Locator, type Page } from '@playwright/test'
import { buildDemo } from '../../../server/demo/build'
import { Maker } from './maker'

// The demo as of one Friday at four: what it holds, and what the page's clock says, is the same in every run.
export const FRIDAY = new Date('2026-11-27T16:00:00Z')

export async function friday(page: Page): Promise<Maker> {
  await page.clock.setFixedTime(FRIDAY)
  await page.route('**/api/demo-workshop', (route) => route.fulfill({ json: buildDemo(FRIDAY.getTime()) }))
  const maker = new Maker(page)
  await maker.open('calendar', 'demo')
  await expect(page.locator('.work').first()).toBeVisible()
  return maker
}
export const work = (page: Page, name: RegExp): Locator => page.getByRole('button', { name })
export const main = (page: Page): Locator => page.locator('#station')
export const card = (page: Page): Locator => page.getByRole('region', { name: 'The step that is picked' })

export async function kept(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await expect(page.getByText('Kept. It stays so')).toBeVisible()
  await expect(page.getByRole('region', { name: 'What the plan changes' })).toBeHidden()
}
