import type { ShallowRef } from 'vue'
import type { Batch, TrayEntry } from '~~/core/batches'
import type { Blend, PaletteRecord, Tile } from '~~/core/blends'
import type { Offer, Order, Supplier } from '~~/core/buying'
import { byOrder, type Commission, type Line } from '~~/core/commissions'
import type { Harvest } from '~~/core/harvest'
import type { Laying, Person, TimeRecord } from '~~/core/schedule'
import type { LotMark, Material } from '~~/core/stock'
import type { ToolRecord } from '~~/core/tools'
import type { TableName } from '~~/core/workshop'

/** Follows a table of records into a list; those that were taken out are left out, where such a table keeps them. */
type FollowTable = <T extends { id: string }>(
  table: TableName,
  rows: ShallowRef<T[]>,
  inOrder?: (a: T, b: T) => number,
) => Promise<void>

/** The records of an open workshop as they were read last, table by table, each in the order that it is shown in. */
export function workshopRows() {
  const rows = {
    commissions: shallowRef<Commission[]>([]),
    lines: shallowRef<Line[]>([]),
    materials: shallowRef<Material[]>([]),
    blends: shallowRef<Blend[]>([]),
    tiles: shallowRef<Tile[]>([]),
    palettes: shallowRef<PaletteRecord[]>([]),
    suppliers: shallowRef<Supplier[]>([]),
    offers: shallowRef<Offer[]>([]),
    orders: shallowRef<Order[]>([]),
    tools: shallowRef<ToolRecord[]>([]),
    harvests: shallowRef<Harvest[]>([]),
    people: shallowRef<Person[]>([]),
    times: shallowRef<TimeRecord[]>([]),
    layings: shallowRef<Laying[]>([]),
    lotMarks: shallowRef<LotMark[]>([]),
    batches: shallowRef<Batch[]>([]),
    trayEntries: shallowRef<TrayEntry[]>([]),
  }
  /** Follows them all. */
  const followEach = (follow: FollowTable): Promise<void>[] => [
    follow('commissions', rows.commissions, byDeadline),
    follow('lines', rows.lines, byOrder),
    follow('materials', rows.materials),
    follow('blends', rows.blends, byName),
    follow('tiles', rows.tiles),
    follow('palettes', rows.palettes, byName),
    follow('suppliers', rows.suppliers, byName),
    follow('offers', rows.offers),
    follow('orders', rows.orders, bySent),
    follow('tools', rows.tools),
    follow('harvests', rows.harvests, byFirstDay),
    follow('people', rows.people, byName),
    follow('times', rows.times),
    follow('layings', rows.layings),
    follow('lotMarks', rows.lotMarks),
    follow('batches', rows.batches),
    follow('trayEntries', rows.trayEntries),
  ]
  return { rows, followEach }
}

const byName = (a: { name: string; id: string }, b: { name: string; id: string }): number =>
  a.name.localeCompare(b.name) || a.id.localeCompare(b.id)

const bySent = (a: Order, b: Order): number => b.sent.localeCompare(a.sent) || a.id.localeCompare(b.id)

const byFirstDay = (a: Harvest, b: Harvest): number =>
  a.from.localeCompare(b.from) || a.id.localeCompare(b.id)

/** What is due first stands first; then by name. */
const byDeadline = (a: Commission, b: Commission): number =>
  (a.deadline ?? '9999').localeCompare(b.deadline ?? '9999') || a.name.localeCompare(b.name)
