import ICAL from 'ical.js'

/** Longer than this between two times, and it does not come again in any plan: years, days and so on alike. */
const LONGEST_INTERVAL = 10_000

/** Which parts a rule of a frequency may not have. Source: RFC 5545, 3.3.10. */
const forbidden: Readonly<Record<string, readonly string[]>> = {
  YEARLY: [],
  MONTHLY: ['BYYEARDAY', 'BYWEEKNO'],
  WEEKLY: ['BYMONTHDAY', 'BYYEARDAY', 'BYWEEKNO'],
  DAILY: ['BYYEARDAY', 'BYWEEKNO'],
  HOURLY: ['BYWEEKNO'],
  MINUTELY: ['BYWEEKNO'],
  SECONDLY: ['BYWEEKNO'],
}
/** What the figures of a part may be, without their sign. Source: as above. */
const ranges: Readonly<Record<string, readonly [least: number, most: number]>> = {
  BYSECOND: [0, 60],
  BYMINUTE: [0, 59],
  BYHOUR: [0, 23],
  BYMONTHDAY: [1, 31],
  BYYEARDAY: [1, 366],
  BYWEEKNO: [1, 53],
  BYMONTH: [1, 12],
  BYSETPOS: [1, 366],
}
/** Days that a month can have. */
const LENGTHS = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]

const numbersOf = (rule: ICAL.Recur, part: string): number[] =>
  ((rule.parts as Record<string, unknown[] | undefined>)[part] ?? []).map(Number)

/** What is wrong with a rule of recurrence, after "the rule"; undefined where it can be followed. */
export function ruleFault(rule: ICAL.Recur): string | undefined {
  const { freq, interval, parts } = rule
  const not = forbidden[freq]
  if (!not)
    return `has the frequency “${String(freq).slice(0, 20)}”; allowed are ${Object.keys(forbidden).join(', ')}`
  if (!Number.isInteger(interval) || interval < 1) return `has the interval ${interval}; it must be 1 or more`
  if (interval > LONGEST_INTERVAL)
    return `has the interval ${interval}; the most that is read is ${LONGEST_INTERVAL}`
  const wrong = not.find((part) => part in parts)
  if (wrong) return `is ${freq} and has ${wrong}, which do not go together`
  for (const [part, [least, most]] of Object.entries(ranges)) {
    const beyond = numbersOf(rule, part).find(
      (value) => !(Math.abs(value) >= least && Math.abs(value) <= most),
    )
    if (beyond !== undefined) return `has ${part}=${beyond}; allowed is ${least} to ${most}`
  }
  const months = numbersOf(rule, 'BYMONTH')
  const days = numbersOf(rule, 'BYMONTHDAY')
  const longest = Math.max(...(months.length > 0 ? months : [1]).map((month) => LENGTHS[month - 1] ?? 31))
  if (days.length > 0 && days.every((day) => Math.abs(day) > longest))
    return `asks for day ${days.join(', ')} of months that have no such day`
  return undefined
}

/** The step from one time to the next, where it is always the same, ms; months and years differ. */
const steps: Readonly<Record<string, number>> = {
  WEEKLY: 7 * 86_400_000,
  DAILY: 86_400_000,
  HOURLY: 3_600_000,
  MINUTELY: 60_000,
  SECONDLY: 1_000,
}
/** So much before what is wanted it begins: an entry may be long. */
const BEFORE_MS = 40 * 86_400_000
const YEAR_MS = 365.2425 * 86_400_000

const fieldsMs = ({ year, month, day, hour, minute, second }: ICAL.Time): number => {
  const date = new Date(Date.UTC(2000, month - 1, day, hour, minute, second))
  // A year below 100 is that year, and not one of the last century.
  return date.setUTCFullYear(year, month - 1, day)
}

/**
 * The first time of an entry that recurs, moved on to shortly before a moment by whole steps of its rule: what lies
 * between is passed over at one stroke. By the clock on the wall, so that it stays at its hour.
 * @returns undefined where nothing is passed over
 */
function movedStart(start: ICAL.Time, rule: ICAL.Recur, fromMs: number): ICAL.Time | undefined {
  const began = fieldsMs(start)
  const behindMs = fromMs - BEFORE_MS - began
  if (!(behindMs > 0)) return undefined
  const moved = start.clone()
  const step = steps[rule.freq]
  if (step !== undefined) {
    const each = step * rule.interval
    const at = new Date(began + Math.floor(behindMs / each) * each)
    moved.year = at.getUTCFullYear()
    moved.month = at.getUTCMonth() + 1
    moved.day = at.getUTCDate()
    if (!start.isDate) {
      moved.hour = at.getUTCHours()
      moved.minute = at.getUTCMinutes()
      moved.second = at.getUTCSeconds()
    }
    return moved
  }
  // By leap years, so that its day is there; of a 29 February no further than to a year that has one.
  const cycle = rule.interval * 4
  for (let years = Math.floor(behindMs / YEAR_MS / cycle) * cycle; years >= cycle; years -= cycle) {
    moved.year = start.year + years
    if (new Date(fieldsMs(moved)).getUTCDate() === start.day) return moved
  }
  return undefined
}

/** An entry that recurs, begun anew shortly before a moment. One that ends after a number of times stays as it is. */
export function nearTo(component: ICAL.Component, fromMs: number): ICAL.Component {
  const [rule, ...more] = component.getAllProperties('rrule').map((one) => one.getFirstValue())
  const start = component.getFirstPropertyValue('dtstart')
  if (!(rule instanceof ICAL.Recur) || more.length > 0 || rule.count || !(start instanceof ICAL.Time))
    return component
  const moved = movedStart(start, rule, fromMs)
  if (!moved) return component
  const near = new ICAL.Component(JSON.parse(JSON.stringify(component.jCal)) as never)
  const end = near.getFirstPropertyValue('dtend')
  if (end instanceof ICAL.Time) {
    const late = moved.clone()
    late.addDuration(end.subtractDate(start))
    near.getFirstProperty('dtend')?.setValue(late)
  }
  near.getFirstProperty('dtstart')?.setValue(moved)
  return near
}
