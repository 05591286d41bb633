import type { TradeOrigin } from '../units'
import type { Coefficient } from './coefficients'

type Row = Omit<Coefficient, 'id' | 'spread'>

const row = (
  name: string,
  value: number,
  unit: string,
  range: readonly [number, number],
  origin: TradeOrigin,
  note?: string,
): Row => ({ name, value, unit, range, origin, ...(note === undefined ? {} : { note }) })

/** Rows of coefficients of the usual kinds, each with the range that makes sense of it. */
export const seconds = (name: string, value: number, origin: TradeOrigin = 'memory', note?: string): Row =>
  row(name, value, 's', [0.5, 7200], origin, note)
export const minutes = (name: string, value: number, origin: TradeOrigin = 'memory', note?: string): Row =>
  row(name, value, 'min', [0.5, 6000], origin, note)
export const share = (name: string, value: number, origin: TradeOrigin = 'memory', note?: string): Row =>
  row(name, value, '', [0, 1], origin, note)
/** An amount of any unit, from a fiftieth to fifty times its value. */
export const amount = (
  name: string,
  value: number,
  unit: string,
  origin: TradeOrigin = 'memory',
  note?: string,
): Row => row(name, value, unit, [value / 50, value * 50], origin, note)
