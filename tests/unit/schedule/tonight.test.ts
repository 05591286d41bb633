import type { StepDraft } from '../../../core/makeup'
import {
  benchOf,
  dryingFrom,
  fitsWhole,
  SerialScheme,
  toLayOut,
  turnsBetween,
  type BenchOrder,
} from '../../../core/schedule'
import { batchOf, FRIDAY, orderOf, planned, runOf } from '../../support/benches'

type Draft = Omit<StepDraft, 'text'>
const hands = (onceMin: number) => ({ onceSec: onceMin * 60, eachSec: 0, origin: 'memory' }) as const
const wait = (leastMin: number, mostMin?: number) =>
  ({
    leastMin,
    kind: 'open film',
    what: 'Dry',
    origin: 'memory',
    ...(mostMin === undefined ? {} : { mostMin }),
  }) as const
const batch = (name: string, steps: Omit<Draft, 'id'>[]) =>
  batchOf(
    name,
    10,
    steps.map((step, i) => ({ id: `s${i}`, ...step }) as Draft),
  )
const inTurn = (order: BenchOrder) => {
  const bench = benchOf(order)
  const layer = new SerialScheme(bench.problem)
  return { bench, placed: layer.lay(layer.units.map(({ job }) => job)).placed }
}
/** From seven to half past nine, two hours from now. */
const [FROM, TO] = [120, 270]

describe('tonight', () => {
  const soak = batch('Beech', [
    {
      title: 'Soak',
      hands: hands(20),
      wait: wait(600),
      tools: ['bowl'],
      holders: [{ what: 'peg', each: 2, until: 's0' }],
    },
    { title: 'Paint', hands: hands(10), tools: ['foam block'] },
  ])
  const tack = batch('Weeds', [
    { title: 'Glue', hands: hands(10), wait: wait(15, 60), tools: ['brush'] },
    { title: 'Dab', hands: hands(20), tools: ['tweezers'] },
  ])

  it('is what is laid into it, by the clock, with windows and when they close', () => {
    const { bench, placed } = inTurn(orderOf([planned(soak), planned(tack)]))
    const turns = turnsBetween(bench, placed, FROM, TO)
    expect(turns.map(({ work, start }) => [bench.works[work]?.step.title, start])).toEqual([
      ['Soak', 120],
      ['Glue', 140],
      ['Dab', 165],
    ])
    expect(turns[2]?.closesAt).toBe(150 + 60)
  })

  it('wants tools and holders laid out, each once', () => {
    const { bench, placed } = inTurn(orderOf([planned(soak), planned(tack)]))
    expect(toLayOut(bench, turnsBetween(bench, placed, FROM, TO))).toEqual([
      'bowl',
      'brush',
      'tweezers',
      '20 pegs',
    ])
  })

  it('leaves something to dry, and says until when', () => {
    const { bench, placed } = inTurn(orderOf([planned(soak)]))
    expect(dryingFrom(bench, placed, FROM, TO)).toEqual([{ batchId: 'Beech', what: 'Dry', until: 740 }])
  })
})

describe('what fits into a while', () => {
  const short = batch('Short', [{ title: 'Short', hands: hands(20) }])
  const long = batch('Long', [{ title: 'Long', hands: hands(40) }])
  const titles = (order: BenchOrder, spare: number): (string | undefined)[] => {
    const { bench, placed } = inTurn(order)
    return fitsWhole(bench, placed, 0, spare).map(({ work }) => bench.works[work]?.step.title)
  }

  it('is whole, what is promised first before the rest', () => {
    const order = orderOf([planned(short), planned(long, { due: '2026-12-01' })])
    expect(titles(order, 25)).toEqual(['Short'])
    expect(titles(order, 45)).toEqual(['Long', 'Short'])
    expect(titles(order, 10)).toEqual([])
  })

  it('glue is not begun where there is no time for what must follow it', () => {
    const tack = batch('Tack', [
      { title: 'Glue', hands: hands(10), wait: wait(15, 60) },
      { title: 'Dab', hands: hands(20) },
    ])
    expect(titles(orderOf([planned(tack)]), 25)).toEqual([])
    expect(titles(orderOf([planned(tack)]), 45)).toEqual(['Glue'])
  })

  it('nothing is hung where the pegs are taken by what hangs there', () => {
    const pegged = (name: string) =>
      batch(name, [
        {
          title: `Peg ${name}`,
          hands: hands(5),
          wait: wait(600),
          holders: [{ what: 'peg', each: 2, until: 's0' }],
        },
        { title: `Paint ${name}`, hands: hands(5) },
      ])
    const pegs = { id: 'peg', changedAt: '2026-01-01T00:00:00.000Z', have: 30, lent: [], worn: 0 }
    const hanging = pegged('A')
    const run = runOf(hanging, [
      ['2026-11-27T15:40:00.000Z', { type: 'start' }],
      ['2026-11-27T15:50:00.000Z', { type: 'pieces', step: 0, count: 10 }],
    ])
    const more = { register: new Map([['peg', pegs]]) }
    expect(titles(orderOf([planned(pegged('B'))], more), 60)).toEqual(['Peg B'])
    expect(titles(orderOf([{ batch: hanging, run }, planned(pegged('B'))], more), 60)).toEqual([])
  })

  it('of equals, what starts a night’s drying goes first', () => {
    const drying = batch('Drying', [
      { title: 'Soak', hands: hands(20), wait: wait(600) },
      { title: 'Paint', hands: hands(5) },
    ])
    expect(titles(orderOf([planned(short), planned(drying)]), 25)).toEqual(['Soak', 'Short'])
  })

  it('what can’t be begun yet, or wants other hours, does not', () => {
    const look = batch('Look', [{ title: 'Look', hands: hands(5), needs: ['daylight'] }])
    // Five on a November afternoon; and the next morning at ten.
    expect(titles(orderOf([planned(look)]), 60)).toEqual([])
    expect(titles(orderOf([planned(look)], { nowMs: FRIDAY + 17 * 3_600_000 }), 60)).toEqual(['Look'])
    expect(titles(orderOf([]), 60)).toEqual([])
  })
})
