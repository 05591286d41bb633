import fc from 'fast-check'
import { decide, foldRun, type BatchAction, type RunEvent } from '../../../core/batches'
import { batch, ids, minutesAfter, play } from '../../support/workshop'

const five = batch()
const finish: BatchAction = { type: 'finish', tray: 'T1', date: '2026-10-04', handsMin: 20, used: [] }
const all = (step: number, count = 5): BatchAction => ({ type: 'pieces', step, count })

/** Goes on with a copy of a run: deeds that fit are written, with ids and a clock of its own. */
function goOn(
  before: readonly RunEvent[],
  deeds: readonly BatchAction[],
  name: string,
  clockOff = 0,
): RunEvent[] {
  const events = [...before]
  const newId = ids(name)
  deeds.forEach((deed, i) => {
    const wish = deed.type === 'undo' && deed.target === 'last' ? lastOf(events) : deed
    if (!wish) return
    const written = decide(five, foldRun(five, events), wish, minutesAfter(100 + i + clockOff), newId())
    if (written.kind === 'ok') events.push(written.value)
  })
  return events
}
const lastOf = (events: readonly RunEvent[]): BatchAction | undefined => {
  const target = foldRun(five, events).history.at(-1)?.id
  return target === undefined ? undefined : { type: 'undo', target }
}
const union = (...copies: readonly (readonly RunEvent[])[]): RunEvent[] => [
  ...new Map(copies.flat().map((event) => [event.id, event])).values(),
]

describe('entries name what they follow from', () => {
  const common = play(five, [{ type: 'start' }, all(0)])

  test('each names the one before it, an undoing too', () => {
    const events = goOn(common, [all(1, 2), { type: 'undo', target: 'last' }, all(1, 3)], 'a')
    expect(events.map(({ after }) => after)).toEqual([undefined, ...events.slice(0, -1).map(({ id }) => id)])
  })

  test('of two copies that went on apart the longer line counts; the other is set aside, and shown', () => {
    const here = goOn(common, [all(1, 2), all(1, 3)], 'here')
    const there = goOn(common, [all(1, 4)], 'there')
    const run = foldRun(five, union(here, there))
    expect(run.state.phase).toBe('waiting')
    expect(run.setAside.map(({ id }) => id)).toEqual(['there00001'])
  })

  test('a batch finished on both counts once, whichever clock was wrong', () => {
    const done = goOn(common, [all(1), { type: 'advance', step: 1, early: true }, all(2)], 'c')
    const here = goOn(done, [finish], 'here')
    const there = goOn(done, [finish], 'there', 60 * 24 * 365)
    const run = foldRun(five, union(here, there))
    expect(run.history.filter(({ deed }) => deed.type === 'finish')).toHaveLength(1)
    expect(run.setAside).toHaveLength(1)
    expect(foldRun(five, union(there, here))).toEqual(run)
  })

  test('a copy that finished counts before one that only went further', () => {
    const done = goOn(common, [all(1), { type: 'advance', step: 1, early: true }, all(2)], 'c')
    const ended = goOn(done, [finish], 'x')
    const fussed = goOn(done, [{ type: 'pause' }, { type: 'resume' }, { type: 'pause' }], 'a')
    expect(foldRun(five, union(ended, fussed)).state.phase).toBe('finished')
  })

  test('an undoing is kept, wherever its target lies', () => {
    const here = goOn(common, [{ type: 'undo', target: 'last' }], 'here')
    const there = goOn(common, [{ type: 'weigh-in', materialId: 'pva', grams: 9, unitsPerG: 1 }], 'there')
    const run = foldRun(five, union(here, there))
    // The pieces of the first step are undone on both; the weighing stands.
    expect(run.state).toMatchObject({ stepIndex: 0, doneInStep: 0 })
    expect(run.state.weighing.has('pva')).toBe(true)
    expect(run.setAside).toEqual([])
  })

  test('both undo the same entry: it is undone once, and the second undoing is set aside', () => {
    const here = goOn(common, [{ type: 'undo', target: 'last' }], 'here')
    const there = goOn(common, [{ type: 'undo', target: 'last' }], 'there')
    const run = foldRun(five, union(here, there))
    expect(run.state.doneInStep).toBe(0)
    expect(run.setAside.map(({ id }) => id)).toEqual(['there00001'])
  })

  test('an entry that follows from nothing known is set aside, and a circle of them does no harm', () => {
    const orphan: RunEvent = {
      id: 'o',
      batchId: 'b1',
      after: 'nowhere',
      at: minutesAfter(1),
      deed: { type: 'pause' },
    }
    const circle: RunEvent[] = [
      { id: 'p', batchId: 'b1', after: 'q', at: minutesAfter(1), deed: { type: 'pause' } },
      { id: 'q', batchId: 'b1', after: 'p', at: minutesAfter(1), deed: { type: 'resume' } },
    ]
    const run = foldRun(five, [...common, orphan, ...circle])
    expect(run.setAside.map(({ id }) => id).sort()).toEqual(['o', 'p', 'q'])
    expect(run.state.stepIndex).toBe(1)
  })

  const deed: fc.Arbitrary<BatchAction> = fc.oneof(
    fc.constantFrom<BatchAction>(
      { type: 'pause' },
      { type: 'resume' },
      finish,
      { type: 'abandon', reason: 'x', handsMin: 1, used: [] },
      { type: 'undo', target: 'last' },
      { type: 'undo', target: 'last' },
    ),
    fc.record({
      type: fc.constant('pieces' as const),
      step: fc.nat(2),
      count: fc.integer({ min: 1, max: 5 }),
    }),
    fc.record({ type: fc.constant('advance' as const), step: fc.nat(2), early: fc.constant(true) }),
  )
  const copy = fc.tuple(fc.array(deed, { maxLength: 12 }), fc.integer({ min: -500_000, max: 500_000 }))

  test('what counts follows from the set of entries alone: in any order, from any of three copies, at any clocks', () => {
    fc.assert(
      fc.property(
        fc.array(deed, { maxLength: 10 }),
        copy,
        copy,
        copy,
        fc.func(fc.nat()),
        (first, a, b, c, mix) => {
          const shared = goOn(play(five, [{ type: 'start' }]), first, 's')
          const [x, y, z] = [a, b, c].map(([deeds, off], i) => goOn(shared, deeds, 'xyz'[i]!, off)) as [
            RunEvent[],
            RunEvent[],
            RunEvent[],
          ]
          const run = foldRun(five, union(x, y, z))
          expect(foldRun(five, union(z, union(y, x)))).toEqual(run)
          expect(
            foldRun(
              five,
              [...union(x, y, z)].sort((p, q) => mix(p.id) - mix(q.id)),
            ),
          ).toEqual(run)
          // Nothing is lost: each entry counts, is undone, undoes, or is set aside.
          const aside = new Set(run.setAside.map(({ id }) => id))
          expect(run.history.every(({ id }) => !aside.has(id))).toBe(true)
          const ends = run.history.filter(({ deed: { type } }) => type === 'finish' || type === 'abandon')
          expect(ends.length).toBeLessThanOrEqual(1)
          // Work can go on from there, unless it has ended.
          const next = decide(
            five,
            run,
            { type: run.state.paused ? 'resume' : 'pause' },
            minutesAfter(9e5),
            'n',
          )
          if (ends.length === 0 && run.state.begun) expect(next.kind).toBe('ok')
        },
      ),
      { numRuns: 200 },
    )
  })
})
