import type { StepDraft } from '../../makeup'
import type { Coefficient } from '../../quantities'
import { counted } from '../../units'
import { option, type StockMaking } from '../kit/way'

/** What goes with every hour in the oven: its heat is read, not believed. */
export const OVEN: readonly string[] = ['oven', 'oven tray', 'oven thermometer']

/** An hour for each tray: one is in the oven at a time, and someone stays by it. @param celsius 80, or 100 for soil */
export function inOven(
  on: StockMaking,
  by: Coefficient,
  trays: number,
  celsius: 80 | 100,
): StepDraft['wait'] {
  const what =
    trays > 1
      ? `${counted(trays, 'tray')}, an hour each at ${celsius} °C, until fully dry`
      : `An hour at ${celsius} °C, until fully dry`
  return { ...on.rests(by, what, 'cure'), leastMin: on.value(by) * trays, attended: true }
}

/** Left to itself, or in the oven, which also kills what lives in earth. Common practice. */
export const drying = option(
  'drying',
  'Drying',
  ['air', 'in the air', 'on paper, in the sun or a warm room'],
  ['oven', 'in the oven', 'an hour a tray at 100 °C, watched; seeds, eggs and spores die too'],
)
