import { normal, seededRandom } from '../units/random'
import { applied, isLeaf, type Expression, type Leaf, type Operator } from './expression'
import { hasSteps, keyOf } from './print'

/** A number with how fast it moves with each leaf. */
interface Dual {
  readonly value: number
  readonly by: ReadonlyMap<string, number>
}

/**
 * How fast an operation moves with each of its values. A rounding moves in steps, on average as what is rounded.
 */
function partials(op: Operator, of: readonly number[], value: number): number[] {
  const [a = 0, b = 0] = of
  switch (op) {
    case 'product':
      return of.map((_, i) => of.reduce((product, own, j) => (i === j ? product : product * own), 1))
    case 'difference':
      return [1, -1]
    case 'quotient':
      return [1 / b, -a / (b * b)]
    case 'power':
      return [b * a ** (b - 1), 0]
    case 'logarithm':
      return [1 / a]
    case 'exponential':
      return [value]
    case 'least':
    case 'most': {
      const at = of.indexOf(value)
      return of.map((_, i) => (i === at ? 1 : 0))
    }
    case 'sum':
    case 'round up':
    case 'round down':
    case 'round':
    case 'law':
      return of.map(() => 1)
  }
}

function dual(of: Expression): Dual {
  if (isLeaf(of)) return { value: of.value, by: new Map([[keyOf(of), 1]]) }
  const parts = of.of.map(dual)
  const values = parts.map(({ value }) => value)
  const by = new Map<string, number>()
  partials(of.op, values, of.value).forEach((partial, i) => {
    for (const [key, slope] of parts[i]?.by ?? []) by.set(key, (by.get(key) ?? 0) + partial * slope)
  })
  return { value: of.value, by }
}

/** Every named leaf with how much the value changes for a hundredth of it, in the value's unit. By dual numbers. */
export function slopesOf(of: Expression): { leaf: Leaf; slope: number }[] {
  const { by } = dual(of)
  const leaves = new Map<string, Leaf>()
  const walk = (one: Expression): void => {
    if (!isLeaf(one)) one.of.forEach(walk)
    else if (one.name !== '') leaves.set(keyOf(one), one)
  }
  walk(of)
  return [...leaves].map(([key, leaf]) => ({ leaf, slope: ((by.get(key) ?? 0) * leaf.value) / 100 }))
}

/** The leaf whose doubt moves the value most, and its share of all doubt (of the variance), 0–1. */
export function mattersMost(of: Expression): { leaf: Leaf; share: number } | undefined {
  const doubts = slopesOf(of).map(({ leaf, slope }) => ({
    leaf,
    variance: (100 * slope * (leaf.spread ?? 0)) ** 2,
  }))
  const all = doubts.reduce((sum, { variance }) => sum + variance, 0)
  const [first] = doubts.sort((a, b) => b.variance - a.variance)
  return first && all > 0 ? { leaf: first.leaf, share: first.variance / all } : undefined
}

const SAMPLES = 2000
const SEED = 20_260

/**
 * How far the value may be off, as a standard deviation in its unit, when its leaves vary by their own spreads and on
 * their own. To the first order; where a rounding or a limit stands in it by sampling, log-normal and seeded.
 * Source: law of propagation of uncertainty, and its Monte Carlo supplement (JCGM 100 and 101).
 */
export function spreadOf(of: Expression): number {
  if (!hasSteps(of))
    return Math.sqrt(
      slopesOf(of).reduce((sum, { leaf, slope }) => sum + (100 * slope * (leaf.spread ?? 0)) ** 2, 0),
    )
  const random = seededRandom(SEED)
  const values: number[] = []
  for (let i = 0; i < SAMPLES; i += 1) {
    const drawn = new Map<string, number>()
    values.push(
      sampled(of, (leaf) => {
        const key = keyOf(leaf)
        const known = drawn.get(key)
        if (known !== undefined) return known
        const value = leaf.spread ? leaf.value * lognormal(leaf.spread, normal(random)) : leaf.value
        drawn.set(key, value)
        return value
      }),
    )
  }
  const mean = values.reduce((sum, value) => sum + value, 0) / SAMPLES
  return Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / SAMPLES)
}

/** A factor of mean 1 whose standard deviation is the spread, from a standard normal. */
function lognormal(spread: number, z: number): number {
  const variance = Math.log(1 + spread * spread)
  return Math.exp(Math.sqrt(variance) * z - variance / 2)
}

/** Its value with other values for its leaves. */
function sampled(of: Expression, value: (leaf: Leaf) => number): number {
  return isLeaf(of)
    ? value(of)
    : applied(
        of.op,
        of.of.map((one) => sampled(one, value)),
      )
}
