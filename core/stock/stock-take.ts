import { countCorrection, tidy, type LotState, type StockState } from './ledger'
import type { Material } from './records'

/** What was found in a jar, and what the books said of it at that moment; in the material's unit. */
export interface Found {
  readonly lotId: string
  readonly counted: number
  readonly books: number
  /** When it was counted; absent: when it is written. */
  readonly at?: string
}

/** A jar of a stock-take, before what was found in it is written. */
export interface TakeRow {
  readonly material: Material
  readonly lot: LotState
  readonly found: Found
  /** What was found less what the books said then. */
  readonly difference: number
  /** What the books have changed by since it was counted: a batch has drawn. It stays as it is. */
  readonly since: number
  /** What the difference is worth, in hundredths, where the lot has a price. */
  readonly worthMinor?: number
}

/** What a stock-take has found, largest loss or gain first; jars that are gone are left out. */
export function takeRows(found: readonly Found[], states: readonly StockState[]): TakeRow[] {
  const lots = new Map(
    states.flatMap(({ material, lots: own }) => own.map((lot) => [lot.lot.id, { material, lot }])),
  )
  return found
    .flatMap((one): TakeRow[] => {
      const row = lots.get(one.lotId)
      if (!row) return []
      const difference = countCorrection(one.counted, one.books)
      const { unitPriceMinor } = row.lot
      return [
        {
          ...row,
          found: one,
          difference,
          since: tidy(row.lot.onHand - one.books),
          ...(unitPriceMinor === undefined ? {} : { worthMinor: unitPriceMinor * difference }),
        },
      ]
    })
    .sort(
      (a, b) =>
        Math.abs(b.worthMinor ?? 0) - Math.abs(a.worthMinor ?? 0) ||
        a.material.name.localeCompare(b.material.name),
    )
}
