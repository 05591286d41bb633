import { describe, expect, it } from '@jest/globals'
import { screen, waitFor } from '@testing-library/dom'
import { defineComponent, h } from 'vue'
import { z } from 'zod'
import { plainChoices } from '../../app/parts/fields/choice'
import { choice, hidable, maybe, money, number, oneOf, tick, words } from '../../app/parts/fields/field'
import FieldsForm from '../../app/parts/fields/FieldsForm.vue'
import { useFields } from '../../app/parts/fields/use-fields'
import { hand, pick, press, show, type } from '../support/page'

const table = {
  name: words({ label: 'Name' }, 'A name is needed.'),
  from: oneOf(plainChoices(['bought', 'harvested'] as const), { label: 'Where from', start: 'bought' }),
  place: hidable(words({ label: 'Place' })),
  price: maybe(money({ label: 'Price', start: 200 })),
  packs: number({ name: 'Packs', schema: z.number().int().min(1).max(9) }, { start: 1 }),
  shelf: choice(plainChoices(['left', 'right'] as const), { label: 'Shelf', start: 'left' }),
  dry: tick({ label: 'It is dry' }),
}
type Sent = Record<string, unknown>
/** The form, what it has sent so far, and what the next sending is answered with. */
async function form(answer: () => Promise<{ kind: string }> = () => Promise.resolve({ kind: 'ok' })) {
  const sent: Sent[] = []
  const host = defineComponent(() => {
    const own = useFields(table, {
      check: ({ packs = 0, price }) =>
        packs > 5 && price === undefined ? { price: 'Say what so many cost.' } : {},
      send: (values) => {
        sent.push(values)
        return answer()
      },
      look: ({ from }) => ({ place: { hidden: from !== 'harvested' } }),
    })
    return () => h(FieldsForm, { form: own, act: 'Take in' })
  })
  await show(host)
  return sent
}
const fieldOf = (label: string): HTMLInputElement => screen.getByLabelText(label)

describe('a form of fields', () => {
  it('sends what its fields mean, without what is hidden or left empty', async () => {
    const sent = await form()
    await type('Name', 'Old jar')
    await type('Price', '')
    await pick('Shelf', 'right')
    await hand.click(screen.getByLabelText('It is dry'))
    await press('Take in')
    expect(sent).toEqual([{ name: 'Old jar', from: 'bought', packs: 1, shelf: 'right', dry: true }])
  })
  it('asks for what another answer makes needed', async () => {
    const sent = await form()
    expect(screen.queryByLabelText('Place')).toBeNull()
    await type('Name', 'Stems')
    await hand.click(screen.getByText('harvested'))
    await press('Take in')
    expect(sent).toEqual([])
    expect(document.activeElement).toBe(fieldOf('Place'))
    await type('Place', 'the lane')
    await press('Take in')
    expect(sent[0]).toMatchObject({ from: 'harvested', place: 'the lane', price: 200 })
  })
  it('says nothing before it is sent; then what is wrong, under its field, and the hand is on the first', async () => {
    const sent = await form()
    await type('Packs', '12')
    expect(screen.queryByText(/read “12”/)).toBeNull()
    await press('Take in')
    expect(sent).toEqual([])
    expect(screen.getByText('A name is needed.')).toBeTruthy()
    expect(screen.getByText('Packs: read “12”; allowed is a whole number from 1 to 9.')).toBeTruthy()
    expect(document.activeElement).toBe(fieldOf('Name'))
    expect(fieldOf('Packs').value).toBe('12')
    // From now on what is said follows what is typed.
    await type('Packs', '2')
    await waitFor(() => expect(screen.queryByText(/read “12”/)).toBeNull())
    expect(screen.getByText('A name is needed.')).toBeTruthy()
  })
  it('looks at the whole, of what could be read', async () => {
    const sent = await form()
    await type('Packs', '6')
    await type('Price', '')
    await press('Take in')
    expect(sent).toEqual([])
    expect(screen.getByText('A name is needed.')).toBeTruthy()
    expect(screen.getByText('Say what so many cost.')).toBeTruthy()
    await type('Name', 'Six')
    await type('Price', '3')
    await press('Take in')
    expect(sent).toHaveLength(1)
  })
  it('keeps what was typed when it could not be taken, and begins anew when it was', async () => {
    let kind = 'none'
    await form(() => Promise.resolve({ kind }))
    await type('Name', 'Twice')
    await press('Take in')
    expect(fieldOf('Name').value).toBe('Twice')
    kind = 'ok'
    await press('Take in')
    await waitFor(() => expect(fieldOf('Name').value).toBe(''))
  })
  it('is sent once, however often its button is tapped meanwhile', async () => {
    let done = (): void => undefined
    const sent = await form(() => new Promise((resolve) => (done = () => resolve({ kind: 'ok' }))))
    await type('Name', 'Once')
    await press('Take in')
    const button = screen.getByRole('button', { name: 'Take in' }) as HTMLButtonElement
    await waitFor(() => expect(button.disabled).toBe(true))
    button.form?.requestSubmit()
    button.form?.requestSubmit()
    done()
    await waitFor(() => expect(button.disabled).toBe(false))
    expect(sent).toHaveLength(1)
  })
  it('is sent by Enter in a field', async () => {
    const sent = await form()
    await type('Name', 'By key')
    fieldOf('Name').focus()
    await hand.keyboard('{Enter}')
    await waitFor(() => expect(sent).toHaveLength(1))
  })
})
