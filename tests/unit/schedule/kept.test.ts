import { benchOf, laidWorks, mend, placedOf, standingOf } from '../../../core/schedule'
import {
  batchOf,
  type Draft,
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

describe('a plan that is kept', () => {
  it('comes back as it was, and stands until something changes', () => {
    const batches = [planned(batchOf('A', 5, two)), planned(batchOf('B', 8, two))]
    const { bench, plan } = laid(orderOf(batches))
    const layings = new Map(batches.map(({ batch: { id } }) => [id, { works: laidWorks(bench, plan, id) }]))
    const placed = placedOf(bench, layings)
    expect(placed).toEqual(plan.placed)
    expect(standingOf(bench, placed)).toEqual({ missed: [], unlaid: [], broken: [] })
    // The evening has passed and nothing was done.
    const later = benchOf(orderOf(batches, { nowMs: FRIDAY + 8 * 3_600_000 }))
    expect(standingOf(later, placedOf(later, layings)).missed).toHaveLength(2)
    // A batch more; a session less.
    const more = benchOf(orderOf([...batches, planned(batchOf('C', 1, two))]))
    expect(standingOf(more, placedOf(more, layings)).unlaid).toHaveLength(2)
    const time = { people: [{ id: 'ada', name: 'Ada' }], times: evenings.slice(0, 5), zone: ZONE }
    const less = benchOf(orderOf(batches, { time }))
    expect(standingOf(less, placedOf(less, layings)).broken).toHaveLength(2)
  })
})

describe('when people come and go', () => {
  const batches = [planned(batchOf('A', 5, two)), planned(batchOf('B', 8, two))]
  const time = (...names: string[]) => ({
    people: names.map((name) => ({ id: name.toLowerCase(), name })),
    times: evenings,
    zone: ZONE,
  })
  const keptFrom = (names: string[]) => {
    const { bench, plan } = laid(orderOf(batches, { time: time(...names) }))
    return {
      plan,
      layings: new Map(batches.map(({ batch: { id } }) => [id, { works: laidWorks(bench, plan, id) }])),
    }
  }

  it('a maker who names themselves keeps the plan that they had made without a name', () => {
    const { plan, layings } = keptFrom([])
    const named = benchOf(orderOf(batches, { time: time('Ada') }))
    expect(placedOf(named, layings)).toEqual(plan.placed)
    const both = benchOf(orderOf(batches, { time: time('Ada', 'Bo') }))
    expect(standingOf(both, placedOf(both, layings))).toEqual({ missed: [], unlaid: [], broken: [] })
  })

  it('the one who is left takes over what the other had, at its hour, as far as two hands can', () => {
    const { plan, layings } = keptFrom(['Ada', 'Bo'])
    expect(new Set(plan.placed.map((spot) => spot?.worker))).toEqual(new Set([0, 1]))
    const alone = benchOf(orderOf(batches, { time: time('Ada') }))
    const placed = placedOf(alone, layings)
    expect(placed.map((spot) => spot?.start)).toEqual(plan.placed.map((spot) => spot?.start))
    // Both had begun at seven: that can't be any more, and is mended.
    expect(standingOf(alone, placed).broken.length).toBeGreaterThan(0)
    expect(mend(alone.problem, placed).cost.unplaced).toBe(0)
  })

  it('of two who are left nobody is picked for what a third had: it is laid anew', () => {
    const { layings } = keptFrom(['Cy'])
    const others = benchOf(orderOf(batches, { time: time('Ada', 'Bo') }))
    expect(standingOf(others, placedOf(others, layings)).unlaid).toHaveLength(4)
  })
})

describe('a step in parts', () => {
  const long: Draft[] = [{ id: 'rasp', title: 'Rasp', hands: hands(0, 10) }]

  it('whose first part is done leaves the others where they were laid', () => {
    const batch = batchOf('A', 18, long)
    const { bench, plan } = laid(orderOf([planned(batch)]))
    expect(when({ bench, plan })).toEqual(['Fri 19:00', 'Fri 20:15', 'Sat 10:00'])
    const layings = new Map([['A', { works: laidWorks(bench, plan, 'A') }]])
    const run = runOf(batch, [
      ['2026-11-27T18:00:00.000Z', { type: 'start' }],
      ['2026-11-27T18:55:00.000Z', { type: 'pieces', step: 0, count: 6 }],
    ])
    const later = benchOf(orderOf([{ batch, run }], { nowMs: Date.parse('2026-11-27T18:56:00.000Z') }))
    const placed = placedOf(later, layings)
    expect(when({ bench: later, plan: { ...plan, placed } })).toEqual(['Fri 20:15', 'Sat 10:00'])
    expect(standingOf(later, placed)).toEqual({ missed: [], unlaid: [], broken: [] })
  })

  it('under way past its start is not nagged about; once its time is over it is missed', () => {
    const batch = batchOf('A', 3, long)
    const { bench, plan } = laid(orderOf([planned(batch)]))
    const layings = new Map([['A', { works: laidWorks(bench, plan, 'A') }]])
    const at = (moment: string) => {
      const now = benchOf(orderOf([planned(batch)], { nowMs: Date.parse(moment) }))
      return standingOf(now, placedOf(now, layings)).missed.length
    }
    expect([at('2026-11-27T18:10:00.000Z'), at('2026-11-27T18:31:00.000Z')]).toEqual([0, 1])
  })
})
