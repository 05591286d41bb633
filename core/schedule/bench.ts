import type { Batch, BatchStep, Run } from '../batches'
import { atHand, registerId, type ToolRecord } from '../tools'
import { addDays } from '../units'
import { minutesFrom, momentAt, wallAt } from './clock'
import type { HolderStock, Hold, Job, Lag, Problem, Work } from './model'
import { attendedMin, partsOf } from './parts'
import type { Laying } from './records'
import {
  daylightBetween,
  outdoorHours,
  peopleOf,
  sessionsBetween,
  type BenchTime,
  type Session,
  type SunPlace,
} from './sessions'
import { joined, shared, type Stretch } from './stretches'

/** How far ahead batches are laid: what does not fit into half a year is not planned for by evenings. */
export const AHEAD_DAYS = 180
/** After a part that is as much as one can bear, something else or a rest, minutes. Default of our own. */
export const REST_MIN = 15
/** As much of one thing in a row as one can bear where the maker has not said, minutes. Default of our own. */
export const BORING_MIN = 60

/** An open batch, as it stands, and what its maker has said of its laying. */
export interface BenchBatch {
  readonly batch: Batch
  readonly run: Run
  readonly laying?: Laying
  /** The day that it is wanted by: its own promise, else its commission's. */
  readonly due?: string
}

/** What laying depends on besides batches. */
export interface BenchOrder {
  readonly nowMs: number
  readonly time: BenchTime
  readonly batches: readonly BenchBatch[]
  readonly register: ReadonlyMap<string, ToolRecord>
  readonly sun: SunPlace
  /** There is a lamp that is as good as daylight. */
  readonly lamp: boolean
  readonly boringMin: number
  /** Days before a promise by which all should be done. */
  readonly reserveDays: number
  /** How far ahead; absent: {@link AHEAD_DAYS}. */
  readonly aheadDays?: number
}

/** What a work of the problem is to a person. */
export interface BenchWork {
  readonly batchId: string
  readonly stepIndex: number
  readonly step: BatchStep
  readonly part: number
  readonly parts: number
  readonly firstPiece: number
  readonly pieces: number
  /** Unattended waiting after it, minutes. */
  readonly waitMin: number
  readonly pinned: boolean
  /** It is under way: pieces of this step are done. */
  readonly begun: boolean
}

/** The workshop as a problem, and what its parts are called. */
export interface Bench {
  readonly originMs: number
  readonly problem: Problem
  readonly works: readonly BenchWork[]
  readonly sessions: readonly Session[]
  readonly daylight: readonly Stretch[]
  /** The day that each job is wanted by, as promised; the problem's `due` is that less the reserve. */
  readonly dues: readonly (string | undefined)[]
  /** Batches whose glue or paint has waited too long already, with when it closed. */
  readonly closed: readonly { readonly batchId: string; readonly atMs: number }[]
}

const DAYLIGHT = 0
const OUTDOORS = 1
const BOTH = 2

/** Makes the problem of laying all open batches into the sessions that there are from now on. */
export function benchOf(order: BenchOrder): Bench {
  const { nowMs, time, lamp } = order
  const originMs = Math.floor(nowMs / 60_000) * 60_000
  const today = wallAt(nowMs, time.zone).date
  const last = addDays(today, order.aheadDays ?? AHEAD_DAYS)
  const sessions = sessionsBetween(time, today, last).filter(({ toMs }) => toMs > nowMs)
  const daylight = daylightBetween(order.sun, time.zone, today, last)
  const minutes = (stretches: readonly Stretch[]): Stretch[] =>
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
  const slots = [lit, outdoors, shared(lit, outdoors)]
  const horizon = minutesFrom(originMs, momentAt(last, '24:00', time.zone))
  const laid = new LaidOut(order, originMs, workers, lamp)
  for (const chain of chainsOf(order.batches)) laid.addJob(chain)
  const { jobs, works, holds, holders, told, dues, closed } = laid
  const problem: Problem = { workers, slots, holders, jobs, works, holds, horizon }
  return { originMs, problem, works: told, sessions, daylight, dues, closed }
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

/** Jobs, works and holds as they are added. */
class LaidOut {
  readonly jobs: Job[] = []
  readonly works: Work[] = []
  readonly holds: Hold[] = []
  readonly holders: HolderStock[] = []
  readonly told: BenchWork[] = []
  readonly dues: (string | undefined)[] = []
  readonly closed: { batchId: string; atMs: number }[] = []
  private readonly holderPlaces = new Map<string, number>()
  private readonly longestMin: number

  constructor(
    private readonly order: BenchOrder,
    private readonly originMs: number,
    private readonly workers: Problem['workers'],
    private readonly lamp: boolean,
  ) {
    const lengths = workers.flatMap(({ open }) => open.map(({ from, to }) => to - from))
    this.longestMin = Math.max(1, ...lengths)
  }

  addJob(chain: readonly BenchBatch[]): void {
    const job = this.jobs.length
    const first = this.works.length
    for (const own of chain) this.addBatch(own, job, first)
    if (this.works.length === first) return
    const due = chain.flatMap((own) => own.due ?? []).sort()[0]
    const { zone } = this.order.time
    const by = due === undefined ? undefined : addDays(due, -this.order.reserveDays)
    this.jobs.push({
      id: chain[0]?.batch.id ?? '',
      works: Array.from({ length: this.works.length - first }, (_, i) => first + i),
      ...(by === undefined ? {} : { due: minutesFrom(this.originMs, momentAt(by, '24:00', zone)) }),
    })
    this.dues.push(due)
  }

  private addBatch({ batch, run, laying }: BenchBatch, job: number, firstOfJob: number): void {
    const { state } = run
    const steps = batch.plan.steps
    if (state.phase === 'done' || state.phase === 'finished' || state.phase === 'abandoned') return
    const waiting = state.phase === 'waiting'
    const begin = waiting ? state.stepIndex + 1 : state.stepIndex
    /** By step: the places of its first and last work. */
    const ends = new Map<number, readonly [first: number, last: number]>()
    const mine = this.works.length
    for (let i = begin; i < steps.length; i += 1) {
      const step = steps[i]
      if (!step) continue
      const isCurrent = i === state.stepIndex && !waiting && state.begun
      const left = isCurrent ? state.live - state.doneInStep : state.live
      if (left <= 0) continue
      const follows = this.works.length > mine ? steps[i - 1] : undefined
      const firstWork = this.works.length
      const limits = { longestMin: this.longestMin, boringMin: this.order.boringMin }
      // What stays open for so long only is not done bit by bit: the first of it would be dry.
      const parts = partsOf(
        step,
        left,
        step.wait?.mostMin === undefined ? limits : { ...limits, boringMin: Infinity },
      )
      parts.forEach((part, n) => {
        const place = this.works.length
        const after = this.lagsOf({ n, place, firstOfJob, mine, parts, follows, ends, i })
        const pin = laying?.works.find((own) => own.pinned && own.step === step.id && own.part === n)
        this.works.push({
          id: `${batch.name}: ${step.title}${parts.length > 1 ? ` (${n + 1} of ${parts.length})` : ''}`,
          job,
          minutes: part.minutes,
          who: this.workers.map((_, worker) => worker),
          after,
          ...this.slotOf(step),
          ...this.boundsOf(batch.id, place === mine ? state : undefined, waiting, pin?.start),
          kits: kitsOf(step),
          ...(step.gives.length > 0 ? { gives: step.gives } : {}),
          ...(step.apart ? { apart: { from: step.apart.from, minutes: step.apart.airMin } } : {}),
        })
        this.told.push({
          batchId: batch.id,
          stepIndex: i,
          step,
          part: n,
          parts: parts.length,
          firstPiece: part.firstPiece + (isCurrent ? state.doneInStep : 0),
          pieces: part.pieces,
          waitMin: n === parts.length - 1 && !attendedMin(step) ? (step.wait?.leastMin ?? 0) : 0,
          pinned: pin !== undefined,
          begun: isCurrent && state.doneInStep > 0,
        })
      })
      ends.set(i, [firstWork, this.works.length - 1])
    }
    this.addHolds(batch, state.live, begin, state.begun, ends)
  }

  /** What a part waits for: the part before it, with a rest; else the last of the step before, its wait and window. */
  private lagsOf(own: {
    n: number
    place: number
    firstOfJob: number
    mine: number
    parts: readonly { readonly minutes: number }[]
    follows: BatchStep | undefined
    ends: ReadonlyMap<number, readonly [number, number]>
    i: number
  }): Lag[] {
    const { n, place, firstOfJob, mine, parts, follows, ends, i } = own
    const lags: Lag[] = []
    if (n > 0) {
      const tiring = (parts[n - 1]?.minutes ?? 0) >= this.order.boringMin * 0.75
      lags.push({ work: place - 1, least: tiring ? REST_MIN : 0 })
    } else if (place > firstOfJob) {
      const least = place > mine && follows && !attendedMin(follows) ? (follows.wait?.leastMin ?? 0) : 0
      lags.push({ work: place - 1, least: Math.ceil(least) })
    }
    const most = follows?.wait?.mostMin
    const before = ends.get(i - 1)?.[1]
    if (most !== undefined && before !== undefined) {
      const least = n === 0 ? Math.ceil(follows?.wait?.leastMin ?? 0) : 0
      return [...lags.filter(({ work }) => work !== before), { work: before, least, most: Math.floor(most) }]
    }
    return lags
  }

  private slotOf({ needs }: BatchStep): Pick<Work, 'slot'> {
    const outdoors = needs.includes('outdoors')
    const daylight = needs.includes('daylight') && (outdoors || !this.lamp)
    if (outdoors) return { slot: daylight ? BOTH : OUTDOORS }
    return daylight ? { slot: DAYLIGHT } : {}
  }

  /** When a work may lie: after the wait that runs, before a window that is open closes, on the day it is pinned to. */
  private boundsOf(
    batchId: string,
    state: Run['state'] | undefined,
    waiting: boolean,
    pinnedTo: string | undefined,
  ): Pick<Work, 'notBefore' | 'dueBy'> {
    let notBefore = 0
    let dueBy: number | undefined
    if (state && waiting && state.wait)
      notBefore = Math.max(0, minutesFrom(this.originMs, state.wait.untilMs))
    const closesMs = waiting ? state?.wait?.latestMs : state?.followByMs
    if (closesMs !== undefined) {
      const closes = Math.floor((closesMs - this.originMs) / 60_000)
      if (closes > 0) dueBy = closes
      else this.closed.push({ batchId, atMs: closesMs })
    }
    if (pinnedTo !== undefined) {
      const { date } = wallAt(Date.parse(pinnedTo), this.order.time.zone)
      const { zone } = this.order.time
      notBefore = Math.max(notBefore, minutesFrom(this.originMs, momentAt(date, '00:00', zone)))
      // An evening may reach into the night.
      const end = minutesFrom(this.originMs, momentAt(addDays(date, 1), '06:00', zone))
      dueBy = Math.min(dueBy ?? Infinity, end)
    }
    return { ...(notBefore > 0 ? { notBefore } : {}), ...(dueBy === undefined ? {} : { dueBy }) }
  }

  /** Holders from the step that fills them to the first work after the step that frees them. */
  private addHolds(
    batch: Batch,
    live: number,
    begin: number,
    begun: boolean,
    ends: ReadonlyMap<number, readonly [number, number]>,
  ): void {
    const { steps } = batch.plan
    steps.forEach((step, i) => {
      for (const { what, each, until } of step.holders) {
        const record = this.order.register.get(registerId(what))
        if (!record || each <= 0) continue
        const named = steps.findIndex(({ id }) => id === until)
        const lastStep = named < 0 ? steps.length - 1 : named
        const from = ends.get(i)?.[0]
        const isFull = begun && i < begin
        if (from === undefined && !isFull) continue
        const next = [...ends].find(([at]) => at > lastStep)?.[1][0]
        const last = ends.get(lastStep)?.[1]
        const to = next ?? last
        if (to === undefined) continue
        this.holds.push({
          holder: this.holderPlace(what, atHand(record)),
          amount: each * live,
          ...(from === undefined || isFull ? {} : { from }),
          to,
          until: next === undefined ? 'end' : 'start',
        })
      }
    })
  }

  private holderPlace(what: string, capacity: number): number {
    const known = this.holderPlaces.get(what)
    if (known !== undefined) return known
    this.holders.push({ id: what, capacity })
    this.holderPlaces.set(what, this.holders.length - 1)
    return this.holders.length - 1
  }
}

/** What is set up and cleaned again: a place to spray, with the can; the static applicator with its earth lead. */
function kitsOf({ gives, tools, materialIds }: BatchStep): string[] {
  if (gives.includes('aerosol')) return ['spraying', ...materialIds.filter((id) => id.startsWith('spray-'))]
  return tools.includes('static applicator') ? ['static applicator'] : []
}
