import { MM_PER_FOOT, MM_PER_INCH, MM_PER_YARD } from './constants'
import { ambiguityOf, none, ok, plainNumber, readNumber, type Reading } from './reading'

/** How lengths are shown: one setting of the workshop. Every field reads both. */
export type UnitSystem = 'metric' | 'imperial'

const unitMm: Record<string, number> = {
  mm: 1,
  cm: 10,
  m: 1000,
  km: 1_000_000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '″': MM_PER_INCH,
  '”': MM_PER_INCH,
  ft: MM_PER_FOOT,
  foot: MM_PER_FOOT,
  feet: MM_PER_FOOT,
  "'": MM_PER_FOOT,
  '′': MM_PER_FOOT,
  '’': MM_PER_FOOT,
  yd: MM_PER_YARD,
  yard: MM_PER_YARD,
  yards: MM_PER_YARD,
  metre: 1000,
  metres: 1000,
  meter: 1000,
  meters: 1000,
}

const number = String.raw`\d+[\s-]+\d+\s*/\s*\d+|\d+\s*/\s*\d+|\d{1,3}(?:[,. ']\d{3})+(?:[.,]\d*)?|\d*[.,]?\d+(?:e[+-]?\d+)?|\d+[.,]|\d*\s?[½¼¾⅛⅜⅝⅞]`
const feetInches = new RegExp(
  String.raw`^(${number})\s*(?:ft|foot|feet|'|′|’)\s*(?:(${number})\s*(?:in|inch|inches|"|″|”|'')?)?$`,
)
const single = new RegExp(String.raw`^(${number})\s*([a-z"″”'′’]+)?$`)

/** "1 m 20 cm", "2m60": two digits without a unit are centimetres. */
const metresAndMore = /^(\d+)\s*m\s*(?:(\d+(?:[.,]\d+)?)\s*(cm|mm)|(?=\d{2}$)(\d{2}))$/

/** The longest length that a field takes: 10 km, beyond any plant and any board. */
const MAX_MM = 1e7

/**
 * Reads a length as makers type it: "8ft6", "8' 6 1/2\"", "2.6 m", "2,6m", "31mm", "3/4in".
 * @param bareUnit unit of a number typed without one
 * @returns millimetres, above 0 and at most 10 km; or why not
 */
export function parseLength(text: string, bareUnit: 'mm' | 'm' | 'ft' | 'in' = 'mm'): Reading<number> {
  const typed = text.trim().toLowerCase()
  if (typed === '') return none('Type a length, such as 2.6 m, 8ft6 or 31mm.')
  const doubt = doubtOf(typed)
  if (doubt !== undefined) return none(doubt)
  const mm = readMm(typed, bareUnit)
  if (mm === undefined) return none(`“${text.trim()}” is not a length. Allowed: 2.6 m, 31mm, 8ft6, 3/4in.`)
  if (!(mm > 0)) return none(`“${text.trim()}” is not above zero.`)
  if (mm > MAX_MM) return none(`“${text.trim()}” is longer than 10 km.`)
  return ok(mm)
}

/** Why a length is shown back: thousands or a decimal, before a unit too; a foot or more of inches after feet. */
function doubtOf(typed: string): string | undefined {
  const [, number = typed, unit = ''] = /^([\d,]+)\s*([a-z]+)$/.exec(typed) ?? []
  const ambiguous = ambiguityOf(number, unit)
  if (ambiguous !== undefined) return ambiguous
  const [, feet, inches] = feetInches.exec(typed) ?? []
  const over = inches === undefined ? undefined : readNumber(inches)
  if (feet === undefined || over === undefined || over < 12) return undefined
  const whole = (readNumber(feet) ?? 0) + Math.floor(over / 12)
  const proper = `${whole} ft ${plainNumber(over % 12, 2)} in`
  return `“${typed}” has a foot or more of inches. Type ${proper}, or what you mean.`
}

function readMm(typed: string, bareUnit: string): number | undefined {
  const metric = metresAndMore.exec(typed)
  if (metric) {
    const [, metres = '', typedMore, unit = 'cm', two] = metric
    const more = typedMore ?? two ?? ''
    const [whole, part] = [readNumber(metres), readNumber(more)]
    if (whole === undefined || part === undefined) return undefined
    return whole * 1000 + part * (unit === 'mm' ? 1 : 10)
  }
  const compound = feetInches.exec(typed)
  if (compound?.[2] !== undefined) {
    const feet = readNumber(compound[1] ?? '')
    const inches = readNumber(compound[2])
    return feet === undefined || inches === undefined ? undefined : feet * MM_PER_FOOT + inches * MM_PER_INCH
  }
  const plain = single.exec(typed)
  if (!plain) return undefined
  const value = readNumber(plain[1] ?? '')
  const name = plain[2] ?? bareUnit
  const factor = Object.hasOwn(unitMm, name) ? unitMm[name] : undefined
  return value === undefined || factor === undefined ? undefined : value * factor
}

/**
 * A length at the model: whole millimetres from 20 mm up, tenths below, hundredths of the smallest; or inches to
 * the nearest 1/32.
 * @param mm model length in mm
 */
export function formatModelLength(mm: number, system: UnitSystem = 'metric'): string {
  if (system === 'imperial') return formatInches(mm / MM_PER_INCH, 32)
  const size = Math.abs(mm)
  return `${plainNumber(mm, size > 0 && size < 0.1 ? 2 : Math.round(size * 10) < 200 ? 1 : 0)} mm`
}

/**
 * A length in the real world: metres to the decimetre (centimetres below 1 m), or feet and whole inches.
 * @param mm real length in mm
 */
export function formatRealLength(mm: number, system: UnitSystem = 'metric'): string {
  if (system === 'metric')
    return Math.round(Math.abs(mm) / 10) < 100
      ? `${plainNumber(mm / 1000, 2)} m`
      : `${(mm / 1000).toFixed(1)} m`
  const inches = Math.round(mm / MM_PER_INCH)
  const feet = Math.trunc(inches / 12)
  const rest = inches - feet * 12
  return feet === 0 ? `${rest} in` : rest === 0 ? `${feet} ft` : `${feet} ft ${rest} in`
}

function formatInches(inches: number, parts: number): string {
  const steps = Math.round(inches * parts)
  const whole = Math.trunc(steps / parts)
  let top = steps - whole * parts
  if (top === 0) return `${whole} in`
  let bottom = parts
  while (top % 2 === 0) {
    top /= 2
    bottom /= 2
  }
  return whole === 0 ? `${top}/${bottom} in` : `${whole} ${top}/${bottom} in`
}
