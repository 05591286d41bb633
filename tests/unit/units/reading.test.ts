import fc from 'fast-check'
import { readNumber, readSigned } from '../../../core/units'

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
