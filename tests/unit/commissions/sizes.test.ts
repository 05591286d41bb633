import fc from 'fast-check'
import { apparentShare, lineSize, perspectiveFactor, zoneDepth, zones } from '../../../core/commissions'
import { speciesById } from '../../../core/plants'
import { commission, line } from '../../support/workshop'

const beech = speciesById('beech')

describe('forced perspective', () => {
  test('a plant behind appears as large as a true one at the distance that is simulated', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 3000 }),
        fc.integer({ min: 50, max: 2000 }),
        fc.double({ min: 1, max: 8, noNaN: true }),
        fc.constantFrom(...zones),
        (viewingMm, boardDepthMm, depthFactor, zone) => {
          const job = commission({ viewingMm, boardDepthMm, depthFactor })
          const flat = lineSize(
            line({ speciesId: 'beech', zone }),
            commission({ viewingMm, boardDepthMm }),
            beech,
          ).heightMm
          const built = lineSize(line({ speciesId: 'beech', zone }), job, beech).heightMm
          const asSeen = built * apparentShare(job, zone)
          const simulatedMm = depthFactor * zoneDepth[zone] * boardDepthMm
          expect(asSeen / (flat * (viewingMm / (viewingMm + simulatedMm)))).toBeCloseTo(1, 9)
        },
      ),
    )
  })

  test('the front keeps its size, the back shrinks, and impossible figures are refused', () => {
    expect(perspectiveFactor(600, 0, 4)).toBe(1)
    expect(perspectiveFactor(600, 600, 2)).toBeCloseTo(1200 / 1800, 12)
    expect(() => perspectiveFactor(600, 100, 0.5)).toThrow(/depth factor is 0.5/)
    expect(() => perspectiveFactor(0, 100, 2)).toThrow(/viewing distance is 0 mm/)
  })

  test('a mown meadow is lower, not narrower', () => {
    const grass = speciesById('meadow-grass')
    const [tall, mown] = [1, 0.1].map((share) =>
      lineSize(line({ speciesId: 'meadow-grass' }), commission(), grass, share),
    ) as [ReturnType<typeof lineSize>, ReturnType<typeof lineSize>]
    expect(mown.heightMm / tall.heightMm).toBeCloseTo(0.1, 9)
    expect(mown.crownWidthMm).toBe(tall.crownWidthMm)
  })
})
