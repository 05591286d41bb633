import { addDays } from '../units'
import { AHEAD_DAYS, BenchJobs, type BenchBatch, type BenchOrder, type BenchWork } from './bench-jobs'
import { minutesFrom, momentAt, wallAt } from './clock'
import type { Problem } from './model'
import { daylightBetween, outdoorHours, peopleOf, sessionsBetween, type Session } from './sessions'
import { joined, overlap, type TimeSpan } from './stretches'

/** The workshop as a problem, and what its parts are called. */
export interface Bench {
  readonly originMs: number
  readonly problem: Problem
  readonly works: readonly BenchWork[]
  readonly sessions: readonly Session[]
  readonly daylight: readonly TimeSpan[]
  /** The day that each job is wanted by, as promised; the problem's `due` is that less the reserve. */
  readonly dues: readonly (string | undefined)[]
  /** Batches whose glue or paint has waited too long already, with when it closed. */
  readonly closed: readonly { readonly batchId: string; readonly atMs: number }[]
}

/** Makes the problem of laying all open batches into the sessions that there are from now on. */
export function benchOf(order: BenchOrder): Bench {
  const { nowMs, time } = order
  const originMs = Math.floor(nowMs / 60_000) * 60_000
  const today = wallAt(nowMs, time.zone).date
  const last = addDays(today, order.aheadDays ?? AHEAD_DAYS)
  const sessions = sessionsBetween(time, today, last).filter(({ toMs }) => toMs > nowMs)
  const daylight = daylightBetween(order.sun, time.zone, today, last)
  const minutes = (stretches: readonly TimeSpan[]): TimeSpan[] =>
    joined(
      stretches.map(({ from, to }) => ({
        from: Math.max(0, minutesFrom(originMs, from)),
        to: Math.floor((to - originMs) / 60_000),
      })),
    )
  const workers = peopleOf(time.people).map(({ id }) => ({
    id,
    open: minutes(
      sessions
        .filter(({ personId }) => personId === id)
        .map(({ fromMs, toMs }) => ({ from: fromMs, to: toMs })),
    ),
  }))
  const outdoors = minutes(outdoorHours(time))
  const lit = minutes(daylight)
  const slots = [lit, outdoors, overlap(lit, outdoors)]
  const horizon = minutesFrom(originMs, momentAt(last, '24:00', time.zone))
  const laid = new BenchJobs(order, originMs, workers)
  for (const chain of chainsOf(order.batches)) laid.addJob(chain)
  for (const own of order.batches) laid.addAwaits(own)
  const { jobs, works, holds, holders, details, dues, closed } = laid
  const problem: Problem = { workers, slots, holders, jobs, works, holds, horizon }
  return { originMs, problem, works: details, sessions, daylight, dues, closed }
}

/** Batches one after another where one must follow: each chain is a job. */
function chainsOf(batches: readonly BenchBatch[]): (readonly BenchBatch[])[] {
  const byId = new Map(batches.map((own) => [own.batch.id, own]))
  const next = new Map<string, BenchBatch[]>()
  const firsts: BenchBatch[] = []
  for (const own of batches) {
    const before = own.laying?.follows
    if (before !== undefined && byId.has(before) && before !== own.batch.id)
      next.set(before, [...(next.get(before) ?? []), own])
    else firsts.push(own)
  }
  const placed = new Set<string>()
  const chainFrom = (first: BenchBatch): BenchBatch[] => {
    if (placed.has(first.batch.id)) return []
    placed.add(first.batch.id)
    return [first, ...(next.get(first.batch.id) ?? []).flatMap(chainFrom)]
  }
  // Batches that follow one another in a ring have no first: they are laid all the same.
  return [...firsts.map(chainFrom), ...batches.map(chainFrom)].filter((chain) => chain.length > 0)
}
