import {
  cheapestBasket,
  type BasketOptions,
  type BasketProblem,
  type BasketSolution,
} from '../../core/buying'

/** Looks for baskets away from the page. */
export const service = {
  cheapest: (problem: BasketProblem, options?: BasketOptions): BasketSolution | undefined =>
    cheapestBasket(problem, options),
}
