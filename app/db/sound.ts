import equal from 'fast-deep-equal'
import type { TableName } from '../../core/workshop'
import { recordTables } from '../../core/workshop'

/** A stored record that is not what it should be: it is kept, told, and left out of everything else. */
export interface FaultyRecord {
  readonly table: TableName
  readonly id: string
  readonly because: string
}

interface Stored {
  readonly id: string
  readonly changedAt?: string
  readonly fieldsAt?: Readonly<Record<string, string>>
}

/**
 * Records of which the same object is handed out for as long as nothing in them has changed: much is worked out for
 * each, and only for one that is another. Batches and what they draw are large, and shown few at a time.
 */
const SAME: ReadonlySet<TableName> = new Set(['commissions', 'lines', 'species'])

/** Rows that are checked before a breath is taken. */
const AT_ONCE = 400
const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))

/**
 * Checks stored records, each once for each change: a fault in one must not take a page away. Records of this
 * version were checked when they were written; this is for what an older one, another program or a broken
 * disk has left.
 */
export class ValidRows {
  private readonly known = new Map<string, string>()
  private readonly same = new Map<string, Stored>()
  private readonly faults = new Map<string, FaultyRecord>()

  /** The rows that are sound, checked with breaths in between where there are many. */
  async ofMany<T extends Stored>(table: TableName, rows: readonly T[]): Promise<T[]> {
    const sound: T[] = []
    for (let from = 0; from < rows.length; from += AT_ONCE) {
      if (from > 0) await breath()
      sound.push(...this.soundOf(table, rows.slice(from, from + AT_ONCE)))
    }
    this.forgetFaults(table, rows)
    // Who shows them begins in a task of its own.
    if (rows.length > AT_ONCE) await breath()
    return sound
  }

  /** The rows that are sound. */
  of<T extends Stored>(table: TableName, rows: readonly T[]): T[] {
    const sound = this.soundOf(table, rows)
    this.forgetFaults(table, rows)
    return sound
  }

  private soundOf<T extends Stored>(table: TableName, rows: readonly T[]): T[] {
    const sound = rows.filter((row) => this.isSound(table, row))
    return SAME.has(table) ? sound.map((row) => this.sameAs(`${table}|${row.id}`, row)) : sound
  }
  /** Faults of rows that are no longer there. */
  private forgetFaults(table: TableName, rows: readonly Stored[]): void {
    if (this.faults.size === 0) return
    const seen = new Set(rows.map(({ id }) => `${table}|${id}`))
    for (const key of this.faults.keys())
      if (key.startsWith(`${table}|`) && !seen.has(key)) this.faults.delete(key)
  }

  private isSound(table: TableName, row: Stored): boolean {
    const key = `${table}|${row.id}`
    const version = `${row.changedAt ?? ''}${row.fieldsAt ? JSON.stringify(row.fieldsAt) : ''}`
    if (this.known.get(key) === version) return !this.faults.has(key)
    this.known.set(key, version)
    const checked = recordTables[table].schema.safeParse(row)
    if (checked.success) {
      this.faults.delete(key)
      return true
    }
    const words = checked.error.issues
      .slice(0, 3)
      .map(({ path, message }) => `${path.join('.') || 'record'} ${message}`)
    this.faults.set(key, { table, id: String(row.id), because: words.join('; ') })
    return false
  }

  /** The object that was handed out for a record before, where it is the same still. */
  private sameAs<T extends Stored>(key: string, row: T): T {
    const before = this.same.get(key) as T | undefined
    if (before && equal(before, row)) return before
    this.same.set(key, row)
    return row
  }

  list(): FaultyRecord[] {
    return [...this.faults.values()]
  }
}
