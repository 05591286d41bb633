import { counted } from '../units'
import type { Bench } from './bench'
import type { CalendarEvent } from './calendar-file'
import { msOf, wallAt } from './clock'
import { sittingsOf, threadsOf } from './evenings'
import type { Plan } from './model'

/** What the ids of our own entries end with. */
export const OWN_UID = '@hardy-thicket'
/** A wait shorter than this is watched at the bench: it is no entry of a calendar, minutes. */
const LEAST_WAIT_MIN = 60
/** Minutes before a window closes at which its entry rings. */
const WARN_MIN = 15
/** How long the entry of something that has become dry is, minutes. */
const READY_MIN = 15

/**
 * A plan as entries of a calendar file: each person's sessions that have work in them, the windows that are open
 * meanwhile, and the ends of drying, which ring.
 * @param nameOf a batch by its id @param personOf someone by theirs
 */
export function calendarEvents(
  bench: Bench,
  placed: Plan['placed'],
  zone: string,
  nameOf: (batchId: string) => string,
  personOf: (personId: string) => string,
): CalendarEvent[] {
  const { problem, works, originMs } = bench
  const at = (minute: number): number => msOf(originMs, minute)
  const clock = (minute: number): string => wallAt(at(minute), zone).time
  const titleOf = (work: number): string => {
    const own = works[work]
    return own ? `${nameOf(own.batchId)}: ${own.step.title}` : ''
  }
  const keyOf = (work: number): string => {
    const own = works[work]
    return own ? `${own.batchId}-${own.step.id}-${own.partsAfter}` : String(work)
  }
  const several = problem.workers.length > 1
  const sessions = sittingsOf(bench, placed, zone).flatMap((sitting) =>
    sitting.strips.flatMap(({ worker, works: own, open }): CalendarEvent[] => {
      const first = open[0]
      const last = open.at(-1)
      if (own.length === 0 || !first || !last) return []
      const person = problem.workers[worker]?.id ?? ''
      const batches = [...new Set(own.map((work) => nameOf(works[work]?.batchId ?? '')))]
      return [
        {
          uid: `session-${sitting.date}-${clock(first.from).replace(':', '')}-${person}${OWN_UID}`,
          fromMs: at(first.from),
          toMs: at(last.to),
          summary: `Bench${several ? ` (${personOf(person)})` : ''}: ${batches.join(', ')}`,
          description: own
            .map(
              (work) =>
                `${clock(placed[work]?.start ?? 0)} ${titleOf(work)}, ${counted(works[work]?.pieces ?? 0, 'piece')}`,
            )
            .join('\n'),
          busy: true,
        },
      ]
    }),
  )
  const waits = threadsOf(bench, placed).flatMap((thread): CalendarEvent[] => {
    const before = placed[thread.from]
    if (!before) return []
    if (thread.closesAt !== undefined)
      return [
        {
          uid: `window-${keyOf(thread.to)}${OWN_UID}`,
          fromMs: at(thread.readyAt),
          toMs: at(thread.closesAt),
          summary: `Open until ${clock(thread.closesAt)}: ${titleOf(thread.to)}`,
          alarmMin:
            Math.max(0, Math.min(WARN_MIN, thread.closesAt - thread.readyAt)) -
            (thread.closesAt - thread.readyAt),
          busy: false,
        },
      ]
    if (thread.readyAt - before.end < LEAST_WAIT_MIN) return []
    return [
      {
        uid: `dry-${keyOf(thread.from)}${OWN_UID}`,
        fromMs: at(thread.readyAt),
        toMs: at(thread.readyAt + READY_MIN),
        summary: `${works[thread.from]?.step.wait?.kind === 'growth' ? 'Ready' : 'Dry'}: ${nameOf(works[thread.from]?.batchId ?? '')}`,
        description: `After “${works[thread.from]?.step.title ?? ''}”; next: ${works[thread.to]?.step.title ?? ''}`,
        alarmMin: 0,
        busy: false,
      },
    ]
  })
  // Several may wait for one thing to dry: it dries once.
  return [...new Map([...sessions, ...waits].map((event) => [event.uid, event])).values()]
}
