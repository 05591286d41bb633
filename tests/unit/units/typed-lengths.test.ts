import fc from 'fast-check'
import { formatModelLength, formatRealLength, parseLength } from '../../../core/units'

const mmOf = (text: string, bare: 'mm' | 'm' | 'ft' = 'mm'): number => {
  const reading = parseLength(text, bare)
  if (reading.kind === 'none') throw new Error(reading.because)
  return reading.value
}

describe('lengths as makers type them', () => {
  test.each([
    ['8ft6', 2590.8],
    ['8ft 6in', 2590.8],
    [`8'6"`, 2590.8],
    [`8' 6 1/2"`, 2603.5],
    ['8 ft', 2438.4],
    ['2.6 m', 2600],
    ['2,6m', 2600],
    ['31mm', 31],
    ['31', 31],
    ['3.1 cm', 31],
    ['3/4in', 19.05],
    ['1 1/2"', 38.1],
    ['½in', 12.7],
    ['1½ in', 38.1],
    ['.5m', 500],
    ['6FT', 1828.8],
  ])('%s is %d mm', (text, mm) => expect(mmOf(text)).toBeCloseTo(mm, 6))

  test('a bare number takes the unit of its field', () => {
    expect(mmOf('6', 'm')).toBe(6000)
    expect(mmOf('6', 'ft')).toBeCloseTo(1828.8)
  })

  test.each(['', 'tall', '-3m', '0 mm', '3 furlongs', '1/0in', '99999 km', 'NaN', '2..6 m', '8ft6ft'])(
    '%j is refused with words that say what is allowed',
    (text) => {
      const reading = parseLength(text)
      expect(reading.kind).toBe('none')
      if (reading.kind === 'none') expect(reading.because.length).toBeGreaterThan(15)
    },
  )

  test('a length that was shown reads back as what was shown, in both systems', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60_000, noNaN: true }),
        fc.constantFrom('metric' as const, 'imperial' as const),
        (mm, system) => {
          const model = formatModelLength(mm, system)
          expect(formatModelLength(mmOf(model), system)).toBe(model)
          expect(Math.abs(mmOf(model) - mm)).toBeLessThanOrEqual(
            system === 'metric' ? 0.5 + 1e-9 : 25.4 / 64 + 1e-9,
          )
          if (mm > 100) {
            const real = formatRealLength(mm, system)
            expect(formatRealLength(mmOf(real), system)).toBe(real)
            expect(Math.abs(mmOf(real) - mm)).toBeLessThanOrEqual(
              system === 'metric' ? 50 + 1e-9 : 12.7 + 1e-9,
            )
          }
        },
      ),
    )
  })
})
