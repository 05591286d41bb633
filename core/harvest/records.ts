import * as z from 'zod'
import { changeable, dateSchema, idSchema, noteSchema } from '../units/schema'

/** How it stands with leave to gather. */
export const permissions = ['own ground', 'given', 'asked', 'not asked'] as const
export type Permission = (typeof permissions)[number]

/** A harvest that is meant to be: what, where, in which days, and how much is hoped for. */
export const harvestSchema = z
  .strictObject({
    ...changeable,
    /** What is gathered, of those that the app knows. */
    gather: z.string().min(1).max(60),
    /** What goes on the shelf, and how much is hoped for, in its unit. */
    materialId: idSchema,
    quantity: z.number().min(0.001).max(1e7),
    from: dateSchema,
    to: dateSchema,
    place: z.string().max(120),
    permission: z.enum(permissions),
    /** The batch that brings it in, once it has begun. */
    batchId: idSchema.optional(),
    note: noteSchema.optional(),
  })
  .refine(({ from, to }) => from <= to, { path: ['to'], message: 'must not be before the first day' })
export type Harvest = z.infer<typeof harvestSchema>
