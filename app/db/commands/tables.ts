import { counted, none, ok, type Reading } from '../../../core/units'
import { readLots, readMaterials, readMovements, readOffers, type RowsIn } from '../../../core/workshop'
import { bookMovements } from '../derived'
import type { CommandContext } from './context'

/** The tables that come in as CSV. */
export type CsvTable = 'materials' | 'lots' | 'movements' | 'offers'

/** What a table in a file would do; with any fault nothing is written. */
export interface TableIn {
  readonly faults: readonly { readonly line: number; readonly column?: string; readonly because: string }[]
  readonly added: number
  readonly changed: number
  readonly same: number
  readonly ignored: readonly string[]
}

type Written = TableIn & { readonly write: () => Promise<void> }

/** Reads a table beside what is stored now. Within the caller's transaction. */
async function readTable(
  { db, now, newId }: CommandContext,
  table: CsvTable,
  text: string,
  today: string,
): Promise<Reading<Written>> {
  const present = <T extends { removed?: boolean }>(rows: T[]): T[] => rows.filter(({ removed }) => !removed)
  const written = <T>(read: Reading<RowsIn<T>>, put: (rows: T[]) => Promise<unknown>): Reading<Written> => {
    if (read.kind === 'none') return read
    const { added, changed, ...rest } = read.value
    return ok({
      ...rest,
      added: added.length,
      changed: changed.length,
      write: async () => {
        await put([...added, ...changed])
      },
    })
  }
  const materials = present(await db.materials.toArray())
  if (table === 'materials') {
    const hasLots = new Set((await db.lots.toArray()).map(({ materialId }) => materialId))
    return written(readMaterials(text, materials, hasLots, now(), newId), (rows) =>
      db.materials.bulkPut(rows),
    )
  }
  if (table === 'offers') {
    const suppliers = present(await db.suppliers.toArray())
    const offers = present(await db.offers.toArray())
    return written(readOffers(text, { suppliers, materials, offers }, today, now(), newId), (rows) =>
      db.offers.bulkPut(rows),
    )
  }
  const lots = await db.lots.toArray()
  const reader = { now: now(), newId }
  const read =
    table === 'lots'
      ? readLots(text, materials, lots, reader)
      : readMovements(
          text,
          lots,
          new Map((await db.balances.toArray()).map((row) => [row.id, row])),
          new Set(await db.movements.toCollection().primaryKeys()),
          reader,
        )
  if (read.kind === 'none') return read
  const { lots: newLots, movements, ...rest } = read.value
  return ok({
    ...rest,
    added: table === 'lots' ? newLots.length : movements.length,
    changed: 0,
    write: async () => {
      await db.lots.bulkAdd([...newLots])
      await bookMovements((name) => db.table(name), movements)
    },
  })
}

const tablesOf = ({ db }: CommandContext) => [
  db.materials,
  db.suppliers,
  db.offers,
  db.lots,
  db.movements,
  db.balances,
  db.setAside,
]

/** What a file would do, without doing it. */
export async function previewTable(
  context: CommandContext,
  table: CsvTable,
  text: string,
  today: string,
): Promise<Reading<TableIn>> {
  return context.db.transaction('r', tablesOf(context), async () => {
    const read = await readTable(context, table, text, today)
    if (read.kind === 'none') return read
    const { write: _write, ...told } = read.value
    return ok(told)
  })
}

/** Takes a file over, all of it in one transaction; with any fault nothing of it. */
export async function takeTable(
  context: CommandContext,
  table: CsvTable,
  text: string,
  today: string,
): Promise<Reading<TableIn>> {
  return context.db.transaction('rw', tablesOf(context), async () => {
    const read = await readTable(context, table, text, today)
    if (read.kind === 'none') return read
    const { write, ...told } = read.value
    if (told.faults.length > 0)
      return none(`The file has ${counted(told.faults.length, 'fault')}: nothing was written.`)
    await write()
    return ok(told)
  })
}
