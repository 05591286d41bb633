/** A pack on offer, as the search for a basket sees it. */
export interface BasketOffer {
  readonly id: string
  readonly supplierId: string
  readonly materialId: string
  /** In the material's unit, above 0. */
  readonly packQuantity: number
  readonly priceMinor: number
  /** The day that it would be here, if it were ordered now; ISO. */
  readonly arrives: string
}

/** What a parcel from a supplier costs beside what is in it, in hundredths. */
export interface BasketSupplier {
  readonly id: string
  readonly postageMinor: number
  /** From so much on nothing is paid for the parcel. */
  readonly freeFromMinor?: number
  /** Less than this is not sent. */
  readonly minimumMinor?: number
}

/** What must be bought of one material. */
export interface BasketNeed {
  readonly materialId: string
  /**
   * What is lacking by each day, all that came before included; rising, soonest first; none: nothing must be
   * bought.
   */
  readonly dues: readonly { readonly by: string; readonly quantity: number }[]
  /** What planned work takes beyond that: what is left over of a pack has its use there, and so its worth. */
  readonly later: number
}

export interface BasketProblem {
  readonly needs: readonly BasketNeed[]
  readonly offers: readonly BasketOffer[]
  readonly suppliers: readonly BasketSupplier[]
}

/** Packs of an offer; never 0. */
export interface BasketPick {
  readonly offerId: string
  readonly packs: number
}

export interface BasketSolution {
  readonly picks: readonly BasketPick[]
  readonly goodsMinor: number
  readonly postageMinor: number
  /** What leftovers are worth to planned work; it is taken off before baskets are compared. */
  readonly worthMinor: number
  /** Goods and postage, less that worth: what the search makes least. */
  readonly netMinor: number
  /** No basket costs less than this: the same, where it is proven the cheapest; less, where the proof was given up. */
  readonly notBelowMinor: number
}

/** A material as the search sees it, by the places of offers and suppliers. */
export interface Demand {
  readonly materialId: string
  readonly offers: readonly DemandOffer[]
  /** What is lacking by each of its days, rising. */
  readonly lacking: readonly number[]
  /** Up to here, what is bought has its use: the last of what is lacking, and what later work takes. */
  readonly useful: number
  /** What a unit left over is worth, in hundredths: its cheapest on offer, where it has a use. */
  readonly unitWorthMinor: number
}

export interface DemandOffer {
  readonly id: string
  readonly supplier: number
  readonly quantity: number
  readonly priceMinor: number
  /** The first of the demand's days that it is here for. */
  readonly from: number
}

/**
 * Demands with the suppliers they may be bought from. @throws RangeError for an offer of a supplier who is not
 * there
 */
export function demandsOf({ needs, offers, suppliers }: BasketProblem): Demand[] {
  const places = new Map(suppliers.map(({ id }, i) => [id, i]))
  return needs.map(({ materialId, dues, later }) => {
    const lacking = dues.map(({ quantity }) => quantity)
    const own = offers
      .filter((offer) => offer.materialId === materialId)
      .flatMap(({ id, supplierId, packQuantity, priceMinor, arrives }): DemandOffer[] => {
        const supplier = places.get(supplierId)
        if (supplier === undefined)
          throw new RangeError(`supplier of offer ${id} is ${supplierId}; it must be among the suppliers`)
        const first = dues.findIndex(({ by }) => arrives <= by)
        if (first < 0 && dues.length > 0) return []
        return [{ id, supplier, quantity: packQuantity, priceMinor, from: Math.max(0, first) }]
      })
    const cheapest = Math.min(...own.map(({ priceMinor, quantity }) => priceMinor / quantity))
    return {
      materialId,
      offers: own,
      lacking,
      useful: (lacking.at(-1) ?? 0) + later,
      unitWorthMinor: later > 0 && Number.isFinite(cheapest) ? cheapest : 0,
    }
  })
}
