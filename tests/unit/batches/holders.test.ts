import { decide, foldRun, heldBy, holderLimits, type Batch, type RunEvent } from '../../../core/batches'
import type { ToolRecord } from '../../../core/tools'
import { batch as batchOf, ids, minutesAfter } from '../../support/workshop'

const holders = [{ what: 'peg', each: 2, until: 'last' }]
const record = (have: number, more: Partial<ToolRecord> = {}): ReadonlyMap<string, ToolRecord> =>
  new Map([['peg', { id: 'peg', changedAt: minutesAfter(0), have, lent: [], worn: 0, ...more }]])

describe('holders', () => {
  test('sixty pegs hold thirty sprigs; those of another batch and those lent are not there', () => {
    const limit = (register: ReadonlyMap<string, ToolRecord>, held = 0) =>
      holderLimits([{ holders }], 40, register, new Map([['peg', held]]))
    expect(limit(record(60))).toEqual([{ what: 'peg', needed: 80, free: 60, held: 0, pieces: 30 }])
    expect(limit(record(60), 20)[0]).toMatchObject({ free: 40, pieces: 20 })
    expect(limit(record(60, { lent: [{ count: 10, to: 'x', since: '2026-01-01' }] }))[0]?.pieces).toBe(25)
    expect(limit(record(80))).toEqual([])
    expect(limit(new Map())).toEqual([])
    expect(limit(record(0))[0]?.pieces).toBe(0)
  })

  test('a batch occupies them from the step that names them to the end of the last, as many as still live', () => {
    const plain = batchOf()
    const [first, second] = plain.plan.steps
    const steps = [
      { ...first!, holders: [] },
      { ...second!, holders: [{ what: 'peg', each: 2, until: second!.id }] },
      ...plain.plan.steps.slice(2),
    ]
    const batch: Batch = { ...plain, plan: { ...plain.plan, steps } }
    const newId = ids('h')
    const events: RunEvent[] = []
    let minute = 1
    const act = (deed: Parameters<typeof decide>[2]) => {
      const written = decide(batch, foldRun(batch, events), deed, minutesAfter((minute += 1)), newId())
      if (written.kind === 'none') throw new Error(written.because)
      events.push(written.value)
      return foldRun(batch, events)
    }
    expect(heldBy(batch, foldRun(batch, events))).toEqual(new Map())
    expect(heldBy(batch, act({ type: 'start' }))).toEqual(new Map())
    act({ type: 'pieces', step: 0, count: batch.pieces })
    let run = foldRun(batch, events)
    while (run.state.stepIndex === 0) run = act({ type: 'advance', step: 0 })
    expect(heldBy(batch, run)).toEqual(new Map([['peg', 2 * batch.pieces]]))
    run = act({ type: 'reject', step: 1, count: 1, reason: 'broken' })
    expect(heldBy(batch, run)).toEqual(new Map([['peg', 2 * (batch.pieces - 1)]]))
  })
})
