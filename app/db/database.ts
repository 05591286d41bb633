import { Dexie, type EntityTable, type Table, type Transaction } from 'dexie'
import type { Batch, RunEvent, TrayEntry } from '../../core/batches'
import type { Blend, PaletteRecord, Tile } from '../../core/blends'
import type { Commission, Line } from '../../core/commissions'
import type { OwnCoefficient } from '../../core/quantities'
import type { Offer, Order, Supplier } from '../../core/buying'
import type { Harvest } from '../../core/harvest'
import type { Laying, Person, TimeRecord } from '../../core/schedule'
import type { ToolRecord } from '../../core/tools'
import type { Lot, LotBalance, LotMark, Material, Movement } from '../../core/stock'
import { migrateRows, type OwnSpecies, type Settings } from '../../core/workshop'
import { rebuildDerived } from './derived'
import type { TakenAway } from './taken-away'

/** Databases of this app are told from others by this prefix; the rest is the workshop's key in the address. */
export const DATABASE_PREFIX = 'hardy-thicket:'

/** The maker's own workshop, the demo, and imported copies. */
export const OWN_KEY = 'mine'
export const DEMO_KEY = 'demo'

/** Version of the database in the browser. The file format has its own, in core/workshop. */
export const DATABASE_VERSION = 14

/** Keys that are kept as such: what is derived is stored beside the records, so that a large workshop opens at once. */
export interface Marker {
  readonly id: string
}
export type StoredBalance = LotBalance & { readonly id: string }

/**
 * One workshop in the browser. A version that has been out is never edited: a change is a new version with an upgrade,
 * and a stored old database in tests/fixtures that must come through it.
 */
export class WorkshopDb extends Dexie {
  declare settings: EntityTable<Settings, 'id'>
  declare species: EntityTable<OwnSpecies, 'id'>
  declare commissions: EntityTable<Commission, 'id'>
  declare lines: EntityTable<Line, 'id'>
  declare materials: EntityTable<Material, 'id'>
  declare coefficients: EntityTable<OwnCoefficient, 'id'>
  declare blends: EntityTable<Blend, 'id'>
  declare tiles: EntityTable<Tile, 'id'>
  declare palettes: EntityTable<PaletteRecord, 'id'>
  declare suppliers: EntityTable<Supplier, 'id'>
  declare offers: EntityTable<Offer, 'id'>
  declare orders: EntityTable<Order, 'id'>
  declare tools: EntityTable<ToolRecord, 'id'>
  declare harvests: EntityTable<Harvest, 'id'>
  declare people: EntityTable<Person, 'id'>
  declare times: EntityTable<TimeRecord, 'id'>
  declare layings: EntityTable<Laying, 'id'>
  declare lotMarks: EntityTable<LotMark, 'id'>
  declare lots: EntityTable<Lot, 'id'>
  declare movements: EntityTable<Movement, 'id'>
  declare batches: EntityTable<Batch, 'id'>
  declare events: EntityTable<RunEvent, 'id'>
  declare trayEntries: EntityTable<TrayEntry, 'id'>
  /**
   * Derived, and rebuilt when records come from outside: lots' balances, open batches, run entries that don't
   * count.
   */
  declare balances: EntityTable<StoredBalance, 'id'>
  declare openBatches: EntityTable<Marker, 'id'>
  declare setAside: EntityTable<Marker, 'id'>
  /** What was taken away lately, so that it can be brought back; in this browser alone. */
  declare takenAway: EntityTable<TakenAway, 'id'>

  constructor(key: string) {
    super(DATABASE_PREFIX + key)
    this.version(1).stores({
      settings: 'id',
      commissions: 'id',
      lines: 'id, commissionId',
      materials: 'id',
      lots: 'id, materialId',
      movements: 'id, lotId, batchId',
      batches: 'id, lineId',
      events: 'id, batchId',
    })
    this.version(2)
      .stores({ events: 'id, batchId, [batchId+seq]' })
      .upgrade((transaction) => migrateTables(transaction, ['settings', 'events'], 1))
    // 2 → 3: species of the maker's own.
    this.version(3).stores({ species: 'id' })
    this.version(4)
      .stores({
        events: 'id, batchId',
        coefficients: 'id',
        trayEntries: 'id, batchId',
        balances: 'id',
        openBatches: 'id',
        setAside: 'id',
      })
      .upgrade(async (transaction) => {
        await migrateTables(transaction, ['settings', ...tablesOfFour], 3)
        await rebuildDerived((name) => transaction.table(name))
      })
    // 4 → 5: materials for every way of making a tree.
    this.version(5)
      .stores({})
      .upgrade((transaction) => migrateTables(transaction, ['materials'], 4))
    // 5 → 6: materials for ground, bushes and hedges.
    this.version(6)
      .stores({})
      .upgrade((transaction) => migrateTables(transaction, ['materials'], 5))
    // 6 → 7: coarse foams.
    this.version(7)
      .stores({})
      .upgrade((transaction) => migrateTables(transaction, ['materials'], 6))
    // 7 → 8: blends, test tiles and palettes.
    this.version(8).stores({ blends: 'id', tiles: 'id', palettes: 'id' })
    // 8 → 9: buying, harvests, a register of tools, where lots stand.
    this.version(9)
      .stores({
        suppliers: 'id',
        offers: 'id, supplierId, materialId',
        orders: 'id, supplierId',
        tools: 'id',
        harvests: 'id',
        lotMarks: 'id',
      })
      .upgrade((transaction) => migrateTables(transaction, ['settings', 'materials', 'tools'], 8))
    // 9 → 10: what is gathered and mixed ahead.
    this.version(10)
      .stores({})
      .upgrade((transaction) => migrateTables(transaction, ['materials', 'tools'], 9))
    // 10 → 11: time at the bench, and how batches are laid.
    this.version(11).stores({ people: 'id', times: 'id', layings: 'id' })
    // 11 → 12: what was taken away lately.
    this.version(12).stores({ takenAway: 'id, at' })
    // 12 → 13: what is made at home and what it is made from; the shelf's list as it is today.
    this.version(13)
      .stores({})
      .upgrade((transaction) => migrateTables(transaction, ['materials'], 11))
    // 13 → 14: pieces that are bought ready.
    this.version(14)
      .stores({})
      .upgrade((transaction) => migrateTables(transaction, ['materials'], 12))
  }
}

/** The tables that there were when the database came to version 4. */
const tablesOfFour = [
  'species',
  'commissions',
  'lines',
  'materials',
  'coefficients',
  'lots',
  'movements',
  'batches',
  'events',
  'trayEntries',
] as const

/** Brings the rows of a database up by the rules of the file format: each stands in one place. */
async function migrateTables(
  transaction: Transaction,
  names: readonly string[],
  from: number,
): Promise<void> {
  const rows = Object.fromEntries(
    await Promise.all(names.map(async (name) => [name, await transaction.table(name).toArray()] as const)),
  )
  const { settings, ...lists } = rows
  const migrated = migrateRows({ ...lists, settings: settings?.[0] }, from, from + 1)
  for (const name of names) {
    const next = name === 'settings' ? (migrated.settings ? [migrated.settings] : []) : migrated[name]
    if (!Array.isArray(next)) continue
    await transaction.table(name).clear()
    await transaction.table(name).bulkPut(next)
  }
}

/** Keys of the workshops in this browser, the maker's own first. */
export async function workshopKeys(): Promise<string[]> {
  const names = await Dexie.getDatabaseNames()
  const keys = names
    .filter((name) => name.startsWith(DATABASE_PREFIX))
    .map((name) => name.slice(DATABASE_PREFIX.length))
  return keys.sort(
    (a, b) =>
      Number(b === OWN_KEY) - Number(a === OWN_KEY) ||
      Number(b === DEMO_KEY) - Number(a === DEMO_KEY) ||
      a.localeCompare(b),
  )
}

/** Rows that are read in one go: more would hold the page up while they are unpacked. */
const READ_AT_ONCE = 1_000

/** All rows of a table by their ids, in several goes where there are many. */
export async function readWhole<T extends { id: string }>(table: Table<T, string>): Promise<T[]> {
  const rows: T[] = []
  for (;;) {
    const last = rows.at(-1)
    const further = last ? table.where(':id').above(last.id) : table.toCollection()
    const part = await further.limit(READ_AT_ONCE).toArray()
    rows.push(...part)
    if (part.length < READ_AT_ONCE) return rows
  }
}
