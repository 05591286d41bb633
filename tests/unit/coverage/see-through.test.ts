import fc from 'fast-check'
import {
  FINEST_GRAIN_MM,
  grainForLeaf,
  massPerArea,
  seeThroughOf,
  sprinkle,
} from '../../../core/coverage/see-through'

const share = fc.double({ min: 0.02, max: 0.98, noNaN: true })
const grain = fc.double({ min: 0.2, max: 6, noNaN: true })

describe('the see-through law', () => {
  test('mass and see-through are each other’s inverse', () => {
    fc.assert(
      fc.property(share, grain, (g, d) =>
        expect(seeThroughOf(massPerArea(g, d, 0.1), d, 0.1)).toBeCloseTo(g, 9),
      ),
    )
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
