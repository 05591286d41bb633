import { gatheringById, gatherings, isOpenOn, spansAt, windowsFrom, yearShare } from '../../../core/harvest'
import { REFERENCE_PLACE } from '../../../core/plants'
import { catalogue } from '../../../core/stock'
import { cautions } from '../../../core/safety'

const of = (id: string) => gatheringById(id)!
const at = (latitudeDeg: number, altitudeM = 100) => ({ latitudeDeg, altitudeM })

describe('when something can be gathered', () => {
  test('at the reference place its days are those of the table', () => {
    expect(windowsFrom(of('sprigs'), REFERENCE_PLACE, '2026-11-27')).toEqual([
      { from: '2027-09-01', to: '2027-10-05' },
      { from: '2028-08-31', to: '2028-10-04' },
    ])
  })

  test('an open window comes first, one that passes over the new year too, and its last day counts', () => {
    const stems = of('shrub-stems')
    expect(windowsFrom(stems, REFERENCE_PLACE, '2026-11-27', 1)).toEqual([
      { from: '2026-11-05', to: '2027-03-10' },
    ])
    expect(windowsFrom(stems, REFERENCE_PLACE, '2027-01-15', 1)).toEqual([
      { from: '2026-11-05', to: '2027-03-10' },
    ])
    expect(windowsFrom(stems, REFERENCE_PLACE, '2027-03-10', 1)[0]!.to).toBe('2027-03-10')
    expect(windowsFrom(stems, REFERENCE_PLACE, '2027-03-11', 1)[0]!.from).toBe('2027-11-05')
    expect(isOpenOn({ from: '2026-11-05', to: '2027-03-10' }, '2027-03-10')).toBe(true)
  })

  test('ten degrees farther from the equator autumn comes ten days sooner, and what waits for spring later', () => {
    // 2.5 days a degree in spring, 40 % of it in autumn (core/plants/season-shift): 10 degrees, 25 and 10 days.
    const begins = (season: Parameters<typeof spansAt>[0], latitudeDeg: number) =>
      spansAt(season, at(latitudeDeg))[0]!.day
    expect(begins(of('leaves'), 50) - begins(of('leaves'), 60)).toBe(10)
    const seed = of('sprigs').sowing!
    expect(begins(seed, 60) - begins(seed, 50)).toBeGreaterThan(15)
  })

  test('in the south the year is turned round', () => {
    const [window] = windowsFrom(of('leaves'), at(-50), '2027-01-01')
    expect(window!.from).toBe('2027-04-16')
  })

  test('where summers are dry, grass is ripe five weeks sooner: early June at 38° N, early December at 35° S', () => {
    const begins = (latitudeDeg: number, id = 'grass') =>
      windowsFrom(of(id), at(latitudeDeg), '2027-01-01', 1)[0]!.from
    expect(begins(38) >= '2027-06-01' && begins(38) <= '2027-06-10').toBe(true)
    expect(begins(-35) >= '2026-11-28' && begins(-35) <= '2026-12-08').toBe(true)
    expect(begins(50)).toBe('2027-07-20')
    // It passes over evenly: a tenth of a degree is no week.
    for (let latitude = 23; latitude < 60; latitude += 0.1) {
      const step =
        spansAt(of('grass'), at(latitude + 0.1))[0]!.day - spansAt(of('grass'), at(latitude))[0]!.day
      expect(Math.abs(step)).toBeLessThanOrEqual(2)
    }
  })

  test('no root comes out of frozen ground: at 60° N to the end of October, farther south around midwinter', () => {
    const roots = (latitudeDeg: number, altitudeM = 100) =>
      windowsFrom(of('roots'), { latitudeDeg, altitudeM }, '2026-08-01', 2).map(
        ({ from, to }) => `${from} ${to}`,
      )
    expect(roots(60)[0]).toMatch(/^2026-09-\d\d 2026-10-31$/)
    expect(roots(60)[1]).toMatch(/^2027-09/)
    // 54°: frozen for twenty days either side of 20 January.
    expect(roots(54)).toEqual([
      expect.stringMatching(/^2026-09-\d\d 2026-12-30$/),
      expect.stringMatching(/^2027-02-10 2027-03-\d\d$/),
    ])
    expect(roots(50)).toEqual(['2026-09-15 2027-03-05', '2027-09-15 2028-03-04'])
    // A thousand metres up at 50° it is as at 60°; in the south half a year on.
    expect(roots(50, 1100)[0]).toMatch(/ 2026-(10-3|11-0)\d$/)
    expect(roots(-60)[0]).toMatch(/^2027-03-\d\d 2027-(04-29|04-30|05-0\d)$/)
  })

  test('near the equator the rains rule: leaves in the dry time, moss in the wet one, seed as the rains begin', () => {
    const window = (id: string, latitudeDeg: number) =>
      windowsFrom(of(id), at(latitudeDeg), '2027-04-20', 1)[0]!
    // The middle of the northern rains is at the end of July, of the dry time at the end of January.
    expect(window('leaves', 12)).toEqual({ from: '2027-11-14', to: '2028-04-12' })
    expect(window('moss', 12)).toEqual({ from: '2027-05-15', to: '2027-10-12' })
    expect(window('leaves', -12).from.slice(5, 7)).toBe('05')
    const [seed] = windowsFrom(of('sprigs').sowing!, at(12), '2027-01-01', 1)
    expect(seed!.from).toBe('2027-04-30')
  })

  test.each([-65, -34, 28, 38, 49, 66])(
    'at %s° every window has its days, and fits a year',
    (latitudeDeg) => {
      for (const one of gatherings) {
        const spans = spansAt(one, at(latitudeDeg, 640))
        expect(spans.length).toBeGreaterThan(0)
        for (const { days } of spans) expect(days).toBeGreaterThanOrEqual(7)
        expect(spans.reduce((sum, { days }) => sum + days, 0)).toBeLessThan(330)
        for (const { from, to } of windowsFrom(one, at(latitudeDeg, 640), '2027-06-15', 3))
          expect(from < to && to >= '2027-06-15').toBe(true)
      }
    },
  )

  test('the circle of the year begins on new year’s day and is half round at the start of July', () => {
    expect(yearShare('2027-01-01')).toBe(0)
    expect(yearShare('2027-07-02')).toBeCloseTo(0.4986, 3)
    expect(yearShare('2028-12-31')).toBeLessThan(1)
  })
})

describe('what can be gathered', () => {
  test('each goes on the shelf as a material of the list, with cautions that there are', () => {
    const known = new Set(catalogue.map(({ id }) => id))
    for (const { materialId, besides, cautions: own } of gatherings) {
      expect(known.has(materialId)).toBe(true)
      if (besides) expect(known.has(besides.materialId)).toBe(true)
      expect(own).toContain('gathering')
      for (const id of own) expect(Object.keys(cautions)).toContain(id)
    }
    expect(new Set(gatherings.map(({ id }) => id)).size).toBe(gatherings.length)
  })

  test('flower heads come a hundred or two at a time in late autumn (common practice)', () => {
    const { outing, from, to } = of('flower-heads')
    expect(outing).toBeGreaterThanOrEqual(100)
    expect(outing).toBeLessThanOrEqual(200)
    expect(from >= '10-15' && to <= '12-21').toBe(true)
  })

  test('sprigs are set out in spring and cut in September (common practice)', () => {
    const { sowing, from } = of('sprigs')
    const setOut = new Date(`2027-${sowing!.from}T00:00:00Z`)
    setOut.setUTCDate(setOut.getUTCDate() + 7 * sowing!.indoorWeeks)
    expect(['04', '05']).toContain(setOut.toISOString().slice(5, 7))
    setOut.setUTCDate(setOut.getUTCDate() + 7 * sowing!.outdoorWeeks)
    expect(setOut.toISOString().slice(5, 7)).toBe('08')
    expect(from.slice(0, 2)).toBe('09')
  })
})
