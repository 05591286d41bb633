import { dealtSizes } from '../../../core/commissions'
import { representatives } from '../../../core/units'

describe('some that stand for very many', () => {
  const middle = { heightMm: 180, crownWidthMm: 90, trunkMm: 8, clearStemMm: 20, crownBaseMm: 20 }
  const all = dealtSizes(middle, 'one')(10_000)
  const heightOf = ({ heightMm }: { heightMm: number }): number => heightMm

  test('are all of them, in their own order, where there are no more than that', () => {
    expect(representatives([3, 1, 2], (n) => n, 3)).toEqual([3, 1, 2])
    expect(representatives([], (n: number) => n, 3)).toEqual([])
  })

  test('are the middles of equal shares, in order of size', () => {
    expect(representatives([9, 1, 8, 2, 7, 3, 6, 4, 5], (n) => n, 3)).toEqual([2, 5, 8])
    expect(representatives([4, 4, 4, 4], (n) => n, 2)).toEqual([4, 4])
  })

  test('give the sums of all within half a percent', () => {
    const some = representatives(all, heightOf, 150)
    expect(some).toHaveLength(150)
    for (const sum of [
      heightOf,
      ({ heightMm, crownWidthMm }: (typeof all)[number]) => heightMm * crownWidthMm,
    ]) {
      const whole = all.reduce((total, one) => total + sum(one), 0)
      const told = (some.reduce((total, one) => total + sum(one), 0) * all.length) / some.length
      expect(Math.abs(told / whole - 1)).toBeLessThan(0.005)
    }
  })
})
