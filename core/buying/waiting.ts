import { shortageOf } from '../stock'
import { addDays } from '../units'
import type { Basket } from './basket'
import type { Solver } from './plan'
import { buyingProblem, SOME_DAY, type BuyingTask, type WantedMaterial } from './task'

/** What is won by waiting: the order for what is needed up to a day, and the next one, sent as one. */
export interface Waiting {
  /** The last day that the basket can be sent and all of it still be in time. */
  readonly sendBy?: string
  /** How many materials the next order is for. */
  readonly next: number
  /** What one order for both saves, in hundredths. */
  readonly savesMinor: number
}

/** @returns undefined where there is nothing to buy later, or a basket can't be had */
export async function waitingFor(
  task: BuyingTask,
  basket: Basket,
  solve: Solver,
): Promise<Waiting | undefined> {
  if (task.until === undefined) return undefined
  const { until: _until, ...open } = task
  const bare: BuyingTask = { ...open, leftovers: 'nothing' }
  const together = await solve(buyingProblem(bare).problem)
  const boughtOf = new Map<string, number>()
  for (const { material, quantity } of basket.parcels.flatMap(({ lines }) => lines))
    boughtOf.set(material.id, (boughtOf.get(material.id) ?? 0) + quantity)
  const rest = task.wanted.flatMap(({ material, ahead }): WantedMaterial[] => {
    const bought = boughtOf.get(material.id) ?? 0
    const lacking = ahead.lacking
      .map((due) => ({ ...due, quantity: due.quantity - bought }))
      .filter(({ quantity }) => shortageOf(quantity, 0, material.unit) > 0)
      // What is lacking now and can't be had stays out.
      .filter(({ by }) => (by ?? SOME_DAY) > (task.until ?? SOME_DAY))
    return lacking.length > 0 ? [{ material, ahead: { ...ahead, lacking } }] : []
  })
  const later = buyingProblem({ ...bare, wanted: rest })
  const next = later.problem.needs.length > 0 ? await solve(later.problem) : undefined
  if (!together || !next || next.picks.length === 0) return undefined
  const savesMinor =
    basket.goodsMinor +
    basket.postageMinor +
    next.goodsMinor +
    next.postageMinor -
    (together.goodsMinor + together.postageMinor)
  const sendBy = lastSendDay(task, basket)
  return { ...(sendBy === undefined ? {} : { sendBy }), next: later.problem.needs.length, savesMinor }
}

/**
 * The last day that a basket can be sent and what is lacking still be here by its day; undefined: nothing has
 * a day.
 */
export function lastSendDay(task: BuyingTask, basket: Basket): string | undefined {
  const days = basket.parcels.flatMap(({ supplier, lines }) =>
    lines.flatMap(({ offer, material }) => {
      const ahead = task.wanted.find((own) => own.material.id === material.id)?.ahead
      const first = ahead?.lacking[0]?.by
      return first === undefined ? [] : [addDays(first, -(offer.days ?? supplier.days))]
    }),
  )
  const day = days.sort()[0]
  return day === undefined ? undefined : day < task.today ? task.today : day
}
