import 'fake-indexeddb/auto'
import { readFileSync } from 'node:fs'
import { Dexie } from 'dexie'
import { foldRun } from '../../../core/batches'
import { balancesOf, catalogue } from '../../../core/stock'
import {
  deleteWorkshop,
  importAsCopy,
  mergeIntoWorkshop,
  readWorkshop,
  wipeWorkshop,
} from '../../../app/db/commands/data'
import { DATABASE_PREFIX, DATABASE_VERSION, WorkshopDb, workshopKeys } from '../../../app/db/database'
import { minutesAfter } from '../../support/workshop'
import { bench, withBatch } from '../../support/commands'

describe('the whole workshop', () => {
  test('export, wipe, import gives the same workshop', async () => {
    const context = await bench()
    await withBatch(context)
    const saved = await readWorkshop(context)
    await wipeWorkshop(context)
    expect((await readWorkshop(context)).lines).toEqual([])
    await mergeIntoWorkshop(context, saved)
    const back = await readWorkshop(context)
    for (const table of ['commissions', 'lines', 'lots', 'movements', 'batches', 'events'] as const)
      expect(back[table]).toEqual(saved[table])
  })

  test('a copy is a workshop of its own', async () => {
    const context = await bench()
    await withBatch(context)
    await importAsCopy(await readWorkshop(context), 'a-copy', minutesAfter(0))
    expect(await workshopKeys()).toContain('a-copy')
    await wipeWorkshop(context)
    const copy = new WorkshopDb('a-copy')
    expect(await copy.lines.count()).toBe(1)
    copy.close()
    await deleteWorkshop('a-copy')
    expect(await workshopKeys()).not.toContain('a-copy')
  })

  test('a database of the second version keeps its rows and gains a table for species of one’s own', async () => {
    const {
      format: _format,
      version: _version,
      savedAt: _savedAt,
      settings,
      ...tables
    } = JSON.parse(readFileSync('tests/fixtures/workshop-format-2.json', 'utf8')) as Record<
      string,
      object[]
    > & { settings: object }
    const old = new Dexie(`${DATABASE_PREFIX}second`)
    old.version(2).stores({
      settings: 'id',
      commissions: 'id',
      lines: 'id, commissionId',
      materials: 'id',
      lots: 'id, materialId',
      movements: 'id, lotId, batchId',
      batches: 'id, lineId',
      events: 'id, batchId, [batchId+seq]',
    })
    await old.table('settings').add(settings)
    for (const [name, rows] of Object.entries(tables)) await old.table(name).bulkAdd(rows)
    old.close()
    const db = new WorkshopDb('second')
    await db.open()
    expect(db.verno).toBe(DATABASE_VERSION)
    for (const [name, rows] of Object.entries(tables))
      expect(await db.table(name).count()).toBeGreaterThanOrEqual(rows.length)
    expect(await db.species.toArray()).toEqual([])
    const [batch] = await db.batches.toArray()
    expect(foldRun(batch!, await db.events.toArray()).state.phase).toBe('finished')
    db.close()
  })

  test('a database of the third version comes through, with what is kept beside its records', async () => {
    const {
      format: _format,
      version: _version,
      savedAt: _savedAt,
      settings,
      ...tables
    } = JSON.parse(readFileSync('tests/fixtures/workshop-format-3.json', 'utf8')) as Record<
      string,
      object[]
    > & {
      settings: object
    }
    const old = new Dexie(`${DATABASE_PREFIX}third`)
    old.version(3).stores({
      settings: 'id',
      commissions: 'id',
      lines: 'id, commissionId',
      materials: 'id',
      lots: 'id, materialId',
      movements: 'id, lotId, batchId',
      batches: 'id, lineId',
      events: 'id, batchId, [batchId+seq]',
      species: 'id',
    })
    await old.table('settings').add(settings)
    for (const [name, rows] of Object.entries(tables)) await old.table(name).bulkAdd(rows)
    old.close()
    const db = new WorkshopDb('third')
    await db.open()
    expect(db.verno).toBe(DATABASE_VERSION)
    const movements = await db.movements.toArray()
    const balances = new Map((await db.balances.toArray()).map(({ id, ...row }) => [id, row]))
    expect(balances).toEqual(balancesOf(movements))
    expect(await db.openBatches.count()).toBe(1)
    expect((await db.lines.toArray()).every(({ amount }) => amount.kind === 'pieces')).toBe(true)
    expect(await db.trayEntries.count()).toBeGreaterThan(3)
    db.close()
  })

  const storesOfFour = {
    settings: 'id',
    commissions: 'id',
    lines: 'id, commissionId',
    materials: 'id',
    lots: 'id, materialId',
    movements: 'id, lotId, batchId',
    batches: 'id, lineId',
    events: 'id, batchId',
    species: 'id',
    coefficients: 'id',
    trayEntries: 'id, batchId',
    balances: 'id',
    openBatches: 'id',
    setAside: 'id',
  }

  const storesOfEight = { blends: 'id', tiles: 'id', palettes: 'id' }
  const storesOfNine = {
    suppliers: 'id',
    offers: 'id, supplierId, materialId',
    orders: 'id, supplierId',
    tools: 'id',
    harvests: 'id',
    lotMarks: 'id',
  }
  const storesOfEleven = { people: 'id', times: 'id', layings: 'id' }
  /** The moment of a record that nobody has touched since it came with the app. */
  const UNTOUCHED = '1970-01-01T00:00:00.000Z'
  const listedById = new Map(catalogue.map((row) => [row.id, row]))

  test.each([
    [4, 'wire-070', { unit: 'mm', of: { stuff: 'wire' } }],
    [5, 'horsehair', { unit: 'cm2', of: { stuff: 'sheet', sheet: 'horsehair' } }],
    [6, 'foam-coarse-dark', { unit: 'g', of: { stuff: 'foam', form: 'ground', grainMm: 2.6 } }],
    [7, 'filter-wool', { unit: 'g' }],
    [8, 'soaking-bath', { unit: 'ml' }],
    [9, 'soaking-bath', { keepsDays: 60 }],
    [10, 'filter-wool', { unit: 'g' }],
    [11, 'clay-powder', { unit: 'g' }],
    [12, 'old-pieces-medium', { unit: 'piece', of: { stuff: 'goods', goods: 'old-piece' } }],
  ])('a database of version %s gains the new materials, and keeps all else', async (version, id, row) => {
    const {
      format: _format,
      version: _version,
      savedAt: _savedAt,
      settings,
      ...tables
    } = JSON.parse(readFileSync(`tests/fixtures/workshop-format-${version}.json`, 'utf8')) as Record<
      string,
      { id: string; changedAt?: string }[]
    > & { settings: object }
    const old = new Dexie(`${DATABASE_PREFIX}of-${version}`)
    for (let v = 4; v <= version; v += 1)
      old.version(v).stores({
        ...storesOfFour,
        ...(v < 8 ? {} : storesOfEight),
        ...(v < 9 ? {} : storesOfNine),
        ...(v < 11 ? {} : storesOfEleven),
        ...(v < 12 ? {} : { takenAway: 'id, at' }),
      })
    await old.table('settings').add(settings)
    for (const [name, rows] of Object.entries(tables)) await old.table(name).bulkAdd(rows)
    old.close()
    const db = new WorkshopDb(`of-${version}`)
    await db.open()
    expect(db.verno).toBe(DATABASE_VERSION)
    for (const [name, rows] of Object.entries(tables)) {
      const stored = new Map((await db.table(name).toArray()).map((row: { id: string }) => [row.id, row]))
      // What nobody has touched stands as it is in today's list; all else as it was.
      for (const row of rows) {
        const untouched = row.changedAt === UNTOUCHED && !('fieldsAt' in row)
        const listed = name === 'materials' && untouched && listedById.get(row.id)
        if (!listed && 'fieldsAt' in row) continue
        expect(stored.get(row.id)).toEqual(listed ? { ...listed, changedAt: UNTOUCHED } : row)
      }
      if (name !== 'materials') expect(stored.size).toBe(rows.length)
    }
    expect(await db.materials.get(id)).toMatchObject(row)
    if (version < 8)
      expect([await db.blends.count(), await db.tiles.count(), await db.palettes.count()]).toEqual([0, 0, 0])
    else if (version === 8) {
      expect(await db.settings.get('settings')).not.toHaveProperty('tools')
      expect(await db.tools.get('glue-pot')).toMatchObject({ have: 0, lent: [] })
    }
    db.close()
  })

  test('a database of the first version comes through the upgrade', async () => {
    const stored = JSON.parse(readFileSync('tests/fixtures/database-version-1.json', 'utf8')) as {
      stores: Record<string, string>
      rows: Record<string, object[]>
    }
    const old = new Dexie(`${DATABASE_PREFIX}old`)
    old.version(1).stores(stored.stores)
    for (const [name, rows] of Object.entries(stored.rows)) await old.table(name).bulkAdd(rows)
    old.close()
    const db = new WorkshopDb('old')
    await db.open()
    expect(db.verno).toBe(DATABASE_VERSION)
    expect((await db.events.orderBy('id').toArray()).map(({ id, after }) => [id, after])).toEqual([
      ['ev-a', undefined],
      ['ev-b', 'ev-a'],
      ['ev-c', 'ev-b'],
    ])
    expect(await db.openBatches.count()).toBe(1)
    expect(await db.settings.get('settings')).toMatchObject({
      name: 'Old bench',
      roomC: 20,
      humidity: 50,
      paper: 'A4',
    })
    const [old1] = await db.batches.toArray()
    expect(foldRun(old1!, await db.events.toArray()).state).toMatchObject({ phase: 'hands', stepIndex: 1 })
    db.close()
  })
})
