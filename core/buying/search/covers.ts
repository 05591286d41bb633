import type { Demand } from './problem'

/** Packs of one material that cover what is lacking of it, with nothing in them that could be left out. */
export interface Cover {
  /** By the place of the offer. */
  readonly packs: readonly number[]
  /** What is paid, less what the rest is worth, in hundredths. */
  readonly netMinor: number
  /** What is paid at each supplier, in hundredths. */
  readonly spent: Float64Array
}

/** Amounts that differ by less are the same: they come of adding decimals. */
const DUST = 1e-6
/** Among baskets that cost the same, that with less to pay now: a millionth of it decides. */
const TIE = 1e-6
/** Covers of one material that are kept, and steps that are taken to find them, at most. */
const MOST_COVERS = 40_000
const MOST_STEPS = 400_000
/** As many packs of one offer as an order takes. */
const MOST_PACKS = 10_000

const reaches = (quantity: number, wanted: number): boolean => quantity >= wanted - DUST

/**
 * All covers of a demand from these suppliers that cost at most so much more than the cheapest. Depth first over the
 * offers, the cheapest unit first; what is left is bought at least at the cheapest unit that remains.
 * @param allowed suppliers as bits by their place
 * @param within in hundredths; 0: only the cheapest
 * @returns none where it can't be covered; `complete` where no cover was passed over
 */
export function coversOf(
  demand: Demand,
  allowed: number,
  suppliers: number,
  within: number,
): { readonly covers: Cover[]; readonly complete: boolean } {
  const worth = demand.unitWorthMinor
  const own = demand.offers
    .map((offer, place) => ({ ...offer, place, extra: offer.priceMinor - worth * offer.quantity }))
    .filter(({ supplier }) => (allowed >> supplier) & 1)
    .sort((a, b) => a.extra / a.quantity - b.extra / b.quantity || b.quantity - a.quantity)
  const needed = demand.lacking.at(-1) ?? 0
  const { useful } = demand
  const arrived = demand.lacking.map(() => 0)
  const packs = new Array<number>(demand.offers.length).fill(0)
  let cheapest = Infinity
  let covers: Cover[] = []
  let complete = true
  let steps = 0

  const covered = (): boolean => demand.lacking.every((lacking, i) => reaches(arrived[i] ?? 0, lacking))
  const add = (at: number, count: number): void => {
    const offer = own[at]
    if (!offer) return
    packs[offer.place] = (packs[offer.place] ?? 0) + count
    for (let i = offer.from; i < arrived.length; i += 1)
      arrived[i] = (arrived[i] ?? 0) + count * offer.quantity
  }
  /** Whether a pack could be left out: then this is a smaller cover and a pack more. */
  const hasSpare = (total: number): boolean =>
    own.some((offer, at) => {
      if ((packs[offer.place] ?? 0) === 0 || !reaches(total - offer.quantity, useful)) return false
      add(at, -1)
      const spare = covered()
      add(at, 1)
      return spare
    })

  function take(total: number): void {
    if (!covered() || hasSpare(total)) return
    const paid = demand.offers.reduce((sum, { priceMinor }, i) => sum + priceMinor * (packs[i] ?? 0), 0)
    const netMinor = paid - worth * Math.max(0, Math.min(total, useful) - needed) + TIE * paid
    if (netMinor > cheapest + within + DUST) return
    cheapest = Math.min(cheapest, netMinor)
    const spent = new Float64Array(suppliers)
    demand.offers.forEach(({ priceMinor, supplier }, i) => {
      spent[supplier] = (spent[supplier] ?? 0) + priceMinor * (packs[i] ?? 0)
    })
    covers.push({ packs: [...packs], netMinor, spent })
  }

  function descend(at: number, total: number, extra: number): void {
    steps += 1
    if (covers.length > MOST_COVERS || steps > MOST_STEPS) {
      complete = false
      return
    }
    const offer = own[at]
    if (!offer) return take(total)
    const left = Math.max(0, needed - total)
    if (worth * needed + extra + (left * offer.extra) / offer.quantity > cheapest + within + DUST) return
    const enough = reaches(total, useful) && covered()
    const wanted = Math.ceil(Math.max(useful, DUST) / offer.quantity - DUST)
    const most = enough ? 0 : Math.min(MOST_PACKS, wanted)
    for (let count = most; count >= 0 && steps <= MOST_STEPS; count -= 1) {
      add(at, count)
      descend(at + 1, total + count * offer.quantity, extra + count * offer.extra)
      add(at, -count)
    }
  }
  descend(0, 0, 0)
  covers = covers
    .filter(({ netMinor }) => netMinor <= cheapest + within + DUST)
    .sort((a, b) => a.netMinor - b.netMinor)
  return { covers, complete }
}
