import fc from 'fast-check'
import {
  formatCountdown,
  formatMinutes,
  formatMoney,
  formatQuantity,
  formatRatio,
  parseMoney,
  parseQuantity,
  parseRatio,
  plainNumber,
  requireRange,
  seededRandom,
  seedOf,
  standardScaleOf,
  stockUnits,
  toModelMm,
  toRealMm,
  normal,
} from '../../../core/units'

const value = <T>(reading: { kind: 'ok'; value: T } | { kind: 'none'; because: string }): T => {
  if (reading.kind === 'none') throw new Error(reading.because)
  return reading.value
}

describe('scales as makers type them', () => {
  test.each([
    ['1:43.5', 43.5],
    ['1/87', 87],
    ['87.1', 87.1],
    ['4mm/ft', 76.2],
    ['4 mm to the foot', 76.2],
    ['3.5 mm/ft', 87.0857],
    ['7mm/ft', 43.5429],
    ['1/4in', 48],
    ['1/4" = 1\'', 48],
    ['3/16 in', 64],
    ['1:76,2', 76.2],
    ['1 : 160', 160],
  ])('%s is 1:%d', (text, ratio) => expect(value(parseRatio(text))).toBeCloseTo(ratio, 3))

  test.each(['', '1:0', '0', '5mm', 'big', '1:5000', '1:0.5', '1:87:1', '-4mm/ft'])('%j is refused', (text) =>
    expect(parseRatio(text).kind).toBe('none'),
  )

  test('a shown ratio reads back as itself', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 200_000 }), (hundredths) => {
        expect(value(parseRatio(formatRatio(hundredths / 100)))).toBeCloseTo(hundredths / 100, 9)
      }),
    )
  })

  test('model and real lengths are each other’s inverse', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1e6, noNaN: true }),
        fc.double({ min: 1, max: 500, noNaN: true }),
        (mm, ratio) => {
          expect(toRealMm(toModelMm(mm, ratio), ratio)).toBeCloseTo(mm, 5)
        },
      ),
    )
  })

  test('an impossible ratio throws with its name and value', () =>
    expect(() => toModelMm(100, 0)).toThrow(/ratio is 0/))

  test('a typed ratio close to a standard one is recognised', () => {
    expect(standardScaleOf(87.0857)?.name).toBe('HO')
    expect(standardScaleOf(100)).toBeUndefined()
  })
})

describe('amounts', () => {
  test.each([
    ['20 g', 'g', 20],
    ['1.5kg', 'g', 1500],
    ['1 oz', 'g', 28.349523125],
    ['250 ml', 'ml', 250],
    ['1 l', 'ml', 1000],
    ['1/4 bu', 'ml', 8809.76754],
    ['2 fl oz', 'ml', 59.147],
    ['2 dozen', 'piece', 24],
    ['30', 'piece', 30],
    ['0.5 m2', 'cm2', 5000],
    ['5 m', 'mm', 5000],
  ] as const)('%s for a material in %s is %d', (text, unit, amount) =>
    expect(value(parseQuantity(text, unit))).toBeCloseTo(amount, 3),
  )

  test.each([
    ['20 ml', 'g'],
    ['2.5', 'piece'],
    ['0 g', 'g'],
    ['-1 g', 'g'],
    ['', 'ml'],
    ['1e9', 'g'],
    ['five', 'piece'],
  ] as const)('%j for a material in %s is refused', (text, unit) =>
    expect(parseQuantity(text, unit).kind).toBe('none'),
  )

  test('nothing left is a fair count', () =>
    expect(parseQuantity('0', 'g', { zero: true })).toEqual({ kind: 'ok', value: 0 }))

  test.each([
    [999.5, 'g', '1 kg'],
    [999.999, 'ml', '1 l'],
    [999.4, 'g', '999 g'],
    [999.5, 'mm', '1 m'],
    [9999.6, 'cm2', '1 m²'],
  ] as const)('%s %s is shown as %s', (quantity, unit, shown) =>
    expect(formatQuantity(quantity, unit)).toBe(shown),
  )

  test('a shown amount reads back as what was shown', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 9e6, noNaN: true }),
        fc.constantFrom(...stockUnits),
        (quantity, unit) => {
          const amount =
            unit === 'piece'
              ? Math.max(1, Math.round(quantity))
              : unit === 'mm' || unit === 'cm2'
                ? quantity + 1
                : quantity
          const shown = formatQuantity(amount, unit)
          expect(formatQuantity(value(parseQuantity(shown, unit)), unit)).toBe(shown)
        },
      ),
    )
  })
})

describe('money and time', () => {
  test('prices are whole hundredths', () => {
    expect(value(parseMoney('12.50'))).toBe(1250)
    expect(value(parseMoney('£3'))).toBe(300)
    expect(value(parseMoney('0.29'))).toBe(29)
    expect(parseMoney('dear').kind).toBe('none')
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e9 }), (minor) =>
        expect(value(parseMoney(formatMoney(minor, '€')))).toBe(minor),
      ),
    )
  })

  test.each([
    [0.75, '45 s'],
    [0, '0 min'],
    [2.5, '2.5 min'],
    [12, '12 min'],
    [190, '3 h 10'],
    [59.7, '1 h 00'],
    [60 * 72, '3 d'],
    [60 * 73, '3 d 1 h'],
  ])('%d minutes read as %s', (minutes, text) => expect(formatMinutes(minutes)).toBe(text))

  test('a countdown never shows less than nothing', () => {
    expect(formatCountdown(3_729_000)).toBe('1:02:09')
    expect(formatCountdown(247_000)).toBe('4:07')
    expect(formatCountdown(-5)).toBe('0:00')
  })

  test('numbers lose their idle zeros', () => {
    expect(plainNumber(2.5, 2)).toBe('2.5')
    expect(plainNumber(100, 0)).toBe('100')
    expect(plainNumber(-0.001, 1)).toBe('0')
  })

  test('a range is named with its bounds', () => {
    expect(() => requireRange('see-through', 2, '', { above: 0, max: 1 })).toThrow(
      'see-through is 2; it must be above 0 and at most 1',
    )
    expect(() => requireRange('height', NaN, 'mm', { min: 0 })).toThrow(RangeError)
  })
})

describe('chance', () => {
  test('the same seed gives the same numbers, another seed others', () => {
    const draw = (seed: number): number[] => {
      const random = seededRandom(seed)
      return Array.from({ length: 5 }, () => random())
    }
    expect(draw(7)).toEqual(draw(7))
    expect(draw(7)).not.toEqual(draw(8))
    expect(seedOf('beech')).not.toBe(seedOf('birch'))
  })

  test('normal draws have mean 0 and deviation 1', () => {
    const random = seededRandom(11)
    const draws = Array.from({ length: 20_000 }, () => normal(random))
    const mean = draws.reduce((a, b) => a + b, 0) / draws.length
    const deviation = Math.sqrt(draws.reduce((a, b) => a + (b - mean) ** 2, 0) / draws.length)
    expect(Math.abs(mean)).toBeLessThan(0.03)
    expect(Math.abs(deviation - 1)).toBeLessThan(0.03)
  })
})
