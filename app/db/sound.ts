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
 * Checks stored records, each once for each change: a fault in one must not take a page away. Records of this
 * version were checked when they were written; this is for what an older one, another program or a broken
 * disk has left.
 */
export class SoundRows {
  private readonly known = new Map<string, string>()
  private readonly faults = new Map<string, FaultyRecord>()

  /** The rows that are sound. */
  of<T extends Stored>(table: TableName, rows: readonly T[]): T[] {
    const seen = new Set<string>()
    const sound = rows.filter((row) => {
      const key = `${table}|${row.id}`
      seen.add(key)
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
    })
    for (const key of this.faults.keys())
      if (key.startsWith(`${table}|`) && !seen.has(key)) this.faults.delete(key)
    return sound
  }

  list(): FaultyRecord[] {
    return [...this.faults.values()]
  }
}
