import { batchSchema, plantedLine, type Batch } from '../../../core/batches'
import {
  layingSchema,
  personSchema,
  timeSchema,
  type LaidWork,
  type Laying,
  type Person,
  type TimeRecord,
} from '../../../core/schedule'
import type { BusyTime } from '../../../core/schedule/busy-file'
import { counted, none, ok, type Reading } from '../../../core/units'
import { withChange } from '../../../core/workshop'
import { endBatch, planBatch, tablesOfEnding, tablesOfPlanning } from './bench'
import { undoable } from '../taken-away'
import { check, type CommandContext } from './context'
import { changeRecord, saveRecord, type Draft } from './records'
import { Refused, refusedWhole, wanted } from './refused'

/** Names someone who works at the bench, or names them anew. */
export async function savePerson(
  { db, now, newId }: CommandContext,
  draft: Draft<Person>,
): Promise<Reading<Person>> {
  return db.transaction('rw', db.people, async () => {
    const others = await db.people.filter(({ id, removed }) => id !== draft.id && !removed).toArray()
    const same = others.find(({ name }) => name.toLowerCase() === draft.name.trim().toLowerCase())
    if (same) return none(`There is a ${same.name} already; another name keeps them apart.`)
    return saveRecord<Person>(db, db.people, personSchema, draft, now(), newId)
  })
}

/** Takes someone out. Time that was theirs alone goes with them; of what they share the others keep theirs. */
export const removePerson = undoable(
  ['people', 'times'],
  [],
  ({ name }: Person) => `${name}, and the time that was theirs alone`,
  takePerson,
)
async function takePerson({ db, now }: CommandContext, id: string): Promise<Reading<Person>> {
  return db.transaction('rw', [db.people, db.times], async () => {
    const times = await db.times.filter((time) => 'people' in time && time.people.includes(id)).toArray()
    for (const time of times) {
      if (!('people' in time)) continue
      const left = time.people.filter((other) => other !== id)
      // Nobody named would mean everybody.
      await db.times.put(withChange(time, left.length > 0 ? { people: left } : { removed: true }, now()))
    }
    return changeRecord<Person>(
      db,
      db.people,
      personSchema,
      id,
      { removed: true },
      now(),
      'They are gone already.',
    )
  })
}

/** Time as a form has it: without an id it is new. */
export type TimeDraft = TimeRecord extends infer T
  ? T extends TimeRecord
    ? Omit<T, 'id' | 'changedAt' | 'fieldsAt' | 'removed'> & { readonly id?: string }
    : never
  : never

/** Why a stretch of time makes no sense, in words for the form; undefined where it does. */
function senseless(draft: TimeDraft): string | undefined {
  if ('from' in draft && 'date' in draft && draft.from === draft.to)
    return `The session ends when it begins, at ${draft.from}.`
  if (draft.kind === 'weekly') {
    if (draft.from === draft.to) return `The session ends when it begins, at ${draft.from}.`
    if (draft.since && draft.until && draft.until < draft.since)
      return `It ends on ${draft.until}, before it begins on ${draft.since}.`
  }
  if ((draft.kind === 'off' || draft.kind === 'busy') && draft.to < draft.from)
    return `It ends (${draft.to}) before it begins (${draft.from}).`
  return undefined
}

/** Writes a session, days off, an answer about the weather; or changes one. */
export async function saveTime(
  { db, now, newId }: CommandContext,
  draft: TimeDraft,
): Promise<Reading<TimeRecord>> {
  const because = senseless(draft)
  if (because !== undefined) return none(because)
  return db.transaction('rw', db.times, async () => {
    const before = draft.id === undefined ? undefined : await db.times.get(draft.id)
    const checked = check(
      timeSchema,
      before
        ? withChange(before, draft as Partial<TimeRecord>, now())
        : { ...draft, id: draft.id ?? newId(), changedAt: now() },
    )
    if (checked.kind === 'ok') await db.times.put(checked.value)
    return checked
  })
}

/** What each kind of time is called when it has been taken out. */
const timeWords: Record<TimeRecord['kind'], string> = {
  weekly: 'a session of each week',
  once: 'a session of one day',
  off: 'days off',
  outdoors: 'hours outdoors',
  busy: 'a busy time',
}

export const removeTime = undoable(
  ['times'],
  [],
  ({ kind }: TimeRecord) => timeWords[kind],
  ({ db, now }: CommandContext, id: string): Promise<Reading<TimeRecord>> =>
    changeRecord<TimeRecord>(db, db.times, timeSchema, id, { removed: true }, now(), 'It is gone already.'),
)

/** Takes over what keeps some people busy, by a calendar file: what an earlier file said of them is replaced. */
export const takeBusy = undoable(
  ['times'],
  [],
  (_answer: { readonly added: number; readonly replaced: number }) => 'the busy times that were read before',
  putBusy,
)
async function putBusy(
  { db, now, newId }: CommandContext,
  people: readonly string[],
  busy: readonly BusyTime[],
): Promise<Reading<{ readonly added: number; readonly replaced: number }>> {
  const iso = (ms: number): string => new Date(ms).toISOString()
  const at = now()
  const rows: TimeRecord[] = []
  for (const { uid, fromMs, toMs, why } of busy) {
    const draft = {
      id: newId(),
      changedAt: at,
      kind: 'busy',
      from: iso(fromMs),
      to: iso(toMs),
      people,
      why,
      uid,
    }
    const checked = check(timeSchema, draft)
    if (checked.kind === 'none') return checked
    rows.push(checked.value)
  }
  const whose = [...people].sort().join(' ')
  return db.transaction('rw', db.times, async () => {
    const before = await db.times
      .filter(
        (time) =>
          time.kind === 'busy' &&
          time.uid !== undefined &&
          !time.removed &&
          [...time.people].sort().join(' ') === whose,
      )
      .toArray()
    await db.times.bulkPut(before.map((time) => withChange(time, { removed: true }, at)))
    await db.times.bulkAdd(rows)
    return ok({ added: rows.length, replaced: before.length })
  })
}

/**
 * Keeps how batches are laid, all of them in one transaction: refused where one of them has gone or ended meanwhile.
 * @param laid by batch, where its works lie
 */
export async function keepLaying(
  { db, now }: CommandContext,
  laid: readonly { readonly batchId: string; readonly works: readonly LaidWork[] }[],
): Promise<Reading<number>> {
  return db.transaction('rw', [db.layings, db.openBatches], async () => {
    const rows: Laying[] = []
    for (const { batchId, works } of laid) {
      if (!(await db.openBatches.get(batchId)))
        return none('A batch of this plan has ended meanwhile. Lay it again.')
      const before = await db.layings.get(batchId)
      const checked = check(
        layingSchema,
        before
          ? withChange(before, { works: [...works], removed: undefined }, now())
          : { id: batchId, changedAt: now(), works },
      )
      if (checked.kind === 'none') return checked
      rows.push(checked.value)
    }
    await db.layings.bulkPut(rows)
    return ok(rows.length)
  })
}

/** Says of a batch what it must follow, or the day that it is promised for; undefined takes it back. */
export async function changeLaying(
  { db, now }: CommandContext,
  batchId: string,
  change: Partial<Pick<Laying, 'follows' | 'due'>>,
): Promise<Reading<Laying>> {
  return db.transaction('rw', [db.layings, db.batches], async () => {
    if (!(await db.batches.get(batchId))) return none('This batch is gone.')
    if (change.follows !== undefined && !(await db.batches.get(change.follows)))
      return none('The batch that it is to follow is gone.')
    if (change.follows === batchId) return none('A batch can’t follow itself.')
    const before = await db.layings.get(batchId)
    const checked = check(
      layingSchema,
      before
        ? withChange(before, change as Partial<Laying>, now())
        : { id: batchId, changedAt: now(), works: [], ...change },
    )
    if (checked.kind === 'ok') await db.layings.put(checked.value)
    return checked
  })
}

/** How batches are planned that go together. */
export interface Together {
  /** The first is one piece that is judged before the others are begun. */
  readonly pilot: boolean
  /** The day that they are promised for, where that is not their commission's. */
  readonly due?: string
  /** A batch that they take the place of: planned, and not begun. */
  readonly insteadOf?: string
}

/** Plans batches of one line that go together, in one transaction; in the place of one that is too large, if asked. */
export async function planBatches(
  context: CommandContext,
  drafts: readonly Omit<Batch, 'id' | 'madeAt'>[],
  { pilot, due, insteadOf }: Together,
): Promise<Reading<readonly Batch[]>> {
  const { db, now } = context
  const touched = [db.lines, db.layings, ...tablesOfEnding(db)]
  // All of them are looked at before the first is written.
  for (const draft of drafts) {
    const checked = check(batchSchema, { ...draft, id: 'draft', madeAt: now() })
    if (checked.kind === 'none') return checked
  }
  return db
    .transaction('rw', touched, async () => {
      const batches = await planEach(context, drafts)
      const [first] = batches
      const before = insteadOf === undefined ? undefined : await db.layings.get(insteadOf)
      const by = due ?? before?.due
      for (const batch of batches) {
        const { id } = batch
        const isAfterPilot = pilot && first && id !== first.id && plantedLine(batch) === undefined
        const follows = isAfterPilot ? first.id : before?.follows
        const laying = {
          id,
          changedAt: now(),
          works: [],
          ...(follows === undefined ? {} : { follows }),
          ...(by === undefined ? {} : { due: by }),
        }
        const checked = check(layingSchema, laying)
        if (checked.kind === 'none') throw new Refused(checked.because)
        await db.layings.put(checked.value)
      }
      const last = batches.findLast((batch) => plantedLine(batch) === undefined)
      if (insteadOf === undefined || !last) return ok(batches)
      await replace(context, insteadOf, last, batches.length)
      return ok(batches)
    })
    .catch(refusedWhole)
}

/** Plans the planting of several lines in one transaction: all of them, or none. */
export async function planPlanting(
  context: CommandContext,
  drafts: readonly Omit<Batch, 'id' | 'madeAt'>[],
): Promise<Reading<readonly Batch[]>> {
  return context.db
    .transaction('rw', tablesOfPlanning(context.db), async () => ok(await planEach(context, drafts)))
    .catch(refusedWhole)
}

/** @throws Refused for the first that can't be planned */
async function planEach(
  context: CommandContext,
  drafts: readonly Omit<Batch, 'id' | 'madeAt'>[],
): Promise<Batch[]> {
  const batches: Batch[] = []
  for (const draft of drafts) batches.push(wanted(await planBatch(context, draft)))
  return batches
}

/** Sets a planned batch aside for others; what was to follow it follows the last of them. */
async function replace(context: CommandContext, batchId: string, last: Batch, count: number): Promise<void> {
  const { db, now } = context
  if ((await db.events.where('batchId').equals(batchId).count()) > 0)
    throw new Refused('It has been begun meanwhile: what is left of it can’t be planned anew.')
  const reason = `planned in ${counted(count, 'smaller batch', 'smaller batches')}`
  const ended = await endBatch(
    context,
    batchId,
    { type: 'abandon', reason, handsMin: 0, used: [], kept: [] },
    true,
  )
  if (ended.kind !== 'ok')
    throw new Refused(ended.kind === 'none' ? ended.because : 'It could not be set aside.')
  const followers = await db.layings.filter(({ follows }) => follows === batchId).toArray()
  await db.layings.bulkPut(followers.map((laying) => withChange(laying, { follows: last.id }, now())))
}
