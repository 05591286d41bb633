import {
  lowerBoundsOf,
  breaksOf,
  compareCost,
  costOf,
  SerialScheme,
  ScheduleSearch,
} from '../../../core/schedule'
import { seededRandom } from '../../../core/units'
import { randomShop } from '../../support/shops'

const shuffled = <T>(rows: readonly T[], random: () => number): T[] =>
  rows
    .map((row) => ({ row, key: random() }))
    .sort((a, b) => a.key - b.key)
    .map(({ row }) => row)

describe('plans of random workshops', () => {
  it('break nothing, whatever the order they are laid in, in 2 000 workshops', () => {
    let laid = 0
    for (let seed = 1; seed <= 2_000; seed += 1) {
      const random = seededRandom(seed)
      const problem = randomShop(random, {
        people: 1 + (seed % 3),
        jobs: 1 + (seed % 6),
        steps: 6,
        days: 12,
        rich: true,
      })
      const layer = new SerialScheme(problem)
      const order = shuffled(
        layer.units.map(({ job }) => job),
        random,
      )
      const plan = layer.lay(order)
      const breaks = breaksOf(problem, plan)
      if (breaks.length > 0) throw new Error(`workshop ${seed}: ${breaks[0]?.because}`)
      laid += plan.placed.filter(Boolean).length
      // What found no place says why, and nothing is lost between the two.
      plan.placed.forEach((spot, work) => expect(plan.unplaced.has(work)).toBe(!spot))
    }
    expect(laid).toBeGreaterThan(10_000)
  })

  it('never beat the bounds, after searching, in 150 workshops', () => {
    for (let seed = 1; seed <= 150; seed += 1) {
      const problem = randomShop(seededRandom(seed), {
        people: 1 + (seed % 2),
        jobs: 4,
        steps: 5,
        days: 20,
        rich: seed % 3 > 0,
      })
      const search = new ScheduleSearch(problem, seed)
      const first = search.best.cost
      search.run(60)
      const { plan, cost } = search.best
      expect(compareCost(cost, first)).toBeLessThanOrEqual(0)
      expect(breaksOf(problem, plan)).toEqual([])
      expect(costOf(problem, plan)).toEqual(cost)
      if (cost.unplaced > 0) continue
      const bounds = lowerBoundsOf(problem)
      expect(cost.late).toBeGreaterThanOrEqual(bounds.late)
      expect(cost.end).toBeGreaterThanOrEqual(bounds.end)
    }
  })

  it('are the same for the same seed', () => {
    const size = { people: 2, jobs: 5, steps: 6, days: 15, rich: true }
    const found = [1, 2].map(() => {
      const search = new ScheduleSearch(randomShop(seededRandom(9), size), 4)
      search.run(200)
      return search.best.plan.placed
    })
    expect(found[0]).toEqual(found[1])
  })
})
