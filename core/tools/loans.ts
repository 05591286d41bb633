import { none, ok, plainNumber, readBounded, type NumberField, type Reading } from '../units'
import { loanSchema, toolRecordSchema, type Loan } from './records'

/** What is typed of a tool, with the bounds of its schema. */
export const toolFields = {
  have: { name: 'How many there are', schema: toolRecordSchema.shape.have },
  worn: { name: 'Of these worn', schema: toolRecordSchema.shape.worn },
  lent: { name: 'Lent', schema: loanSchema.shape.count },
} satisfies Record<string, NumberField>

/** A loan as it is typed. */
export interface TypedLoan {
  count: string
  to: string
  since: string
}

/**
 * The loans of a tool: each to someone, since a day; and no more lent and worn together than there are.
 * @param have how many there are in all
 * @param worn how many of them do no more work
 * @returns the loans, or what is wrong with the first that is
 */
export function loansOf(typed: readonly TypedLoan[], have: number, worn: number): Reading<Loan[]> {
  const loans: Loan[] = []
  for (const { count, to, since } of typed) {
    const read = readBounded(toolFields.lent, count)
    if (read.kind === 'none') return read
    if (to.trim() === '') return none('Lent: say to whom.')
    if (since === '') return none('Lent: say since when.')
    loans.push({ count: read.value, to: to.trim(), since })
  }
  const out = loans.reduce((sum, loan) => sum + loan.count, 0)
  return out + worn > have
    ? none(
        `Read ${plainNumber(out, 1)} lent and ${plainNumber(worn, 1)} worn of ${plainNumber(have, 1)}; together they can’t be more than there are.`,
      )
    : ok(loans)
}
