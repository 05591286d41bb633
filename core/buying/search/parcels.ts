import type { BasketSupplier } from './problem'

/** Which suppliers send a parcel, whether each is paid for, and what must be spent at each for that. */
export interface Parcels {
  /** Suppliers as bits by their place. */
  readonly from: number
  /** The least that is spent at each, in hundredths; 0 where nothing is asked. */
  readonly least: readonly number[]
  readonly postageMinor: number
}

/**
 * Every way to have parcels of these suppliers: each is paid for, or goes free from its sum on.
 * @param strict a supplier who is among them gets an order: something is spent there
 */
export function parcelsOf(suppliers: readonly BasketSupplier[], from: number, strict: boolean): Parcels[] {
  let ways: Parcels[] = [{ from, least: suppliers.map(() => 0), postageMinor: 0 }]
  suppliers.forEach(({ postageMinor, freeFromMinor, minimumMinor = 0 }, place) => {
    if (!((from >> place) & 1)) return
    const least = Math.max(minimumMinor, strict ? 1 : 0)
    const kinds = [
      ...(freeFromMinor !== undefined && freeFromMinor <= least ? [] : [{ least, postageMinor }]),
      ...(freeFromMinor === undefined ? [] : [{ least: Math.max(least, freeFromMinor), postageMinor: 0 }]),
    ]
    ways = ways.flatMap((way) =>
      kinds.map((kind) => ({
        from,
        least: way.least.with(place, kind.least),
        postageMinor: way.postageMinor + kind.postageMinor,
      })),
    )
  })
  return ways
}

/** What a parcel of so much costs: nothing where nothing is sent, or it goes free. */
export const postageOf = ({ postageMinor, freeFromMinor }: BasketSupplier, spentMinor: number): number =>
  spentMinor <= 0 || (freeFromMinor !== undefined && spentMinor >= freeFromMinor) ? 0 : postageMinor
