import canonicalize from 'canonicalize'
import { tables, type WorkshopDocument } from './document'

/** Text that is the same for equal values whatever the order of their fields. Source: RFC 8785. */
export const canonical = (value: unknown): string => canonicalize(value) ?? ''

interface Row {
  readonly id: string
}

interface ChangeableRow extends Row {
  readonly changedAt: string
  readonly fieldsAt?: Readonly<Record<string, string>>
}

const isChangeable = (row: Row): row is ChangeableRow => 'changedAt' in row

/** When an entry was written; of what has no moment, nothing. */
const writtenAt = (row: Row): string => (row as { at?: string }).at ?? ''

/**
 * Of two records that never change, the one that was written first: what both copies took in was there before either
 * counted it. Where that is the same, the one whose text sorts last, so that every copy decides alike.
 */
function eitherOf<T extends Row>(a: T, b: T): T {
  const [first, second] = [writtenAt(a), writtenAt(b)]
  if (first !== second) return first < second ? a : b
  return canonical(a) >= canonical(b) ? a : b
}

/** When a field was last changed: as noted, else when the record was first written. */
export const stampOf = (row: ChangeableRow, field: string): string =>
  row.fieldsAt && Object.hasOwn(row.fieldsAt, field) ? (row.fieldsAt[field] ?? row.changedAt) : row.changedAt

const BOOKKEEPING = new Set(['id', 'changedAt', 'fieldsAt'])

/**
 * Unites two copies of a record field by field: each field as it was changed last; for equal moments the
 * value whose text sorts last. Fields that were changed apart both stay. A field that is absent counts as a
 * value: emptying it is a change too.
 */
function mergeFields<T extends ChangeableRow>(a: T, b: T): T {
  const changedAt = a.changedAt > b.changedAt ? a.changedAt : b.changedAt
  const names = new Set([
    ...Object.keys(a),
    ...Object.keys(b),
    ...Object.keys(a.fieldsAt ?? {}),
    ...Object.keys(b.fieldsAt ?? {}),
  ])
  const fields: Record<string, unknown> = {}
  const fieldsAt: Record<string, string> = {}
  for (const name of [...names].sort()) {
    if (BOOKKEEPING.has(name)) continue
    const stamps = [stampOf(a, name), stampOf(b, name)] as const
    const values = [(a as Record<string, unknown>)[name], (b as Record<string, unknown>)[name]] as const
    const first =
      stamps[0] === stamps[1]
        ? canonical(values[0] ?? null) >= canonical(values[1] ?? null)
        : stamps[0] > stamps[1]
    const value = first ? values[0] : values[1]
    const stamp = first ? stamps[0] : stamps[1]
    if (value !== undefined) fields[name] = value
    if (stamp !== changedAt) fieldsAt[name] = stamp
  }
  return {
    id: a.id,
    changedAt,
    ...fields,
    ...(Object.keys(fieldsAt).length > 0 ? { fieldsAt } : {}),
  } as unknown as T
}

/** One of two records with one id: united field by field where it can change. */
export const mergeRow = <T extends Row>(a: T, b: T): T =>
  a === b ? a : isChangeable(a) && isChangeable(b) ? mergeFields(a, b) : eitherOf(a, b)

/** Union of two lists of records by id, in the order of their ids. */
export function mergeRows<T extends Row>(a: readonly T[], b: readonly T[]): T[] {
  const rows = new Map<string, T>()
  for (const row of [...a, ...b]) {
    const there = rows.get(row.id)
    rows.set(row.id, there === undefined ? row : mergeRow(there, row))
  }
  return [...rows.values()].sort((x, y) => (x.id < y.id ? -1 : x.id > y.id ? 1 : 0))
}

/**
 * Merges two copies of a workshop. Commutative, associative and idempotent: it does not matter who sends whom
 * what how often. Ledger entries, tray entries and run entries are united; of a record that both changed, the
 * last change of each field stays. Which run entries count where both went on with a batch follows from the
 * entries themselves (see causesOf).
 */
export function mergeWorkshops(a: WorkshopDocument, b: WorkshopDocument): WorkshopDocument {
  const merged = Object.fromEntries(tables.map((name) => [name, mergeRows<Row>(a[name], b[name])]))
  return {
    format: a.format,
    version: a.version,
    ...merged,
    savedAt: a.savedAt > b.savedAt ? a.savedAt : b.savedAt,
    settings: mergeRow(a.settings, b.settings),
  } as WorkshopDocument
}

/**
 * The fields of a record that differ from it, with the moment that they were changed: later than the stored
 * one whatever the clock says.
 */
export function withChange<T extends ChangeableRow>(stored: T, changed: Partial<T>, now: string): T {
  const fieldsAt: Record<string, string> = { ...stored.fieldsAt }
  const next: Record<string, unknown> = { ...(stored as object) }
  for (const [name, value] of Object.entries(changed)) {
    if (BOOKKEEPING.has(name)) continue
    if (canonical((stored as Record<string, unknown>)[name] ?? null) === canonical(value ?? null)) continue
    const before = stampOf(stored, name)
    fieldsAt[name] = now > before ? now : new Date(Date.parse(before) + 1).toISOString()
    if (value === undefined) delete next[name]
    else next[name] = value
  }
  return { ...next, ...(Object.keys(fieldsAt).length > 0 ? { fieldsAt } : {}) } as unknown as T
}
