import fc from 'fast-check'
import { labToHex, toLab, difference2000 } from '../../../core/colour'
import {
  addDays,
  bbchOf,
  dayOfMonthDay,
  daysFrom,
  heightShare,
  hopkinsDays,
  localDay,
  lookOn,
  referenceDay,
  REFERENCE_PLACE,
  shiftDays,
  speciesById,
  speciesTable,
  type Place,
} from '../../../core/plants'

const place = fc.record({
  latitudeDeg: fc.double({ min: -70, max: 70, noNaN: true }),
  altitudeM: fc.double({ min: -400, max: 4000, noNaN: true }),
})
const day = fc.integer({ min: 0, max: 364 })
const kinds = speciesTable.map((row) => [row.id, row] as const)

describe('the year at a place', () => {
  test('each day of the reference year comes once, in order, wherever the place', () => {
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
      fc.property(day, fc.double({ min: 20, max: 60, noNaN: true }), (at, latitudeDeg) => {
        expect(
          daysFrom(
            localDay(at, { latitudeDeg, altitudeM: 100 }),
            localDay(at, { latitudeDeg: -latitudeDeg, altitudeM: 100 }),
          ),
        ).toBeCloseTo(182.5, 6)
      }),
    )
  })

  test('autumn comes sooner where spring comes later', () => {
    const high: Place = { latitudeDeg: 50, altitudeM: 1000 }
    expect(daysFrom(dayOfMonthDay('04-20'), localDay(dayOfMonthDay('04-20'), high))).toBeCloseTo(
      hopkinsDays(high),
      6,
    )
    expect(daysFrom(localDay(dayOfMonthDay('10-20'), high), dayOfMonthDay('10-20'))).toBeCloseTo(
      hopkinsDays(high),
      6,
    )
    expect(shiftDays({ latitudeDeg: 70, altitudeM: 3000 })).toBe(45)
    expect(shiftDays({ latitudeDeg: 5, altitudeM: 0 })).toBe(-50)
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
    expect(steps((a, b) => difference2000(toLab(a.overall), toLab(b.overall)))).toBeLessThan(16)
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
      if (row.keeps === 'evergreen') expect(winter.leaf).toBeGreaterThan(0.9)
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
    expect(said('2026-10-10')).toMatch(/one leaf in eight fallen/)
    expect(said('2026-10-20')).toMatch(/half fallen/)
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
    const [clear, hazy] = [lookOn(spruce, '2026-06-20'), lookOn(spruce, '2026-06-20', REFERENCE_PLACE, 0.2)]
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
