import type { Locator } from '@playwright/test'

/** Picks one of a list by its words, as a hand does: the list is opened, and the one is tapped. */
export async function choose(field: Locator, words: string | RegExp): Promise<void> {
  await field.click()
  await field.page().getByRole('option', { name: words, exact: true }).first().click()
}
