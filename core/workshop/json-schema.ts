import * as z from 'zod'
import { documentSchema } from './document'

/** The file format as JSON Schema, draft 2020-12: what docs/workshop.schema.json holds. */
export function workshopJsonSchema(): Record<string, unknown> {
  return {
    title: 'Hardy Thicket workshop',
    description:
      'One maker’s whole workshop, as exported. Quantities are in the material’s unit, money in hundredths, moments in UTC.',
    ...z.toJSONSchema(documentSchema, { target: 'draft-2020-12', io: 'input' }),
  }
}
