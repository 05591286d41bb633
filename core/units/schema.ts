import * as z from 'zod'

/** Pieces of schema that every record uses. */

/** Ids are made where the record is made, so that two copies of a workshop can be merged. */
export const idSchema = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, 'must be 1 to 64 letters, digits, - or _')

/** Years that days and moments may lie in: beyond them clocks and calendars of the platform are not sure. */
const [FIRST_YEAR, LAST_YEAR] = [1900, 2200]
const YEARS_WORDS = `must lie in the years ${FIRST_YEAR} to ${LAST_YEAR}`
const isInRange = (text: string): boolean => {
  const year = Number(text.slice(0, 4))
  return year >= FIRST_YEAR && year <= LAST_YEAR
}

/** A moment: ISO 8601 in UTC with milliseconds, so that text order is time order. It must be a real one. */
export const momentSchema = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}\.\d{3}Z$/, 'must be a moment such as 2026-10-04T18:30:00.000Z')
  .refine(isRealMoment, 'must be a day and a time that exist')
  .refine(isInRange, YEARS_WORDS)

/** Whether a moment names a day and a time that exist: Date reads 31 April as 1 May. */
function isRealMoment(text: string): boolean {
  const ms = Date.parse(text)
  return !Number.isNaN(ms) && new Date(ms).toISOString() === text
}

/** A day: ISO 8601, of a year that plans and ledgers are made in. */
export const dateSchema = z.iso.date().refine(isInRange, YEARS_WORDS)

export const nameSchema = z
  .string()
  .trim()
  .min(1, 'must not be empty')
  .max(120, 'must be at most 120 characters')

export const noteSchema = z.string().max(2000, 'must be at most 2000 characters')

/**
 * Fields of a record that people change. `changedAt` is when it was first written, `fieldsAt` when each field
 * was changed since; copies that meet keep the later of each field, and a removed record stays as a marker.
 */
export const changeable = {
  id: idSchema,
  changedAt: momentSchema,
  fieldsAt: z.record(z.string().max(40), momentSchema).optional(),
  removed: z.boolean().optional(),
}

/** A colour as text. */
export const colourSchema = z.string().regex(/^#[0-9a-f]{6}$/, 'must be #rrggbb')

export const originSchema = z.enum(['formula', 'common practice', 'memory', 'yours'])
