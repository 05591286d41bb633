import fc from 'fast-check'
import { rangeWords, readNumber, readSigned, significant } from '../../../core/units'

describe('numbers below nothing', () => {
  test.each([
    ['-12', -12],
    ['−3.5', -3.5],
    ['- 1/2', -0.5],
    ['4', 4],
    ['  -0.25 ', -0.25],
  ])('%s', (text, value) => expect(readSigned(text)).toBe(value))
  test.each(['', '-', '--3', 'minus 3', '3-4-5x'])('“%s” is none', (text) =>
    expect(readSigned(text)).toBeUndefined(),
  )
  test('agrees with readNumber above nothing', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e6, noNaN: true }), (n) =>
        expect(readSigned(String(n))).toBe(readNumber(String(n))),
      ),
    ))
})

describe('numbers for reading', () => {
  test.each([
    [0.00046123, 2, '0.00046'],
    [0.0996, 2, '0.1'],
    [12.34, 2, '12'],
    [1234, 2, '1234'],
    [-0.0312, 1, '-0.03'],
    [0, 2, '0'],
  ])('%d with %d significant figures is %s', (value, figures, is) =>
    expect(significant(value, figures)).toBe(is),
  )
  test('a range of one number is that number', () => {
    expect([rangeWords(150, 170), rangeWords(160, 160)]).toEqual(['150–170', '160'])
  })
})
