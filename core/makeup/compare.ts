import { allocate, type Lack, type StockState } from '../stock'
import { missingTools, type MissingTool } from '../tools'
import { needsOf, type MakeUp } from './make-up'
import { handlings, type PlantMethod, type Suitability } from './method'

/** A way of making a piece, with all that it is compared by. */
export interface Way {
  readonly method: PlantMethod
  readonly suit: Suitability
  readonly up: MakeUp
  /** Minutes of hands for one piece. */
  readonly eachMin: number
  readonly elapsedMin: number
  /** Hundredths for a good one; absent where a price is not known. */
  readonly costMinor?: number
  /** Materials that are open or short. */
  readonly lacks: readonly Lack[]
  readonly open: readonly string[]
  readonly toolsMissing: readonly MissingTool[]
}

/** A way that has been worked out, with what it lacks of shelf and tools. @param states what is free of each */
export function wayOf(
  { method, suit, up }: Pick<Way, 'method' | 'suit' | 'up'>,
  states: readonly StockState[],
  register: Parameters<typeof missingTools>[1],
): Way {
  const claim = { id: 'this', who: 'this batch', order: 0, needs: needsOf(up.uses) }
  return {
    method,
    suit,
    up,
    eachMin: up.handsMin.value / up.started.value,
    elapsedMin: up.elapsedMin.value,
    ...(up.costEachMinor && { costMinor: up.costEachMinor.value }),
    lacks: suit.verdict === 'unsuited' ? [] : (allocate([claim], states).lacks.get('this') ?? []),
    open: up.missing.map(({ slot }) => slot.label),
    toolsMissing: missingTools(up.steps, register),
  }
}

/** What ways can be put in order by. */
export const waySorts = ['suits', 'hands', 'cost', 'soonest', 'toughest', 'there'] as const
export type WaySort = (typeof waySorts)[number]

export const waySortWords: Record<WaySort, string> = {
  suits: 'best suited',
  hands: 'least hands',
  cost: 'least cost',
  soonest: 'soonest done',
  toughest: 'toughest',
  there: 'what is there',
}

const verdicts = { suits: 0, possible: 1, unsuited: 2 } as const

/** Pieces that are there come after all that can be made. */
const reused = ({ reuses }: Pick<PlantMethod, 'reuses'>): number => (reuses ? 50 : 0)

/** The way to propose: of those that make something, the best suited; undefined where there is none. */
export const proposedWay = (ways: readonly Way[]): Way | undefined =>
  sortWays(
    ways.filter(({ method }) => !method.reuses),
    'suits',
  )[0]

/**
 * Puts ways in order by what matters; ways that don't suit always come last, and what is equal goes by how well
 * it suits and then by hands.
 */
export function sortWays(ways: readonly Way[], by: WaySort): Way[] {
  const rank = (way: Way): number => {
    switch (by) {
      case 'suits':
        return verdicts[way.suit.verdict] * 100 + reused(way.method) + way.suit.reasonsAgainst.length
      case 'hands':
        return way.eachMin
      case 'cost':
        return way.costMinor ?? Infinity
      case 'soonest':
        return way.elapsedMin
      case 'toughest':
        return -handlings.indexOf(way.method.profile.handling)
      case 'there':
        return way.lacks.length + way.open.length + way.toolsMissing.length
    }
  }
  const last = ({ suit }: Way): number => (suit.verdict === 'unsuited' ? 1 : 0)
  const difference = (a: number, b: number): number => (a === b ? 0 : a - b)
  return [...ways].sort(
    (a, b) =>
      last(a) - last(b) ||
      difference(rank(a), rank(b)) ||
      verdicts[a.suit.verdict] - verdicts[b.suit.verdict] ||
      a.suit.reasonsAgainst.length - b.suit.reasonsAgainst.length ||
      a.eachMin - b.eachMin,
  )
}
