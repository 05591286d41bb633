import ICAL from 'ical.js'
import { none, ok, toTheEnd, type Reading } from '../units'
import { isZone, momentAt } from './clock'
import { OWN_UID } from './out'
import { nearTo, ruleFault } from './recurrence'

/** A time at which someone is busy, as a calendar file has it. */
export interface BusyTime {
  readonly uid: string
  readonly fromMs: number
  readonly toMs: number
  readonly why: string
}

/** An entry that can't be read: the line of the file at which it begins, and why. */
export interface EntryFault {
  readonly line: number
  readonly because: string
}

/** What a calendar file gave: times in order, and the entries that were left out. */
export interface BusyFile {
  readonly times: readonly BusyTime[]
  readonly faults: readonly EntryFault[]
}

export interface BusyOrder {
  readonly text: string
  /** Only what lies between these moments is wanted, ms since 1970. */
  readonly fromMs: number
  readonly toMs: number
  /** The zone of the workshop’s wall, for times that have none of their own. */
  readonly zone: string
  /** Lines of entries that are left out: those that were tried before, and came to no end. */
  readonly without?: ReadonlySet<number>
}

/** More than this of one entry that comes again and again is no calendar of a person. */
const MOST_TIMES = 2_000
/** Of all entries together: as many as a workshop keeps. */
const MOST_BUSY = 20_000
/** Steps from one time of an entry to the next, before and in what is planned. */
const MOST_STEPS = 20_000

/** A part of the file from its BEGIN to its END, and the line at which it begins. */
interface Block {
  readonly line: number
  readonly text: string
}

/** The parts of a file that are entries or time zones, each for itself: one that is broken breaks no other. */
function blocksOf(text: string): {
  readonly isCalendar: boolean
  readonly events: Block[]
  readonly zones: Block[]
} {
  const lines = text.replace(/^\uFEFF/, '').split(/\r?\n|\r/)
  const found = { VEVENT: [] as Block[], VTIMEZONE: [] as Block[] }
  const isCalendar = lines.some((line) => /^BEGIN:VCALENDAR\s*$/i.test(line))
  let [open, from]: [keyof typeof found | undefined, number] = [undefined, 0]
  lines.forEach((line, i) => {
    const [, verb, name] = /^(BEGIN|END):(VEVENT|VTIMEZONE)\s*$/i.exec(line) ?? []
    if (verb === undefined || name === undefined) return
    const kind = name.toUpperCase() as keyof typeof found
    if (verb.toUpperCase() === 'BEGIN') [open, from] = [kind, i]
    else if (open === kind) {
      // A long line goes on in the next ones, behind a blank: it is looked at whole.
      const text = lines
        .slice(from, i + 1)
        .join('\r\n')
        .replace(/\r\n[ \t]/g, '')
      found[kind].push({ line: from + 1, text })
      open = undefined
    }
  })
  return { isCalendar, events: found.VEVENT, zones: found.VTIMEZONE }
}

const componentOf = ({ text }: Block): ICAL.Component => new ICAL.Component(ICAL.parse(text) as never)

/** An entry with the line at which it stands. */
interface Entry {
  readonly line: number
  readonly component: ICAL.Component
}

interface Around extends Pick<BusyOrder, 'fromMs' | 'toMs' | 'zone'> {
  readonly zoneOf: (tzid: string) => ICAL.Timezone | undefined
}

/**
 * Reads what takes up time in a calendar file (RFC 5545): entries and what recurs of them between two moments, less
 * what is free or cancelled, and less what this calendar has written itself. Times without a zone of their own are
 * those of the workshop's wall. An entry that can't be read is told with its line, and the others are taken.
 * @yields the line of each entry before it is worked out: one that comes to no end is known by it
 * @returns the times in order with what was left out; or why the file can't be read at all
 */
export function* readingBusy(order: BusyOrder): Generator<number, Reading<BusyFile>> {
  const { isCalendar, events, zones } = blocksOf(order.text)
  if (!isCalendar) return none('The file is not an iCalendar file: one begins with BEGIN:VCALENDAR.')
  const faults: EntryFault[] = []
  const fault = (line: number, because: string): void => {
    faults.push({ line, because })
  }
  const masters: Entry[] = []
  const changes = new Map<string, ICAL.Component[]>()
  for (const block of events) {
    yield block.line
    if (order.without?.has(block.line)) {
      fault(block.line, 'it comes to no end.')
      continue
    }
    const wrong = startFault(block)
    if (wrong !== undefined) {
      fault(block.line, wrong)
      continue
    }
    try {
      const component = componentOf(block)
      const uid = uidOf(component)
      if (!component.hasProperty('recurrence-id')) masters.push({ line: block.line, component })
      else changes.set(uid, [...(changes.get(uid) ?? []), component])
    } catch (error) {
      fault(block.line, wordsOf(error))
    }
  }
  const around: Around = { ...order, zoneOf: zonesOf(zones) }
  const times: BusyTime[] = []
  for (const { line, component } of masters) {
    const uid = uidOf(component)
    // Sessions that have gone out from here and come back with the rest keep nobody from the bench.
    if (uid.endsWith(OWN_UID)) continue
    yield line
    try {
      const read = timesOf(component, changes.get(uid) ?? [], around)
      if (read.kind === 'none') fault(line, read.because)
      else times.push(...read.value)
    } catch (error) {
      fault(line, wordsOf(error))
    }
    if (times.length > MOST_BUSY)
      return none(`The file holds more than ${MOST_BUSY} busy times in the time that is planned.`)
  }
  return ok({
    times: times.sort((a, b) => a.fromMs - b.fromMs),
    faults: faults.sort((a, b) => a.line - b.line),
  })
}

/** The same in one go, for files that are trusted. */
export const readBusy = (order: BusyOrder): Reading<BusyFile> => toTheEnd(readingBusy(order))

/** A day, and a time where there is one. Source: RFC 5545, 3.3.4 and 3.3.5. */
const START = /^(\d{4})(\d{2})(\d{2})(?:T(\d{2})(\d{2})(\d{2})Z?)?$/

/** What is wrong with the start of an entry, as it stands in the file; undefined where it is a real day. */
function startFault({ text }: Block): string | undefined {
  const value = /^DTSTART(?:;[^:\r\n]*)?:(.*)$/im.exec(text)?.[1]?.trim()
  if (value === undefined) return 'it has no start (DTSTART).'
  const [, year = 0, month = 0, day = 0, hour = 0, minute = 0] = (START.exec(value) ?? []).map(Number)
  const date = new Date(Date.UTC(2000, month - 1, day))
  date.setUTCFullYear(year, month - 1, day)
  const isReal = START.test(value) && date.getUTCDate() === day && date.getUTCMonth() === month - 1
  return isReal && !(hour >= 24) && !(minute >= 60)
    ? undefined
    : `its start (DTSTART) reads “${value.slice(0, 40)}”; a day such as 20261204, or a day and a time such as 20261204T183000Z, is wanted.`
}

const uidOf = (component: ICAL.Component): string => String(component.getFirstPropertyValue('uid') ?? '')
const wordsOf = (error: unknown): string =>
  `it can’t be read (${error instanceof Error ? error.message.slice(0, 120) : 'no reason was given'}).`

/** Zones that the file brings, each made when it is wanted. One that changes oftener than by the year is none. */
function zonesOf(blocks: readonly Block[]): (tzid: string) => ICAL.Timezone | undefined {
  const made = new Map<string, ICAL.Timezone | undefined>()
  const byId = new Map(
    blocks.map((block) => [/^TZID(?:;[^:]*)?:(.*)$/im.exec(block.text)?.[1]?.trim() ?? '', block]),
  )
  return (tzid) => {
    const block = byId.get(tzid)
    if (!block || made.has(tzid)) return made.get(tzid)
    const rules = [...block.text.matchAll(/^RRULE[^:]*:(.*)$/gim)].map(([, rule = '']) => rule)
    const isYearly = rules.every((rule) => /FREQ=YEARLY/i.test(rule) && !/INTERVAL=(?!1\b)/i.test(rule))
    made.set(tzid, undefined)
    if (isYearly && rules.length <= 40)
      try {
        made.set(tzid, new ICAL.Timezone(componentOf(block)))
      } catch {
        // The workshop's own clock takes the place of a zone that can't be read.
      }
    return made.get(tzid)
  }
}

const isFree = (event: ICAL.Component): boolean =>
  event.getFirstPropertyValue('transp') === 'TRANSPARENT' ||
  event.getFirstPropertyValue('status') === 'CANCELLED'

function timesOf(
  component: ICAL.Component,
  exceptions: readonly ICAL.Component[],
  around: Around,
): Reading<BusyTime[]> {
  const why = String(component.getFirstPropertyValue('summary') ?? '').slice(0, 200)
  const named = why === '' ? 'it' : `“${why.slice(0, 60)}”`
  const rules = component.getAllProperties('rrule').map((rule) => rule.getFirstValue())
  for (const rule of rules) {
    const wrong = rule instanceof ICAL.Recur ? ruleFault(rule) : 'is no rule'
    if (wrong !== undefined) return none(`the rule (RRULE) of ${named} ${wrong}.`)
  }
  const found: BusyTime[] = []
  const uid = uidOf(component)
  const add = (own: ICAL.Component, start: ICAL.Time, end: ICAL.Time, again: boolean): void => {
    const [from, to] = [momentOf(start, own, around), momentOf(end, own, around)]
    if (to > around.fromMs && from < around.toMs && to > from && !isFree(own))
      found.push({
        uid: `${uid}${again ? `#${new Date(from).toISOString()}` : ''}`.slice(-300),
        fromMs: from,
        toMs: to,
        why,
      })
  }
  if (rules.length === 0 && !component.hasProperty('rdate')) {
    const event = new ICAL.Event(component)
    add(component, event.startDate, event.endDate, false)
    return ok(found)
  }
  const event = new ICAL.Event(nearTo(component, around.fromMs), {
    exceptions: [...exceptions],
    strictExceptions: true,
  })
  const iterator = event.iterator()
  for (let n = 1; ; n += 1) {
    const next = iterator.next()
    if (!next) break
    const { item, startDate, endDate } = event.getOccurrenceDetails(next)
    if (momentOf(startDate, item.component, around) >= around.toMs) break
    add(item.component, startDate, endDate, true)
    if (found.length > MOST_TIMES)
      return none(`${named} comes more than ${MOST_TIMES} times in the time that is planned.`)
    if (n > MOST_STEPS)
      return none(`${named} has come more than ${MOST_STEPS} times before the time that is planned.`)
  }
  return ok(found)
}

/** The moment of a time in the file: by its own zone, which the file or the world knows, else by the workshop's. */
function momentOf(time: ICAL.Time, component: ICAL.Component, { zoneOf, zone }: Around): number {
  if (time.zone === ICAL.Timezone.utcTimezone) return time.toUnixTime() * 1000
  const tzid = String(component.getFirstProperty('dtstart')?.getParameter('tzid') ?? '')
  const known = isZone(tzid) ? undefined : zoneOf(tzid)
  if (known) {
    const own = time.clone()
    own.zone = known
    return own.toUnixTime() * 1000
  }
  const two = (value: number): string => String(value).padStart(2, '0')
  const date = `${String(time.year).padStart(4, '0')}-${two(time.month)}-${two(time.day)}`
  const clock = time.isDate ? '00:00' : `${two(time.hour)}:${two(time.minute)}`
  return momentAt(date, clock, isZone(tzid) ? tzid : zone)
}
