import { addDays, type Breathing, type StockUnit } from '../units'
import { shortageOf, takersOf, type Claim } from './claims'
import { tidy, type StockState } from './ledger'

/** Days that materials must be there before a promise, where the maker has not said: from memory. */
export const LEAD_DAYS = 14

/** What is on its way: an order, a harvest, a mixture at the bench. */
export interface Arrival {
  readonly materialId: string
  readonly quantity: number
  /** The day that it is here; ISO. */
  readonly on: string
  readonly what: 'order' | 'harvest' | 'making'
  readonly who: string
}

/** A day on which a material's shelf changes, and what there is of it after. */
export interface ShelfDay {
  /** ISO; absent: wanted, but nobody has said when. */
  readonly on?: string
  readonly what: Arrival['what'] | 'wanted' | 'spoils'
  readonly who: string
  /** What comes, above 0, or goes, below. */
  readonly change: number
  /** Below nothing: what is lacking. */
  readonly after: number
}

/** A material's shelf from today on. */
export interface Ahead {
  readonly materialId: string
  readonly now: number
  readonly days: readonly ShelfDay[]
  /** The first day that it is not enough for, whose work that is, and how much it lacks. */
  readonly runsOut?: { readonly on?: string; readonly who: string; readonly short: number }
  /** What is lacking by each day, all before it included; rising. The last may have no day. */
  readonly lacking: readonly { readonly by?: string; readonly quantity: number }[]
  /** The least that there is at any time before nothing more is known. */
  readonly least: number
}

/**
 * The day that a claim's materials must be there: today for what is on the bench, so many days before its promise, and
 * never before today. Undefined where nothing is promised.
 */
export function neededBy(claim: Claim, today: string, leadDays: number): string | undefined {
  if (claim.running) return today
  if (claim.due === undefined) return undefined
  const day = addDays(claim.due, -leadDays)
  return day < today ? today : day
}

interface Jar {
  left: number
  /** The last day that it is good. */
  readonly goodTo?: string
}

interface Taking {
  readonly claim: Claim
  readonly by?: string
  readonly quantity: number
  /** What must lie there at the time, the rest of it comes back. */
  readonly lies: number
}

const FOR_EVER = '9999-12-31'

/**
 * What will be on the shelf on each day. What comes on a day is there for those who want it that day; the jar that is
 * oldest is used first; what keeps for so long and is not used is gone the day after.
 * @param claims whoever wants of any material, in the turn that they are served in
 * @param arrivals of this material
 * @param today ISO
 */
export function aheadOf(
  state: StockState,
  claims: readonly Claim[],
  arrivals: readonly Arrival[],
  today: string,
  leadDays = LEAD_DAYS,
): Ahead {
  const { material } = state
  const { keepsDays } = material
  const jar = (left: number, from: string): Jar => ({
    left,
    ...(keepsDays === undefined ? {} : { goodTo: addDays(from, keepsDays) }),
  })
  const jars: Jar[] = state.lots
    .filter(({ onHand }) => onHand > 0)
    .map((lot) => jar(lot.onHand, lot.lot.date))
  let owed = state.lots.reduce((sum, { onHand }) => sum + Math.max(0, -onHand), 0)
  const days: ShelfDay[] = []
  const balance = (): number => tidy(jars.reduce((sum, { left }) => sum + left, 0) - owed)
  let least = balance()
  const note = (day: Omit<ShelfDay, 'after'>): void => {
    days.push({ ...day, after: balance() })
    least = Math.min(least, balance())
  }
  const take = (quantity: number): void => {
    owed += quantity
    for (const one of jars) {
      const taken = Math.min(one.left, owed)
      one.left = tidy(one.left - taken)
      owed = tidy(owed - taken)
    }
  }
  take(0)
  const spoilBefore = (day: string): void => {
    for (const one of jars.filter(({ goodTo, left }) => left > 0 && goodTo !== undefined && goodTo < day)) {
      const change = -one.left
      one.left = 0
      const gone = addDays(one.goodTo ?? day, 1)
      note({ on: gone < today ? today : gone, what: 'spoils', who: 'kept too long', change })
    }
  }

  const takings = takingsOf(material.id, claims, today, leadDays)
  const coming = [...arrivals]
    .map((arrival) => ({ ...arrival, on: arrival.on < today ? today : arrival.on }))
    .sort((a, b) => a.on.localeCompare(b.on))
  const lacking: { by?: string; quantity: number }[] = []
  let runsOut: Ahead['runsOut']
  const receiveUpTo = (day: string): void => {
    while (coming[0] && coming[0].on <= day) {
      const arrival = coming.shift()
      if (!arrival) break
      spoilBefore(arrival.on)
      jars.push(jar(arrival.quantity, arrival.on))
      take(0)
      note({ on: arrival.on, what: arrival.what, who: arrival.who, change: arrival.quantity })
    }
  }
  for (const { claim, by, quantity, lies } of takings) {
    const day = by ?? FOR_EVER
    receiveUpTo(day)
    if (by !== undefined) spoilBefore(by)
    const there = balance()
    const short = shortageOf(lies, there, material.unit)
    take(quantity)
    note({ ...(by === undefined ? {} : { on: by }), what: 'wanted', who: claim.who, change: -quantity })
    if (short > 0) {
      runsOut ??= { ...(by === undefined ? {} : { on: by }), who: claim.who, short }
      const gone = tidy(Math.max(lies - there, 0))
      if (gone > (lacking.at(-1)?.quantity ?? 0)) {
        if (lacking.length > 0 && lacking.at(-1)?.by === by) lacking.pop()
        lacking.push({ ...(by === undefined ? {} : { by }), quantity: gone })
      }
    }
  }
  receiveUpTo(FOR_EVER)
  const lastGood = jars
    .flatMap(({ goodTo, left }) => (left > 0 && goodTo !== undefined ? [goodTo] : []))
    .sort()
  for (const goodTo of lastGood) spoilBefore(addDays(goodTo, 1))
  return { materialId: material.id, now: state.onHand, days, ...(runsOut ? { runsOut } : {}), lacking, least }
}

/** {@link aheadOf} of each of these, by its id, with a breath after each. @param arrivals by material */
export function* aheadOfEach(
  states: readonly StockState[],
  claims: readonly Claim[],
  arrivals: ReadonlyMap<string, readonly Arrival[]>,
  today: string,
  leadDays: number,
): Breathing<ReadonlyMap<string, Ahead>> {
  const aheads = new Map<string, Ahead>()
  for (const state of states) {
    aheads.set(
      state.material.id,
      aheadOf(state, claims, arrivals.get(state.material.id) ?? [], today, leadDays),
    )
    yield
  }
  return aheads
}

/** What each claim takes of a material, soonest first; those without a day last, in their turn. */
function takingsOf(materialId: string, claims: readonly Claim[], today: string, leadDays: number): Taking[] {
  /** The day of each promise: many claims have the same. */
  const days = new Map<string | undefined, string | undefined>()
  const dayOf = (claim: Claim): string | undefined => {
    if (claim.running) return today
    if (!days.has(claim.due)) days.set(claim.due, neededBy(claim, today, leadDays))
    return days.get(claim.due)
  }
  return (takersOf(claims).get(materialId) ?? [])
    .map(({ claim, need: { quantity, lies } }): Taking => {
      const by = dayOf(claim)
      return { claim, ...(by === undefined ? {} : { by }), quantity, lies: lies ?? quantity }
    })
    .sort((a, b) => {
      const first = a.by ?? FOR_EVER
      const second = b.by ?? FOR_EVER
      return (
        (first < second ? -1 : first > second ? 1 : 0) ||
        Number(b.claim.running ?? false) - Number(a.claim.running ?? false) ||
        a.claim.order - b.claim.order
      )
    })
}

/** Whom a jar is enough for: those who have all they want of it, in turn, and what the next one would get. */
export interface Enough {
  readonly whole: readonly string[]
  readonly then?: { readonly who: string; readonly share: number }
  readonly left: number
}

/** What there is now is enough for these. @param unit of the material, for what counts as short */
export function enoughFor({ now, days }: Ahead, unit: StockUnit): Enough {
  const whole: string[] = []
  let left = Math.max(0, now)
  for (const { what, who, change } of days) {
    if (what !== 'wanted') continue
    if (shortageOf(-change, left, unit) > 0)
      return { whole, then: { who, share: Math.max(0, left / -change) }, left: 0 }
    left = Math.max(0, tidy(left + change))
    whole.push(who)
  }
  return { whole, left }
}

/** Names of more than so many are not all said. */
const MOST_NAMED = 4

/** Whom what there is now is enough for, in words: "enough for Beech; Oak, then 40 % of Hedge". */
export function enoughWords({ whole, then }: Enough): string {
  const names =
    whole.length > MOST_NAMED
      ? `${whole.slice(0, MOST_NAMED - 1).join('; ')} and ${whole.length - MOST_NAMED + 1} more`
      : whole.join('; ')
  if (!then) return whole.length === 0 ? 'wanted by nobody yet' : `enough for all: ${names}`
  const share = Math.floor(100 * then.share)
  const next = share > 0 ? `${share} % of ${then.who}` : ''
  if (whole.length === 0) return next === '' ? 'enough for none of it' : `enough for ${next}`
  return `enough for ${names}${next === '' ? '' : `, then ${next}`}`
}

/** What the work in hand takes the last of. */
export interface LastOfKind {
  readonly materialId: string
  readonly name: string
  readonly unit: StockUnit
  /** What it leaves. */
  readonly leaves: number
  readonly again: 'on its way' | 'on offer' | 'made here' | 'not to be had'
}

/** As much as this of what is taken is a rest that nothing can be done with. From memory. */
const A_REST = 0.1

/**
 * Materials of which some work takes the last there is.
 * @param needs what it takes
 * @param free what there is for it, by material
 * @param again how more of a material can be had
 */
export function lastOfKind(
  needs: Claim['needs'],
  states: ReadonlyMap<string, StockState>,
  free: (materialId: string) => number,
  again: (materialId: string) => LastOfKind['again'],
): LastOfKind[] {
  const taken = new Map<string, number>()
  for (const { materialId, quantity } of needs) taken.set(materialId, (taken.get(materialId) ?? 0) + quantity)
  return [...taken].flatMap(([materialId, quantity]): LastOfKind[] => {
    const state = states.get(materialId)
    if (!state || quantity <= 0) return []
    const leaves = tidy(free(materialId) - quantity)
    if (leaves < 0 || leaves > A_REST * quantity) return []
    const { name, unit } = state.material
    return [{ materialId, name, unit, leaves, again: again(materialId) }]
  })
}
