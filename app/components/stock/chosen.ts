import type { StockState } from '~~/core/stock'
import { formatQuantity } from '~~/core/units'

/** Materials as a list to be sent: a line each, with what there is. */
export const listOf = (states: readonly StockState[]): string =>
  states.map(({ material: { name, unit }, onHand }) => `${name}: ${formatQuantity(onHand, unit)}`).join('\n')
