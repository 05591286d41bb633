import * as z from 'zod'
import { changeable, dateSchema, nameSchema, noteSchema } from '../units/schema'

/** The most of one tool or holder that a register takes: pegs by the thousand, but no more. */
export const MOST_TOOLS = 100_000
const countSchema = z.number().min(0).max(MOST_TOOLS)

/** So many lent out: to whom, and since when. */
export const loanSchema = z.strictObject({
  count: countSchema,
  to: nameSchema,
  since: dateSchema,
})
export type Loan = z.infer<typeof loanSchema>

/** What the workshop says of a tool or a holder. What is not in the register is not said: it counts as there. */
export const toolRecordSchema = z.strictObject({
  ...changeable,
  /** Of the maker's own: its name. Of one that ways of making name: absent, the id names it. */
  name: nameSchema.optional(),
  /** How many there are, those lent and those worn among them; of a line its metres. 0: there is none. */
  have: countSchema,
  lent: z.array(loanSchema).max(50),
  /** How many of them do no more work. */
  worn: countSchema,
  /** The day it was sold; there is none since. */
  soldOn: dateSchema.optional(),
  /** What one costs, in hundredths; absent: what the app knows. */
  priceMinor: z.number().int().min(0).max(1e9).optional(),
  note: noteSchema.optional(),
})
export type ToolRecord = z.infer<typeof toolRecordSchema>
