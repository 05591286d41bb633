import type * as z from 'zod'
import { none, type Reading } from '../../../core/units'
import { withChange } from '../../../core/workshop'
import { check, type CommandContext } from './context'

/**
 * Fields to change in a stored record, or what makes them from the record as it is stored now. A field given
 * as undefined is emptied; one not named stays, whatever a window still shows of it.
 */
export type Change<T> =
  | Partial<Omit<T, 'id' | 'changedAt' | 'fieldsAt'>>
  | ((stored: T) => Partial<Omit<T, 'id' | 'changedAt' | 'fieldsAt'>>)

/** A record that people change. */
export interface Changeable {
  readonly id: string
  readonly changedAt: string
  readonly fieldsAt?: Record<string, string>
  readonly removed?: boolean
}

interface Records<T> {
  readonly name: string
  get(id: string): PromiseLike<T | undefined>
  put(record: T): PromiseLike<unknown>
}

/** Changes fields of a record, in one transaction. @param gone what is said where it is not there any more */
export async function changeRecord<T extends Changeable>(
  db: CommandContext['db'],
  records: Records<T>,
  schema: z.ZodType<T>,
  id: string,
  change: Change<T>,
  now: string,
  gone: string,
): Promise<Reading<T>> {
  return db.transaction('rw', records.name, async () => {
    const stored = await records.get(id)
    if (!stored || stored.removed) return none(gone)
    const fields = (typeof change === 'function' ? change(stored) : change) as Partial<T>
    const checked = check(schema, withChange(stored, fields, now))
    if (checked.kind === 'ok') await records.put(checked.value)
    return checked
  })
}

/** A record as a form has it: without an id it is new. */
export type Draft<T extends Changeable> = Omit<T, 'id' | 'changedAt' | 'fieldsAt'> & { readonly id?: string }

/** Writes a new record, or changes one: a field that the form leaves out is emptied. */
export async function saveRecord<T extends Changeable>(
  db: CommandContext['db'],
  records: Records<T>,
  schema: z.ZodType<T>,
  draft: Draft<T>,
  now: string,
  newId: () => string,
): Promise<Reading<T>> {
  return db.transaction('rw', records.name, async () => {
    const before = draft.id === undefined ? undefined : await records.get(draft.id)
    const emptied = Object.fromEntries(Object.keys(before ?? {}).map((name) => [name, undefined]))
    const checked = check(
      schema,
      before
        ? withChange(before, { ...emptied, ...draft } as unknown as Partial<T>, now)
        : { ...draft, id: draft.id ?? newId(), changedAt: now },
    )
    if (checked.kind === 'ok') await records.put(checked.value)
    return checked
  })
}
