import type { TradeOrigin } from '../units'
import type { Coefficient } from './coefficients'

export { coefficients } from './coefficients'

type Row = Omit<Coefficient, 'id' | 'spread'>

/** A row of any kind. */
export const row = (
  name: string,
  value: number,
  unit: string,
  range: readonly [number, number],
  origin: TradeOrigin = 'memory',
  note?: string,
): Row => ({ name, value, unit, range, origin, ...(note === undefined ? {} : { note }) })

/** Rows of coefficients of the usual kinds, each with the range that makes sense of it. */
export const seconds = (name: string, value: number, origin: TradeOrigin = 'memory', note?: string): Row =>
  row(name, value, 's', [0.5, 7200], origin, note)
export const minutes = (name: string, value: number, origin: TradeOrigin = 'memory', note?: string): Row =>
  row(name, value, 'min', [0.5, 6000], origin, note)
export const share = (name: string, value: number, origin: TradeOrigin = 'memory', note?: string): Row =>
  row(name, value, '', [0, 1], origin, note)
/** What won't do, of what is started: half of it at most. */
export const spoilage = (value: number, origin?: TradeOrigin, note?: string): Row =>
  row('spoilage', value, '', [0, 0.5], origin, note)
/** What is lost of what is taken: never all of it, or no amount would do. */
export const loss = (name: string, value: number, origin?: TradeOrigin, note?: string): Row =>
  row(name, value, '', [0, 0.9], origin, note)
/** What stays of what is thrown: never nothing, or no amount would do. */
export const sticking = (name: string, value: number, origin?: TradeOrigin, note?: string): Row =>
  row(name, value, '', [0.05, 1], origin, note)
/** An amount of any unit, from a fiftieth to fifty times its value. */
export const amount = (
  name: string,
  value: number,
  unit: string,
  origin: TradeOrigin = 'memory',
  note?: string,
): Row => row(name, value, unit, [value / 50, value * 50], origin, note)
