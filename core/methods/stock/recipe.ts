import { stepsWith, use, type Coefficient, type StepDraft, type StockMethod, type Wish } from '../../makeup'
import { fact, figure, most, number, product, quotient } from '../../quantities'
import { catalogueRow } from '../../stock'

/** What goes in: so much for each gram of all that comes out. */
interface Ingredient {
  readonly slot: string
  readonly label: string
  readonly wish: Wish
  readonly each: number
  /** It can be left out. */
  readonly optional?: boolean
}

/** What comes out: its share of the whole by mass. */
interface Outcome {
  readonly materialId: string
  readonly share: Coefficient
}

/** What a recipe's hands and waits follow: how much goes through, and how an open film dries here. */
export interface RecipeBatch {
  /** All that comes out, before what is lost. */
  readonly wholeG: number
  readonly dryMin: (min: number) => number
}

/** Loads that so much takes; at least one. */
export const loadsOf = (grams: number, loadG: number): number => Math.max(1, Math.ceil(grams / loadG - 1e-9))

interface Recipe {
  readonly id: string
  readonly name: string
  readonly makes: string
  readonly ingredients: readonly Ingredient[]
  readonly outcomes: readonly [Outcome, ...Outcome[]]
  readonly coefficients: Readonly<Record<string, Coefficient>>
  readonly steps: (value: (coefficient: Coefficient) => number, batch: RecipeBatch) => readonly StepDraft[]
  readonly example: number
}

/**
 * A recipe as a way of making stock: asked for one of what comes out, all of it is made in the measure that
 * gives so much of that one.
 */
export function recipe(of: Recipe): StockMethod {
  const [first, ...rest] = of.outcomes
  return {
    id: of.id,
    name: of.name,
    makes: of.makes,
    kinds: ['stock'],
    product: first.materialId,
    ...(rest.length === 0 ? {} : { also: rest.map(({ materialId }) => materialId) }),
    coefficients: Object.values(of.coefficients),
    options: [],
    spoilage: NOTHING_SPOILT,
    slots: () =>
      of.ingredients.map(({ slot, label, wish, optional }) => ({
        id: slot,
        label,
        wish,
        ...(optional ? { optional } : {}),
      })),
    work(task) {
      const { job, value } = task
      const wanted = of.outcomes.find(({ materialId }) => materialId === job.materialId) ?? first
      const all = quotient(
        fact('wanted', job.quantity, 'g', 'line'),
        most(number(0.01), task.input(wanted.share)),
      )
      const batch: RecipeBatch = { wholeG: all.value, dryMin: task.dryMin }
      const steps = of.steps(value, batch)
      const lead = steps[0]?.id ?? ''
      const uses = of.ingredients.flatMap(({ slot, label, each, optional }) => {
        if (optional && task.fill(slot).parts.length === 0) return []
        const unit = task.fill(slot).parts[0]?.material.unit ?? 'g'
        const amount = product(all, fact('part', each, unit === 'g' ? '' : `${unit}/g`, 'memory', label))
        return [use(task, { slot, step: lead, label, each: amount, total: amount })]
      })
      const sum = of.outcomes.reduce((all, { share: own }) => all + value(own), 0)
      const drawn = [...new Set(uses.flatMap(({ material }) => (material ? [material.id] : [])))]
      return {
        uses,
        pours: [],
        cuts: [],
        yields: of.outcomes.map(({ materialId, share: own }) => ({
          label: catalogueRow(materialId).name,
          source: 'home-made',
          material: catalogueRow(materialId),
          quantity: figure(product(all, task.input(own)), 'g'),
          shares: drawn.map((id) => ({ materialId: id, share: value(own) / Math.max(sum, 1e-9) })),
        })),
        steps: stepsWith(uses, steps),
      }
    },
    examples: [{ kind: 'stock', materialId: first.materialId, quantity: of.example, unit: 'g' }],
  }
}

const NOTHING_SPOILT: Coefficient = {
  id: 'shared/recipe-spoilage',
  name: 'spoilage',
  value: 0,
  unit: '',
  origin: 'formula',
  range: [0, 0.5],
  spread: 0.25,
}
