import { HolderUse, tooFew } from './holder-use'
import {
  disturbs,
  type Activity,
  type ActivitySlot,
  type Hold,
  type Lag,
  type Plan,
  type Problem,
} from './model'
import { firstOpen } from './stretches'
import { firstAfter, type Booked, type OpenOf } from './timeline'
import type { Unit } from './units'

/** How often works of a unit are put off before it is given up: more than any year of evenings has asked for. */
const MOST_TRIES = 5_000

/** What is said of the works that come after one without a place. */
export const COMES_AFTER = 'what comes before it finds no place'
/** What is said where a work could begin only after it must have ended. */
export const TOO_LATE = 'it would end too late'

/** A plan, and what kept its units from lying earlier. */
export interface Laid extends Plan {
  /** By unit: the unit of another job that it had to wait for; undefined where none did. */
  readonly waitedFor: readonly (number | undefined)[]
}

interface Spot {
  readonly worker: number
  readonly start: number
  readonly blocker: number | undefined
}

interface Aired {
  readonly work: Activity
  readonly start: number
  readonly end: number
  readonly unit: number
}

/** By work, who does it where others could begin no earlier. */
export type Prefers = readonly (number | undefined)[]

/** A work that must begin later than it does, and why; from Infinity on where that would not help. */
interface PutOff {
  readonly work: number
  readonly from: number
  readonly blocker?: number | undefined
  readonly because: string
}

/** One laying, under way. */
export class SerialLaying {
  /** By worker, in order of time. */
  private readonly lines: readonly Booked[][]
  private readonly holders: readonly HolderUse[]
  private readonly placed: (ActivitySlot | undefined)[]
  private readonly unplaced = new Map<number, string>()
  private readonly waitedFor: (number | undefined)[]
  private readonly aired: Aired[] = []
  private readonly minds: boolean

  constructor(
    private readonly problem: Problem,
    private readonly units: readonly Unit[],
    private readonly holdsTo: readonly (readonly Hold[])[],
    private readonly openOf: OpenOf,
    private readonly putOff: ReadonlyMap<number, number>,
    private readonly prefers: Prefers,
  ) {
    this.lines = problem.workers.map(() => [])
    this.holders = problem.holders.map(({ capacity }) => new HolderUse(capacity))
    this.placed = problem.works.map(() => undefined)
    this.waitedFor = units.map(() => undefined)
    this.minds = problem.works.some(({ apart }) => apart !== undefined)
  }

  laid(): Laid {
    return { placed: this.placed, unplaced: this.unplaced, waitedFor: this.waitedFor }
  }

  layUnit(index: number): void {
    const unit = this.units[index]
    if (!unit) return
    const why = this.lacksBefore(unit) ? COMES_AFTER : this.tryUnit(unit.works, index)
    if (why === undefined) this.book(unit.works, index)
    else {
      for (const work of unit.works) {
        this.placed[work] = undefined
        this.unplaced.set(work, why)
      }
    }
  }

  /** Whether something that a unit comes after has found no place. What needs none of that is laid all the same. */
  private lacksBefore({ works }: Unit): boolean {
    return works.some((place) =>
      this.problem.works[place]?.after.some(
        ({ work, soft }) => !soft && this.placed[work] === undefined && !works.includes(work),
      ),
    )
  }

  /**
   * Finds places for the works of a unit, one after another; where a later one comes too late, an earlier one is put
   * off. Each is only ever put off, so what is found is the earliest.
   * @returns why there is none; undefined where all have one
   */
  private tryUnit(works: readonly number[], index: number): string | undefined {
    const [only = -1] = works
    if (works.length === 1 && this.holdsTo[only]?.length === 0) return this.tryAlone(only, index)
    const floors = works.map((work) => this.putOff.get(work) ?? 0)
    const held: number[][] = works.map(() => [])
    let at = 0
    for (let tries = 0; at < works.length; tries += 1) {
      const work = this.problem.works[works[at] ?? -1]
      if (!work) return 'there is no such work'
      if (tries > MOST_TRIES) return 'it was put off again and again without finding a place'
      const place = works[at] ?? -1
      const spot = this.earliest(work, Math.max(floors[at] ?? 0, this.readyAt(work)), this.prefers[place])
      if (typeof spot === 'string') {
        this.takeBack(works, held, 0)
        return spot
      }
      const { worker, start, blocker } = spot
      const end = start + work.minutes
      if (blocker !== undefined) this.waitedFor[index] = blocker
      const late = this.tooLate(work, end) ?? this.tooMany(works, at, start, end, index, held)
      if (late === undefined) {
        this.placed[works[at] ?? -1] = { worker, start, end }
        if (this.minds) this.aired.push({ work, start, end, unit: index })
        at += 1
        continue
      }
      if (late.from === Infinity) {
        this.takeBack(works, held, 0)
        return late.because
      }
      if (late.blocker !== undefined) this.waitedFor[index] = late.blocker
      const back = works.indexOf(late.work)
      const before = this.placed[late.work]?.start ?? start
      floors[back] = Math.max(late.from, before + 1)
      this.takeBack(works, held, back)
      at = back
    }
    return undefined
  }

  /** As {@link tryUnit}, for a work that nothing binds to the next. */
  private tryAlone(place: number, index: number): string | undefined {
    const work = this.problem.works[place]
    if (!work) return 'there is no such work'
    const from = Math.max(this.putOff.get(place) ?? 0, this.readyAt(work))
    const spot = this.earliest(work, from, this.prefers[place])
    if (typeof spot === 'string') return spot
    const { worker, start, blocker } = spot
    const end = start + work.minutes
    if (blocker !== undefined) this.waitedFor[index] = blocker
    this.placed[place] = { worker, start, end }
    if (this.minds) this.aired.push({ work, start, end, unit: index })
    return undefined
  }

  /** What a work waits for. */
  private readyAt({ after, notBefore = 0 }: Activity): number {
    let latest = notBefore
    for (const { work, least } of after) latest = Math.max(latest, (this.placed[work]?.end ?? 0) + least)
    return latest
  }

  /** The work before, where this one ends too late after it; and when that must begin instead. */
  private tooLate(work: Activity, end: number): PutOff | undefined {
    const over = work.after.find(
      (lag): lag is Lag & { most: number } =>
        lag.most !== undefined && end > (this.placed[lag.work]?.end ?? 0) + lag.most,
    )
    if (!over) return undefined
    const before = this.problem.works[over.work]
    return { work: over.work, from: end - over.most - (before?.minutes ?? 0), because: '' }
  }

  /** The work that fills holders which are not free until this one frees them; else they are taken. */
  private tooMany(
    works: readonly number[],
    at: number,
    start: number,
    end: number,
    index: number,
    held: number[][],
  ): PutOff | undefined {
    for (const { holder, amount, from, until } of this.holdsTo[works[at] ?? -1] ?? []) {
      const own = from === works[at] ? start : from === undefined ? 0 : (this.placed[from]?.start ?? start)
      const to = until === 'start' ? start : end
      if (to <= own) continue
      const use = this.holders[holder]
      const busy = from === undefined ? undefined : use?.busy(own, to, amount)
      if (!busy || from === undefined) {
        use?.take(own, to, amount, index)
        held[at]?.push(holder)
        continue
      }
      // What this work has taken already is given back with it.
      for (const other of held[at] ?? []) this.holders[other]?.undoLast()
      held[at] = []
      const { id = '', capacity = 0 } = this.problem.holders[holder] ?? {}
      const because = tooFew(amount, id, capacity)
      return { work: from, from: busy.until, blocker: busy.unit, because }
    }
    return undefined
  }

  /** Takes works of a unit up again, from a place in it on. */
  private takeBack(works: readonly number[], held: number[][], from: number): void {
    for (let i = works.length - 1; i >= from; i -= 1) {
      const place = works[i] ?? -1
      for (const holder of (held[i] ?? []).toReversed()) this.holders[holder]?.undoLast()
      held[i] = []
      if (this.placed[place] && this.minds) this.aired.pop()
      this.placed[place] = undefined
    }
  }

  /** The earliest spot for a work from a moment on, whoever does it; or why there is none. */
  private earliest(work: Activity, from: number, prefers?: number): Spot | string {
    let at = from
    let airedBy: number | undefined
    for (;;) {
      let best: Spot | undefined
      for (const worker of work.who) {
        const spot = this.fit(worker, work, at)
        if (!spot) continue
        if (!best || spot.start < best.start || (spot.start === best.start && worker === prefers)) best = spot
      }
      const lastStart = Math.min(this.problem.horizon, work.dueBy ?? Infinity) - work.minutes
      if (!best) return 'no session is left that it fits into'
      if (best.start > lastStart) return TOO_LATE
      const clash = this.minds ? this.clash(work, best.start) : undefined
      if (!clash)
        return best.blocker === undefined && airedBy !== undefined ? { ...best, blocker: airedBy } : best
      at = clash.until
      airedBy = clash.unit
    }
  }

  /** The earliest spot of one worker: within one stretch of their time, between what they do already. */
  private fit(worker: number, { minutes, slot }: Activity, from: number): Spot | undefined {
    const open = this.openOf(worker, slot)
    const line = this.lines[worker]
    if (!line) return undefined
    let blocker: number | undefined
    for (let i = firstOpen(open, from); i < open.length; i += 1) {
      const stretch = open[i]
      if (!stretch) break
      const last = stretch.to - minutes
      let start = Math.max(stretch.from, from)
      if (start > last) continue
      for (let j = firstAfter(line, start); j < line.length; j += 1) {
        const booked = line[j]
        if (!booked || booked.start >= start + minutes) break
        start = booked.end
        blocker = booked.unit
      }
      if (start <= last) return { worker, start, blocker }
    }
    return undefined
  }

  /** What disturbs a work, or is disturbed by it, if it begins so; and until when. */
  private clash(work: Activity, start: number): { until: number; unit: number } | undefined {
    const end = start + work.minutes
    for (const other of this.aired) {
      if (disturbs(other.work, work)) {
        const clear = other.end + (work.apart?.minutes ?? 0)
        if (start < clear && end > other.start) return { until: clear, unit: other.unit }
      }
      if (disturbs(work, other.work)) {
        const aired = other.work.apart?.minutes ?? 0
        if (start < other.end && end + aired > other.start) return { until: other.end, unit: other.unit }
      }
    }
    return undefined
  }

  private book(works: readonly number[], index: number): void {
    for (const place of works) {
      const spot = this.placed[place]
      const line = spot && this.lines[spot.worker]
      if (!spot || !line) continue
      const booked = { start: spot.start, end: spot.end, unit: index }
      const at = firstAfter(line, spot.start)
      if (at === line.length) line.push(booked)
      else line.splice(at, 0, booked)
    }
  }
}
