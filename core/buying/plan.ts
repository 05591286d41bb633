import type { Material } from '../stock'
import { basketOf, type Basket, type MoneyWords } from './basket'
import type { Supplier } from './records'
import type { BasketOptions, BasketProblem, BasketSolution } from './search'
import { buyingProblem, type BuyingTask, type Obstacle } from './task'

/** Who looks for the cheapest basket: the search itself, or one that runs elsewhere. */
export type Solver = (problem: BasketProblem, options?: BasketOptions) => Promise<BasketSolution | undefined>

/** What a supplier alone would cost, or what they do not have. */
export interface Alone {
  readonly supplier: Supplier
  readonly netMinor?: number
  readonly lacks: readonly Material[]
}

export interface BuyingPlan {
  readonly basket?: Basket
  /** The next best of other suppliers. */
  readonly second?: Basket
  readonly alone: readonly Alone[]
  readonly obstacles: readonly Obstacle[]
  readonly leftOut: readonly Supplier[]
}

/**
 * The basket for what is lacking, the next best of other suppliers, and what each alone would cost.
 * @param money how a price is written
 */
export async function planBuying(task: BuyingTask, solve: Solver, money: MoneyWords): Promise<BuyingPlan> {
  const asked = buyingProblem(task)
  const { problem, obstacles, leftOut } = asked
  const dressed = (solution: BasketSolution | undefined): Basket | undefined =>
    solution && solution.picks.length > 0 ? basketOf(task, asked, solution, money) : undefined
  const basket = problem.needs.length > 0 ? dressed(await solve(problem)) : undefined
  const used = basket?.parcels.map(({ supplier }) => supplier.id)
  const second = used && dressed(await solve(problem, { not: used }))
  const alone: Alone[] = []
  for (const { id } of problem.suppliers) {
    const supplier = task.suppliers.find((own) => own.id === id)
    if (!supplier) continue
    const only = { only: [id] }
    const solution = await solve(problem, only)
    const lacks: Material[] = []
    for (const need of solution ? [] : problem.needs) {
      const { material } = task.wanted.find((own) => own.material.id === need.materialId) ?? {}
      if (material && !(await solve(withoutParcels(problem, need.materialId), only))) lacks.push(material)
    }
    alone.push({ supplier, ...(solution ? { netMinor: solution.netMinor } : {}), lacks })
  }
  return { ...(basket ? { basket } : {}), ...(second ? { second } : {}), alone, obstacles, leftOut }
}

/** The same for one material, whatever its parcel costs. */
const withoutParcels = ({ needs, offers, suppliers }: BasketProblem, materialId: string): BasketProblem => ({
  needs: needs.filter((need) => need.materialId === materialId),
  offers,
  suppliers: suppliers.map(({ id }) => ({ id, postageMinor: 0 })),
})
