import type { Hold, BatchActivities, Problem, TimeSpan, Activity } from '../../core/schedule'
import type { Random } from '../../core/units'

/** A job shop as the literature writes one: a row a job, machine and minutes in turn. */
export function jobShop(text: string): Problem {
  const rows = text
    .trim()
    .split('\n')
    .map((row) => row.trim().split(/\s+/).map(Number))
  const machines = (rows[0]?.length ?? 0) / 2
  const works: Activity[] = []
  const jobs = rows.map((row, job): BatchActivities => {
    const own = Array.from({ length: machines }, (_, k) => {
      const after = k > 0 ? [{ work: works.length - 1, least: 0 }] : []
      works.push({ id: `${job}.${k}`, job, minutes: row[2 * k + 1] ?? 0, who: [row[2 * k] ?? 0], after })
      return works.length - 1
    })
    return { id: String(job), works: own }
  })
  const horizon = 100_000
  const workers = Array.from({ length: machines }, (_, i) => ({
    id: `machine ${i}`,
    open: [{ from: 0, to: horizon }],
  }))
  return { workers, slots: [], holders: [], holds: [], jobs, works, horizon }
}

const DAY = 24 * 60
const whole = (random: Random, least: number, most: number): number =>
  least + Math.floor(random() * (most - least + 1))

/** How large a random workshop is, and what binds it. */
export interface ShopSize {
  readonly people: number
  readonly jobs: number
  readonly steps: number
  readonly days: number
  /** Holders, windows, airs and daylight besides hands and waits. */
  readonly rich: boolean
}

/** A workshop by chance: people with evenings, batches with waits, windows, holders, kits, airs and daylight. */
export function randomShop(random: Random, size: ShopSize): Problem {
  const horizon = size.days * DAY
  const evenings = (): TimeSpan[] =>
    Array.from({ length: size.days }, (_, day) => day)
      .filter(() => random() < 0.8)
      .map((day) => {
        const from = day * DAY + whole(random, 17, 20) * 60
        return { from, to: from + whole(random, 60, 180) }
      })
  const workers = Array.from({ length: size.people }, (_, i) => ({ id: `person ${i}`, open: evenings() }))
  const daylight = Array.from({ length: size.days }, (_, day) => ({
    from: day * DAY + 7 * 60,
    to: day * DAY + whole(random, 18, 21) * 60,
  }))
  const works: Activity[] = []
  const holds: Hold[] = []
  const jobs = Array.from({ length: size.jobs }, (_, job): BatchActivities => {
    const steps = whole(random, 1, size.steps)
    const own: number[] = []
    for (let k = 0; k < steps; k += 1) {
      const minutes = whole(random, 2, 45)
      const least = [0, 0, 20, 60, 600, 1000][whole(random, 0, 5)] ?? 0
      const tack = size.rich && random() < 0.15
      const before = works.length - 1
      const after = k === 0 ? [] : [{ work: before, least, ...(tack ? { most: least + 60 + minutes } : {}) }]
      works.push({
        id: `${job}.${k}`,
        job,
        minutes,
        who: random() < 0.7 ? workers.map((_, i) => i) : [whole(random, 0, size.people - 1)],
        after,
        ...(random() < 0.4 ? { kits: [`kit ${whole(random, 0, 2)}`] } : {}),
        ...(size.rich && random() < 0.15 ? { slot: 0 } : {}),
        ...(size.rich && random() < 0.2 ? { gives: ['aerosol'] } : {}),
        ...(size.rich && random() < 0.15 ? { apart: { from: ['aerosol'], minutes: 30 } } : {}),
      })
      own.push(works.length - 1)
    }
    if (size.rich && random() < 0.6) {
      const from = whole(random, 0, own.length - 1)
      const to = whole(random, from, own.length - 1)
      holds.push({
        holder: whole(random, 0, 1),
        amount: whole(random, 1, 30),
        ...(random() < 0.1 && from === 0 ? {} : { from: own[from] ?? 0 }),
        to: own[to] ?? 0,
        until: from < to && random() < 0.5 ? 'start' : 'end',
      })
    }
    const due = random() < 0.6 ? { due: whole(random, 1, size.days) * DAY } : {}
    return { id: `batch ${job}`, works: own, ...due }
  })
  const holders = [
    { id: 'pegs', capacity: 50 },
    { id: 'clamps', capacity: 30 },
  ]
  return { workers, slots: [daylight], holders, holds, jobs, works, horizon }
}
