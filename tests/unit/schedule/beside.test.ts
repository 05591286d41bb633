import type { Batch } from '../../../core/batches'
import { elapsedMin, stepsBefore } from '../../../core/makeup'
import { plantMethodById } from '../../../core/methods'
import { exampleHedge, examplePiece } from '../../../core/methods/kit'
import { breaksOf } from '../../../core/schedule'
import {
  batchOf,
  dry,
  exampleBatch,
  hands,
  laid,
  orderOf,
  planned,
  runOf,
  when,
  type Draft,
} from '../../support/benches'
import { wayExamples, workedExample } from '../../support/ways'

const small: readonly Draft[] = [
  { id: 'bank', title: 'Bank', hands: hands(0, 20), wait: dry(600) },
  { id: 'drill', title: 'Drill', hands: hands(0, 10) },
  { id: 'hair', title: 'Hair', hands: hands(0, 30), wait: dry(20), after: [] },
  { id: 'work-in', title: 'Work in', hands: hands(0, 10), after: ['drill', 'hair'] },
]
const inTurn = small.map(({ after: _after, ...draft }) => draft)

describe('steps beside waits', () => {
  test('what a step needs: what it names, by default the one before; what is not there binds nothing', () => {
    expect(small.map((_, i) => stepsBefore(small, i))).toEqual([[], [0], [], [1, 2]])
    expect(
      stepsBefore(
        [
          { id: 'a', after: ['b'] },
          { id: 'b', after: ['a', 'x', 'b'] },
        ],
        0,
      ),
    ).toEqual([])
    expect(
      stepsBefore(
        [
          { id: 'a', after: ['b'] },
          { id: 'b', after: ['a', 'x', 'b'] },
        ],
        1,
      ),
    ).toEqual([0])
  })

  test('from the first touch to the last, by hand', () => {
    const [one] = [batchOf('Hedge', 1, small)]
    const chain = batchOf('Hedge', 1, inTurn)
    // In turn: 20 + 600 + 10 + 30 + 20 + 10.
    expect(elapsedMin(chain.plan.steps, 1)).toBe(690)
    // Hair is teased from minute 20 to 50; the bank is dry at 620, drilled at 630, worked in at 640.
    expect(elapsedMin(one.plan.steps, 1)).toBe(640)
    // Somebody must stay by an oven: nothing is done meanwhile.
    const oven = one.plan.steps.map((own) =>
      own.id === 'bank' ? { ...own, wait: { ...own.wait!, attended: true } } : own,
    )
    expect(elapsedMin(oven, 1)).toBe(690)
    expect(elapsedMin([], 1)).toBe(0)
  })

  test('over evenings: the bank on Friday and the hair beside it, the rest on Saturday', () => {
    const done = laid(orderOf([planned(batchOf('Hedge', 1, small))]))
    expect(when(done).map((at) => at.slice(0, 3))).toEqual(['Fri', 'Sat', 'Fri', 'Sat'])
    expect(breaksOf(done.bench.problem, done.plan)).toEqual([])
  })

  test('what needs nothing that has no place is laid all the same: discs are cut though no hour outdoors is said', () => {
    const drafts: readonly Draft[] = [
      { id: 'cut', title: 'Cut', hands: hands(0, 5) },
      { id: 'rasp', title: 'Rasp', hands: hands(0, 20), needs: ['outdoors'] },
      { id: 'discs', title: 'Discs', hands: hands(0, 30), after: [] },
      { id: 'fit', title: 'Fit', hands: hands(0, 10), after: ['rasp', 'discs'] },
    ]
    const done = laid(orderOf([planned(batchOf('Spruce', 1, drafts))]))
    expect(when(done).map((at) => at.slice(0, 3))).toEqual(['Fri', '–', 'Fri', '–'])
    expect(done.plan.unplaced.get(3)).toBe('what comes before it finds no place')
  })

  test('what is under way goes on as it stands: a bank that dries, hair half teased', () => {
    const batch = batchOf('Hedge', 2, small)
    const run = runOf(batch, [
      ['2026-11-27T15:00:00.000Z', { type: 'start' }],
      ['2026-11-27T15:20:00.000Z', { type: 'pieces', step: 0, count: 2 }],
      ['2026-11-27T15:21:00.000Z', { type: 'turn', step: 2 }],
      ['2026-11-27T15:50:00.000Z', { type: 'pieces', step: 2, count: 1 }],
    ])
    const done = laid(orderOf([{ batch, run }]))
    expect(done.bench.works.map(({ step, pieces, firstPiece }) => [step.id, pieces, firstPiece])).toEqual([
      ['drill', 2, 0],
      ['hair', 1, 1],
      ['work-in', 2, 0],
    ])
    // Dry at ten hours from 16:20 on the wall; the hair this evening, the rest tomorrow.
    expect(when(done).map((at) => at.slice(0, 3))).toEqual(['Sat', 'Fri', 'Sat'])
  })

  test('a hedge of 800 mm: four stretches, the hair done while the bank dries, no night for the feet alone', () => {
    const hedge = exampleBatch(
      plantMethodById('twig-hedge')!,
      exampleHedge(examplePiece('shrub', 'multi-stemmed', 25), 800),
      'Hedge',
    )
    const chain = {
      ...hedge,
      plan: { ...hedge.plan, steps: hedge.plan.steps.map(({ after: _after, ...own }) => own) },
    }
    // As it was: a night of its own for the feet, before the earth.
    const before = {
      ...chain,
      plan: {
        ...chain.plan,
        steps: chain.plan.steps.map((own) => (own.id === 'twigs' ? { ...own, wait: dry(600) } : own)),
      },
    }
    const lastDay = (batch: Batch) => {
      const done = laid(orderOf([planned(batch)], { lamp: true }))
      expect(done.plan.unplaced.size).toBe(0)
      expect(breaksOf(done.bench.problem, done.plan)).toEqual([])
      return when(done).at(-1)?.slice(0, 3)
    }
    expect([before, chain, hedge].map(lastDay)).toEqual(['Thu', 'Wed', 'Tue'])
  })
})

describe('each way', () => {
  test('names what is there, and all of it leads to its last step', () => {
    const named = new Map<string, Set<string>>()
    const there = new Map<string, Set<string>>()
    for (const example of wayExamples) {
      const { steps } = workedExample(example)
      const { id } = example.method
      for (const step of steps) {
        there.set(id, (there.get(id) ?? new Set()).add(step.id))
        for (const one of step.after ?? []) named.set(id, (named.get(id) ?? new Set()).add(one))
      }
      // From the last step back, everything is reached.
      const reached = new Set([steps.length - 1])
      for (let i = steps.length - 1; i >= 0; i -= 1)
        if (reached.has(i)) for (const before of stepsBefore(steps, i)) reached.add(before)
      expect([example.name, reached.size]).toEqual([example.name, steps.length])
    }
    for (const [id, names] of named)
      for (const one of names) expect([id, one, there.get(id)?.has(one)]).toEqual([id, one, true])
    expect([...named.keys()].sort()).toEqual(['dowel-conifer', 'twig-hedge'])
  })
})
