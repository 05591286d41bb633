/**
 * What came of reading something a person typed.
 * A search or a reading that can fail says why, in words the person can act on; it never returns null.
 */
export type Reading<T> = { kind: 'ok'; value: T } | { kind: 'none'; because: string }

export const ok = <T>(value: T): Reading<T> => ({ kind: 'ok', value })

export const none = (because: string): { kind: 'none'; because: string } => ({ kind: 'none', because })

/**
 * A number as people type it: "2.6", "2,6", "1/4", "8 1/2", "½", "1,000", "1 200 000", "1.200,5".
 * Commas that part groups of three are thousands; a single comma before another number of digits is a decimal point.
 * A bare "1,200" is read as thousands: see {@link ambiguityOf} for where that has to be shown back first.
 * @returns the number, or `undefined` where the text is no number (the caller knows which field to name).
 */
export function readNumber(text: string): number | undefined {
  const plain = ungrouped(
    text
      .replace(
        /(\d)?([½¼¾⅛⅜⅝⅞])/g,
        (_all, whole: string | undefined, sign: string) => `${whole ? `${whole} ` : ''}${vulgar[sign]}`,
      )
      .trim(),
  )
  const fraction = /^(?:(\d+)[\s-]+)?(\d+)\s*\/\s*(\d+)$/.exec(plain)
  if (fraction) {
    const [, whole, top, bottom] = fraction
    if (Number(bottom) === 0) return undefined
    return Number(whole ?? 0) + Number(top) / Number(bottom)
  }
  return /^\d*\.?\d+(?:e[+-]?\d+)?$|^\d+\.$/.test(plain) ? Number(plain) : undefined
}

/** Takes out what parts thousands, and makes the decimal sign a point. */
function ungrouped(text: string): string {
  if (/^[1-9]\d{0,2}(?:,\d{3})+(?:\.\d*)?$/.test(text)) return text.replace(/,/g, '')
  if (/^[1-9]\d{0,2}(?:\.\d{3})+,\d*$|^[1-9]\d{0,2}(?:\.\d{3}){2,}$/.test(text))
    return text.replace(/\./g, '').replace(',', '.')
  if (/^[1-9]\d{0,2}(?:[ \u00a0\u202f']\d{3})+(?:[.,]\d*)?$/.test(text))
    return text.replace(/[ \u00a0\u202f']/g, '').replace(',', '.')
  return text.replace(',', '.')
}

/**
 * Why a number can't be taken without asking: "1,200" is twelve hundred to one maker and one and a fifth to
 * another, unless a unit or a price says which. Shown back with both readings; undefined where there is only
 * one.
 */
export function ambiguityOf(text: string, unit = ''): string | undefined {
  const typed = text.trim()
  const of = unit === '' ? '' : ` ${unit}`
  if (!/^[1-9]\d{0,2},\d{3}$/.test(typed)) return undefined
  const thousands = typed.replace(',', '')
  return `“${typed}${of}” can be ${thousands}${of} or ${plainNumber(Number(typed.replace(',', '.')), 3)}${of}. Type the one you mean.`
}

const vulgar: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

/** A number that may be below 0, as people type it: "−12", "-3.5", "+4", "4"; undefined for anything else. */
export function readSigned(text: string): number | undefined {
  const [, sign = '', rest = ''] = /^\s*([-−+])?\s*(.*)$/s.exec(text) ?? []
  const read = readNumber(rest)
  return read === undefined ? undefined : sign === '-' || sign === '−' ? -read : read
}

/** A number for reading: at most `digits` decimals, no trailing zeros, never "-0". */
export function plainNumber(value: number, digits: number): string {
  const text = value.toFixed(digits)
  const trimmed = text.includes('.') ? text.replace(/\.?0+$/, '') : text
  return trimmed === '-0' ? '0' : trimmed
}

/** A number for reading with so many significant figures, never in powers of ten: 0.00046 and 2 is "0.00046". */
export function significant(value: number, figures: number): string {
  const decimals = value === 0 ? 0 : Math.max(0, figures - 1 - Math.floor(Math.log10(Math.abs(value))))
  return plainNumber(value, Math.min(20, decimals))
}

/** From one number to another; one number where they are the same. */
export const rangeWords = (from: number, to: number): string => (from === to ? String(from) : `${from}–${to}`)

/**
 * Throws a RangeError that names the quantity, its value and its unit unless the value is finite and within
 * the bounds.
 */
export function requireRange(
  name: string,
  value: number,
  unit: string,
  bounds: { min?: number; max?: number; above?: number },
): void {
  const { min, max, above } = bounds
  const fits =
    Number.isFinite(value) &&
    (min === undefined || value >= min) &&
    (above === undefined || value > above) &&
    (max === undefined || value <= max)
  if (fits) return
  const allowed = [
    min !== undefined ? `at least ${min}` : '',
    above !== undefined ? `above ${above}` : '',
    max !== undefined ? `at most ${max}` : '',
  ]
    .filter(Boolean)
    .join(' and ')
  throw new RangeError(
    `${name} is ${value}${unit ? ` ${unit}` : ''}; it must be ${allowed || 'a finite number'}${unit ? ` ${unit}` : ''}`,
  )
}
