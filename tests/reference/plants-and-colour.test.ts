import fc from 'fast-check'
import Color from 'colorjs.io'
import { converter } from 'culori'
import {
  difference2000,
  fromHex,
  hazeShare,
  hazed,
  inGamut,
  koschmiederShare,
  labToHex,
  labToLinear,
  practiceShare,
  SKY,
  toHex,
  toLab,
  type Lab,
} from '../../core/colour'
import { seededRandom } from '../../core/units'
import { formOf, hopkinsDays, localDay, REFERENCE_PLACE, speciesById, type Age } from '../../core/plants'

describe('CIEDE2000: the 34 pairs of Sharma, Wu & Dalal 2005, Table 1', () => {
  // Lab 1, Lab 2, ΔE₀₀ as published, to four decimals.
  const pairs: readonly (readonly [Lab, Lab, number])[] = [
    [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
    [[50, 3.1571, -77.2803], [50, 0, -82.7485], 2.8615],
    [[50, 2.8361, -74.02], [50, 0, -82.7485], 3.4412],
    [[50, -1.3802, -84.2814], [50, 0, -82.7485], 1],
    [[50, -1.1848, -84.8006], [50, 0, -82.7485], 1],
    [[50, -0.9009, -85.5211], [50, 0, -82.7485], 1],
    [[50, 0, 0], [50, -1, 2], 2.3669],
    [[50, -1, 2], [50, 0, 0], 2.3669],
    [[50, 2.49, -0.001], [50, -2.49, 0.0009], 7.1792],
    [[50, 2.49, -0.001], [50, -2.49, 0.001], 7.1792],
    [[50, 2.49, -0.001], [50, -2.49, 0.0011], 7.2195],
    [[50, 2.49, -0.001], [50, -2.49, 0.0012], 7.2195],
    [[50, -0.001, 2.49], [50, 0.0009, -2.49], 4.8045],
    [[50, -0.001, 2.49], [50, 0.001, -2.49], 4.8045],
    [[50, -0.001, 2.49], [50, 0.0011, -2.49], 4.7461],
    [[50, 2.5, 0], [50, 0, -2.5], 4.3065],
    [[50, 2.5, 0], [73, 25, -18], 27.1492],
    [[50, 2.5, 0], [61, -5, 29], 22.8977],
    [[50, 2.5, 0], [56, -27, -3], 31.903],
    [[50, 2.5, 0], [58, 24, 15], 19.4535],
    [[50, 2.5, 0], [50, 3.1736, 0.5854], 1],
    [[50, 2.5, 0], [50, 3.2972, 0], 1],
    [[50, 2.5, 0], [50, 1.8634, 0.5757], 1],
    [[50, 2.5, 0], [50, 3.2592, 0.335], 1],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
    [[63.0109, -31.0961, -5.8663], [62.8187, -29.7946, -4.0864], 1.263],
    [[61.2901, 3.7196, -5.3901], [61.4292, 2.248, -4.962], 1.8731],
    [[35.0831, -44.1164, 3.7933], [35.0232, -40.0716, 1.5901], 1.8645],
    [[22.7233, 20.0904, -46.694], [23.0331, 14.973, -42.5619], 2.0373],
    [[36.4612, 47.858, 18.3852], [36.2715, 50.5065, 21.2231], 1.4146],
    [[90.8027, -2.0831, 1.441], [91.1528, -1.6435, 0.0447], 1.4441],
    [[90.9257, -0.5406, -0.9208], [88.6381, -0.8985, -0.7239], 1.5381],
    [[6.7747, -0.2908, -2.4247], [5.8714, -0.0985, -2.2286], 0.6377],
    [[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082],
  ]
  test.each(pairs.map((pair, i) => [i + 1, ...pair] as const))('pair %i', (_n, first, second, published) => {
    expect(difference2000(first, second)).toBeCloseTo(published, 4)
    expect(difference2000(second, first)).toBeCloseTo(published, 4)
  })

  test('10 000 random pairs against a second library (colorjs.io)', () => {
    // Drawn evenly: exactly opposite hues, where the formula itself jumps, don't come up.
    const random = seededRandom(2000)
    const colour = (): Lab => [random() * 100, random() * 240 - 120, random() * 240 - 120]
    let furthest = 0
    for (let i = 0; i < 10_000; i += 1) {
      const [first, second] = [colour(), colour()]
      furthest = Math.max(
        furthest,
        Math.abs(
          difference2000(first, second) -
            new Color('lab', [...first]).deltaE(new Color('lab', [...second]), '2000'),
        ),
      )
    }
    expect(furthest).toBeLessThan(1e-6)
  })
})

describe('CIELAB and sRGB (CIE 15, IEC 61966-2-1)', () => {
  const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`)
  test('there and back for every colour; the same as a second library', () => {
    const theirs = converter('lab65')
    fc.assert(
      fc.property(hex, (colour) => {
        expect(labToHex(toLab(colour))).toBe(colour)
        expect(toHex(fromHex(colour))).toBe(colour)
        const [l, a, b] = toLab(colour)
        const other = theirs(colour)!
        expect(Math.hypot(l - other.l, a - other.a, b - other.b)).toBeLessThan(0.02)
      }),
      { numRuns: 500 },
    )
  })
  test.each([
    ['#ff0000', [53.24, 80.09, 67.2]],
    ['#00ff00', [87.73, -86.18, 83.18]],
    ['#0000ff', [32.3, 79.19, -107.86]],
    ['#ffffff', [100, 0, 0]],
    ['#000000', [0, 0, 0]],
  ] as const)('primary %s', (colour, lab) => {
    toLab(colour).forEach((value, i) => expect(value).toBeCloseTo(lab[i]!, 1))
  })
  test('what sRGB can’t show is known', () => {
    expect(inGamut([50, -80, 60])).toBe(false)
    expect(inGamut(toLab('#2f6a45'))).toBe(true)
    expect(Math.max(...labToLinear([100, 0, 0]))).toBeCloseTo(1, 3)
  })
})

describe('haze', () => {
  test('Koschmieder 1924: β = 3.912 / V, so at the visual range 2 % of the contrast is left', () => {
    expect(1 - koschmiederShare(20_000, 20)).toBeCloseTo(0.02, 4)
    // A fiftieth of the contrast is left at the range of sight (β = 3.912 / V), its fourth root at a quarter of it:
    // √√0.02 = √0.141421 = 0.376060.
    expect(koschmiederShare(5_000, 20)).toBeCloseTo(0.62394, 4)
    expect(koschmiederShare(0)).toBe(0)
    expect(() => koschmiederShare(10, 0)).toThrow(/visual range is 0 km/)
  })
  test('at the bench almost nothing: 0.7 m at 1:87 stands for 61 m', () =>
    expect(hazeShare('physical', 87.1, 700)).toBeLessThan(0.013))
  test('common practice: 5 % at 1:48, 10 % at 1:87, 15–20 % at 1:160', () => {
    expect(practiceShare(48)).toBeCloseTo(0.05, 9)
    expect(practiceShare(87)).toBeCloseTo(0.1, 9)
    expect(practiceShare(160)).toBeGreaterThanOrEqual(0.15)
    expect(practiceShare(160)).toBeLessThanOrEqual(0.2)
    expect([practiceShare(1), hazeShare('none', 160, 700)]).toEqual([0, 0])
    expect(practiceShare(900)).toBe(0.2)
    expect(hazed('#123456', 1)).toBe(SKY)
  })
})

describe('Hopkins’ bioclimatic law (1918)', () => {
  test('4 days a degree of latitude, 4 days per 400 ft', () => {
    const { latitudeDeg, altitudeM } = REFERENCE_PLACE
    expect(hopkinsDays({ latitudeDeg: latitudeDeg + 1, altitudeM })).toBeCloseTo(4, 12)
    expect(hopkinsDays({ latitudeDeg, altitudeM: altitudeM + 400 * 0.3048 })).toBeCloseTo(4, 12)
    expect(hopkinsDays({ latitudeDeg: -53, altitudeM })).toBeCloseTo(12, 12)
    expect(localDay(120, { latitudeDeg: latitudeDeg + 2, altitudeM, seasonLaw: 'hopkins' })).toBeCloseTo(
      128,
      6,
    )
  })
})

describe('forms against well-known ranges of free-grown plants (field guides and forestry tables; ranges from memory)', () => {
  // Height, m, and crown width, m, that a mature plant in the open is usually given.
  test.each([
    ['beech', [20, 30], [12, 22]],
    ['pedunculate-oak', [18, 25], [14, 24]],
    ['silver-birch', [15, 22], [6, 10]],
    ['norway-spruce', [20, 35], [6, 10]],
    ['scots-pine', [15, 25], [5, 10]],
    ['lombardy-poplar', [20, 30], [2.5, 5]],
    ['hawthorn', [4, 9], [4, 8]],
    ['hazel', [3, 6], [3, 6]],
    ['olive', [4, 8], [4, 8]],
    ['italian-cypress', [12, 20], [1.5, 3]],
    ['umbrella-pine', [12, 20], [9, 17]],
    ['ash', [18, 28], [10, 18]],
    ['rowan', [8, 14], [4, 8]],
    ['common-reed', [1.8, 3.2], [0.2, 1]],
    ['date-palm', [8, 14], [6, 10]],
  ] as const)('%s', (id, [lowest, highest], [narrowest, widest]) => {
    const { heightM, crownWidthM } = formOf(speciesById(id), 'mature')
    expect(heightM).toBeGreaterThanOrEqual(lowest)
    expect(heightM).toBeLessThanOrEqual(highest)
    expect(crownWidthM).toBeGreaterThanOrEqual(narrowest)
    expect(crownWidthM).toBeLessThanOrEqual(widest)
  })
  test('a stem at breast height is 1 to 6 % of the height for trees of one stem', () => {
    for (const id of ['beech', 'ash', 'silver-birch', 'norway-spruce', 'yew'])
      for (const age of ['semi-mature', 'mature', 'veteran'] as Age[]) {
        const { dbhM, heightM } = formOf(speciesById(id), age)
        expect(dbhM / heightM).toBeGreaterThan(0.01)
        expect(dbhM / heightM).toBeLessThan(0.065)
      }
  })
})
