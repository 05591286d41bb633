import type { Origin } from '../units/origin'
import { perUnit, plainUnit, timesUnit } from './unit'

/** What can't be worked out: a coefficient of the craft, a fact of the job, a property of a material, a constant. */
export interface Leaf {
  readonly op: 'leaf'
  readonly is: 'coefficient' | 'job' | 'material' | 'constant'
  readonly name: string
  readonly value: number
  /** As it is written beside the value: "ml/cm²", "pieces". */
  readonly unit: string
  readonly origin: Origin
  readonly note?: string
  /** Of a coefficient: its id, where a maker can set an own value. */
  readonly coefficient?: string
  /** How far it may be off: standard deviation as a share of the value. Absent: it is known. */
  readonly spread?: number
  /** Of a constant: where it stands written. */
  readonly source?: string
}

export type Operator =
  | 'sum'
  | 'product'
  | 'least'
  | 'most'
  | 'difference'
  | 'quotient'
  | 'power'
  | 'logarithm'
  | 'exponential'
  | 'round up'
  | 'round down'
  | 'round'
  | 'law'

/** Arithmetic on expressions. Value and unit are worked out when it is built. */
export interface ExpressionNode {
  readonly op: Operator
  readonly value: number
  /** In its plain form: see {@link plainUnit}. */
  readonly unit: string
  readonly of: readonly Expression[]
  /** What is known by a name: "see-through law", and where it stands. */
  readonly law?: Law
}

export interface Law {
  readonly name: string
  readonly source: string
}

/**
 * A quantity that computes and explains itself: an immutable tree whose leaves are what can't be worked out. It holds
 * plain data alone, so it can be handed to a worker.
 */
export type Expression = Leaf | ExpressionNode

export const isLeaf = (of: Expression): of is Leaf => of.op === 'leaf'

export const valueOf = ({ value }: Expression): number => value
export const unitOf = ({ unit }: Expression): string => plainUnit(unit)

/** A fact of the job: of the plant, the line, the room, or worked out from them elsewhere. */
export const fact = (
  name: string,
  value: number,
  unit: string,
  origin: Origin = 'formula',
  note?: string,
): Leaf => ({ op: 'leaf', is: 'job', name, value, unit, origin, ...(note === undefined ? {} : { note }) })

/** How far a material's own figures are off where the jar does not say. Our estimate. */
const MATERIAL_SPREAD = 0.15

/** A property of a material: density, grain, pack. */
export const property = (
  name: string,
  value: number,
  unit: string,
  origin: Origin = 'memory',
  note?: string,
): Leaf => ({
  op: 'leaf',
  is: 'material',
  name,
  value,
  unit,
  origin,
  ...(origin === 'memory' ? { spread: MATERIAL_SPREAD } : {}),
  ...(note === undefined ? {} : { note }),
})

/** A number that holds everywhere: of geometry, physics or a standard. @param name empty: it is read as its value */
export const constant = (name: string, value: number, unit: string, source: string): Leaf => ({
  op: 'leaf',
  is: 'constant',
  name,
  value,
  unit,
  origin: 'formula',
  source,
})

/** Rounding up and down forgives what floating point adds. */
const FORGIVEN = 1e-9

/** What an operation gives of its values. The one place that says what each does. */
export function applied(op: Operator, of: readonly number[]): number {
  const [a = 0, b = 0] = of
  switch (op) {
    case 'sum':
      return of.reduce((sum, value) => sum + value, 0)
    case 'product':
      return of.reduce((product, value) => product * value, 1)
    case 'least':
      return Math.min(...of)
    case 'most':
      return Math.max(...of)
    case 'difference':
      return a - b
    case 'quotient':
      return a / b
    case 'power':
      return a ** b
    case 'logarithm':
      return Math.log(a)
    case 'exponential':
      return Math.exp(a)
    case 'round up':
      return Math.ceil(a - FORGIVEN)
    case 'round down':
      return Math.floor(a + FORGIVEN)
    case 'round':
      return Math.round(a)
    case 'law':
      return a
  }
}

const node = (op: Operator, of: readonly Expression[], unit: string): ExpressionNode => ({
  op,
  value: applied(
    op,
    of.map(({ value }) => value),
  ),
  unit,
  of,
})

/** @throws RangeError that names both units where they can't be added or compared */
function sameUnit(what: string, of: readonly Expression[]): string {
  const [first] = of
  if (!first) throw new RangeError(`${what} has no terms; it must have one at least`)
  const unit = unitOf(first)
  for (const other of of)
    if (unitOf(other) !== unit)
      throw new RangeError(`${what} is of ${named(first)} and ${named(other)}; the units must be the same`)
  return unit
}

const named = (of: Expression): string =>
  `${isLeaf(of) && of.name !== '' ? `“${of.name}” in ` : ''}${unitOf(of) || 'no unit'}`

/** @throws RangeError where it has a unit */
function bare(what: string, of: Expression): Expression {
  if (unitOf(of) !== '') throw new RangeError(`${what} is ${named(of)}; it must have no unit`)
  return of
}

export const sum = (...of: readonly Expression[]): ExpressionNode => node('sum', of, sameUnit('a sum', of))
export const least = (...of: readonly Expression[]): ExpressionNode =>
  node('least', of, sameUnit('the least of several', of))
export const most = (...of: readonly Expression[]): ExpressionNode =>
  node('most', of, sameUnit('the most of several', of))
export const difference = (from: Expression, less: Expression): ExpressionNode =>
  node('difference', [from, less], sameUnit('a difference', [from, less]))
export const product = (...of: readonly Expression[]): ExpressionNode =>
  node(
    'product',
    of,
    of.reduce((unit, one) => timesUnit(unit, unitOf(one)), ''),
  )
export const quotient = (over: Expression, under: Expression): ExpressionNode =>
  node('quotient', [over, under], perUnit(unitOf(over), unitOf(under)))

/** A whole power, or the square root (0.5) of what has no unit. */
export function power(of: Expression, to: number): ExpressionNode {
  const exponent = constant('', to, '', 'arithmetic')
  if (!Number.isInteger(to)) return node('power', [bare('what a root is drawn from', of), exponent], '')
  let unit = ''
  for (let i = 0; i < to; i += 1) unit = timesUnit(unit, unitOf(of))
  return node('power', [of, exponent], unit)
}

export const logarithm = (of: Expression): ExpressionNode =>
  node('logarithm', [bare('what a logarithm is taken of', of)], '')
export const exponential = (of: Expression): ExpressionNode =>
  node('exponential', [bare('an exponent', of)], '')
export const roundedUp = (of: Expression): ExpressionNode => node('round up', [of], unitOf(of))
export const roundedDown = (of: Expression): ExpressionNode => node('round down', [of], unitOf(of))
export const rounded = (of: Expression): ExpressionNode => node('round', [of], unitOf(of))

/** What is known by a name, with where it stands written: its formula is that of the expression. */
export const law = (name: string, source: string, of: Expression): ExpressionNode => ({
  op: 'law',
  value: of.value,
  unit: unitOf(of),
  of: [of],
  law: { name, source },
})

/** Plain numbers of arithmetic. */
export const number = (value: number): Leaf => constant('', value, '', 'arithmetic')
export const ONE = number(1)
/** What is left of a whole. */
export const rest = (share: Expression): ExpressionNode => difference(ONE, share)
export const MM_IN_CM = constant('', 10, 'mm/cm', 'SI')
export const MM2_IN_CM2 = constant('', 100, 'mm²/cm²', 'SI')
export const SEC_IN_MIN = constant('', 60, 's/min', 'SI')
export const MIN_IN_H = constant('', 60, 'min/h', 'SI')
