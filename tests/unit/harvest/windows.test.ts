import { gatheringById, gatherings, isOpenOn, stretchAt, windowsFrom, yearShare } from '../../../core/harvest'
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
    const leaves = stretchAt(of('leaves'), REFERENCE_PLACE)!
    expect(leaves.day - stretchAt(of('leaves'), at(60))!.day).toBe(10)
    const seed = of('sprigs').sowing!
    expect(stretchAt(seed, at(60))!.day - stretchAt(seed, REFERENCE_PLACE)!.day).toBeGreaterThan(15)
  })

  test('in the south the year is turned round', () => {
    const [window] = windowsFrom(of('leaves'), at(-50), '2027-01-01')
    expect(window!.from).toBe('2027-04-16')
  })

  test('near the equator no window is foretold', () => {
    expect(windowsFrom(of('leaves'), at(4), '2027-01-01')).toEqual([])
    expect(stretchAt(of('leaves'), at(-12, 2400))).toBeUndefined()
  })

  test.each([-65, -34, 28, 38, 49, 66])(
    'at %s° every window has its days, and fits a year',
    (latitudeDeg) => {
      for (const one of gatherings) {
        const { days } = stretchAt(one, at(latitudeDeg, 640))!
        expect(days).toBeGreaterThan(15)
        expect(days).toBeLessThan(210)
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
