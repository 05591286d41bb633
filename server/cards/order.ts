import * as z from 'zod'
import { commissionSchema, lineSchema, MOST_MIXED, speciesIdsOf } from '../../core/commissions'
import { sentContextSchema } from '../../core/makeup'
import { plantMethods } from '../../core/methods'
import { MOST_STARTED } from '../../core/batches'
import { speciesSchema, speciesTable } from '../../core/plants'
import { materialSchema } from '../../core/stock'

const oneOf = <T extends { id: string }>(rows: readonly T[], what: string) =>
  z.string().refine((id) => rows.some((row) => row.id === id), { error: `is no ${what} known here` })

/** What a batch card is printed from. */
export const cardOrderSchema = z
  .strictObject({
    paper: z.enum(['A4', 'Letter']),
    units: z.enum(['metric', 'imperial']),
    workshop: z.string().max(120),
    commission: commissionSchema,
    line: lineSchema.extend({ methodId: oneOf(plantMethods, 'method') }),
    /** The rows themselves, where they are species of the maker's own. */
    ownSpecies: z
      .array(speciesSchema)
      .max(1 + MOST_MIXED)
      .default([]),
    started: z.number().int().min(1).max(MOST_STARTED),
    /** What the workshop knows and has: the card has the figures of the screen. */
    context: sentContextSchema,
    /** Pads as the discs have been nested, where they have. */
    pads: z.number().int().min(1).max(2_000).optional(),
    materials: z.array(materialSchema).min(1).max(400),
  })
  .refine(
    ({ line, ownSpecies }) =>
      speciesIdsOf(line).every((id) => [...ownSpecies, ...speciesTable].some((row) => row.id === id)),
    { path: ['line', 'speciesId'], error: 'is no species known here' },
  )
export type CardOrder = z.infer<typeof cardOrderSchema>
