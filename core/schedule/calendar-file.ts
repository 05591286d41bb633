import ICAL from 'ical.js'
import { none, ok, type Reading } from '../units'
import { isZone, momentAt } from './clock'
import { OWN_UID } from './out'

/** An entry of a calendar file. */
export interface CalendarEvent {
  /** The same for the same thing in every file, so that a calendar changes it and does not add it again. */
  readonly uid: string
  readonly fromMs: number
  readonly toMs: number
  readonly summary: string
  readonly description?: string
  /** Minutes before its start at which it rings; absent: it does not. */
  readonly alarmMin?: number
  /** Whether it takes up the person's time: a session does, drying does not. */
  readonly busy: boolean
}

const utc = (ms: number): ICAL.Time => ICAL.Time.fromJSDate(new Date(ms), true)

/**
 * A calendar file (RFC 5545). Moments are written in UTC, which every calendar shows in its own zone, also across a
 * change of clocks.
 * @param stampMs when it was made @param name of the calendar, for those that show one
 */
export function writeCalendar(events: readonly CalendarEvent[], name: string, stampMs: number): string {
  const calendar = new ICAL.Component('vcalendar')
  calendar.updatePropertyWithValue('version', '2.0')
  calendar.updatePropertyWithValue('prodid', '-//Hardy Thicket//Calendar//EN')
  calendar.updatePropertyWithValue('x-wr-calname', name)
  for (const { uid, fromMs, toMs, summary, description, alarmMin, busy } of events) {
    const event = new ICAL.Component('vevent')
    event.updatePropertyWithValue('uid', uid)
    event.updatePropertyWithValue('dtstamp', utc(stampMs))
    event.updatePropertyWithValue('dtstart', utc(fromMs))
    event.updatePropertyWithValue('dtend', utc(toMs))
    event.updatePropertyWithValue('summary', summary)
    if (description !== undefined) event.updatePropertyWithValue('description', description)
    event.updatePropertyWithValue('transp', busy ? 'OPAQUE' : 'TRANSPARENT')
    if (alarmMin !== undefined) {
      const alarm = new ICAL.Component('valarm')
      alarm.updatePropertyWithValue('action', 'DISPLAY')
      alarm.updatePropertyWithValue('description', summary)
      alarm.updatePropertyWithValue('trigger', ICAL.Duration.fromSeconds(-60 * alarmMin))
      event.addSubcomponent(alarm)
    }
    calendar.addSubcomponent(event)
  }
  return `${calendar.toString()}\r\n`
}

/** A time at which someone is busy, as a calendar file has it. */
export interface BusyTime {
  readonly uid: string
  readonly fromMs: number
  readonly toMs: number
  readonly why: string
}

/** More than this of one entry that comes again and again is no calendar of a person. */
const MOST_TIMES = 2_000

/**
 * Reads what takes up time in a calendar file: entries and what recurs of them between two moments, less what is free
 * or cancelled, and less what this calendar has written itself. Times without a zone of their own are those of the
 * workshop's wall.
 * @returns the times in order; or why the file can't be read
 */
export function readBusy(text: string, fromMs: number, toMs: number, zone: string): Reading<BusyTime[]> {
  let calendars: ICAL.Component[]
  try {
    const read = ICAL.parse(text) as unknown[]
    const trees = Array.isArray(read[0]) ? (read as unknown[][]) : [read]
    calendars = trees.map((tree) => new ICAL.Component(tree as never))
  } catch {
    return none('The file is not an iCalendar file: one begins with BEGIN:VCALENDAR.')
  }
  if (calendars.some(({ name }) => name !== 'vcalendar'))
    return none(
      `The file holds a ${calendars[0]?.name ?? 'nothing'}; a calendar is wanted (BEGIN:VCALENDAR).`,
    )
  const times: BusyTime[] = []
  for (const calendar of calendars) {
    const zones = new Map(
      calendar.getAllSubcomponents('vtimezone').map((own) => {
        const tz = new ICAL.Timezone(own)
        return [tz.tzid, tz]
      }),
    )
    const all = calendar.getAllSubcomponents('vevent')
    const masters = all.filter((own) => !own.hasProperty('recurrence-id'))
    for (const own of masters) {
      const uid = String(own.getFirstPropertyValue('uid') ?? '')
      // Sessions that have gone out from here and come back with the rest keep nobody from the bench.
      if (uid.endsWith(OWN_UID)) continue
      const exceptions = all.filter(
        (other) => other.hasProperty('recurrence-id') && other.getFirstPropertyValue('uid') === uid,
      )
      const read = timesOf(own, exceptions, { zones, zone, fromMs, toMs })
      if (read.kind === 'none') return read
      times.push(...read.value)
    }
  }
  return ok(times.sort((a, b) => a.fromMs - b.fromMs))
}

interface Around {
  readonly zones: ReadonlyMap<string, ICAL.Timezone>
  readonly zone: string
  readonly fromMs: number
  readonly toMs: number
}

const isFree = (event: ICAL.Component): boolean =>
  event.getFirstPropertyValue('transp') === 'TRANSPARENT' ||
  event.getFirstPropertyValue('status') === 'CANCELLED'

function timesOf(
  component: ICAL.Component,
  exceptions: readonly ICAL.Component[],
  around: Around,
): Reading<BusyTime[]> {
  const event = new ICAL.Event(component, { exceptions: [...exceptions], strictExceptions: true })
  const why = String(event.summary ?? '').slice(0, 200)
  if (!event.startDate) return none(`“${why}” in the file has no start (DTSTART).`)
  const found: BusyTime[] = []
  const add = (own: ICAL.Component, start: ICAL.Time, end: ICAL.Time, n: number): void => {
    const [from, to] = [momentOf(start, own, around), momentOf(end, own, around)]
    if (to > around.fromMs && from < around.toMs && to > from && !isFree(own))
      found.push({ uid: `${event.uid}${n > 0 ? `#${n}` : ''}`.slice(0, 300), fromMs: from, toMs: to, why })
  }
  if (!event.isRecurring()) {
    add(component, event.startDate, event.endDate, 0)
    return ok(found)
  }
  const iterator = event.iterator()
  for (let n = 1; ; n += 1) {
    const next = iterator.next()
    if (!next) break
    const { item, startDate, endDate } = event.getOccurrenceDetails(next)
    if (momentOf(startDate, item.component, around) >= around.toMs) break
    if (n > 100_000 || found.length > MOST_TIMES)
      return none(`“${why}” in the file comes more than ${MOST_TIMES} times in the time that is planned.`)
    add(item.component, startDate, endDate, n)
  }
  return ok(found)
}

/** The moment of a time in the file: by its own zone, which the file or the world knows, else by the workshop's. */
function momentOf(time: ICAL.Time, component: ICAL.Component, { zones, zone }: Around): number {
  if (time.zone === ICAL.Timezone.utcTimezone) return time.toUnixTime() * 1000
  const tzid = String(component.getFirstProperty('dtstart')?.getParameter('tzid') ?? '')
  const known = zones.get(tzid)
  if (known && !isZone(tzid)) {
    const own = time.clone()
    own.zone = known
    return own.toUnixTime() * 1000
  }
  const two = (value: number): string => String(value).padStart(2, '0')
  const date = `${String(time.year).padStart(4, '0')}-${two(time.month)}-${two(time.day)}`
  const clock = time.isDate ? '00:00' : `${two(time.hour)}:${two(time.minute)}`
  return momentAt(date, clock, isZone(tzid) ? tzid : zone)
}
