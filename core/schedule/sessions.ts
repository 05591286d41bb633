import * as SunCalc from 'suncalc'
import { addDays } from '../units'
import { momentAt, standardOffsetHours, wallAt, weekdayOf } from './clock'
import type { Person, TimeOf, TimeRecord } from './records'
import { joined, overlap, without, type TimeSpan } from './stretches'

/** A stretch of time at the bench: ms since 1970. */
export interface Session {
  /** The day that it begins on, in the workshop's zone. */
  readonly date: string
  readonly fromMs: number
  readonly toMs: number
  readonly personId: string
}

/** The workshop's time as its maker has said it. */
export interface BenchTime {
  readonly people: readonly Pick<Person, 'id' | 'name'>[]
  readonly times: readonly TimeRecord[]
  readonly zone: string
}

/** Who there is where nobody has been named: one pair of hands. */
export const ALONE: Pick<Person, 'id' | 'name'> = { id: 'me', name: 'You' }

export const peopleOf = (people: BenchTime['people']): BenchTime['people'] =>
  people.length > 0 ? people : [ALONE]

const of = <K extends TimeRecord['kind']>(times: readonly TimeRecord[], kind: K): TimeOf<K>[] =>
  times.filter((time): time is TimeOf<K> => time.kind === kind)

const isTheirs = ({ people }: { people: readonly string[] }, personId: string): boolean =>
  people.length === 0 || people.includes(personId)

/** A stretch between two times of the wall, that ends on the next day where it ends before it begins. */
function stretchOn(date: string, from: string, to: string, zone: string): { fromMs: number; toMs: number } {
  return {
    fromMs: momentAt(date, from, zone),
    toMs: momentAt(to <= from ? addDays(date, 1) : date, to, zone),
  }
}

/**
 * Everyone's sessions that begin on the days from one date to another, in order: those of the week and of single days,
 * less days off and what keeps a person busy. Sessions of one person that touch are one.
 */
export function sessionsBetween({ people, times, zone }: BenchTime, first: string, last: string): Session[] {
  const weekly = of(times, 'weekly')
  const single = of(times, 'once')
  const off = of(times, 'off')
  const busy = of(times, 'busy')
  return peopleOf(people)
    .flatMap(({ id }) => {
      const theirs: { date: string; from: number; to: number }[] = []
      const isOff = (date: string): boolean =>
        off.some((days) => isTheirs(days, id) && days.from <= date && date <= days.to)
      // A session of the evening before may reach into the first day.
      for (let date = addDays(first, -1); date <= last; date = addDays(date, 1)) {
        const rows = [
          ...weekly.filter(
            ({ weekday, since, until }) =>
              weekday === weekdayOf(date) &&
              (since ?? date) <= date &&
              date <= (until ?? date) &&
              !isOff(date),
          ),
          // What is set for one day stands, whatever is off: it was set on purpose.
          ...single.filter((row) => row.date === date),
        ]
        for (const row of rows) {
          if (!isTheirs(row, id)) continue
          const { fromMs, toMs } = stretchOn(date, row.from, row.to, zone)
          theirs.push({ date, from: fromMs, to: toMs })
        }
      }
      const taken = busy
        .filter((row) => isTheirs(row, id))
        .map((row) => ({ from: Date.parse(row.from), to: Date.parse(row.to) }))
      return without(joined(theirs), taken).map(({ from, to }): Session => {
        const begun = theirs.filter((row) => row.from <= from && from < row.to)
        return { date: begun[0]?.date ?? wallAt(from, zone).date, fromMs: from, toMs: to, personId: id }
      })
    })
    .filter(({ toMs }) => toMs > momentAt(first, '00:00', zone))
    .sort((a, b) => a.fromMs - b.fromMs || a.personId.localeCompare(b.personId))
}

/** Where the sun is looked at from. */
export interface SunPlace {
  readonly latitudeDeg: number
  /** East positive; absent: the middle of the time zone, which can be an hour out. */
  readonly longitudeDeg?: number
}

/**
 * From sunrise to sunset on each of the days, ms since 1970. By the equations in SunCalc; where the sun does not set,
 * the whole day; where it does not rise, nothing.
 */
export function daylightBetween(place: SunPlace, zone: string, first: string, last: string): TimeSpan[] {
  const days: TimeSpan[] = []
  for (let date = first; date <= last; date = addDays(date, 1)) {
    const longitude = place.longitudeDeg ?? 15 * standardOffsetHours(zone, Number(date.slice(0, 4)))
    const noon = new Date(momentAt(date, '12:00', zone))
    const { sunrise, sunset, alwaysUp } = SunCalc.getTimes(noon, place.latitudeDeg, longitude)
    if (sunrise && sunset) days.push({ from: sunrise.getTime(), to: sunset.getTime() })
    else if (alwaysUp) days.push({ from: momentAt(date, '00:00', zone), to: momentAt(date, '24:00', zone) })
  }
  return joined(days)
}

/** Hours that the maker has said are dry and still: ms since 1970. */
export function outdoorHours({ times, zone }: BenchTime): TimeSpan[] {
  return joined(
    of(times, 'outdoors')
      .filter(({ fit }) => fit)
      .map((row) => {
        const { fromMs, toMs } = stretchOn(row.date, row.from, row.to, zone)
        return { from: fromMs, to: toMs }
      }),
  )
}

/** Hours to ask about, for work outdoors: sessions by daylight, earliest first, that have not been answered yet. */
export function outdoorsToAsk(
  time: BenchTime,
  sessions: readonly Session[],
  daylight: readonly TimeSpan[],
  leastMin: number,
): Session[] {
  const answered = of(time.times, 'outdoors').map((row) => {
    const { fromMs, toMs } = stretchOn(row.date, row.from, row.to, time.zone)
    return { from: fromMs, to: toMs }
  })
  return sessions.flatMap((session) => {
    const lit = without(overlap([{ from: session.fromMs, to: session.toMs }], daylight), answered)
    return lit
      .filter(({ from, to }) => to - from >= leastMin * 60_000)
      .map(({ from, to }) => ({ ...session, fromMs: from, toMs: to }))
  })
}
