import { difference2000, encodeChannel, fromHex, toLab } from '../../core/colour'
import { cards, measureColour, type CardOrder, type PixelPatch, type Picture } from '../../core/inspection'
import { normal, seededRandom } from '../../core/units'

const WIDTH = 120
const HEIGHT = 80
const CARD: PixelPatch = { x: 5, y: 5, width: 30, height: 30 }
const SECOND: PixelPatch = { x: 5, y: 45, width: 30, height: 30 }
const SAMPLE: PixelPatch = { x: 55, y: 15, width: 50, height: 50 }

interface Scene {
  readonly sample: string
  readonly cast?: readonly [number, number, number]
  readonly exposure?: number
  /** Power of the camera's own curve on top of sRGB. */
  readonly gamma?: number
  readonly noise?: number
  /** Light at the right edge, of that at the left. */
  readonly falloff?: number
  readonly glare?: number
  readonly card?: keyof typeof cards
}

/** A picture rendered from known colours: light × cast × exposure, the camera's curve, bytes with noise. */
function picture({
  sample,
  cast = [1, 1, 1],
  exposure = 0.8,
  gamma = 1,
  noise = 1,
  falloff = 1,
  glare = 0,
  card = 'grey',
}: Scene): Picture {
  const random = seededRandom(11)
  const data = new Uint8ClampedArray(WIDTH * HEIGHT * 4)
  const within = ({ x, y, width, height }: PixelPatch, column: number, row: number): boolean =>
    column >= x && column < x + width && row >= y && row < y + height
  const other = card === 'grey' ? 'white' : 'grey'
  for (let row = 0; row < HEIGHT; row += 1)
    for (let column = 0; column < WIDTH; column += 1) {
      const light = 1 + (falloff - 1) * (column / WIDTH)
      const shines = within(SAMPLE, column, row) && random() < glare
      for (let channel = 0; channel < 3; channel += 1) {
        const reflects = within(CARD, column, row)
          ? cards[card].reflects
          : within(SECOND, column, row)
            ? cards[other].reflects
            : within(SAMPLE, column, row)
              ? (fromHex(sample)[channel] ?? 0)
              : 0.3
        const linear = (shines ? 0.9 : reflects) * (cast[channel] ?? 1) * exposure * light
        const byte = encodeChannel(linear ** gamma) * 255 + noise * normal(random)
        data[(row * WIDTH + column) * 4 + channel] = Math.round(byte)
      }
      data[(row * WIDTH + column) * 4 + 3] = 255
    }
  return { width: WIDTH, height: HEIGHT, data }
}

const order = (scene: Scene, both = false): CardOrder => ({
  picture: picture(scene),
  card: { card: scene.card ?? 'grey', patch: CARD },
  ...(both ? { second: { card: scene.card === 'white' ? 'grey' : 'white', patch: SECOND } } : {}),
  sample: SAMPLE,
})
const offOf = (scene: Scene, both = false): number => {
  const read = measureColour(order(scene, both))
  if (read.kind === 'none') throw new Error(read.because)
  return difference2000(read.value.lab, toLab(scene.sample))
}
const refusal = (scene: Scene): string => {
  const read = measureColour(order(scene))
  return read.kind === 'none' ? read.because : 'measured'
}

const foliage = [
  '#3a5330',
  '#86a045',
  '#c39a35',
  '#9c5a2c',
  '#b7a36a',
  '#2e4b38',
  '#7a7065',
  '#d8bd68',
  '#4c5f36',
  '#8f8b84',
]

describe('rendered pictures of ten colours', () => {
  test.each([
    ['daylight', {}],
    ['a warm lamp', { cast: [1.15, 1, 0.62] }],
    ['blue shade', { cast: [0.82, 1, 1.18] }],
    ['green tube light', { cast: [0.9, 1.1, 0.85] }],
    ['a dim room', { exposure: 0.35 }],
    ['much noise', { noise: 6 }],
    ['a white card', { card: 'white', exposure: 0.7 }],
  ] as const)('under %s every one is within ΔE₀₀ 2', (_name, scene) => {
    for (const sample of foliage) expect(offOf({ sample, ...scene })).toBeLessThan(2)
  })

  test.each([0.8, 1.2, 1.35])(
    'a camera with a curve of its own (power %s) is set right by both cards',
    (gamma) => {
      for (const sample of foliage)
        expect(offOf({ sample, gamma, cast: [1.1, 1, 0.8] }, true)).toBeLessThan(2)
      // One card alone can't tell: this is why the second is asked for.
      expect(Math.max(...foliage.map((sample) => offOf({ sample, gamma })))).toBeGreaterThan(2)
    },
  )
})

test('what can’t be measured is refused with what to do', () => {
  expect(refusal({ sample: '#86a045', exposure: 1.3, card: 'white' })).toContain('Card: a channel is clipped')
  expect(refusal({ sample: '#f4f5f6', exposure: 1.2 })).toContain('Sample: a channel is clipped')
  expect(refusal({ sample: '#3a5330', glare: 0.06 })).toContain('Sample: it glares')
  expect(refusal({ sample: '#3a5330', exposure: 0.1 })).toContain('Card: it lies in the dark')
  const small = measureColour({
    ...order({ sample: '#3a5330' }),
    sample: { x: 0, y: 0, width: 5, height: 5 },
  })
  expect(small).toMatchObject({
    kind: 'none',
    because: expect.stringContaining('Sample: 25 pixels') as string,
  })
  const outside = measureColour({
    ...order({ sample: '#3a5330' }),
    sample: { x: 900, y: 0, width: 50, height: 50 },
  })
  expect(outside).toMatchObject({ because: expect.stringContaining('Sample: 0 pixels') as string })
  const twice = { card: 'grey', patch: SECOND } as const
  expect(measureColour({ ...order({ sample: '#3a5330' }), second: twice })).toMatchObject({ kind: 'none' })
})

test('cards that don’t fit one another are told: both patches on the grey one', () => {
  const read = measureColour({
    ...order({ sample: '#3a5330' }),
    second: { card: 'white', patch: { ...CARD, x: 6 } },
  })
  expect(read).toMatchObject({
    kind: 'none',
    because: expect.stringContaining('don’t fit one another') as string,
  })
})

test('uneven light, a strong cast and a rough sample are warned of', () => {
  const warnings = (scene: Scene): string => {
    const read = measureColour(order(scene))
    return read.kind === 'ok' ? read.value.warnings.join(' ') : read.because
  }
  expect(warnings({ sample: '#86a045', falloff: 0.5 })).toContain('Uneven light')
  expect(warnings({ sample: '#86a045', cast: [1.2, 1, 0.5] })).toContain('strong cast')
  expect(warnings({ sample: '#86a045' })).toBe('')
})
