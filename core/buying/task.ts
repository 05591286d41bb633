import type { Ahead, Material } from '../stock'
import { addDays } from '../units'
import type { Offer, Supplier } from './records'
import { MOST_SUPPLIERS, type BasketNeed, type BasketOffer, type BasketProblem } from './search'

/** A material with what is lacking of it from today on. */
export interface WantedMaterial {
  readonly material: Material
  readonly ahead: Ahead
}

export interface BuyingTask {
  readonly wanted: readonly WantedMaterial[]
  readonly offers: readonly Offer[]
  readonly suppliers: readonly Supplier[]
  /** ISO. */
  readonly today: string
  /** What is needed by this day is bought now; absent: all that is planned, also what has no day. */
  readonly until?: string
  /** Whether what is left over of a pack counts for what planned work would pay for it, or for nothing. */
  readonly leftovers: 'worth' | 'nothing'
}

/** Why a material is not in the basket, or comes late. */
export interface Obstacle {
  readonly material: Material
  readonly kind: 'no offer' | 'sold out' | 'late'
  readonly lacking: number
  readonly by?: string
  /** The soonest that it could be here. */
  readonly soonest?: string
}

/** What a search is asked, and what it can't be asked. */
export interface BuyingProblem {
  readonly problem: BasketProblem
  readonly obstacles: readonly Obstacle[]
  /** Suppliers that were left out, where there are more than can be compared. */
  readonly leftOut: readonly Supplier[]
}

/** What has no day is wanted by then. */
export const SOME_DAY = '9999-12-31'

/** The day that a pack would be here if it were ordered on a day. */
export const arrivesOn = (offer: Offer, supplier: Supplier, ordered: string): string =>
  addDays(ordered, offer.days ?? supplier.days)

/** What is lacking of a material up to a day, and what later work lacks beyond it. */
function lackingUpTo({ lacking }: Ahead, until: string): { dues: BasketNeed['dues']; later: number } {
  const all = lacking.map(({ by, quantity }) => ({ by: by ?? SOME_DAY, quantity }))
  const dues = all.filter(({ by }) => by <= until)
  return { dues, later: Math.max(0, (all.at(-1)?.quantity ?? 0) - (dues.at(-1)?.quantity ?? 0)) }
}

/**
 * What must be bought, as the search asks it. What no offer brings in time is wanted as soon as one can; what nobody
 * has is told and left out.
 */
export function buyingProblem(task: BuyingTask): BuyingProblem {
  const { wanted, today, leftovers } = task
  const until = task.until ?? SOME_DAY
  const sellers = new Map(task.suppliers.map((supplier) => [supplier.id, supplier]))
  const obstacles: Obstacle[] = []
  const needs: BasketNeed[] = []
  const rows: BasketOffer[] = []
  for (const { material, ahead } of wanted) {
    const { dues, later } = lackingUpTo(ahead, until)
    const lacking = dues.at(-1)?.quantity ?? 0
    if (lacking <= 0 && (later <= 0 || leftovers === 'nothing')) continue
    const own = task.offers.filter(
      ({ materialId, supplierId }) => materialId === material.id && sellers.has(supplierId),
    )
    const there = own.flatMap((offer): BasketOffer[] => {
      const supplier = sellers.get(offer.supplierId)
      if (!supplier || offer.stock === 'sold out') return []
      const { id, supplierId, materialId, packQuantity, priceMinor } = offer
      return [
        { id, supplierId, materialId, packQuantity, priceMinor, arrives: arrivesOn(offer, supplier, today) },
      ]
    })
    const soonest = there.map(({ arrives }) => arrives).sort()[0]
    if (soonest === undefined) {
      if (lacking > 0)
        obstacles.push({ material, kind: own.length > 0 ? 'sold out' : 'no offer', lacking, ...byOf(dues) })
      continue
    }
    const late = dues.filter(({ by }) => by < soonest)
    if (late.length > 0)
      obstacles.push({ material, kind: 'late', lacking: late.at(-1)?.quantity ?? 0, ...byOf(late), soonest })
    needs.push({
      materialId: material.id,
      dues: dues.map(({ by, quantity }) => ({ by: by < soonest ? soonest : by, quantity })),
      later: leftovers === 'worth' ? later : 0,
    })
    rows.push(...there)
  }
  const counts = new Map<string, number>()
  for (const { supplierId } of rows) counts.set(supplierId, (counts.get(supplierId) ?? 0) + 1)
  const asked = [...sellers.values()]
    .filter(({ id }) => counts.has(id))
    .sort((a, b) => (counts.get(b.id) ?? 0) - (counts.get(a.id) ?? 0) || a.id.localeCompare(b.id))
  const kept = asked.slice(0, MOST_SUPPLIERS)
  const keptIds = new Set(kept.map(({ id }) => id))
  return {
    problem: {
      needs,
      offers: rows.filter(({ supplierId }) => keptIds.has(supplierId)),
      suppliers: kept.map(({ id, postageMinor, freeFromMinor, minimumMinor }) => ({
        id,
        postageMinor,
        ...(freeFromMinor === undefined ? {} : { freeFromMinor }),
        ...(minimumMinor === undefined ? {} : { minimumMinor }),
      })),
    },
    obstacles,
    leftOut: asked.slice(MOST_SUPPLIERS),
  }
}

const byOf = (dues: BasketNeed['dues']): { by?: string } => {
  const by = dues[0]?.by
  return by === undefined || by === SOME_DAY ? {} : { by }
}

/** The unit price that an offer comes to, in hundredths. */
export const unitPriceOf = ({
  priceMinor,
  packQuantity,
}: Pick<Offer, 'priceMinor' | 'packQuantity'>): number => priceMinor / packQuantity

/** The day by which more of a material must be ordered to be here when it runs out; undefined where it does not. */
export function orderBy(
  { runsOut }: Ahead,
  offers: readonly Offer[],
  suppliers: ReadonlyMap<string, Supplier>,
): string | undefined {
  if (runsOut?.on === undefined) return undefined
  const days = offers.flatMap((offer) => {
    const supplier = suppliers.get(offer.supplierId)
    return supplier && offer.stock !== 'sold out' ? [offer.days ?? supplier.days] : []
  })
  return days.length === 0 ? undefined : addDays(runsOut.on, -Math.min(...days))
}
