import fc from 'fast-check'
import { FINEST_GRAIN_MM, grainForLeaf, massPerArea, sprinkle } from '../../../core/coverage/see-through'

const share = fc.double({ min: 0.02, max: 0.98, noNaN: true })
const grain = fc.double({ min: 0.2, max: 6, noNaN: true })

describe('the see-through law', () => {
  test('worked by hand: 0.5 mm grains of 0.1 g/ml, laid on until a tenth is left open, are 7.7 mg a cm²', () => {
    // ln 10 = 2.302585; two thirds of 0.05 cm × 0.1 g/cm³ are 0.0033333 g/cm².
    expect(massPerArea(0.1, 0.5, 0.1)).toBeCloseTo(0.00767528, 7)
    // At 1/e the logarithm is one: the mass of one full layer.
    expect(massPerArea(0.36787944, 3, 0.1)).toBeCloseTo(0.02, 7)
  })

  test('two layers multiply: what is added after a photo is the difference of the two masses', () => {
    fc.assert(
      fc.property(share, share, grain, (g, h, d) => {
        expect(massPerArea(g * h, d, 0.1)).toBeCloseTo(massPerArea(g, d, 0.1) + massPerArea(h, d, 0.1), 9)
      }),
    )
  })

  test('an opaque crown has no finite mass, an open one needs none', () => {
    expect(() => massPerArea(0, 0.5, 0.1)).toThrow('see-through is 0')
    expect(massPerArea(1, 0.5, 0.1)).toBeCloseTo(0)
  })
})

describe('sprinkling', () => {
  test('only what stuck and what was lost leaves stock', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (stuck, sticks) => {
          const s = sprinkle(stuck, sticks)
          expect(s.leavesStockG).toBeCloseTo(s.stuckG + 0.15 * s.fallenG, 9)
          expect(s.leavesStockG).toBeLessThanOrEqual(s.thrownG + 1e-9)
        },
      ),
    )
  })

  test('leaves are scaled down to the finest grain worth choosing', () => {
    expect(grainForLeaf(90, 45)).toBe(2)
    expect(grainForLeaf(20, 220)).toBe(FINEST_GRAIN_MM)
  })
})
