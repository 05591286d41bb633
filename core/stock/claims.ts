import { formatQuantity, toTheEnd, type Breathing, type StockUnit } from '../units'
import { tidy, type StockState } from './ledger'
import type { Material } from './records'

/** An amount of a material that something needs, in the material's unit. */
export interface Need {
  readonly materialId: string
  /** What leaves the shelf. */
  readonly quantity: number
  /**
   * What must lie on the tray or in the tub while it is worked with; the rest of it comes back. Absent: the
   * quantity.
   */
  readonly lies?: number
}

/** Someone's needs: an open batch, or what is left to make of a line. */
export interface Claim {
  readonly id: string
  /** Who it is, for the one who comes after. */
  readonly who: string
  /** The day it is due; absent: after all that have one. */
  readonly due?: string
  /** On the bench already: it is served first. */
  readonly running?: boolean
  /** Its place among claims that are due on one day. */
  readonly order: number
  readonly needs: readonly Need[]
}

/** What a claim lacks of a material, and who has it. */
export interface Lack {
  readonly claim: Claim
  readonly materialId: string
  readonly needed: number
  /** Short of what leaves the shelf. */
  readonly short: number
  /** Short of what must lie on the tray, beyond that; it comes back. */
  readonly shortOnTray: number
  /** Claims that come before and take of the same material, if there was some to take: the first of them by name. */
  readonly heldBy: readonly Claim[]
  /** And how many more. */
  readonly heldByMore: number
}
/** So many who hold a material are named; of a larger workshop there are thousands. */
const MOST_NAMED = 8

/** Who is served before, in words; empty where nobody is. */
export const holdersWords = ({ heldBy, heldByMore }: Pick<Lack, 'heldBy' | 'heldByMore'>): string =>
  heldBy.map(({ who }) => who).join(', ') + (heldByMore > 0 ? ` and ${heldByMore} more` : '')

/** What a material lacks in all: the packs cover this. */
export interface Shortage {
  readonly materialId: string
  readonly name: string
  readonly unit: Material['unit']
  readonly onHand: number
  readonly needed: number
  readonly short: number
  readonly shortOnTray: number
  readonly packs?: number
  readonly packsCostMinor?: number
}

export interface Allocation {
  /** By claim id; a claim that lacks nothing is not among them. */
  readonly lacks: ReadonlyMap<string, readonly Lack[]>
  /** By material. */
  readonly shortages: readonly Shortage[]
  /** What open batches and lines take, by material. */
  readonly claimed: ReadonlyMap<string, number>
}

/** The least that can be weighed, poured or cut: less than this is no shortage. Common practice for scales and cups. */
const GRAIN: Record<StockUnit, number> = { g: 0.05, ml: 0.5, piece: 0, mm: 0.5, cm2: 0.5 }
const GRAIN_SHARE = 0.005

/** What counts as a shortage: below the unit's grain, or half a hundredth of the need, it is none. */
export function shortageOf(need: number, available: number, unit: StockUnit): number {
  const short = tidy(need - Math.max(0, available))
  const grain = unit === 'piece' ? 0 : Math.max(GRAIN[unit], GRAIN_SHARE * need)
  return short <= grain ? 0 : short
}

/** Nearest deadline first, what is on the bench before all; then as they stand. */
const inTurn = (a: Claim, b: Claim): number =>
  Number(b.running ?? false) - Number(a.running ?? false) ||
  byText(a.due ?? '9999', b.due ?? '9999') ||
  a.order - b.order ||
  byText(a.id, b.id)
/** By code units: days and ids are no words of a language. */
const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

const NOBODY: readonly Claim[] = []
const NOTHING_COMING: ReadonlyMap<string, number> = new Map()

/**
 * Shares out the shelf: claims are served in turn, each from what those before it have left. A promise is a
 * need: planning a batch does not hide what it lacks.
 * @param coming what is being made of a material, in its unit: it counts as there
 */
export const allocate = (
  claims: readonly Claim[],
  states: readonly StockState[],
  coming: ReadonlyMap<string, number> = NOTHING_COMING,
): Allocation => toTheEnd(allocating(claims, states, coming))

/** {@link allocate} with a breath after each material. */
export function* allocating(
  claims: readonly Claim[],
  states: readonly StockState[],
  coming: ReadonlyMap<string, number> = NOTHING_COMING,
): Breathing<Allocation> {
  const lacks = new Map<string, Lack[]>()
  const shortages: Shortage[] = []
  const claimed = new Map<string, number>()
  const takers = takersOf(claims)
  for (const { material, onHand: onShelf } of states) {
    const onHand = onShelf + (coming.get(material.id) ?? 0)
    const own = takers.get(material.id)
    if (!own) continue
    yield
    let taken = 0
    let most = 0
    let before: readonly Claim[] = []
    let served = 0
    for (const { claim, need } of own) {
      const available = onHand - taken
      const lies = Math.max(need.lies ?? need.quantity, need.quantity)
      const short = shortageOf(need.quantity, available, material.unit)
      const onTray = shortageOf(lies, available, material.unit)
      if (short > 0 || onTray > 0) {
        const lack: Lack = {
          claim,
          materialId: material.id,
          needed: need.quantity,
          short,
          shortOnTray: tidy(Math.max(0, onTray - short)),
          heldBy: onHand > 0 ? before : NOBODY,
          heldByMore: onHand > 0 ? served - before.length : 0,
        }
        const known = lacks.get(claim.id)
        if (known) known.push(lack)
        else lacks.set(claim.id, [lack])
      }
      most = Math.max(most, taken + lies)
      taken += need.quantity
      served += 1
      if (before.length < MOST_NAMED) before = [...before, claim]
    }
    if (taken > 0) claimed.set(material.id, tidy(taken))
    const short = shortageOf(taken, onHand, material.unit)
    const onTray = shortageOf(most, onHand, material.unit)
    if (short > 0 || onTray > 0)
      shortages.push(withPacks(material, onHand, taken, short, tidy(Math.max(0, onTray - short))))
  }
  return { lacks, shortages, claimed }
}

/** Who takes of a material, and what. */
export interface Taker {
  readonly claim: Claim
  readonly need: Need
}
const takersKnown = new WeakMap<readonly Claim[], ReadonlyMap<string, readonly Taker[]>>()

/** Who takes of each material, in the turn that they are served in; of one list it is worked out once. */
export function takersOf(claims: readonly Claim[]): ReadonlyMap<string, readonly Taker[]> {
  const known = takersKnown.get(claims)
  if (known) return known
  const takers = new Map<string, Taker[]>()
  for (const claim of [...claims].sort(inTurn))
    for (const need of mergedNeeds(claim.needs)) {
      const list = takers.get(need.materialId)
      if (list) list.push({ claim, need })
      else takers.set(need.materialId, [{ claim, need }])
    }
  takersKnown.set(claims, takers)
  return takers
}

/** The first day that any of these materials is wanted for; undefined where nothing of them is promised. */
export function firstDue(claims: readonly Claim[], materialIds: readonly string[]): string | undefined {
  const takers = takersOf(claims)
  let first: string | undefined
  for (const id of materialIds)
    for (const { claim } of takers.get(id) ?? [])
      if (claim.due !== undefined && (first === undefined || claim.due < first)) first = claim.due
  return first
}

const mergedKnown = new WeakMap<readonly Need[], readonly Need[]>()

/** One need a material: what is used adds up, the fullest tray is the one that must be filled. */
export function mergedNeeds(needs: readonly Need[]): readonly Need[] {
  const known = mergedKnown.get(needs)
  if (known) return known
  const merged = new Map<string, Need>()
  for (const need of needs) {
    const before = merged.get(need.materialId)
    const quantity = (before?.quantity ?? 0) + need.quantity
    // Two coats from one jar lie side by side: what comes back of the first is still on its tray.
    const back = (before?.lies ?? before?.quantity ?? 0) - (before?.quantity ?? 0)
    const more = (need.lies ?? need.quantity) - need.quantity
    merged.set(need.materialId, {
      materialId: need.materialId,
      quantity,
      lies: quantity + Math.max(back, more),
    })
  }
  const all = [...merged.values()]
  mergedKnown.set(needs, all).set(all, all)
  return all
}

function withPacks(
  material: Material,
  onHand: number,
  needed: number,
  short: number,
  shortOnTray: number,
): Shortage {
  const { id, name, unit, packQuantity, packPriceMinor } = material
  const packs =
    packQuantity === undefined ? undefined : Math.ceil((short + shortOnTray) / packQuantity - 1e-9)
  return {
    materialId: id,
    name,
    unit,
    onHand,
    needed: tidy(needed),
    short,
    shortOnTray,
    ...(packs === undefined ? {} : { packs }),
    ...(packs === undefined || packPriceMinor === undefined
      ? {}
      : { packsCostMinor: packs * packPriceMinor }),
  }
}

/** What is lacking, in words: "short 8.2 g", or of the tray alone "tray short 61 g", which comes back. */
export const lackWords = (
  { short, shortOnTray }: Pick<Lack, 'short' | 'shortOnTray'>,
  unit: StockUnit,
): string =>
  short > 0 ? `short ${formatQuantity(short, unit)}` : `tray short ${formatQuantity(shortOnTray, unit)}`
