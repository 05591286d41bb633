import { dayOfMonthDay, daysFrom, YEAR_DAYS } from './days'
import type { Species } from './types'

/** A species' year in days since its buds burst, so that everything comes in order. */
export interface Cycle {
  readonly burst: number
  readonly full: number
  readonly turning: number
  readonly fall: number
  readonly bare: number
  readonly flower?: readonly [from: number, length: number]
  readonly fruit?: readonly [from: number, length: number]
  readonly cut?: number
}

const known = new WeakMap<Species, Cycle>()

/** The cycle of a species; worked out once. Evergreens have no autumn: their marks lie at the year's end. */
export function cycleOf(species: Species): Cycle {
  const before = known.get(species)
  if (before) return before
  const { dates } = species
  const burst = dayOfMonthDay(dates.burst)
  const since = (day: string | undefined): number =>
    day === undefined ? YEAR_DAYS : daysFrom(burst, dayOfMonthDay(day))
  const span = (days: readonly [string, string] | undefined): [number, number] | undefined =>
    days && [since(days[0]), daysFrom(dayOfMonthDay(days[0]), dayOfMonthDay(days[1]))]
  const flower = span(dates.flower)
  const fruit = span(dates.fruit)
  const cycle: Cycle = {
    burst,
    full: since(dates.fullLeaf),
    turning: since(dates.turning),
    fall: since(dates.fall),
    bare: since(dates.bare),
    ...(flower && { flower }),
    ...(fruit && { fruit }),
    ...(species.standing?.cut !== undefined && { cut: since(species.standing.cut) }),
  }
  known.set(species, cycle)
  return cycle
}

/** 0 at 0 and below, 1 at 1 and above, smooth between. */
export function smooth(t: number): number {
  const u = Math.min(1, Math.max(0, t))
  return u * u * (3 - 2 * u)
}

/** How much of a show is on, 0–1, so many days after the bursting of the buds: it rises, stands and passes. */
export function showOf(
  span: readonly [number, number] | undefined,
  sinceBurst: number,
  rise: number,
  fade: number,
): number {
  if (!span || span[1] === 0) return 0
  const at = daysFrom(span[0], sinceBurst) / span[1]
  return at >= 1 ? 0 : Math.min(smooth(at / rise), smooth((1 - at) / fade))
}

/** How far a leaf year has come, each 0–1. */
export interface Stage {
  /** Days since the buds burst, 0 up to 365. */
  readonly day: number
  /** New leaves out. */
  readonly out: number
  /** New leaves hardened to their summer colour. */
  readonly hardened: number
  readonly turned: number
  readonly fallen: number
  readonly flower: number
  readonly fruit: number
}

/** The stage of a species on a day of the reference year. */
export function stageOn(species: Species, referenceDay: number): Stage {
  const cycle = cycleOf(species)
  const day = daysFrom(cycle.burst, referenceDay)
  const part = (from: number, to: number): number => smooth((day - from) / Math.max(1, to - from))
  return {
    day,
    out: part(0, cycle.full),
    hardened: part(cycle.full, cycle.full + 45),
    turned:
      cycle.turning >= YEAR_DAYS ? 0 : part(cycle.turning, cycle.fall + 0.6 * (cycle.bare - cycle.fall)),
    fallen: cycle.fall >= YEAR_DAYS ? 0 : part(cycle.fall, cycle.bare),
    flower: showOf(cycle.flower, day, 0.3, 0.35),
    fruit: showOf(cycle.fruit, day, 0.35, 0.3),
  }
}

/**
 * BBCH codes of a stage, the vegetative first: two principal stages can hold at once.
 * Source: BBCH monograph (Meier, ed.), the general scale; marks between the named ones are in proportion.
 */
export function bbchOf(species: Species, referenceDay: number): number[] {
  const cycle = cycleOf(species)
  const { day } = stageOn(species, referenceDay)
  const between = (from: number, to: number, low: number, high: number): number =>
    Math.round(low + ((high - low) * (day - from)) / Math.max(1, to - from))
  const codes: number[] = []
  const evergreen = species.keeps === 'evergreen'
  if (day < cycle.full)
    codes.push(day < cycle.full * 0.25 ? 7 : between(cycle.full * 0.25, cycle.full, 11, 19))
  else if (day > YEAR_DAYS - 14) codes.push(3)
  else if (evergreen || day < cycle.turning)
    codes.push(day < cycle.full + 45 ? between(cycle.full, cycle.full + 45, 31, 39) : 91)
  else if (day < cycle.fall) codes.push(92)
  else if (day < cycle.bare) codes.push(day - cycle.fall < (cycle.bare - cycle.fall) / 2 ? 93 : 95)
  else codes.push(daysFrom(cycle.bare, day) < 30 ? 97 : 0)
  const within = (span: readonly [number, number] | undefined, low: number, high: number): void => {
    if (!span) return
    const at = daysFrom(span[0], day)
    if (at <= span[1]) codes.push(Math.round(low + ((high - low) * at) / Math.max(1, span[1])))
  }
  within(cycle.flower, 60, 69)
  within(cycle.fruit, 81, 89)
  return codes
}

/** The share of its full height that a grass, reed, fern or herb has on a day; 1 for what is woody. */
export function heightShare(species: Species, referenceDay: number): number {
  const { standing } = species
  if (!standing) return 1
  const cycle = cycleOf(species)
  const { day } = stageOn(species, referenceDay)
  const tall = Math.max(cycle.full, cycle.flower ? Math.min(cycle.flower[0], YEAR_DAYS - 60) : 0)
  const fallenBy = Math.min(YEAR_DAYS - 5, cycle.bare >= YEAR_DAYS ? YEAR_DAYS - 40 : cycle.bare + 60)
  const lay = Math.min(fallenBy - 1, cycle.bare >= YEAR_DAYS ? tall + 60 : cycle.bare)
  const uncut = (at: number): number =>
    standing.winter +
    (1 - standing.winter) * (smooth(at / Math.max(1, tall)) - smooth((at - lay) / (fallenBy - lay)))
  if (cycle.cut === undefined || day < cycle.cut) return uncut(day)
  const mown =
    uncut(cycle.cut) * (1 - smooth((day - cycle.cut) / 2)) + STUBBLE * smooth((day - cycle.cut) / 2)
  const grown = mown + (AFTERMATH - STUBBLE) * smooth((day - cycle.cut - 4) / 60)
  return grown + (standing.winter - grown) * smooth((day - lay) / (fallenBy - lay))
}

/** What a mower leaves of the full height, and what grows again before winter. From memory. */
const STUBBLE = 0.08
const AFTERMATH = 0.35
