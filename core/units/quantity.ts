import {
  G_PER_OUNCE,
  G_PER_POUND,
  ML_PER_US_BUSHEL,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_GALLON,
  MM_PER_FOOT,
  MM_PER_INCH,
} from './constants'
import { ambiguityOf, none, ok, plainNumber, readNumber, type Reading } from './reading'

/** The unit that a material is counted in. One unit a material, for ever; typed amounts are converted to it. */
export type StockUnit = 'g' | 'ml' | 'piece' | 'mm' | 'cm2'

export const stockUnits: readonly StockUnit[] = ['g', 'ml', 'piece', 'mm', 'cm2']

const factors: Record<StockUnit, Record<string, number>> = {
  g: { g: 1, gram: 1, grams: 1, mg: 0.001, kg: 1000, oz: G_PER_OUNCE, lb: G_PER_POUND },
  ml: {
    ml: 1,
    cl: 10,
    dl: 100,
    l: 1000,
    litre: 1000,
    litres: 1000,
    cc: 1,
    'fl oz': ML_PER_US_FLUID_OUNCE,
    floz: ML_PER_US_FLUID_OUNCE,
    bu: ML_PER_US_BUSHEL,
    bushel: ML_PER_US_BUSHEL,
    gal: ML_PER_US_GALLON,
    gallon: ML_PER_US_GALLON,
    gallons: ML_PER_US_GALLON,
    qt: ML_PER_US_GALLON / 4,
    pt: ML_PER_US_GALLON / 8,
  },
  piece: { piece: 1, pieces: 1, pc: 1, pcs: 1, dozen: 12, doz: 12 },
  mm: { mm: 1, cm: 10, m: 1000, in: MM_PER_INCH, ft: MM_PER_FOOT },
  cm2: { cm2: 1, 'cm²': 1, m2: 10_000, 'm²': 10_000, mm2: 0.01, 'mm²': 0.01 },
}

const allowed: Record<StockUnit, string> = {
  g: '20 g, 1.5 kg, 2 oz',
  ml: '250 ml, 1 l, 2 fl oz, 1/4 bu',
  piece: '30, 2 dozen',
  mm: '300 mm, 5 m, 12 in',
  cm2: '600 cm2, 0.5 m2',
}

/** The largest amount that one entry takes, in the stock unit; beyond it a slip of the hand is more likely. */
const MAX_QUANTITY = 1e7

/**
 * Reads an amount for a material counted in `unit`.
 * @param options.pack what one pack holds, in the unit, for "2 cans"
 * @param options.zero whether nothing at all is a fair answer (a count, a weight), or not (a pack)
 * @returns the amount in `unit`; or which unit was read and what is allowed
 */
export function parseQuantity(
  text: string,
  unit: StockUnit,
  options: { zero?: boolean; pack?: number } = {},
): Reading<number> {
  const typed = text.trim().toLowerCase()
  const parts = /^([\d.,½¼¾⅛⅜⅝⅞][\d.,\s'/½¼¾⅛⅜⅝⅞-]*?)\s*([a-z][a-z²2 ]*)?$/.exec(typed)
  const value = parts ? readNumber(parts[1] ?? '') : undefined
  const name = parts?.[2]?.trim() ?? ''
  const isPack = PACKS.test(name)
  if (isPack && value !== undefined && options.pack === undefined)
    return none(`“${text.trim()}”: how much is in one is not known. Allowed: ${allowed[unit]}.`)
  const factor = name === '' ? 1 : isPack ? options.pack : ownFactor(unit, name)
  const ambiguous = name === '' ? ambiguityOf(typed) : undefined
  if (ambiguous !== undefined) return none(ambiguous)
  if (value === undefined || factor === undefined)
    return none(
      `“${text.trim()}” can’t be read as an amount in ${unitName(unit)}. Allowed: ${allowed[unit]}.`,
    )
  const quantity = value * factor
  if (quantity === 0 && !options.zero) return none('The amount must be above zero.')
  if (quantity > MAX_QUANTITY)
    return none(`“${text.trim()}” is more than ${formatQuantity(MAX_QUANTITY, unit)}.`)
  if (unit === 'piece' && !Number.isInteger(quantity))
    return none(`“${text.trim()}” is not a whole number of pieces.`)
  return ok(quantity)
}

/** What materials come in. */
const PACKS = /^(?:can|pack|bag|jar|bottle|box|tin|tube|tub|packet|roll|sheet)(?:s|es)?$/

/** A factor by the name of its unit; a name such as “constructor” is none. */
const ownFactor = (unit: StockUnit, name: string): number | undefined =>
  Object.hasOwn(factors[unit], name) ? factors[unit][name] : undefined

export function unitName(unit: StockUnit): string {
  return { g: 'grams', ml: 'millilitres', piece: 'pieces', mm: 'millimetres', cm2: 'square centimetres' }[
    unit
  ]
}

/** An amount for reading, in the natural multiple of its unit: "1.25 kg", "340 ml", "0.8 g", "12". */
export function formatQuantity(quantity: number, unit: StockUnit): string {
  // What would be rounded to a thousand of the small unit is one of the large.
  const size = Math.abs(quantity)
  switch (unit) {
    case 'piece':
      return plainNumber(quantity, 1)
    case 'g':
      return size >= 999.5
        ? `${plainNumber(quantity / 1000, 2)} kg`
        : `${plainNumber(quantity, decimals(size))} g`
    case 'ml':
      return size >= 999.5
        ? `${plainNumber(quantity / 1000, 2)} l`
        : `${plainNumber(quantity, decimals(size))} ml`
    case 'mm':
      return size >= 999.5 ? `${plainNumber(quantity / 1000, 2)} m` : `${plainNumber(quantity, 0)} mm`
    case 'cm2':
      return size >= 9999.5
        ? `${plainNumber(quantity / 10_000, 2)} m²`
        : `${plainNumber(quantity, size >= 10 ? 0 : decimals(size))} cm²`
  }
}

/** Decimals that tell an amount; of one below a hundredth as many as its first digit needs, four at most. */
const decimals = (size: number): number =>
  size >= 100
    ? 0
    : size >= 10
      ? 1
      : size >= 0.01 || size === 0
        ? 2
        : Math.min(4, Math.ceil(-Math.log10(size)))
