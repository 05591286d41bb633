import fc from 'fast-check'
import { ELEVATIONS, projection, viewingEye, within, type Eye, type Frame } from '../../../core/planting'

const board = { widthMm: 1200, depthMm: 600 }
const frame: Frame = { board, tallestMm: 200, widthPx: 1000, heightPx: 440 }
const home = viewingEye(board, 700)

describe('the eye over the board', () => {
  test('what is twice as far away is half as large', () => {
    const project = projection(frame, home, home)
    const eye = { x: 600, y: -700 * Math.cos((17 * Math.PI) / 180), z: 60 }
    const sized = [0, 300, 600].map((y) => {
      const [foot, top] = [0, 100].map((z) => project({ x: 600, y, z })!)
      return { px: foot!.pxPerMm, depth: foot!.depthMm, tall: foot!.y - top!.y }
    })
    for (const one of sized) expect(one.px * one.depth).toBeCloseTo(sized[0]!.px * sized[0]!.depth, 6)
    expect(sized[0]!.px).toBeGreaterThan(sized[2]!.px * 1.4)
    expect(eye.z).toBeGreaterThan(0)
  })

  test('all of the board and what stands on it is in the picture from the viewing point', () => {
    for (const [widthMm, depthMm] of [
      [1200, 600],
      [300, 300],
      [4000, 400],
      [200, 900],
    ] as const) {
      const own = { ...frame, board: { widthMm, depthMm } }
      const eye = viewingEye(own.board, 700)
      const project = projection(own, eye, eye)
      for (const x of [0, widthMm])
        for (const y of [0, depthMm])
          for (const z of [0, 200]) {
            const seen = project({ x, y, z })!
            expect(seen.x).toBeGreaterThanOrEqual(0)
            expect(seen.x).toBeLessThanOrEqual(1000)
            expect(seen.y).toBeGreaterThanOrEqual(0)
            expect(seen.y).toBeLessThanOrEqual(440)
          }
    }
  })

  test('from the front left is left; from behind it is right; from the side the back is to one side', () => {
    const x = (azimuthDeg: number, at: { x: number; y: number }): number =>
      projection(frame, { ...home, azimuthDeg }, home)({ ...at, z: 0 })!.x
    const [left, right] = [
      { x: 100, y: 300 },
      { x: 1100, y: 300 },
    ]
    expect(x(0, left)).toBeLessThan(x(0, right))
    expect(x(180, left)).toBeGreaterThan(x(180, right))
    expect(Math.abs(x(90, { x: 600, y: 0 }) - x(90, { x: 600, y: 600 }))).toBeGreaterThan(100)
  })

  test('an eye stays over the board, outside of it and not out of sight, wherever it is dragged', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -4000, max: 4000, noNaN: true }),
        fc.double({ min: -400, max: 400, noNaN: true }),
        fc.double({ min: -1e6, max: 1e9, noNaN: true }),
        (azimuthDeg, elevationDeg, distanceMm) => {
          const eye: Eye = within(board, { azimuthDeg, elevationDeg, distanceMm })
          expect(eye.azimuthDeg).toBeGreaterThanOrEqual(-180)
          expect(eye.azimuthDeg).toBeLessThanOrEqual(180)
          expect(eye.elevationDeg).toBeGreaterThanOrEqual(ELEVATIONS.least)
          expect(eye.elevationDeg).toBeLessThanOrEqual(ELEVATIONS.most)
          const seen = projection(frame, eye, home)({ x: 600, y: 276, z: 60 })
          expect(seen?.depthMm).toBeCloseTo(eye.distanceMm, 6)
        },
      ),
    )
    expect(within(board, { ...home, azimuthDeg: 190 }).azimuthDeg).toBe(-170)
  })

  test('what lies behind the eye is not seen; a viewing distance of nothing is refused', () => {
    expect(projection(frame, home, home)({ x: 600, y: -5000, z: 0 })).toBeUndefined()
    expect(() => viewingEye(board, 0)).toThrow('viewing distance is 0 mm')
  })
})
