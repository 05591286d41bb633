import 'fake-indexeddb/auto'
import {
  changeBlend,
  measureMaterial,
  removeBlend,
  removePalette,
  removeTile,
  saveBlend,
  saveBlends,
  savePalette,
  saveTile,
  saveTiles,
} from '../../../app/db/commands/blends'
import { doDeed, endBatch, planBatch, undoDeed } from '../../../app/db/commands/bench'
import type { CommandContext } from '../../../app/db/commands/context'
import { readWorkshop } from '../../../app/db/commands/data'
import { receiveLot } from '../../../app/db/commands/stock'
import { batchName, foldRun, planFrom, proposedKept, proposedUse } from '../../../core/batches'
import { grainsOf, mixedBlend, sealingsOf, type Blend } from '../../../core/blends'
import { makeUp } from '../../../core/makeup'
import { blendMethod } from '../../../core/methods'
import { balancesOf, stockStates } from '../../../core/stock'
import { documentSchema } from '../../../core/workshop'
import { bench, value } from '../../support/commands'

const draft = (over: Partial<Blend> = {}) => ({
  name: 'Beech base',
  target: { kind: 'colour' as const, colour: '#8a5f2e', from: 'typed' as const },
  use: 'crown' as const,
  texture: 'one' as const,
  parts: [
    { materialId: 'foam-fine-rust', parts: 2 },
    { materialId: 'foam-fine-gold', parts: 1 },
  ],
  sealer: 'pva' as const,
  ...over,
})
const because = (reading: { kind: string; because?: string }): string => reading.because ?? 'taken'

/** Plans a mix of so many grams, as the page does. */
async function planMix(context: CommandContext, blend: Blend, grams: number) {
  const document = await readWorkshop(context)
  const mixed = mixedBlend(blend, grainsOf(document.materials), [], sealingsOf([]))!
  const up = makeUp({
    job: { kind: 'stock', materialId: mixed.jars[0]!.material.id, quantity: grams, unit: 'g' },
    method: blendMethod(mixed),
    states: stockStates(document.materials, document.lots, balancesOf(document.movements)),
    dryingFactor: 1,
  })
  return value(await planBatch(context, planFrom(up, undefined, batchName(blend.name, 1)), { start: true }))
}
async function finishMix(context: CommandContext, batchId: string) {
  const { db } = context
  const batch = (await db.batches.get(batchId))!
  const run = async () => foldRun(batch, await db.events.where('batchId').equals(batchId).toArray())
  for (let now = await run(); now.state.phase === 'hands'; now = await run())
    value(await doDeed(context, batchId, { type: 'pieces', step: now.state.stepIndex, count: 1 }))
  const done = await run()
  const used = proposedUse(batch, done).map(({ materialId, proposed }) => ({
    materialId,
    quantity: proposed,
  }))
  const kept = proposedKept(batch, done).map(({ materialId, quantity }) => ({ materialId, quantity }))
  const ended = await endBatch(
    context,
    batchId,
    { type: 'finish', tray: 'shelf', date: '2026-10-05', handsMin: 9, used, kept },
    false,
  )
  if (ended.kind !== 'ok') throw new Error(ended.because)
  return ended.value
}
const stockUp = async (context: CommandContext): Promise<void> => {
  for (const materialId of ['foam-fine-rust', 'foam-fine-gold'])
    value(
      await receiveLot(context, {
        materialId,
        source: 'bought',
        label: 'Bag',
        date: '2026-09-01',
        quantity: 40,
        priceMinor: 480,
      }),
    )
}

describe('a blend', () => {
  test('is kept with its day, changed field by field, and taken out of sight', async () => {
    const context = await bench()
    const blend = value(await saveBlend(context, draft()))
    expect(blend.date).toBe('2026-10-04')
    value(await changeBlend(context, blend.id, { texture: 'mixed' }))
    value(await changeBlend(context, blend.id, { sieveMm: 1 }))
    expect(await context.db.blends.get(blend.id)).toMatchObject({
      texture: 'mixed',
      sieveMm: 1,
      name: 'Beech base',
    })
    value(await changeBlend(context, blend.id, { sieveMm: undefined }))
    expect(await context.db.blends.get(blend.id)).not.toHaveProperty('sieveMm')
    value(await removeBlend(context, blend.id))
    expect(because(await changeBlend(context, blend.id, { texture: 'one' }))).toContain('gone already')
    expect(because(await removeBlend(context, blend.id))).toContain('gone already')
  })

  test.each([
    [
      { parts: Array.from({ length: 6 }, (_, i) => ({ materialId: `m${i}`, parts: 1 })) },
      'at most 5 materials',
    ],
    [{ parts: [{ materialId: 'foam-fine-rust', parts: 13 }] }, 'parts.0.parts'],
    [
      {
        parts: [
          { materialId: 'foam-fine-rust', parts: 7 },
          { materialId: 'foam-fine-gold', parts: 6 },
        ],
      },
      '12 parts in all',
    ],
    [
      {
        parts: [
          { materialId: 'foam-fine-rust', parts: 1 },
          { materialId: 'foam-fine-rust', parts: 2 },
        ],
      },
      'named once',
    ],
    [{ parts: [{ materialId: 'nothing', parts: 1 }] }, 'material nothing is not known'],
    [{ amountMl: 0 }, 'amountMl'],
    [{ sieveMm: 21 }, 'sieveMm'],
    [{ bounds: [{ materialId: 'foam-fine-rust', least: 4, most: 2 }] }, 'least must not be above most'],
    [{ target: { kind: 'blend' as const, blendId: 'gone' } }, 'the blend to be matched is gone'],
  ])('that can’t be is refused and nothing is written: %j', async (over, words) => {
    const context = await bench()
    expect(because(await saveBlend(context, draft(over)))).toContain(words)
    expect(await context.db.blends.count()).toBe(0)
  })

  test('can’t aim at itself, nor at one that aims at it', async () => {
    const context = await bench()
    const a = value(await saveBlend(context, draft()))
    const b = value(await saveBlend(context, draft({ target: { kind: 'blend', blendId: a.id } })))
    expect(because(await changeBlend(context, a.id, { target: { kind: 'blend', blendId: a.id } }))).toContain(
      'itself',
    )
    expect(because(await changeBlend(context, a.id, { target: { kind: 'blend', blendId: b.id } }))).toContain(
      'itself',
    )
    expect(because(await removeBlend(context, a.id))).toContain('is to match this blend')
  })

  test('a set is kept whole or not at all', async () => {
    const context = await bench()
    expect(because(await saveBlends(context, [draft(), draft({ name: '' })]))).toContain('name')
    expect(await context.db.blends.count()).toBe(0)
    expect(value(await saveBlends(context, [draft(), draft({ name: 'Shade' })]))).toHaveLength(2)
  })
})

describe('a mixed blend', () => {
  test('becomes a lot at what went into it, and keeps its recipe; all else of it may change', async () => {
    const context = await bench()
    await stockUp(context)
    const blend = value(await saveBlend(context, draft()))
    const batch = await planMix(context, blend, 9)
    expect(because(await removeBlend(context, blend.id))).toContain('is still open')
    await finishMix(context, batch.id)
    const lot = (await context.db.lots.toArray()).find(({ from }) => from)
    expect(lot).toMatchObject({ materialId: `blend-${blend.id}`, source: 'home-made' })
    expect((await context.db.balances.get(lot!.id))?.onHand).toBeCloseTo(9, 6)
    expect(await context.db.materials.get(`blend-${blend.id}`)).toMatchObject({
      blendId: blend.id,
      bulkGPerMl: 0.07,
    })
    const parts = [{ materialId: 'foam-fine-rust', parts: 1 }]
    for (const change of [
      { parts },
      { sieveMm: 1 },
      { use: 'turf' as const },
      { sealer: 'hairspray' as const },
    ])
      expect(because(await changeBlend(context, blend.id, change))).toContain('its recipe stays')
    value(await changeBlend(context, blend.id, { name: 'Beech, October', amountMl: 300 }))
    value(await removeBlend(context, blend.id))
    expect((await context.db.balances.get(lot!.id))?.onHand).toBeCloseTo(9, 6)
    expect(documentSchema.safeParse(await readWorkshop(context)).success).toBe(true)
  })

  test('undone gives back what went in, and takes the lot out again', async () => {
    const context = await bench()
    await stockUp(context)
    const blend = value(await saveBlend(context, draft()))
    const batch = await planMix(context, blend, 9)
    const end = await finishMix(context, batch.id)
    value(await undoDeed(context, batch.id, end.id))
    const balances = await context.db.balances.toArray()
    expect(balances.map(({ onHand }) => Math.round(onHand * 1e6) / 1e6).sort((a, b) => a - b)).toEqual([
      0, 40, 40,
    ])
  })
})

describe('tiles, palettes and measured colours', () => {
  const tile = {
    name: 'Tile 1',
    parts: draft().parts,
    date: '2026-10-04',
    ground: 'card',
    sealer: 'pva' as const,
  }

  test('a trial is kept whole or not at all; a verdict is changed and taken back', async () => {
    const context = await bench()
    expect(because(await saveTiles(context, [tile, { ...tile, parts: [] }]))).toContain('at least one part')
    expect(await context.db.tiles.count()).toBe(0)
    const [first] = value(await saveTiles(context, [tile, tile]))
    const { changedAt: _changedAt, ...stored } = first!
    value(await saveTile(context, { ...stored, verdict: 'too dark', goodFor: 'ditches' }))
    expect(await context.db.tiles.get(first!.id)).toMatchObject({ verdict: 'too dark', goodFor: 'ditches' })
    value(await saveTile(context, stored))
    expect(await context.db.tiles.get(first!.id)).not.toHaveProperty('verdict')
    value(await removeTile(context, first!.id))
    expect(because(await saveTile(context, { ...tile, photo: 'data:text/html;base64,AAAA' }))).toContain(
      'JPEG, PNG or WebP',
    )
    expect(because(await saveTile(context, { ...tile, sealed: 'green' }))).toContain('#rrggbb')
  })

  test('a palette is kept, changed and removed; an empty one is refused', async () => {
    const context = await bench()
    expect(because(await savePalette(context, { name: 'Halt', colours: [] }))).toContain('colours')
    const palette = value(
      await savePalette(context, { name: 'Halt', colours: [{ name: 'Moss', colour: '#445522' }] }),
    )
    value(await savePalette(context, { id: palette.id, name: 'Halt, October', colours: palette.colours }))
    expect(await context.db.palettes.get(palette.id)).toMatchObject({ name: 'Halt, October' })
    value(await removePalette(context, palette.id))
  })

  test('a measured colour corrects the material, with its day and light; what has no colour refuses it', async () => {
    const context = await bench()
    const measured = { date: '2026-10-04', light: 'daylight', spread: 1.2 }
    value(await measureMaterial(context, 'foam-fine-rust', '#9d5b2d', measured))
    expect(await context.db.materials.get('foam-fine-rust')).toMatchObject({
      of: { colour: '#9d5b2d' },
      measured,
    })
    expect(because(await measureMaterial(context, 'wire-070', '#9d5b2d', measured))).toContain('colour')
    expect(because(await measureMaterial(context, 'gone', '#9d5b2d', measured))).toContain('gone already')
  })
})
