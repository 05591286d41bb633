import type { Arrival } from '../stock'
import { addDays } from '../units'
import { gatheringById } from './gatherings'
import type { Harvest } from './records'

/** What harvests have brought of what was hoped for. */
export interface Brought {
  /** Of what is hoped for, what to count on. */
  readonly share: number
  /** How many harvests that rests on. */
  readonly of: number
}

/** What was hoped for counts as much as this many harvests. From memory. */
const HOPE_WEIGHS = 1
/** Only so many are looked at, the latest: beds and eyes change. */
const LATEST = 6
/** A harvest of ten times the hope is a hope badly set; it does not teach more than twice. */
const MOST_SHARE = 2

/**
 * How much of what is hoped for really comes of gathering something, by the harvests that have been brought in: the
 * mean of their shares with the hope itself as one of them. Source: conjugate normal update of a mean with known
 * spread, the prior worth one harvest.
 * @param came what the lots of a harvest took in, by its id
 */
export function broughtOf(
  gather: string,
  harvests: readonly Harvest[],
  came: ReadonlyMap<string, number>,
): Brought {
  const shares = harvests
    .filter((harvest) => harvest.gather === gather && came.has(harvest.id))
    .sort((a, b) => b.to.localeCompare(a.to))
    .slice(0, LATEST)
    .map(({ id, quantity }) => Math.min(MOST_SHARE, (came.get(id) ?? 0) / quantity))
  const sum = shares.reduce((all, share) => all + share, 0)
  return { share: (HOPE_WEIGHS + sum) / (HOPE_WEIGHS + shares.length), of: shares.length }
}

/** How it stands with a harvest. */
export type HarvestState = 'planned' | 'open' | 'under way' | 'brought in' | 'missed'

/**
 * @param isUnderWay its batch is open
 * @param came what its lots took in; absent: nothing yet
 */
export function harvestState(
  { from, to }: Pick<Harvest, 'from' | 'to'>,
  isUnderWay: boolean,
  came: number | undefined,
  today: string,
): HarvestState {
  if (isUnderWay) return 'under way'
  if ((came ?? 0) > 0) return 'brought in'
  if (to < today) return 'missed'
  return from <= today ? 'open' : 'planned'
}

/** An estimate has no halves of a sprig. */
const wholeWhereMany = (quantity: number): number => (quantity >= 10 ? Math.round(quantity) : quantity)

/**
 * What harvests that are meant to be will put on the shelf: of what is hoped for, what such harvests have brought so
 * far, once it is dry. Those under way come with their batch; what was missed does not come.
 * @param state of each
 * @param count what to count on of what is gathered so, by its id
 */
export const arrivalsOfHarvests = (
  harvests: readonly Harvest[],
  state: (harvest: Harvest) => HarvestState,
  count: (gather: string) => Brought,
): Arrival[] =>
  harvests
    .filter((harvest) => state(harvest) === 'planned' || state(harvest) === 'open')
    .map(({ gather, materialId, quantity, to, place }) => ({
      materialId,
      quantity: wholeWhereMany(quantity * count(gather).share),
      on: addDays(to, gatheringById(gather)?.dryDays ?? 0),
      what: 'harvest',
      who: place === '' ? 'harvest' : `harvest, ${place}`,
    }))
