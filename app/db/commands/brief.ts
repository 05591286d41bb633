import { lineOf } from '../../../core/batches'
import { byOrder, commissionSchema, lineSchema, type Commission, type Line } from '../../../core/commissions'
import { none, ok, type Reading } from '../../../core/units'
import { settingsSchema, withChange, type Settings } from '../../../core/workshop'
import { undoable } from '../taken-away'
import { check, type CommandContext } from './context'
import { changeRecord, type Change, type Draft } from './records'

/** Writes a new or changed commission. */
export async function saveCommission(
  { db, now, newId }: CommandContext,
  draft: Draft<Commission>,
): Promise<Reading<Commission>> {
  const checked = check(commissionSchema, { ...draft, id: draft.id ?? newId(), changedAt: now() })
  if (checked.kind === 'ok')
    await db.transaction('rw', db.commissions, () => db.commissions.put(checked.value))
  return checked
}

/** Takes a commission and its lines out of sight. Refused while a batch of it is open: stock is promised to that. */
export const removeCommission = undoable(
  ['commissions', 'lines'],
  ['batches', 'openBatches'],
  ({ name }: Commission) => `the commission “${name}” with its lines`,
  takeCommission,
)
async function takeCommission({ db, now }: CommandContext, id: string): Promise<Reading<Commission>> {
  return db.transaction('rw', [db.commissions, db.lines, db.batches, db.openBatches], async () => {
    const commission = await db.commissions.get(id)
    if (!commission) return none('This commission is gone already.')
    const lines = await db.lines.where('commissionId').equals(id).toArray()
    const open = await openBatchName(db, new Set(lines.map((line) => line.id)))
    if (open !== undefined) return none(`“${open}” is still open. Finish or abandon it first.`)
    const removed = withChange(commission, { removed: true }, now())
    const there = lines.filter((line) => !line.removed)
    await db.lines.bulkPut(there.map((line) => withChange(line, { removed: true }, now())))
    await db.commissions.put(removed)
    return ok(removed)
  })
}

/** Writes a new or changed line; a new one goes to the end. */
export async function saveLine(
  { db, now, newId }: CommandContext,
  draft: Omit<Draft<Line>, 'order'> & { order?: number },
): Promise<Reading<Line>> {
  return db.transaction('rw', [db.lines, db.commissions], async () => {
    const others = await db.lines.where('commissionId').equals(draft.commissionId).toArray()
    const order = draft.order ?? others.reduce((most, line) => Math.max(most, line.order), 0) + 1
    const checked = check(lineSchema, { ...draft, order, id: draft.id ?? newId(), changedAt: now() })
    if (checked.kind === 'none') return checked
    if (!(await db.commissions.get(checked.value.commissionId)))
      return none('The commission of this line is gone.')
    await db.lines.put(checked.value)
    return checked
  })
}

/** Writes several new lines at the end of a commission: all of them, or none. */
export async function saveLines(
  { db, now, newId }: CommandContext,
  commissionId: string,
  drafts: readonly Omit<Line, 'id' | 'changedAt' | 'fieldsAt' | 'order'>[],
): Promise<Reading<Line[]>> {
  return db.transaction('rw', [db.lines, db.commissions], async () => {
    if (!(await db.commissions.get(commissionId))) return none('The commission of these lines is gone.')
    const last = (await db.lines.where('commissionId').equals(commissionId).toArray()).reduce(
      (most, line) => Math.max(most, line.order),
      0,
    )
    const lines: Line[] = []
    for (const [i, draft] of drafts.entries()) {
      const checked = check(lineSchema, {
        ...draft,
        commissionId,
        order: last + 1 + i,
        id: newId(),
        changedAt: now(),
      })
      if (checked.kind === 'none') return checked
      lines.push(checked.value)
    }
    await db.lines.bulkAdd(lines)
    return ok(lines)
  })
}

/** Moves a line to a place among its commission's lines, 0 for the first. The others keep their order. */
export async function moveLine(
  { db, now }: CommandContext,
  id: string,
  place: number,
): Promise<Reading<Line>> {
  return db.transaction('rw', db.lines, async () => {
    const line = await db.lines.get(id)
    if (!line || line.removed) return none('This line is gone already.')
    const others = (await db.lines.where('commissionId').equals(line.commissionId).toArray())
      .filter((other) => !other.removed && other.id !== id)
      .sort(byOrder)
    const at = Math.max(0, Math.min(others.length, Math.round(place)))
    const [before, after] = [others[at - 1], others[at]]
    // Between its neighbours, so that one record changes; two copies that moved different lines still merge.
    const order =
      before && after
        ? (before.order + after.order) / 2
        : before
          ? before.order + 1
          : after
            ? after.order - 1
            : line.order
    const between = (!before || order > before.order) && (!after || order < after.order)
    if (between) {
      const moved = withChange(line, { order }, now())
      await db.lines.put(moved)
      return ok(moved)
    }
    // Lines that two copies added stand at one place: there is no room between them, and all are numbered anew.
    const inOrder = others.toSpliced(at, 0, line).map((row, i) => withChange(row, { order: i + 1 }, now()))
    await db.lines.bulkPut(inOrder)
    return ok(inOrder[at] ?? line)
  })
}

/** What goes off a line to be made in another way. */
export interface Split {
  readonly pieces: number
  readonly methodId: string
  readonly zone: Line['zone']
}

/**
 * Makes some pieces of a line another way: they become a line of their own right behind it, alike in all but
 * way and place; together the two want as many as before. What is made already stays with the line.
 * @param mostPieces that are not made yet
 */
export async function splitLine(
  { db, now, newId }: CommandContext,
  id: string,
  { pieces, methodId, zone }: Split,
  mostPieces: number,
): Promise<Reading<Line>> {
  return db.transaction('rw', db.lines, async () => {
    const line = await db.lines.get(id)
    if (!line || line.removed) return none('This line is gone already.')
    if (line.amount.kind !== 'pieces') return none('Only a line of single pieces can be split.')
    const most = Math.min(line.amount.pieces - 1, Math.floor(mostPieces))
    if (!Number.isInteger(pieces) || pieces < 1 || pieces > most)
      return none(
        most < 1
          ? 'pieces: nothing is left of this line to make another way.'
          : `pieces: read ${pieces}; allowed is a whole number from 1 to ${most}.`,
      )
    const after = (await db.lines.where('commissionId').equals(line.commissionId).toArray())
      .filter((other) => !other.removed && other.order > line.order)
      .sort(byOrder)[0]
    const order = after ? (line.order + after.order) / 2 : line.order + 1
    const { choices: _choices, materials: _materials, fieldsAt: _fieldsAt, drawn: _drawn, ...alike } = line
    const made = check(lineSchema, {
      ...alike,
      id: newId(),
      changedAt: now(),
      name: `${line.name.slice(0, 100)}, ${zone}`,
      order,
      amount: { kind: 'pieces', pieces },
      methodId,
      zone,
    })
    if (made.kind === 'none') return made
    const rest = { kind: 'pieces' as const, pieces: line.amount.pieces - pieces }
    await db.lines.put(withChange(line, { amount: rest }, now()))
    await db.lines.add(made.value)
    return made
  })
}

/** Takes a line out of sight. Refused while a batch of it is open. */
export const removeLine = undoable(
  ['lines'],
  ['batches', 'openBatches'],
  ({ name }: Line) => `the line “${name}”`,
  takeLine,
)
async function takeLine({ db, now }: CommandContext, id: string): Promise<Reading<Line>> {
  return db.transaction('rw', [db.lines, db.batches, db.openBatches], async () => {
    const line = await db.lines.get(id)
    if (!line) return none('This line is gone already.')
    const open = await openBatchName(db, new Set([id]))
    if (open !== undefined) return none(`“${open}” is still open. Finish or abandon it first.`)
    const removed = withChange(line, { removed: true }, now())
    await db.lines.put(removed)
    return ok(removed)
  })
}

/** An open batch that is there for one of some lines. */
async function openBatchName(
  db: CommandContext['db'],
  lineIds: ReadonlySet<string>,
): Promise<string | undefined> {
  const ids = (await db.openBatches.toArray()).map(({ id }) => id)
  const open = await db.batches.bulkGet(ids)
  return open.find((batch) => batch && lineIds.has(lineOf(batch) ?? ''))?.name
}

/** Takes a part of the board that is kept clear away again. */
export const removeKeepOut = undoable(
  ['commissions'],
  [],
  ({ name }: Commission) => `a keep-out of “${name}”`,
  (context: CommandContext, commissionId: string, id: string) =>
    changeCommission(context, commissionId, ({ keepOuts = [] }) => ({
      keepOuts: keepOuts.filter((keepOut) => keepOut.id !== id),
    })),
)

export const changeCommission = (
  { db, now }: CommandContext,
  id: string,
  change: Change<Commission>,
): Promise<Reading<Commission>> =>
  changeRecord<Commission>(
    db,
    db.commissions,
    commissionSchema,
    id,
    change,
    now(),
    'This commission is gone already.',
  )

export const changeLine = (
  { db, now }: CommandContext,
  id: string,
  change: Change<Line>,
): Promise<Reading<Line>> =>
  changeRecord<Line>(db, db.lines, lineSchema, id, change, now(), 'This line is gone already.')

export const changeSettings = (
  { db, now }: CommandContext,
  change: Change<Settings>,
): Promise<Reading<Settings>> =>
  changeRecord<Settings>(db, db.settings, settingsSchema, 'settings', change, now(), 'The settings are gone.')

/** Takes another material for some slots of lines, all in one. @returns how many lines were changed */
export async function substituteMaterial(
  { db, now }: CommandContext,
  takers: readonly { readonly lineId: string; readonly slot: string }[],
  materialId: string,
): Promise<Reading<number>> {
  return db.transaction('rw', [db.lines, db.materials], async () => {
    const material = await db.materials.get(materialId)
    if (!material || material.removed) return none('The material is gone.')
    const changed = new Map<string, Line>()
    for (const { lineId, slot } of takers) {
      const line = changed.get(lineId) ?? (await db.lines.get(lineId))
      if (!line || line.removed) continue
      const next = check(
        lineSchema,
        withChange(line, { materials: { ...line.materials, [slot]: materialId } }, now()),
      )
      if (next.kind === 'none') return next
      changed.set(lineId, next.value)
    }
    if (changed.size === 0) return none('No line takes it any more.')
    await db.lines.bulkPut([...changed.values()])
    return ok(changed.size)
  })
}
