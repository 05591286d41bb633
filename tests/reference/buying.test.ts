import highsLoader from 'highs'
import { cheapestBasket, type BasketProblem, type BasketSolution } from '../../core/buying/search'
import { leastByProgram, randomBasket, type Solver } from '../support/baskets'

/** Source of the peer: HiGHS, an exact solver for mixed-integer programs, with a program of its own. */
describe('the cheapest basket', () => {
  let solver: Solver
  beforeAll(async () => {
    solver = (await highsLoader()) as unknown as Solver
  })
  /** Half a hundredth and the solver's own tolerance. */
  const near = (basket: BasketSolution | undefined, least: number | undefined): boolean =>
    least === undefined
      ? basket === undefined
      : basket !== undefined && Math.abs(basket.netMinor - least) < 0.6 && basket.notBelowMinor > least - 1

  it('costs what an exact mixed-integer solver finds, on a hundred lists by chance', () => {
    let solved = 0
    for (let seed = 1; seed <= 100; seed += 1) {
      const problem = randomBasket(seed, { materials: 2 + (seed % 4), offers: 2 + (seed % 4), suppliers: 4 })
      const basket = cheapestBasket(problem)
      const least = leastByProgram(solver, problem)
      expect([seed, near(basket, least), basket?.netMinor, least]).toEqual([
        seed,
        true,
        basket?.netMinor,
        least,
      ])
      if (least !== undefined) solved += 1
    }
    expect(solved).toBeGreaterThan(80)
  })

  it('finds the same next basket of other suppliers as that solver', () => {
    for (let seed = 101; seed <= 115; seed += 1) {
      const problem = randomBasket(seed, { materials: 4, offers: 4, suppliers: 3 })
      const used = suppliersOf(problem, cheapestBasket(problem))
      const least = leastByProgram(solver, problem, used)
      const next = cheapestBasket(problem, { not: used })
      expect([seed, near(next, least), next?.netMinor, least]).toEqual([seed, true, next?.netMinor, least])
    }
  })
})

const suppliersOf = ({ offers }: BasketProblem, basket: BasketSolution | undefined): string[] => [
  ...new Set(
    basket?.picks.map(({ offerId }) => offers.find(({ id }) => id === offerId)?.supplierId ?? '') ?? [],
  ),
]
