import { none, ok, type Reading } from '../../core/units'
import { withChange } from '../../core/workshop'
import type { CommandContext } from './commands/context'
import type { Changeable } from './commands/records'
import type { WorkshopDb } from './database'

/** Tables whose records people take away or replace. */
export type UndoTable =
  | 'species'
  | 'commissions'
  | 'lines'
  | 'blends'
  | 'tiles'
  | 'palettes'
  | 'suppliers'
  | 'offers'
  | 'tools'
  | 'harvests'
  | 'people'
  | 'times'

/** One record that was changed with it: the fields that another value took the place of, as they were. */
interface Before {
  readonly table: UndoTable
  readonly id: string
  /** A field without a value was empty. A record that came in its stead goes: it was not there. */
  readonly fields: Readonly<Record<string, unknown>> | 'was not there'
  /** When each of them was changed: what was changed once more since is left alone. */
  readonly stamps: Readonly<Record<string, string | undefined>>
}

/** Something that was taken away or replaced, so that it can be brought back. Kept in this browser alone. */
export interface TakenAway {
  readonly id: string
  readonly at: string
  /** What it was, in words. */
  readonly words: string
  readonly before: readonly Before[]
}

/** It can be brought back for so long, days. */
export const KEPT_DAYS = 30
/** And no more than so many are kept. */
const MOST_KEPT = 500

type Row = Changeable & Record<string, unknown>

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)
/** What the bookkeeping of a change writes besides the change itself. */
const BOOKKEEPING = new Set(['id', 'changedAt', 'fieldsAt'])

/** What became of the rows of a table: of those that another value took the place of, what they were. */
function beforeOf(table: UndoTable, was: readonly Row[], is: readonly Row[]): Before[] {
  const known = new Map(was.map((row) => [row.id, row]))
  return is.flatMap((row): Before[] => {
    const old = known.get(row.id)
    if (!old)
      return [{ table, id: row.id, fields: 'was not there', stamps: { removed: row.fieldsAt?.removed } }]
    // A change is written with its moment: what has none since is as it was.
    if (old.changedAt === row.changedAt && same(old.fieldsAt, row.fieldsAt)) return []
    const names = [...new Set([...Object.keys(old), ...Object.keys(row)])].filter(
      (name) => !BOOKKEEPING.has(name) && !same(old[name], row[name]),
    )
    return [
      {
        table,
        id: row.id,
        fields: Object.fromEntries(names.map((name) => [name, old[name]])),
        stamps: Object.fromEntries(names.map((name) => [name, row.fieldsAt?.[name]])),
      },
    ]
  })
}

const rowsOf = async (db: WorkshopDb, table: UndoTable): Promise<Row[]> =>
  (await db.table(table).toArray()) as Row[]

/**
 * A command that takes away or replaces, made so that it can be undone: what was there before is kept in the same
 * transaction, and who gave the command is told.
 * @param tables that it writes to @param reads that it looks at besides
 * @param words for what was taken away, from the command's answer
 */
export function undoable<A extends unknown[], R>(
  tables: readonly UndoTable[],
  reads: readonly (keyof WorkshopDb & string)[],
  words: (answer: R) => string,
  command: (context: CommandContext, ...args: A) => Promise<Reading<R>>,
): (context: CommandContext, ...args: A) => Promise<Reading<R>> {
  return async (context, ...args) => {
    const { db, now, newId } = context
    let taken: TakenAway | undefined
    const answer = await db.transaction('rw', [...tables, ...reads, 'takenAway'], async () => {
      const was = await Promise.all(tables.map((table) => rowsOf(db, table)))
      const done = await command(context, ...args)
      if (done.kind === 'none') return done
      const is = await Promise.all(tables.map((table) => rowsOf(db, table)))
      const before = tables.flatMap((table, i) => beforeOf(table, was[i] ?? [], is[i] ?? []))
      if (before.every(({ fields }) => fields === 'was not there')) return done
      taken = { id: newId(), at: now(), words: words(done.value), before }
      await db.takenAway.put(taken)
      await forgetOld(db, now())
      return done
    })
    if (taken) context.tookAway?.(taken)
    return answer
  }
}

/** Forgets what was taken away too long ago. */
async function forgetOld(db: WorkshopDb, now: string): Promise<void> {
  const oldest = new Date(Date.parse(now) - KEPT_DAYS * 86_400_000).toISOString()
  await db.takenAway.where('at').below(oldest).delete()
  const more = (await db.takenAway.count()) - MOST_KEPT
  if (more > 0) await db.takenAway.orderBy('at').limit(more).delete()
}

/** What a record belongs to: it does not come back without it. */
const belongsTo: Partial<Record<UndoTable, readonly [field: string, table: UndoTable, what: string]>> = {
  lines: ['commissionId', 'commissions', 'commission'],
  offers: ['supplierId', 'suppliers', 'supplier'],
}

/** Brings back what was taken away, as a change of now: fields that were changed otherwise since stay as they are. */
export async function bringBack(context: CommandContext, id: string): Promise<Reading<TakenAway>> {
  const { db, now } = context
  const tables: UndoTable[] = Object.keys(everyTable) as UndoTable[]
  return db.transaction('rw', [...tables, 'takenAway'], async () => {
    const taken = await db.takenAway.get(id)
    if (!taken) return none('It has been brought back already, or is no longer kept.')
    const back = new Map(taken.before.map((one) => [`${one.table} ${one.id}`, one]))
    for (const one of taken.before) {
      const stored = (await db.table(one.table).get(one.id)) as Row | undefined
      if (!stored) return none(`“${taken.words}” can’t be brought back: its record is gone.`)
      const [field, table, what] = belongsTo[one.table] ?? []
      if (field === undefined || table === undefined || one.fields === 'was not there') continue
      const owner = String(stored[field])
      const kept = (await db.table(table).get(owner)) as Row | undefined
      if ((!kept || kept.removed) && !back.has(`${table} ${owner}`))
        return none(`Its ${what ?? 'owner'} has been taken away too: bring that back first.`)
    }
    for (const { table, id: rowId, fields, stamps } of taken.before) {
      const stored = (await db.table(table).get(rowId)) as Row
      const isSame = (name: string): boolean => stored.fieldsAt?.[name] === stamps[name]
      const change =
        fields === 'was not there'
          ? { removed: true }
          : Object.fromEntries(Object.entries(fields).filter(([name]) => isSame(name)))
      await db.table(table).put(withChange(stored, change as Partial<Row>, now()))
    }
    await db.takenAway.delete(id)
    return ok(taken)
  })
}

/** Every table once, so that none can be left out. */
const everyTable: Record<UndoTable, true> = {
  species: true,
  commissions: true,
  lines: true,
  blends: true,
  tiles: true,
  palettes: true,
  suppliers: true,
  offers: true,
  tools: true,
  harvests: true,
  people: true,
  times: true,
}
