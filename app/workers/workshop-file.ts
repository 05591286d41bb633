import {
  countsOf,
  readWorkshopFile,
  writeWorkshopFile,
  type Decision,
  type TableName,
  type WorkshopDocument,
} from '../../core/workshop'
import { none, ok, type Reading } from '../../core/units'
import { importAsCopy, mergeIntoWorkshop, readWorkshop } from '../db/commands/data'
import type { CommandContext } from '../db/commands/context'
import { WorkshopDb } from '../db/database'
import { newId, nowIso } from '../db/ids'
import { storageFault } from '../db/storage-faults'

/** What is told of a document before it is taken in. */
export interface Contents {
  readonly name: string
  readonly savedAt: string
  readonly counts: Record<TableName, number>
}
const contentsOf = (document: WorkshopDocument): Contents => ({
  name: document.settings.name,
  savedAt: document.savedAt,
  counts: countsOf(document),
})

/** Works with the workshop of a key as a command does; the page sees what was written as it sees another window's. */
async function within<T>(key: string, work: (context: CommandContext) => Promise<T>): Promise<Reading<T>> {
  const db = new WorkshopDb(key)
  try {
    return ok(await work({ db, now: nowIso, newId }))
  } catch (error) {
    return none(storageFault(error))
  } finally {
    db.close()
  }
}

/** The document that was read last, until it is taken in. */
let read: WorkshopDocument | undefined

/** Reads, checks and writes whole workshops away from the page: they may be large. */
export const service = {
  /** Reads a file and keeps it, to be taken in. @returns what is in it, or what is wrong with it */
  async read(file: Blob): Promise<Reading<Contents>> {
    const reading = readWorkshopFile(await file.text())
    read = reading.kind === 'ok' ? reading.value : undefined
    return reading.kind === 'ok' ? ok(contentsOf(reading.value)) : reading
  },
  /** Unites what was read with a workshop. */
  async merge(key: string): Promise<Reading<Decision[]>> {
    const document = read
    if (!document) return none('no file has been read.')
    return within(key, (context) => mergeIntoWorkshop(context, document))
  },
  /** Stores what was read as a workshop of its own. */
  async copy(key: string): Promise<Reading<string>> {
    const document = read
    if (!document) return none('no file has been read.')
    try {
      return ok(await importAsCopy(document, key, nowIso()))
    } catch (error) {
      return none(storageFault(error))
    }
  },
  /** A workshop as a file. */
  written: (key: string): Promise<Reading<{ name: string; file: Blob }>> =>
    within(key, async (context) => {
      const document = await readWorkshop(context)
      return {
        name: document.settings.name,
        file: new Blob([writeWorkshopFile(document)], { type: 'application/json' }),
      }
    }),
  /** What a workshop holds. */
  counts: (key: string): Promise<Reading<Record<TableName, number>>> =>
    within(key, async (context) => countsOf(await readWorkshop(context))),
}
