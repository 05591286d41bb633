import { rowOf, textOf } from '../../../app/components/species/fields'
import { speciesById, speciesSchema, speciesTable } from '../../../core/plants'

describe('the species form', () => {
  test.each(speciesTable.map((row) => [row.id, row] as const))('%s comes back as it was', (_id, row) => {
    const { row: read, faults } = rowOf(row, textOf(row))
    expect(faults).toEqual({})
    const checked = speciesSchema.parse(JSON.parse(JSON.stringify(read)))
    // Colours are typed as sRGB and rounded; measures by age come back as one where all are the same.
    expect(checked.crownForm).toEqual(row.crownForm)
    expect(checked.clearStem).toEqual(row.clearStem)
    expect(checked.stems).toEqual(row.stems)
    expect(checked.crownBase).toEqual(row.crownBase)
    expect(checked.heightM).toEqual(row.heightM)
  })

  test('a clear stem is typed for each age; one that can’t be read names its field', () => {
    const text = textOf(speciesById('beech'))
    expect([0, 1, 2, 3].map((age) => text[`clearStem.${age}`])).toEqual(['16', '16', '16', '16'])
    const { row } = rowOf(speciesById('beech'), { ...text, 'clearStem.0': '2', 'crownForm.0': 'conical' })
    expect(row).toMatchObject({
      clearStem: [0.02, 0.16, 0.16, 0.16],
      crownForm: ['conical', 'rounded', 'rounded', 'rounded'],
    })
    expect(rowOf(speciesById('beech'), { ...text, 'clearStem.3': 'tall' }).faults).toEqual({
      'clearStem.3': 'read “tall”; allowed is a number',
    })
  })
})
