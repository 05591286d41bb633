import fc from 'fast-check'
import {
  decide,
  foldRun,
  LONGEST_GAP_MS,
  progressOf,
  promisedBy,
  proposedUse,
  type Deed,
  type RunEvent,
} from '../../../core/batches'
import { batch, ids, minutesAfter, play } from '../../support/workshop'

const five = batch()
const finish: Deed = { type: 'finish', tray: 'T1', date: '2026-10-04', handsMin: 20, used: [] }
const abandon: Deed = { type: 'abandon', reason: 'glue was off', handsMin: 5, used: [] }
const all = (step: number, count = 5): Deed => ({ type: 'pieces', step, count })
const refused = (events: RunEvent[], deed: Deed, at = minutesAfter(500)): string => {
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

describe('any sequence of deeds', () => {
  const deed: fc.Arbitrary<Deed> = fc.oneof(
    fc.constantFrom<Deed>({ type: 'start' }, { type: 'pause' }, { type: 'resume' }, finish, abandon),
    fc.record({
      type: fc.constant('pieces' as const),
      step: fc.nat(2),
      count: fc.integer({ min: 1, max: 5 }),
    }),
    fc.record({
      type: fc.constant('reject' as const),
      step: fc.nat(2),
      count: fc.integer({ min: 1, max: 3 }),
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
          expect(foldRun(five, [...events, undo.value]).state).toEqual(before.state)
        })
        expect(foldRun(five, [...events].reverse())).toEqual(foldRun(five, events))
      }),
      { numRuns: 300 },
    )
  })

  test('two copies that both went on with a batch can be united; what no longer fits is set aside, not lost', () => {
    const start = play(five, [{ type: 'start' }])
    const here = decide(five, foldRun(five, start), all(0), minutesAfter(3), 'here')
    const there = decide(five, foldRun(five, start), all(0, 3), minutesAfter(4), 'there')
    if (here.kind === 'none' || there.kind === 'none') throw new Error('both are fair on their own')
    const run = foldRun(five, [...start, there.value, here.value])
    expect(run.state.stepIndex).toBe(1)
    expect(run.setAside.map(({ id }) => id)).toEqual(['there'])
  })
})

describe('what a batch takes', () => {
  test('measured where it was weighed, planned by what has been done elsewhere', () => {
    const events = play(five, [
      { type: 'start' },
      all(0),
      { type: 'pieces', step: 1, count: 2 },
      { type: 'use', materialId: 'hairspray', quantity: 3 },
    ])
    const uses = proposedUse(five, foldRun(five, events))
    expect(uses.find((u) => u.materialId === 'sprigs')).toMatchObject({ planned: 5, proposed: 5 })
    expect(uses.find((u) => u.materialId === 'foam-fine-mid')?.proposed).toBeCloseTo(8 * 0.4)
    expect(uses.find((u) => u.materialId === 'hairspray')).toMatchObject({
      planned: 10,
      measured: 3,
      proposed: 3,
    })
  })

  test('open batches promise what they planned, ended ones nothing', () => {
    const open = foldRun(five, play(five, [{ type: 'start' }]))
    const ended = foldRun(five, play(five, [abandon]))
    expect(promisedBy([five], new Map([['b1', open]]))).toContainEqual({
      materialId: 'foam-fine-mid',
      quantity: 8,
    })
    expect(promisedBy([five], new Map([['b1', ended]]))).toEqual([])
  })

  test('progress counts trays and what is in hand', () => {
    const done = foldRun(
      five,
      play(five, [
        { type: 'start' },
        { type: 'reject', step: 0, count: 1, reason: 'x' },
        all(0, 4),
        all(1, 4),
        { type: 'advance', step: 1, early: true },
        all(2, 4),
        finish,
      ]),
    )
    expect(progressOf(12, [five], new Map([['b1', done]]))).toEqual({
      wanted: 12,
      good: 4,
      inHand: 0,
      left: 8,
    })
    expect(progressOf(12, [five], new Map([['b1', foldRun(five, [])]]))).toEqual({
      wanted: 12,
      good: 0,
      inHand: 4,
      left: 8,
    })
  })
})
