import { BLEND_MIX } from '../../../core/methods'
import {
  blendMaterialId,
  blendSchema,
  paletteSchema,
  sameParts,
  tileSchema,
  type Blend,
  type PaletteRecord,
  type Tile,
} from '../../../core/blends'
import { materialSchema, type Material, type Measured } from '../../../core/stock'
import { none, ok, type Reading } from '../../../core/units'
import { withChange } from '../../../core/workshop'
import { undoable } from '../taken-away'
import { check, type CommandContext } from './context'
import { changeRecord, saveRecord, type Draft } from './records'

/** The batches that mix a blend. */
async function mixesOf(db: CommandContext['db'], blend: Blend): Promise<{ id: string; name: string }[]> {
  const own = new Set((['whole', 'passed', 'held'] as const).map((jar) => blendMaterialId(blend.id, jar)))
  return (await db.batches.toArray()).filter(
    ({ methodId, plan }) =>
      methodId === BLEND_MIX.id && plan.yields.some(({ materialId }) => own.has(materialId)),
  )
}

/** Whether two versions of a blend are mixed alike: what stands in the jar. */
const isSameMix = (a: Blend, b: Blend): boolean =>
  sameParts(a.parts, b.parts) && a.sieveMm === b.sieveMm && a.use === b.use && a.sealer === b.sealer

/** Why a target can't be: a blend that aims at itself, straight or by way of others. */
async function targetFault(db: CommandContext['db'], blend: Blend): Promise<string | undefined> {
  const seen = new Set([blend.id])
  let { target } = blend
  while (target.kind === 'blend') {
    if (seen.has(target.blendId)) return 'target: a blend can’t be matched to itself.'
    seen.add(target.blendId)
    const next = await db.blends.get(target.blendId)
    if (!next) return 'target: the blend to be matched is gone.'
    target = next.target
  }
  return undefined
}

/**
 * Writes a new or changed blend. One that has been mixed, or is being mixed, keeps what is in its jar: a changed
 * recipe is a blend of its own.
 */
export async function saveBlend(
  { db, now, newId }: CommandContext,
  draft: Draft<Blend>,
): Promise<Reading<Blend>> {
  return db.transaction('rw', [db.blends, db.materials, db.batches], async () => {
    const before = draft.id === undefined ? undefined : await db.blends.get(draft.id)
    const emptied = Object.fromEntries(Object.keys(before ?? {}).map((name) => [name, undefined]))
    const at = now()
    const checked = check(
      blendSchema,
      before
        ? withChange(before, { ...emptied, ...draft }, at)
        : { date: at.slice(0, 10), ...draft, id: draft.id ?? newId(), changedAt: at },
    )
    if (checked.kind === 'none') return checked
    const blend = checked.value
    for (const { materialId } of blend.parts)
      if (!(await db.materials.get(materialId)))
        return none(`parts: the material ${materialId} is not known here.`)
    const fault = await targetFault(db, blend)
    if (fault !== undefined) return none(fault)
    if (before && !isSameMix(before, blend)) {
      const [mix] = await mixesOf(db, before)
      if (mix)
        return none(
          `“${before.name}” has been mixed (${mix.name}); its recipe stays. Keep the change as a new blend.`,
        )
    }
    await db.blends.put(blend)
    return ok(blend)
  })
}

/** Changes fields of a blend as it is stored now; one not named stays. */
export async function changeBlend(
  context: CommandContext,
  id: string,
  fields: Partial<Omit<Blend, 'id' | 'changedAt' | 'fieldsAt'>>,
): Promise<Reading<Blend>> {
  const { db } = context
  return db.transaction('rw', [db.blends, db.materials, db.batches], async () => {
    const stored = await db.blends.get(id)
    if (!stored || stored.removed) return none('This blend is gone already.')
    const { changedAt: _changedAt, fieldsAt: _fieldsAt, ...row } = stored
    return saveBlend(context, { ...row, ...fields })
  })
}

/** Writes several new blends, as a set that keeps its steps: all of them, or none. */
export async function saveBlends(
  context: CommandContext,
  drafts: readonly Draft<Blend>[],
): Promise<Reading<Blend[]>> {
  const { db } = context
  const saved: Blend[] = []
  let refused: Reading<Blend[]> | undefined
  await db
    .transaction('rw', [db.blends, db.materials, db.batches], async (transaction) => {
      for (const draft of drafts) {
        const answer = await saveBlend(context, draft)
        if (answer.kind === 'none') {
          refused = answer
          transaction.abort()
          return
        }
        saved.push(answer.value)
      }
    })
    .catch((error: unknown) => {
      if (!refused) throw error
    })
  return refused ?? ok(saved)
}

/** Takes a blend out of sight. What was mixed of it stays on the shelf. Refused while it is being mixed or matched. */
export const removeBlend = undoable(
  ['blends'],
  ['batches', 'openBatches'],
  ({ name }: Blend) => `the blend “${name}”`,
  takeBlend,
)
async function takeBlend({ db, now }: CommandContext, id: string): Promise<Reading<Blend>> {
  return db.transaction('rw', [db.blends, db.batches, db.openBatches], async () => {
    const blend = await db.blends.get(id)
    if (!blend || blend.removed) return none('This blend is gone already.')
    for (const mix of await mixesOf(db, blend))
      if (await db.openBatches.get(mix.id))
        return none(`“${mix.name}” is still open. Finish or abandon it first.`)
    const matched = (await db.blends.toArray()).find(
      (other) => !other.removed && other.target.kind === 'blend' && other.target.blendId === id,
    )
    if (matched) return none(`“${matched.name}” is to match this blend. Give it another target first.`)
    const removed = withChange(blend, { removed: true }, now())
    await db.blends.put(removed)
    return ok(removed)
  })
}

/** Writes a new or changed test tile. */
export async function saveTile(
  { db, now, newId }: CommandContext,
  draft: Draft<Tile>,
): Promise<Reading<Tile>> {
  return db.transaction('rw', db.tiles, async () => {
    const before = draft.id === undefined ? undefined : await db.tiles.get(draft.id)
    const emptied = Object.fromEntries(Object.keys(before ?? {}).map((name) => [name, undefined]))
    const checked = check(
      tileSchema,
      before
        ? withChange(before, { ...emptied, ...draft }, now())
        : { ...draft, id: draft.id ?? newId(), changedAt: now() },
    )
    if (checked.kind === 'ok') await db.tiles.put(checked.value)
    return checked
  })
}

/** Writes several new tiles, as a trial: all of them, or none. */
export async function saveTiles(
  { db, now, newId }: CommandContext,
  drafts: readonly Draft<Tile>[],
): Promise<Reading<Tile[]>> {
  const tiles: Tile[] = []
  for (const draft of drafts) {
    const checked = check(tileSchema, { ...draft, id: newId(), changedAt: now() })
    if (checked.kind === 'none') return checked
    tiles.push(checked.value)
  }
  await db.transaction('rw', db.tiles, () => db.tiles.bulkAdd(tiles))
  return ok(tiles)
}

export const removeTile = undoable(
  ['tiles'],
  [],
  ({ name }: Tile) => `the tile “${name}”`,
  ({ db, now }: CommandContext, id: string): Promise<Reading<Tile>> =>
    changeRecord<Tile>(db, db.tiles, tileSchema, id, { removed: true }, now(), 'This tile is gone already.'),
)

/** Writes a new or changed palette: what took the place of another’s colours can be taken back. */
export const savePalette = undoable(
  ['palettes'],
  [],
  ({ name }: PaletteRecord) => `the palette “${name}” as it was`,
  ({ db, now, newId }: CommandContext, draft: Draft<PaletteRecord>): Promise<Reading<PaletteRecord>> =>
    saveRecord<PaletteRecord>(db, db.palettes, paletteSchema, draft, now(), newId),
)

export const removePalette = undoable(
  ['palettes'],
  [],
  ({ name }: PaletteRecord) => `the palette “${name}”`,
  ({ db, now }: CommandContext, id: string): Promise<Reading<PaletteRecord>> =>
    changeRecord<PaletteRecord>(
      db,
      db.palettes,
      paletteSchema,
      id,
      { removed: true },
      now(),
      'This palette is gone already.',
    ),
)

/** Corrects a material's colour by what was measured of it, with its day and light. */
export const measureMaterial = (
  { db, now }: CommandContext,
  id: string,
  colour: string,
  measured: Measured,
): Promise<Reading<Material>> =>
  changeRecord<Material>(
    db,
    db.materials,
    materialSchema,
    id,
    (stored) => ({ of: { ...stored.of, colour } as Material['of'], measured }),
    now(),
    'This material is gone already.',
  )
