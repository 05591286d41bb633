import { coversOf, type Cover } from './covers'
import { fillerOf, type Filler } from './filler'
import { chooseCovers, type Patience } from './labels'
import { lagrange, stillPossible } from './lagrange'
import type { Asked, Choice, Chosen } from './choice'
import { parcelsOf, postageOf, type Parcels } from './parcels'
import { demandsOf, type BasketProblem, type BasketSolution, type Demand } from './problem'

/** Suppliers that a basket is looked for among, at most: each one more doubles the sets of them. */
export const MOST_SUPPLIERS = 10

export interface BasketOptions {
  /** A basket of just these suppliers is not wanted: what comes next? */
  readonly not?: readonly string[]
  /** Only these suppliers. */
  readonly only?: readonly string[]
}

/** Hundredths below which two costs are one: the tie-breaker is far below this. */
const SAME_MINOR = 0.5
const QUICK_LABELS = 600
const MOST_LABELS = 60_000
/** Steps before a proof is given up: about a second. */
const PATIENCE = 400_000

/**
 * The basket that costs least: whole packs, over suppliers and pack sizes, all that is lacking here by its day, parcels
 * paid for or free, no order below its minimum. Exact: each set of parcels is bounded by Lagrange's prices on what must
 * be spent for them, and those that could still cost less are gone through material by material. What is bought only to
 * reach a sum may be packs of anything on the list.
 * @returns undefined where these suppliers can't cover it
 * @throws RangeError for more than ten suppliers
 */
export function cheapestBasket(
  problem: BasketProblem,
  options: BasketOptions = {},
): BasketSolution | undefined {
  const { suppliers } = problem
  if (suppliers.length > MOST_SUPPLIERS)
    throw new RangeError(`suppliers is ${suppliers.length}; at most ${MOST_SUPPLIERS} can be compared`)
  const demands = demandsOf(problem)
  const bits = (ids: readonly string[]): number =>
    suppliers.reduce((sum, { id }, place) => (ids.includes(id) ? sum | (1 << place) : sum), 0)
  const all = options.only ? bits(options.only) : (1 << suppliers.length) - 1
  const unwanted = options.not ? bits(options.not) : undefined
  const search = new Search(problem, demands)

  const ways: Way[] = []
  for (let from = 0; from <= all; from += 1) {
    if ((from & all) !== from || from === unwanted) continue
    const goods = search.cheapest(from)
    if (goods === undefined) continue
    for (const parcels of parcelsOf(suppliers, from, unwanted !== undefined))
      ways.push({ parcels, bound: goods + parcels.postageMinor })
  }
  ways.sort((a, b) => a.bound - b.bound)
  for (const way of ways) search.tryAtOnce(way)
  for (const way of ways) {
    if (way.bound >= search.below) break
    search.through(way)
  }
  return search.best && solutionOf(problem, demands, search.best.packs, search.floor)
}

interface Way {
  readonly parcels: Parcels
  readonly bound: number
}

class Search {
  best?: { readonly netMinor: number; readonly packs: ReadonlyMap<string, number> }
  /** No basket costs less than this, of those that were given up; infinite where none was. */
  floor = Infinity
  private readonly patience: Patience = { left: PATIENCE }
  private readonly fillers = new Map<number, Filler>()
  private readonly known = new Map<number, readonly Cover[] | undefined>()

  constructor(
    private readonly problem: BasketProblem,
    private readonly demands: readonly Demand[],
  ) {}

  /** What must be beaten. */
  get below(): number {
    return (this.best?.netMinor ?? Infinity) - SAME_MINOR
  }

  /** The cheapest cover of each material from these suppliers, whatever the parcels cost. */
  private cheapestCovers(from: number): readonly Cover[] | undefined {
    if (this.known.has(from)) return this.known.get(from)
    const covers = this.demands.map((demand) => {
      const found = coversOf(demand, from, this.problem.suppliers.length, 0)
      // What was passed over can't be cheaper than by the gram at the best price of all.
      if (!found.complete) this.floor = Math.min(this.floor, this.byTheGram())
      return found.covers[0]
    })
    const whole = covers.every((cover) => cover !== undefined) ? covers : undefined
    this.known.set(from, whole)
    return whole
  }

  /** What all of it would cost if packs could be opened at the shop, in hundredths. */
  private byTheGram(): number {
    return this.demands.reduce((sum, { lacking, offers }) => {
      const unit = Math.min(...offers.map(({ priceMinor, quantity }) => priceMinor / quantity))
      return sum + (lacking.at(-1) ?? 0) * (Number.isFinite(unit) ? unit : 0)
    }, 0)
  }

  cheapest(from: number): number | undefined {
    return this.cheapestCovers(from)?.reduce((sum, { netMinor }) => sum + netMinor, 0)
  }

  private filler(supplier: number): Filler {
    const known = this.fillers.get(supplier)
    if (known) return known
    const { freeFromMinor = 0, minimumMinor = 0 } = this.problem.suppliers[supplier] ?? {}
    const prices = this.demands.flatMap(({ offers }) =>
      offers.filter((offer) => offer.supplier === supplier).map(({ priceMinor }) => priceMinor),
    )
    const made = fillerOf(prices, Math.max(1, freeFromMinor, minimumMinor))
    this.fillers.set(supplier, made)
    return made
  }

  private asked({ least }: Parcels): Asked[] {
    return least.flatMap((own, supplier) =>
      own > 0 ? [{ supplier, least: own, filler: this.filler(supplier) }] : [],
    )
  }

  private keep(parcels: Parcels, covers: readonly Cover[], goodsMinor: number): void {
    const netMinor = goodsMinor + parcels.postageMinor
    if (!(netMinor < this.below)) return
    const packs = new Map<string, number>()
    const put = (id: string, count: number): void => {
      if (count > 0) packs.set(id, (packs.get(id) ?? 0) + count)
    }
    covers.forEach((cover, i) =>
      this.demands[i]?.offers.forEach((offer, place) => put(offer.id, cover.packs[place] ?? 0)),
    )
    for (const { supplier, least, filler } of this.asked(parcels)) {
      const spent = covers.reduce((sum, cover) => sum + (cover.spent[supplier] ?? 0), 0)
      for (const price of filler.prices(least - spent)) {
        const offer = this.demands
          .flatMap(({ offers }) => offers)
          .find((own) => own.supplier === supplier && own.priceMinor === price)
        if (offer) put(offer.id, 1)
      }
    }
    this.best = { netMinor, packs }
  }

  /** The cheapest covers, and packs that fill what a parcel still asks for: a first cost to beat. */
  tryAtOnce({ parcels }: Way): void {
    const covers = this.cheapestCovers(parcels.from)
    if (!covers) return
    const gaps = this.asked(parcels).reduce((sum, { supplier, least, filler }) => {
      const spent = covers.reduce((all, cover) => all + (cover.spent[supplier] ?? 0), 0)
      return sum + filler.cost(least - spent)
    }, 0)
    this.keep(parcels, covers, (this.cheapest(parcels.from) ?? Infinity) + gaps)
  }

  /** Goes through all that could be had for less with these parcels. */
  through({ parcels, bound }: Way): void {
    const asked = this.asked(parcels)
    const within = this.below - bound
    const own = this.demands.map((demand) =>
      coversOf(demand, parcels.from, this.problem.suppliers.length, within),
    )
    if (own.some(({ complete }) => !complete)) this.floor = Math.min(this.floor, bound)
    const upTo = (): number => this.below - parcels.postageMinor
    const whole: Choice = { covers: own.map(({ covers }) => covers), asked }
    const prices = lagrange(whole, upTo())
    const keepChosen = (choice: Choice, { picks, netMinor }: Chosen): void =>
      this.keep(
        parcels,
        picks.flatMap((pick, i) => choice.covers[i]?.[pick] ?? []),
        netMinor,
      )
    if (prices.chosen) keepChosen(whole, prices.chosen)
    for (const most of [QUICK_LABELS, MOST_LABELS]) {
      if (prices.bound >= upTo()) return
      const possible = stillPossible(whole, prices, upTo())
      const { chosen, complete } = chooseCovers(possible, prices, upTo(), most, this.patience)
      if (chosen) keepChosen(possible, chosen)
      if (complete) return
    }
    this.floor = Math.min(this.floor, prices.bound + parcels.postageMinor)
  }
}

/** What was picked, with its true costs: a parcel that happens to reach its sum goes free. */
function solutionOf(
  { offers, suppliers }: BasketProblem,
  demands: readonly Demand[],
  packs: ReadonlyMap<string, number>,
  floor: number,
): BasketSolution {
  const picks = offers.flatMap(({ id }) => {
    const count = packs.get(id) ?? 0
    return count > 0 ? [{ offerId: id, packs: count }] : []
  })
  const spent = (supplierId: string): number =>
    offers
      .filter((offer) => offer.supplierId === supplierId)
      .reduce((sum, { id, priceMinor }) => sum + priceMinor * (packs.get(id) ?? 0), 0)
  const goodsMinor = suppliers.reduce((sum, { id }) => sum + spent(id), 0)
  const postageMinor = suppliers.reduce((sum, supplier) => sum + postageOf(supplier, spent(supplier.id)), 0)
  const worthMinor = demands.reduce((sum, { offers: own, lacking, useful, unitWorthMinor }) => {
    const bought = own.reduce((all, { id, quantity }) => all + quantity * (packs.get(id) ?? 0), 0)
    return sum + unitWorthMinor * Math.max(0, Math.min(bought, useful) - (lacking.at(-1) ?? 0))
  }, 0)
  const netMinor = goodsMinor + postageMinor - worthMinor
  return {
    picks,
    goodsMinor,
    postageMinor,
    worthMinor,
    netMinor,
    notBelowMinor: Math.min(netMinor, floor),
  }
}
