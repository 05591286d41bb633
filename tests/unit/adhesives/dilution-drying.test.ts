import fc from 'fast-check'
import { bathFor, pour, soakingMedium } from '../../../core/adhesives/dilution'
import { dryingFactor, MAX_DRYING_FACTOR, vapourDeficitHPa } from '../../../core/adhesives/drying'

describe('dilution', () => {
  test('what is poured is what is taken and what is left', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 500 }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 2000, noNaN: true }),
        (pieces, each, standing) => {
          const bath = bathFor(pieces, each, standing, soakingMedium)
          expect(bath.concentrateMl + bath.waterMl).toBeCloseTo(bath.takenMl + bath.leftMl, 6)
          expect(bath.waterMl).toBeCloseTo(bath.concentrateMl * 5, 6)
        },
      ),
    )
  })

  test('impossible volumes and parts are named', () => {
    expect(() => pour(-1, soakingMedium)).toThrow('volume is -1 ml')
    expect(() => pour(10, { concentrate: 0, water: 1 })).toThrow('parts of concentrate')
    expect(() => bathFor(-2, 1, 1, soakingMedium)).toThrow('pieces')
  })
})

describe('drying', () => {
  test('the reference room needs the reference time; cold and damp rooms longer, warm and dry shorter', () => {
    expect(dryingFactor(20, 50)).toBeCloseTo(1)
    expect(dryingFactor(12, 80)).toBeGreaterThan(2)
    expect(dryingFactor(28, 35)).toBeLessThan(0.7)
    expect(dryingFactor(20, 100)).toBe(MAX_DRYING_FACTOR)
    expect(() => vapourDeficitHPa(20, 120)).toThrow('relative humidity is 120 %')
  })
})
