import type { Material } from '../stock'
import { basketOf, type Basket, type MoneyWords } from './basket'
import type { Supplier } from './records'
import type { BasketOptions, BasketProblem, BasketSolution } from './search'
import { buyingProblem, type BuyingTask, type Obstacle } from './task'

/** Who looks for the cheapest basket: the search itself, or one that runs elsewhere. */
export type Solver = (problem: BasketProblem, options?: BasketOptions) => Promise<BasketSolution | undefined>

/** What all of it would cost of one supplier alone; what they do not have, and what would come later than need be. */
export interface Alone {
  readonly supplier: Supplier
  /** Absent where they can't cover it. */
  readonly netMinor?: number
  readonly lacks: readonly Material[]
  readonly late: readonly Material[]
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
    const own = buyingProblem({ ...task, suppliers: [supplier] })
    const lacks = own.obstacles.filter(({ kind }) => kind !== 'late').map(({ material }) => material)
    const soonest = new Map(obstacles.map((one) => [one.material.id, one.soonest]))
    // Late with everybody is late; later than that counts against this one.
    const late = own.obstacles
      .filter((one) => one.kind === 'late' && (one.soonest ?? '') > (soonest.get(one.material.id) ?? ''))
      .map(({ material }) => material)
    // What nobody has does not count against one of them; what is late with others must be had all the same.
    const missing = new Set(
      obstacles.filter(({ kind }) => kind !== 'late').map(({ material }) => material.id),
    )
    const whole = lacks.length === missing.size ? await solve(own.problem) : undefined
    alone.push({
      supplier,
      ...(whole ? { netMinor: whole.netMinor } : {}),
      lacks: lacks.filter(({ id: materialId }) => !missing.has(materialId)),
      late,
    })
  }
  return { ...(basket ? { basket } : {}), ...(second ? { second } : {}), alone, obstacles, leftOut }
}
