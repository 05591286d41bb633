import { plainNumber } from './reading'

/** Where a number comes from. */
export type Origin = 'formula' | 'common practice' | 'memory' | 'yours'

/** One number that went into a figure. Text is made of it where it is shown: see {@link inputWords}. */
export interface NumberInput {
  readonly name: string
  readonly value: number
  readonly unit: string
  readonly origin: Origin
  /** Id of the coefficient that it is, where a maker can set an own value. */
  readonly coefficient?: string
  readonly note?: string
}

/** What went into a figure and is no number: a mixture, the name of a form. */
export interface WordInput {
  readonly name: string
  readonly words: string
  readonly origin: Origin
  readonly note?: string
}

export type Input = NumberInput | WordInput

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

/** An input as a person would write it: small numbers to four decimals, large ones to one. */
export function inputWords(input: Input): string {
  if ('words' in input) return input.words
  const size = Math.abs(input.value)
  const shown = plainNumber(input.value, size < 0.1 ? 4 : size < 10 ? 2 : 1)
  return input.unit === '' ? shown : `${shown} ${input.unit}`
}

/** A number for a figure. */
export const input = (
  name: string,
  value: number,
  unit: string,
  origin: Origin,
  note?: string,
): NumberInput => ({ name, value, unit, origin, ...(note === undefined ? {} : { note }) })

/** A figure worked out, unless another origin is said. */
export const figure = (
  value: number,
  unit: string,
  formula: string,
  inputs: readonly Input[],
  origin: Origin = 'formula',
  source?: string,
): Figure => ({ value, unit, formula, inputs, origin, ...(source === undefined ? {} : { source }) })
