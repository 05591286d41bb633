import {
  amountSchema,
  amountText,
  commissionFields,
  commissionSchema,
  lineSchema,
  readAmount,
  readPieces,
  readRealMeasure,
  type Amount,
} from '../../../core/commissions'
import { boundsOf, readBounded } from '../../../core/units'
import { commission, line } from '../../support/workshop'

const hedge: Amount = { kind: 'length', lengthMm: 300, section: 'trimmed' }
const patch: Amount = { kind: 'area', areaCm2: 100 }
const says = <T>(reading: { kind: 'ok'; value: T } | { kind: 'none'; because: string }): T | string =>
  reading.kind === 'ok' ? reading.value : reading.because

describe('what is typed of a line', () => {
  test('an amount is read in the kind that the line has', () => {
    expect(says(readAmount('24', { kind: 'pieces', pieces: 1 }, 'metric'))).toEqual({
      kind: 'pieces',
      pieces: 24,
    })
    expect(says(readAmount('1.2 m', hedge, 'metric'))).toEqual({ ...hedge, lengthMm: 1200 })
    expect(says(readAmount('10', hedge, 'imperial'))).toEqual({ ...hedge, lengthMm: 254 })
    expect(says(readAmount('0.06 m2', patch, 'metric'))).toEqual({ kind: 'area', areaCm2: 600 })
  })

  test('a verge is so long and so wide, whichever is typed first, and reads back so', () => {
    const strip = { lengthMm: 1400, widthMm: 60 }
    for (const typed of ['1.4 m × 60 mm', '1400 x 60', '60mm x 1.4m', '6 cm by 1.4 m', '1.4m×60'])
      expect([typed, says(readAmount(typed, patch, 'metric'))]).toEqual([
        typed,
        { kind: 'area', areaCm2: 840, strip },
      ])
    expect(amountText({ kind: 'area', areaCm2: 840, strip })).toBe('1.4 m × 60 mm')
    expect(
      says(readAmount(amountText({ kind: 'area', areaCm2: 840, strip }), patch, 'metric')),
    ).toMatchObject({
      strip,
    })
    const inches = readAmount('12 in x 2 in', patch, 'imperial')
    expect(inches.kind === 'ok' && inches.value.kind === 'area' ? inches.value.areaCm2 : 0).toBeCloseTo(
      30.48 * 5.08,
      6,
    )
    expect(says(readAmount('600 cm2', { kind: 'area', areaCm2: 840, strip }, 'metric'))).toEqual({
      kind: 'area',
      areaCm2: 600,
    })
    expect(says(readAmount('1.4 m × x', patch, 'metric'))).toMatch(/“x” is not a length/)
    expect(says(readAmount('0.5 mm × 1 m', patch, 'metric'))).toMatch(/^Side: read “0.5 mm”/)
    expect(says(readAmount('200 m × 100 m', patch, 'metric'))).toMatch(/^Area: read “200 m × 100 m”/)
  })

  test('beyond the bounds it says what was read and what is allowed', () => {
    expect(says(readAmount('0', { kind: 'pieces', pieces: 1 }, 'metric'))).toBe(
      'Pieces: read “0”; allowed is a whole number from 1 to 10000.',
    )
    expect(says(readAmount('4 mm', hedge, 'metric'))).toBe('Length: read “4 mm”; allowed is 5 mm to 200 m.')
    expect(says(readAmount('101 m2', patch, 'metric'))).toBe(
      'Area: read “101 m2”; allowed is 1 cm² to 100 m².',
    )
    expect(says(readPieces('10001', 'Pieces of Oak'))).toMatch(/^Pieces of Oak: read “10001”/)
  })

  test('whatever is taken, the schema takes too', () => {
    for (const typed of ['1', '10000', '1 mm', '5 mm', '200 m', '201 m', '1 cm2', '100 m2', '0.5', 'x'])
      for (const kind of [{ kind: 'pieces', pieces: 1 } as const, hedge, patch]) {
        const read = readAmount(typed, kind, 'metric')
        if (read.kind === 'ok') expect(amountSchema.safeParse(read.value).success).toBe(true)
      }
    const { least, most } = boundsOf(lineSchema.shape.heightM)
    expect(says(readRealMeasure('heightM', `${most} m`, 'metric'))).toBe(most)
    expect(says(readRealMeasure('heightM', `${most + 1} m`, 'metric'))).toMatch(
      /^Height: read “131 m”; allowed/,
    )
    expect(says(readRealMeasure('crownWidthM', `${least} m`, 'metric'))).toBe(least)
    expect(says(readRealMeasure('crownWidthM', ' ', 'metric'))).toBeUndefined()
    expect(lineSchema.safeParse({ ...line(), heightM: most }).success).toBe(true)
  })

  test('every field of a commission is stored when it is at its bounds', () => {
    for (const [key, field] of Object.entries(commissionFields)) {
      const { least, most } = boundsOf(field.schema)
      for (const bound of [least, most])
        expect(commissionSchema.safeParse({ ...commission(), [key]: bound }).success).toBe(true)
    }
    expect(says(readBounded(commissionFields.altitudeM, '−430 m'))).toBe(-430)
  })
})
