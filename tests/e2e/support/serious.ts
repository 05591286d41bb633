import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'

/** What axe finds that is serious or critical, as text. */
export async function serious(page: Page): Promise<string[]> {
  // Only what is wrong is worked out to the last node; there are no frames to be asked in a page of their own.
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode()
  const { violations } = await axe.analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ target, failureSummary }) => `${target.join(' ')} ${failureSummary?.split('\n')[1] ?? ''}`)
          .slice(0, 4)
          .join(' | ')}`,
    )
}
