import { stillInAir, type Batch, type BatchStep, type BatchWait, type Run } from '../batches'
import { stepsBefore } from '../makeup'
import { atHand, holderByName, ownableTools, registerId, type ToolRecord } from '../tools'
import { addDays } from '../units'
import { minutesFrom, momentAt, wallAt } from './clock'
import type { Hold, HolderStock, BatchActivities, Lag, Problem, Activity } from './model'
import { attendedMin, activityPartsOf } from './parts'
import type { Laying } from './records'
import type { BenchTime, SunPlace } from './sessions'

/** How far ahead batches are laid: what does not fit into half a year is not planned for by evenings. */
export const AHEAD_DAYS = 180
/** As much of one thing in a row as one can bear where the maker has not said, minutes. Default of our own. */
export const BORING_MIN = 60
/** After a part that is as much as one can bear, something else or a rest, minutes. Default of our own. */
const REST_MIN = 15
/** A session where there is none yet, minutes: steps are in parts that would fit into it. */
const USUAL_SESSION_MIN = 150

/** An open batch, as it stands, and what its maker has said of its laying. */
export interface BenchBatch {
  readonly batch: Batch
  readonly run: Run
  readonly laying?: Laying
  /** The day that it is wanted by: its own promise, else its commission's. */
  readonly due?: string
  readonly awaits?: readonly BatchWait[]
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
  /** There is no booth: what is sprayed is sprayed outdoors. */
  readonly sprayOutdoors?: boolean
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
  /** Which part of its step, from 0, and how many come after it. */
  readonly part: number
  readonly partsAfter: number
  readonly parts: number
  readonly firstPiece: number
  readonly pieces: number
  /** Unattended waiting after it, minutes. */
  readonly waitMin: number
  readonly pinned: boolean
  /** It is under way: pieces of this step are done. */
  readonly begun: boolean
}

/** Places of the calendars that works may need besides hands. */
export const slotPlaces = { daylight: 0, outdoors: 1, both: 2 } as const

const ownable = new Set(ownableTools.map(({ id }) => id))

/** Whether a work waits for hours outdoors that are dry and still. */
export const isOutdoors = ({ slot }: Pick<Activity, 'slot'>): boolean =>
  slot === slotPlaces.outdoors || slot === slotPlaces.both

/** Jobs, works and holds as they are added. */
export class BenchJobs {
  readonly jobs: BatchActivities[] = []
  readonly works: Activity[] = []
  readonly holds: Hold[] = []
  readonly holders: HolderStock[] = []
  readonly details: BenchWork[] = []
  readonly dues: (string | undefined)[] = []
  readonly closed: { batchId: string; atMs: number }[] = []
  private readonly holderPlaces = new Map<string, number>()
  private readonly longestMin: number

  constructor(
    private readonly order: BenchOrder,
    private readonly originMs: number,
    private readonly workers: Problem['workers'],
  ) {
    const lengths = workers.flatMap(({ open }) => open.map(({ from, to }) => to - from))
    this.longestMin = lengths.length > 0 ? Math.max(...lengths) : USUAL_SESSION_MIN
  }

  addJob(chain: readonly BenchBatch[]): void {
    const job = this.jobs.length
    const first = this.works.length
    for (const own of chain) this.addBatch(own, job, first)
    if (this.works.length === first) return
    const rest = Math.ceil(this.details.at(-1)?.waitMin ?? 0)
    const due = chain.flatMap((own) => own.due ?? []).sort()[0]
    const { zone } = this.order.time
    const by = due === undefined ? undefined : addDays(due, -this.order.reserveDays)
    this.jobs.push({
      id: chain[0]?.batch.id ?? '',
      works: Array.from({ length: this.works.length - first }, (_, i) => first + i),
      ...(rest > 0 ? { rest } : {}),
      ...(by === undefined ? {} : { due: minutesFrom(this.originMs, momentAt(by, '24:00', zone)) }),
    })
    this.dues.push(due)
  }

  /** Ties steps to those of other batches that they await: once all are there. */
  addAwaits({ batch, awaits = [] }: BenchBatch): void {
    for (const { step, batchId, until, soft } of awaits) {
      const mine = this.details.findIndex((own) => own.batchId === batch.id && own.step.id === step)
      const work = this.works[mine]
      const other = this.order.batches.find((own) => own.batch.id === batchId)
      if (!work || !other) continue
      const { steps } = other.batch.plan
      const upTo = until === undefined ? steps.length - 1 : steps.findIndex(({ id }) => id === until)
      const theirs = this.details.findLastIndex((own) => own.batchId === batchId && own.stepIndex <= upTo)
      const { wait } = other.run.state
      // One that its maker laid behind it in its own job comes after it all the same.
      if (theirs > mine && this.works[theirs]?.job === work.job) continue
      if (theirs >= 0) {
        const least = until === undefined ? Math.ceil(this.details[theirs]?.waitMin ?? 0) : 0
        const lag: Lag = { work: theirs, least, ...(soft ? { soft } : {}) }
        this.works[mine] = { ...work, after: [...work.after, lag] }
      } else if (wait && until === undefined) {
        const ready = minutesFrom(this.originMs, wait.untilMs)
        this.works[mine] = { ...work, notBefore: Math.max(work.notBefore ?? 0, ready) }
      }
    }
  }

  private addBatch({ batch, run, laying }: BenchBatch, job: number, firstOfJob: number): void {
    const { state } = run
    const steps = batch.plan.steps
    if (state.phase === 'done' || state.phase === 'finished' || state.phase === 'abandoned') return
    /** By step: the places of its first and last work. */
    const ends = new Map<number, readonly [first: number, last: number]>()
    const mine = this.works.length
    for (let i = 0; i < steps.length; i += 1) {
      const step = steps[i]
      if (!step || state.past[i] || state.waits.has(i)) continue
      const done = state.done[i] ?? 0
      const left = state.live - done
      if (left <= 0) continue
      const firstWork = this.works.length
      const limits = { longestMin: this.longestMin, boringMin: this.order.boringMin }
      // What stays open for so long only is not done bit by bit: the first of it would be dry.
      const parts = activityPartsOf(
        step,
        left,
        step.wait?.mostMin === undefined ? limits : { ...limits, boringMin: Infinity },
      )
      parts.forEach((part, n) => {
        const place = this.works.length
        const after = this.lagsOf({ n, place, firstOfJob, mine, parts, steps, ends, i })
        const pin = laying?.works.find(
          (own) => own.pinned && own.step === step.id && own.part === parts.length - 1 - n,
        )
        this.works.push({
          id: `${batch.name}: ${step.title}${parts.length > 1 ? ` (${n + 1} of ${parts.length})` : ''}`,
          job,
          minutes: part.minutes,
          who: this.workers.map((_, worker) => worker),
          after,
          ...this.slotOf(step),
          ...this.boundsOf({
            batchId: batch.id,
            step,
            waits: n === 0 ? stepsBefore(steps, i) : [],
            state,
            pinnedTo: pin?.start,
          }),
          kits: kitsOf(step),
          ...(step.gives.length > 0 ? { gives: step.gives } : {}),
          ...(step.apart ? { apart: { from: step.apart.from, minutes: step.apart.airMin } } : {}),
        })
        this.details.push({
          batchId: batch.id,
          stepIndex: i,
          step,
          part: n,
          partsAfter: parts.length - 1 - n,
          parts: parts.length,
          firstPiece: part.firstPiece + done,
          pieces: part.pieces,
          waitMin: n === parts.length - 1 && !attendedMin(step) ? (step.wait?.leastMin ?? 0) : 0,
          pinned: pin !== undefined,
          begun: done > 0,
        })
      })
      ends.set(i, [firstWork, this.works.length - 1])
      this.addTools(step, firstWork)
    }
    this.addHolds(batch, state, ends)
  }

  /**
   * What a part waits for: the part before it, with a rest; else the last of each step that its own one needs, with its
   * wait and window. A batch that begins behind another comes after the last of that.
   */
  private lagsOf(own: {
    n: number
    place: number
    firstOfJob: number
    mine: number
    parts: readonly { readonly minutes: number }[]
    steps: readonly BatchStep[]
    ends: ReadonlyMap<number, readonly [number, number]>
    i: number
  }): Lag[] {
    const { n, place, firstOfJob, mine, parts, steps, ends, i } = own
    const needed = stepsBefore(steps, i).flatMap((at): Lag[] => {
      const step = steps[at]
      const work = ends.get(at)?.[1]
      if (!step || work === undefined) return []
      const { leastMin = 0, mostMin } = step.wait ?? {}
      const least = attendedMin(step) ? 0 : Math.ceil(leastMin)
      if (mostMin === undefined) return n === 0 ? [{ work, least }] : []
      return [{ work, least: n === 0 ? Math.ceil(leastMin) : 0, most: Math.floor(mostMin) }]
    })
    if (n > 0) {
      const tiring = (parts[n - 1]?.minutes ?? 0) >= this.order.boringMin * 0.75
      return [{ work: place - 1, least: tiring ? REST_MIN : 0 }, ...needed]
    }
    return needed.length === 0 && mine > firstOfJob ? [{ work: mine - 1, least: 0 }] : needed
  }

  private slotOf({ needs, gives }: BatchStep): Pick<Activity, 'slot'> {
    const sprayed = gives.includes('aerosol') && (this.order.sprayOutdoors ?? false)
    const outdoors = needs.includes('outdoors') || sprayed
    const daylight = sprayed || (needs.includes('daylight') && (outdoors || !this.order.lamp))
    if (outdoors) return { slot: daylight ? slotPlaces.both : slotPlaces.outdoors }
    return daylight ? { slot: slotPlaces.daylight } : {}
  }

  /** When a work may lie: after the wait that runs, before a window that is open closes, on the day it is pinned to. */
  private boundsOf(own: {
    batchId: string
    step: BatchStep
    /** Of the first part of a step: those that it needs, which may still dry or have left a window. */
    waits: readonly number[]
    state: Run['state']
    pinnedTo: string | undefined
  }): Pick<Activity, 'notBefore' | 'dueBy'> {
    const { batchId, step, waits, state, pinnedTo } = own
    const air = stillInAir(step, this.order.batches, this.order.nowMs)
    let notBefore = air ? minutesFrom(this.originMs, air.untilMs) : 0
    let dueBy: number | undefined
    for (const at of waits) {
      const wait = state.waits.get(at)
      if (wait) notBefore = Math.max(notBefore, minutesFrom(this.originMs, wait.untilMs))
      const closesMs = wait?.latestMs ?? state.closes.get(at)
      if (closesMs === undefined) continue
      const closes = Math.floor((closesMs - this.originMs) / 60_000)
      if (closes > 0) dueBy = Math.min(dueBy ?? Infinity, closes)
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
    { live, begun, past, waits }: Run['state'],
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
        const isFull = begun && (past[i] === true || waits.has(i))
        if (from === undefined && !isFull) continue
        const next = [...ends].find(([at]) => stepsBefore(steps, at).includes(lastStep))?.[1][0]
        const last = ends.get(lastStep)?.[1]
        const to = next ?? last
        if (to === undefined) continue
        this.holds.push({
          holder: this.holderPlace(what, atHand(record)),
          // Whole ones: a tray that is half full is no tray for another batch.
          amount: Math.ceil(each * live - 1e-9),
          ...(from === undefined || isFull ? {} : { from }),
          to,
          until: next === undefined ? 'end' : 'start',
        })
      }
    })
  }

  /** Tools that two people can't use at once: as many as the register says, else one of each. */
  private addTools({ tools }: BatchStep, firstWork: number): void {
    if (this.workers.length < 2) return
    for (const id of tools) {
      if (!ownable.has(id) || holderByName(id)) continue
      const record = this.order.register.get(registerId(id))
      // One that is missing is told of elsewhere: it is got before the step is done.
      const place = this.holderPlace(id, Math.max(1, record ? atHand(record) : 1))
      for (let work = firstWork; work < this.works.length; work += 1)
        this.holds.push({ holder: place, amount: 1, from: work, to: work, until: 'end' })
    }
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
