import type { Origin } from '../units/origin'
import { isLeaf, type Expression } from './expression'
import { plainUnit } from './unit'

/** What went into a figure and is no number: a mixture, a colour, the name of a form. */
export interface Detail {
  readonly name: string
  readonly words: string
  readonly origin: Origin
  readonly note?: string
}

/** A figure that can be asked where it comes from: what is derived from an expression. */
export interface Figure {
  readonly value: number
  /** As it is shown: "ml", "piece", "min". */
  readonly unit: string
  readonly origin: Origin
  readonly of: Expression
  readonly details?: readonly Detail[]
}

/**
 * The figure of an expression.
 * @param unit that it is shown in
 * @throws RangeError where the expression is of another unit
 */
export function figure(of: Expression, unit: string, details?: readonly Detail[]): Figure {
  if (plainUnit(of.unit) !== plainUnit(unit))
    throw new RangeError(
      `a figure in ${unit || 'no unit'} is worked out in ${plainUnit(of.unit) || 'no unit'}; they must be the same`,
    )
  return {
    value: of.value,
    unit,
    origin: isLeaf(of) ? of.origin : 'formula',
    of,
    ...(details === undefined ? {} : { details }),
  }
}
