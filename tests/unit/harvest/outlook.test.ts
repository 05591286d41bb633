import { broughtOf, gatheringById, harvestState, outlookOf, type Harvest } from '../../../core/harvest'
import { REFERENCE_PLACE } from '../../../core/plants'
import type { ShelfDay } from '../../../core/stock'

const sprigs = gatheringById('sprigs')!
const today = '2026-11-27'
const takes = (on: string | undefined, quantity: number, after: number, who = 'Beech'): ShelfDay => ({
  ...(on === undefined ? {} : { on }),
  what: 'wanted',
  who,
  change: -quantity,
  after,
})

describe('what to gather next', () => {
  test('what planned work takes within a year and the shelf does not hold', () => {
    const ahead = { now: 60, days: [takes('2027-10-20', 90, -30), takes(undefined, 50, -80, 'Oak')] }
    expect(outlookOf(sprigs, REFERENCE_PLACE, today, ahead)).toMatchObject({
      window: { from: '2027-09-01' },
      isOpen: false,
      there: 60,
      wanted: 140,
      tooSoon: 0,
      bring: 80,
      because: 'planned work',
      who: ['Beech', 'Oak'],
    })
  })

  test('what is wanted before anything could be dry is not counted on the harvest', () => {
    // The cut of September is dry two weeks after it begins: what is wanted on the 14th comes too soon for it.
    const just = (on: string) =>
      outlookOf(sprigs, REFERENCE_PLACE, today, { now: 0, days: [takes(on, 70, -70)] }).tooSoon
    expect([just('2027-09-14'), just('2027-09-15')]).toEqual([70, 0])
    const ahead = { now: 20, days: [takes('2027-02-01', 70, -50), takes('2027-11-01', 30, -80)] }
    expect(outlookOf(sprigs, REFERENCE_PLACE, today, ahead)).toMatchObject({ tooSoon: 50, bring: 30 })
  })

  test('what is on its way, and a harvest that is meant to be, is counted', () => {
    const ahead = {
      now: 0,
      days: [
        { on: '2027-03-01', what: 'order' as const, who: 'a parcel', change: 35, after: 35 },
        { on: '2027-10-05', what: 'harvest' as const, who: 'own bed', change: 40, after: 75 },
        takes('2027-11-01', 100, -25),
      ],
    }
    expect(outlookOf(sprigs, REFERENCE_PLACE, today, ahead)).toMatchObject({ coming: 75, bring: 25 })
  })

  test('with nothing planned, as much as the last year took; with a full shelf nothing', () => {
    expect(outlookOf(sprigs, REFERENCE_PLACE, today, undefined, 210)).toMatchObject({
      bring: 210,
      because: 'last year',
    })
    const full = { now: 500, days: [takes('2027-11-01', 100, 400)] }
    expect(outlookOf(sprigs, REFERENCE_PLACE, today, full, 210)).toMatchObject({
      bring: 0,
      because: 'enough',
    })
    // 250 there, 100 of them promised: 150 are left for a year that took 210.
    const half = { now: 250, days: [takes('2027-11-01', 100, 150)] }
    expect(outlookOf(sprigs, REFERENCE_PLACE, today, half, 210)).toMatchObject({
      bring: 60,
      because: 'last year',
    })
  })

  test('near the equator the dry time is when it is gathered', () => {
    const there = outlookOf(sprigs, { latitudeDeg: 3, altitudeM: 0 }, today, {
      now: 0,
      days: [takes(undefined, 12, -12)],
    })
    expect(there).toMatchObject({ bring: 12, isOpen: true, window: { from: '2026-11-14', to: '2027-04-13' } })
  })

  test('a window that is open is said to be', () => {
    expect(outlookOf(gatheringById('twigs')!, REFERENCE_PLACE, today).isOpen).toBe(true)
  })
})

const harvest = (id: string, to: string, quantity: number, gather = 'sprigs'): Harvest => ({
  id,
  changedAt: '2026-01-01T00:00:00.000Z',
  gather,
  materialId: 'sprigs',
  quantity,
  from: to,
  to,
  place: '',
  permission: 'own ground',
})

describe('what harvests bring of what is hoped for', () => {
  test('with none brought in the hope stands', () => {
    expect(broughtOf('sprigs', [harvest('a', '2026-09-01', 100)], new Map())).toEqual({ share: 1, of: 0 })
  })

  test('each one counts as much as the hope itself', () => {
    const harvests = [harvest('a', '2025-09-01', 100), harvest('b', '2026-09-01', 200)]
    // (1 + 0.5 + 0.75) ÷ 3.
    expect(
      broughtOf(
        'sprigs',
        harvests,
        new Map([
          ['a', 50],
          ['b', 150],
        ]),
      ),
    ).toEqual({
      share: 0.75,
      of: 2,
    })
  })

  test('others’ harvests do not count, one that brought nothing does, and a wild figure is held', () => {
    const harvests = [
      harvest('a', '2026-09-01', 100),
      harvest('b', '2026-10-01', 1),
      harvest('c', '2026-11-01', 10, 'roots'),
    ]
    const came = new Map([
      ['a', 0],
      ['b', 400],
      ['c', 3],
    ])
    expect(broughtOf('sprigs', harvests, came)).toEqual({ share: 1, of: 2 })
  })

  test('only the latest six are looked at', () => {
    const harvests = Array.from({ length: 9 }, (_, i) => harvest(`h${i}`, `202${i}-09-01`, 100))
    const came = new Map(harvests.map(({ id }, i) => [id, i < 3 ? 0 : 100]))
    expect(broughtOf('sprigs', harvests, came)).toEqual({ share: 1, of: 6 })
  })
})

describe('how it stands with a harvest', () => {
  test.each([
    ['2026-08-01', false, undefined, 'planned'],
    ['2026-09-01', false, undefined, 'open'],
    ['2026-10-05', false, 0, 'open'],
    ['2026-10-06', false, undefined, 'missed'],
    ['2026-10-06', true, undefined, 'under way'],
    ['2026-12-01', false, 80, 'brought in'],
  ] as const)('on %s, begun %s, come %s: %s', (day, begun, came, state) => {
    expect(harvestState({ from: '2026-09-01', to: '2026-10-05' }, begun, came, day)).toBe(state)
  })
})
