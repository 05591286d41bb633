import { ages, addDays, crownFill, crownProfile, crownSideArea, crownForms, crownTopArea, dateOfDay, dayOfYear, formOf, lookOn, speciesById, speciesSchema, speciesTable } from '../../../core/plants'
import { fromHex, luminance, mix, toHex, tonesOf } from '../../../core/colour/srgb'

describe('the species table', () => {
  test.each(speciesTable.map((row) => [row.id, row] as const))('%s is a valid row', (_id, row) => {
    expect(speciesSchema.parse(row)).toEqual(row)
    expect([...row.heightM].sort((a, b) => a - b)).toEqual([...row.heightM])
    expect(new Set(row.heightM).size).toBe(4)
  })

  test('covers two conifers, five broadleaves, two shrubs and a tussock grass at least', () => {
    const count = (habit: string): number => speciesTable.filter((row) => row.habit === habit).length
    expect([count('conifer') >= 2, count('broadleaf') >= 5, count('shrub') >= 2, count('grass') >= 1]).toEqual([true, true, true, true])
    expect(new Set(speciesTable.map((row) => row.id)).size).toBe(speciesTable.length)
  })

  test('an unknown species names what there is', () => expect(() => speciesById('triffid')).toThrow(/triffid.*beech/))
})

describe('form', () => {
  const beech = speciesById('beech')

  test('an overwritten height carries the crown along, an overwritten crown stays', () => {
    const mature = formOf(beech, 'mature')
    const taller = formOf(beech, 'mature', { heightM: 30 })
    expect(taller.crownWidthM / taller.heightM).toBeCloseTo(mature.crownWidthM / mature.heightM)
    expect(formOf(beech, 'mature', { heightM: 30, crownWidthM: 9 }).crownWidthM).toBe(9)
    expect(() => formOf(beech, 'mature', { heightM: 0 })).toThrow(/height is 0 m/)
  })

  test('older plants are taller', () => {
    for (const row of speciesTable) expect(ages.map((age) => formOf(row, age).heightM)).toEqual([...row.heightM])
  })

  test.each([...crownForms])('the outline of a %s crown stays in its box and fills part of it', (form) => {
    let widest = 0
    for (let t = 0; t <= 1; t += 0.005) {
      const half = crownProfile(form, t)
      expect(half).toBeGreaterThanOrEqual(0)
      expect(half).toBeLessThanOrEqual(1.0001)
      widest = Math.max(widest, half)
    }
    expect(widest).toBeGreaterThan(0.93)
    expect(crownFill(form)).toBeGreaterThan(0.4)
    expect(crownFill(form)).toBeLessThan(0.95)
  })

  test('a mound is half an ellipse, and a crown from above is a circle', () => {
    expect(crownFill('mound')).toBeCloseTo(Math.PI / 4, 2)
    expect(crownSideArea('mound', 10, 4)).toBeCloseTo((Math.PI / 4) * 40, 1)
    expect(crownTopArea(2)).toBeCloseTo(Math.PI)
    expect(() => crownSideArea('mound', 0, 4)).toThrow(/crown width/)
  })
})

describe('the look of a day', () => {
  test('beech is bare in January, full in July and turning in mid October', () => {
    const beech = speciesById('beech')
    expect(lookOn(beech, '2026-01-16').leaf).toBeLessThan(0.1)
    expect(lookOn(beech, '2026-07-16').leaf).toBeGreaterThan(0.99)
    expect(lookOn(beech, '2026-10-16').words).toBe('turning')
  })

  test('never jumps from one day to the next, over the year’s end too', () => {
    for (const row of speciesTable) {
      for (let day = 0; day < 366; day += 1) {
        const date = addDays('2026-01-01', day)
        expect(Math.abs(lookOn(row, date).leaf - lookOn(row, addDays(date, 1)).leaf)).toBeLessThan(0.035)
      }
    }
  })

  test('days and dates', () => {
    expect(dayOfYear('2026-12-31')).toBe(365)
    expect(dayOfYear('2028-12-31')).toBe(366)
    expect(dateOfDay(2026, 277)).toBe('2026-10-04')
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01')
    expect(() => dayOfYear('4 October')).toThrow(/YYYY-MM-DD/)
    expect(() => dayOfYear('2026-13-40')).toThrow(RangeError)
  })
})

describe('colour', () => {
  test('the three tones are ordered by lightness', () => {
    for (const row of speciesTable) for (const month of row.months) {
      const { shade, base, light } = tonesOf(month.colour)
      expect(luminance(shade)).toBeLessThan(luminance(base))
      expect(luminance(base)).toBeLessThan(luminance(light))
    }
  })

  test('mixing is in linear light: black and white half and half is the middle grey of light, not of bytes', () => {
    expect(mix('#000000', '#ffffff', 0.5)).toBe('#bcbcbc')
    expect(mix('#123456', '#abcdef', 0)).toBe('#123456')
    expect(toHex([2, -1, 0.5])).toBe('#ff00bc')
    expect(() => fromHex('green')).toThrow('#RRGGBB')
    expect(() => mix('#000000', '#ffffff', 1.5)).toThrow('share')
  })
})
