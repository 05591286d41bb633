import { describe, expect, it } from '@jest/globals'
import { screen, waitFor } from '@testing-library/dom'
import SelectField from '../../app/parts/SelectField.vue'
import { hand, pick, show } from '../support/page'

const zones = [
  { value: 'front', words: 'at the front' },
  { value: 'middle', words: 'in the middle' },
  { value: 'back', words: 'at the back', disabled: true },
]
/** A list as its page has it: what is chosen is handed down again. */
async function zone(over: Record<string, unknown> = {}): Promise<() => unknown> {
  let value: unknown = 'front'
  const wrapper = await show(SelectField, {
    label: 'Zone',
    options: zones,
    modelValue: value,
    'onUpdate:modelValue': (now: unknown) => {
      value = now
      void wrapper.setProps({ modelValue: now })
    },
    ...over,
  })
  return () => value
}
const field = (): HTMLElement => screen.getByLabelText('Zone')
const gone = (): Promise<void> => waitFor(() => expect(screen.queryByRole('listbox')).toBeNull())
const opened = (): Promise<void> =>
  waitFor(() => expect(document.activeElement?.getAttribute('role')).toBe('listbox'))

describe('one of a list', () => {
  it('shows the words of what is chosen, and is read out with its label', async () => {
    await zone()
    expect(screen.getByRole('button', { name: 'Zone at the front' })).toBe(field())
  })
  it('is opened by a tap, and what is tapped is chosen', async () => {
    const chosen = await zone()
    await pick('Zone', 'in the middle')
    expect(chosen()).toBe('middle')
    expect(field().textContent?.trim()).toBe('in the middle')
    await gone()
  })
  it('stands in the place that holds floats, so that nothing that scrolls cuts it', async () => {
    await zone()
    await hand.click(field())
    const list = await screen.findByRole('listbox')
    expect(list.parentElement?.dataset.floats).toBe('')
    expect(list.style.position).toBe('fixed')
  })
  it('is gone through with the arrows, past what can’t be chosen; Escape leaves it as it was', async () => {
    const chosen = await zone()
    field().focus()
    await hand.keyboard('{ArrowDown}')
    await opened()
    await hand.keyboard('{ArrowDown}{Escape}')
    await gone()
    expect(chosen()).toBe('front')
    await hand.keyboard('{ArrowDown}')
    await opened()
    await hand.keyboard('{End}{Enter}')
    await gone()
    expect(chosen()).toBe('middle')
  })
  it('is found by its first letters', async () => {
    const chosen = await zone()
    field().focus()
    await hand.keyboard('{ArrowDown}')
    await opened()
    await hand.keyboard('in{Enter}')
    await gone()
    expect(chosen()).toBe('middle')
  })
  it('says what is wrong beneath, and what stands there while nothing is chosen', async () => {
    await zone({ fault: 'Choose one.', modelValue: 'nowhere', empty: 'where it stands' })
    expect(field().textContent?.trim()).toBe('where it stands')
    expect(field().getAttribute('aria-invalid')).toBe('true')
    expect(screen.getByText('Choose one.')).toBeTruthy()
  })
  it('can’t be opened while it is not to be changed', async () => {
    await zone({ disabled: true })
    await hand.click(field())
    await gone()
  })
})
