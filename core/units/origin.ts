/** Where a number comes from. */
export type Origin =
  | 'formula'
  | 'common practice'
  | 'memory'
  /** A maker has set it. */
  | 'yours'
  /** A line or a commission asks for it. */
  | 'line'
  /** The shelf tells it: what is there, what it has cost, what a pack says. */
  | 'stock'
  /** Ended batches have taught it. */
  | 'log'

/** Where a number of the trade comes from, until a maker or the log knows better. */
export type TradeOrigin = Extract<Origin, 'formula' | 'common practice' | 'memory'>

/** Words for an origin, as the interface shows them. */
export const originWords: Record<Origin, string> = {
  formula: 'worked out',
  'common practice': 'common practice',
  memory: 'our estimate',
  yours: 'set by you',
  line: 'asked for',
  stock: 'from your shelf',
  log: 'by your log',
}
