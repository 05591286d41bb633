import { normal, requireRange, seededRandom, type Random } from '../units'
import { msOf, wallAt } from './clock'
import { endOf } from './cost'
import { SerialScheme } from './lay'
import type { BatchActivities, Lag, Problem, Activity } from './model'

/** How far things come out otherwise than planned: standard deviations as shares, of logarithms. */
export interface Spread {
  /** Real hands ÷ planned, in the middle: what the log has taught. */
  readonly pace: number
  /** How a maker's evenings differ: one draw for a batch. */
  readonly batch: number
  /** How steps differ beside that: one draw for each. */
  readonly step: number
  /** How drying differs. */
  readonly wait: number
}

/** Spread where the log has taught nothing yet. From memory. */
export const usualSpread: Spread = { pace: 1.1, batch: 0.2, step: 0.15, wait: 0.1 }

/** What the log teaches of the pace: the mean of logarithms of real ÷ planned, what was foretold worth two batches. */
export function spreadFrom(ratios: readonly number[]): Spread {
  const logs = ratios.filter((ratio) => ratio > 0 && Number.isFinite(ratio)).map(Math.log)
  if (logs.length === 0) return usualSpread
  const PRIOR = 2
  const before = Math.log(usualSpread.pace)
  const mean = (PRIOR * before + logs.reduce((sum, own) => sum + own, 0)) / (PRIOR + logs.length)
  const squares = logs.reduce((sum, own) => sum + (own - mean) ** 2, PRIOR * usualSpread.batch ** 2)
  return { ...usualSpread, pace: Math.exp(mean), batch: Math.sqrt(squares / (PRIOR + logs.length)) }
}

/** Good pieces that are wanted, and how many are spoilt: if too few come out, the rest is made after the last job. */
export interface YieldOf {
  readonly started: number
  readonly wanted: number
  /** Share that is spoilt, in the middle; and how it differs from batch to batch, as a share of it. */
  readonly spoilt: number
  readonly spread: number
  /** The job that they are made again after; absent: the last. */
  readonly job?: number
  /** Once for the batch and for each piece, minutes, of each work of that job. */
  readonly hands: readonly { readonly onceMin: number; readonly eachMin: number }[]
}

/** When some jobs have all ended, by many runs of the plan. */
export interface Promised {
  /** Minutes from the origin, in order; Infinity for a run that ends in no session. */
  readonly ends: readonly number[]
  /** Share of runs in which too few came out, so that some were made again. */
  readonly short: number
}

export interface PromiseOrder {
  /** The order that the plan was laid in. */
  readonly order: readonly number[]
  readonly spread: Spread
  readonly runs: number
  readonly seed: number
  readonly yieldOf?: YieldOf
}

/** The minute by which a share of runs has ended. @param share above 0, to 1 */
export function quantile({ ends }: Pick<Promised, 'ends'>, share: number): number {
  requireRange('share', share, '', { min: 0, max: 1 })
  return ends[Math.max(0, Math.ceil(share * ends.length) - 1)] ?? Infinity
}

/**
 * How likely all is done by a day: the share of runs that end on it or before, by the clock of a place.
 * @param originMs what the minutes of the runs count from, ms since 1970 @param date "2026-12-12"
 */
export function chanceBy(
  { ends }: Pick<Promised, 'ends'>,
  originMs: number,
  zone: string,
  date: string,
): number {
  const inTime = ends.filter((end) => end < Infinity && wallAt(msOf(originMs, end), zone).date <= date)
  return ends.length === 0 ? 0 : inTime.length / ends.length
}

/**
 * Runs a plan again and again with other times and yields: in the same order, each as early as it then fits. No work
 * grows beyond the longest session: what does not fit is broken off at the bench.
 * @param jobs all of them are waited for
 */
export function promiseOf(problem: Problem, jobs: readonly number[], asked: PromiseOrder): Promised {
  requireRange('runs', asked.runs, '', { min: 1 })
  const random = seededRandom(asked.seed)
  const longest = Math.max(1, ...problem.workers.flatMap(({ open }) => open.map(({ from, to }) => to - from)))
  let short = 0
  const ends = Array.from({ length: asked.runs }, () => {
    const again = asked.yieldOf ? lacking(asked.yieldOf, random) : 0
    if (again > 0) short += 1
    const maker = asked.yieldOf?.job ?? jobs.at(-1) ?? 0
    const longer = again > 0 && asked.yieldOf ? withMoreMade(problem, maker, again, asked.yieldOf) : problem
    const drawn = drawnTimes(longer, asked.spread, longest, random)
    const layer = new SerialScheme(drawn)
    const units = layer.unitsOfJob[maker]?.length ?? 0
    const before = asked.order.filter((own) => own === maker).length
    const order = [...asked.order, ...Array.from({ length: Math.max(0, units - before) }, () => maker)]
    const laid = layer.lay(order)
    return Math.max(...jobs.map((job) => endOf(drawn, job, laid) ?? Infinity))
  })
  return { ends: ends.sort((a, b) => a - b), short: short / asked.runs }
}

const logNormal = (random: Random, middle: number, spread: number): number =>
  middle * Math.exp(spread * normal(random))

/** The problem with times as they might come out. */
function drawnTimes(problem: Problem, spread: Spread, longest: number, random: Random): Problem {
  const paces = problem.jobs.map(() => logNormal(random, spread.pace, spread.batch))
  const works = problem.works.map((work): Activity => {
    const pace = (paces[work.job] ?? 1) * logNormal(random, 1, spread.step)
    const minutes = Math.max(1, Math.min(longest, Math.round(work.minutes * pace)))
    const after = work.after.map((lag): Lag => {
      if (lag.least === 0) return lag
      const least = Math.round(lag.least * logNormal(random, 1, spread.wait))
      // A window that is shorter than the work has become is worked in rounds: it still bounds when that begins.
      return lag.most === undefined
        ? { ...lag, least }
        : { ...lag, least, most: Math.max(lag.most, least + minutes) }
    })
    return { ...work, minutes, after }
  })
  return { ...problem, works }
}

/** Pieces that lack after a batch, by chance. */
function lacking({ started, wanted, spoilt, spread }: YieldOf, random: Random): number {
  const share = Math.min(0.95, logNormal(random, spoilt, spread))
  let good = 0
  for (let i = 0; i < started; i += 1) if (random() >= share) good += 1
  return Math.max(0, wanted - good)
}

/** The job with its works once more at its end, for pieces that lack; what waits for it waits for them. */
function withMoreMade(problem: Problem, job: number, pieces: number, { hands }: YieldOf): Problem {
  const own = problem.jobs[job]
  if (!own) return problem
  const first = problem.works.length
  const placeOf = new Map(own.works.map((work, i) => [work, first + i]))
  const more = own.works.flatMap((place, i): Activity[] => {
    const work = problem.works[place]
    if (!work) return []
    const { onceMin = 0, eachMin = 0 } = hands[i] ?? {}
    const { notBefore: _notBefore, dueBy: _dueBy, after, ...rest } = work
    const lags: Lag[] = after.flatMap((lag) => {
      const before = placeOf.get(lag.work)
      return before === undefined ? [] : [{ ...lag, work: before }]
    })
    const last = own.works.at(-1)
    return [
      {
        ...rest,
        minutes: Math.max(1, Math.ceil(onceMin + eachMin * pieces)),
        after: lags.length === 0 && last !== undefined ? [{ work: last, least: 0 }] : lags,
      },
    ]
  })
  const jobs = problem.jobs.map((each, at): BatchActivities =>
    at === job ? { ...each, works: [...each.works, ...placeOf.values()] } : each,
  )
  // What waits for all of them waits for those too.
  const lastOnce = own.works.at(-1)
  const lastAgain = placeOf.get(lastOnce ?? -1)
  const works = problem.works.map((work): Activity =>
    work.job === job || lastAgain === undefined
      ? work
      : {
          ...work,
          after: work.after.map((lag) => (lag.work === lastOnce ? { ...lag, work: lastAgain } : lag)),
        },
  )
  return { ...problem, jobs, works: [...works, ...more] }
}
