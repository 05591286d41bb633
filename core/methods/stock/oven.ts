import type { Coefficient } from '../../quantities'
import { counted } from '../../units'
import type { Draft } from '../kit/making'
import { option, type StockMaking } from '../kit/way'

/**
 * An hour for each tray: one is in the oven at a time, someone stays by it, and its heat is read, not believed.
 * @param celsius 80, or 100 for soil
 */
export function inOven(
  on: StockMaking,
  by: Coefficient,
  trays: number,
  celsius: 80 | 100,
): Pick<Draft, 'wait' | 'tools'> {
  const what =
    trays > 1
      ? `${counted(trays, 'tray')}, an hour each at ${celsius} °C, until fully dry`
      : `An hour at ${celsius} °C, until fully dry`
  return {
    wait: { ...on.rests(by, what, 'cure'), leastMin: on.value(by) * trays, attended: true },
    tools: ['oven', 'oven tray', 'oven thermometer'],
  }
}

/** Left to itself, or in the oven, which also kills what lives in earth. Common practice. */
export const drying = option(
  'drying',
  'Drying',
  ['air', 'in the air', 'on paper, in the sun or a warm room'],
  ['oven', 'in the oven', 'an hour a tray at 100 °C, watched; seeds, eggs and spores die too'],
)
