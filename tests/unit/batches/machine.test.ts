import fc from 'fast-check'
import {
  decide,
  foldRun,
  LONGEST_GAP_MS,
  proposedUse,
  type BatchAction,
  type RunEvent,
  type RunState,
} from '../../../core/batches'
import { batch, ids, minutesAfter, play } from '../../support/workshop'

const five = batch()
const finish: BatchAction = { type: 'finish', tray: 'T1', date: '2026-10-04', handsMin: 20, used: [] }
const abandon: BatchAction = { type: 'abandon', reason: 'glue was off', handsMin: 5, used: [] }
const all = (step: number, count = 5): BatchAction => ({ type: 'pieces', step, count })
const refused = (events: RunEvent[], deed: BatchAction, at = minutesAfter(500)): string => {
  const answer = decide(five, foldRun(five, events), deed, at, 'new')
  return answer.kind === 'none' ? answer.because : 'it was allowed'
}

describe('a run', () => {
  test('goes step by step, waits while it dries, and ends with the good pieces', () => {
    let events = play(five, [{ type: 'start' }, { type: 'pieces', step: 0, count: 2 }])
    expect(foldRun(five, events).state).toMatchObject({ phase: 'hands', stepIndex: 0, doneInStep: 2 })
    events = play(five, [all(0, 3)], events)
    expect(foldRun(five, events).state).toMatchObject({ phase: 'hands', stepIndex: 1, doneInStep: 0 })
    events = play(five, [{ deed: all(1), at: minutesAfter(10) }], events)
    const waiting = foldRun(five, events).state
    expect(waiting.phase).toBe('waiting')
    expect(new Date(waiting.wait!.untilMs).toISOString()).toBe(minutesAfter(40))
    expect(refused(events, { type: 'advance', step: 1 }, minutesAfter(39))).toBe('The wait is not over.')
    events = play(
      five,
      [
        { deed: { type: 'advance', step: 1 }, at: minutesAfter(41) },
        { deed: { type: 'reject', step: 2, count: 1, reason: 'one-sided' }, at: minutesAfter(42) },
        { deed: all(2, 4), at: minutesAfter(43) },
        { deed: finish, at: minutesAfter(44) },
      ],
      events,
    )
    expect(foldRun(five, events).state).toMatchObject({
      phase: 'finished',
      live: 4,
      rejects: [{ count: 1, reason: 'one-sided', step: 2 }],
    })
  })

  test('a wait can be ended early, and the entry says so', () => {
    const events = play(five, [{ type: 'start' }, all(0), all(1), { type: 'advance', step: 1, early: true }])
    expect(foldRun(five, events).state).toMatchObject({ phase: 'hands', stepIndex: 2 })
  })

  test('the same step is not finished twice, whichever window says it', () => {
    const before = play(five, [{ type: 'start' }])
    const seen = foldRun(five, before)
    const first = decide(five, seen, all(0), minutesAfter(5), 'tab-a')
    if (first.kind === 'none') throw new Error(first.because)
    expect(refused([...before, first.value], all(0))).toMatch(/behind us/)
    expect(refused([...before, first.value], { type: 'undo', target: before[0]!.id })).toMatch(
      /Something else was done/,
    )
  })

  test('more pieces than are left are refused with both numbers', () => {
    expect(refused(play(five, [{ type: 'start' }, all(0, 4)]), all(0, 2))).toBe(
      'Only 1 of 5 are left to do in this step; 2 were marked.',
    )
    expect(
      refused(play(five, [{ type: 'start' }]), { type: 'reject', step: 0, count: 6, reason: 'x' }),
    ).toMatch(/Only 5 good pieces/)
  })

  test('a rejected piece may be the one that completes the step', () => {
    const events = play(five, [
      { type: 'start' },
      all(0, 4),
      { type: 'reject', step: 0, count: 1, reason: 'broke' },
    ])
    expect(foldRun(five, events).state).toMatchObject({ stepIndex: 1, live: 4, doneInStep: 0 })
  })

  test('a reject can be a piece that is done or one that is not, also after a window and while it dries', () => {
    const half = play(five, [{ type: 'start' }, all(0), { type: 'pieces', step: 1, count: 2 }])
    const state = (deeds: BatchAction[]) => foldRun(five, play(five, deeds, half)).state
    expect(state([{ type: 'reject', step: 1, count: 1, of: 'done', reason: 'clogged' }])).toMatchObject({
      live: 4,
      doneInStep: 1,
    })
    expect(state([{ type: 'reject', step: 1, count: 1, of: 'open', reason: 'broke' }])).toMatchObject({
      live: 4,
      doneInStep: 2,
    })
    expect(refused(half, { type: 'reject', step: 1, count: 3, of: 'done', reason: 'x' })).toBe(
      'Only 2 pieces of this step are done; 3 were rejected.',
    )
    const drying = play(five, [all(1, 3)], half)
    expect(foldRun(five, drying).state.phase).toBe('waiting')
    const fewer = play(five, [{ type: 'reject', step: 1, count: 2, of: 'done', reason: 'fell' }], drying)
    expect(foldRun(five, fewer).state).toMatchObject({ phase: 'waiting', live: 3 })
    // What the two that fell had been through stays used: all five reached the sprinkling.
    const use = proposedUse(five, foldRun(five, fewer)).find(
      ({ materialId }) => materialId === 'foam-fine-mid',
    )
    expect(use?.proposed).toBeCloseTo(8)
  })

  test('a round closes when its pieces are done or gone', () => {
    const round = play(five, [{ type: 'start' }, all(0), { type: 'round', step: 1 }])
    const state = (deeds: BatchAction[]) => foldRun(five, play(five, deeds, round)).state
    const gone: BatchAction = { type: 'reject', step: 1, count: 1, of: 'open', reason: 'broke' }
    expect(state([all(1, 2)]).round).toMatchObject({ left: 1 })
    expect(state([all(1, 2), gone]).round).toBeUndefined()
    // A finished piece that is thrown out leaves the round's others to be done.
    const spoilt: BatchAction = { type: 'reject', step: 1, count: 1, of: 'done', reason: 'clogged' }
    expect(state([all(1, 2), spoilt]).round).toMatchObject({ left: 1 })
  })

  test('what a wait allows at most is carried into the step that must follow', () => {
    const drying = play(five, [{ type: 'start' }, all(0), { deed: all(1), at: minutesAfter(10) }])
    const on = play(five, [{ deed: { type: 'advance', step: 1 }, at: minutesAfter(50) }], drying)
    expect(foldRun(five, on).state.followByMs).toBe(Date.parse(minutesAfter(10 + 1440)))
    expect(foldRun(five, play(five, [all(2)], on)).state.phase).toBe('done')
  })

  test('undoing takes back the deed, not the time that was worked', () => {
    const events = play(five, [
      { deed: { type: 'start' }, at: minutesAfter(0) },
      { deed: { type: 'pieces', step: 0, count: 1 }, at: minutesAfter(15) },
    ])
    const wrong = events.at(-1)!
    const undone = play(
      five,
      [
        { deed: { type: 'undo', target: wrong.id }, at: minutesAfter(25) },
        { deed: { type: 'pieces', step: 0, count: 1 }, at: minutesAfter(30) },
      ],
      events,
    )
    // From the start to the last piece half an hour; without the undone entry the gap would have been too
    // long to be work.
    expect(foldRun(five, undone).state).toMatchObject({ doneInStep: 1, handsMs: 30 * 60_000, gapMs: 0 })
  })

  test('with every piece rejected, it can be finished with none or undone', () => {
    const events = play(five, [{ type: 'start' }, { type: 'reject', step: 0, count: 5, reason: 'mould' }])
    expect(foldRun(five, events).state).toMatchObject({ phase: 'done', live: 0 })
    expect(refused(events, finish)).toBe('it was allowed')
  })

  test('a round shows how many at once and remembers that its window had closed', () => {
    const start = play(five, [
      { type: 'start' },
      all(0),
      { deed: { type: 'round', step: 1 }, at: minutesAfter(10) },
    ])
    expect(foldRun(five, start).state.round).toMatchObject({
      size: 3,
      closesMs: Date.parse(minutesAfter(11)),
    })
    const intime = play(five, [{ deed: all(1, 3), at: minutesAfter(10.9) }], start)
    expect(foldRun(five, intime).state).toMatchObject({ lateRounds: 0, round: undefined })
    const late = play(five, [{ deed: all(1, 3), at: minutesAfter(12) }], start)
    expect(foldRun(five, late).state.lateRounds).toBe(1)
    expect(
      foldRun(five, play(five, [{ deed: { type: 'round', step: 1 }, at: minutesAfter(13) }], late)).state
        .round?.size,
    ).toBe(2)
  })

  test('paused, nothing but going on is done, and the time does not count', () => {
    const events = play(five, [{ type: 'start' }, { type: 'pause' }])
    expect(refused(events, all(0))).toMatch(/paused/)
    const on = play(
      five,
      [
        { deed: { type: 'resume' }, at: minutesAfter(17) },
        { deed: all(0), at: minutesAfter(20) },
      ],
      events,
    )
    expect(foldRun(five, on).state.handsMs).toBe((1 + 3) * 60_000)
  })

  test('a gap too long to be work is summed apart', () => {
    const events = play(five, [
      { type: 'start' },
      { deed: all(0), at: minutesAfter(1 + LONGEST_GAP_MS / 60_000 + 5) },
    ])
    expect(foldRun(five, events).state).toMatchObject({ handsMs: 0, gapMs: LONGEST_GAP_MS + 5 * 60_000 })
  })

  test('what was weighed in less what was weighed out is what was used, in the material’s unit', () => {
    const events = play(five, [
      { type: 'start' },
      { type: 'weigh-in', materialId: 'hairspray', grams: 310, unitsPerG: 1 / 0.75 },
      { type: 'weigh-out', materialId: 'hairspray', grams: 301, unitsPerG: 1 / 0.75 },
      { type: 'weigh-in', materialId: 'foam-fine-mid', grams: 50, unitsPerG: 1 },
      { type: 'weigh-out', materialId: 'foam-fine-mid', grams: 46.5, unitsPerG: 1 },
      { type: 'use', materialId: 'sprigs', quantity: 7 },
    ])
    const { measured } = foldRun(five, events).state
    expect(measured.get('hairspray')).toBeCloseTo(12)
    expect(measured.get('foam-fine-mid')).toBeCloseTo(3.5)
    expect(measured.get('sprigs')).toBe(7)
    expect(refused(events, { type: 'weigh-out', materialId: 'pva', grams: 1, unitsPerG: 1 })).toBe(
      'Weigh it in first.',
    )
    const open = play(five, [{ type: 'weigh-in', materialId: 'pva', grams: 10, unitsPerG: 1 }], events)
    expect(refused(open, { type: 'weigh-out', materialId: 'pva', grams: 11, unitsPerG: 1 })).toMatch(
      /can’t have gained/,
    )
  })
})

/** Where a run stands, but for the time that has passed: that is not undone. */
const withoutTime = ({ handsMs: _h, stepHandsMs: _s, gapMs: _g, lastMs: _l, ...rest }: RunState) => rest

describe('any sequence of deeds', () => {
  const deed: fc.Arbitrary<BatchAction> = fc.oneof(
    fc.constantFrom<BatchAction>({ type: 'start' }, { type: 'pause' }, { type: 'resume' }, finish, abandon),
    fc.record({
      type: fc.constant('pieces' as const),
      step: fc.nat(2),
      count: fc.integer({ min: 1, max: 5 }),
    }),
    fc.record({
      type: fc.constant('reject' as const),
      step: fc.nat(2),
      count: fc.integer({ min: 1, max: 3 }),
      of: fc.constantFrom('done' as const, 'open' as const, undefined),
      reason: fc.constant('x'),
    }),
    fc.record({ type: fc.constant('advance' as const), step: fc.nat(2), early: fc.constant(true) }),
    fc.record({ type: fc.constant('round' as const), step: fc.nat(2) }),
    fc.record({
      type: fc.constantFrom('weigh-in' as const, 'weigh-out' as const),
      materialId: fc.constantFrom('sprigs', 'pva'),
      grams: fc.nat(50),
      unitsPerG: fc.constant(1),
    }),
  )

  test('every reachable state can be finished, abandoned or undone, and an undo gives back the state before', () => {
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 40 }), (deeds) => {
        const newId = ids('e')
        let events: RunEvent[] = []
        deeds.forEach((next, i) => {
          const before = foldRun(five, events)
          const written = decide(five, before, next, minutesAfter(i), newId())
          if (written.kind === 'none') return
          events = [...events, written.value]
          const run = foldRun(five, events)
          expect(run.setAside).toEqual([])
          expect(run.state.live + run.state.rejects.reduce((sum, r) => sum + r.count, 0)).toBe(five.pieces)
          expect(run.state.doneInStep).toBeLessThanOrEqual(run.state.live)
          const ended = run.state.phase === 'finished' || run.state.phase === 'abandoned'
          expect(decide(five, run, abandon, minutesAfter(i), 'z').kind).toBe(ended ? 'none' : 'ok')
          if (run.state.phase === 'done' && !run.state.paused)
            expect(decide(five, run, finish, minutesAfter(i), 'z').kind).toBe('ok')
          const undo = decide(five, run, { type: 'undo', target: written.value.id }, minutesAfter(i), newId())
          if (undo.kind === 'none') throw new Error(undo.because)
          const after = foldRun(five, [...events, undo.value]).state
          expect(withoutTime(after)).toEqual(withoutTime(before.state))
          expect(after.handsMs).toBeGreaterThanOrEqual(before.state.handsMs)
        })
        expect(foldRun(five, [...events].reverse())).toEqual(foldRun(five, events))
      }),
      { numRuns: 300 },
    )
  })
})
