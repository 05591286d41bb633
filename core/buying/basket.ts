import type { Material } from '../stock'
import { formatQuantity } from '../units'
import type { Offer, Supplier } from './records'
import { postageOf, type BasketProblem, type BasketSolution } from './search'
import { arrivesOn, unitPriceOf, type BuyingProblem, type BuyingTask } from './task'

/** Packs of one offer in a basket, and why they are there. */
export interface BasketLine {
  readonly offer: Offer
  readonly material: Material
  readonly packs: number
  readonly quantity: number
  readonly costMinor: number
  readonly reasons: readonly string[]
}

/** What one supplier sends. */
export interface Parcel {
  readonly supplier: Supplier
  readonly lines: readonly BasketLine[]
  readonly goodsMinor: number
  readonly postageMinor: number
  /** The day that all of it is here. */
  readonly arrives: string
}

export interface Basket extends BasketSolution {
  readonly parcels: readonly Parcel[]
  /** What is over when all that was asked is covered, by material. */
  readonly over: readonly { readonly material: Material; readonly quantity: number }[]
}

/** How prices are written, for reasons in words. */
export type MoneyWords = (minor: number) => string

/** A solution with its parcels, what is over, and its reasons. */
export function basketOf(
  task: BuyingTask,
  { problem }: BuyingProblem,
  solution: BasketSolution,
  money: MoneyWords,
): Basket {
  const offers = new Map(task.offers.map((offer) => [offer.id, offer]))
  const materials = new Map(task.wanted.map(({ material }) => [material.id, material]))
  const picked = new Map(solution.picks.map(({ offerId, packs }) => [offerId, packs]))
  const lines = solution.picks.flatMap(({ offerId, packs }): BasketLine[] => {
    const offer = offers.get(offerId)
    const material = materials.get(offer?.materialId ?? '')
    if (!offer || !material) return []
    return [
      {
        offer,
        material,
        packs,
        quantity: packs * offer.packQuantity,
        costMinor: packs * offer.priceMinor,
        reasons: reasonsFor(offer, task, problem, picked, money),
      },
    ]
  })
  const parcels = task.suppliers.flatMap((supplier): Parcel[] => {
    const own = lines.filter(({ offer }) => offer.supplierId === supplier.id)
    if (own.length === 0) return []
    const goodsMinor = own.reduce((sum, { costMinor }) => sum + costMinor, 0)
    const days = own.map(({ offer }) => arrivesOn(offer, supplier, task.today)).sort()
    return [
      {
        supplier,
        lines: own.sort((a, b) => a.material.name.localeCompare(b.material.name)),
        goodsMinor,
        postageMinor: postageOf(supplier, goodsMinor),
        arrives: days.at(-1) ?? task.today,
      },
    ]
  })
  const over = problem.needs.flatMap(({ materialId, dues }) => {
    const material = materials.get(materialId)
    const bought = lines
      .filter((line) => line.material.id === materialId)
      .reduce((sum, { quantity }) => sum + quantity, 0)
    const quantity = bought - (dues.at(-1)?.quantity ?? 0)
    return material && quantity > 1e-6 ? [{ material, quantity }] : []
  })
  return { ...solution, parcels, over }
}

/** Why packs of this offer and no others, in words; empty where there is nothing to say. */
function reasonsFor(
  offer: Offer,
  task: BuyingTask,
  problem: BasketProblem,
  picked: ReadonlyMap<string, number>,
  money: MoneyWords,
): string[] {
  const { materialId } = offer
  const unit = task.wanted.find(({ material }) => material.id === materialId)?.material.unit ?? 'g'
  const need = problem.needs.find((own) => own.materialId === materialId)
  const nameOf = (id: string): string => task.suppliers.find((one) => one.id === id)?.name ?? id
  const rivals = problem.offers.filter((own) => own.materialId === materialId && own.id !== offer.id)
  const gone = task.offers.filter((own) => own.materialId === materialId && own.stock === 'sold out')
  const lacking = need?.dues.at(-1)?.quantity ?? 0
  const reasons: string[] = []
  const mine = problem.offers.filter((own) => own.materialId === materialId && picked.has(own.id))
  const bought = mine.reduce((sum, own) => sum + own.packQuantity * (picked.get(own.id) ?? 0), 0)
  const paid = mine.reduce((sum, own) => sum + own.priceMinor * (picked.get(own.id) ?? 0), 0)
  const spare = lacking > 0 ? bought - offer.packQuantity >= lacking - 1e-6 : true
  if (lacking === 0) reasons.push('for work that comes later')
  else if (spare && task.leftovers === 'nothing')
    reasons.push('one pack more than is lacking: with it the parcel goes free, or reaches its minimum')
  else if (spare) reasons.push('more than is lacking now: later work uses it')
  if (rivals.length === 0) reasons.push('the only one on offer')
  const first = need?.dues[0]
  const early = rivals.filter(
    (own) => first && own.arrives > first.by && unitPriceOf(own) < unitPriceOf(offer),
  )
  for (const own of early.slice(0, 1))
    reasons.push(`${nameOf(own.supplierId)} has it for less, but not in time`)
  for (const own of gone.filter((one) => unitPriceOf(one) < unitPriceOf(offer)).slice(0, 1))
    reasons.push(`${nameOf(own.supplierId)} has it for less, but is sold out`)
  const alone = rivals
    .filter((own) => !picked.has(own.id) && !early.includes(own) && lacking > 0)
    .map((own) => ({ own, cost: Math.ceil(lacking / own.packQuantity - 1e-9) * own.priceMinor }))
    .sort((a, b) => a.cost - b.cost)[0]
  if (alone && !spare) {
    const packs = Math.ceil(lacking / alone.own.packQuantity - 1e-9)
    const what = `${packs} × ${formatQuantity(alone.own.packQuantity, unit)} from ${nameOf(alone.own.supplierId)}`
    if (alone.cost > paid) reasons.push(`${what} would cost ${money(alone.cost - paid)} more`)
    else if (alone.cost < paid && alone.own.supplierId !== offer.supplierId)
      reasons.push(`${what} would cost ${money(paid - alone.cost)} less by itself, and more with its parcel`)
  }
  return reasons
}
