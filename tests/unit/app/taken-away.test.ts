import 'fake-indexeddb/auto'
import type { Table } from 'dexie'
import * as blends from '../../../app/db/commands/blends'
import {
  changeLine,
  removeCommission,
  removeKeepOut,
  removeLine,
  saveCommission,
  saveLine,
} from '../../../app/db/commands/brief'
import { removeOffer, removeSupplier, saveOffer, saveSupplier } from '../../../app/db/commands/buying'
import { removePerson, removeTime, savePerson, saveTime, takeBusy } from '../../../app/db/commands/calendar'
import type { CommandContext } from '../../../app/db/commands/context'
import { wipeWorkshop } from '../../../app/db/commands/data'
import { removeHarvest, saveHarvest } from '../../../app/db/commands/harvest'
import { removeSpecies, saveSpecies } from '../../../app/db/commands/species'
import { forgetTool, saveTool } from '../../../app/db/commands/tools'
import { bringBack, KEPT_DAYS, type TakenAway } from '../../../app/db/taken-away'
import { speciesTable } from '../../../core/plants'
import { bench, value } from '../../support/commands'
import { commission, line } from '../../support/workshop'

/** A workshop that notes what it is told was taken away. */
async function listening(): Promise<CommandContext & { readonly heard: TakenAway[] }> {
  const heard: TakenAway[] = []
  return { ...(await bench()), tookAway: (taken) => heard.push(taken), heard }
}
/** A row without the bookkeeping of its changes. */
async function rowOf({ db }: CommandContext, table: string, id: string): Promise<Record<string, unknown>> {
  const { fieldsAt: _fieldsAt, ...row } = (await (db.table(table) as Table<Record<string, unknown>>).get(id))!
  return row
}
const palette = { name: 'Kestrel', commissionId: 'c1', colours: [{ name: 'Moss', colour: '#5a7a36' }] }

/** Each way of taking something away: what is there first, and the command; the record is brought back as it was. */
const ways: readonly (readonly [
  string,
  string,
  (context: CommandContext) => Promise<{ readonly id: string }>,
  (context: CommandContext, id: string) => Promise<{ readonly kind: 'ok' | 'none' }>,
])[] = [
  [
    'a commission',
    'commissions',
    async (c) => value(await saveCommission(c, commission())),
    removeCommission,
  ],
  [
    'a line',
    'lines',
    async (c) => (value(await saveCommission(c, commission())), value(await saveLine(c, line()))),
    removeLine,
  ],
  [
    'a part of the board that is kept clear',
    'commissions',
    async (c) =>
      value(
        await saveCommission(
          c,
          commission({
            keepOuts: [
              {
                id: 'k1',
                kind: 'line',
                widthMm: 30,
                points: [
                  [0, 0],
                  [90, 0],
                ],
              },
            ],
          }),
        ),
      ),
    (c, id) => removeKeepOut(c, id, 'k1'),
  ],
  ['a palette', 'palettes', async (c) => value(await blends.savePalette(c, palette)), blends.removePalette],
  [
    'a palette, by another that was read',
    'palettes',
    async (c) => value(await blends.savePalette(c, palette)),
    (c, id) =>
      blends.savePalette(c, { ...palette, id, name: 'Read', colours: [{ name: 'x', colour: '#000000' }] }),
  ],
  [
    'a tile',
    'tiles',
    async (c) =>
      value(
        await blends.saveTile(c, {
          name: 'Tile',
          parts: [{ materialId: 'foam-fine-mid', parts: 1 }],
          date: '2026-10-04',
          ground: '#74603f',
          sealer: 'pva',
        } as Parameters<typeof blends.saveTile>[1]),
      ),
    blends.removeTile,
  ],
  [
    'a supplier',
    'suppliers',
    async (c) => value(await saveSupplier(c, { name: 'The cellar', days: 3, postageMinor: 300 })),
    removeSupplier,
  ],
  [
    'a tool',
    'tools',
    async (c) => value(await saveTool(c, { id: 'drill', have: 1, lent: [], worn: 0 })),
    forgetTool,
  ],
  [
    'a person',
    'people',
    async (c) => value(await savePerson(c, { name: 'Ada' } as Parameters<typeof savePerson>[1])),
    removePerson,
  ],
  [
    'days off',
    'times',
    async (c) =>
      value(
        await saveTime(c, { kind: 'off', from: '2026-12-01', to: '2026-12-03', people: [], why: 'away' }),
      ),
    removeTime,
  ],
  [
    'a species',
    'species',
    async (c) => value(await saveSpecies(c, { ...speciesTable[0]!, id: 'own-beech' })),
    removeSpecies,
  ],
]

describe('what is taken away can be brought back', () => {
  test.each(ways)('%s', async (_what, table, make, take) => {
    const context = await listening()
    const { id } = await make(context)
    context.heard.length = 0
    const was = await rowOf(context, table, id)
    expect(await take(context, id)).toMatchObject({ kind: 'ok' })
    expect(await rowOf(context, table, id)).not.toEqual(was)
    expect(context.heard).toHaveLength(1)
    expect(context.heard[0]!.words.length).toBeGreaterThan(4)
    expect(await context.db.takenAway.count()).toBe(1)
    value(await bringBack(context, context.heard[0]!.id))
    expect(await rowOf(context, table, id)).toEqual(was)
    expect(await context.db.takenAway.count()).toBe(0)
    // Once: then it is there.
    expect(await bringBack(context, context.heard[0]!.id)).toMatchObject({ kind: 'none' })
  })

  test('three presses, three gone, three back, in any order', async () => {
    const context = await listening()
    const all = []
    for (const from of ['2026-12-01', '2026-12-08', '2026-12-15'])
      all.push(value(await saveTime(context, { kind: 'off', from, to: from, people: [], why: '' })))
    for (const { id } of all) value(await removeTime(context, id))
    for (const i of [1, 0, 2]) value(await bringBack(context, context.heard[i]!.id))
    for (const { id } of all) expect((await context.db.times.get(id))!.removed).toBeFalsy()
  })

  test('a supplier comes back with its offers; an offer not before its supplier', async () => {
    const context = await listening()
    const supplier = value(await saveSupplier(context, { name: 'The cellar', days: 3, postageMinor: 300 }))
    const offer = value(
      await saveOffer(context, {
        supplierId: supplier.id,
        materialId: 'pva',
        packQuantity: 500,
        priceMinor: 400,
        stock: 'in stock',
        seen: '2026-11-01',
        origin: 'typed',
      }),
    )
    value(await removeOffer(context, offer.id))
    value(await removeSupplier(context, supplier.id))
    expect(await bringBack(context, context.heard[0]!.id)).toEqual({
      kind: 'none',
      because: 'Its supplier has been taken away too: bring that back first.',
    })
    value(await bringBack(context, context.heard[1]!.id))
    expect((await context.db.offers.get(offer.id))!.removed).toBe(true)
    value(await bringBack(context, context.heard[0]!.id))
    expect((await context.db.offers.get(offer.id))!.removed).toBeFalsy()
  })

  test('busy times that another file took the place of come back, and those of the file go', async () => {
    const context = await listening()
    const time = (uid: string, day: number) => ({
      uid,
      fromMs: Date.UTC(2026, 11, day, 18),
      toMs: Date.UTC(2026, 11, day, 20),
      why: uid,
    })
    value(await takeBusy(context, [], [time('choir', 1), time('club', 2)]))
    expect(context.heard).toHaveLength(0)
    value(await takeBusy(context, [], [time('dog', 3)]))
    value(await bringBack(context, context.heard[0]!.id))
    const there = (await context.db.times.toArray()).filter(({ removed }) => !removed)
    expect(there.map((one) => one.kind === 'busy' && one.why).sort()).toEqual(['choir', 'club'])
  })

  test('what was changed once more since stays as it was changed', async () => {
    const context = await listening()
    value(await saveCommission(context, commission()))
    const { id } = value(await saveLine(context, line()))
    value(await removeLine(context, id))
    // Another window, which still showed it, has named it anew; and took it out of hand.
    await context.db.lines.update(id, {
      removed: false,
      name: 'Named anew',
      fieldsAt: { removed: '2026-10-05T00:00:00.000Z', name: '2026-10-05T00:00:00.000Z' },
    })
    value(await changeLine(context, id, { note: 'kept' }))
    value(await bringBack(context, context.heard[0]!.id))
    expect(await context.db.lines.get(id)).toMatchObject({ name: 'Named anew', note: 'kept', removed: false })
  })

  test(`it is kept for ${KEPT_DAYS} days, and goes when all of the workshop is replaced`, async () => {
    const context = await listening()
    const off = async (from: string) =>
      value(await saveTime(context, { kind: 'off', from, to: from, people: [], why: '' }))
    value(await removeTime(context, (await off('2026-12-01')).id))
    const later = {
      ...context,
      now: () =>
        new Date(Date.parse('2026-10-04T12:00:00.000Z') + (KEPT_DAYS + 1) * 86_400_000).toISOString(),
    }
    value(await removeTime(later, (await off('2026-12-02')).id))
    expect((await context.db.takenAway.toArray()).map(({ id }) => id)).toEqual([context.heard[1]!.id])
    await wipeWorkshop(context)
    expect(await context.db.takenAway.count()).toBe(0)
  })

  test('a command that was refused took nothing away', async () => {
    const context = await listening()
    expect(await removeLine(context, 'nowhere')).toMatchObject({ kind: 'none' })
    expect(context.heard).toEqual([])
    expect(await context.db.takenAway.count()).toBe(0)
  })

  test('a planned harvest', async () => {
    const context = await listening()
    const { id } = value(
      await saveHarvest(context, {
        gather: 'flower-heads',
        materialId: 'flower-heads',
        from: '2026-10-20',
        to: '2026-11-30',
        quantity: 300,
        place: 'the lane',
        permission: 'given',
      }),
    )
    value(await removeHarvest(context, id))
    value(await bringBack(context, context.heard[0]!.id))
    expect((await context.db.harvests.get(id))!.removed).toBeFalsy()
  })
})
