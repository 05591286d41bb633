import { breaksOf, type TimeRecord, unplacedWords, wallAt } from '../../../core/schedule'
import { registerId } from '../../../core/tools'
import {
  batchOf,
  type Draft,
  dry,
  evenings,
  FRIDAY,
  hands,
  laid,
  orderOf,
  planned,
  runOf,
  two,
  when,
  ZONE,
} from '../../support/benches'

describe('the bench as a problem', () => {
  it('a night’s drying lies between two evenings', () => {
    expect(when(laid(orderOf([planned(batchOf('Beech', 10, two))])))).toEqual(['Fri 19:00', 'Sat 10:00'])
  })

  it('what is under way goes on with the pieces that are left', () => {
    const batch = batchOf('Beech', 10, two)
    const run = runOf(batch, [
      ['2026-11-27T15:00:00.000Z', { type: 'start' }],
      ['2026-11-27T15:30:00.000Z', { type: 'pieces', step: 0, count: 6 }],
    ])
    const { bench } = laid(orderOf([{ batch, run }]))
    expect(bench.works[0]).toMatchObject({ pieces: 4, firstPiece: 6, begun: true })
    expect(bench.problem.works[0]?.minutes).toBe(7)
  })

  it('a wait that runs is waited for, by the clock that it began on', () => {
    const batch = batchOf('Beech', 2, two)
    const run = runOf(batch, [
      ['2026-11-27T15:00:00.000Z', { type: 'start' }],
      ['2026-11-27T15:30:00.000Z', { type: 'pieces', step: 0, count: 2 }],
    ])
    // Dry at 2:30 in the night.
    expect(when(laid(orderOf([{ batch, run }])))).toEqual(['Sat 10:00'])
  })

  it('tack is followed up in the same session, or the glue waits until it can be', () => {
    const tack: Draft[] = [
      { id: 'glue', title: 'Glue', hands: hands(0, 5), wait: dry(20, 90) },
      { id: 'press', title: 'Press', hands: hands(0, 5) },
    ]
    // 50 min of glue, 20 of waiting and 50 of pressing do not go into what is left of an evening of two hours beside
    // 40 min of other work that must go first.
    const first: Draft[] = [{ id: 'one', title: 'One', hands: hands(40, 0) }]
    const done = laid(
      orderOf([planned(batchOf('A', 1, first), { due: '2026-11-27' }), planned(batchOf('B', 10, tack))]),
    )
    expect(when(done)).toEqual(
      ['Fri 19:00', 'Fri 19:40', 'Sat 10:00'].slice(0, 1).concat(['Sat 10:00', 'Sat 11:10']),
    )
  })

  it('a window that closes before the next session leaves its step without a place, and says so', () => {
    const tack: Draft[] = [
      { id: 'glue', title: 'Glue', hands: hands(0, 1), wait: dry(20, 60) },
      { id: 'press', title: 'Press', hands: hands(0, 1) },
    ]
    const batch = batchOf('B', 5, tack)
    const run = runOf(batch, [
      ['2026-11-27T15:50:00.000Z', { type: 'start' }],
      ['2026-11-27T15:55:00.000Z', { type: 'pieces', step: 0, count: 5 }],
    ])
    const closing = laid(orderOf([{ batch, run }]))
    expect(when(closing)).toEqual(['–'])
    expect([...closing.plan.unplaced.values()]).toEqual(['it would end too late'])
    // Two hours on it has closed: it is said, and the step is laid all the same, to be judged at the bench.
    const later = laid(orderOf([{ batch, run }], { nowMs: FRIDAY + 2 * 3_600_000 }))
    expect(later.bench.closed).toEqual([{ batchId: 'B', atMs: Date.parse('2026-11-27T16:55:00.000Z') }])
    expect(when(later)).toEqual(['Fri 19:00'])
  })

  it('two batches that want more pegs than there are dry on different nights', () => {
    const pegged: Draft[] = [
      { ...two[0]!, holders: [{ what: 'peg', each: 2, until: 'soak' }] },
      two[1]!,
    ] as Draft[]
    const register = new Map([
      ['peg', { id: 'peg', changedAt: '2026-01-01T00:00:00.000Z', have: 50, lent: [], worn: 0 }],
    ])
    const both = [planned(batchOf('A', 20, pegged)), planned(batchOf('B', 20, pegged))]
    expect(when(laid(orderOf(both, { register })))).toEqual([
      'Fri 19:00',
      'Sat 10:00',
      'Sat 10:21',
      'Mon 19:00',
    ])
    // With pegs enough both dry in one night.
    const more = new Map([['peg', { ...register.get('peg')!, have: 80 }]])
    expect(when(laid(orderOf(both, { register: more }))).slice(2)).toEqual(['Fri 19:23', 'Sat 10:21'])
    // Ten of them lent: a batch of 21 alone is too many, and says so.
    const lent = new Map([['peg', { ...register.get('peg')!, have: 30 }]])
    expect(when(laid(orderOf(both.slice(0, 1), { register: lent })))).toEqual(['–', '–'])
  })

  it('a tray that one batch has half filled is no tray for another', () => {
    const dotted: Draft[] = [
      {
        id: 'dots',
        title: 'Dots',
        hands: hands(0, 1),
        wait: dry(600),
        holders: [{ what: 'steel tray', each: 1 / 40, until: 'dots' }],
      },
      { id: 'lift', title: 'Lift', hands: hands(5, 0) },
    ]
    const trays = (have: number) => ({
      register: new Map([
        [
          registerId('steel tray'),
          { id: registerId('steel tray'), changedAt: '2026-01-01T00:00:00.000Z', have, lent: [], worn: 0 },
        ],
      ]),
    })
    const batches = [planned(batchOf('A', 20, dotted)), planned(batchOf('B', 20, dotted))]
    expect(when(laid(orderOf(batches, trays(2)))).slice(0, 3)).toEqual([
      'Fri 19:00',
      'Sat 10:00',
      'Fri 19:20',
    ])
    const [first, , second] = when(laid(orderOf(batches, trays(1))))
    expect([first, second].sort()).toEqual(['Fri 19:00', 'Sat 10:05'])
    // Of a large one it is said how many the trays hold, to the piece.
    const large = laid(orderOf([planned(batchOf('C', 60, dotted))], trays(1)))
    expect(unplacedWords(large.bench, 0, large.plan.unplaced.get(0) ?? '', String)).toBe(
      'it wants 2 steel trays, and there is 1: 40 of its 60 pieces at once at most',
    )
  })

  it('fibre stands apart from what a can has left in the air, also of an hour ago', () => {
    const spray: Draft[] = [{ id: 's', title: 'Spray', hands: hands(10, 0), gives: ['aerosol'] }]
    const fibre: Draft[] = [
      { id: 'f', title: 'Fibre', hands: hands(10, 0), apart: { from: ['aerosol'], airMin: 30 } },
    ]
    const order = orderOf([
      planned(batchOf('A', 1, spray), { due: '2026-11-27' }),
      planned(batchOf('B', 1, fibre)),
    ])
    expect(breaksOf(laid(order).bench.problem, laid(order).plan)).toEqual([])
    const times = when(laid(order))
    expect([
      ['Fri 19:00', 'Fri 19:40'],
      ['Fri 19:10', 'Fri 19:00'],
    ]).toContainEqual(times)
    // A batch that sprayed until ten to seven keeps the fibre waiting until twenty past.
    const batch = batchOf('C', 1, [...spray, ...two])
    const run = runOf(batch, [
      ['2026-11-27T17:40:00.000Z', { type: 'start' }],
      ['2026-11-27T17:50:00.000Z', { type: 'pieces', step: 0, count: 1 }],
    ])
    const after = laid(
      orderOf([{ batch, run }, planned(batchOf('B', 1, fibre))], {
        nowMs: Date.parse('2026-11-27T17:55:00.000Z'),
      }),
    )
    expect(when(after).at(-1)).toBe('Fri 19:20')
  })

  it('two people do not use one applicator at once; with two they do', () => {
    const fibre: Draft[] = [
      { id: 'f', title: 'Fibre', hands: hands(30, 0), tools: ['static applicator', 'tweezers'] },
    ]
    const people = [
      { id: 'ada', name: 'Ada' },
      { id: 'bo', name: 'Bo' },
    ]
    const time = { people, times: evenings, zone: ZONE }
    const both = [planned(batchOf('A', 1, fibre)), planned(batchOf('B', 1, fibre))]
    expect(when(laid(orderOf(both, { time }))).sort()).toEqual(['Fri 19:00', 'Fri 19:30'])
    const two = { id: 'static-applicator', changedAt: '2026-01-01T00:00:00.000Z', have: 2, lent: [], worn: 0 }
    const register = new Map([['static-applicator', two]])
    expect(when(laid(orderOf(both, { time, register })))).toEqual(['Fri 19:00', 'Fri 19:00'])
  })

  it('inspection waits for daylight, unless there is a lamp; outdoors waits for a yes', () => {
    const look: Draft[] = [{ id: 'l', title: 'Look', hands: hands(5, 0), needs: ['daylight'] }]
    expect(when(laid(orderOf([planned(batchOf('A', 1, look))])))).toEqual(['Sat 10:00'])
    expect(when(laid(orderOf([planned(batchOf('A', 1, look))], { lamp: true })))).toEqual(['Fri 19:00'])
    const rasp: Draft[] = [{ id: 'r', title: 'Rasp', hands: hands(30, 0), needs: ['outdoors'] }]
    expect(when(laid(orderOf([planned(batchOf('A', 1, rasp))])))).toEqual(['–'])
    const yes: TimeRecord = {
      id: 'yes',
      changedAt: '2026-11-01T00:00:00.000Z',
      kind: 'outdoors',
      date: '2026-11-28',
      from: '13:00',
      to: '15:00',
      fit: true,
    }
    const time = { people: [], times: [...evenings, yes], zone: ZONE }
    expect(when(laid(orderOf([planned(batchOf('A', 1, rasp))], { time })))).toEqual(['Sat 13:00'])
  })

  it('without a booth what is sprayed waits for a dry, still Saturday', () => {
    const spray: Draft[] = [{ id: 's', title: 'Spray', hands: hands(20, 0), gives: ['aerosol'] }]
    const both = [planned(batchOf('A', 1, spray)), planned(batchOf('B', 1, spray))]
    const saturday: TimeRecord = {
      id: 'sunny',
      changedAt: '2026-11-01T00:00:00.000Z',
      kind: 'outdoors',
      date: '2026-11-28',
      from: '11:00',
      to: '20:00',
      fit: true,
    }
    const time = { people: [], times: [...evenings, saturday], zone: ZONE }
    expect(when(laid(orderOf(both, { time })))).toEqual(['Fri 19:00', 'Fri 19:20'])
    expect(when(laid(orderOf(both, { time, sprayOutdoors: true })))).toEqual(['Sat 11:00', 'Sat 11:20'])
    expect(when(laid(orderOf(both, { sprayOutdoors: true })))).toEqual(['–', '–'])
  })

  it('a pilot is done before the rest is begun', () => {
    const pilot = batchOf('Pilot', 1, two)
    const rest = batchOf('Rest', 9, two)
    const laying = { id: 'Rest', changedAt: '2026-11-01T00:00:00.000Z', works: [], follows: 'Pilot' }
    const done = laid(orderOf([planned(rest, { laying }), planned(pilot)]))
    expect(done.bench.problem.jobs).toHaveLength(1)
    expect(when(done)).toEqual(['Fri 19:00', 'Sat 10:00', 'Sat 10:02', 'Mon 19:00'])
  })

  it('batches that follow one another in a ring are laid all the same', () => {
    const follow = (id: string, follows: string) => ({
      id,
      changedAt: '2026-11-01T00:00:00.000Z',
      works: [],
      follows,
    })
    const ring = [
      planned(batchOf('A', 1, two), { laying: follow('A', 'B') }),
      planned(batchOf('B', 1, two), { laying: follow('B', 'A') }),
    ]
    expect(when(laid(orderOf(ring)))).not.toContain('–')
  })

  it('a step that is pinned to a day lies on that day', () => {
    const batch = batchOf('A', 5, two)
    const works = [
      {
        step: 'paint',
        part: 0,
        person: 'ada',
        start: '2026-12-02T18:00:00.000Z',
        end: '2026-12-02T18:06:00.000Z',
        pinned: true,
      },
    ]
    const laying = { id: 'A', changedAt: '2026-11-01T00:00:00.000Z', works }
    expect(when(laid(orderOf([planned(batch, { laying })])))).toEqual(['Fri 19:00', 'Wed 19:00'])
  })

  it('nothing open is an empty plan; no session leaves everything without a place', () => {
    expect(laid(orderOf([])).plan.placed).toEqual([])
    const time = { people: [], times: [], zone: ZONE }
    expect(when(laid(orderOf([planned(batchOf('A', 5, two))], { time })))).toEqual(['–', '–'])
  })

  it('a promise is laid against its day less the reserve', () => {
    const { bench } = laid(
      orderOf([planned(batchOf('A', 5, two), { due: '2026-12-12' })], { reserveDays: 2 }),
    )
    expect(wallAt(bench.originMs + (bench.problem.jobs[0]?.due ?? 0) * 60_000, ZONE)).toMatchObject({
      date: '2026-12-11',
      time: '00:00',
    })
    expect(bench.dues).toEqual(['2026-12-12'])
  })
})
