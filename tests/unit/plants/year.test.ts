import fc from 'fast-check'
import { labToHex, toLab, difference2000 } from '../../../core/colour'
import { addDays } from '../../../core/units'
import {
  bbchOf,
  dayOfMonthDay,
  daysFrom,
  heightShare,
  hopkinsDays,
  localDay,
  lookOn,
  referenceDay,
  REFERENCE_PLACE,
  shiftsAt,
  speciesById,
  speciesTable,
  type Look,
  type Place,
} from '../../../core/plants'

const place = fc.record({
  latitudeDeg: fc.oneof(
    fc.double({ min: -70, max: -24, noNaN: true }),
    fc.double({ min: 24, max: 70, noNaN: true }),
  ),
  altitudeM: fc.double({ min: -400, max: 4000, noNaN: true }),
})
const day = fc.integer({ min: 0, max: 364 })
const kinds = speciesTable.map((row) => [row.id, row] as const)

describe('the year at a place', () => {
  test('each day of the reference year comes once, in order, wherever the place outside the tropics', () => {
    fc.assert(
      fc.property(place, day, (where, at) => {
        const back = referenceDay(localDay(at, where), where)
        expect(Math.min(daysFrom(at, back), daysFrom(back, at))).toBeLessThan(0.01)
        expect(daysFrom(localDay(at, where), localDay(at + 1, where))).toBeGreaterThan(0)
        expect(daysFrom(localDay(at, where), localDay(at + 1, where))).toBeLessThan(4)
      }),
    )
  })

  test('half a year lies between the same latitudes north and south', () => {
    fc.assert(
      fc.property(day, fc.double({ min: 24, max: 60, noNaN: true }), (at, latitudeDeg) => {
        expect(
          daysFrom(
            localDay(at, { latitudeDeg, altitudeM: 100 }),
            localDay(at, { latitudeDeg: -latitudeDeg, altitudeM: 100 }),
          ),
        ).toBeCloseTo(182.5, 6)
      }),
    )
  })

  test('no stretch of the year is squeezed below 60 % of its length, wherever, by either law, whatever is set', () => {
    const anywhere = fc.record({
      latitudeDeg: fc.double({ min: -70, max: 70, noNaN: true }),
      altitudeM: fc.double({ min: -400, max: 6000, noNaN: true }),
      seasonLaw: fc.constantFrom('gentle' as const, 'hopkins' as const),
      springDays: fc.integer({ min: -60, max: 60 }),
      autumnDays: fc.integer({ min: -60, max: 60 }),
    })
    fc.assert(
      fc.property(anywhere, day, fc.integer({ min: 5, max: 120 }), (where, from, length) => {
        expect(daysFrom(localDay(from, where), localDay(from + length, where)) / length).toBeGreaterThan(
          0.599,
        )
      }),
      { numRuns: 500 },
    )
  })

  test('spring 2.5 days a degree and 2.5 a hundred metres; autumn two fifths of that, the other way', () => {
    expect(shiftsAt({ latitudeDeg: 54, altitudeM: 100 })).toEqual({ spring: 10, autumn: -4 })
    expect(shiftsAt({ latitudeDeg: 50, altitudeM: 500 })).toEqual({ spring: 10, autumn: -4 })
    expect(shiftsAt({ latitudeDeg: -46, altitudeM: 100 })).toEqual({ spring: -10, autumn: 4 })
  })

  test('who knows the place better moves spring and autumn by days', () => {
    const where = { latitudeDeg: 50, altitudeM: 100, springDays: 6, autumnDays: 9 }
    expect(shiftsAt(where)).toEqual({ spring: 6, autumn: 9 })
    expect(localDay(120, where)).toBe(126)
    expect(localDay(300, where)).toBe(309)
  })

  test('autumn comes sooner where spring comes later; Hopkins’ law is a choice', () => {
    const high: Place = { latitudeDeg: 50, altitudeM: 300, seasonLaw: 'hopkins' }
    const days = hopkinsDays(high)
    expect(days).toBeCloseTo(6.56, 2)
    expect(daysFrom(dayOfMonthDay('04-20'), localDay(dayOfMonthDay('04-20'), high))).toBeCloseTo(days, 6)
    expect(daysFrom(localDay(dayOfMonthDay('10-20'), high), dayOfMonthDay('10-20'))).toBeCloseTo(days, 6)
  })
})

/** What gardeners and foresters know of places far from the reference. General knowledge; from memory. */
describe('facts of other places', () => {
  const at = (latitudeDeg: number, altitudeM = 20): Place => ({ latitudeDeg, altitudeM })
  const look = (id: string, date: string, where: Place) => lookOn(speciesById(id), date, where)

  test('36° N: cherry in flower around 1 April, maple and ginkgo coloured on 20 November', () => {
    expect(look('hill-cherry', '2026-04-01', at(36)).words).toMatch(/in flower|some flower/)
    expect(look('hill-cherry', '2026-02-20', at(36)).flower.share).toBe(0)
    expect(look('hill-cherry', '2026-05-10', at(36)).flower.share).toBe(0)
    for (const id of ['japanese-maple', 'ginkgo'])
      expect(look(id, '2026-11-20', at(36)).words).toMatch(/^turned/)
    expect(look('japanese-maple', '2026-10-05', at(36)).words).toBe('full leaf')
  })

  test('60° N: birch in leaf by mid-May and half fallen in early October', () => {
    expect(look('silver-birch', '2026-05-16', at(60)).leaf).toBeGreaterThan(0.7)
    expect(look('silver-birch', '2026-04-25', at(60)).leaf).toBeLessThan(0.1)
    expect(look('silver-birch', '2026-10-07', at(60)).words).toMatch(/half fallen|a third fallen/)
    expect(look('silver-birch', '2026-09-01', at(60)).words).toBe('full leaf')
  })

  test('46.5° N, 1700 m: larch golden in mid-October', () => {
    expect(look('european-larch', '2026-10-14', at(46.5, 1700)).words).toMatch(/^turned|^turning/)
    expect(look('european-larch', '2026-09-10', at(46.5, 1700)).words).toBe('full leaf')
  })

  test('34° S: hawthorn in flower in October', () => {
    expect(look('hawthorn', '2026-10-12', at(-34)).words).toMatch(/in flower/)
    expect(look('hawthorn', '2026-05-20', at(-34)).flower.share).toBe(0)
  })
})

describe('the tropics', () => {
  test('nothing flips at the equator: a step across it changes next to nothing', () => {
    for (const id of ['ginkgo', 'beech', 'meadow-grass', 'hill-cherry'])
      for (const date of ['2026-01-10', '2026-04-20', '2026-07-10', '2026-10-10']) {
        const [north, south] = [0.2, -0.2].map((latitudeDeg) =>
          lookOn(speciesById(id), date, { latitudeDeg, altitudeM: 0 }),
        )
        expect(Math.abs(north!.leaf - south!.leaf)).toBeLessThan(0.03)
        expect(difference2000(toLab(north!.overall), toLab(south!.overall))).toBeLessThan(4)
      }
  })

  test('evergreens stand as they are; what sheds does so in the dry season, half a year apart', () => {
    const leaf = (id: string, date: string, latitudeDeg: number) =>
      lookOn(speciesById(id), date, { latitudeDeg, altitudeM: 0 }).leaf
    for (const date of ['2026-01-28', '2026-07-28'])
      expect(leaf('coconut-palm', date, 15)).toBeGreaterThan(0.9)
    expect(leaf('hill-cherry', '2026-07-28', 20)).toBeGreaterThan(0.9)
    expect(leaf('hill-cherry', '2026-01-28', 20)).toBeLessThan(0.5)
    expect(leaf('hill-cherry', '2026-01-28', -20)).toBeGreaterThan(0.9)
  })
})

describe('winter', () => {
  test('dead leaves are held by young trees and clipped hedges, not by an old tree', () => {
    const leaf = (age: 'young' | 'mature' | 'veteran', clipped = false) =>
      lookOn(speciesById('beech'), '2026-01-15', REFERENCE_PLACE, { age, clipped }).leaf
    expect(leaf('young')).toBeGreaterThan(0.2)
    expect(leaf('mature')).toBeLessThan(0.04)
    expect(leaf('veteran')).toBe(0)
    expect(leaf('veteran', true)).toBeGreaterThan(0.4)
    expect(lookOn(speciesById('beech'), '2026-01-15', REFERENCE_PLACE, { age: 'veteran' }).words).toBe('bare')
  })

  test('fescue, soft rush and what has grown again after the cut are dull green, not straw', () => {
    for (const id of ['fescue', 'soft-rush', 'meadow-grass']) {
      const row = speciesById(id)
      const [, a, b] = toLab(lookOn(row, '2026-01-20').tones.base)
      const straw = toLab(labToHex(row.colours.dead))
      const [, summerA] = row.colours.summer
      // Greener than straw, duller than in summer.
      expect(a).toBeLessThan(straw[1] - 4)
      expect(a).toBeGreaterThan(summerA)
      expect(b).toBeGreaterThan(0)
    }
    const [, bracken] = toLab(lookOn(speciesById('bracken'), '2026-01-20').tones.base)
    expect(bracken).toBeGreaterThan(5)
  })
})

describe('the look of a day', () => {
  test.each(kinds)('%s never jumps from one day to the next, over the year’s end too', (_id, row) => {
    const looks = Array.from({ length: 367 }, (_, at) => lookOn(row, addDays('2025-12-30', at)))
    const steps = (of: (look: (typeof looks)[number], next: (typeof looks)[number]) => number): number =>
      looks.slice(1).reduce((most, next, i) => Math.max(most, of(looks[i]!, next)), 0)
    expect(steps((a, b) => Math.abs(a.leaf - b.leaf))).toBeLessThan(0.12)
    if (row.standing?.cut === undefined)
      expect(steps((a, b) => Math.abs(a.height - b.height))).toBeLessThan(0.08)
    // A cherry comes into flower within a week: that is the fastest there is.
    // What does not stand has no colour to be seen.
    const seen = (a: Look, b: Look): boolean => Math.min(a.height, b.height) > 0.03
    expect(
      steps((a, b) => (seen(a, b) ? difference2000(toLab(a.overall), toLab(b.overall)) : 0)),
    ).toBeLessThan(16)
    const shares = looks.flatMap((look) => [look.leaf, look.height, look.flower.share, look.fruit.share])
    expect([Math.min(...shares) >= 0, Math.max(...shares) <= 1]).toEqual([true, true])
    expect(
      Math.max(...looks.map(({ leaves }) => Math.abs(leaves.reduce((sum, { share }) => sum + share, 0) - 1))),
    ).toBeLessThan(1e-9)
    expect(looks.every(({ words }) => words.length > 2)).toBe(true)
  })

  test('a leap day has a look of its own, like its neighbours’', () => {
    const beech = speciesById('beech')
    expect(lookOn(beech, '2028-02-29').words).toBe(lookOn(beech, '2028-02-28').words)
  })

  test('deciduous trees are bare in January and full in July; evergreens never bare; some hold dead leaves', () => {
    for (const row of speciesTable) {
      const [winter, summer] = [lookOn(row, '2026-01-16'), lookOn(row, '2026-07-16')]
      if (row.keeps === 'deciduous') expect([row.id, winter.leaf]).toEqual([row.id, 0])
      if (row.keeps === 'evergreen') expect(winter.leaf).toBeGreaterThan(0.9 * (row.winterLeaf ?? 1))
      if (row.keeps === 'holds dead leaves') {
        expect(winter.leaf).toBeGreaterThan(0.05)
        expect(winter.leaf).toBeLessThan(0.3)
        expect(winter.leaves[0]!.tones.base).toBe(labToHex(row.colours.dead))
      }
      if (row.keeps !== 'dies back') expect(summer.leaf).toBeGreaterThan(0.93)
    }
  })

  test('words say how far it is, and how much has fallen', () => {
    const birch = speciesById('silver-birch')
    const said = (date: string): string => lookOn(birch, date).words
    expect(said('2026-01-15')).toBe('bare')
    expect(said('2026-04-15')).toMatch(/^leaves breaking/)
    expect(said('2026-06-20')).toBe('full leaf')
    expect(said('2026-10-07')).toMatch(/one leaf in eight fallen/)
    expect(said('2026-10-16')).toMatch(/half fallen/)
    expect(lookOn(speciesById('gorse'), '2026-04-20').words).toBe('evergreen, in flower')
    expect(lookOn(speciesById('blackthorn'), '2026-04-08').words).toBe('bare, in flower')
    expect(lookOn(speciesById('rowan'), '2026-09-30', REFERENCE_PLACE).words).toMatch(/in fruit/)
  })

  test('spring is yellower and lighter than summer, and leaves don’t turn together', () => {
    const beech = speciesById('beech')
    const [spring, summer] = [
      toLab(lookOn(beech, '2026-05-16').tones.base),
      toLab(lookOn(beech, '2026-08-10').tones.base),
    ]
    expect(spring[0]).toBeGreaterThan(summer[0] + 10)
    expect(spring[2]).toBeGreaterThan(summer[2] + 10)
    const october = lookOn(beech, '2026-10-18')
    expect(october.leaves.length).toBeGreaterThanOrEqual(3)
    expect(october.leaves[0]!.share).toBeLessThan(0.75)
  })

  test('the same plant three weeks behind at a thousand metres, and in autumn in April in the south', () => {
    const beech = speciesById('beech')
    const low = lookOn(beech, '2026-05-06')
    const high = lookOn(beech, '2026-05-06', { latitudeDeg: 50, altitudeM: 1000 })
    expect(low.leaf).toBeGreaterThan(0.5)
    expect(high.leaf).toBeLessThan(0.2)
    expect(lookOn(beech, '2026-04-21', { latitudeDeg: -50, altitudeM: 100 }).words).toMatch(/turn/)
    expect(lookOn(beech, '2026-01-15', { latitudeDeg: -44, altitudeM: 640 }).words).toBe('full leaf')
  })

  test('a meadow stands tall before the cut and is stubble after it; reed stands all winter', () => {
    const meadow = speciesById('meadow-grass')
    expect(lookOn(meadow, '2026-07-10').height).toBeGreaterThan(0.95)
    const after = lookOn(meadow, '2026-07-16')
    expect(after.height).toBeLessThan(0.12)
    expect(after.words).toMatch(/just cut/)
    expect(lookOn(meadow, '2026-09-10').height).toBeGreaterThan(0.25)
    expect(lookOn(speciesById('common-reed'), '2026-02-01').height).toBeGreaterThan(0.85)
    expect(lookOn(speciesById('bracken'), '2026-02-01').height).toBeLessThan(0.5)
    expect(heightShare(speciesById('beech'), 10)).toBe(1)
  })

  test('haze moves every colour towards the sky', () => {
    const spruce = speciesById('norway-spruce')
    const [clear, hazy] = [
      lookOn(spruce, '2026-06-20'),
      lookOn(spruce, '2026-06-20', REFERENCE_PLACE, { haze: 0.2 }),
    ]
    for (const pick of [
      (l: typeof clear) => l.overall,
      (l: typeof clear) => l.tones.shade,
      (l: typeof clear) => l.bark.low,
    ])
      expect(toLab(pick(hazy))[0]).toBeGreaterThan(toLab(pick(clear))[0])
  })
})

describe('BBCH codes', () => {
  test.each(kinds)('%s: codes stand on the dates that the row names', (_id, row) => {
    const { dates } = row
    const on = (monthDay: string, after = 0): number[] => bbchOf(row, dayOfMonthDay(monthDay) + after)
    expect(on(dates.burst)).toContain(7)
    expect(on(dates.fullLeaf, -0.01)).toContain(19)
    if (dates.flower) {
      expect(on(dates.flower[0], 0.01)).toContain(60)
      expect(on(dates.flower[1], -0.01)).toContain(69)
    }
    if (dates.fruit) {
      expect(on(dates.fruit[0], 0.01)).toContain(81)
      expect(on(dates.fruit[1], -0.01)).toContain(89)
    }
    if (dates.turning !== dates.fall && dates.turning) expect(on(dates.turning, 0.01)).toContain(92)
    if (dates.fall) expect(on(dates.fall, 0.01)).toContain(93)
    if (dates.bare && daysFrom(dayOfMonthDay(dates.bare), dayOfMonthDay(dates.burst)) > 30)
      expect(on(dates.bare, 0.01)).toContain(97)
  })
})

describe('what a naturalist looks at', () => {
  const on = (id: string, date: string) => lookOn(speciesById(id), date)
  const base = (id: string, date: string) => toLab(on(id, date).tones.base)

  test('cherry leaves open bronze, and it flowers in late April', () => {
    const [, young] = toLab(labToHex(speciesById('wild-cherry').colours.fresh))
    expect(young).toBeGreaterThan(-2)
    expect(on('wild-cherry', '2026-04-27').flower.share).toBeGreaterThan(0.5)
    expect(on('wild-cherry', '2026-04-12').flower.share).toBe(0)
  })

  test('bramble keeps some of its leaves, green-bronze in January', () => {
    const january = on('bramble', '2026-01-20')
    expect(january.leaf).toBeGreaterThan(0.4)
    expect(january.leaf).toBeLessThan(0.9)
    expect(january.leaves.length).toBe(2)
    expect(base('bramble', '2026-01-20')[1]).toBeGreaterThan(base('bramble', '2026-07-01')[1] + 4)
    expect(on('bramble', '2026-07-01').leaf).toBeGreaterThan(0.95)
  })

  test('soft rush is evergreen green, dry grass greens after the October rain, poppies are gone in winter', () => {
    expect(base('soft-rush', '2026-01-20')[1]).toBeLessThan(-4)
    expect(base('dry-grass', '2026-12-01')[1]).toBeLessThan(base('dry-grass', '2026-08-20')[1] - 4)
    expect(on('poppy', '2026-01-20').height).toBeLessThan(0.02)
    expect(on('poppy', '2026-07-01').height).toBeGreaterThan(0.9)
  })

  test('bracken lies collapsed when it is dead', () => {
    expect(on('bracken', '2026-02-01').height).toBeLessThan(0.5)
    expect(on('bracken', '2026-08-01').height).toBeGreaterThan(0.95)
  })

  test('a field is sown anew: no straw stands among young maize', () => {
    const [, a] = base('maize', '2026-06-20')
    expect(a).toBeLessThan(-12)
    expect(on('maize', '2026-06-20').leaves.every(({ tones }) => toLab(tones.base)[1] < 0)).toBe(true)
  })
})
