import * as z from 'zod'
import { boundsOf, readBounded, readBoundedLength, withinBounds, type NumberField } from '../../../core/units'

const share: NumberField = {
  name: 'Stature',
  schema: z.number().min(0.6).max(1).optional(),
  unit: '%',
  per: 100,
}
const degrees: NumberField = { name: 'Latitude', schema: z.number().min(-70).max(70), unit: '°' }
const whole: NumberField = { name: 'Pieces', schema: z.number().int().min(1).max(10_000) }
const says = (reading: ReturnType<typeof readBounded>): unknown =>
  reading.kind === 'none' ? reading.because : reading.value

describe('numbers within the bounds of their schema', () => {
  test('bounds are read from the schema, optional or not', () => {
    expect(boundsOf(share.schema)).toEqual({ least: 0.6, most: 1, whole: false })
    expect(boundsOf(whole.schema)).toEqual({ least: 1, most: 10_000, whole: true })
    expect(boundsOf(z.number())).toEqual({ least: -Infinity, most: Infinity, whole: false })
  })

  test('the bounds themselves are allowed, a step beyond is not', () => {
    expect([60, 100].map((typed) => says(readBounded(share, String(typed))))).toEqual([0.6, 1])
    expect(says(readBounded(share, '59'))).toBe('Stature: read “59”; allowed is 60 % to 100 %.')
    expect(says(readBounded(degrees, '−70.1'))).toBe('Latitude: read “−70.1”; allowed is −70° to 70°.')
    expect(says(readBounded(degrees, '-70'))).toBe(-70)
    expect(says(readBounded(whole, '0'))).toBe('Pieces: read “0”; allowed is a whole number from 1 to 10000.')
    expect(says(readBounded(whole, '2.5'))).toMatch('allowed is a whole number from 1')
  })

  test('the unit may be typed or left out; what is no number is shown back', () => {
    expect([' 75 % ', '75%', '75', '75,0'].map((typed) => says(readBounded(share, typed)))).toEqual([
      0.75, 0.75, 0.75, 0.75,
    ])
    expect(says(readBounded(degrees, '36.5°'))).toBe(36.5)
    for (const typed of ['', 'constructor', '7 5', 'NaN', 'Infinity', '%', '--3'])
      expect(says(readBounded(share, typed))).toMatch(`read “${typed.trim()}”`)
  })

  test('“1,200” is twelve hundred pieces, but is asked about where it could be one and a fifth', () => {
    const height: NumberField = { name: 'Altitude', schema: z.number().min(-430).max(6000), unit: 'm' }
    expect(says(readBounded(whole, '1,200'))).toBe(1200)
    expect(says(readBounded(height, '1,200'))).toBe(
      'Altitude: “1,200” can be 1200 or 1.2. Type the one you mean.',
    )
    expect(says(readBounded(height, '1,200 m'))).toMatch('can be 1200 or 1.2')
    expect(says(readBounded(height, '1200 m'))).toBe(1200)
  })

  test('lengths are read in any unit, kept as stored, and bounds are written as lengths', () => {
    const metres: NumberField = {
      name: 'Height',
      schema: z.number().min(0.005).max(130),
      show: (stored) => `${stored} m`,
    }
    expect(says(readBoundedLength(metres, '8ft', 'm', 1000))).toBeCloseTo(2.4384, 10)
    expect(says(readBoundedLength(metres, '18', 'm', 1000))).toBe(18)
    expect(says(readBoundedLength(metres, '131 m', 'm', 1000))).toBe(
      'Height: read “131 m”; allowed is 0.005 m to 130 m.',
    )
    expect(says(readBoundedLength(metres, 'tall', 'm', 1000))).toMatch(/^Height: “tall” is not a length/)
  })

  test('what another reader read is kept to the bounds as well', () => {
    expect(withinBounds(whole, 12, '12')).toEqual({ kind: 'ok', value: 12 })
    expect(withinBounds(whole, undefined, 'x').kind).toBe('none')
  })
})
