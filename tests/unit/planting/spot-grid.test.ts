import fc from 'fast-check'
import { NearestGrid } from '../../../core/planting/spot-grid'

describe('the nearest of many places', () => {
  const at = (most: number) => fc.double({ min: 0, max: most, noNaN: true })
  const place = fc.record({ x: at(2400), y: at(90) })

  test('is the one that asking all of them finds, on a long and narrow board too', () => {
    fc.assert(
      fc.property(fc.array(place, { maxLength: 80 }), place, (places, from) => {
        const grid = new NearestGrid(2400, 90)
        for (const one of places) grid.add(one)
        const all = places.map(({ x, y }) => (x - from.x) ** 2 + (y - from.y) ** 2)
        expect(grid.squareTo(from)).toBe(Math.min(Infinity, ...all))
      }),
    )
  })
})
