import fc from 'fast-check'
import { dotsOnSheet, dotVolumeMl, sheetsFor } from '../../../core/grass/dots'
import { fibreMassPerArea, mixLengths } from '../../../core/coverage/fibre'

describe('fibre', () => {
  test('a mix of the nearest stocked lengths has the wanted mean', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 12, noNaN: true }), (wanted) => {
        const mix = mixLengths(wanted, [12, 2, 4, 1, 6])
        expect(mix.longerMm * mix.share + mix.shorterMm * (1 - mix.share)).toBeCloseTo(wanted, 9)
      }),
    )
  })

  test('outside the stocked range the nearest length stands alone', () => {
    expect(mixLengths(20, [4, 6])).toEqual({ shorterMm: 6, longerMm: 6, share: 1 })
    expect(mixLengths(1, [4, 6])).toEqual({ shorterMm: 4, longerMm: 4, share: 1 })
    expect(() => mixLengths(3, [])).toThrow('stocked lengths')
  })

  test('bad figures are named', () =>
    expect(() => fibreMassPerArea(100, 0, 22)).toThrow('fibre length is 0 mm'))
})

describe('dots', () => {
  test('a half ball of glue is a cap as high as its radius', () =>
    expect(dotVolumeMl(4, 2)).toBeCloseTo(((2 / 3) * Math.PI * 8) / 1000, 9))

  test('no more dots than a sheet can hold, and always room for the next sheet', () => {
    expect(dotsOnSheet(3, 3, 4, 1)).toBe(0)
    expect(dotsOnSheet(4, 4, 4, 1)).toBe(1)
    expect(() => sheetsFor(5, 3, 3, 4, 1)).toThrow('must hold at least one dot')
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), (dots) => {
        const { sheets, perSheet } = sheetsFor(dots, 180, 260, 5, 4)
        expect(sheets * perSheet).toBeGreaterThanOrEqual(dots)
        expect((sheets - 1) * perSheet).toBeLessThan(dots)
      }),
    )
  })
})
