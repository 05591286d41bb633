import { ownableTools, type Tool } from './catalogue'
import type { ToolRecord } from './records'

/** How many of a tool there are to work with: what is lent is away, what is worn does no work. */
export const atHand = ({ have, lent, worn, soldOn }: ToolRecord): number =>
  soldOn === undefined ? Math.max(0, have - worn - lentOut(lent)) : 0

export const lentOut = (lent: ToolRecord['lent']): number => lent.reduce((sum, { count }) => sum + count, 0)

/** The id under which the register keeps a tool or a holder that steps name. */
export const registerId = (what: string): string => what.replaceAll(' ', '-')

/** The register by id; what has been taken out of it is not said any more. */
export const registerOf = (records: readonly ToolRecord[]): ReadonlyMap<string, ToolRecord> =>
  new Map(records.filter(({ removed }) => !removed).map((record) => [record.id, record]))

/**
 * Tools that work does not leave whole, by name: one for each step that has been begun and names it with its caution.
 * @param steps those that have been begun
 */
export function ruinedIn(
  steps: readonly { readonly tools: readonly string[]; readonly cautions: readonly string[] }[],
): ReadonlyMap<string, number> {
  const ruined = new Map<string, number>()
  for (const { id, ruinedBy } of ownableTools) {
    if (ruinedBy === undefined) continue
    const count = steps.filter((step) => step.tools.includes(id) && step.cautions.includes(ruinedBy)).length
    if (count > 0) ruined.set(id, count)
  }
  return ruined
}

/** A tool that is wanted and not at hand. */
export interface MissingTool extends Tool {
  /** Away, worn, sold, or never had. */
  readonly because: 'lent' | 'worn' | 'sold' | 'none'
  /** Who has it. */
  readonly lentTo?: string
}

function whyMissing(record: ToolRecord): Pick<MissingTool, 'because' | 'lentTo'> {
  const loan = record.lent[0]
  if (record.soldOn !== undefined) return { because: 'sold' }
  if (loan) return { because: 'lent', lentTo: loan.to }
  return { because: record.have > 0 ? 'worn' : 'none' }
}

/** Tools of some steps that are not at hand, each once. What the register does not name counts as there. */
export function missingTools(
  steps: readonly { readonly tools: readonly string[] }[],
  register: ReadonlyMap<string, ToolRecord>,
): MissingTool[] {
  const wanted = new Set(steps.flatMap((step) => step.tools))
  return ownableTools.flatMap((tool): MissingTool[] => {
    const record = register.get(registerId(tool.id))
    if (!wanted.has(tool.id) || !record || atHand(record) > 0) return []
    return [{ ...tool, priceMinor: record.priceMinor ?? tool.priceMinor, ...whyMissing(record) }]
  })
}

/** A missing tool, in words: "drill: lent to a neighbour", "glue pot: none". */
export const missingWords = ({ id, because, lentTo }: MissingTool): string =>
  because === 'lent'
    ? `${id}: lent to ${lentTo ?? 'someone'}`
    : because === 'none'
      ? `no ${id}`
      : `${id}: ${because}`
