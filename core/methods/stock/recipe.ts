import type { Slot, StockMethod, Yield } from '../../makeup'
import { fact, figure, most, number, product, quotient, type Coefficient } from '../../quantities'
import { coefficients, row } from '../kit/rows'
import { catalogueRow, unitOfSpec } from '../../stock'
import type { TradeOrigin } from '../../units'
import type { Draft, Operation, Taken } from '../kit/making'
import { stockWay, type StockMaking, type StockWay } from '../kit/way'

/** What goes in: a slot, and so much for each gram of all that comes out. */
type Ingredient = readonly [slot: Slot, each: number]
/** What comes out: its share of the whole by mass. */
type Outcome = readonly [materialId: string, share: Coefficient]

interface Recipe extends Pick<StockWay, 'id' | 'name' | 'makes' | 'options'> {
  readonly ingredients: readonly Ingredient[]
  readonly outcomes: readonly [Outcome, ...Outcome[]]
  readonly figures: Readonly<Record<string, Coefficient>>
  /** What hands do with all that comes out, g, before what is lost. */
  readonly operations: (on: StockMaking, wholeG: number) => readonly [Operation, ...Operation[]]
  readonly exampleG: number
}

/** Loads that so much takes; at least one. */
export const loadsOf = (grams: number, loadG: number): number => Math.max(1, Math.ceil(grams / loadG - 1e-9))

/** An operation that takes so many seconds for all of it. */
export const wholeBatch = (
  on: StockMaking,
  sec: number,
  id: string,
  title: string,
  draft: Draft,
  by?: TradeOrigin,
): Operation => on.work(id, title, { ...draft, hands: [0, Math.round(sec), by] })

/**
 * A recipe as a way of making stock: asked for one of what comes out, all of it is made in the measure that gives so
 * much of that one.
 */
export function recipe({ outcomes, ingredients, figures, operations, exampleG, ...of }: Recipe): StockMethod {
  const [first, ...others] = outcomes
  const drawnBy = (takes: readonly Taken[]): string[] => [
    ...new Set(takes.flatMap(({ material }) => (material ? [material.id] : []))),
  ]
  return stockWay({
    ...of,
    product: first[0],
    ...(others.length === 0 ? {} : { also: others.map(([materialId]) => materialId) }),
    figures: {
      ...figures,
      ...coefficients(of.id, { spoilage: row('spoilage', 0, '', [0, 0.5], 'formula') }),
    },
    materials: ingredients.map(([slot]) => slot),
    operations: (on) => {
      const { job } = on
      const [, wanted] = outcomes.find(([materialId]) => materialId === job.materialId) ?? first
      const whole = quotient(fact('wanted', job.quantity, 'g', 'line'), most(number(0.01), on.input(wanted)))
      const takes = ingredients.flatMap(([{ id, label, optional, wish }, each]) => {
        if (optional && !on.has(id)) return []
        const unit = on.material(id)?.unit ?? unitOfSpec(wish)
        const part = fact('part', each, unit === 'g' ? '' : `${unit}/g`, 'memory', label)
        return [on.takeAll(id, product(whole, part))]
      })
      const sum = outcomes.reduce((shares, [, own]) => shares + on.value(own), 0)
      const yields = outcomes.map(([materialId, own]): Yield => ({
        label: catalogueRow(materialId).name,
        source: 'home-made',
        material: catalogueRow(materialId),
        quantity: figure(on.product(whole, own), 'g'),
        shares: drawnBy(takes).map((id) => ({
          materialId: id,
          share: on.value(own) / Math.max(sum, 1e-9),
        })),
      }))
      const [lead, ...rest] = operations(on, whole.value)
      return [{ ...lead, takes, yields }, rest]
    },
    examples: [{ kind: 'stock', materialId: first[0], quantity: exampleG, unit: 'g' }],
  })
}
