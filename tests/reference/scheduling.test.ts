import loadHighs from 'highs'
import {
  lowerBoundsOf,
  breaksOf,
  proveEnd,
  ScheduleSearch,
  type Hold,
  type BatchActivities,
  type Problem,
  type Activity,
} from '../../core/schedule'
import { seededRandom } from '../../core/units'
import { optimum, SLOT } from '../support/laying-program'
import type { Highs } from '../support/mix-program'
import { jobShop } from '../support/shops'

/** FT06 and FT10: Fisher and Thompson 1963. LA01: Lawrence 1984. As printed in the job-shop literature, from memory. */
const FT06 = `
2 1  0 3  1 6  3 7  5 3  4 6
1 8  2 5  4 10 5 10 0 10 3 4
2 5  3 4  5 8  0 9  1 1  4 7
1 5  0 5  2 5  3 3  4 8  5 9
2 9  1 3  4 5  5 4  0 3  3 1
1 3  3 3  5 9  0 10 4 4  2 1`
const LA01 = `
1 21 0 53 4 95 3 55 2 34
0 21 3 52 4 16 2 26 1 71
3 39 4 98 1 42 2 31 0 12
1 77 0 55 4 79 2 66 3 77
0 83 3 34 2 64 1 19 4 37
1 54 2 43 4 79 0 92 3 62
3 69 4 77 1 87 2 87 0 93
2 38 0 60 1 41 3 24 4 83
3 17 1 49 4 25 0 44 2 98
4 77 3 79 2 43 1 75 0 96`
const FT10 = `
0 29 1 78 2 9  3 36 4 49 5 11 6 62 7 56 8 44 9 21
0 43 2 90 4 75 9 11 3 69 1 28 6 46 5 46 7 72 8 30
1 91 0 85 3 39 2 74 8 90 5 10 7 12 6 89 9 45 4 33
1 81 2 95 0 71 4 99 6 9  8 52 7 85 3 98 9 22 5 43
2 14 0 6  1 22 5 61 3 26 4 69 8 21 7 49 9 72 6 53
2 84 1 2  5 52 3 95 8 48 9 72 0 47 6 65 4 6  7 25
1 46 0 37 3 61 2 13 6 32 5 21 9 32 8 89 7 30 4 55
2 31 0 86 1 46 5 74 4 32 6 88 8 19 9 48 7 36 3 79
0 76 1 69 3 76 5 51 2 85 9 11 6 40 7 89 4 26 8 74
1 85 0 13 2 61 6 7  8 64 9 76 5 47 3 52 4 90 7 45`

function searched(problem: Problem, seed: number, rounds: number, enough: number) {
  const search = new ScheduleSearch(problem, seed)
  for (let done = 0; done < rounds && search.best.cost.end > enough; done += 500) search.run(500)
  return search.best
}

describe('job shops of the literature, as special cases of the bench', () => {
  it('FT06 is laid in 55, and nothing ends earlier', () => {
    const problem = jobShop(FT06)
    const best = searched(problem, 1, 20_000, 55)
    expect(best.cost.end).toBe(55)
    expect(breaksOf(problem, best.plan)).toEqual([])
    expect(proveEnd(problem, 55, 50_000)).toEqual({ kind: 'none earlier' })
  })

  it('the proof finds 55 by itself where it is asked for anything below 60', () => {
    expect(proveEnd(jobShop(FT06), 60, 200_000)).toEqual({ kind: 'earlier', end: 55 })
  })

  it('LA01 is laid in 666, which the load of one machine forbids to beat', () => {
    const problem = jobShop(LA01)
    const best = searched(problem, 1, 40_000, 666)
    expect(best.cost.end).toBe(666)
    expect(breaksOf(problem, best.plan)).toEqual([])
    expect(lowerBoundsOf(problem).end).toBe(666)
    expect(proveEnd(problem, 666, 50_000)).toEqual({ kind: 'none earlier' })
  })

  it('FT10, whose optimum is 930, is laid within 2 % of it', () => {
    const problem = jobShop(FT10)
    const best = searched(problem, 3, 180_000, 948)
    expect(best.cost.end).toBeLessThanOrEqual(948)
    expect(best.cost.end).toBeGreaterThanOrEqual(930)
    expect(breaksOf(problem, best.plan)).toEqual([])
    expect(lowerBoundsOf(problem).end).toBeLessThanOrEqual(930)
  })
})

/** A small bench in whole slots: evenings, waits, a window, holders that not all batches fit into together. */
function smallBench(seed: number, dues: boolean): Problem {
  const random = seededRandom(seed)
  const whole = (least: number, most: number): number => least + Math.floor(random() * (most - least + 1))
  const days = 5
  const people = 1 + (seed % 2)
  const workers = Array.from({ length: people }, (_, i) => ({
    id: `person ${i}`,
    open: Array.from({ length: days }, (_, day) => {
      const from = day * 480 + whole(0, 3) * SLOT
      return { from, to: from + whole(5, 9) * SLOT }
    }),
  }))
  const works: Activity[] = []
  const holds: Hold[] = []
  const jobs = Array.from({ length: 3 }, (_, job): BatchActivities => {
    const own = Array.from({ length: whole(2, 3) }, (_, k) => {
      const minutes = whole(1, 5) * SLOT
      const least = ([0, 2, 20][whole(0, 2)] ?? 0) * SLOT
      const window = k > 0 && random() < 0.3 ? { most: least + minutes + 2 * SLOT } : {}
      works.push({
        id: `${job}.${k}`,
        job,
        minutes,
        who: workers.map((_, i) => i),
        after: k === 0 ? [] : [{ work: works.length - 1, least, ...window }],
      })
      return works.length - 1
    })
    const [first = 0, second = 0] = own
    holds.push({ holder: 0, amount: whole(1, 3), from: first, to: second, until: 'start' })
    return { id: `${job}`, works: own, ...(dues ? { due: whole(1, 4) * 480 } : {}) }
  })
  return {
    workers,
    slots: [],
    holders: [{ id: 'trays', capacity: 4 }],
    holds,
    jobs,
    works,
    horizon: days * 480,
  }
}

describe('small benches beside an exact solver (HiGHS)', () => {
  let highs: Highs
  beforeAll(async () => {
    highs = (await loadHighs()) as unknown as Highs
  })

  it.each(Array.from({ length: 50 }, (_, i) => i + 1))('bench %i is laid as well as can be', (seed) => {
    const aim = seed % 2 === 0 ? 'late' : 'end'
    const problem = smallBench(seed, aim === 'late')
    const exact = optimum(highs, problem, aim)
    const search = new ScheduleSearch(problem, seed)
    for (let i = 0; i < 60 && search.best.cost[aim] !== exact; i += 1) search.run(100)
    const { plan, cost } = search.best
    expect(breaksOf(problem, plan)).toEqual([])
    expect(cost.unplaced > 0 ? 'infeasible' : cost[aim]).toBe(exact)
    if (cost.unplaced === 0) expect(lowerBoundsOf(problem)[aim]).toBeLessThanOrEqual(cost[aim])
  })
})
