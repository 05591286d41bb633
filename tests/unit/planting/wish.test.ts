import { readAgeShares, readSides } from '../../../core/planting'

describe('the sides of an area', () => {
  test('on the board they are scaled, in reality they stand as they are', () => {
    // 900 mm at 1:76.2 are 68.58 m.
    expect(readSides({ width: '900', depth: '40 cm' }, 'board', 76.2)).toEqual({
      kind: 'ok',
      value: [expect.closeTo(68_580, 3), expect.closeTo(30_480, 3)],
    })
    expect(readSides({ width: '80', depth: '12.5 m' }, 'real', 76.2)).toEqual({
      kind: 'ok',
      value: [80_000, 12_500],
    })
  })

  test.each([
    ['', '40', /^Width of the area is needed/],
    ['90', ' ', /^Depth of the area is needed/],
    ['wide', '40', /^Width: .*wide/],
    ['90', '0', /^Depth: /],
  ])('“%s” × “%s” is refused by name', (width, depth, because) => {
    expect(readSides({ width, depth }, 'board', 87.1)).toEqual({
      kind: 'none',
      because: expect.stringMatching(because),
    })
  })
})

describe('shares of the ages', () => {
  const none = { young: '', 'semi-mature': '', mature: '', veteran: '' }
  test('with and without a sign of percent; where nothing is typed they are as usual', () => {
    expect(readAgeShares({ ...none, young: '20 %', mature: '60' })).toEqual({
      kind: 'ok',
      value: [20, 0, 60, 0],
    })
    expect(readAgeShares(none)).toEqual({ kind: 'ok', value: undefined })
    expect(readAgeShares({ ...none, young: '0' })).toEqual({ kind: 'ok', value: undefined })
  })
  test.each(['old', '-3', '101'])('“%s” is refused', (mature) => {
    expect(readAgeShares({ ...none, mature })).toEqual({
      kind: 'none',
      because: expect.stringMatching(/from 0 to 100/),
    })
  })
})
