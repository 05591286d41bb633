import { arcPath, months, pointAt, ringRadius, SIZE } from '../../../app/components/harvest/wheel'

const middle = SIZE / 2

describe('the year as a wheel', () => {
  test('new year’s day is at the top, and the year runs clockwise', () => {
    expect(pointAt(0, 100)).toEqual({ x: middle, y: middle - 100 })
    expect(pointAt(0.25, 100)).toEqual({ x: middle + 100, y: middle })
    expect(pointAt(0.5, 100)).toEqual({ x: middle, y: middle + 100 })
    expect(pointAt(1.75, 100)).toEqual({ x: middle - 100, y: middle })
  })

  test('an arc goes the long way round where it lasts more than half a year, also over the new year', () => {
    expect(arcPath(100, 0, 0.25)).toBe(`M${middle},${middle - 100}A100,100 0 0 1 ${middle + 100},${middle}`)
    expect(arcPath(100, 0, 0.75)).toBe(`M${middle},${middle - 100}A100,100 0 1 1 ${middle - 100},${middle}`)
    expect(arcPath(100, 0.75, 0.5)).toBe(`M${middle - 100},${middle}A100,100 0 0 1 ${middle + 100},${middle}`)
  })

  test('words in the lower half run the other way, so that they stand upright', () => {
    const [start, end] = [pointAt(0.4, 100), pointAt(0.6, 100)]
    expect(arcPath(100, 0.4, 0.2, true)).toBe(`M${end.x},${end.y}A100,100 0 0 0 ${start.x},${start.y}`)
    expect(arcPath(100, 0.9, 0.2, true)).toBe(arcPath(100, 0.9, 0.2))
  })

  test('twelve months fill the year, and ten rings stay within the wheel', () => {
    expect(months).toHaveLength(12)
    expect(months.map(({ letter }) => letter).join('')).toBe('JFMAMJJASOND')
    // The first of July is the 182nd day of a common year.
    expect(months[6]!.from * 365).toBeCloseTo(181, 9)
    expect(ringRadius(10)).toBeLessThan(middle)
  })
})
