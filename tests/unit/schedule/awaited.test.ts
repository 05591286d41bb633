import fc from 'fast-check'
import {
  breaksOf,
  calendarEvents,
  heldUp,
  lowerBoundsOf,
  mend,
  proveEnd,
  ScheduleSearch,
  SerialScheme,
} from '../../../core/schedule'
import { seededRandom } from '../../../core/units'
import {
  batchOf,
  dry,
  hands,
  laid,
  orderOf,
  planned,
  runOf,
  two,
  twoEvenings,
  when,
  ZONE,
  type Draft,
} from '../../support/benches'

const setting: readonly Draft[] = [
  { id: 'holes', title: 'Holes', hands: hands(0, 1) },
  { id: 'set', title: 'Set', hands: hands(0, 1), wait: dry(720) },
  { id: 'ring', title: 'Ring', hands: hands(0, 1) },
]
const work = (job: number, minutes: number, after: readonly { work: number; least: number }[] = []) => ({
  id: `w${job}`,
  job,
  minutes,
  who: [0],
  after,
})

describe('what a batch awaits of another', () => {
  test('holes are made while trees dry; they are set when the trees are dry, a zone after the one behind', () => {
    const trees = batchOf('Beech', 10, [{ id: 'soak', title: 'Soak', hands: hands(0, 3), wait: dry(600) }])
    const back = batchOf('Plant spruce', 10, setting)
    const front = batchOf('Plant beech', 10, setting)
    const done = laid(
      orderOf([
        planned(front, {
          awaits: [
            { step: 'set', batchId: trees.id },
            { step: 'set', batchId: back.id, until: 'set' },
          ],
        }),
        planned(trees),
        planned(back),
      ]),
    )
    const at = (id: string, step: string) =>
      when(done)[done.bench.works.findIndex((own) => own.batchId === id && own.step.id === step)]!
    // Friday evening: trees soaked, dry ten hours later, which Saturday at ten is after.
    expect(at(trees.id, 'soak').startsWith('Fri')).toBe(true)
    expect(at(front.id, 'holes').startsWith('Fri')).toBe(true)
    expect(at(front.id, 'set').startsWith('Sat')).toBe(true)
    expect(breaksOf(done.bench.problem, done.plan)).toEqual([])
  })

  test('a wait that runs of what is made is waited out', () => {
    const trees = batchOf('Beech', 2, [{ id: 'soak', title: 'Soak', hands: hands(0, 1), wait: dry(600) }])
    const run = runOf(trees, [
      ['2026-11-27T15:00:00.000Z', { type: 'start' }],
      ['2026-11-27T15:30:00.000Z', { type: 'pieces', step: 0, count: 2 }],
    ])
    const front = batchOf('Plant', 2, [{ id: 'set', title: 'Set', hands: hands(0, 1) }])
    const order = orderOf([
      { batch: trees, run },
      planned(front, { awaits: [{ step: 'set', batchId: trees.id }] }),
    ])
    // Dry at 2:30 in the night.
    expect(when(laid(order))).toEqual(['Sat 10:00'])
  })

  test('what is awaited has ended, is past the step, or is not there: nothing is waited for', () => {
    const awaits = [
      { step: 'gone', batchId: 'Beech' },
      { step: 'set', batchId: 'nobody' },
    ]
    const front = batchOf('Plant', 2, [{ id: 'set', title: 'Set', hands: hands(0, 1) }])
    expect(when(laid(orderOf([planned(front, { awaits }), planned(batchOf('Beech', 1, two))])))[0]).toBe(
      'Fri 19:00',
    )
  })

  test('several that wait for one batch have one entry of its drying in the calendar file', () => {
    const trees = batchOf('Beech', 2, [{ id: 'soak', title: 'Soak', hands: hands(0, 1), wait: dry(600) }])
    const set: Draft[] = [{ id: 'set', title: 'Set', hands: hands(0, 1) }]
    const awaits = [{ step: 'set', batchId: trees.id }]
    const { bench, plan } = laid(
      orderOf([
        planned(trees),
        planned(batchOf('One', 1, set), { awaits }),
        planned(batchOf('Two', 1, set), { awaits }),
      ]),
    )
    const events = calendarEvents(
      bench,
      plan.placed,
      ZONE,
      (id) => id,
      (id) => id,
    )
    expect(events.filter(({ summary }) => summary === 'Dry: Beech')).toHaveLength(1)
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length)
  })

  test('a ring of waits lays nothing of it, and ends', () => {
    const set: Draft[] = [{ id: 'set', title: 'Set', hands: hands(0, 1) }]
    const [a, b] = [batchOf('A', 1, set), batchOf('B', 1, set)]
    const done = laid(
      orderOf([
        planned(a, { awaits: [{ step: 'set', batchId: b.id }] }),
        planned(b, { awaits: [{ step: 'set', batchId: a.id }] }),
        planned(batchOf('C', 1, set)),
      ]),
    )
    expect(when(done)).toEqual(['–', '–', 'Fri 19:00'])
  })

  test('a row behind that finds no place is not waited for; pieces that are not there are', () => {
    const day: Draft[] = [{ id: 'set', title: 'Set', hands: hands(0, 1), needs: ['outdoors'] }]
    const set: Draft[] = [{ id: 'set', title: 'Set', hands: hands(0, 1) }]
    const back = planned(batchOf('Back', 1, day))
    const waiting = (soft: boolean) =>
      planned(batchOf('Front', 1, set), { awaits: [{ step: 'set', batchId: 'Back', until: 'set', soft }] })
    // Nobody has said which hours are dry.
    expect(when(laid(orderOf([back, waiting(true)])))).toEqual(['–', 'Fri 19:00'])
    expect(when(laid(orderOf([back, waiting(false)])))).toEqual(['–', '–'])
  })

  test('whatever order works are laid in, none begins before what it awaits', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const random = seededRandom(seed)
        const works = Array.from({ length: 8 }, (_, i) => {
          const job = Math.floor(i / 2)
          const own = i % 2 === 1 ? [{ work: i - 1, least: Math.floor(random() * 20) }] : []
          const other = job > 0 && random() < 0.7 ? [{ work: Math.floor(random() * job * 2), least: 5 }] : []
          return work(job, 1 + Math.floor(random() * 20), [...own, ...other])
        })
        const problem = twoEvenings(
          works,
          [0, 1, 2, 3].map((job) => ({ id: `j${job}`, works: [2 * job, 2 * job + 1] })),
        )
        const order = [3, 2, 1, 0, 3, 0, 1, 2]
        const plan = new SerialScheme(problem).lay(order)
        expect(breaksOf(problem, plan)).toEqual([])
        const search = new ScheduleSearch(problem, seed)
        search.run(20)
        expect(breaksOf(problem, search.best.plan)).toEqual([])
        expect(search.best.cost.end).toBeGreaterThanOrEqual(lowerBoundsOf(problem).end)
        expect(mend(problem, search.best.plan.placed).moved).toEqual([])
      }),
      { numRuns: 60 },
    )
  })

  test('it is told by name what it waits for, and no proof is claimed of such a plan', () => {
    const problem = twoEvenings(
      [work(0, 50), work(1, 10, [{ work: 0, least: 30 }])],
      [
        { id: 'a', works: [0] },
        { id: 'b', works: [1] },
      ],
    )
    const plan = new SerialScheme(problem).lay([1, 0])
    expect(plan.placed.map((spot) => spot?.start)).toEqual([0, 80])
    expect(heldUp(problem, 1, plan)).toEqual([{ work: 1, by: 'before', minutes: 80, other: 0 }])
    expect(proveEnd(problem, 90, 1000).kind).toBe('not told')
  })
})
