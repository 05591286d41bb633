import { toTheEnd } from '../../../core/units'
import {
  aheadOf,
  aheadOfEach,
  enoughFor,
  enoughWords,
  lastOfKind,
  neededBy,
  type Arrival,
  type Claim,
  type StockState,
} from '../../../core/stock'

const TODAY = '2026-11-26'
const glue = (
  onHand: number,
  more: Partial<StockState['material']> = {},
  date = '2026-11-01',
): StockState => ({
  material: {
    id: 'glue',
    changedAt: '2026-10-01T10:00:00.000Z',
    name: 'PVA',
    unit: 'ml',
    of: { stuff: 'liquid', liquid: 'pva' },
    ...more,
  },
  lots: [
    {
      lot: {
        id: 'l',
        materialId: 'glue',
        label: 'Bottle',
        source: 'bought',
        date,
        madeAt: `${date}T10:00:00.000Z`,
      },
      onHand,
      received: Math.max(0, onHand),
    },
  ],
  onHand,
})
const claim = (id: string, quantity: number, due?: string, more: Partial<Claim> = {}): Claim => ({
  id,
  who: id,
  ...(due === undefined ? {} : { due }),
  order: 1,
  needs: [{ materialId: 'glue', quantity }],
  ...more,
})
const parcel = (quantity: number, on: string): Arrival => ({
  materialId: 'glue',
  quantity,
  on,
  what: 'order',
  who: 'a parcel',
})

describe('the shelf ahead', () => {
  test('of each material is the same as of one', () => {
    const claims = [
      claim('a', 30, '2026-12-24'),
      claim('b', 20),
      claim('c', 5, '2026-12-20', { running: true }),
    ]
    const parcels = [parcel(40, '2026-12-12')]
    const each = toTheEnd(aheadOfEach([glue(10)], claims, new Map([['glue', parcels]]), TODAY, 14))
    expect([...each]).toEqual([['glue', aheadOf(glue(10), claims, parcels, TODAY, 14)]])
    expect(
      each
        .get('glue')
        ?.days.filter(({ what }) => what === 'wanted')
        .map(({ who }) => who),
    ).toEqual(['c', 'a', 'b'])
  })

  test('materials must be there two weeks before a promise, and today for what is on the bench', () => {
    expect(neededBy(claim('a', 1, '2026-12-24'), TODAY, 14)).toBe('2026-12-10')
    expect(neededBy(claim('a', 1, '2026-11-30'), TODAY, 14)).toBe(TODAY)
    expect(neededBy(claim('a', 1, '2027-02-01', { running: true }), TODAY, 14)).toBe(TODAY)
    expect(neededBy(claim('a', 1), TODAY, 14)).toBeUndefined()
  })

  test('a jar of 300 is enough for the bench and the first promise; the second lacks 80', () => {
    const ahead = aheadOf(
      glue(300),
      [
        claim('hedge', 200, '2026-12-24'),
        claim('oak', 130, '2026-12-20'),
        claim('bench', 50, undefined, { running: true }),
      ],
      [],
      TODAY,
    )
    expect(ahead.days.map(({ on, who, after }) => [on, who, after])).toEqual([
      [TODAY, 'bench', 250],
      ['2026-12-06', 'oak', 120],
      ['2026-12-10', 'hedge', -80],
    ])
    expect(ahead.runsOut).toEqual({ on: '2026-12-10', who: 'hedge', short: 80 })
    expect(ahead.lacking).toEqual([{ by: '2026-12-10', quantity: 80 }])
    expect(enoughFor(ahead, 'ml')).toEqual({
      whole: ['bench', 'oak'],
      then: { who: 'hedge', share: 0.6 },
      left: 0,
    })
  })

  test('a parcel that comes in time fills the gap; one a day late does not, but what lacks does not grow', () => {
    const hedge = [claim('hedge', 380, '2026-12-24'), claim('bank', 50, '2026-12-30')]
    const withParcel = (on: string) => aheadOf(glue(300), hedge, [parcel(200, on)], TODAY)
    expect(withParcel('2026-12-10').runsOut).toBeUndefined()
    expect(withParcel('2026-12-11')).toMatchObject({
      runsOut: { on: '2026-12-10', short: 80 },
      lacking: [{ by: '2026-12-10', quantity: 80 }],
    })
  })

  test('what lacks adds up over the days; what has no day comes last', () => {
    const ahead = aheadOf(
      glue(0),
      [claim('some day', 10), claim('a', 20, '2026-12-24'), claim('b', 30, '2026-12-30')],
      [],
      TODAY,
    )
    expect(ahead.lacking).toEqual([
      { by: '2026-12-10', quantity: 20 },
      { by: '2026-12-16', quantity: 50 },
      { quantity: 60 },
    ])
  })

  test('a bath that keeps ten days is gone on the eleventh, used or not; what was used before it was in time', () => {
    const bath = (due: string) =>
      aheadOf(glue(500, { keepsDays: 10 }, TODAY), [claim('sprigs', 200, due)], [], TODAY, 0)
    expect(bath('2026-12-06').days.map(({ on, what, after }) => [on, what, after])).toEqual([
      ['2026-12-06', 'wanted', 300],
      ['2026-12-07', 'spoils', 0],
    ])
    expect(bath('2026-12-07')).toMatchObject({ runsOut: { on: '2026-12-07', short: 200 } })
  })

  test('what must lie on the tray counts as lacking while it lies there', () => {
    const tray = [
      claim('meadow', 0, '2026-12-24', { needs: [{ materialId: 'glue', quantity: 10, lies: 60 }] }),
    ]
    expect(aheadOf(glue(40), tray, [], TODAY)).toMatchObject({ lacking: [{ quantity: 20 }], least: 30 })
    expect(aheadOf(glue(60), tray, [], TODAY).runsOut).toBeUndefined()
  })

  test('books below nothing are owed first by what comes', () => {
    const ahead = aheadOf(glue(-40), [], [parcel(100, '2026-12-01')], TODAY)
    expect(ahead.days.at(-1)?.after).toBe(60)
  })

  test('a parcel that should have come is looked for from today on', () => {
    expect(aheadOf(glue(0), [], [parcel(100, '2026-11-20')], TODAY).days[0]?.on).toBe(TODAY)
  })

  test('the last of its kind is said where a rest stays that nothing can be done with, and not before', () => {
    const of = (onHand: number) =>
      lastOfKind(
        [{ materialId: 'glue', quantity: 100 }],
        new Map([['glue', glue(onHand)]]),
        () => onHand,
        () => 'not to be had',
      )
    expect(of(105)).toEqual([
      { materialId: 'glue', name: 'PVA', unit: 'ml', leaves: 5, again: 'not to be had' },
    ])
    expect(of(111)).toEqual([])
    // Short is another matter: it is told as that.
    expect(of(99)).toEqual([])
  })
})

describe('whom a jar is enough for, in words', () => {
  test.each([
    [{ whole: [], left: 40 }, 'wanted by nobody yet'],
    [{ whole: ['Beech'], left: 4 }, 'enough for all: Beech'],
    [
      { whole: ['Beech', 'Oak'], then: { who: 'Hedge', share: 0.409 }, left: 0 },
      'enough for Beech; Oak, then 40 % of Hedge',
    ],
    [{ whole: ['Beech'], then: { who: 'Hedge', share: 0.004 }, left: 0 }, 'enough for Beech'],
    [{ whole: [], then: { who: 'Hedge', share: 0.5 }, left: 0 }, 'enough for 50 % of Hedge'],
    [{ whole: [], then: { who: 'Hedge', share: 0 }, left: 0 }, 'enough for none of it'],
    [{ whole: ['A', 'B', 'C', 'D', 'E'], left: 1 }, 'enough for all: A; B; C and 2 more'],
  ])('%j: %s', (enough, words) => {
    expect(enoughWords(enough)).toBe(words)
  })
})
