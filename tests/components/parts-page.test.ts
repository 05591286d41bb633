import { describe, expect, it } from '@jest/globals'
import { screen, waitFor } from '@testing-library/dom'
import axe from 'axe-core'
import PartsPage from '../../app/pages/parts.vue'
import { hand, press, show } from '../support/page'

/** What has no size and no colour here is seen to in the browser. */
async function findings(): Promise<string[]> {
  const { violations } = await axe.run(document.body, {
    rules: { 'color-contrast': { enabled: false }, region: { enabled: false } },
  })
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`)
}

describe('all parts in all their states', () => {
  it('are sound for those who hear them: as they stand, with faults, with a list and a question open', async () => {
    await show(PartsPage)
    expect(await findings()).toEqual([])
    await press('Keep')
    expect(screen.getByText('A name is needed.')).toBeTruthy()
    expect(await findings()).toEqual([])
    screen.getByLabelText('One of a list').click()
    await screen.findByRole('listbox')
    expect(await findings()).toEqual([])
    screen.getByLabelText('One of a list').click()
    await waitFor(() => expect(screen.queryByRole('listbox')).toBeNull())
    await press('What can be done')
    expect((await screen.findAllByRole('menuitem')).map((one) => one.textContent?.trim())).toEqual([
      'Ask',
      'Go home away',
    ])
    expect(await findings()).toEqual([])
    await hand.keyboard('{Escape}')
    await press('Ask')
    await screen.findByRole('dialog')
    expect(await findings()).toEqual([])
    expect(document.activeElement?.textContent?.trim()).toBe('It is dry')
  })
  it('ask before something is lost without a hand on the answer that loses it', async () => {
    await show(PartsPage)
    await press('Ask before something is lost')
    await screen.findByRole('dialog')
    expect(document.activeElement?.textContent?.trim()).toBe('Leave it')
  })
})
