import fc from 'fast-check'
import { bathFor, pour, soakingMedium } from '../../../core/adhesives/dilution'
import { dryingIn, vapourDeficitHPa } from '../../../core/adhesives/drying'

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
    expect(dryingIn(20, 50).factor).toBeCloseTo(1)
    expect(dryingIn(12, 80).factor).toBeGreaterThan(2)
    expect(dryingIn(28, 35).factor).toBeLessThan(0.7)
    // Its own law, not cut: half the deficit at 75 %, a fifth at 90 %.
    expect(dryingIn(20, 75).factor).toBeCloseTo(2, 9)
    expect(dryingIn(20, 90).factor).toBeCloseTo(5, 9)
    expect(dryingIn(20, 90)).not.toHaveProperty('unsure')
    expect(() => vapourDeficitHPa(20, 120)).toThrow('relative humidity is 120 %')
  })

  test('beyond what the rule knows it says so, and foretells no time', () => {
    expect(dryingIn(20, 95).unsure).toBe('too damp')
    expect(dryingIn(20, 100).unsure).toBe('too damp')
    expect(dryingIn(4.9, 50).unsure).toBe('too cold')
    expect(dryingIn(40.1, 50).unsure).toBe('too hot')
    expect(dryingIn(5, 90)).not.toHaveProperty('unsure')
    expect(dryingIn(40, 10)).not.toHaveProperty('unsure')
    // What is still planned with is the rule at its edge, never nothing and never without end.
    expect(dryingIn(20, 100).factor).toBeCloseTo(5, 9)
    expect(() => dryingIn(20, 101)).toThrow(RangeError)
  })
})
