import * as z from 'zod'
import { MOST_LABELS } from '../../shared/labels'

const line = z.string().max(120)

/** Jar labels as they are printed: what stands on each, its code, and the colour of what is in the jar. */
export const labelsOrderSchema = z.strictObject({
  paper: z.enum(['A4', 'Letter']),
  labels: z
    .array(
      z.strictObject({
        title: z.string().min(1).max(120),
        lines: z.array(line).max(5),
        code: z.string().regex(/^HT1\/[LM]\/[A-Za-z0-9_-]{1,64}$/, 'must be a jar code such as HT1/L/…'),
        colour: z
          .string()
          .regex(/^#[0-9a-f]{6}$/, 'must be #rrggbb')
          .optional(),
      }),
    )
    .min(1)
    .max(MOST_LABELS),
})
export type LabelsOrder = z.infer<typeof labelsOrderSchema>
