import { disturbs, type Plan, type Problem } from './model'

/** What a plan breaks: a kind, the work, and words for a person. */
export interface Break {
  readonly kind: 'session' | 'person' | 'wait' | 'window' | 'holder' | 'air' | 'order' | 'time'
  readonly work: number
  readonly because: string
}

/**
 * All that a plan breaks, looked up pair by pair and minute by minute: another way than the one in which plans are
 * made, so that it can judge them; and slow, so that it judges what a hand has moved, not what a search tries.
 */
export function breaksOf(problem: Problem, { placed }: Pick<Plan, 'placed'>): Break[] {
  return [
    ...timeBreaks(problem, placed),
    ...personBreaks(problem, placed),
    ...lagBreaks(problem, placed),
    ...holderBreaks(problem, placed),
    ...airBreaks(problem, placed),
  ]
}

type Placements = Plan['placed']
const idOf = (problem: Problem, work: number): string => problem.works[work]?.id ?? `work ${work}`

/** Each work as long as it takes, by one who can, within one open stretch of theirs, when it may. */
function timeBreaks(problem: Problem, placed: Placements): Break[] {
  return problem.works.flatMap((own, work): Break[] => {
    const spot = placed[work]
    if (!spot) return []
    const { start, end, worker } = spot
    const breaks: Break[] = []
    const say = (kind: Break['kind'], because: string): void => {
      breaks.push({ kind, work, because: `${own.id}: ${because}` })
    }
    if (end - start !== own.minutes) say('time', `${end - start} min are laid; it takes ${own.minutes}`)
    if (!own.who.includes(worker)) say('person', 'is not theirs to do')
    if (start < (own.notBefore ?? 0)) say('time', 'begins before it can')
    if (end > Math.min(problem.horizon, own.dueBy ?? Infinity)) say('time', 'ends too late')
    const open = problem.workers[worker]?.open ?? []
    if (!open.some(({ from, to }) => from <= start && end <= to)) say('session', 'lies in no session')
    const slot = own.slot === undefined ? undefined : problem.slots[own.slot]
    if (slot && !slot.some(({ from, to }) => from <= start && end <= to))
      say('session', 'lies outside the hours that it needs')
    return breaks
  })
}

/** Nobody does two things at once. */
function personBreaks(problem: Problem, placed: Placements): Break[] {
  const breaks: Break[] = []
  placed.forEach((a, i) => {
    placed.forEach((b, j) => {
      if (!a || !b || j <= i || a.worker !== b.worker || a.start >= b.end || b.start >= a.end) return
      const because = `${idOf(problem, j)}: done at the same time as ${idOf(problem, i)} by the same hands`
      breaks.push({ kind: 'person', work: j, because })
    })
  })
  return breaks
}

/** Works of a job come in order, after their waits and within their windows. */
function lagBreaks(problem: Problem, placed: Placements): Break[] {
  return problem.works.flatMap(({ id, after }, work): Break[] => {
    const spot = placed[work]
    if (!spot) return []
    return after.flatMap(({ work: before, least, most, soft }): Break[] => {
      const earlier = placed[before]
      if (!earlier && soft) return []
      if (!earlier) return [{ kind: 'order', work, because: `${id}: what comes before it is not laid` }]
      const waited = spot.start - earlier.end
      if (waited < 0)
        return [{ kind: 'order', work, because: `${id}: before ${idOf(problem, before)} is done` }]
      if (waited < least) return [{ kind: 'wait', work, because: `${id}: ${least - waited} min too early` }]
      const over = most === undefined ? 0 : spot.end - earlier.end - most
      return over > 0
        ? [{ kind: 'window', work, because: `${id}: ${over} min after its window has closed` }]
        : []
    })
  })
}

/** Holders are never fuller than there are, at any moment at which something is put into one. */
function holderBreaks(problem: Problem, placed: Placements): Break[] {
  const breaks: Break[] = []
  problem.holders.forEach(({ id, capacity }, holder) => {
    const spans = problem.holds.flatMap((hold) => {
      if (hold.holder !== holder) return []
      const [first, last] = [hold.from === undefined ? undefined : placed[hold.from], placed[hold.to]]
      if (!last || (hold.from !== undefined && !first)) return []
      const to = hold.until === 'start' ? last.start : last.end
      return [{ from: first?.start ?? 0, to, amount: hold.amount, work: hold.from ?? hold.to, now: !first }]
    })
    for (const span of spans) {
      const there = spans.filter(({ from, to }) => from <= span.from && to > span.from)
      const sum = there.reduce((total, { amount }) => total + amount, 0)
      // What stood in them already is a fact, however much it is.
      const most = Math.max(
        capacity,
        there.filter(({ now }) => now).reduce((total, { amount }) => total + amount, 0),
      )
      if (span.to > span.from && sum > most + 1e-9)
        breaks.push({
          kind: 'holder',
          work: span.work,
          because: `${idOf(problem, span.work)}: ${sum} of ${id} are wanted at once; there are ${capacity}`,
        })
    }
  })
  return breaks
}

/** What can't stand in an air comes before it, or after it has aired away. */
function airBreaks(problem: Problem, placed: Placements): Break[] {
  return problem.works.flatMap((own, work): Break[] => {
    const spot = placed[work]
    if (!spot || !own.apart) return []
    const { minutes } = own.apart
    return problem.works.flatMap((giver, i): Break[] => {
      const other = placed[i]
      if (i === work || !other || !disturbs(giver, own)) return []
      if (spot.end <= other.start || spot.start >= other.end + minutes) return []
      return [
        { kind: 'air', work, because: `${own.id}: ${giver.id} must have aired for ${minutes} min before it` },
      ]
    })
  })
}
