import fc from 'fast-check'
import {
  decide,
  foldRun,
  LONGEST_GAP_MS,
  noticesAt,
  openBeside,
  proposedUse,
  type Batch,
  type BatchAction,
  type RunEvent,
  type RunState,
} from '../../../core/batches'
import { step } from '../../../core/makeup'
import { batch, ids, minutesAfter, play } from '../../support/workshop'

const five = batch()
/** A hedge in small: a bank that dries, holes in it, hair that waits for nothing, and what needs both. */
const beside: Batch = {
  ...five,
  plan: {
    ...five.plan,
    steps: [
      { id: 'bank', wait: 60 },
      { id: 'drill' },
      { id: 'hair', after: [], wait: 20 },
      { id: 'work-in', after: ['drill', 'hair', 'not-there'] },
    ].map(({ id, wait, after }) =>
      step({
        id,
        title: id.replace('-', ' '),
        text: '',
        hands: { onceSec: 0, eachSec: 60, origin: 'memory' },
        ...(after === undefined ? {} : { after }),
        ...(id === 'hair' ? { within: { sec: 60, what: 'open', origin: 'memory' } } : {}),
        ...(wait === undefined
          ? {}
          : { wait: { leastMin: wait, kind: 'open film', what: 'Dry', origin: 'memory' } }),
      }),
    ),
  },
}
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
const withoutTime = ({
  handsMs: _h,
  stepHandsMs: _s,
  stepMs: _m,
  gapMs: _g,
  lastMs: _l,
  ...rest
}: RunState) => rest

/** The phase in which a run ends that is worked through from here, a deed after the other. */
function ended(batch: Batch, before: readonly RunEvent[]): string {
  let events = before
  for (let i = 0; i < 40; i += 1) {
    const run = foldRun(batch, events)
    const { phase, paused, stepIndex, live, doneInStep, round } = run.state
    if (phase === 'done' || phase === 'finished' || phase === 'abandoned') return phase
    const next: BatchAction =
      phase === 'planned'
        ? { type: 'start' }
        : paused
          ? { type: 'resume' }
          : phase === 'waiting'
            ? { type: 'advance', step: stepIndex, early: true }
            : all(stepIndex, round ? round.left : live - doneInStep)
    const written = decide(batch, run, next, minutesAfter(100 + i), `end-${i}`)
    if (written.kind === 'none') throw new Error(written.because)
    events = [...events, written.value]
  }
  return 'never'
}

describe('steps that can be done beside each other', () => {
  const at = (deeds: Parameters<typeof play>[1], events?: RunEvent[]) => play(beside, deeds, events)
  const state = (events: readonly RunEvent[]) => foldRun(beside, events).state
  const none = (events: readonly RunEvent[], deed: BatchAction, when = minutesAfter(500)): string => {
    const answer = decide(beside, foldRun(beside, events), deed, when, 'new')
    return answer.kind === 'none' ? answer.because : 'it was allowed'
  }

  test('while the bank dries the hair is teased; what needs both comes when both are there', () => {
    let events = at([{ type: 'start' }, { deed: all(0), at: minutesAfter(10) }])
    expect(state(events)).toMatchObject({ phase: 'waiting', stepIndex: 0 })
    expect(openBeside(beside, state(events), Date.parse(minutesAfter(11)))).toEqual([2])
    // Bank dries 60 min from the tenth on; the hair is begun, and left half done when the bank is dry.
    events = at(
      [
        { deed: { type: 'turn', step: 2 }, at: minutesAfter(11) },
        { deed: all(2, 3), at: minutesAfter(30) },
      ],
      events,
    )
    expect(state(events)).toMatchObject({ phase: 'hands', stepIndex: 2, doneInStep: 3 })
    expect([...state(events).waits.keys()]).toEqual([0])
    expect(none(events, { type: 'turn', step: 1 }, minutesAfter(69))).toBe('“drill” comes after “bank”.')
    expect(openBeside(beside, state(events), Date.parse(minutesAfter(70)))).toEqual([1])
    events = at(
      [
        { deed: { type: 'turn', step: 1 }, at: minutesAfter(71) },
        { deed: all(1), at: minutesAfter(80) },
      ],
      events,
    )
    // The drilling is done: back to the hair, with three of five done.
    expect(state(events)).toMatchObject({ phase: 'hands', stepIndex: 2, doneInStep: 3 })
    expect(none(events, { type: 'turn', step: 3 })).toBe('“work in” comes after “hair”.')
    events = at([{ deed: all(2, 2), at: minutesAfter(90) }], events)
    expect(state(events)).toMatchObject({ phase: 'waiting', stepIndex: 2 })
    events = at([{ deed: { type: 'advance', step: 2, early: true }, at: minutesAfter(95) }, all(3)], events)
    expect(state(events).phase).toBe('done')
  })

  test('hands are counted at the step that they are at', () => {
    const events = at([
      { deed: { type: 'start' }, at: minutesAfter(0) },
      { deed: { type: 'turn', step: 2 }, at: minutesAfter(4) },
      { deed: all(2, 1), at: minutesAfter(10) },
      { deed: { type: 'turn', step: 0 }, at: minutesAfter(12) },
      { deed: all(0, 1), at: minutesAfter(15) },
    ])
    expect(state(events).stepMs.map((ms) => ms / 60_000)).toEqual([7, 0, 8, 0])
    expect(state(events).stepHandsMs / 60_000).toBe(7)
    expect(state(events).handsMs / 60_000).toBe(15)
  })

  test('what was left is done where the pieces that lacked are gone', () => {
    const events = at([
      { type: 'start' },
      { type: 'turn', step: 2 },
      all(2, 4),
      { type: 'turn', step: 0 },
      { type: 'reject', step: 0, count: 1, of: 'open', reason: 'broken' },
      { deed: all(0, 4), at: minutesAfter(20) },
      { deed: { type: 'advance', step: 0, early: true }, at: minutesAfter(21) },
      { deed: all(1, 4), at: minutesAfter(22) },
    ])
    // Four of four are teased: it dries from now.
    expect(state(events)).toMatchObject({ phase: 'waiting', stepIndex: 2, live: 4 })
  })

  test('a round is ended first; a step that is behind is not taken up; one not named is not there', () => {
    const events = at([{ type: 'start' }, { type: 'turn', step: 2 }, { type: 'round', step: 2 }])
    expect(none(events, { type: 'turn', step: 0 })).toMatch(/A round is running/)
    expect(none(events, { type: 'turn', step: 9 })).toMatch(/behind us/)
    const later = at([{ type: 'start' }, all(0), { type: 'advance', step: 0, early: true }])
    expect(none(later, { type: 'turn', step: 0 })).toMatch(/behind us/)
    expect(none(later, { type: 'turn', step: 1 })).toMatch(/in hand already/)
    expect(none(at([]), { type: 'turn', step: 2 })).toMatch(/not been started/)
  })

  test('a window that closes is told, whatever is in hand meanwhile, until it is followed up', () => {
    const sticky: Batch = {
      ...beside,
      plan: {
        ...beside.plan,
        steps: beside.plan.steps.map((own) =>
          own.id === 'bank' ? { ...own, wait: { ...own.wait!, mostMin: 90 } } : own,
        ),
      },
    }
    let events = play(sticky, [
      { type: 'start' },
      { deed: all(0), at: minutesAfter(10) },
      { deed: { type: 'turn', step: 2 }, at: minutesAfter(75) },
    ])
    // Dry at 70, no longer open at 100.
    const told = (min: number) =>
      noticesAt([{ batch: sticky, run: foldRun(sticky, events) }], Date.parse(minutesAfter(min))).map(
        ({ text }) => text,
      )
    expect(told(85)).toEqual([])
    expect(told(94)).toEqual(['Its window closes in 6 min.'])
    events = play(
      sticky,
      [
        { deed: { type: 'turn', step: 1 }, at: minutesAfter(95) },
        { deed: all(1), at: minutesAfter(97) },
      ],
      events,
    )
    expect(told(98)).toEqual([])
  })

  test('two copies that both went on with it agree on what counts', () => {
    const events = at([{ type: 'start' }, { deed: all(0), at: minutesAfter(5) }])
    const here = decide(beside, foldRun(beside, events), { type: 'turn', step: 2 }, minutesAfter(6), 'a')
    const there = decide(
      beside,
      foldRun(beside, events),
      { type: 'advance', step: 0, early: true },
      minutesAfter(7),
      'b',
    )
    if (here.kind === 'none' || there.kind === 'none') throw new Error('refused')
    const merged = foldRun(beside, [...events, here.value, there.value])
    expect(merged.setAside.length).toBe(1)
    expect(foldRun(beside, [there.value, ...events, here.value])).toEqual(merged)
  })
})

describe('any sequence of deeds', () => {
  const deed: fc.Arbitrary<BatchAction> = fc.oneof(
    fc.constantFrom<BatchAction>({ type: 'start' }, { type: 'pause' }, { type: 'resume' }, finish, abandon),
    fc.record({
      type: fc.constant('pieces' as const),
      step: fc.nat(3),
      count: fc.integer({ min: 1, max: 5 }),
    }),
    fc.record({
      type: fc.constant('reject' as const),
      step: fc.nat(2),
      count: fc.integer({ min: 1, max: 3 }),
      of: fc.constantFrom('done' as const, 'open' as const, undefined),
      reason: fc.constant('x'),
    }),
    fc.record({ type: fc.constant('advance' as const), step: fc.nat(3), early: fc.constant(true) }),
    fc.record({ type: fc.constantFrom('round' as const, 'turn' as const), step: fc.nat(3) }),
    fc.record({
      type: fc.constantFrom('weigh-in' as const, 'weigh-out' as const),
      materialId: fc.constantFrom('sprigs', 'pva'),
      grams: fc.nat(50),
      unitsPerG: fc.constant(1),
    }),
  )

  test.each([
    ['step by step', five],
    ['beside waits', beside],
  ])(
    '%s: every reachable state can be finished, abandoned or undone, and an undo gives back the state before',
    (_, five) => {
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
            const undo = decide(
              five,
              run,
              { type: 'undo', target: written.value.id },
              minutesAfter(i),
              newId(),
            )
            if (undo.kind === 'none') throw new Error(undo.because)
            const after = foldRun(five, [...events, undo.value]).state
            expect(withoutTime(after)).toEqual(withoutTime(before.state))
            expect(after.handsMs).toBeGreaterThanOrEqual(before.state.handsMs)
          })
          expect(foldRun(five, [...events].reverse())).toEqual(foldRun(five, events))
          expect(ended(five, events)).toMatch(/done|finished|abandoned/)
        }),
        { numRuns: 300 },
      )
    },
  )
})
