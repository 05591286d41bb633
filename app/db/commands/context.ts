import type * as z from 'zod'
import { none, ok, type Reading } from '../../../core/units'
import type { WorkshopDb } from '../database'
import type { TakenAway } from '../taken-away'

/**
 * What every command works with. A command is one user action in one transaction; it answers with what it
 * wrote, or why not.
 */
export interface CommandContext {
  readonly db: WorkshopDb
  readonly now: () => string
  readonly newId: () => string
  /** Hears of what a command has taken away or replaced. */
  readonly tookAway?: (taken: TakenAway) => void
}

/** Checks what is about to be stored; the answer names the field. */
export function check<T>(schema: z.ZodType<T>, value: unknown): Reading<T> {
  const result = schema.safeParse(value)
  if (result.success) return ok(result.data)
  return none(
    result.error.issues.map((issue) => `${issue.path.join('.') || 'record'}: ${issue.message}`).join('\n'),
  )
}
