/** Where a number comes from. */
export type Origin = 'formula' | 'common practice' | 'memory' | 'yours'

/** One number that went into a figure. */
export interface Input {
  readonly name: string
  readonly value: string
  readonly origin: Origin
  readonly note?: string
}

/** A figure that can be asked where it comes from: its value, its formula in words, and what went into it. */
export interface Figure {
  readonly value: number
  readonly unit: string
  readonly formula: string
  readonly inputs: readonly Input[]
  readonly origin: Origin
  readonly source?: string
}

/** Words for an origin, as the interface shows them. */
export const originWords: Record<Origin, string> = {
  formula: 'worked out',
  'common practice': 'common practice',
  memory: 'from memory',
  yours: 'set by you',
}
