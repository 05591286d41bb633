import type { Page } from '@playwright/test'

/** Looks in a row at which the drawings must be the same. */
const LOOKS = 4

/** Waits until no plant is being grown or painted, something is drawn, and no drawing changes any more. */
export async function still(page: Page): Promise<void> {
  await page.waitForFunction(
    () =>
      !document.body.innerText.includes('Growing ') && !document.querySelector('canvas[aria-busy="true"]'),
  )
  await page.evaluate(() => delete (window as { looked?: unknown }).looked)
  await page.waitForFunction(
    (looks) => {
      const seen = [...document.querySelectorAll('canvas')].map((canvas) => {
        const context = canvas.width > 0 && canvas.getContext('2d')
        if (!context) return 0
        const { data } = context.getImageData(0, 0, canvas.width, canvas.height)
        let sum = 0
        for (let i = 0; i < data.length; i += 52)
          sum = (sum * 31 + (data[i] ?? 0) + (data[i + 3] ?? 0)) % 2147483647
        return sum
      })
      const kept = window as { looked?: { readonly key: string; readonly times: number } }
      const key = seen.join()
      kept.looked = { key, times: kept.looked?.key === key ? kept.looked.times + 1 : 0 }
      return seen.some((sum) => sum > 0) && kept.looked.times >= looks
    },
    LOOKS,
    { polling: 120 },
  )
}
