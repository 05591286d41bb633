import * as z from 'zod'

/** Pieces of schema that every record uses. */

/** Ids are made where the record is made, so that two copies of a workshop can be merged. */
export const idSchema = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, 'must be 1 to 64 letters, digits, - or _')

/** A moment: ISO 8601 in UTC with milliseconds, so that text order is time order. */
export const momentSchema = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}\.\d{3}Z$/, 'must be a moment such as 2026-10-04T18:30:00.000Z')

export const dateSchema = z.iso.date()

export const nameSchema = z
  .string()
  .trim()
  .min(1, 'must not be empty')
  .max(120, 'must be at most 120 characters')

export const noteSchema = z.string().max(2000, 'must be at most 2000 characters')

/** Fields of a record that people change: the last change wins when copies meet, and a removed record stays as a marker. */
export const changeable = { id: idSchema, changedAt: momentSchema, removed: z.boolean().optional() }
