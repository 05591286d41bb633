import { z } from 'zod'
import { choicesOf } from '../../../app/parts/fields/choice'
import {
  choice,
  day,
  maybe,
  money,
  note,
  number,
  own,
  picked,
  quantity,
  tick,
  words,
  type Field,
} from '../../../app/parts/fields/field'

const read = <V>(field: Field<V>, typed: string): V => {
  const reading = field.read(typed, {})
  if (reading.kind === 'none') throw new Error(reading.because)
  return reading.value
}
const days = { name: 'Days', schema: z.number().int().min(0).max(365) }

describe('a field of a form', () => {
  it('begins with what is stored, as it is read', () => {
    expect(money({ label: 'Price', start: 1250 }).start).toBe('12.50')
    expect(quantity('g', { label: 'Pack', start: 40 }).start).toBe('40 g')
    expect(number(days, { start: 5 }).start).toBe('5')
    expect(tick({ label: 'Listed', start: true }).start).toBe('yes')
    expect(money({ label: 'Price' }).start).toBe('')
  })
  it('reads what people type, in any usual way', () => {
    expect(read(money({ label: 'Price' }), '€ 12,50')).toBe(1250)
    expect(read(quantity('g', { label: 'Pack' }), '1.2 kg')).toBe(1200)
    expect(read(words({ label: 'Name' }), '  Old mill ')).toBe('Old mill')
    expect(read(tick({ label: 'Listed' }), '')).toBe(false)
  })
  it('keeps a number to the bounds of its schema, and names them', () => {
    expect(read(number(days), '365')).toBe(365)
    expect(() => read(number(days), '366')).toThrow(
      'Days: read “366”; allowed is a whole number from 0 to 365.',
    )
    expect(() => read(number(days), '2.5')).toThrow('allowed is a whole number')
  })
  it('may be left empty where that means something', () => {
    expect(read(maybe(money({ label: 'Postage' }), 0), ' ')).toBe(0)
    expect(read(maybe(number(days)), '')).toBeUndefined()
    expect(read(note(), '')).toBeUndefined()
    expect(() => read(maybe(number(days)), 'soon')).toThrow('read “soon”')
    expect(() => read(words({ label: 'Name' }, 'A name is needed.'), '  ')).toThrow('A name is needed.')
    expect(() => read(day({ label: 'Day' }), '')).toThrow('Pick a day.')
  })
  it('says in its label which unit it counts in, and reads packs', () => {
    const wire = quantity('mm', { label: 'How much' }, { pack: 10_000 })
    expect(wire.label).toBe('How much, millimetres')
    expect(read(wire, '2 packs')).toBe(20_000)
  })
  it('takes nothing that is not on its list', () => {
    const zone = choice(choicesOf({ front: 'at the front', back: 'at the back' }), { label: 'Zone' })
    expect(zone.choices?.map(({ words }) => words)).toEqual(['at the front', 'at the back'])
    expect(read(zone, 'back')).toBe('back')
    expect(() => read(zone, 'beside')).toThrow('Choose one.')
    expect(() => read(picked({ label: 'Line' }), '')).toThrow('Choose one.')
  })
  it('may be drawn by the form itself: it holds no text', () => {
    expect(read(own('Loans'), 'whatever')).toBeUndefined()
  })
})
