import * as z from 'zod'
import { plainNumber, type Origin, type TradeOrigin } from '../units'
import { changeable } from '../units/schema'
import type { Leaf } from './expression'

/** A number that a way of making rests on: what it is worth until a maker, or later the log, knows better. */
export interface Coefficient {
  /** Such as "sprig-tree/sticks". */
  readonly id: string
  readonly name: string
  readonly value: number
  readonly unit: string
  readonly origin: TradeOrigin
  /** How far makers differ: standard deviation as a share of the value. From memory. */
  readonly spread: number
  /** What a maker may set, ends included. */
  readonly range: readonly [least: number, most: number]
  readonly note?: string
}

type Row = Omit<Coefficient, 'id' | 'spread'> & { readonly spread?: number }

const USUAL_SPREAD = 0.25

/** Names the coefficients of one way of making: "sticks" of "sprig-tree" becomes "sprig-tree/sticks". */
export function coefficients<K extends string>(
  of: string,
  rows: Readonly<Record<K, Row>>,
): Readonly<Record<K, Coefficient>> {
  const named = (Object.entries(rows) as [K, Row][]).map(([key, row]) => [
    key,
    { spread: USUAL_SPREAD, ...row, id: `${of}/${key.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`)}` },
  ])
  return Object.fromEntries(named) as Record<K, Coefficient>
}

/** A coefficient that a maker has set. */
export const ownCoefficientSchema = z.strictObject({
  ...changeable,
  id: z.string().regex(/^[a-z0-9-]{1,40}\/[a-z0-9-]{1,40}$/, 'must be such as sprig-tree/sticks'),
  value: z.number().min(-1e6).max(1e6),
})
export type OwnCoefficient = z.infer<typeof ownCoefficientSchema>

/** The makers' own values, by id. */
export type OwnValues = ReadonlyMap<string, number>

/**
 * What a coefficient is worth in this workshop. A stored value out of its range, as from another version, is
 * passed over.
 */
export function worthOf(coefficient: Coefficient, own: OwnValues): { value: number; origin: Origin } {
  const set = own.get(coefficient.id)
  const [least, most] = coefficient.range
  return set === undefined || set < least || set > most
    ? { value: coefficient.value, origin: coefficient.origin }
    : { value: set, origin: 'yours' }
}

/** What ended batches have taught: by a coefficient's id, what it is worth by them, and how many they were. */
export type Learnt = ReadonlyMap<string, { readonly value: number; readonly of: number }>

/** Leaves of coefficients that nobody has set or taught: the same for all who ask. */
const asTheCraftHasIt = new WeakMap<Coefficient, Leaf>()

const leafOf = (
  { id, name, unit, spread, note }: Coefficient,
  value: number,
  origin: Origin,
  words: string | undefined = note,
): Leaf => ({
  op: 'leaf',
  is: 'coefficient',
  name,
  value,
  unit,
  origin,
  coefficient: id,
  spread,
  ...(words === undefined ? {} : { note: words }),
})

/** A coefficient as it goes into a figure: as the maker has set it; else as the log has taught it; else as it is. */
export function coefficientLeaf(coefficient: Coefficient, own: OwnValues, learnt?: Learnt): Leaf {
  const { id, range } = coefficient
  const isOwn = own.has(id)
  const taught = isOwn ? undefined : learnt?.get(id)
  if (taught && taught.of > 0) {
    const batches = taught.of === 1 ? 'your last batch' : `your last ${taught.of} batches`
    return leafOf(
      coefficient,
      Math.min(range[1], Math.max(range[0], taught.value)),
      'log',
      `by ${batches}; ${plainNumber(coefficient.value, 3)} before`,
    )
  }
  const { value, origin } = worthOf(coefficient, own)
  if (origin === 'yours') return leafOf(coefficient, value, origin)
  const known = asTheCraftHasIt.get(coefficient)
  if (known) return known
  const leaf = leafOf(coefficient, value, origin)
  asTheCraftHasIt.set(coefficient, leaf)
  return leaf
}
