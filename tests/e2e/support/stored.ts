import type { Page } from '@playwright/test'

/** The rows of a table as this browser has stored them: what a reload would find. */
export function storedRows<T>(page: Page, table: string, workshop = 'mine'): Promise<T[]> {
  return page.evaluate(
    ([name, key]) =>
      new Promise<unknown[]>((resolve, reject) => {
        const opening = indexedDB.open(`hardy-thicket:${key}`)
        opening.onerror = () => reject(opening.error ?? new Error('it does not open'))
        opening.onsuccess = () => {
          const all = opening.result.transaction(name).objectStore(name).getAll()
          all.onsuccess = () => {
            opening.result.close()
            resolve(all.result)
          }
        }
      }),
    [table, workshop] as const,
  ) as Promise<T[]>
}
