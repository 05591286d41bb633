import { makeUp, needsOf, type StockMethod } from '../../makeup'
import { allocate, firstDue, takersOf, type Claim, type StockState } from '../../stock'
import { cutAndDyed } from './cut-and-dyed'
import { earthRecipes } from './earth-recipes'
import { mixtureMethods } from './mixtures'
import { ovenRecipes } from './oven-recipes'
import { shredded } from './shredded'

/** Ways of making stock from stock, and how a material can be made, if there is a way. */
export const stockMethods: readonly StockMethod[] = [
  ...mixtureMethods,
  ...earthRecipes,
  ...ovenRecipes,
  ...shredded,
  ...cutAndDyed,
]
export const stockMethodFor = (materialId: string): StockMethod | undefined =>
  stockMethods.find((method) => method.product === materialId || method.also?.includes(materialId) === true)

/** What is made of what is made: soil is graded before a ground is mixed of it. */
const MOST_LEVELS = 4

/**
 * What must be made at home, and so what goes into it: for each material that no pack is known of and that
 * has a recipe, a claim of its ingredients, due when the first who lacks it is. Of a recipe that gives
 * several grades, the one that lacks most tells how much of the whole is made.
 * @param own coefficients that the maker has set, by id
 * @param coming what is being made of a material already, in its unit
 */
export function makingClaims(
  claims: readonly Claim[],
  states: readonly StockState[],
  coming: ReadonlyMap<string, number>,
  own: ReadonlyMap<string, number>,
): Claim[] {
  const made: Claim[] = []
  const done = new Set<string>()
  const home = states.filter(
    ({ material }) => material.packQuantity === undefined && stockMethodFor(material.id) !== undefined,
  )
  // Of very many claims few want of what is made at home.
  const takers = takersOf(claims)
  const wantingHome = [
    ...new Set(home.flatMap(({ material }) => (takers.get(material.id) ?? []).map(({ claim }) => claim))),
  ]
  for (let level = 0; level < MOST_LEVELS; level += 1) {
    const wanting = [...wantingHome, ...made]
    const { shortages } = allocate(wanting, home, coming)
    const batches = new Map<string, { quantity: number; claim: Claim }>()
    for (const { materialId, short, shortOnTray, unit } of shortages) {
      const method = stockMethodFor(materialId)
      if (!method || done.has(method.id)) continue
      const quantity = short + shortOnTray
      const work = makeUp({
        job: { kind: 'stock', materialId, quantity, unit },
        method,
        states,
        own,
        dryingFactor: 1,
      })
      const needs = needsOf(work.uses)
      const whole = needs.reduce((sum, need) => sum + need.quantity, 0)
      if (whole <= (batches.get(method.id)?.quantity ?? 0)) continue
      const due = firstDue(wanting, [materialId])
      const claim: Claim = {
        id: `make:${method.id}`,
        who: `${method.name}, to be made`,
        ...(due === undefined ? {} : { due }),
        order: 3000 + made.length + batches.size,
        needs,
      }
      batches.set(method.id, { quantity: whole, claim })
    }
    if (batches.size === 0) return made
    for (const [id, { claim }] of batches) {
      done.add(id)
      made.push(claim)
    }
  }
  return made
}
