import { liveQuery, type Subscription } from 'dexie'
import type { ShallowRef } from 'vue'
import type { TableName } from '~~/core/workshop'
import { readWhole, type WorkshopDb } from '../db/database'
import { ValidRows, type FaultyRecord } from '../db/sound'

/** The database that is open, and who hears when it can't be followed any more. */
export interface Followed {
  readonly isOpen: (db: WorkshopDb) => boolean
  readonly broken: (error: unknown) => void
}

/** Follows what is stored, as long as a workshop is open; what is no sound record is left out and told. */
export function workshopFollowing({ isOpen, broken }: Followed) {
  /** Stored records that are not what they should be: told in the Workshop, left out elsewhere. */
  const faultyRecords = shallowRef<FaultyRecord[]>([])
  let sound = new ValidRows()
  let subscriptions: Subscription[] = []

  function soundOf<T extends { id: string }>(table: TableName, rows: readonly T[]): T[] {
    const kept = sound.of(table, rows)
    faultyRecords.value = sound.list()
    return kept
  }

  /** Follows a query; resolves when it has answered once. */
  function follow<T>(query: () => Promise<T>, take: (rows: T) => void | Promise<void>): Promise<void> {
    return new Promise((resolve, reject) => {
      subscriptions.push(
        liveQuery(query).subscribe({
          next: (rows) => void Promise.resolve(take(rows)).then(resolve, reject),
          error: (error: unknown) => {
            reject(error)
            broken(error)
          },
        }),
      )
    })
  }

  /** Follows a table of records; those that were taken out are left out, where such a table keeps them. */
  function followTable<T extends { id: string }>(
    opened: WorkshopDb,
    table: TableName,
    rows: ShallowRef<T[]>,
    inOrder?: (a: T, b: T) => number,
  ): Promise<void> {
    let newest: Promise<void> = Promise.resolve()
    let reading = 0
    async function take(read: readonly T[]): Promise<void> {
      const mine = (reading += 1)
      const kept = await sound.ofMany(table, read)
      if (!isOpen(opened)) return
      // What was read later is what counts, and what the opening waits for.
      if (mine !== reading) return newest
      faultyRecords.value = sound.list()
      const present = kept.filter((row) => !(row as { removed?: boolean }).removed)
      rows.value = inOrder ? present.sort(inOrder) : present
    }
    return follow(
      () => readWhole<T>(opened.table<T, string>(table)),
      (read) => (newest = take(read)),
    )
  }

  function end(): void {
    subscriptions.forEach((subscription) => subscription.unsubscribe())
    subscriptions = []
    sound = new ValidRows()
    faultyRecords.value = []
  }

  return { faultyRecords, soundOf, follow, followTable, end }
}
export type Following = ReturnType<typeof workshopFollowing>
