import 'fake-indexeddb/auto'
import { moveLine, saveCommission, saveLine, saveLines } from '../../../app/db/commands/brief'
import { ensureWorkshop, readWorkshop } from '../../../app/db/commands/data'
import { removeSpecies, saveSpecies } from '../../../app/db/commands/species'
import { WorkshopDb } from '../../../app/db/database'
import { rowOf, speciesFields, textOf } from '../../../app/components/species/fields'
import { difference2000 } from '../../../core/colour'
import { byOrder } from '../../../core/commissions'
import { speciesById, speciesSchema, speciesTable } from '../../../core/plants'
import { readWorkshopFile, writeWorkshopFile } from '../../../core/workshop'
import { commission, ids, line, minutesAfter, pieces } from '../../support/workshop'

let serial = 0
async function workshop() {
  serial += 1
  let minute = 0
  const context = {
    db: new WorkshopDb(`species-${serial}`),
    now: () => minutesAfter((minute += 1)),
    newId: ids(`n${serial}-`),
  }
  await ensureWorkshop(context)
  await saveCommission(context, commission())
  return context
}
const own = {
  ...speciesById('beech'),
  id: 'my-copper-beech',
  common: 'Copper beech',
  origin: 'yours' as const,
}

describe('species of the maker’s own', () => {
  test('are stored, travel in the file, and come back', async () => {
    const context = await workshop()
    expect(await saveSpecies(context, own)).toMatchObject({ kind: 'ok' })
    await saveLine(context, line({ speciesId: own.id }))
    const text = writeWorkshopFile(await readWorkshop(context))
    const back = readWorkshopFile(text)
    expect(back).toMatchObject({
      kind: 'ok',
      value: { species: [{ id: 'my-copper-beech', common: 'Copper beech' }] },
    })
    expect(readWorkshopFile(text.replace('"id": "my-copper-beech"', '"id": "my-other-beech"'))).toMatchObject(
      { kind: 'none', because: expect.stringContaining('no such species') as string },
    )
  })

  test('ours are never overwritten, and rows that don’t fit together are refused whole', async () => {
    const context = await workshop()
    expect(await saveSpecies(context, { ...own, id: 'beech' })).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('save a copy') as string,
    })
    expect(await saveSpecies(context, { ...own, heightM: [9, 8, 24, 28] })).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('heightM.1 must be taller') as string,
    })
    expect(await saveSpecies(context, { ...own, seeThrough: 3 })).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('seeThrough') as string,
    })
    expect(await context.db.species.count()).toBe(0)
  })

  test('one that a line uses can’t be removed', async () => {
    const context = await workshop()
    await saveSpecies(context, own)
    const made = await saveLine(context, line({ speciesId: own.id, name: 'By the gate' }))
    expect(await removeSpecies(context, own.id)).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('“By the gate”') as string,
    })
    if (made.kind === 'ok') await saveLine(context, { ...made.value, speciesId: 'beech' })
    expect(await removeSpecies(context, own.id)).toMatchObject({ kind: 'ok', value: { removed: true } })
    expect(await removeSpecies(context, own.id)).toMatchObject({ kind: 'none' })
  })
})

describe('the species form', () => {
  test.each(speciesTable.filter((_, i) => i % 4 === 0).map((row) => [row.id, row] as const))(
    'shows %s and reads it back',
    (_id, row) => {
      const { row: read, faults } = rowOf(row, textOf(row))
      expect(faults).toEqual({})
      const back = speciesSchema.parse(read)
      // Colours pass through what a screen shows, and come back as near as eight bits allow.
      const pairs = (['fresh', 'summer', 'dead', 'twig'] as const).map((name) =>
        difference2000(back.colours[name], row.colours[name]),
      )
      expect(Math.max(...pairs)).toBeLessThan(1)
      expect({ ...back, colours: row.colours, bark: row.bark }).toEqual(row)
    },
  )

  test('what can’t be read is named, what is needed is missed', () => {
    const text = { ...textOf(own), leafMm: 'big', common: ' ', 'colours.flower': '', 'show.flower': '20 %' }
    const { faults, row } = rowOf(own, text)
    expect(faults).toEqual({ leafMm: 'read “big”; allowed is a number', common: 'is needed' })
    expect(row).toMatchObject({ show: { flower: 0.2 } })
    expect(speciesFields.filter(({ optional }) => !optional).length).toBeGreaterThan(25)
  })
})

describe('lines in order', () => {
  test('a line moves to a place, the others keep theirs', async () => {
    const context = await workshop()
    for (const id of ['a', 'b', 'c', 'd'])
      await saveLine(context, { ...line({ name: id }), id, order: undefined })
    const order = async (): Promise<string> =>
      (await context.db.lines.toArray())
        .sort((x, y) => x.order - y.order)
        .map(({ id }) => id)
        .join('')
    await moveLine(context, 'a', 2)
    expect(await order()).toBe('bcad')
    await moveLine(context, 'd', 0)
    expect(await order()).toBe('dbca')
    await moveLine(context, 'b', 99)
    expect(await order()).toBe('dcab')
    expect(await moveLine(context, 'nobody', 1)).toMatchObject({ kind: 'none' })
  })

  test('lines that two copies added at one place can be moved past each other, and back, as often as one likes', async () => {
    const context = await workshop()
    for (const id of ['a', 'b', 'c']) await saveLine(context, { ...line({ name: id }), id, order: 1 })
    const order = async (): Promise<string> =>
      (await context.db.lines.toArray())
        .sort(byOrder)
        .map(({ id }) => id)
        .join('')
    expect(await order()).toBe('abc')
    await moveLine(context, 'c', 0)
    expect(await order()).toBe('cab')
    await moveLine(context, 'c', 1)
    expect(await order()).toBe('acb')
    // Each goes between the first two: halves of halves run out of numbers in the end.
    for (let i = 0; i < 80; i += 1) {
      const [, , last] = await order()
      await moveLine(context, last!, 1)
    }
    expect(await order()).toBe('acb')
  })

  test('several lines are taken whole or not at all', async () => {
    const context = await workshop()
    const draft = {
      commissionId: 'c1',
      name: 'Birch',
      speciesId: 'silver-birch',
      age: 'mature' as const,
      amount: pieces(5),
      zone: 'back' as const,
    }
    expect(await saveLines(context, 'c1', [draft, { ...draft, amount: pieces(0) }])).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('pieces') as string,
    })
    expect(await context.db.lines.count()).toBe(0)
    expect(await saveLines(context, 'c1', [draft, draft])).toMatchObject({ kind: 'ok' })
    expect(await saveLines(context, 'gone', [draft])).toMatchObject({ kind: 'none' })
  })
})
