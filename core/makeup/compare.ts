import type { Lack } from '../stock'
import type { MakeUp } from './make-up'
import { handlings, type PlantMethod, type Suit } from './method'
import type { MissingTool } from '../tools'

/** A way of making a piece, with all that it is compared by. */
export interface Way {
  readonly method: PlantMethod
  readonly suit: Suit
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

/**
 * Puts ways in order by what matters; ways that don't suit always come last, and what is equal goes by how well
 * it suits and then by hands.
 */
export function sortWays(ways: readonly Way[], by: WaySort): Way[] {
  const rank = (way: Way): number => {
    switch (by) {
      case 'suits':
        return verdicts[way.suit.verdict] * 100 + way.suit.reasonsAgainst.length
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

/** What the lines that want a tool would save with it, against what it costs. Hundredths. */
export interface ToolSaves {
  /** Made instead of bought, over all pieces that are planned. */
  readonly savedMinor: number
  readonly pieces: number
  /** So many pieces like them pay for it. */
  readonly paysFrom: number
}

/**
 * From how many pieces on a tool pays, by the lines that want it: tool ÷ what making one saves against buying it, on
 * average. Undefined where no line says what a bought one costs, or making saves nothing. Hands are not paid.
 */
export function toolSaves(
  toolMinor: number,
  lines: readonly { readonly pieces: number; readonly costMinor: number; readonly boughtMinor: number }[],
): ToolSaves | undefined {
  const saving = lines.filter(({ pieces, costMinor, boughtMinor }) => pieces > 0 && boughtMinor > costMinor)
  const pieces = saving.reduce((sum, own) => sum + own.pieces, 0)
  const savedMinor = saving.reduce((sum, own) => sum + own.pieces * (own.boughtMinor - own.costMinor), 0)
  if (pieces === 0) return undefined
  return { savedMinor, pieces, paysFrom: Math.max(1, Math.ceil((toolMinor * pieces) / savedMinor - 1e-9)) }
}

/** Making against buying, tools that are still to be bought counted in. */
export type MakeOrBuy =
  | { readonly kind: 'makes at once'; readonly savedMinor: number }
  | { readonly kind: 'pays from'; readonly pieces: number; readonly toolsMinor: number }
  | { readonly kind: 'never pays'; readonly dearerMinor: number }

/**
 * From how many pieces on making is cheaper than buying: tools ÷ (price of a bought one − cost of a made one),
 * rounded up. Hands are not paid.
 * @param costMinor of a made one, hundredths @param boughtMinor of a bought one @param toolsMinor to be bought once
 */
export function makeOrBuy(costMinor: number, boughtMinor: number, toolsMinor: number): MakeOrBuy {
  const saved = boughtMinor - costMinor
  if (saved <= 0) return { kind: 'never pays', dearerMinor: -saved }
  if (toolsMinor <= 0) return { kind: 'makes at once', savedMinor: saved }
  return { kind: 'pays from', pieces: Math.ceil(toolsMinor / saved - 1e-9), toolsMinor }
}
