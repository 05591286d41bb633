import type { PriceList } from '../../core/buying'

/** Where price lists come from. The simulated one ships with the server; a real one takes its place here. */
export interface PriceListPort {
  /** Names that it knows. */
  readonly suppliers: readonly string[]
  /**
   * Today's list of a supplier.
   * @throws PriceListFault when it can't be had now
   */
  readonly list: (supplier: string) => Promise<PriceList>
}

/** A list that could not be had, and whether asking again helps. */
export class PriceListFault extends Error {
  override name = 'PriceListFault'
}
