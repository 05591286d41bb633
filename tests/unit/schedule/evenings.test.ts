import type { StepDraft } from '../../../core/makeup'
import {
  benchOf,
  calendarEvents,
  heldUp,
  jobStandings,
  SerialScheme,
  sittingsOf,
  threadsOf,
  unplacedWords,
  workStates,
  type BenchOrder,
} from '../../../core/schedule'
import { batchOf, evenings, orderOf, planned, ZONE } from '../../support/benches'

type Draft = Omit<StepDraft, 'text'>
const hands = (onceMin: number, eachMin: number) =>
  ({ onceSec: onceMin * 60, eachSec: eachMin * 60, origin: 'memory' }) as const
const steps: Draft[] = [
  {
    id: 'soak',
    title: 'Soak',
    hands: hands(10, 0),
    wait: { leastMin: 600, kind: 'open film', what: 'Dry', origin: 'memory' },
  },
  { id: 'paint', title: 'Paint', hands: hands(10, 0) },
]
/** Laid in the order in which jobs are given. */
const inTurn = (order: BenchOrder) => {
  const bench = benchOf(order)
  const layer = new SerialScheme(bench.problem)
  return { bench, plan: layer.lay(layer.units.map(({ job }) => job)) }
}

describe('evenings', () => {
  it('hold a strip for each person who is there, with their works in order', () => {
    const people = [
      { id: 'ada', name: 'Ada' },
      { id: 'bo', name: 'Bo' },
    ]
    const { bench, plan } = inTurn(
      orderOf(
        [planned(batchOf('A', 1, steps)), planned(batchOf('B', 1, steps)), planned(batchOf('C', 1, steps))],
        {
          time: { people, times: evenings, zone: ZONE },
        },
      ),
    )
    const [friday, saturday] = sittingsOf(bench, plan.placed, ZONE)
    expect(friday).toMatchObject({ date: '2026-11-27', openMin: 300, busyMin: 30 })
    expect(friday?.strips.map(({ works }) => works)).toEqual([[0, 4], [2]])
    expect(saturday).toMatchObject({ date: '2026-11-28', openMin: 720, busyMin: 30 })
  })

  it('waits run from one to the next, and say when they are over', () => {
    const { bench, plan } = inTurn(orderOf([planned(batchOf('A', 1, steps))]))
    const [thread] = threadsOf(bench, plan.placed)
    // From ten past seven on Friday: dry at ten past five in the morning.
    expect(thread).toMatchObject({ from: 0, to: 1, readyAt: 130 + 600 })
  })

  it('nothing laid is evenings all the same; no sessions are none', () => {
    const { bench, plan } = inTurn(orderOf([]))
    expect(sittingsOf(bench, plan.placed, ZONE).length).toBeGreaterThan(100)
    const none = inTurn(orderOf([], { time: { people: [], times: [], zone: ZONE } }))
    expect(sittingsOf(none.bench, none.plan.placed, ZONE)).toEqual([])
  })
})

describe('how batches stand', () => {
  const standing = (due: string, reserveDays: number) => {
    const order = orderOf([planned(batchOf('A', 1, steps), { due })], { reserveDays })
    const { bench, plan } = inTurn(order)
    return {
      job: jobStandings(bench, plan.placed, reserveDays * 1440)[0],
      works: workStates(bench, plan.placed),
    }
  }
  it('late is after the promise; before it lies the reserve; before that there is slack', () => {
    // It ends on Saturday the 28th at 10:10.
    expect(standing('2026-11-27', 0).job).toMatchObject({ lateMin: 610, inReserve: false })
    expect(standing('2026-11-29', 2).job).toMatchObject({ lateMin: 0, inReserve: true })
    expect(standing('2026-12-04', 2).job).toMatchObject({ lateMin: 0, inReserve: false })
  })
  it('works of a late batch are late, those with days to spare are loose', () => {
    expect(standing('2026-11-27', 0).works).toEqual(['late', 'late'])
    expect(standing('2026-11-28', 0).works).toEqual(['tight', 'tight'])
    expect(standing('2026-12-20', 2).works).toEqual(['loose', 'loose'])
  })
})

describe('what holds a batch up', () => {
  it('is told gap by gap: no session yet, the wait, no session after it', () => {
    const { bench, plan } = inTurn(orderOf([planned(batchOf('A', 1, steps))]))
    expect(heldUp(bench.problem, 0, plan).map(({ work, by, minutes }) => [work, by, minutes])).toEqual([
      [0, 'no session', 120],
      [1, 'wait', 600],
      [1, 'no session', 290],
    ])
  })
  it('names the hands that are at something else, and the holders that are full', () => {
    const pegged: Draft[] = [
      { ...steps[0], holders: [{ what: 'peg', each: 2, until: 'soak' }] } as Draft,
      steps[1] as Draft,
    ]
    const register = new Map([
      ['peg', { id: 'peg', changedAt: '2026-01-01T00:00:00.000Z', have: 50, lent: [], worn: 0 }],
    ])
    const { bench, plan } = inTurn(
      orderOf([planned(batchOf('A', 20, pegged)), planned(batchOf('B', 20, pegged))], { register }),
    )
    const held = heldUp(bench.problem, 1, plan)
    expect(held.find(({ by }) => by === 'holder')).toMatchObject({ work: 2, holder: 0 })
    const hands = inTurn(orderOf([planned(batchOf('A', 1, steps)), planned(batchOf('B', 1, steps))]))
    expect(heldUp(hands.bench.problem, 1, hands.plan).find(({ by }) => by === 'hands')).toMatchObject({
      work: 2,
      other: 0,
      minutes: 10,
    })
  })
})

describe('why something has no place', () => {
  const words = (draft: Partial<Draft>, more: Partial<BenchOrder> = {}): string => {
    const step = { id: 's', title: 'Step', hands: hands(10, 0), ...draft } as Draft
    const { bench, plan } = inTurn(orderOf([planned(batchOf('A', 1, [step]))], more))
    return unplacedWords(bench, 0, plan.unplaced.get(0) ?? 'it has one', String)
  }
  it('is said by what binds it', () => {
    expect(words({ hands: hands(400, 0) })).toBe('it takes 400 min in one go; the longest session has 360')
    expect(words({ needs: ['outdoors'] })).toContain('dry and still')
    const onlyEvenings = { people: [], times: evenings.slice(0, 5), zone: ZONE }
    expect(words({ needs: ['daylight'] }, { time: onlyEvenings })).toContain('by daylight')
    expect(words({}, { time: { people: [], times: [], zone: ZONE } })).toBe('there are no sessions')
    expect(words({})).toBe('it has one')
    const pegs = { id: 'peg', changedAt: '2026-01-01T00:00:00.000Z', have: 15, lent: [], worn: 0 }
    const pegged: Draft = {
      ...(steps[0] as Draft),
      holders: [{ what: 'peg', each: 2, until: 'soak' }],
    }
    const { bench, plan } = inTurn(
      orderOf([planned(batchOf('A', 10, [pegged, steps[1] as Draft]))], {
        register: new Map([['peg', pegs]]),
      }),
    )
    expect(unplacedWords(bench, 0, plan.unplaced.get(0) ?? '', String)).toBe(
      'it wants 20 pegs, and there are 15: 7 of its 10 pieces at once at most',
    )
  })
})

describe('a batch whose last step has to dry', () => {
  it('ends when it is dry', () => {
    const lift: Draft[] = [steps[0] as Draft]
    const { bench, plan } = inTurn(orderOf([planned(batchOf('A', 1, lift), { due: '2026-11-28' })]))
    // Hands end at ten past seven on Friday, two hours and ten minutes on; it is dry ten hours later.
    expect(jobStandings(bench, plan.placed, 0)[0]).toMatchObject({ end: 730, lateMin: 0 })
    const friday = inTurn(orderOf([planned(batchOf('A', 1, lift), { due: '2026-11-27' })]))
    expect(jobStandings(friday.bench, friday.plan.placed, 0)[0]?.lateMin).toBe(730 - 420)
  })
})

describe('a plan as a calendar', () => {
  it('has sessions with work, windows that ring before they close, and ends of drying', () => {
    const tack: Draft[] = [
      {
        id: 'glue',
        title: 'Glue',
        hands: hands(10, 0),
        wait: { leastMin: 20, mostMin: 120, kind: 'tack clearing', what: 'Clear', origin: 'memory' },
      },
      { id: 'press', title: 'Press', hands: hands(10, 0) },
    ]
    const { bench, plan } = inTurn(orderOf([planned(batchOf('A', 4, steps)), planned(batchOf('B', 1, tack))]))
    const events = calendarEvents(
      bench,
      plan.placed,
      ZONE,
      (id) => `Batch ${id}`,
      (id) => id,
    )
    expect(events.map(({ summary }) => summary)).toEqual([
      'Bench: Batch A, Batch B',
      'Bench: Batch A',
      'Dry: Batch A',
      'Open until 21:20: Batch B: Press',
    ])
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(4)
    expect(events[0]?.description).toContain('19:00 Batch A: Soak, 4 pieces')
    // The window of 100 min rings a quarter of an hour before its end: 85 min after its start.
    expect(events[3]?.alarmMin).toBe(-85)
    expect(events[2]?.alarmMin).toBe(0)
  })
})
