import type { StepDraft } from '../../../core/makeup'
import {
  benchOf,
  bestExtra,
  chanceBy,
  SerialScheme,
  promiseOf,
  quantile,
  spreadFrom,
  usualSpread,
  wantsMoreThanAll,
} from '../../../core/schedule'
import { normal, seededRandom } from '../../../core/units'
import { batchOf, dry, laid, orderOf, planned } from '../../support/benches'

type Draft = Omit<StepDraft, 'text'>
const hands = (onceMin: number) => ({ onceSec: onceMin * 60, eachSec: 0, origin: 'memory' }) as const
const night = { leastMin: 600, kind: 'open film', what: 'Dry', origin: 'memory' } as const
const steps: Draft[] = [
  { id: 'a', title: 'A', hands: hands(120), wait: night },
  { id: 'b', title: 'B', hands: hands(100), wait: night },
  { id: 'c', title: 'C', hands: hands(50) },
]
const bench = benchOf(orderOf([planned(batchOf('X', 1, steps))], { boringMin: 600 }))
const layer = new SerialScheme(bench.problem)
const order = layer.units.map(({ job }) => job)

/** The same plan run by hand: evenings one after another, no laying. Minutes from the origin. */
function runByHand(random: () => number): number {
  const { pace, batch, step, wait } = usualSpread
  const log = (middle: number, spread: number): number => middle * Math.exp(spread * normal(random))
  const own = log(pace, batch)
  const open = bench.problem.workers[0]?.open ?? []
  const longest = Math.max(...open.map(({ from, to }) => to - from))
  const minutes = [120, 100, 50].map((planned) =>
    Math.max(1, Math.min(longest, Math.round(planned * own * log(1, step)))),
  )
  let ready = 0
  let end = 0
  minutes.forEach((long, i) => {
    const dries = i > 0 ? Math.round(600 * log(1, wait)) : 0
    ready = end + dries
    for (const { from, to } of open) {
      const begin = Math.max(from, ready)
      if (begin + long > to) continue
      end = begin + long
      break
    }
  })
  return end
}

describe('promises', () => {
  it('agree with 10 000 runs by hand, at the half and at nine tenths, within half an evening', () => {
    const random = seededRandom(77)
    const byHand = Array.from({ length: 10_000 }, () => runByHand(random)).sort((a, b) => a - b)
    const asked = { order, spread: usualSpread, runs: 400, seed: 5 }
    const promised = promiseOf(bench.problem, [0], asked)
    const HALF_AN_EVENING = 75
    for (const share of [0.5, 0.9]) {
      const exact = byHand[Math.ceil(share * byHand.length) - 1] ?? 0
      expect(Math.abs(quantile(promised, share) - exact)).toBeLessThan(HALF_AN_EVENING)
    }
    // And the shares that are done by the evenings themselves, within four in a hundred.
    for (const by of [1_700, 3_000, 5_000]) {
      const shareOf = (ends: readonly number[]): number =>
        ends.filter((end) => end <= by).length / ends.length
      expect(Math.abs(shareOf(promised.ends) - shareOf(byHand))).toBeLessThan(0.05)
    }
  })

  it('without any spread are the plan itself, at every share', () => {
    const none = { pace: 1, batch: 0, step: 0, wait: 0 }
    const promised = promiseOf(bench.problem, [0], { order, spread: none, runs: 20, seed: 1 })
    const end = layer.lay(order).placed.at(-1)?.end
    expect([quantile(promised, 0.01), quantile(promised, 0.5), quantile(promised, 1)]).toEqual([
      end,
      end,
      end,
    ])
  })

  it('come later where pieces are spoilt and made again', () => {
    const yieldOf = {
      started: 40,
      wanted: 38,
      spoilt: 0.15,
      spread: 0.3,
      hands: [1, 1, 1].map((onceMin) => ({ onceMin, eachMin: 2 })),
    }
    const asked = { order, spread: usualSpread, runs: 200, seed: 5 }
    const without = promiseOf(bench.problem, [0], asked)
    const withSpoilt = promiseOf(bench.problem, [0], { ...asked, yieldOf })
    expect(withSpoilt.short).toBeGreaterThan(0.8)
    expect(quantile(withSpoilt, 0.5)).toBeGreaterThan(quantile(without, 0.5))
    const safe = promiseOf(bench.problem, [0], { ...asked, yieldOf: { ...yieldOf, wanted: 10 } })
    expect(safe.short).toBe(0)
  })

  it('of planting out come after what is made again has dried', () => {
    const trees = batchOf('Beech', 10, [{ id: 'soak', title: 'Soak', hands: hands(30), wait: dry(600) }])
    const front = batchOf('Plant', 10, [{ id: 'set', title: 'Set', hands: hands(20) }])
    const awaits = [{ step: 'set', batchId: trees.id }]
    const { problem } = laid(orderOf([planned(trees), planned(front, { awaits })])).bench
    const none = { pace: 1, batch: 0, step: 0, wait: 0 }
    const asked = { order: [1, 0], spread: none, runs: 20, seed: 1 }
    const yieldOf = {
      ...{ started: 10, wanted: 10, spoilt: 0.95, spread: 0, job: 0 },
      hands: [{ onceMin: 125, eachMin: 0 }],
    }
    const DAY = 24 * 60
    // From Friday at five: soaked at seven, dry in the night, set on Saturday at ten.
    expect(promiseOf(problem, [1], asked)).toMatchObject({ short: 0, ends: Array(20).fill(17 * 60 + 20) })
    // What lacks does not fit into Friday any more: Saturday till five past twelve, dry at night, set on Monday.
    const again = promiseOf(problem, [1], { ...asked, yieldOf })
    expect(again).toMatchObject({ short: 1, ends: Array(20).fill(3 * DAY + 2 * 60 + 20) })
  })

  it('in a workshop without sessions are never', () => {
    const closed = { ...bench.problem, workers: [{ id: 'ada', open: [] }] }
    expect(quantile(promiseOf(closed, [0], { order, spread: usualSpread, runs: 5, seed: 1 }), 0.5)).toBe(
      Infinity,
    )
  })
})

describe('what the log teaches of the pace', () => {
  it('is nothing without batches, and comes near to what they were with many', () => {
    expect(spreadFrom([])).toEqual(usualSpread)
    const slow = spreadFrom(Array.from({ length: 40 }, () => 1.5))
    expect(slow.pace).toBeGreaterThan(1.45)
    expect(slow.batch).toBeLessThan(usualSpread.batch)
    expect(spreadFrom([0, Infinity, -1])).toEqual(usualSpread)
  })
})

describe('more than there are hands for', () => {
  it('is known without laying it: all that some jobs want beside all that all sessions have', () => {
    const there = bench.problem.workers
      .flatMap(({ open }) => open)
      .reduce((sum, { from, to }) => sum + to - from, 0)
    const asked = (minutes: number) =>
      wantsMoreThanAll(
        { ...bench.problem, works: bench.problem.works.map((work) => ({ ...work, minutes })) },
        [0],
      )
    const works = bench.problem.jobs[0]?.works.length ?? 0
    expect([asked(there / works), asked(there / works + 1)]).toEqual([false, true])
    expect(wantsMoreThanAll(bench.problem, [])).toBe(false)
  })
})

describe('an evening more', () => {
  it('is the one that ends the batch earliest, with what it gains', () => {
    // Friday evening, then Saturday; a Friday night session of its own lets the last step be done on Sunday.
    const end = layer.lay(order).placed.at(-1)?.end ?? 0
    const DAY = 24 * 60
    const sunday = { from: 2 * DAY, to: 2 * DAY + 150 }
    const gain = bestExtra(bench.problem, 0, order, [{ from: 40 * DAY, to: 40 * DAY + 150 }, sunday])
    expect(gain).toEqual({ ...sunday, minutes: end - (sunday.from + 50) })
    expect(bestExtra(bench.problem, 0, order, [])).toBeUndefined()
  })
})

describe('how likely it is by a day', () => {
  // Counted from the 5th of December, 18:00 in London; a day is 1440 minutes.
  const origin = Date.UTC(2026, 11, 5, 18, 0)
  const ends = [60, 359, 360, 1440, Infinity]

  it('counts the runs that end on that day or before, by the clock there', () => {
    expect(chanceBy({ ends }, origin, 'Europe/London', '2026-12-04')).toBe(0)
    // 19:00 and 23:59 are still the 5th; midnight is the 6th.
    expect(chanceBy({ ends }, origin, 'Europe/London', '2026-12-05')).toBe(2 / 5)
    expect(chanceBy({ ends }, origin, 'Europe/London', '2026-12-06')).toBe(4 / 5)
    // In Auckland the 6th has long begun.
    expect(chanceBy({ ends }, origin, 'Pacific/Auckland', '2026-12-05')).toBe(0)
  })

  it('a run that ends in no session is never in time, and of no runs none are', () => {
    expect(chanceBy({ ends }, origin, 'Europe/London', '2099-01-01')).toBe(4 / 5)
    expect(chanceBy({ ends: [] }, origin, 'Europe/London', '2099-01-01')).toBe(0)
  })
})
