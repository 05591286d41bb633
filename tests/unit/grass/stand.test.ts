import {
  colourFromAbove,
  coverFromAbove,
  fibreField,
  FIELD_STRIDE,
  paintFromAbove,
  paintSection,
  sealed,
  seenHeight,
  standingG,
  type StandingFibre,
} from '../../../core/grass'
import { toLab } from '../../../core/colour'

const reach = { 'all over': 1, 'mid-patch': 0.5, 'tips only': 0.3 }
const lean = { meanDeg: 25, combDeg: 8 }
const fibre = (over: Partial<StandingFibre> = {}): StandingFibre => ({
  lengthMm: 4,
  dtex: 22,
  colour: '#557733',
  perCm2: 100,
  glue: 'all over',
  ...over,
})
const meadow = [
  fibre({ lengthMm: 2, perCm2: 200, colour: '#334422' }),
  fibre({ lengthMm: 6, perCm2: 30, glue: 'mid-patch', colour: '#bba66a' }),
  fibre({ lengthMm: 12, perCm2: 4, glue: 'tips only', colour: '#bba66a' }),
]

describe('a stand of fibre', () => {
  test('200 to a cm² of 4 mm and 22 dtex weigh 17.6 g on a square metre', () =>
    expect(standingG(fibre({ perCm2: 200 }), 10_000)).toBeCloseTo(17.6, 9))

  test('nothing hides nothing; more hides more, and what is gathered in the middle hides less of the whole', () => {
    expect(coverFromAbove([], reach, lean)).toBe(0)
    const even = coverFromAbove([fibre({ perCm2: 300 })], reach, lean)
    const middle = coverFromAbove([fibre({ perCm2: 300, glue: 'mid-patch' })], reach, lean)
    expect(even).toBeGreaterThan(coverFromAbove([fibre()], reach, lean))
    expect(middle).toBeLessThan(even)
    expect(middle).toBeLessThanOrEqual(0.5)
  })

  test('upright fibres are seen at their length, nine tenths of what shows below it', () => {
    const upright = { meanDeg: 0, combDeg: 0 }
    expect(seenHeight([fibre()], upright)).toBeCloseTo(4, 9)
    expect(seenHeight(meadow, upright)).toBe(6)
    expect(seenHeight(meadow, lean)).toBeLessThan(6)
  })

  test('from above it lies between its fibres and its soil; sealed it is darker and no greyer', () => {
    const soil = '#6b5a42'
    const bare = colourFromAbove([fibre({ perCm2: 0.05 })], soil, reach, lean)
    expect(toLab(bare)[0]).toBeCloseTo(toLab(soil)[0], 0)
    const dense = colourFromAbove([fibre({ perCm2: 2000 })], soil, reach, lean)
    expect(toLab(dense)[1]).toBeLessThan(toLab(soil)[1] - 8)
    const [lightness, a, b] = toLab('#557733')
    const [after, a2, b2] = toLab(sealed('#557733'))
    expect(after / lightness).toBeCloseTo(0.92, 2)
    expect(Math.hypot(a2, b2) / Math.hypot(a, b)).toBeCloseTo(1.06, 2)
  })
})

describe('its picture', () => {
  const strip = { widthMm: 60, depthMm: 20, reach, lean, seed: 4 }

  test('as many fibres as stand there, no tip above its length, comb to the right', () => {
    const field = fibreField(meadow, strip)
    expect(field.count).toBe(Math.round(12 * 200) + Math.round(12 * 30) + Math.round(12 * 4))
    let right = 0
    for (let i = 0; i < field.count; i += 1) {
      const o = i * FIELD_STRIDE
      right += field.at[o + 2]! - field.at[o]!
      expect(field.at[o + 4]!).toBeLessThanOrEqual(meadow[field.kind[i]!]!.lengthMm * 1.061)
    }
    expect(right).toBeGreaterThan(0)
    expect(fibreField(meadow, strip)).toEqual(field)
  })

  test('a section is dense at the ground and sparse at the top', () => {
    const field = fibreField(meadow, strip)
    const { data, width, height } = paintSection(
      { field, colours: meadow.map(({ colour }) => colour), pixelsPerMm: 8, width: 480, height: 120 },
      20,
    )
    const filled = (row: number): number => {
      let count = 0
      for (let x = 0; x < width; x += 1) if (data[(row * width + x) * 4 + 3]! > 100) count += 1
      return count / width
    }
    expect(filled(height - 6)).toBeGreaterThan(0.9)
    expect(filled(height - 60)).toBeLessThan(filled(height - 20))
    expect(filled(5)).toBeLessThan(0.05)
  })

  test('from above the soil that stays seen is what the law foretells', () => {
    const soil = '#ff0000'
    const flat = { meanDeg: 25, combDeg: 0 }
    const stand = [fibre({ perCm2: 400, lengthMm: 5, dtex: 60 })]
    const field = fibreField(stand, { widthMm: 80, depthMm: 80, reach, lean: flat, seed: 2 })
    const { data } = paintFromAbove(
      { field, colours: ['#00ff00'], pixelsPerMm: 24, width: 1920, height: 1920 },
      soil,
    )
    let open = 0
    for (let i = 0; i < data.length; i += 4) if (data[i]! > 200) open += 1
    expect(1 - open / (1920 * 1920)).toBeCloseTo(coverFromAbove(stand, reach, flat), 1)
  })
})
