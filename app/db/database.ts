import { Dexie, type EntityTable, type Transaction } from 'dexie'
import type { Batch, RunEvent } from '../../core/batches'
import type { Commission, Line } from '../../core/commissions'
import type { Lot, Material, Movement } from '../../core/stock'
import type { OwnSpecies, Settings } from '../../core/workshop'

/** Databases of this app are told from others by this prefix; the rest is the workshop's key in the address. */
export const DATABASE_PREFIX = 'hardy-thicket:'

/** The maker's own workshop, the demo, and imported copies. */
export const OWN_KEY = 'mine'
export const DEMO_KEY = 'demo'

/** Version of the database in the browser. The file format has its own, in core/workshop. */
export const DATABASE_VERSION = 3

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
  declare lots: EntityTable<Lot, 'id'>
  declare movements: EntityTable<Movement, 'id'>
  declare batches: EntityTable<Batch, 'id'>
  declare events: EntityTable<RunEvent, 'id'>

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
    this.version(2).stores({ events: 'id, batchId, [batchId+seq]' }).upgrade(giveEventsTheirPlace)
    // 2 → 3: species of the maker's own.
    this.version(3).stores({ species: 'id' })
  }
}

/** 1 → 2: entries of a run carry their place in the run; settings carry the room's climate and the paper. */
async function giveEventsTheirPlace(transaction: Transaction): Promise<void> {
  const table = transaction.table<RunEvent, string>('events')
  const places = new Map<string, number>()
  const events = (await table.toArray()).sort((a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id))
  for (const event of events) {
    const seq = (places.get(event.batchId) ?? 0) + 1
    places.set(event.batchId, seq)
    await table.put({ ...event, seq })
  }
  await transaction
    .table<Settings, string>('settings')
    .toCollection()
    .modify((settings) => {
      settings.roomC ??= 20
      settings.humidity ??= 50
      settings.paper ??= 'A4'
    })
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
