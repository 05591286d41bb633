import { growing, months, stretches } from '../../../app/components/harvest/stretches'

describe('the year as a ribbon', () => {
  test('new year’s day is at its left end; a quarter of the days is a quarter of it', () => {
    expect(stretches({ day: 1, days: 365 })).toEqual([{ left: 0, width: 100 }])
    const [quarter] = stretches({ day: 92, days: 73 })
    expect(quarter!.left).toBeCloseTo((100 * 91) / 365, 9)
    expect(quarter!.width).toBeCloseTo(20, 9)
  })
  test('what goes over the new year is in two, together as long; nothing is longer than the year', () => {
    const both = stretches({ day: 330, days: 73 })
    expect(both).toHaveLength(2)
    expect(both[1]!.left).toBe(0)
    expect(both[0]!.width + both[1]!.width).toBeCloseTo(20, 9)
    expect(both[0]!.left + both[0]!.width).toBeCloseTo(100, 9)
    expect(stretches({ day: 1, days: 900 })).toEqual([{ left: 0, width: 100 }])
    expect(stretches({ day: 200, days: 900 }).reduce((sum, { width }) => sum + width, 0)).toBeCloseTo(100, 9)
  })
  test('from a sowing to the cut, over the new year too', () => {
    expect(growing({ day: 100, days: 30 }, { day: 240, days: 20 })).toEqual({ day: 100, days: 140 })
    expect(growing({ day: 300, days: 30 }, { day: 35, days: 20 })).toEqual({ day: 300, days: 100 })
  })
  test('twelve months fill the year', () => {
    expect(months.map(({ letter }) => letter).join('')).toBe('JFMAMJJASOND')
    // The first of July is the 182nd day of a common year.
    expect((months[6]!.left * 365) / 100).toBeCloseTo(181, 9)
  })
})
