import { tables, type WorkshopDocument } from './document'

/** Text that is the same for equal values whatever the order of their fields. */
export function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`
  if (value !== null && typeof value === 'object') {
    const fields = Object.entries(value)
      .filter(([, field]) => field !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
    return `{${fields.map(([key, field]) => `${JSON.stringify(key)}:${canonical(field)}`).join(',')}}`
  }
  return JSON.stringify(value)
}

interface Row {
  readonly id: string
  readonly changedAt?: string
}

/**
 * Which of two records with one id stays: the one changed last; for equal moments, or for records that never change, the one
 * whose text sorts last, so that every copy decides alike.
 */
export function later<T extends Row>(a: T, b: T): T {
  const [changedA, changedB] = [a.changedAt ?? '', b.changedAt ?? '']
  if (changedA !== changedB) return changedA > changedB ? a : b
  return canonical(a) >= canonical(b) ? a : b
}

/** Union of two lists of records by id, in the order of their ids. */
export function mergeRows<T extends Row>(a: readonly T[], b: readonly T[]): T[] {
  const rows = new Map<string, T>()
  for (const row of [...a, ...b]) {
    const there = rows.get(row.id)
    rows.set(row.id, there === undefined ? row : later(there, row))
  }
  return [...rows.values()].sort((x, y) => (x.id < y.id ? -1 : x.id > y.id ? 1 : 0))
}

/**
 * Merges two copies of a workshop. Commutative, associative and idempotent: it does not matter who sends whom what how often.
 * Ledger entries and run entries are united; of a record that both changed, the last change stays.
 */
export function mergeWorkshops(a: WorkshopDocument, b: WorkshopDocument): WorkshopDocument {
  const merged = Object.fromEntries(tables.map((name) => [name, mergeRows<Row>(a[name], b[name])]))
  return {
    ...a,
    ...merged,
    savedAt: a.savedAt > b.savedAt ? a.savedAt : b.savedAt,
    settings: later(a.settings, b.settings),
  } as WorkshopDocument
}
