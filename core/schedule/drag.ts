import type { Bench } from './bench'
import { isOutdoors } from './bench-jobs'
import { costOf } from './cost'
import { SerialScheme } from './lay'
import { TOO_LATE } from './serial-laying'
import { mend, movedBetween, type Mended } from './mend'
import type { ActivitySlot, Problem } from './model'
import { overlap } from './stretches'

/** What comes of moving a work into another session. */
export type Dragged = ({ readonly kind: 'ok' } & Mended) | { readonly kind: 'none'; readonly because: string }

/** A stretch of time that a work is moved into, minutes of the problem. */
export interface Target {
  readonly from: number
  readonly to: number
  readonly worker?: number
}

/**
 * Moves a work into a stretch of time: it lies there as early as it can; what must follow it moves as little as it
 * may. Refused with its reason where it can't be: no wait, window, holder or person gives way.
 * @param placed where all lies now
 * @param whole the rest of its job comes with it: as early as it can after it, unless it is pinned
 */
export function dragTo(
  { problem, works }: Pick<Bench, 'problem' | 'works'>,
  placed: readonly (ActivitySlot | undefined)[],
  work: number,
  target: Target,
  whole = false,
): Dragged {
  const own = problem.works[work]
  if (!own) return { kind: 'none', because: 'There is no such step.' }
  const refusal = refusalOf(problem, work, target) ?? otherHours(problem, work, target)
  if (refusal) return { kind: 'none', because: refusal }
  const bound: Problem = {
    ...problem,
    works: problem.works.map((each, i) => {
      if (i === work)
        return {
          ...each,
          notBefore: Math.max(each.notBefore ?? 0, target.from),
          dueBy: Math.min(each.dueBy ?? Infinity, target.to),
          ...(target.worker === undefined ? {} : { who: [target.worker] }),
        }
      // What the maker has put somewhere stays where it is, to the minute.
      const spot = placed[i]
      return works[i]?.pinned && spot
        ? { ...each, notBefore: spot.start, dueBy: spot.end, who: [spot.worker] }
        : each
    }),
  }
  const goesAlong = (i: number): boolean =>
    i === work || (whole && problem.works[i]?.job === own.job && !works[i]?.pinned)
  const before = placed.map((spot, i) => (goesAlong(i) ? undefined : spot))
  const moved = mend(bound, before, own.job)
  const why = moved.plan.unplaced.get(work)
  if (why !== undefined)
    return {
      kind: 'none',
      because: why === TOO_LATE ? `${own.id}: no time is left there.` : `${own.id}: ${why} there.`,
    }
  const wasUnplaced = placed.filter((spot) => !spot).length
  const lost = [...moved.plan.unplaced].find(([i]) => placed[i] && i !== work)
  if (moved.cost.unplaced > wasUnplaced && lost)
    return {
      kind: 'none',
      because: `${problem.works[lost[0]]?.id ?? 'Another step'} would find no place: ${lost[1]}.`,
    }
  return {
    kind: 'ok',
    ...moved,
    cost: costOf(problem, moved.plan),
    moved: movedBetween(placed, moved.plan.placed),
  }
}

/** Why a work can't lie in a stretch for want of daylight, or of dry hours outdoors. */
function otherHours(problem: Problem, work: number, { from, to }: Target): string | undefined {
  const { slot, minutes = 0 } = problem.works[work] ?? {}
  if (slot === undefined) return undefined
  const open = overlap([{ from, to }], problem.slots[slot] ?? [])
  if (open.some((stretch) => stretch.to - stretch.from >= minutes)) return undefined
  return isOutdoors({ slot })
    ? 'It wants hours outdoors that are dry and still, and none are said to be then.'
    : 'It wants daylight, and there is not enough then.'
}

/** Why a work can't lie in a stretch whatever else is moved; undefined where it might. */
function refusalOf(problem: Problem, work: number, target: Target): string | undefined {
  const own = problem.works[work]
  if (!own) return undefined
  if (target.worker !== undefined && !own.who.includes(target.worker)) return 'It is not theirs to do.'
  if (target.to - target.from < own.minutes)
    return `It takes ${own.minutes} min in one go; there are ${Math.max(0, target.to - target.from)}.`
  if (own.dueBy !== undefined && Math.max(0, target.from) + own.minutes > own.dueBy)
    return 'Its window has closed by then.'
  if ((own.notBefore ?? 0) + own.minutes > target.to) return 'It is not dry by then.'
  // The earliest that its job lets it begin, were there nobody else.
  const layer = new SerialScheme({ ...problem, holds: [] })
  const alone = layer.lay((layer.unitsOfJob[own.job] ?? []).map(() => own.job))
  const earliest = alone.placed[work]?.start
  if (earliest !== undefined && earliest + own.minutes > target.to) {
    const before = own.after.find((lag) => lag.least > 0)
    return before
      ? `${problem.works[before.work]?.id ?? 'What comes before it'} is not dry by then.`
      : 'What comes before it can’t be done by then.'
  }
  return undefined
}
