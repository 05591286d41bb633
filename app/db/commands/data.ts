import { Dexie } from 'dexie'
import {
  decisionsOf,
  defaultSettings,
  FILE_FORMAT,
  FILE_VERSION,
  mergeWorkshops,
  newWorkshop,
  repairsOf,
  tables,
  type Decision,
  type WorkshopDocument,
} from '../../../core/workshop'
import { DATABASE_PREFIX, WorkshopDb } from '../database'
import { rebuildDerived } from '../derived'
import type { CommandContext } from './context'

const records = (db: WorkshopDb) => [db.settings, ...tables.map((name) => db.table(name))]
const everything = (db: WorkshopDb) => [...records(db), db.balances, db.openBatches, db.setAside]
/** What is emptied besides when all of it is replaced: what was taken away belongs to what is gone. */
const replaced = (db: WorkshopDb) => [...everything(db), db.takenAway]

/** Reads the whole workshop as one document, from one moment. */
export async function readWorkshop({ db, now }: CommandContext): Promise<WorkshopDocument> {
  return db.transaction('r', records(db), async () => {
    const lists = await Promise.all(tables.map((name) => db.table(name).orderBy('id').toArray()))
    return {
      format: FILE_FORMAT,
      version: FILE_VERSION,
      savedAt: now(),
      settings: (await db.settings.get('settings')) ?? defaultSettings(),
      ...Object.fromEntries(tables.map((name, i) => [name, lists[i]])),
    } as WorkshopDocument
  })
}

async function writeAll(db: WorkshopDb, document: WorkshopDocument): Promise<void> {
  await db.settings.put(document.settings)
  for (const name of tables) await db.table(name).bulkPut(document[name])
  await rebuildDerived((name) => db.table(name))
}

/**
 * Unites a checked document with what is there. What does not hold together is set right as a change of now, so that
 * copies that exchange what they have come to the same in the end.
 * @returns what was decided, and why
 */
export async function mergeIntoWorkshop(
  context: CommandContext,
  document: WorkshopDocument,
): Promise<Decision[]> {
  const { db, now } = context
  return db.transaction('rw', everything(db), async () => {
    const mine = await readWorkshop(context)
    const merged = mergeWorkshops(mine, document)
    const repairs = repairsOf(merged, now())
    await writeAll(db, merged)
    for (const { table, row } of repairs.rows) await db.table(table).put(row)
    return [...repairs.decisions, ...decisionsOf(mine, document, merged)]
  })
}

/** Replaces everything by a checked document. */
export async function replaceWorkshop({ db }: CommandContext, document: WorkshopDocument): Promise<void> {
  await db.transaction('rw', replaced(db), async () => {
    for (const table of replaced(db)) await table.clear()
    await writeAll(db, document)
  })
}

/** Fills a workshop that has never been used: settings and the usual materials. Leaves one that has been used alone. */
export async function ensureWorkshop(context: CommandContext): Promise<void> {
  const { db, now } = context
  await db.transaction('rw', everything(db), async () => {
    if (await db.settings.get('settings')) return
    await writeAll(db, newWorkshop(now()))
  })
}

/** Empties a workshop and starts it afresh. */
export async function wipeWorkshop(context: CommandContext): Promise<void> {
  await replaceWorkshop(context, newWorkshop(context.now()))
}

/** Stores a checked document as a workshop of its own, beside those that are there. @returns its key */
export async function importAsCopy(document: WorkshopDocument, newKey: string, now: string): Promise<string> {
  const db = new WorkshopDb(newKey)
  try {
    await replaceWorkshop({ db, now: () => now, newId: () => '' }, document)
  } catch (error) {
    // Nothing half-made stays in the list of workshops.
    db.close()
    await deleteWorkshop(newKey)
    throw error
  }
  db.close()
  return newKey
}

/** Deletes a whole workshop from this browser. */
export const deleteWorkshop = (key: string): Promise<void> => Dexie.delete(DATABASE_PREFIX + key)
