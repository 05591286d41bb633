import {
  daylightBetween,
  isZone,
  momentAt,
  outdoorHours,
  outdoorsToAsk,
  sessionsBetween,
  wallAt,
  type BenchTime,
  type TimeRecord,
} from '../../../core/schedule'

const row = { changedAt: '2026-11-01T00:00:00.000Z' }
const ZONE = 'Europe/Vienna'
const evening = (weekday: number, people: string[] = [], id = `w${weekday}`): TimeRecord => ({
  ...row,
  id,
  kind: 'weekly',
  weekday,
  from: '19:00',
  to: '21:30',
  people,
})
const time = (times: TimeRecord[], names: string[] = ['ada', 'bo']): BenchTime => ({
  people: names.map((id) => ({ id, name: id })),
  times,
  zone: ZONE,
})
const shown = (own: BenchTime, first: string, last: string): string[] =>
  sessionsBetween(own, first, last).map(({ fromMs, toMs, personId }) => {
    const [from, to] = [wallAt(fromMs, ZONE), wallAt(toMs, ZONE)]
    return `${from.date} ${from.time}–${to.time} ${personId}`
  })

describe('clocks', () => {
  it('a time on the wall is another moment in summer than in winter', () => {
    expect(new Date(momentAt('2026-07-01', '19:00', ZONE)).toISOString()).toBe('2026-07-01T17:00:00.000Z')
    expect(new Date(momentAt('2026-12-01', '19:00', ZONE)).toISOString()).toBe('2026-12-01T18:00:00.000Z')
  })

  it('a time that is skipped in spring comes an hour later; one that comes twice in autumn is the first', () => {
    expect(new Date(momentAt('2027-03-28', '02:30', ZONE)).toISOString()).toBe('2027-03-28T01:30:00.000Z')
    expect(new Date(momentAt('2026-10-25', '02:30', ZONE)).toISOString()).toBe('2026-10-25T00:30:00.000Z')
  })

  it('24:00 is the midnight that ends a day', () => {
    expect(wallAt(momentAt('2026-12-31', '24:00', ZONE), ZONE)).toEqual({
      date: '2027-01-01',
      time: '00:00',
      weekday: 5,
    })
  })

  it('only zones that exist are zones', () => {
    expect(['Europe/Vienna', 'UTC', 'Pacific/Auckland'].every(isZone)).toBe(true)
    expect(['Europe/Nowhere', ''].some(isZone)).toBe(false)
  })
})

describe('sessions', () => {
  it('come weekly, for everybody or for some', () => {
    expect(shown(time([evening(1), evening(2), evening(4, ['bo'])]), '2026-11-24', '2026-11-29')).toEqual([
      '2026-11-24 19:00–21:30 ada',
      '2026-11-24 19:00–21:30 bo',
      '2026-11-26 19:00–21:30 bo',
    ])
  })

  it('keep their time on the wall across a change of the clocks', () => {
    const sessions = sessionsBetween(time([evening(7)], ['ada']), '2026-10-18', '2026-10-25')
    expect(sessions.map(({ fromMs }) => new Date(fromMs).toISOString())).toEqual([
      '2026-10-18T17:00:00.000Z',
      '2026-10-25T18:00:00.000Z',
    ])
    // The night of the change is an hour longer.
    const night: TimeRecord = {
      ...row,
      id: 'n',
      kind: 'once',
      date: '2026-10-24',
      from: '22:00',
      to: '04:00',
      people: [],
    }
    const [long] = sessionsBetween(time([night], ['ada']), '2026-10-24', '2026-10-24')
    expect(((long?.toMs ?? 0) - (long?.fromMs ?? 0)) / 3_600_000).toBe(7)
  })

  it('are not there on days off, save what is set for just that day', () => {
    const off: TimeRecord = {
      ...row,
      id: 'o',
      kind: 'off',
      from: '2026-11-23',
      to: '2026-11-25',
      people: ['ada'],
      why: '',
    }
    const extra: TimeRecord = {
      ...row,
      id: 'e',
      kind: 'once',
      date: '2026-11-25',
      from: '09:00',
      to: '11:00',
      people: ['ada'],
    }
    expect(shown(time([evening(2), off, extra]), '2026-11-23', '2026-11-29')).toEqual([
      '2026-11-24 19:00–21:30 bo',
      '2026-11-25 09:00–11:00 ada',
    ])
  })

  it('are cut where someone is busy, and made one where they touch', () => {
    const busy: TimeRecord = {
      ...row,
      id: 'b',
      kind: 'busy',
      from: '2026-11-24T18:30:00.000Z',
      to: '2026-11-24T19:00:00.000Z',
      people: ['ada'],
      why: 'choir',
    }
    const late: TimeRecord = {
      ...row,
      id: 'l',
      kind: 'once',
      date: '2026-11-24',
      from: '21:30',
      to: '22:00',
      people: ['bo'],
    }
    expect(shown(time([evening(2), busy, late]), '2026-11-24', '2026-11-24')).toEqual([
      '2026-11-24 19:00–19:30 ada',
      '2026-11-24 19:00–22:00 bo',
      '2026-11-24 20:00–21:30 ada',
    ])
  })

  it('pass midnight, and belong to the day that they begin on', () => {
    const night: TimeRecord = {
      ...row,
      id: 'n',
      kind: 'once',
      date: '2026-11-24',
      from: '22:30',
      to: '00:30',
      people: [],
    }
    const [session] = sessionsBetween(time([night], ['ada']), '2026-11-25', '2026-11-25')
    expect(session).toMatchObject({ date: '2026-11-24', toMs: momentAt('2026-11-25', '00:30', ZONE) })
  })

  it('nobody named is one pair of hands; nothing said is no session', () => {
    expect(sessionsBetween({ ...time([evening(2)]), people: [] }, '2026-11-24', '2026-11-24')).toHaveLength(1)
    expect(sessionsBetween(time([]), '2026-11-24', '2026-12-24')).toEqual([])
  })
})

describe('daylight and the hours outdoors', () => {
  it('the shortest day at 48.2° N, 16.4° E runs from about 7:42 to 16:03 (almanac, from memory)', () => {
    const [day] = daylightBetween({ latitudeDeg: 48.2, longitudeDeg: 16.4 }, ZONE, '2026-12-21', '2026-12-21')
    const near = (ms: number | undefined, time: string): number =>
      Math.abs((ms ?? 0) - momentAt('2026-12-21', time, ZONE)) / 60_000
    expect(near(day?.from, '07:42')).toBeLessThan(4)
    expect(near(day?.to, '16:03')).toBeLessThan(4)
  })

  it('is the whole day in a polar summer, and nothing in a polar winter', () => {
    const hours = (date: string): number =>
      daylightBetween({ latitudeDeg: 75, longitudeDeg: 16 }, ZONE, date, date).reduce(
        (sum, { from, to }) => sum + (to - from) / 3_600_000,
        0,
      )
    expect(hours('2026-06-21')).toBe(24)
    expect(hours('2026-12-21')).toBe(0)
  })

  it('hours outdoors are asked about by daylight, once, and used where the answer was yes', () => {
    const saturday: TimeRecord = {
      ...row,
      id: 's',
      kind: 'once',
      date: '2026-11-28',
      from: '14:00',
      to: '19:00',
      people: [],
    }
    const own = time([saturday], ['ada'])
    const sessions = sessionsBetween(own, '2026-11-28', '2026-11-28')
    const light = daylightBetween({ latitudeDeg: 48.2, longitudeDeg: 16.4 }, ZONE, '2026-11-28', '2026-11-28')
    const [asked] = outdoorsToAsk(own, sessions, light, 60)
    expect(asked && wallAt(asked.fromMs, ZONE).time).toBe('14:00')
    expect(asked && wallAt(asked.toMs, ZONE).time).toMatch(/^16:0\d$/)
    expect(outdoorsToAsk(own, sessions, light, 180)).toEqual([])
    const answer = (fit: boolean): TimeRecord => ({
      ...row,
      id: 'a',
      kind: 'outdoors',
      date: '2026-11-28',
      from: '14:00',
      to: '17:00',
      fit,
    })
    expect(outdoorHours(time([answer(true)]))).toHaveLength(1)
    expect(outdoorHours(time([answer(false)]))).toEqual([])
    expect(outdoorsToAsk(time([saturday, answer(false)], ['ada']), sessions, light, 60)).toEqual([])
  })
})
