import type * as z from 'zod'
import { parseLength } from './length'
import { ambiguityOf, none, ok, plainNumber, readSigned, type Reading } from './reading'

/** A number that a person types: what it is called, the schema whose bounds it must keep, and how it is written. */
export interface NumberField {
  readonly name: string
  /** A number, or one that may be absent. */
  readonly schema: z.ZodNumber | z.ZodOptional<z.ZodNumber>
  /** Written after it: "%", "°", "days". */
  readonly unit?: string
  /** So many times what is stored is what is typed: 100 for a share in per cent. */
  readonly per?: number
  /** Reads what is typed, where it is written in ways of its own; absent: as a number. */
  readonly read?: (text: string) => number | undefined
  /** Writes a bound, as it is stored; absent: the number with its unit. */
  readonly show?: (stored: number) => string
}
interface Bounds {
  readonly least: number
  readonly most: number
  readonly whole: boolean
}

/** What a schema allows a number to be: the one place where that is written down. */
export function boundsOf(schema: NumberField['schema']): Bounds {
  const number = 'unwrap' in schema ? schema.unwrap() : schema
  return {
    least: number.minValue ?? -Infinity,
    most: number.maxValue ?? Infinity,
    whole: number.isInt,
  }
}

/**
 * A number as stored, where its schema allows it; else what was read and what is allowed.
 * @param typed what the person wrote, for the message
 */
export function withinBounds(field: NumberField, stored: number | undefined, typed: string): Reading<number> {
  const { name, schema, unit = '', per = 1 } = field
  const { least, most, whole } = boundsOf(schema)
  const fits =
    stored !== undefined && stored >= least && stored <= most && (!whole || Number.isInteger(stored))
  if (fits) return ok(stored)
  const apart = unit === '' || unit === '°' ? '' : ' '
  const show =
    field.show ?? ((value: number) => `${plainNumber(value * per, 3).replace('-', '−')}${apart}${unit}`)
  return none(
    `${name}: read “${typed.trim()}”; allowed is ${whole ? 'a whole number from ' : ''}${show(least)} to ${show(most)}.`,
  )
}

/**
 * Reads a number, with its unit or without, and keeps it to its schema's bounds. A number that can be read in
 * two ways is shown back.
 */
export function readBounded(field: NumberField, typed: string): Reading<number> {
  const { name, schema, unit = '', per = 1 } = field
  const text = typed.trim()
  const bare = unit !== '' && text.endsWith(unit) ? text.slice(0, -unit.length).trim() : text
  const doubt = boundsOf(schema).whole || field.read ? undefined : ambiguityOf(bare)
  if (doubt !== undefined) return none(`${name}: ${doubt}`)
  const read = field.read ? field.read(text) : readSigned(bare)
  return withinBounds(field, read === undefined ? undefined : read / per, typed)
}

/**
 * Reads a length and keeps it to its schema's bounds.
 * @param bareUnit what a number without a unit is
 * @param mmPerStored millimetres to one of what is stored: 1000 for metres
 */
export function readBoundedLength(
  field: NumberField,
  typed: string,
  bareUnit: 'mm' | 'm' | 'ft' | 'in' = 'mm',
  mmPerStored = 1,
): Reading<number> {
  const reading = parseLength(typed, bareUnit)
  return reading.kind === 'none'
    ? none(`${field.name}: ${reading.because}`)
    : withinBounds(field, reading.value / mmPerStored, typed)
}
