import { converter, differenceCiede2000 } from 'culori'
import { bathFor, pour, soakingMedium } from '../../core/adhesives/dilution'
import { saturationPressureHPa } from '../../core/adhesives/drying'
import { difference76, toLab } from '../../core/colour/lab'
import { dotsOnSheet } from '../../core/grass/dots'
import { fibreDiameterUm, fibreMassPerArea } from '../../core/coverage/fibre'
import { massPerArea } from '../../core/coverage/see-through'
import {
  G_PER_OUNCE,
  ML_PER_US_BUSHEL,
  ML_PER_US_FLUID_OUNCE,
  MM_PER_FOOT,
  MM_PER_INCH,
  parseLength,
  parseRatio,
  seededRandom,
  standardScales,
  toModelMm,
} from '../../core/units'

describe('scale ratios (NMRA S-1.2, NEM 010, British mm-to-the-foot scales)', () => {
  test('the ladder holds the standard ratios', () => {
    const ratios = standardScales.map((scale) => scale.ratio)
    for (const ratio of [220, 160, 148, 120, 101.6, 87.1, 76.2, 64, 48, 45, 43.5, 32, 22.5, 56, 72, 35])
      expect(ratios).toContain(ratio)
  })

  test.each([
    ['3.5mm/ft', 87.08],
    ['4mm/ft', 76.2],
    ['7mm/ft', 43.54],
  ])('%s is 1:%d', (text, ratio) => {
    const reading = parseRatio(text)
    if (reading.kind === 'none') throw new Error(reading.because)
    expect(Math.abs(reading.value - ratio)).toBeLessThan(0.0075)
  })
})

describe('unit conversion (NIST SP 811; NIST Handbook 44, Appendix C)', () => {
  test('inch, foot, bushel, fluid ounce and ounce', () => {
    expect(MM_PER_INCH).toBe(25.4)
    expect(MM_PER_FOOT).toBe(304.8)
    expect(ML_PER_US_BUSHEL / 1000).toBeCloseTo(35.23907, 5)
    expect(ML_PER_US_FLUID_OUNCE).toBeCloseTo(29.5735, 4)
    expect(G_PER_OUNCE).toBeCloseTo(28.349523, 6)
  })

  test('a quarter-bushel box of sprigs is 8.8 L (common practice)', () =>
    expect(ML_PER_US_BUSHEL / 4000).toBeCloseTo(8.8, 1))
})

test('a 60 ft pine at 1:48 is 15.0 in (arithmetic, common practice)', () => {
  const reading = parseLength('60ft')
  if (reading.kind === 'none') throw new Error(reading.because)
  expect(toModelMm(reading.value, 48) / MM_PER_INCH).toBeCloseTo(15, 9)
})

test('twelve 6 m hawthorns at 1:76.2 stand 79 mm', () => expect(Math.round(toModelMm(6000, 76.2))).toBe(79))

describe('the see-through law (Beer–Lambert: Monsi & Saeki 1953, Nilson 1971) against a Monte Carlo drop of discs', () => {
  /** Drops discs on a torus until their mass per area is reached, and counts the open points of a grid. */
  function dropped(seeThrough: number, grainMm: number, seed: number): number {
    const random = seededRandom(seed)
    const side = 40
    const density = 0.1
    const grainMassG = (Math.PI / 6) * (grainMm / 10) ** 3 * density
    const count = Math.round((massPerArea(seeThrough, grainMm, density) * (side / 10) ** 2) / grainMassG)
    const cells = 400
    const open = new Uint8Array(cells * cells).fill(1)
    const r = (grainMm / 2 / side) * cells
    for (let i = 0; i < count; i += 1) {
      const cx = random() * cells
      const cy = random() * cells
      for (let y = Math.ceil(cy - r); y <= cy + r; y += 1)
        for (let x = Math.ceil(cx - r); x <= cx + r; x += 1) {
          if ((x - cx) ** 2 + (y - cy) ** 2 < r * r)
            open[((y + cells) % cells) * cells + ((x + cells) % cells)] = 0
        }
    }
    return open.reduce((a, b) => a + b, 0) / open.length
  }

  test.each([
    [0.1, 1],
    [0.2, 0.8],
    [0.35, 1.5],
    [0.6, 1],
  ])('a see-through of %d with grains of %d mm comes out', (g, grain) => {
    const runs = [1, 2, 3, 4, 5, 6].map((seed) => dropped(g, grain, seed))
    const mean = runs.reduce((a, b) => a + b, 0) / runs.length
    expect(Math.abs(mean - g)).toBeLessThan(0.015)
  })
})

describe('dilution volumes (common practice: matte medium 1 : 5, fifty sprigs in one drying load)', () => {
  test('a litre of 1 : 5 is 167 ml of medium and 833 ml of water', () => {
    const { concentrateMl, waterMl } = pour(1000, soakingMedium)
    expect([Math.round(concentrateMl), Math.round(waterMl)]).toEqual([167, 833])
  })

  test('fifty sprigs that carry 4 ml each, with 400 ml left standing, want 100 ml of medium and 500 ml of water', () => {
    const bath = bathFor(50, 4, 400, soakingMedium)
    expect([bath.concentrateMl, bath.waterMl, bath.takenMl, bath.leftMl]).toEqual([100, 500, 200, 400])
  })
})

describe('fibre (ISO 1144 tex system)', () => {
  test('200 fibres per cm² of 4 mm and 22 dtex weigh 17.6 g/m²', () =>
    expect(fibreMassPerArea(200, 4, 22) * 1e4).toBeCloseTo(17.6, 9))
  test('22 dtex nylon is about 49.6 µm thick', () =>
    expect(Math.abs(fibreDiameterUm(22, 1.14) - 49.6)).toBeLessThan(0.1))
})

describe('dots on a sheet (hexagonal bound π/√12 = 0.9069; Oler 1961 for a finite sheet)', () => {
  test.each([
    [180, 260, 5, 4],
    [100, 100, 8, 2],
    [210, 297, 3, 1.5],
    [60, 40, 10, 0],
    [33, 61, 7, 3],
  ])('on %d × %d mm with dots of %d mm and gaps of %d mm', (w, h, d, gap) => {
    const count = dotsOnSheet(w, h, d, gap)
    const pitch = d + gap
    const [x, y] = [w - d, h - d]
    const oler = ((2 / Math.sqrt(3)) * (x * y)) / pitch ** 2 + (x + y) / pitch + 1
    expect(count).toBeLessThanOrEqual(oler + 1e-9)
    expect(count).toBeGreaterThan(0.8 * oler)
    expect((count * Math.PI * pitch ** 2) / 4 / ((w + gap) * (h + gap))).toBeLessThanOrEqual(0.9069)
  })
})

test('saturation vapour pressure at 20 °C is 23.4 hPa to a tenth, at 0 °C 6.11 hPa (Magnus formula, WMO No. 8)', () => {
  expect(Math.abs(saturationPressureHPa(20) - 23.4)).toBeLessThan(0.1)
  expect(saturationPressureHPa(0)).toBeCloseTo(6.112, 3)
})

describe('CIELAB and ΔE*ab (CIE 15, IEC 61966-2-1) against a second library', () => {
  const lab = converter('lab65')
  test.each([
    '#ffffff',
    '#000000',
    '#4f7233',
    '#c9a233',
    '#123456',
    '#fedcba',
    '#ff0000',
    '#00ff00',
    '#0000ff',
  ])('%s', (hex) => {
    const theirs = lab(hex)
    const [l, a, b] = toLab(hex)
    expect(l).toBeCloseTo(theirs?.l ?? NaN, 1)
    expect(a).toBeCloseTo(theirs?.a ?? NaN, 1)
    expect(b).toBeCloseTo(theirs?.b ?? NaN, 1)
  })
  test('a difference of nothing is nothing, and greater differences are greater in the modern formula too', () => {
    const modern = differenceCiede2000()
    expect(difference76('#4f7233', '#4f7233')).toBe(0)
    expect(difference76('#4f7233', '#577a36') < difference76('#4f7233', '#a97a2c')).toBe(
      modern('#4f7233', '#577a36') < modern('#4f7233', '#a97a2c'),
    )
  })
})
