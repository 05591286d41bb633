import 'fake-indexeddb/auto'
import {
  changeLaying,
  keepLaying,
  planBatches,
  removePerson,
  removeTime,
  savePerson,
  saveTime,
  takeBusy,
  type TimeDraft,
} from '../../../app/db/commands/calendar'
import { endBatch } from '../../../app/db/commands/bench'
import { foldRun, noticesAt } from '../../../core/batches'
import { batch, play } from '../../support/workshop'
import { bench, value, withBatch } from '../../support/commands'

const because = (reading: { kind: string; because?: string }): string => reading.because ?? 'it was done'
const tuesday: TimeDraft = { kind: 'weekly', weekday: 2, from: '19:00', to: '21:30', people: [] }
const works = [
  {
    step: 'soak',
    part: 0,
    person: 'ada',
    start: '2026-12-01T18:00:00.000Z',
    end: '2026-12-01T18:30:00.000Z',
  },
]

describe('people and their time', () => {
  test('a person is named once, and time that was theirs alone goes with them', async () => {
    const context = await bench()
    const ada = value(await savePerson(context, { name: 'Ada' }))
    const bo = value(await savePerson(context, { name: 'Bo' }))
    expect(because(await savePerson(context, { name: ' ada ' }))).toContain('There is a Ada already')
    const own = value(await saveTime(context, { ...tuesday, people: [ada.id] }))
    const both = value(await saveTime(context, { ...tuesday, people: [ada.id, bo.id] }))
    const all = value(await saveTime(context, tuesday))
    value(await removePerson(context, ada.id))
    expect((await context.db.times.get(own.id))?.removed).toBe(true)
    expect(await context.db.times.get(both.id)).toMatchObject({ people: [bo.id] })
    expect(await context.db.times.get(all.id)).toMatchObject({ people: [] })
    expect((await context.db.times.get(all.id))?.removed).toBeUndefined()
    expect(because(await removePerson(context, ada.id))).toContain('gone already')
  })

  test.each<[string, TimeDraft, string]>([
    ['no minute', { ...tuesday, to: '19:00' }, 'ends when it begins'],
    ['an hour that is not', { ...tuesday, from: '25:00' }, 'from'],
    ['an eighth day', { ...tuesday, weekday: 8 }, 'weekday'],
    ['an end before its start', { ...tuesday, since: '2026-12-02', until: '2026-12-01' }, 'before it begins'],
    [
      'days off backwards',
      { kind: 'off', from: '2026-12-02', to: '2026-12-01', people: [], why: '' },
      'before it begins',
    ],
    [
      'a day that is not',
      { kind: 'once', date: '2026-02-30', from: '10:00', to: '12:00', people: [] },
      'date',
    ],
  ])('%s is refused, and nothing is stored', async (_, draft, words) => {
    const context = await bench()
    expect(because(await saveTime(context, draft))).toContain(words)
    expect(await context.db.times.count()).toBe(0)
  })

  test('a session past midnight is one; what is changed keeps the rest; what is taken out is a marker', async () => {
    const context = await bench()
    const night = value(await saveTime(context, { ...tuesday, from: '22:30', to: '00:30' }))
    const later = value(
      await saveTime(context, {
        kind: 'weekly',
        id: night.id,
        weekday: 3,
        from: '22:30',
        to: '00:30',
        people: [],
      }),
    )
    expect(later).toMatchObject({ id: night.id, weekday: 3, to: '00:30' })
    value(await removeTime(context, night.id))
    expect((await context.db.times.get(night.id))?.removed).toBe(true)
    expect(because(await removeTime(context, night.id))).toContain('gone')
  })

  test('another calendar file takes the place of the one before, of the same people only', async () => {
    const context = await bench()
    const ada = value(await savePerson(context, { name: 'Ada' }))
    const at = Date.parse('2026-12-01T18:00:00.000Z')
    const choir = { uid: 'c', fromMs: at, toMs: at + 3_600_000, why: 'Choir' }
    expect(value(await takeBusy(context, [ada.id], [choir]))).toEqual({ added: 1, replaced: 0 })
    expect(value(await takeBusy(context, [], [choir]))).toEqual({ added: 1, replaced: 0 })
    expect(value(await takeBusy(context, [ada.id], [choir, { ...choir, uid: 'd' }]))).toEqual({
      added: 2,
      replaced: 1,
    })
    expect(await context.db.times.filter(({ removed }) => !removed).count()).toBe(3)
  })
})

describe('a plan that is kept', () => {
  test('is written for all its batches or for none, and leaves a promise alone', async () => {
    const context = await bench()
    const { id } = await withBatch(context)
    value(await changeLaying(context, id, { due: '2026-12-12' }))
    expect(value(await keepLaying(context, [{ batchId: id, works }]))).toBe(1)
    expect(await context.db.layings.get(id)).toMatchObject({ works, due: '2026-12-12' })
    const other = [{ ...works[0]!, step: 'paint' }]
    expect(
      because(
        await keepLaying(context, [
          { batchId: id, works: other },
          { batchId: 'gone', works },
        ]),
      ),
    ).toContain('ended meanwhile')
    expect(await context.db.layings.get(id)).toMatchObject({ works })
  })

  test('of a batch that has ended is refused', async () => {
    const context = await bench()
    const { id } = await withBatch(context)
    value(
      (await endBatch(
        context,
        id,
        { type: 'abandon', reason: 'late', handsMin: 0, used: [] },
        true,
      )) as never,
    )
    expect(because(await keepLaying(context, [{ batchId: id, works }]))).toContain('ended meanwhile')
  })

  test('a batch follows another that is there, not itself; and is let go again', async () => {
    const context = await bench()
    const { id } = await withBatch(context)
    expect(because(await changeLaying(context, id, { follows: id }))).toContain('follow itself')
    expect(because(await changeLaying(context, id, { follows: 'gone' }))).toContain('is gone')
    expect(because(await changeLaying(context, 'gone', {}))).toContain('gone')
    value(await changeLaying(context, id, { due: '2026-12-12' }))
    value(await changeLaying(context, id, { due: undefined }))
    expect(await context.db.layings.get(id)).not.toHaveProperty('due')
  })

  test('batches that go together are planned together, the others after the pilot', async () => {
    const context = await bench()
    await withBatch(context)
    const { id: _id, madeAt: _madeAt, ...draft } = batch()
    const [pilot, ...rest] = value(
      await planBatches(context, [{ ...draft, pieces: 1 }, draft, draft], { pilot: true, due: '2026-12-12' }),
    )
    const layings = await context.db.layings.bulkGet(rest.map(({ id }) => id))
    expect(layings.map((laying) => laying?.follows)).toEqual([pilot?.id, pilot?.id])
    expect((await context.db.layings.get(pilot?.id ?? ''))?.follows).toBeUndefined()
    expect(layings.map((laying) => laying?.due)).toEqual(['2026-12-12', '2026-12-12'])
    // One that can't be planned leaves none of them.
    const before = await context.db.batches.count()
    expect(because(await planBatches(context, [draft, { ...draft, pieces: 0 }], { pilot: false }))).toContain(
      'pieces',
    )
    expect(await context.db.batches.count()).toBe(before)
  })

  test('smaller ones take the place of one that is planned, with its promise and what goes before and after it', async () => {
    const context = await bench()
    await withBatch(context)
    const { id: _id, madeAt: _madeAt, ...draft } = batch()
    const [first, large, after] = value(await planBatches(context, [draft, draft, draft], { pilot: false }))
    await changeLaying(context, large!.id, { follows: first!.id, due: '2026-12-12' })
    await changeLaying(context, after!.id, { follows: large!.id })
    const half = { ...draft, pieces: Math.ceil(draft.pieces / 2) }
    const small = value(await planBatches(context, [half, half], { pilot: false, insteadOf: large!.id }))
    const layings = await context.db.layings.bulkGet(small.map(({ id }) => id))
    expect(layings.map((laying) => [laying?.follows, laying?.due])).toEqual([
      [first!.id, '2026-12-12'],
      [first!.id, '2026-12-12'],
    ])
    expect((await context.db.layings.get(after!.id))?.follows).toBe(small[1]?.id)
    expect(await context.db.openBatches.get(large!.id)).toBeUndefined()
    const [ended] = await context.db.events.where('batchId').equals(large!.id).toArray()
    expect(ended?.deed).toMatchObject({ type: 'abandon', reason: 'planned in 2 smaller batches', used: [] })
  })

  test('one that has been begun meanwhile is not replaced, and nothing is written', async () => {
    const context = await bench()
    const own = await withBatch(context)
    const { id: _id, madeAt: _madeAt, ...draft } = batch()
    const before = await context.db.batches.count()
    expect(
      because(await planBatches(context, [draft, draft], { pilot: false, insteadOf: own.id })),
    ).toContain('begun meanwhile')
    expect(await context.db.batches.count()).toBe(before)
    expect(await context.db.openBatches.get(own.id)).toBeDefined()
  })
})

describe('notices', () => {
  const own = batch()
  const events = play(own, [{ type: 'start' }])
  const open = (state: object) => [
    { batch: own, run: { ...foldRun(own, events), state: { ...foldRun(own, events).state, ...state } } },
  ]

  test('say once that something is dry, from the moment that it is', () => {
    const wait = { sinceMs: 0, untilMs: 1_000_000 }
    const waiting = open({ wait, waits: new Map([[0, wait]]) })
    expect(noticesAt(waiting, 999_999)).toEqual([])
    const [told] = noticesAt(waiting, 1_000_000)
    expect(told?.title).toBe(`${own.name}: dry`)
    expect(noticesAt(waiting, 2_000_000)[0]?.key).toBe(told?.key)
  })

  test('say that a window closes ten minutes before it does, and no more once it has', () => {
    // The first step is behind; the second, which follows it, is not.
    const tacky = open({
      followByMs: 1_000_000,
      closes: new Map([[0, 1_000_000]]),
      past: [true, false, false],
    })
    expect(noticesAt(tacky, 1_000_000 - 11 * 60_000)).toEqual([])
    expect(noticesAt(tacky, 1_000_000 - 9 * 60_000)[0]?.text).toContain('9 min')
    expect(noticesAt(tacky, 1_000_000)).toEqual([])
  })
})
