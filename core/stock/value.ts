import type { StockState } from './ledger'

/** What the shelf is worth, in hundredths. */
export interface StockValue {
  readonly minor: number
  /** Lots with something in them whose price nobody knows: they are not in the sum. */
  readonly unpriced: number
}

/**
 * What is left, at what it was bought or made for: as the oldest is used first, what is left is of the newest
 * lots. A lot that the books have below nothing counts against its material.
 */
export function stockValue(states: readonly StockState[]): StockValue {
  let minor = 0
  let unpriced = 0
  for (const { lots } of states)
    for (const { onHand, unitPriceMinor } of lots) {
      if (onHand === 0) continue
      if (unitPriceMinor === undefined) unpriced += 1
      else minor += onHand * unitPriceMinor
    }
  return { minor, unpriced }
}
