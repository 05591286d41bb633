import ical from 'node-ical'
import { momentAt, OWN_UID } from '../../core/schedule'
import { readBusy } from '../../core/schedule/busy-file'
import { writeCalendar, type CalendarEvent } from '../../core/schedule/calendar-file'

const ZONE = 'Europe/Vienna'
const at = (date: string, time: string): number => momentAt(date, time, ZONE)
const month = (text: string, zone = ZONE) => {
  const read = readBusy({ text, fromMs: at('2026-10-01', '00:00'), toMs: at('2026-12-31', '24:00'), zone })
  if (read.kind === 'none') throw new Error(read.because)
  return read.value.times.map(({ fromMs, toMs, why }) => [
    new Date(fromMs).toISOString(),
    new Date(toMs).toISOString(),
    why,
  ])
}
const file = (...lines: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...lines, 'END:VCALENDAR', ''].join('\r\n')

describe('calendar files (RFC 5545), read back by a second library (node-ical)', () => {
  const events: CalendarEvent[] = [
    {
      uid: 'session-2026-10-24',
      fromMs: at('2026-10-24', '19:00'),
      toMs: at('2026-10-24', '21:30'),
      summary: 'Bench: Beech 2; 3 steps, with a comma\\and a backslash',
      description: 'Lay out: tweezers\nTrunk colour, dark tips, 20 min',
      busy: true,
    },
    {
      uid: 'dry-1',
      fromMs: at('2026-10-25', '09:00'),
      toMs: at('2026-10-25', '09:15'),
      summary: 'Dry: Äste für die große Buche, die über siebzig Zeichen lang ist und gefaltet werden muss',
      alarmMin: 0,
      busy: false,
    },
  ]
  const text = writeCalendar(events, 'Tannet Lane Bench', at('2026-10-20', '12:00'))

  it('comes back with its moments, across the change of clocks, and its words', () => {
    const back = Object.values(ical.sync.parseICS(text)).filter(
      (own) => own?.type === 'VEVENT',
    ) as ical.VEvent[]
    expect(back).toHaveLength(2)
    back.forEach((own, i) => {
      expect(own.uid).toBe(events[i]?.uid)
      expect(new Date(own.start).getTime()).toBe(events[i]?.fromMs)
      expect(new Date(own.end as Date).getTime()).toBe(events[i]?.toMs)
      expect(own.summary).toBe(events[i]?.summary)
    })
    expect(back[0]?.description).toBe(events[0]?.description)
    expect(back[0]?.transparency).toBe('OPAQUE')
    // 19:00 on the evening before the clocks change is 17:00 UTC; 9:00 on the morning after it is 8:00 UTC.
    expect(back.map(({ start }) => new Date(start).getUTCHours())).toEqual([17, 8])
  })

  it('lines are folded at 75 bytes and end in CR LF; the alarm is one that shows', () => {
    const bytes = new TextEncoder()
    for (const line of text.trimEnd().split('\r\n')) expect(bytes.encode(line).length).toBeLessThanOrEqual(75)
    expect(text).not.toMatch(/[^\r]\n/)
    expect(text).toMatch(/BEGIN:VALARM\r\nACTION:DISPLAY/)
    expect(text).toMatch(/TRIGGER:-?PT0S/)
  })

  it('what takes up time in it is read again by ourselves; drying does not', () => {
    expect(month(text)).toEqual([
      ['2026-10-24T17:00:00.000Z', '2026-10-24T19:30:00.000Z', events[0]?.summary],
    ])
  })
})

describe('busy times from calendar files of others', () => {
  const weekly = file(
    'BEGIN:VTIMEZONE',
    'TZID:Somewhere',
    'BEGIN:STANDARD',
    'DTSTART:19701025T030000',
    'RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU',
    'TZOFFSETFROM:+0200',
    'TZOFFSETTO:+0100',
    'END:STANDARD',
    'BEGIN:DAYLIGHT',
    'DTSTART:19700329T020000',
    'RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU',
    'TZOFFSETFROM:+0100',
    'TZOFFSETTO:+0200',
    'END:DAYLIGHT',
    'END:VTIMEZONE',
    'BEGIN:VEVENT',
    'UID:choir',
    'DTSTAMP:20260101T000000Z',
    'SUMMARY:Choir',
    'DTSTART;TZID=Somewhere:20261014T200000',
    'DTEND;TZID=Somewhere:20261014T213000',
    'RRULE:FREQ=WEEKLY;COUNT=4',
    'EXDATE;TZID=Somewhere:20261028T200000',
    'END:VEVENT',
    'BEGIN:VEVENT',
    'UID:choir',
    'DTSTAMP:20260101T000000Z',
    'RECURRENCE-ID;TZID=Somewhere:20261104T200000',
    'SUMMARY:Choir, early',
    'DTSTART;TZID=Somewhere:20261104T180000',
    'DTEND;TZID=Somewhere:20261104T190000',
    'END:VEVENT',
  )

  it('recur on the wall of their zone, with days left out and days moved', () => {
    expect(month(weekly, 'UTC').map(([from, to]) => [from, to])).toEqual([
      ['2026-10-14T18:00:00.000Z', '2026-10-14T19:30:00.000Z'],
      ['2026-10-21T18:00:00.000Z', '2026-10-21T19:30:00.000Z'],
      ['2026-11-04T17:00:00.000Z', '2026-11-04T18:00:00.000Z'],
    ])
  })

  it('whole days and floating times are those of the workshop; what is free or cancelled takes no time', () => {
    const event = (...lines: string[]): string[] => [
      'BEGIN:VEVENT',
      `UID:${lines.join('').length}${lines[0] ?? ''}`,
      'DTSTAMP:20260101T000000Z',
      ...lines,
      'END:VEVENT',
    ]
    const text = file(
      ...event('SUMMARY:Fair', 'DTSTART;VALUE=DATE:20261128', 'DTEND;VALUE=DATE:20261130'),
      ...event('SUMMARY:Walk', 'DTSTART:20261124T190000', 'DURATION:PT1H'),
      ...event('SUMMARY:Maybe', 'TRANSP:TRANSPARENT', 'DTSTART:20261125T190000Z', 'DURATION:PT1H'),
      ...event('SUMMARY:Off', 'STATUS:CANCELLED', 'DTSTART:20261126T190000Z', 'DURATION:PT1H'),
      ...event('SUMMARY:Known zone', 'DTSTART;TZID=Etc/GMT+5:20261127T090000', 'DURATION:PT30M'),
    )
    expect(month(text)).toEqual([
      ['2026-11-24T18:00:00.000Z', '2026-11-24T19:00:00.000Z', 'Walk'],
      ['2026-11-27T14:00:00.000Z', '2026-11-27T14:30:00.000Z', 'Known zone'],
      ['2026-11-27T23:00:00.000Z', '2026-11-29T23:00:00.000Z', 'Fair'],
    ])
  })

  it.each([
    ['', 'BEGIN:VCALENDAR'],
    ['Dear maker, here is my week', 'BEGIN:VCALENDAR'],
    ['BEGIN:VCARD\r\nFN:Someone\r\nEND:VCARD\r\n', 'BEGIN:VCALENDAR'],
  ])('%p is refused with what is wanted', (text, names) => {
    const read = readBusy({ text, fromMs: 0, toMs: 1e12, zone: 'UTC' })
    expect(read.kind === 'none' && read.because).toContain(names)
  })

  it('what recurs without end is read for the time that is planned only', () => {
    const daily = file(
      'BEGIN:VEVENT',
      'UID:d',
      'DTSTAMP:20260101T000000Z',
      'SUMMARY:Dog',
      'DTSTART:20200101T070000Z',
      'DURATION:PT20M',
      'RRULE:FREQ=DAILY',
      'END:VEVENT',
    )
    expect(month(daily)).toHaveLength(92)
  })

  it('what went out from here and comes back with the rest keeps nobody from the bench', () => {
    const own = { fromMs: at('2026-11-03', '19:00'), toMs: at('2026-11-03', '21:30'), busy: true }
    const sent = writeCalendar(
      [
        { ...own, uid: `session-2026-11-03-1900-ada${OWN_UID}`, summary: 'Bench: Beech' },
        { ...own, uid: 'choir@elsewhere', summary: 'Choir' },
      ],
      'Mine',
      at('2026-10-20', '12:00'),
    )
    expect(month(sent).map(([, , why]) => why)).toEqual(['Choir'])
  })
})

describe('files that would hang or break the reading', () => {
  const from = Date.UTC(2026, 11, 1)
  const to = Date.UTC(2027, 5, 9)
  const read = (...lines: string[]) => {
    const answer = readBusy({ text: file(...lines), fromMs: from, toMs: to, zone: 'UTC' })
    if (answer.kind === 'none') throw new Error(answer.because)
    return answer.value
  }
  const event = (name: string, ...lines: string[]): string[] => [
    'BEGIN:VEVENT',
    `UID:${name}`,
    'DTSTAMP:20260101T000000Z',
    `SUMMARY:${name}`,
    ...lines,
    'END:VEVENT',
  ]
  const sound = event('Sound', 'DTSTART:20261204T180000Z', 'DURATION:PT1H')
  const starts = ({ times }: ReturnType<typeof read>, n = 3): string[] =>
    times.slice(0, n).map(({ fromMs }) => new Date(fromMs).toISOString().slice(0, 16))

  it.each([
    ['a start that is none', ['DTSTART:hello'], 'reads “hello”'],
    ['no start', ['DURATION:PT1H'], 'has no start'],
    ['a day that is none', ['DTSTART:20261399T180000Z'], 'DTSTART'],
    [
      'days of the month by the week',
      ['DTSTART:20200101T070000Z', 'RRULE:FREQ=WEEKLY;BYMONTHDAY=30'],
      'BYMONTHDAY',
    ],
    [
      'an interval of ages',
      ['DTSTART:20200101T070000Z', 'RRULE:FREQ=YEARLY;INTERVAL=99999999'],
      'interval 99999999',
    ],
    [
      'a day that no month has',
      ['DTSTART:20200101T070000Z', 'RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31'],
      'no such day',
    ],
    ['weeks beyond a year', ['DTSTART:20200101T070000Z', 'RRULE:FREQ=YEARLY;BYWEEKNO=99'], 'BYWEEKNO'],
    ['each second', ['DTSTART:20200101T070000Z', 'DURATION:PT1S', 'RRULE:FREQ=SECONDLY'], 'more than'],
    ['a property without a value', ['DTSTART:20261204T180000Z', 'nonsense'], 'can’t be read'],
    [
      'a count without end',
      ['DTSTART:19000101T000000Z', 'RRULE:FREQ=HOURLY;COUNT=999999999'],
      'before the time',
    ],
  ])('%s is told with its line, and the rest is taken', (_what, lines, words) => {
    const { times, faults } = read(...event('Broken', ...lines), ...sound)
    expect(times.map(({ why }) => why)).toEqual(['Sound'])
    expect(faults).toEqual([{ line: 4, because: expect.stringContaining(words) }])
  })

  it('a start that is folded over lines is read whole', () => {
    const { times, faults } = read(
      ...event('Folded', 'DTSTART;TZID=Europe/', ' Vienna:2026', ' 1204T180000', 'DURATION:PT1H'),
    )
    expect(faults).toEqual([])
    expect(times[0]?.fromMs).toBe(Date.UTC(2026, 11, 4, 17))
  })

  it('an entry that came to no end before is left out by its line', () => {
    const text = file(...event('Endless', 'DTSTART:20261201T070000Z', 'DURATION:PT1H'), ...sound)
    const answer = readBusy({ text, fromMs: from, toMs: to, zone: 'UTC', without: new Set([4]) })
    expect(answer).toMatchObject({
      kind: 'ok',
      value: { times: [{ why: 'Sound' }], faults: [{ line: 4, because: 'it comes to no end.' }] },
    })
  })

  it('what has recurred for ages is begun near the time that is planned, and falls on the same hours', () => {
    const daily = read(...event('Old', 'DTSTART:00010101T070000Z', 'DURATION:PT20M', 'RRULE:FREQ=DAILY'))
    expect(starts(daily)).toEqual(['2026-12-01T07:00', '2026-12-02T07:00', '2026-12-03T07:00'])
    // 1 January 1900 was a Monday; every third week from it: 7 December 2026 is week 6623 = 3 × 2207 + 2, so the 14th.
    const weekly = read(
      ...event('Third', 'DTSTART:19000101T190000Z', 'DURATION:PT1H', 'RRULE:FREQ=WEEKLY;INTERVAL=3'),
    )
    expect(starts(weekly, 2)).toEqual(['2026-12-14T19:00', '2027-01-04T19:00'])
    const hourly = read(
      ...event('Hours', 'DTSTART:19000101T003000Z', 'DURATION:PT5M', 'RRULE:FREQ=HOURLY;INTERVAL=5'),
    )
    expect(
      new Set(hourly.times.map(({ fromMs }) => ((fromMs - Date.UTC(1900, 0, 1, 0, 30)) / 3.6e6) % 5)),
    ).toEqual(new Set([0]))
    const monthly = read(
      ...event(
        'Last',
        'DTSTART:19000131T190000Z',
        'DURATION:PT1H',
        'RRULE:FREQ=MONTHLY;INTERVAL=2;BYMONTHDAY=31',
      ),
    )
    // Every second month from January that has 31 days.
    expect(starts(monthly, 9)).toEqual(['2027-01-31T19:00', '2027-03-31T19:00', '2027-05-31T19:00'])
    const yearly = read(
      ...event('Leap', 'DTSTART;VALUE=DATE:19040229', 'RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=-1'),
    )
    expect(starts(yearly, 2)).toEqual(['2027-02-28T00:00'])
  })

  it('begun near or stepped through from its first time, a rule gives the same times', () => {
    for (const rule of [
      'FREQ=DAILY;INTERVAL=7',
      'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TH',
      'FREQ=MONTHLY;BYDAY=-1FR',
      'FREQ=MONTHLY;INTERVAL=5;BYMONTHDAY=15',
      'FREQ=YEARLY;INTERVAL=3;BYMONTH=4;BYDAY=2TU',
      'FREQ=YEARLY;BYWEEKNO=10;BYDAY=WE',
    ]) {
      const whole = read(
        ...event('Rule', 'DTSTART:20190103T080000Z', 'DURATION:PT1H', `RRULE:${rule};COUNT=4000`),
      )
      const near = read(...event('Rule', 'DTSTART:20190103T080000Z', 'DURATION:PT1H', `RRULE:${rule}`))
      expect([rule, starts(near, 99)]).toEqual([rule, starts(whole, 99)])
      expect(near.times.map(({ uid }) => uid)).toEqual(whole.times.map(({ uid }) => uid))
    }
  })

  it('a zone that changes by the second is no zone: the wall of the workshop takes its place', () => {
    const zone = [
      'BEGIN:VTIMEZONE',
      'TZID:Mad',
      'BEGIN:STANDARD',
      'DTSTART:19000101T000000',
      'RRULE:FREQ=SECONDLY',
      'TZOFFSETFROM:+0200',
      'TZOFFSETTO:+0100',
      'END:STANDARD',
      'END:VTIMEZONE',
    ]
    const { times, faults } = read(
      ...zone,
      ...event('Mad', 'DTSTART;TZID=Mad:20261204T180000', 'DURATION:PT1H'),
    )
    expect(faults).toEqual([])
    expect(times[0]?.fromMs).toBe(Date.UTC(2026, 11, 4, 18))
  })

  it('twenty thousand entries are read in the time of twenty thousand, not of their square', () => {
    const plain = Array.from({ length: 20_000 }, (_, i) =>
      event(`e${i}`, `DTSTART:${2000 + (i % 26)}1204T180000Z`, 'DURATION:PT1H'),
    ).flat()
    const text = file([...plain, ...sound].join('\r\n'))
    expect(readBusy({ text, fromMs: from, toMs: to, zone: 'UTC' })).toMatchObject({
      kind: 'ok',
      value: { times: [{ why: 'Sound' }], faults: [] },
    })
  })
})
