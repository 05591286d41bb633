import { formatModelLength, parseLength, parseQuantity, parseRatio, readLatitude } from '../../../core/units'

describe('what people type', () => {
  test.each([
    ['49,5N', 49.5],
    ['52 N', 52],
    ['44S', -44],
    ['49°30′N', 49.5],
    ['49° 30\' 36" N', 49.51],
    ['N 49 30', 49.5],
    ['+44', 44],
    ['−33.9', -33.9],
    ['-33.9°', -33.9],
    ['0 S', 0],
    ['51', 51],
  ])('latitude %s is %d', (text, degrees) => expect(readLatitude(text)).toBeCloseTo(degrees, 9))

  test.each(['49.5 30 N', '49 75 N', '-44S', 'N 44 S', 'north', '49E', ''])('latitude %j is none', (text) =>
    expect(readLatitude(text)).toBeUndefined(),
  )

  const mm = (text: string): number => {
    const read = parseLength(text)
    if (read.kind === 'none') throw new Error(read.because)
    return read.value
  }
  test.each([
    ['1 m 20 cm', 1200],
    ['1m20cm', 1200],
    ['2m60', 2600],
    ['1 m 5 mm', 1005],
    ['2 m 3.5 cm', 2035],
  ])('%s is %d mm', (text, length) => expect(mm(text)).toBeCloseTo(length, 9))

  test('what can be read in two ways is asked back, with a unit too', () => {
    for (const text of ['2,600 m', '1,200', '6 ft 14 in', '2m6']) expect(parseLength(text).kind).toBe('none')
    expect(parseLength('2,600 m')).toMatchObject({
      because: expect.stringContaining('2600 m or 2.6 m') as string,
    })
    expect(parseLength('6 ft 14 in')).toMatchObject({
      because: expect.stringContaining('7 ft 2 in') as string,
    })
    expect(mm('6 ft 11 in')).toBeCloseTo(2108.2, 9)
  })

  const ratio = (text: string): number => {
    const read = parseRatio(text)
    if (read.kind === 'none') throw new Error(read.because)
    return read.value
  }
  test.each([
    ['4mm:1ft', 76.2],
    ['1 in = 8 ft', 96],
    ['1cm=1m', 100],
    ['1/4" = 1\'', 48],
    ['4mm/ft', 76.2],
    ['1:87.1', 87.1],
  ])('%s is 1:%d', (text, value) => expect(ratio(text)).toBeCloseTo(value, 6))

  test('a gallon, and cans where it is known what one holds', () => {
    expect(parseQuantity('1 gal', 'ml')).toMatchObject({ value: expect.closeTo(3785.41, 2) as number })
    expect(parseQuantity('2 cans', 'ml', { pack: 400 })).toMatchObject({ value: 800 })
    expect(parseQuantity('1/2 bag', 'g', { pack: 20 })).toMatchObject({ value: 10 })
    expect(parseQuantity('2 cans', 'ml')).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('not known') as string,
    })
  })

  test('0.04 mm is shown as that', () => {
    expect(formatModelLength(0.04)).toBe('0.04 mm')
    expect(formatModelLength(0.4)).toBe('0.4 mm')
    expect(formatModelLength(0)).toBe('0 mm')
  })
})
