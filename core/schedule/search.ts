import { seededRandom, type Random } from '../units'
import { compareCost, costOf, endOf, type Cost } from './cost'
import { SerialScheme } from './lay'
import type { Laid } from './serial-laying'
import type { Problem } from './model'

/** Rounds from bold to careful, for each unit; then from the best again. */
const CYCLE = 1_400
/** What a worse plan may cost more and be taken once in e times: as a share of the best, bold and careful. */
const BOLD = 0.008
const CAREFUL = 0.004
/** The same, as a share of the time from one session to the next, which a work that does not fit is put off by. */
const JUMP = 0.15
/** Shares of moves: along what holds a plan up; a ruin that is laid anew; the rest at random. */
const CRITICAL = 0.6
const RUIN = 0.02
/** Share of moves that put a work off, where there are units that are laid in one go. */
const PUT_OFF = 0.25
/** Share of those that let one begin as early as it can again: more than half, or ever more are put off for nothing. */
const CALL_BACK = 0.5
/** Share of moves that give a work to somebody else, where several could do it. */
const HAND_OVER = 0.1

/** What a plan is laid by. */
interface Recipe {
  readonly order: readonly number[]
  readonly putOff: ReadonlyMap<number, number>
  /** By work, who does it where others could begin no earlier. */
  readonly prefers: readonly (number | undefined)[]
}
interface Candidate extends Recipe {
  readonly laid: Laid
  readonly cost: Cost
}

/**
 * A search for better plans that can be stopped after any round: first by rules of priority, then by annealing (van
 * Laarhoven, Aarts and Lenstra 1992) over orders of laying, with swaps along what holds the plan up and ruins that are
 * laid anew.
 */
export class ScheduleSearch {
  private readonly layer: SerialScheme
  private readonly random: Random
  private current: Candidate
  private top: Candidate
  private readonly cycle: number
  private readonly jump: number
  /** Works of units that are laid in one go: where a later start may be the better one. */
  private readonly fused: readonly number[]
  /** Works that several could do. */
  private readonly shared: readonly number[]
  private rounds = 0

  /** @param seed the same seed gives the same plans @param starts orders to begin with, besides the rules */
  constructor(
    readonly problem: Problem,
    seed = 1,
    starts: readonly (readonly number[])[] = [],
  ) {
    this.layer = new SerialScheme(problem)
    this.random = seededRandom(seed)
    this.jump = jumpOf(problem)
    this.cycle = CYCLE * Math.max(1, this.layer.units.length)
    const candidates = [...starts.map((order) => this.completed(order)), ...this.byRules()].map((order) =>
      this.tried({ order, putOff: new Map(), prefers: [] }),
    )
    this.fused = this.layer.units.flatMap(({ works }) => (works.length > 1 ? works : []))
    this.shared = problem.works.flatMap(({ who }, work) => (who.length > 1 ? [work] : []))
    this.top = candidates.reduce((a, b) => (compareCost(b.cost, a.cost) < 0 ? b : a))
    this.current = this.top
  }

  get best(): { readonly plan: Laid; readonly cost: Cost; readonly order: readonly number[] } {
    return { plan: this.top.laid, cost: this.top.cost, order: this.top.order }
  }

  /** Searches so many rounds more. @returns whether a better plan was found */
  run(rounds: number): boolean {
    const before = this.top
    for (let i = 0; i < rounds; i += 1) this.round()
    return this.top !== before
  }

  private round(): void {
    const next = this.tried(this.moved(this.current))
    if (this.takes(next.cost)) this.current = { ...next, order: inTime(this.layer, next.order, next.laid) }
    if (compareCost(this.current.cost, this.top.cost) < 0) this.top = this.current
    this.rounds += 1
    if (this.rounds % this.cycle === 0) this.current = this.top
  }

  /** Whether to go on from a plan: from one as good always; from a worse one by chance, ever less. */
  private takes(next: Cost): boolean {
    const { cost: now } = this.current
    if (compareCost(next, now) <= 0) return true
    // What is placed and on time is not given up for anything.
    if (next.unplaced > now.unplaced) return false
    const worse = next.late > now.late ? next.late - now.late : next.end - now.end
    const cooling = (CAREFUL / BOLD) ** ((this.rounds % this.cycle) / this.cycle)
    const heat = (this.top.cost.end * BOLD + this.jump * JUMP) * cooling
    return worse <= 0 ? next.setUps <= now.setUps + 1 : this.random() < Math.exp(-worse / heat)
  }

  private tried(recipe: Recipe): Candidate {
    const laid = this.layer.lay(recipe.order, recipe.putOff, recipe.prefers)
    return { ...recipe, laid, cost: costOf(this.problem, laid) }
  }

  private moved(from: Candidate): Recipe {
    const { order, putOff, prefers } = from
    if (this.fused.length > 0 && this.random() < PUT_OFF)
      return { order, putOff: this.putOffOne(from), prefers }
    if (this.shared.length > 0 && this.random() < HAND_OVER)
      return { order, putOff, prefers: this.handedOver(prefers) }
    return { order: this.reordered(from), putOff, prefers }
  }

  /** Somebody else does a work, where they could begin it as early. */
  private handedOver(prefers: Recipe['prefers']): Recipe['prefers'] {
    const work = this.shared[Math.floor(this.random() * this.shared.length)] ?? 0
    const who = this.problem.works[work]?.who ?? []
    return Object.assign([...prefers], { [work]: who[Math.floor(this.random() * who.length)] })
  }

  /** A work of a unit that is laid in one go waits for a moment at which another begins or ends; or waits no more. */
  private putOffOne({ putOff, laid }: Candidate): Recipe['putOff'] {
    const next = new Map(putOff)
    if (putOff.size > 0 && this.random() < CALL_BACK) {
      next.delete([...putOff.keys()][Math.floor(this.random() * putOff.size)] ?? -1)
      return next
    }
    const work = this.fused[Math.floor(this.random() * this.fused.length)] ?? 0
    const other = laid.placed[Math.floor(this.random() * laid.placed.length)]
    if (other) next.set(work, this.random() < 0.5 ? other.start : other.end)
    return next
  }

  private reordered(from: Candidate): readonly number[] {
    const chance = this.random()
    if (chance < CRITICAL) return this.alongCritical(from) ?? this.shifted(from.order)
    if (chance < CRITICAL + RUIN) return this.ruined(from.order)
    return this.shifted(from.order)
  }

  /** A unit that held another up, on the way to the end of a job that matters, comes after it. */
  private alongCritical({ order, laid }: Candidate): readonly number[] | undefined {
    const { units, unitsOfJob } = this.layer
    const job = this.jobThatMatters(laid)
    const runs: [number, number][][] = []
    let run: [number, number][] = []
    let unit = unitsOfJob[job]?.at(-1)
    const seen = new Set<number>()
    while (unit !== undefined && !seen.has(unit)) {
      seen.add(unit)
      const by = laid.waitedFor[unit]
      if (by !== undefined) {
        if (run.push([unit, by]) === 1) runs.push(run)
        unit = by
      } else {
        run = []
        const own: readonly number[] = unitsOfJob[units[unit]?.job ?? -1] ?? []
        unit = own[own.indexOf(unit) - 1]
      }
    }
    // Within a run of one worker's units only the first two and the last two matter (Nowicki and Smutnicki 1996).
    const edges = runs.flatMap((own) => (own.length > 2 ? [own[0], own.at(-1)] : own))
    const edge = edges[Math.floor(this.random() * edges.length)]
    if (!edge) return undefined
    const [from, to] = [this.placeOf(order, edge[0]), this.placeOf(order, edge[1])]
    if (from <= to) return undefined
    return moveTo(order, to, from)
  }

  /** A job that ends late; where none does, now and then any, mostly the one that ends last. */
  private jobThatMatters(laid: Laid): number {
    const ends = this.problem.jobs.map((_, job) => endOf(this.problem, job, laid) ?? Infinity)
    const late = ends.flatMap((end, job) => (end > (this.problem.jobs[job]?.due ?? Infinity) ? [job] : []))
    if (late.length > 0) return late[Math.floor(this.random() * late.length)] ?? 0
    return ends.indexOf(Math.max(...ends))
  }

  /** Where in an order a unit is laid. */
  private placeOf(order: readonly number[], unit: number): number {
    const job = this.layer.units[unit]?.job ?? -1
    let nth = this.layer.unitsOfJob[job]?.indexOf(unit) ?? -1
    return order.findIndex((own) => own === job && nth-- === 0)
  }

  private shifted(order: readonly number[]): readonly number[] {
    const from = Math.floor(this.random() * order.length)
    const to = Math.floor(this.random() * order.length)
    return moveTo(order, from, to)
  }

  /** Some jobs are taken out and laid after one another at a place in what is left. */
  private ruined(order: readonly number[]): readonly number[] {
    const jobs = this.problem.jobs.length
    const out = new Set<number>()
    const count = 1 + Math.floor(this.random() * Math.min(4, jobs))
    for (let i = 0; i < count; i += 1) out.add(Math.floor(this.random() * jobs))
    let left = order.filter((job) => !out.has(job))
    for (const job of out) {
      const units = this.layer.unitsOfJob[job]?.length ?? 0
      let at = Math.floor(this.random() * (left.length + 1))
      for (let i = 0; i < units; i += 1) {
        left = [...left.slice(0, at), job, ...left.slice(at)]
        at += 1 + Math.floor((this.random() * (left.length - at)) / (units - i))
      }
    }
    return left
  }

  /** An order from elsewhere, as after a change: what is gone is left out, what is new comes last. */
  private completed(order: readonly number[]): readonly number[] {
    const left = this.layer.unitsOfJob.map((units) => units.length)
    const kept = order.filter((job) => {
      const more = left[job] ?? 0
      left[job] = more - 1
      return more > 0
    })
    return [...kept, ...left.flatMap((more, job) => Array.from({ length: Math.max(0, more) }, () => job))]
  }

  /** Orders by rules of priority: what is due first, has least slack, is longest, is shortest. */
  private byRules(): (readonly number[])[] {
    const { jobs, works } = this.problem
    const length = jobs.map((job) =>
      job.works.reduce((sum, work) => {
        const { minutes = 0, after = [] } = works[work] ?? {}
        return sum + minutes + after.reduce((most, { least }) => Math.max(most, least), 0)
      }, 0),
    )
    const due = (job: number): number => jobs[job]?.due ?? Infinity
    const whole = (key: (job: number) => number): number[] =>
      jobs
        .map((_, job) => job)
        .sort((a, b) => key(a) - key(b) || a - b)
        .flatMap((job) => (this.layer.unitsOfJob[job] ?? []).map(() => job))
    // Unit by unit, the job first that has most still before it.
    const inTurn = (): number[] => {
      const left = jobs.map((_, job) => ({
        job,
        more: length[job] ?? 0,
        units: this.layer.unitsOfJob[job]?.length ?? 0,
      }))
      const order: number[] = []
      for (;;) {
        const next = left
          .filter(({ units }) => units > 0)
          .sort((a, b) => due(a.job) - a.more - (due(b.job) - b.more) || b.more - a.more || a.job - b.job)[0]
        if (!next) return order
        order.push(next.job)
        next.more -= next.more / next.units
        next.units -= 1
      }
    }
    return [
      whole(due),
      whole((job) => due(job) - (length[job] ?? 0)),
      whole((job) => -(length[job] ?? 0)),
      whole((job) => length[job] ?? 0),
      inTurn(),
    ]
  }
}

/** Jobs in the order of the moments at which their units begin: laid again it gives the same plan or a better one. */
function inTime(
  { problem, units, unitsOfJob }: SerialScheme,
  order: readonly number[],
  { placed }: Pick<Laid, 'placed'>,
): readonly number[] {
  const next = problem.jobs.map(() => 0)
  return order
    .map((job) => {
      const nth = next[job] ?? 0
      next[job] = nth + 1
      const unit = units[unitsOfJob[job]?.[nth] ?? -1]
      return { job, start: placed[unit?.works[0] ?? -1]?.start ?? Infinity }
    })
    .sort((a, b) => (a.start === b.start ? 0 : a.start - b.start))
    .map(({ job }) => job)
}

/** The order of a plan from elsewhere: jobs as their units begin in it, those without a place last. */
export function orderOfPlan(problem: Problem, plan: Pick<Laid, 'placed'>): readonly number[] {
  const layer = new SerialScheme(problem)
  return inTime(
    layer,
    layer.units.map(({ job }) => job),
    plan,
  )
}

/** Minutes from one session to the next, on average; 0 where everybody is always there. */
function jumpOf({ workers }: Problem): number {
  const gaps = workers.flatMap(({ open }) =>
    open.slice(1).map(({ from }, i) => from - (open[i]?.from ?? from)),
  )
  return gaps.length === 0 ? 0 : gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length
}

/** An order with one mention moved before another place. */
function moveTo(order: readonly number[], from: number, to: number): readonly number[] {
  const moved = [...order]
  const [job] = moved.splice(from, 1)
  if (job !== undefined) moved.splice(to, 0, job)
  return moved
}
