/**
 * Units as products of powers: "g/cm²", "ml/cm²", "mm". Each length, area and mass keeps its own unit, so that a
 * conversion is a factor that is seen in the formula; only ml and cm³ are the same thing by definition (SI brochure).
 * What is counted (pieces, sheets, sprigs) and shares have no unit; a share may be shown in %.
 */
type Powers = ReadonlyMap<string, number>

const counts = new Set(['', '%', 'piece', 'pieces', 'patches', 'stretches', 'sheets', 'portion', 'parts'])
const signs: Readonly<Record<string, readonly [base: string, power: number]>> = {
  mm: ['mm', 1],
  'mm²': ['mm', 2],
  cm: ['cm', 1],
  'cm²': ['cm', 2],
  cm2: ['cm', 2],
  'cm³': ['cm', 3],
  ml: ['cm', 3],
  g: ['g', 1],
  s: ['s', 1],
  min: ['min', 1],
  h: ['h', 1],
  dtex: ['dtex', 1],
  '°': ['°', 1],
  hundredths: ['hundredths', 1],
}

const powersKnown = new Map<string, Powers>()
const printed = new Map<string, string>()

/** @throws RangeError for a sign that is not one of ours */
function powersOf(unit: string): Powers {
  const known = powersKnown.get(unit)
  if (known) return known
  const powers = new Map<string, number>()
  const [over = '', ...under] = unit.split('/')
  const add = (part: string, times: number): void => {
    for (const sign of part.split('·')) {
      if (counts.has(sign)) continue
      const own = signs[sign]
      if (!own)
        throw new RangeError(`unit is “${unit}”; its signs must be of ${Object.keys(signs).join(', ')}`)
      powers.set(own[0], (powers.get(own[0]) ?? 0) + own[1] * times)
    }
  }
  add(over, 1)
  for (const part of under) add(part, -1)
  powersKnown.set(unit, powers)
  return powers
}

/** The unit in its plain form: "cm³" for "ml", "" for pieces. One form for each product of powers. */
function printedOf(powers: Powers): string {
  const of = (sign: number): string =>
    [...powers]
      .filter(([, power]) => Math.sign(power) === sign)
      .sort(([a], [b]) => a.localeCompare(b))
      .map(([base, power]) => signOf(base, Math.abs(power)))
      .join(sign > 0 ? '·' : '/')
  const [over, under] = [of(1), of(-1)]
  return under === '' ? over : `${over}/${under}`
}

function signOf(base: string, power: number): string {
  if (power === 1) return base
  if (base === 'cm' || base === 'mm') {
    if (power === 2) return `${base}²`
    if (power === 3 && base === 'cm') return `${base}³`
  }
  return Array.from({ length: power }, () => base).join('·')
}

/** A unit in its plain form, the same for units that can be added to each other. */
export function plainUnit(unit: string): string {
  const known = printed.get(unit)
  if (known !== undefined) return known
  const plain = printedOf(powersOf(unit))
  printed.set(unit, plain)
  return plain
}

const products = new Map<string, Map<string, string>>()

/** The unit of a product, or of a quotient where the power of the second is −1. */
function combined(first: string, second: string, power: number): string {
  const powers = new Map(powersOf(first))
  for (const [base, own] of powersOf(second)) {
    const sum = (powers.get(base) ?? 0) + own * power
    if (sum === 0) powers.delete(base)
    else powers.set(base, sum)
  }
  return printedOf(powers)
}

function kept(first: string, key: string, work: () => string): string {
  const row = products.get(first) ?? new Map<string, string>()
  if (row.size === 0) products.set(first, row)
  const known = row.get(key)
  if (known !== undefined) return known
  const unit = work()
  row.set(key, unit)
  return unit
}

export const timesUnit = (first: string, second: string): string =>
  second === '' ? first : kept(first, `*${second}`, () => combined(first, second, 1))

export const perUnit = (first: string, second: string): string =>
  second === '' ? first : kept(first, `/${second}`, () => combined(first, second, -1))
