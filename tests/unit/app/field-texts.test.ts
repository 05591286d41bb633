import { effectScope, nextTick, shallowRef } from 'vue'
import { useFieldTexts } from '../../../app/composables/field-texts'

interface Row {
  readonly id: string
  readonly height: string
  readonly name: string
}
function fields() {
  const row = shallowRef<Row>({ id: 'a', height: '6 m', name: 'Beech' })
  const { text, fault, left } = effectScope().run(() =>
    useFieldTexts(
      () => row.value.id,
      () => ({ height: row.value.height, name: row.value.name }),
    ),
  )!
  const store = async (change: Partial<Row>): Promise<void> => {
    row.value = { ...row.value, ...change }
    await nextTick()
  }
  return { text, fault, left, store }
}

describe('texts of fields over a stored record', () => {
  test('follow what is stored, and are written out as stored when left', async () => {
    const { text, left, store } = fields()
    expect(text).toEqual({ height: '6 m', name: 'Beech' })
    text.height = '700 cm'
    left('height')
    await store({ height: '7 m' })
    expect(text.height).toBe('7 m')
    text.height = '7.0m'
    left('height')
    await store({ height: '7 m' })
    expect(text.height).toBe('7 m')
  })

  test('what is being typed is not touched by changes that arrive meanwhile, be they of this field or another', async () => {
    const { text, left, store } = fields()
    text.height = '7 m'
    left('height')
    text.height = '8'
    text.name = 'Bee'
    await store({ height: '7 m' })
    await store({ name: 'Oak' })
    expect(text).toEqual({ height: '8', name: 'Bee' })
  })

  test('what can’t be read stays with its fault until it is put right; another record is shown afresh', async () => {
    const { text, fault, left, store } = fields()
    text.height = 'very'
    left('height')
    fault.height = 'not a length'
    await store({ name: 'Oak', height: '9 m' })
    expect([text.height, fault.height, text.name]).toEqual(['very', 'not a length', 'Oak'])
    text.height = '5 m'
    left('height')
    await store({ height: '5 m' })
    expect([text.height, fault.height]).toEqual(['5 m', ''])
    text.height = 'nonsense'
    fault.height = 'not a length'
    await store({ id: 'b', height: '3 m', name: 'Elm' })
    expect([text.height, fault.height, text.name]).toEqual(['3 m', '', 'Elm'])
  })
})
