import * as Comlink from 'comlink'
import {
  cheapestBasket,
  type BasketOptions,
  type BasketProblem,
  type BasketSolution,
} from '../../core/buying'

/** Looks for baskets away from the page. */
const buyer = {
  cheapest: (problem: BasketProblem, options?: BasketOptions): BasketSolution | undefined =>
    cheapestBasket(problem, options),
}
export type BasketWorker = typeof buyer
Comlink.expose(buyer)
