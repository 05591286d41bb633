import { fibreDiameterUm } from '../../core/coverage'
import {
  coverFromAbove,
  dotVolumeMl,
  fibreField,
  FIELD_STRIDE,
  standingG,
  type StandingFibre,
} from '../../core/grass'
import { seededRandom } from '../../core/units'

const reach = { 'all over': 1, 'mid-patch': 0.4, 'tips only': 0.2 }

describe('grass against the outside world', () => {
  test('ISO 1144: 200 fibres on a cm², 4 mm, 22 dtex: 17.6 g/m²; 22 dtex of nylon is about 49.6 µm', () => {
    const fibre: StandingFibre = { lengthMm: 4, dtex: 22, colour: '#000000', perCm2: 200, glue: 'all over' }
    expect(standingG(fibre, 10_000)).toBeCloseTo(17.6, 9)
    expect(fibreDiameterUm(22, 1.14)).toBeCloseTo(49.6, 0)
  })

  test('a spherical cap against its solid summed in slices', () => {
    const [diameter, height] = [6, 1.4]
    const radius = ((diameter / 2) ** 2 + height ** 2) / (2 * height)
    let volume = 0
    const slices = 20_000
    for (let i = 0; i < slices; i += 1) {
      const h = radius - height + ((i + 0.5) / slices) * height
      volume += Math.PI * (radius ** 2 - h ** 2) * (height / slices)
    }
    expect(dotVolumeMl(diameter, height)).toBeCloseTo(volume / 1000, 6)
  })

  /** Points thrown on the ground, each looked at for a fibre over it: no law is used. */
  test.each([
    ['a thin lawn', [{ lengthMm: 2, dtex: 22, perCm2: 200 }]],
    ['a thick one', [{ lengthMm: 4, dtex: 22, perCm2: 900 }]],
    [
      'a mixed stand',
      [
        { lengthMm: 2, dtex: 17, perCm2: 300 },
        { lengthMm: 6, dtex: 22, perCm2: 120 },
        { lengthMm: 12, dtex: 22, perCm2: 20 },
      ],
    ],
  ])('Boolean cover of %s against fibres dropped by chance', (_, kinds) => {
    const lean = { meanDeg: 28, combDeg: 10 }
    const fibres = kinds.map((kind): StandingFibre => ({ ...kind, colour: '#000000', glue: 'all over' }))
    const [side, margin, throws] = [26, 6, 2000]
    const { at, count } = fibreField(fibres, { widthMm: side, depthMm: side, reach, lean, seed: 11 })
    const random = seededRandom(5)
    const isHidden = (x: number, y: number): boolean => {
      for (let o = 0; o < count * FIELD_STRIDE; o += FIELD_STRIDE) {
        const x0 = at[o]!
        const y0 = at[o + 1]!
        const dx = at[o + 2]! - x0
        const dy = at[o + 3]! - y0
        const t = ((x - x0) * dx + (y - y0) * dy) / (dx * dx + dy * dy)
        if (t >= 0 && t <= 1 && Math.hypot(x - x0 - dx * t, y - y0 - dy * t) <= at[o + 5]! / 2) return true
      }
      return false
    }
    const inside = (): number => margin + random() * (side - 2 * margin)
    let hidden = 0
    for (let n = 0; n < throws; n += 1) if (isHidden(inside(), inside())) hidden += 1
    // Three standard errors of the throw are 0.027.
    expect(Math.abs(hidden / throws - coverFromAbove(fibres, reach, lean))).toBeLessThan(0.04)
  })
})
