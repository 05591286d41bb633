import ICAL from 'ical.js'

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
